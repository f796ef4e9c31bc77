<?php

namespace InkyCard\Card;

/** What sets two states of a card apart, in words. */
final class Difference
{
    /** @var list<array{what: string, one: string, other: string}> */
    private array $found = [];

    private function __construct()
    {
    }

    /**
     * @return list<array{what: string, one: string, other: string}> by what changed, how it is on the one and on the
     *     other; empty for not there
     */
    public static function between(Card $one, Card $other): array
    {
        $difference = new self;
        $difference->cards($one, $other);

        return $difference->found;
    }

    private function cards(Card $one, Card $other): void
    {
        $this->tell('Card name', $one->name, $other->name);
        $this->tell('Arrangement', $one->arrangement->label, $other->arrangement->label);
        $this->values('Style, %s', $one->style->full(), $other->style->full(), '');
        $this->values('Campaign tags, %s', $one->tags?->toArray() ?? [], $other->tags?->toArray() ?? [], 'none');
        $counted = fn (Card $card) => $card->counted ? 'counted' : 'not counted';
        $this->tell('Clicks', $counted($one), $counted($other));
        [$these, $those] = [self::named($one), self::named($other)];
        foreach ($these + $those as $id => $piece) {
            $this->pieces($piece->kind->label(), $these[$id] ?? null, $those[$id] ?? null);
        }
        $this->tell('Running order', self::order($these, $those), self::order($those, $these));
    }

    private function pieces(string $label, ?Piece $one, ?Piece $other): void
    {
        if ($one === null || $other === null) {
            $says = fn (?Piece $piece) => $piece === null ? '' : ($piece->summary() ?: 'blank');
            $this->tell($label, $says($one), $says($other));

            return;
        }
        $shown = fn (Piece $piece) => $piece->shown ? 'shown' : 'hidden';
        $line = fn (Piece $piece) => $piece->joined === null ? 'its own' : 'same as previous';
        $this->tell($label, $shown($one), $shown($other));
        $this->tell($label, $one->zone->label(), $other->zone->label());
        $this->tell("$label, line", $line($one), $line($other));
        $this->values("$label, %s", $one->fields, $other->fields, '', self::names($one, $label));
        $this->values("$label, %s", $one->tuning->toArray(), $other->tuning->toArray(), 'as the style');
    }

    /** @return array<string, string> field => what it is called, the main one as the piece itself */
    private static function names(Piece $piece, string $label): array
    {
        $names = array_map(mb_strtolower(...), array_column($piece->kind->fields(), 'label', 'name'));

        return array_map(fn (string $name) => $name === mb_strtolower($label) ? '' : $name, $names);
    }

    /**
     * @param  string  $what  where `%s` is the value's name
     * @param  array<array-key, mixed>  $one
     * @param  array<array-key, mixed>  $other
     * @param  array<string, string>  $names  of values that are called otherwise than their keys
     */
    private function values(string $what, array $one, array $other, string $none, array $names = []): void
    {
        [$these, $those] = [self::flat($one), self::flat($other)];
        foreach (array_keys($these + $those) as $key) {
            $name = $names[$key] ?? (string) $key;
            $said = $name === '' ? str_replace(', %s', '', $what) : sprintf($what, $name);
            $this->tell($said, $these[$key] ?? $none, $those[$key] ?? $none);
        }
    }

    private function tell(string $what, string $one, string $other): void
    {
        if ($one !== $other) {
            $this->found[] = ['what' => $what, 'one' => $one, 'other' => $other];
        }
    }

    /** @return array<string, Piece> by what makes a piece the same one */
    private static function named(Card $card): array
    {
        $names = array_map(fn (Piece $piece) => $piece->kind->key().' '.$piece->id, $card->pieces);

        return array_combine($names, $card->pieces);
    }

    /**
     * @param  array<string, Piece>  $pieces
     * @param  array<string, Piece>  $others  those that are on neither alone count
     */
    private static function order(array $pieces, array $others): string
    {
        $labels = array_map(fn (Piece $piece) => $piece->kind->label(), array_intersect_key($pieces, $others));

        return mb_strtolower(implode(', ', $labels));
    }

    /**
     * @param  array<array-key, mixed>  $values
     * @return array<string, string>
     */
    private static function flat(array $values, string $before = ''): array
    {
        $flat = [];
        foreach ($values as $key => $value) {
            $value = $value instanceof \stdClass ? (array) $value : $value;
            if (is_array($value) && ! array_is_list($value)) {
                $flat += self::flat($value, "$before$key ");
            } else {
                $text = mb_strimwidth(self::text($value), 0, 120, '…');
                // A picture's name is long and says nothing.
                $flat[$before.$key] = (string) preg_replace('/^((?:picture|hand):[0-9a-f]{6})[0-9a-f]+/', '$1…', $text);
            }
        }

        return $flat;
    }

    private static function text(mixed $value): string
    {
        return match (true) {
            is_array($value) => implode(', ', array_map(fn ($item) => is_scalar($item) ? (string) $item : '…', $value)),
            is_bool($value) => $value ? 'yes' : 'no',
            is_scalar($value) => (string) $value,
            default => '',
        };
    }
}
