<?php

namespace InkyCard\Card\Kind;

use InkyCard\Card\Card;
use InkyCard\Card\Content;
use InkyCard\Card\Piece;
use InkyCard\Card\Style\Number;

final class SpacingKind extends AbstractKind
{
    public function __construct()
    {
        parent::__construct('gap', 'Gap', 'distribute-vertical', 'Room between two parts, finer than an empty line.');
    }

    public function tunes(): array
    {
        return [];
    }

    public function fields(): array
    {
        return [new Field('height', 'Height', 'pixels', '1 to 48 px.')];
    }

    public function accept(array $fields, string $country): array
    {
        return [
            'height' => (int) round(
                Number::within(
                    ($fields['height'] ?? '') === '' ? null : $fields['height'], [1, 48], 'height', '/height',
                ) ?? 8,
            ),
        ];
    }

    public function content(Piece $piece, Card $card): array
    {
        return [new Content\SpaceBlock((int) $piece->text('height'))];
    }

    public function summary(Piece $piece): string
    {
        return $piece->text('height').' px';
    }
}
