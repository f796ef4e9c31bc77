<?php

namespace App\Console\Commands;

use App\Answers\PictureAnswers;

/** How an ink reads on a background, on light and dark pages. */
final class TellContrast extends AbstractAnswer
{
    protected $signature = 'inky:contrast
        {ink : a colour, such as #2c5c3e, rgb(44 92 62) or a CSS name}
        {background : the colour it stands on}';

    protected $description = 'Contrast of an ink on a background on light and dark pages, and the nearest ink that '
        .'reads, as JSON';

    protected function result(): string
    {
        return self::json(PictureAnswers::contrast(
            (string) $this->argument('ink'), (string) $this->argument('background'),
        ));
    }
}
