<?php

namespace App\Console\Commands;

use InkyCard\Colour\ColourText;
use InkyCard\Colour\Contrast;
use InkyCard\Colour\DarkPage;
use InkyCard\Refusal;

/** How an ink reads on a ground, on light and dark pages. */
final class TellContrast extends AbstractAnswer
{
    protected $signature = 'inky:contrast
        {ink : a colour, such as #2c5c3e, rgb(44 92 62) or a CSS name}
        {ground : the colour it stands on}';

    protected $description = 'Contrast of an ink on a ground on light and dark pages, and the nearest ink that '
        .'reads, as JSON';

    protected function result(): string
    {
        $ink = Refusal::at('ink', fn () => ColourText::parse($this->argument('ink')));
        $ground = Refusal::at('ground', fn () => ColourText::parse($this->argument('ground')));
        $pages = [];
        foreach (DarkPage::cases() as $page) {
            $ratio = $page->ratio($ink, $ground);
            $pages[$page->value] = [
                'ink' => $page->ink($ink, $ground)->toHex(),
                'ground' => $page->ground($ground)->toHex(),
                'ratio' => floor($ratio * 100) / 100,
                'reads' => $ratio >= Contrast::TEXT,
                'nearest' => Contrast::nearest(
                    $ink,
                    fn ($other) => $page->ratio($other, $ground) >= Contrast::TEXT,
                )?->toHex(),
            ];
        }

        return self::json($pages);
    }
}
