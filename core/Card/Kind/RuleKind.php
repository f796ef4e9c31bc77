<?php

namespace InkyCard\Card\Kind;

use InkyCard\Card\Card;
use InkyCard\Card\Content;
use InkyCard\Card\Piece;
use InkyCard\Card\Style\Number;

final class RuleKind extends AbstractKind
{
    public function __construct()
    {
        parent::__construct('rule', 'Rule', 'dash-lg', 'A line across, between two parts.');
    }

    public function tunes(): array
    {
        return ['ink', 'gap'];
    }

    public function fields(): array
    {
        return [new Field('thickness', 'Thickness', 'pixels', '1 to 8 px.')];
    }

    public function accept(array $fields, string $country): array
    {
        return [
            'thickness' => (int) round(
                Number::within(
                    ($fields['thickness'] ?? '') === '' ? null : $fields['thickness'], [1, 8], 'thickness',
                    '/thickness',
                ) ?? 1,
            ),
        ];
    }

    public function content(Piece $piece, Card $card): array
    {
        return [
            new Content\RuleBlock(
                $card->style->ink($piece->tuning->ink ?? $card->style->ruleInk),
                (int) $piece->text('thickness'),
            ),
        ];
    }

    public function summary(Piece $piece): string
    {
        return $piece->text('thickness').' px';
    }
}
