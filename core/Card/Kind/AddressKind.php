<?php

namespace InkyCard\Card\Kind;

use InkyCard\Brand\InkRole;
use InkyCard\Card\Card;
use InkyCard\Card\Content;
use InkyCard\Card\Piece;
use InkyCard\Link\WebAddress;
use InkyCard\Type\CleanText;

final class AddressKind extends AbstractContactKind
{
    /** An open map that takes a search in its address. */
    private const MAP = 'https://www.openstreetmap.org/search?query=';

    public function __construct()
    {
        parent::__construct(
            'address', 'Address', 'geo-alt',
            'Where to find you; a press opens a map. Its own link keeps mail clients from making one.',
        );
    }

    public function fields(): array
    {
        return [
            new Field('text', 'Address', example: '4 Mallow Lane, Eddersby'),
            new Field('map', 'Map link', 'url', 'Left empty, a map is searched for the address.'),
        ];
    }

    public function accept(array $fields, string $country): array
    {
        return [
            'text' => self::optional($fields, 'text', fn ($raw) => CleanText::of($raw, 240, 'address')),
            'map' => self::optional($fields, 'map', fn ($raw) => WebAddress::parse($raw, 'map link')->address),
        ];
    }

    public function content(Piece $piece, Card $card): array
    {
        $text = $piece->text('text');

        return $text === '' ? [] : [new Content\LineBlock([$piece->run(
            $card, $text, InkRole::Body, $card->style->sizes['text'],
            href: $piece->text('map') ?: self::MAP.rawurlencode($text),
            plain: $text,
        )], $this->symbol($card, 'geo-alt-fill'))];
    }
}
