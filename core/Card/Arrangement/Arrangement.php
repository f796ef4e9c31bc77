<?php

namespace InkyCard\Card\Arrangement;

use InkyCard\Card\Kind\Zone;
use InkyCard\Refusal;

/**
 * How zones become columns and rows: a grid, read top to bottom, start to end.
 *
 * An arrangement only looks at a card: pieces stay in their zones, so that
 * going from one to the other and back changes nothing. A zone an arrangement
 * has no place for is not shown in it.
 */
final readonly class Arrangement
{
    /** @var array<string, true> zones it has a place for */
    public array $zones;

    /**
     * @param  string  $purpose  when to choose it, in one sentence
     * @param  non-empty-list<Row>  $rows
     */
    public function __construct(public string $key, public string $label, public string $purpose, public array $rows)
    {
        $zones = [];
        foreach ($rows as $row) {
            foreach ($row->slots as $slot) {
                $zones += array_fill_keys(array_column($slot->zones, 'value'), true);
            }
        }
        $this->zones = $zones;
    }

    /** Where a line of a zone stands; null where there is no place for it. */
    public function slotOf(Zone $zone, bool $contact, bool $firm): ?Slot
    {
        foreach ($this->rows as $row) {
            foreach ($row->slots as $slot) {
                if ($slot->holds($zone, $contact, $firm)) {
                    return $slot;
                }
            }
        }

        return null;
    }

    /** Whether something of it stands on a band of the accent ink. */
    public function hasBand(): bool
    {
        foreach ($this->rows as $row) {
            foreach ($row->slots as $slot) {
                if ($slot->band) {
                    return true;
                }
            }
        }

        return false;
    }

    /** @throws Refusal */
    public static function of(string $key): self
    {
        static $made = [];

        // A card has one of them: the others are not made for it.
        [$label, $purpose, $rows] = self::table()[$key]
            ?? throw Refusal::because('Choose one of the arrangements, such as picture-left, nameplate or centred.');

        return $made[$key] ??= new self($key, $label, $purpose, $rows());
    }

    /** @return array<string, self> by key, in the order they are offered */
    public static function all(): array
    {
        $keys = array_keys(self::table());

        return array_combine($keys, array_map(self::of(...), $keys));
    }

    /** @return array<string, array{string, string, \Closure(): non-empty-list<Row>}> key => label, purpose, rows */
    private static function table(): array
    {
        static $table = null;

        return $table ??= require __DIR__.'/arrangements.php';
    }
}
