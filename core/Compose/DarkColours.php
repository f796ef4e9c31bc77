<?php

namespace InkyCard\Compose;

use InkyCard\Brand\InkRole;
use InkyCard\Card\Content\ButtonBlock;
use InkyCard\Card\Content\LineBlock;
use InkyCard\Colour\Colour;
use InkyCard\Colour\DarkPage;
use InkyCard\Layout\Sheet;

/** The colours of a card as dark pages show them: what is needed to show its rendering so. */
final class DarkColours
{
    /** @return array<string, array{Colour, Colour}> `ink ground` => text on its ground, each pair once */
    public static function pairs(Sheet $sheet): array
    {
        $style = $sheet->card->style;
        $paper = $style->ink(InkRole::Paper);
        $pairs = [];
        $add = function (Colour $ink, Colour $ground) use (&$pairs): void {
            $pairs[$ink->toHex().' '.$ground->toHex()] = [$ink, $ground];
        };
        foreach (InkRole::cases() as $role) {
            // Rules, bands and borders stand on the paper as text does.
            $add($style->ink($role), $paper);
        }
        foreach ($sheet->blocks() as $block) {
            foreach (
                $block instanceof ButtonBlock ? [$block->words] : ($block instanceof LineBlock ? $block->runs : []) as $run
            ) {
                $add($run->ink, $block instanceof ButtonBlock ? $block->ground : $paper);
            }
        }
        ksort($pairs);

        return $pairs;
    }

    /**
     * @param  array<string, array{Colour, Colour}>  $pairs
     * @return array<string, array{inks: array<string, string>, grounds: array<string, string>}> soft and forced: pair => ink as seen, ground => ground as seen
     */
    public static function of(array $pairs): array
    {
        $seen = [];
        foreach ([DarkPage::Soft, DarkPage::Forced] as $page) {
            $inks = $grounds = [];
            foreach ($pairs as $key => [$ink, $ground]) {
                $inks[$key] = $page->ink($ink, $ground)->toHex();
                $grounds[$ground->toHex()] ??= $page->ground($ground)->toHex();
                $grounds[$ink->toHex()] ??= $page->ground($ink)->toHex();
            }
            $seen[$page->value] = ['inks' => $inks, 'grounds' => $grounds];
        }

        return $seen;
    }
}
