<?php

namespace App\Console\Commands;

use InkyCard\Layout\Box;
use InkyCard\Layout\Measure as Measurement;
use InkyCard\Layout\Measured;
use InkyCard\Layout\Sheet;
use InkyCard\Refusal;

/** How large a card comes out, piece by piece, as JSON. */
final class MeasureCard extends AbstractCardCommand
{
    private const WIDTHS = [320, 480, 600];

    protected $signature = 'inky:measure
        {card : a card document, inky-card/1; - reads standard input}
        {--width= : of the window in px; left out: 320, 480 and 600}';

    protected $description = 'Measure a card document: its size, what overflows, a box for every piece';

    protected function result(): string
    {
        $width = $this->option('width');
        if ($width !== null && ! preg_match('/^\d{2,4}$/D', $width)) {
            throw Refusal::because('--width is a number of pixels from 10 to 9999.');
        }
        $round = fn (float $pixels) => round($pixels, 2);
        $measured = Measurement::at(Sheet::of($this->card()), $width === null ? self::WIDTHS : [(int) $width]);

        return json_encode(array_values(array_map(fn (Measured $card) => [
            'viewport' => $card->viewport,
            'width' => $round($card->width),
            'height' => $round($card->height),
            'overflow' => $round($card->overflow()),
            'pieces' => (object) array_map(fn (Box $box) => array_map($round, get_object_vars($box)), $card->boxes),
        ], $measured)), JSON_PRETTY_PRINT | JSON_UNESCAPED_SLASHES | JSON_THROW_ON_ERROR);
    }
}
