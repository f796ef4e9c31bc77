<?php

namespace InkyCard\Card\Kind;

use InkyCard\Brand\InkRole;
use InkyCard\Card\Card;
use InkyCard\Card\Content;
use InkyCard\Card\Piece;
use InkyCard\Markup\OwnMarkup;
use InkyCard\Refusal;

final class OwnHtmlKind extends AbstractKind
{
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

    public function content(Piece $piece, Card $card): array
    {
        return $piece->text('html') === ''
            ? []
            : [
                new Content\HtmlBlock(
                    OwnMarkup::coloured($piece->text('html'), $card->style->ink(InkRole::Link)),
                    OwnMarkup::words($piece->text('html')),
                ),
            ];
    }

    public function summary(Piece $piece): string
    {
        return mb_strimwidth(OwnMarkup::words($piece->text('html')), 0, 80, '…')
            ?: ($piece->text('html') === ''
                ? ''
                : 'markup');
    }
}
