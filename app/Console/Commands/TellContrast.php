<?php

namespace App\Console\Commands;

use InkyCard\Colour\ColourText;
use InkyCard\Colour\Contrast;
use InkyCard\Colour\DarkPage;
use InkyCard\Refusal;

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
        $ink = Refusal::at('ink', fn () => ColourText::parse($this->argument('ink')));
        $background = Refusal::at('background', fn () => ColourText::parse($this->argument('background')));
        $pages = [];
        foreach (DarkPage::cases() as $page) {
            $ratio = $page->ratio($ink, $background);
            $pages[$page->value] = [
                'ink' => $page->ink($ink, $background)->toHex(),
                'background' => $page->background($background)->toHex(),
                'ratio' => floor($ratio * 100) / 100,
                'reads' => $ratio >= Contrast::TEXT,
                'nearest' => Contrast::nearest(
                    $ink,
                    fn ($other) => $page->ratio($other, $background) >= Contrast::TEXT,
                )?->toHex(),
            ];
        }

        return self::json($pages);
    }
}
