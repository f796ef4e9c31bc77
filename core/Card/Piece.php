<?php

namespace InkyCard\Card;

use InkyCard\Card\Kind\Capability;
use InkyCard\Card\Kind\Filled;
use InkyCard\Card\Kind\Kind;
use InkyCard\Card\Kind\Zone;
use InkyCard\Card\Style\Tuning;

/** One element of a card. */
final readonly class Piece implements Filled
{
    /**
     * @param  string  $id  unique on its card
     * @param  array<string, mixed>  $fields  as its kind accepts them, plus keys this version does not know
     * @param  bool  $sample  still holds a starter's made-up value
     * @param  FilledBy  $filledBy  matters on a card shared by a team
     * @param  ?string  $joined  separator when it follows the previous piece on the same line; null for a line of its
     *                           own
     * @param  array<string, mixed>  $unknown  keys of the document this version does not know, kept as they came
     */
    public function __construct(
        public string $id,
        public Kind $kind,
        public Zone $zone,
        public array $fields,
        public bool $shown,
        public bool $sample,
        public ?string $joined,
        public FilledBy $filledBy,
        public Tuning $tuning,
        public array $unknown = [],
    ) {
    }

    /**
     * The same piece with some properties changed.
     *
     * @param  array<string, mixed>  $changes  property => value
     */
    public function with(array $changes): self
    {
        return new self(...[...get_object_vars($this), ...$changes]);
    }

    /** A text field's value; empty when absent. */
    public function text(string $field): string
    {
        $value = $this->fields[$field] ?? '';

        return is_string($value) ? $value : (is_scalar($value) ? (string) $value : '');
    }

    public function lines(string $field): array
    {
        $value = $this->fields[$field] ?? [];

        return is_array($value) ? array_values(array_filter($value, is_string(...))) : [];
    }

    public function tuning(): Tuning
    {
        return $this->tuning;
    }

    /** Whether its kind is something to the rest of the application. */
    public function can(Capability $capability): bool
    {
        return $this->kind->can($capability);
    }

    /** What it says, by its kind's main field. */
    public function fact(): string
    {
        return $this->text($this->kind->mainField());
    }

    /** Nothing filled in: the piece leaves no trace on the card. */
    public function isBlank(): bool
    {
        return $this->summary() === '';
    }

    public function summary(): string
    {
        return $this->kind->summary($this);
    }
}
