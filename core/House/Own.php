<?php

namespace InkyCard\House;

use InkyCard\Card\Card;
use InkyCard\Card\FilledBy;
use InkyCard\Card\Piece;
use InkyCard\Refusal;

/** What somebody says on their card otherwise than the house card and their profile do. */
final readonly class Own
{
    /**
     * @param  array<string, array<string, mixed>>  $fields  piece id => fields, as its kind accepted them
     * @param  list<string>  $hidden  ids of free pieces they left out
     */
    private function __construct(public array $fields, public array $hidden)
    {
    }

    public static function nothing(): self
    {
        return new self([], []);
    }

    /**
     * Reads back what `toArray` gave; what the house card has locked since, or has no more, counts no longer.
     *
     * @param  array<array-key, mixed>  $kept
     */
    public static function restore(array $kept, Card $house): self
    {
        $open = self::open($house);
        $fields = array_filter(array_map(fn (mixed $one): array => (array) $one, (array) ($kept['fields'] ?? [])));

        return new self(
            array_intersect_key($fields, $open),
            array_values(array_filter((array) ($kept['hidden'] ?? []), fn (mixed $id): bool => is_string($id)
                && ($open[$id] ?? null) === FilledBy::Free)),
        );
    }

    /** @return array{fields: object, hidden: list<string>} */
    public function toArray(): array
    {
        return ['fields' => (object) $this->fields, 'hidden' => $this->hidden];
    }

    /**
     * @param  array<array-key, mixed>  $fields  as typed
     *
     * @throws Refusal with the path `/<field>`, or for a piece that is locked
     */
    public function filling(Card $house, string $id, array $fields): self
    {
        $piece = $house->piece($id);
        self::mustBeOpen($piece->filledBy, $piece->shown);
        $asked = array_flip(array_column($piece->kind->fields(), 'name'));
        // A picture's proportion goes with it.
        $fields = array_intersect_key($fields, $asked + ['ratio' => 0]);
        $accepted = $piece->kind->accept(
            [...$piece->fields, ...$this->fields[$id] ?? [], ...$fields], $house->country,
        );
        // Its look stays the house's: only what is said is theirs, and of what is asked only what they said. What
        // follows from it, such as a number as it is dialled at home, is theirs with it.
        $unsaid = array_diff_key($asked, $fields, $this->fields[$id] ?? []);

        return new self(
            [...$this->fields, $id => array_diff_key(Piece::said($piece->kind, $accepted), $unsaid)], $this->hidden,
        );
    }

    /** Back to what the house card and the profile say. */
    public function without(string $id): self
    {
        return new self(
            array_diff_key($this->fields, [$id => 0]), array_values(array_diff($this->hidden, [$id])),
        );
    }

    /** @throws Refusal for a piece that is not theirs to leave out */
    public function showing(Card $house, string $id, bool $shown): self
    {
        $piece = $house->piece($id);
        self::mustBeOpen($piece->filledBy, $piece->shown);
        if ($piece->filledBy !== FilledBy::Free) {
            throw Refusal::because('A blank is left out by leaving it empty.');
        }
        if (Piece::said($piece->kind, $piece->fields) === []) {
            throw Refusal::because('Lines and spaces are the same on everybody’s card.');
        }

        return new self($this->fields, $shown ? array_values(array_diff($this->hidden, [$id]))
            : array_values(array_unique([...$this->hidden, $id])));
    }

    /** @throws Refusal */
    private static function mustBeOpen(FilledBy $by, bool $shown): void
    {
        if ($by === FilledBy::Us || ! $shown) {
            throw Refusal::because('This is the same on everybody’s card.');
        }
    }

    /** @return array<string, FilledBy> */
    private static function open(Card $house): array
    {
        $open = [];
        foreach ($house->pieces as $piece) {
            if ($piece->shown && $piece->filledBy !== FilledBy::Us) {
                $open[$piece->id] = $piece->filledBy;
            }
        }

        return $open;
    }
}
