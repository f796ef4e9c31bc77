<?php

namespace InkyCard\Card\Kind;

use InkyCard\Card\Content;
use InkyCard\Limits;

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
        return [new Field('thickness', 'Thickness', 'pixels', sprintf('%d to %d px.', ...Limits::RULE_PIECE))];
    }

    public function accept(array $fields, string $country): array
    {
        return ['thickness' => self::pixels($fields, 'thickness', Limits::RULE_PIECE, 1)];
    }

    public function content(Filled $piece, CardContext $card): array
    {
        $ink = $card->style->inkOf($piece->tuning(), $card->style->rule->ink);

        return [new Content\RuleBlock($ink, (int) $piece->text('thickness'))];
    }

    public function mainField(): string
    {
        return 'thickness';
    }

    public function summary(Filled $piece): string
    {
        return $piece->text('thickness').' px';
    }
}
