<?php

namespace InkyCard\Card\Kind;

use InkyCard\Brand\InkRole;
use InkyCard\Card\Content;
use InkyCard\Link\WebAddress;
use InkyCard\Type\CleanText;

final class AddressKind extends AbstractContactKind
{
    protected const CAN = [Capability::Contact, Capability::Reach];

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

    public function content(Filled $piece, CardContext $card): array
    {
        $text = $piece->text('text');

        return $text === '' ? [] : [new Content\LineBlock([self::run(
            $piece, $card, $text, InkRole::Body, $card->style->sizes->text,
            href: $piece->text('map') ?: self::MAP.rawurlencode($text),
            plain: $text,
        )], $this->symbol($card, 'geo-alt-fill'))];
    }

    public function standing(Standing $known): array
    {
        return ['text' => $known->brand->lines->address, 'map' => $known->brand->lines->map];
    }

    public function follow(Filled $piece, Standing $was, Standing $is): array
    {
        [$old, $new] = [$was->brand->lines, $is->brand->lines];
        // A map left to a search of the address follows only together with it.
        $searched = $old->map === '' && $piece->text('map') === '' && $old->address !== ''
            && in_array($piece->text('text'), [$old->address, $new->address], true);

        return parent::follow($piece, $was, $is) + ($searched && $new->map !== '' ? ['map' => $new->map] : []);
    }

    public function contactProperties(Filled $piece): array
    {
        return [new ContactProperty('ADR', ['', '', $piece->text('text'), '', '', '', ''], ['TYPE' => 'work'])];
    }
}
