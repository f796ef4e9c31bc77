<?php

namespace InkyCard\Card;

use InkyCard\Brand\InkRole;
use InkyCard\Card\Content\Block;
use InkyCard\Card\Content\TextRun;
use InkyCard\Card\Kind\Kind;
use InkyCard\Card\Kind\Zone;
use InkyCard\Card\Style\Tuning;

/** One element of a card. */
final readonly class Piece
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

    /** @return list<Block> */
    public function content(Card $card): array
    {
        $blocks = $this->kind->content($this, $card);

        return $card->tags === null ? $blocks : $card->tags->on($blocks, $this, $card);
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

    /** A run of text in the look given, where the piece's own tuning does not say otherwise. */
    public function run(
        Card $card,
        string $text,
        InkRole $ink,
        float $size,
        bool $bold = false,
        ?string $href = null,
        ?string $plain = null,
        bool $underlined = false,
        bool $italic = false,
        bool $guarded = false,
    ): TextRun {
        return new TextRun(
            $text,
            $card->style->ink($this->tuning->ink ?? $ink),
            $this->tuning->size ?? $size,
            $this->tuning->bold ?? $bold,
            $href,
            $plain,
            $this->tuning->underline ?? $underlined,
            $this->tuning->italic ?? $italic,
            $card->style->leading,
            $guarded,
        );
    }
}
