<?php

namespace App\Console\Commands;

use App\Pictures\Library;
use App\Pictures\Squeezer;
use InkyCard\Picture\Baker;
use InkyCard\Picture\Handwriting;
use InkyCard\Picture\Intake;
use InkyCard\Picture\Recipe;
use InkyCard\Picture\Tone;
use InkyCard\Refusal;

/** A picture and a recipe in, the baked file out. */
final class BakePicture extends AbstractAnswer
{
    protected $signature = 'inky:bake
        {picture : a JPEG, PNG, GIF, WebP or SVG file; - reads standard input}
        {recipe : a recipe, JSON (docs/formats.md)}
        {--out= : file to write}';

    protected $description = 'Bake a picture by a recipe; says what came out, as JSON';

    public function __construct(private readonly Library $library, private readonly Squeezer $squeezer)
    {
        parent::__construct();
    }

    protected function result(): string
    {
        $out = (string) $this->option('out');
        if ($out === '') {
            throw Refusal::because('Say where the picture goes: --out=FILE.');
        }
        $given = json_decode($this->input((string) $this->argument('recipe'), 10_000), true, 8);
        if (! is_array($given)) {
            throw Refusal::because('The recipe is no JSON object.', 'recipe');
        }
        // The recipe says how; which picture, the command does. Its part may stand in the recipe.
        $part = is_string($given['part'] ?? '')
            ? $given['part'] ?? ''
            : throw Refusal::because('The part is seven numbers, comma between.', 'recipe/part');
        $recipe = Refusal::at('recipe', fn () => Recipe::of(['picture' => rtrim("sample:given#$part", '#')] + $given));
        $bytes = $this->library->drawn($this->input((string) $this->argument('picture'), Intake::MAX_BYTES));
        $baked = $this->squeezer->lighter(
            Baker::photo($recipe->tone === Tone::Ink ? Handwriting::of($bytes)->bytes : $bytes, $recipe),
        );
        if (@file_put_contents($out, $baked->bytes) === false) {
            throw Refusal::because("$out cannot be written.");
        }

        return self::json([
            'file' => $out, 'format' => $baked->extension, 'width' => $baked->width, 'height' => $baked->height,
            'bytes' => strlen($baked->bytes), 'why' => $baked->why, 'sha256' => $baked->hash(),
        ]);
    }
}
