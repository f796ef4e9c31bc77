<?php

namespace InkyCard\Proof;

/** How much a finding matters. */
enum Severity: string
{
    /** The card should not go out so. */
    case Blocks = 'blocks';

    /** Readers lose something. */
    case Mend = 'mend';

    /** Could be better. */
    case Advice = 'advice';

    /** Points of a hundred its check costs. */
    public function weight(): int
    {
        return ['blocks' => 25, 'mend' => 8, 'advice' => 2][$this->value];
    }

    public function label(): string
    {
        return [
            'blocks' => 'mend before it goes out',
            'mend' => 'readers lose something',
            'advice' => 'could be better',
        ][$this->value];
    }

    public function rank(): int
    {
        return ['blocks' => 0, 'mend' => 1, 'advice' => 2][$this->value];
    }
}
