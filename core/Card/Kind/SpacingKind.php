<?php

namespace InkyCard\Card\Kind;

use InkyCard\Card\Content;
use InkyCard\Limits;

final class SpacingKind extends AbstractKind
{
    /** CSS px. */
    private const DEFAULT = 8;

    public function __construct()
    {
        parent::__construct('gap', 'Spacing', 'distribute-vertical', 'Room between two parts, finer than an empty '
            .'line.');
    }

    public function tunes(): array
    {
        return [];
    }

    public function fields(): array
    {
        return [new Field('height', 'Height', 'pixels', sprintf('%d to %d px.', ...Limits::SPACING_PIECE))];
    }

    public function accept(array $fields, string $country): array
    {
        return ['height' => self::pixels($fields, 'height', Limits::SPACING_PIECE, self::DEFAULT)];
    }

    public function content(Filled $piece, CardContext $card): array
    {
        return [new Content\SpaceBlock((int) $piece->text('height'))];
    }

    public function mainField(): string
    {
        return 'height';
    }

    public function summary(Filled $piece): string
    {
        return $piece->text('height').' px';
    }
}
