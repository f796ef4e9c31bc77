<?php

namespace App\View\Components;

use Illuminate\Contracts\View\View;
use Illuminate\View\Component;
use InkyCard\Card\Card;
use InkyCard\Layout\Measure;
use InkyCard\Layout\Sheet;
use InkyCard\Limits;

/** A picture of a card, which has its room before it is there. */
final class CardDrawing extends Component
{
    /** CSS px. */
    public readonly int $width;

    /** CSS px. */
    public readonly int $height;

    public function __construct(Card $card)
    {
        $measured = Measure::of(Sheet::of($card), Limits::WIDTH);
        $this->width = (int) ceil($measured->width);
        $this->height = (int) ceil($measured->height);
    }

    public function render(): View
    {
        return view('components.card-drawing-picture');
    }
}
