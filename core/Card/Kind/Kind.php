<?php

namespace InkyCard\Card\Kind;

use InkyCard\Card\Card;
use InkyCard\Card\Content\Block;
use InkyCard\Card\Piece;
use InkyCard\Refusal;

/** A kind of piece: what it asks for, what it accepts, what it puts on the card. */
interface Kind
{
    /** Its name in the card document. */
    public function key(): string;

    public function label(): string;

    /** What it is for, in one sentence. */
    public function purpose(): string;

    /** Name of its pictogram in the open icon set. */
    public function icon(): string;

    /** Where it goes unless placed elsewhere. */
    public function zone(): Zone;

    /** Whether it says how to reach somebody, not who they are: arrangements may part the two. */
    public function isContact(): bool;

    /** @return list<Field> */
    public function fields(): array;

    /**
     * @return array{string, int, int}|null the field its size is dragged by (`button`: the room in it, which the style
     *     has), smallest and largest in CSS px; null when it has none
     */
    public function resizes(): ?array;

    /**
     * @return list<'ink'|'size'|'bold'|'italic'|'underline'|'align'|'gap'|'joined'> what of its look can be set for one
     *     piece alone
     */
    public function tunes(): array;

    /**
     * Checks and puts in canonical form the fields it knows; leaves others out.
     *
     * @param  array<array-key, mixed>  $fields
     * @param  string  $country  ISO 3166-1 alpha-2, for numbers without a country
     * @return array<string, mixed>
     *
     * @throws Refusal with the path `/<field>`
     */
    public function accept(array $fields, string $country): array;

    /**
     * @return list<Block> empty when there is nothing to show: the line is left out
     */
    public function content(Piece $piece, Card $card): array;

    /** Its value in a few words, for a list of pieces; empty when nothing is filled in. */
    public function summary(Piece $piece): string;
}
