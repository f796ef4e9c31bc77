<?php

namespace InkyCard\Banner;

use InkyCard\Colour\Colour;
use InkyCard\Colour\Contrast;
use InkyCard\Colour\Oklch;

/**
 * Designs with the same words, best first: how well the words read, how large they are, how well they fill their
 * place, how light the picture is, and how unlike those before it.
 */
final class DesignOrder
{
    /** Patches across and down by which two are compared. */
    private const PATCHES = [16, 6];

    /** Most each counts; unlikeness as OKLab distance, which seldom passes 0.3, times this. */
    private const CONTRAST = 0.35;

    private const SIZE = 0.3;

    private const FULL = 0.25;

    private const WEIGHT = 0.1;

    private const UNLIKE = 1.5;

    /** What is as good as it gets: contrast of AAA (WCAG 2.2, 1.4.6), size in CSS px, share of the words' place. */
    private const BEST = ['contrast' => 7.0, 'size' => 14.0, 'full' => 0.62];

    /**
     * @param  array<string, array{\GdImage, float, SetWords, int}>  $designs  key => as drawn, contrast, words, weight
     *     in bytes
     * @return list<string> keys
     */
    public static function of(array $designs, int $heaviest): array
    {
        $worth = $looks = [];
        foreach ($designs as $key => [$picture, $contrast, $words, $weight]) {
            $worth[$key] = self::CONTRAST * min(1, $contrast / self::BEST['contrast'])
                + self::SIZE * min(1, $words->smallest() / self::BEST['size'])
                + self::FULL * (1 - min(1, abs($words->fullness() - self::BEST['full']) / self::BEST['full']))
                + self::WEIGHT * (1 - min(1, $weight / $heaviest))
                - ($contrast < Contrast::TEXT ? 1 : 0);
            $looks[$key] = self::look($picture);
        }
        $order = [];
        while ($worth !== []) {
            $best = null;
            $most = -INF;
            foreach ($worth as $key => $own) {
                $unlike = $order === [] ? 0.0
                    : min(array_map(fn (string $before) => self::apart($looks[$key], $looks[$before]), $order));
                if ($own + self::UNLIKE * $unlike > $most) {
                    [$best, $most] = [$key, $own + self::UNLIKE * $unlike];
                }
            }
            $order[] = (string) $best;
            unset($worth[$best]);
        }

        return $order;
    }

    /** @return list<array{float, float, float}> OKLab, row by row */
    private static function look(\GdImage $picture): array
    {
        [$across, $down] = self::PATCHES;
        $small = imagecreatetruecolor($across, $down);
        imagecopyresampled($small, $picture, 0, 0, 0, 0, $across, $down, imagesx($picture), imagesy($picture));
        $look = [];
        for ($at = 0; $at < $across * $down; $at++) {
            $rgb = imagecolorat($small, $at % $across, intdiv($at, $across));
            $look[] = Oklch::lab(new Colour($rgb >> 16 & 255, $rgb >> 8 & 255, $rgb & 255));
        }

        return $look;
    }

    /**
     * @param  list<array{float, float, float}>  $one
     * @param  list<array{float, float, float}>  $other
     */
    private static function apart(array $one, array $other): float
    {
        return array_sum(array_map(Oklch::between(...), $one, $other)) / count($one);
    }
}
