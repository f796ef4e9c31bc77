<?php

namespace InkyCard\Compose;

use InkyCard\Brand\InkRole;
use InkyCard\Colour\Colour;
use InkyCard\Colour\DarkPage;
use InkyCard\Layout\Sheet;
use InkyCard\Layout\Table;
use InkyCard\Layout\Wrapping;

/** The colours of a card as dark pages show them: what is needed to show its rendering so. */
final class DarkColours
{
    /** @return array<string, array{Colour, Colour}> `ink background` => text on its background, each pair once */
    public static function pairs(Sheet $sheet): array
    {
        $style = $sheet->card->style;
        $paper = $style->ink(InkRole::Paper);
        $pairs = [];
        $add = function (Colour $ink, Colour $background) use (&$pairs): void {
            $pairs[$ink->hex.' '.$background->hex] = [$ink, $background];
        };
        foreach (InkRole::cases() as $role) {
            // Rules, bands and borders stand on the paper as text does.
            $add($style->ink($role), $paper);
        }
        foreach ($sheet->placed() as $placed) {
            $behind = $sheet->card->styleOf($placed->pieces[0])->ink(InkRole::Paper);
            $add($behind, $paper);
            foreach ($placed->block->runs() as $run) {
                $add($run->ink, $placed->block->background($behind));
            }
        }
        // Lines stand on the paper, or on what the cell they part stands on.
        foreach (self::lines($sheet->table()) as $ink) {
            $add($ink, $paper);
        }
        ksort($pairs);

        return $pairs;
    }

    /** @return list<Colour> inks of borders */
    private static function lines(Table $table): array
    {
        $inks = [];
        foreach (array_merge(...$table->rows) as $cell) {
            if ($cell->surface?->border !== null) {
                $inks[] = $cell->surface->border->ink;
            }
            $inside = match (true) {
                $cell->content instanceof Table => [$cell->content],
                $cell->content instanceof Wrapping => $cell->content->tables,
                default => [],
            };
            array_push($inks, ...array_merge([], ...array_map(self::lines(...), $inside)));
        }

        return $inks;
    }

    /**
     * @param  array<string, array{Colour, Colour}>  $pairs
     * @return array<string, array{inks: array<string, string>, backgrounds: array<string, string>}> soft and forced:
     *     pair => ink as seen, background => background as seen
     */
    public static function of(array $pairs): array
    {
        $seen = [];
        foreach ([DarkPage::Soft, DarkPage::Forced] as $page) {
            $inks = $backgrounds = [];
            foreach ($pairs as $key => [$ink, $background]) {
                $inks[$key] = $page->ink($ink, $background)->hex;
                $backgrounds[$background->hex] ??= $page->background($background)->hex;
                $backgrounds[$ink->hex] ??= $page->background($ink)->hex;
            }
            $seen[$page->value] = ['inks' => $inks, 'backgrounds' => $backgrounds];
        }

        return $seen;
    }
}
