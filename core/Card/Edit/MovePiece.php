<?php

namespace InkyCard\Card\Edit;

use InkyCard\Card\Card;
use InkyCard\Card\Kind\Zone;
use InkyCard\Card\Piece;

/** Moves a piece one step up or down; past the edge of its zone it enters the next one. */
final readonly class MovePiece implements Edit
{
    public function __construct(private string $id, private bool $up)
    {
    }

    public function apply(Card $card): Card
    {
        $piece = $card->piece($this->id);
        $zones = array_map(fn (Zone $zone) => $card->inZone($zone), array_column(Zone::cases(), null, 'value'));
        $peers = $zones[$piece->zone->value];
        $from = (int) array_search($piece, $peers, true);
        $to = $from + ($this->up ? -1 : 1);
        if (isset($peers[$to])) {
            [$peers[$from], $peers[$to]] = [$peers[$to], $peers[$from]];
            $zones[$piece->zone->value] = $peers;
        } elseif ($next = $this->beyond($piece->zone)) {
            array_splice($zones[$piece->zone->value], $from, 1);
            array_splice($zones[$next->value], $this->up ? count($zones[$next->value]) : 0, 0, [
                $piece->with(['zone' => $next, 'joined' => null]),
            ]);
        }
        /** @var list<Piece> $pieces */
        $pieces = array_merge(...array_values($zones));

        return $card->with(['pieces' => $pieces]);
    }

    public function words(Card $before): string
    {
        return $before->piece($this->id)->kind->label().($this->up ? ' moved up' : ' moved down');
    }

    private function beyond(Zone $zone): ?Zone
    {
        $all = Zone::cases();

        return $all[(int) array_search($zone, $all, true) + ($this->up ? -1 : 1)] ?? null;
    }
}
