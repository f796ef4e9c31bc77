<?php

namespace App\Console\Commands;

use App\Answers\CardAnswers;

/** How large a card comes out, piece by piece, as JSON. */
final class MeasureCard extends AbstractCardCommand
{
    protected $signature = 'inky:measure
        {card : a card document, inky-card/1; - reads standard input}
        {--width= : of the window in px; left out: 320, 480 and 600}';

    protected $description = 'Measure a card document: its size, what overflows, a box for every piece';

    protected function result(): string
    {
        return self::json(app(CardAnswers::class)->measured($this->card(), (string) $this->option('width')));
    }
}
