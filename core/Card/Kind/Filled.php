<?php

namespace InkyCard\Card\Kind;

use InkyCard\Card\Style\Tuning;

/** What is filled in for a kind: its fields as it accepted them, and the look of its own. */
interface Filled
{
    /** A field's value as text; empty when absent. */
    public function text(string $field): string;

    /** @return list<string> a field of several lines; empty when absent */
    public function lines(string $field): array;

    /** @return array<string, string> a field of names and values; empty when absent */
    public function pairs(string $field): array;

    public function tuning(): Tuning;
}
