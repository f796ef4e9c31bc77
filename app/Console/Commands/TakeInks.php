<?php

namespace App\Console\Commands;

use App\Answers\PictureAnswers;
use InkyCard\Picture\Intake;

/** A logo in, its colours and proposed inks out. */
final class TakeInks extends AbstractAnswer
{
    protected $signature = 'inky:inks {logo : a JPEG, PNG, GIF, WebP or SVG file; - reads standard input}';

    protected $description = 'Take inks by role from a logo, as JSON';

    protected function result(): string
    {
        return self::json(app(PictureAnswers::class)->inks(
            $this->input((string) $this->argument('logo'), Intake::MAX_BYTES),
        ));
    }
}
