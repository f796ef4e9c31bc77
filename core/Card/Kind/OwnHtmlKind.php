<?php

namespace InkyCard\Card\Kind;

use InkyCard\Brand\InkRole;
use InkyCard\Card\Content;
use InkyCard\Markup\OwnMarkup;
use InkyCard\Refusal;

final class OwnHtmlKind extends AbstractKind
{
    protected const CAN = [Capability::OwnMarkup];

    public function __construct()
    {
        parent::__construct(
            'html', 'Own HTML', 'code-slash', 'Markup of your own, kept to what mail clients take.', Zone::After,
        );
    }

    public function tunes(): array
    {
        return ['gap'];
    }

    public function fields(): array
    {
        return [
            new Field(
                'html', 'HTML', 'paragraphs',
                'Scripts, classes and positions are taken out; words always stay. What was changed is said below it.',
                '<b>Open garden day</b> on 22 May',
            ),
        ];
    }

    /**
     * `given` is the markup as it was typed where it had to be changed, `dropped` what was taken out of it and
     * `rewritten` which tags became which; kept while the markup stays what became of it.
     */
    public function accept(array $fields, string $country): array
    {
        $given = $fields['html'] ?? '';
        if ($given === '') {
            return ['html' => '', 'dropped' => [], 'rewritten' => [], 'given' => ''];
        }
        $own = Refusal::at('/html', fn () => OwnMarkup::clean($given));
        $before = self::words($fields);
        $became = fn (): string => Refusal::at('/given', fn () => OwnMarkup::clean($before['given']))->html;
        if ($own->html === $given && ($before['given'] === '' || $became() === $given)) {
            return ['html' => $given] + $before;
        }
        $rewritten = array_map(
            fn (string $was, string $is) => $is === '' ? "$was → its words alone" : "$was → $is",
            array_keys($own->rewritten), $own->rewritten,
        );
        $same = $own->dropped === [] && $rewritten === [];

        return [
            'html' => $own->html, 'dropped' => $own->dropped, 'rewritten' => $rewritten, 'given' => $same ? '' : $given,
        ];
    }

    /**
     * @param  array<array-key, mixed>  $fields
     * @return array{dropped: list<string>, rewritten: list<string>, given: string}
     *
     * @throws Refusal
     */
    private static function words(array $fields): array
    {
        $lists = [];
        foreach (['dropped', 'rewritten'] as $name) {
            $list = $fields[$name] ?? [];
            if (! is_array($list) || $list !== array_filter($list, is_string(...))) {
                throw Refusal::because('What was changed is a list of names.', "/$name");
            }
            $lists[$name] = array_values($list);
        }
        $given = $fields['given'] ?? '';

        return ['dropped' => $lists['dropped'], 'rewritten' => $lists['rewritten'],
            'given' => is_string($given) ? $given : throw Refusal::because('It is text.', '/given')];
    }

    public function content(Filled $piece, CardContext $card): array
    {
        $html = $piece->text('html');
        $ink = $card->style->ink(InkRole::Link);

        return $html === '' ? [] : [new Content\HtmlBlock(OwnMarkup::coloured($html, $ink), OwnMarkup::words($html))];
    }

    public function mainField(): string
    {
        return 'html';
    }

    public function summary(Filled $piece): string
    {
        $html = $piece->text('html');

        return mb_strimwidth(OwnMarkup::words($html), 0, 80, '…') ?: ($html === '' ? '' : 'markup');
    }
}
