<?php

namespace App\Console\Commands;

use App\Answers\PictureAnswers;
use InkyCard\Picture\Intake;
use InkyCard\Refusal;

/** A picture and a recipe in, the baked file out. */
final class BakePicture extends AbstractAnswer
{
    protected $signature = 'inky:bake
        {picture : a JPEG, PNG, GIF, WebP or SVG file; - reads standard input}
        {recipe : a recipe, JSON (docs/formats.md)}
        {--out= : file to write}';

    protected $description = 'Bake a picture by a recipe; says what came out, as JSON';

    protected function result(): string
    {
        $out = (string) $this->option('out');
        if ($out === '') {
            throw Refusal::because('Say where the picture goes: --out=FILE.');
        }
        $baked = app(PictureAnswers::class)->baked(
            $this->input((string) $this->argument('picture'), Intake::MAX_BYTES),
            $this->input((string) $this->argument('recipe'), 10_000),
        );
        if (@file_put_contents($out, $baked->bytes) === false) {
            throw Refusal::because(':out cannot be written.', values: ['out' => $out]);
        }

        return self::json(['file' => $out] + PictureAnswers::described($baked));
    }
}
