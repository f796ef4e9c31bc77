<?php

namespace InkyCard\Proof;

use InkyCard\Card\Card;
use InkyCard\Card\Edit\Edit;
use InkyCard\Card\Edit\FillPiece;
use InkyCard\Card\Edit\TunePiece;
use InkyCard\Layout\Measure;
use InkyCard\Layout\Measured;
use InkyCard\Layout\Sheet;

/** Brings a card within a width, an edit at a time and no further than needed. */
final class Narrowing
{
    /** @var list<Edit> */
    private array $edits = [];

    private Measured $measured;

    /** @param  int  $most  CSS px */
    public function __construct(private Card $card, private readonly int $most)
    {
        $this->measured = Measure::of(Sheet::of($card), $most);
    }

    public function fits(): bool
    {
        return $this->measured->width < $this->most + 1;
    }

    /** @return list<Edit> made so far, in order */
    public function edits(): array
    {
        return $this->edits;
    }

    /**
     * What stands beside something goes under it.
     *
     * @param  string  $pieces  ids of those that share a line, parted by spaces
     */
    public function wrap(string $pieces): void
    {
        foreach (explode(' ', $pieces) as $id) {
            if (! $this->fits() && $this->card->piece($id)->joined !== null) {
                $this->make(new TunePiece($id, [], false));
            }
        }
    }

    /** A picture becomes as wide as there is room, if it may be so narrow. */
    public function shrink(string $pieces): void
    {
        $piece = $this->card->piece(explode(' ', $pieces)[0]);
        [$field, $least, $widest] = $piece->kind->resizes() ?? ['button', 0, 0];
        $box = $this->measured->boxes[$pieces] ?? null;
        if ($field === 'button' || $box === null || $this->fits()) {
            return;
        }
        $room = (int) floor($this->most - $box->x);
        if ($room >= $least) {
            $this->make(new FillPiece($piece->id, [$field => min($widest, $room)]));
        }
    }

    private function make(Edit $edit): void
    {
        $this->edits[] = $edit;
        $this->card = $edit->apply($this->card);
        $this->measured = Measure::of(Sheet::of($this->card), $this->most);
    }
}
