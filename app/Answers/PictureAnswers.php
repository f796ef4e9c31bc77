<?php

namespace App\Answers;

use App\Pictures\Library;
use App\Pictures\Squeezer;
use InkyCard\Brand\InkProposal;
use InkyCard\Colour\Colour;
use InkyCard\Colour\ColourText;
use InkyCard\Colour\Contrast;
use InkyCard\Colour\DarkPage;
use InkyCard\Picture\Baked;
use InkyCard\Picture\Baker;
use InkyCard\Picture\Handwriting;
use InkyCard\Picture\Recipe;
use InkyCard\Picture\Sampler;
use InkyCard\Picture\Tone;
use InkyCard\Refusal;

/** What can be asked of pictures and colours, whoever asks. Shapes are in docs/formats.md. */
final readonly class PictureAnswers
{
    public function __construct(private Library $library, private Squeezer $squeezer)
    {
    }

    /**
     * A picture baked by a recipe.
     *
     * @param  string  $recipe  JSON
     *
     * @throws Refusal
     */
    public function baked(string $picture, string $recipe): Baked
    {
        $given = json_decode($recipe, true, 8);
        if (! is_array($given)) {
            throw Refusal::because('The recipe is no JSON object.', '/recipe');
        }
        // The recipe says how; which picture, whoever asks does. Its part may stand in the recipe.
        $part = is_string($given['part'] ?? '')
            ? $given['part'] ?? ''
            : throw Refusal::because('The part is seven numbers, comma between.', '/recipe/part');
        $recipe = Refusal::at('/recipe', fn () => Recipe::of(['picture' => rtrim("sample:given#$part", '#')] + $given));
        $bytes = $this->library->drawn($picture);

        return $this->squeezer->lighter(
            Baker::photo($recipe->tone === Tone::Ink ? Handwriting::of($bytes)->bytes : $bytes, $recipe),
        );
    }

    /** @return array<string, mixed> of what was baked, without its bytes */
    public static function described(Baked $baked): array
    {
        return [
            'format' => $baked->extension, 'width' => $baked->width, 'height' => $baked->height,
            'bytes' => strlen($baked->bytes), 'why' => $baked->why, 'sha256' => $baked->hash(),
        ];
    }

    /**
     * The colours of a logo, and inks made of them.
     *
     * @return array<string, mixed>
     *
     * @throws Refusal
     */
    public function inks(string $logo): array
    {
        $palette = Sampler::palette($this->library->drawn($logo));
        $colours = array_column($palette->colours, 'colour');

        return [
            'background' => $palette->background?->hex,
            'colours' => array_map(
                fn (array $of) => ['colour' => $of['colour']->hex, 'share' => $of['share']],
                $palette->colours,
            ),
            'inks' => array_map(
                fn (Colour $ink) => $ink->hex, InkProposal::of($colours, $palette->background),
            ),
        ];
    }

    /**
     * How an ink reads on a background, by page.
     *
     * @return array<string, array<string, mixed>>
     *
     * @throws Refusal
     */
    public static function contrast(string $ink, string $background): array
    {
        $ink = Refusal::at('/ink', fn () => ColourText::parse($ink));
        $background = Refusal::at('/background', fn () => ColourText::parse($background));
        $pages = [];
        foreach (DarkPage::cases() as $page) {
            $ratio = $page->ratio($ink, $background);
            $pages[$page->value] = [
                'ink' => $page->ink($ink, $background)->hex,
                'background' => $page->background($background)->hex,
                'ratio' => floor($ratio * 100) / 100,
                'reads' => $ratio >= Contrast::TEXT,
                'nearest' => Contrast::nearest(
                    $ink,
                    fn (Colour $other) => $page->ratio($other, $background) >= Contrast::TEXT,
                )?->hex,
            ];
        }

        return $pages;
    }
}
