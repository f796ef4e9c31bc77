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
                'Scripts, forms, classes and positions are taken out; the proof names what was.',
                '<b>Open garden day</b> on 22 May',
            ),
        ];
    }

    /** `dropped` lists what was taken out; kept while the markup stays as it is. */
    public function accept(array $fields, string $country): array
    {
        $given = $fields['html'] ?? '';
        if ($given === '') {
            return ['html' => '', 'dropped' => []];
        }
        $own = Refusal::at('/html', fn () => OwnMarkup::clean($given));
        $before = $fields['dropped'] ?? [];
        if (! is_array($before) || $before !== array_filter($before, is_string(...))) {
            throw Refusal::because('What was dropped is a list of names.', '/dropped');
        }

        return ['html' => $own->html, 'dropped' => $own->html === $given ? array_values($before) : $own->dropped];
    }

    public function content(Filled $piece, CardContext $card): array
    {
        $html = $piece->text('html');
        $ink = $card->style->ink(InkRole::Link);

        return $html === '' ? [] : [new Content\HtmlBlock(OwnMarkup::coloured($html, $ink), OwnMarkup::words($html))];
    }

    public function summary(Filled $piece): string
    {
        $html = $piece->text('html');

        return mb_strimwidth(OwnMarkup::words($html), 0, 80, '…') ?: ($html === '' ? '' : 'markup');
    }
}
