<?php

namespace App\View\Components;

use Illuminate\Contracts\View\View;
use Illuminate\View\Component;
use InkyCard\Card\Card;
use InkyCard\Layout\Measure;
use InkyCard\Layout\Sheet;
use InkyCard\Limits;

/** A card as sent, in a frame that has its room before it is there; shown smaller where there is less width. */
final class CardSheet extends Component
{
    /** CSS px. */
    public readonly int $height;

    /** The window the card needs, one of Limits::WIDTHS. */
    public readonly int $window;

    /** @param  string  $src  its rendering */
    public function __construct(Card $card, public readonly string $src)
    {
        $measured = Measure::of(Sheet::of($card), Limits::WIDTH);
        $this->height = (int) ceil($measured->height);
        $enough = array_filter(Limits::WIDTHS, fn (int $width): bool => $width >= $measured->width);
        $this->window = min([...$enough, Limits::WIDTH]);
    }

    public function render(): View
    {
        return view('components.card-sheet-frame');
    }
}
