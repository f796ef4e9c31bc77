<?php

namespace InkyCard\Card;

/** What sets two states of a card apart, in words. */
final class Difference
{
    /**
     * @return list<array{what: string, one: string, other: string}> by what changed, how it is on the one and on the other; empty for not there
     */
    public static function between(Card $one, Card $other): array
    {
        $found = [];
        $tell = function (string $what, string $a, string $b) use (&$found): void {
            if ($a !== $b) {
                $found[] = ['what' => $what, 'one' => $a, 'other' => $b];
            }
        };
        $tell('Card name', $one->name, $other->name);
        $tell('Arrangement', $one->arrangement->label, $other->arrangement->label);
        [$styleOne, $styleOther] = [self::flat($one->style->full()), self::flat($other->style->full())];
        foreach (array_unique([...array_keys($styleOne), ...array_keys($styleOther)]) as $key) {
            $tell('Style, '.$key, $styleOne[$key] ?? '', $styleOther[$key] ?? '');
        }
        [$tagsOne, $tagsOther] = [self::flat($one->tags?->toArray() ?? []), self::flat($other->tags?->toArray() ?? [])];
        foreach (array_unique([...array_keys($tagsOne), ...array_keys($tagsOther)]) as $key) {
            $tell('Campaign tags, '.$key, $tagsOne[$key] ?? 'none', $tagsOther[$key] ?? 'none');
        }
        $tell('Presses', $one->counted ? 'counted' : 'not counted', $other->counted ? 'counted' : 'not counted');
        [$piecesOne, $piecesOther] = [self::named($one), self::named($other)];
        foreach ($piecesOne + $piecesOther as $id => $piece) {
            self::pieces($piece->kind->label(), $piecesOne[$id] ?? null, $piecesOther[$id] ?? null, $tell);
        }
        $order = fn (Card $card, Card $than) => implode(
            ', ',
            array_map(
                fn (Piece $piece) => mb_strtolower($piece->kind->label()),
                array_filter($card->pieces, fn (Piece $piece) => isset(self::named($than)[self::name($piece)])),
            ),
        );
        $tell('Running order', $order($one, $other), $order($other, $one));

        return $found;
    }

    /** @return array<string, Piece> by what makes a piece the same one */
    private static function named(Card $card): array
    {
        return array_combine(array_map(self::name(...), $card->pieces), $card->pieces);
    }

    private static function name(Piece $piece): string
    {
        return $piece->kind->key().' '.$piece->id;
    }

    /** @param  \Closure(string, string, string): void  $tell */
    private static function pieces(string $label, ?Piece $one, ?Piece $other, \Closure $tell): void
    {
        if ($one === null || $other === null) {
            $tell(
                $label,
                $one === null ? '' : ($one->summary() ?: 'blank'),
                $other === null ? '' : ($other->summary() ?: 'blank'),
            );

            return;
        }
        $tell($label, $one->shown ? 'shown' : 'hidden', $other->shown ? 'shown' : 'hidden');
        $tell($label, $one->zone->label(), $other->zone->label());
        $tell(
            "$label, line",
            $one->joined === null ? 'its own' : 'same as previous',
            $other->joined === null ? 'its own' : 'same as previous',
        );
        [$fieldsOne, $fieldsOther] = [self::flat($one->fields), self::flat($other->fields)];
        $names = array_column($one->kind->fields(), 'label', 'name');
        foreach (array_unique([...array_keys($fieldsOne), ...array_keys($fieldsOther)]) as $key) {
            $name = mb_strtolower($names[$key] ?? $key);
            $tell(
                $name === mb_strtolower($label) ? $label : "$label, $name",
                $fieldsOne[$key] ?? '',
                $fieldsOther[$key] ?? '',
            );
        }
        [$tuneOne, $tuneOther] = [self::flat($one->tuning->toArray()), self::flat($other->tuning->toArray())];
        foreach (array_unique([...array_keys($tuneOne), ...array_keys($tuneOther)]) as $key) {
            $tell("$label, $key", $tuneOne[$key] ?? 'as the style', $tuneOther[$key] ?? 'as the style');
        }
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
                $text = match (true) {
                    is_array($value) => implode(
                        ', ',
                        array_map(fn ($item) => is_scalar($item) ? (string) $item : '…', $value),
                    ),
                    is_bool($value) => $value ? 'yes' : 'no',
                    is_scalar($value) => (string) $value,
                    default => '',
                };
                // A picture's name is long and says nothing.
                $flat[$before.$key]
                    = preg_replace(
                        '/^((?:picture|hand):[0-9a-f]{6})[0-9a-f]+/',
                        '$1…',
                        mb_strimwidth($text, 0, 120, '…'),
                    ) ?? '';
            }
        }

        return $flat;
    }
}
