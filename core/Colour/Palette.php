<?php

namespace InkyCard\Colour;

/**
 * The main colours of a picture: median cut (Heckbert, 1982) in OKLab over
 * what is neither clear nor the background it stands on. Equal pixels give equal
 * palettes.
 *
 * @phpstan-type Bin array{lab: array{float, float, float}, count: int, rgb: int, most: int}
 */
final readonly class Palette
{
    private const BOXES = 16;

    /** Boxes nearer than this, delta-E OK, are one colour. */
    private const SAME = 0.04;

    /** Of the picture's drawn area, below which a colour is only the edge between others. */
    private const LEAST = 0.006;

    /** A colour with so much of its box stands for it exactly. */
    private const EXACT = 0.2;

    /**
     * @param  list<array{colour: Colour, share: float}>  $colours  best first, ranked by area and chroma; share of the
     *                                                              drawn area, 0 to 1
     * @param  ?Colour  $background  what most of the border is; null where it is clear or mixed
     */
    private function __construct(public array $colours, public ?Colour $background)
    {
    }

    /**
     * @param  list<int>  $pixels  row by row, alpha in bits 24-30 (0 opaque, 127 clear) and RGB below, as GD gives them
     * @param  int  $width  pixels in a row
     */
    public static function of(array $pixels, int $width): self
    {
        $background = self::backgroundOf($pixels, $width);
        $counts = [];
        foreach ($pixels as $pixel) {
            if ($pixel >> 24 < 64) {
                $rgb = $pixel & 0xFFFFFF;
                $counts[$rgb] = ($counts[$rgb] ?? 0) + 1;
            }
        }
        $bins = self::bins($counts, $background === null ? null : Oklch::lab($background));
        if ($bins === []) {
            // Nothing but background: then that is the picture.
            $bins = self::bins($counts, null);
        }
        if ($bins === []) {
            return new self([], null);
        }
        $total = array_sum(array_column($bins, 'count'));
        $colours = [];
        foreach (self::merged(self::boxes($bins)) as $box) {
            $share = $box['count'] / $total;
            if ($share >= self::LEAST) {
                $colours[] = ['colour' => $box['colour'], 'share' => round($share, 4)];
            }
        }
        $rank = fn (array $of) => $of['share'] * (0.02 + Oklch::of($of['colour'])->chroma);
        usort(
            $colours,
            fn (array $a, array $b) => [$rank($b), $a['colour']->hex] <=> [$rank($a), $b['colour']->hex],
        );

        return new self($colours, $background);
    }

    /** @param  list<int>  $pixels */
    private static function backgroundOf(array $pixels, int $width): ?Colour
    {
        $height = intdiv(count($pixels), max(1, $width));
        $border = [];
        for ($x = 0; $x < $width; $x++) {
            array_push($border, $pixels[$x], $pixels[($height - 1) * $width + $x]);
        }
        for ($y = 0; $y < $height; $y++) {
            array_push($border, $pixels[$y * $width], $pixels[$y * $width + $width - 1]);
        }
        $near = $exact = [];
        foreach ($border as $pixel) {
            if ($pixel >> 24 < 64) {
                $coarse = $pixel & 0xF0F0F0;
                $near[$coarse] = ($near[$coarse] ?? 0) + 1;
                $exact[$coarse][$pixel & 0xFFFFFF] = ($exact[$coarse][$pixel & 0xFFFFFF] ?? 0) + 1;
            }
        }
        arsort($near);
        $most = array_key_first($near);
        if ($most === null || count($border) >= $near[$most] * 2) {
            return null;
        }
        ksort($exact[$most]);

        return self::colour((int) array_search(max($exact[$most]), $exact[$most], true));
    }

    /**
     * @param  array<int, int>  $counts  RGB => pixels
     * @param  array{float, float, float}|null  $background  left out
     * @return list<Bin> colours of 5 bits a channel with their commonest exact one
     */
    private static function bins(array $counts, ?array $background): array
    {
        $bins = [];
        ksort($counts);
        foreach ($counts as $rgb => $count) {
            $key = $rgb & 0xF8F8F8;
            $bin = $bins[$key] ?? ['count' => 0, 'rgb' => $rgb, 'most' => 0];
            $bin['count'] += $count;
            if ($count > $bin['most']) {
                [$bin['rgb'], $bin['most']] = [$rgb, $count];
            }
            $bins[$key] = $bin;
        }
        $kept = [];
        foreach ($bins as $bin) {
            $lab = Oklch::lab(self::colour($bin['rgb']));
            if ($background === null || Oklch::between($lab, $background) >= self::SAME) {
                $kept[] = ['lab' => $lab] + $bin;
            }
        }

        return $kept;
    }

    /**
     * @param  list<Bin>  $bins
     * @return list<array{count: int, colour: Colour}>
     */
    private static function boxes(array $bins): array
    {
        $boxes = [$bins];
        while (count($boxes) < self::BOXES) {
            $worst = null;
            $most = 0.0;
            foreach ($boxes as $index => $box) {
                [, $length] = self::longest($box);
                $weight = $length ** 2 * array_sum(array_column($box, 'count'));
                if ($length > self::SAME && $weight > $most) {
                    [$worst, $most] = [$index, $weight];
                }
            }
            if ($worst === null) {
                break;
            }
            [$axis] = self::longest($boxes[$worst]);
            array_splice($boxes, $worst, 1, self::split($boxes[$worst], $axis));
        }

        return array_map(function (array $box): array {
            $count = array_sum(array_column($box, 'count'));
            usort($box, fn (array $a, array $b) => [$b['most'], $a['rgb']] <=> [$a['most'], $b['rgb']]);
            if ($box[0]['most'] >= self::EXACT * $count) {
                return ['count' => $count, 'colour' => self::colour($box[0]['rgb'])];
            }
            $sums = [0, 0, 0];
            foreach ($box as $bin) {
                foreach ([16, 8, 0] as $channel => $shift) {
                    $sums[$channel] += (($bin['rgb'] >> $shift) & 0xFF) * $bin['count'];
                }
            }

            return [
                'count' => $count,
                'colour' => new Colour(...array_map(fn (int $sum) => (int) round($sum / $count), $sums)),
            ];
        }, $boxes);
    }

    /**
     * @param  list<Bin>  $box
     * @return array{int, float} axis and length of its longest side
     */
    private static function longest(array $box): array
    {
        $labs = array_column($box, 'lab');
        $sides = array_map(function (int $axis) use ($labs) {
            $values = array_column($labs, $axis);

            return $values === [] ? 0.0 : max($values) - min($values);
        }, [0, 1, 2]);
        $longest = max($sides);

        return [(int) array_search($longest, $sides, true), $longest];
    }

    /**
     * @param  list<Bin>  $box
     * @return array{list<Bin>, list<Bin>}
     */
    private static function split(array $box, int $axis): array
    {
        usort($box, fn (array $a, array $b) => [$a['lab'][$axis], $a['rgb']] <=> [$b['lab'][$axis], $b['rgb']]);
        $half = array_sum(array_column($box, 'count')) / 2;
        $passed = 0;
        $at = 1;
        foreach ($box as $index => $bin) {
            $passed += $bin['count'];
            if ($passed >= $half) {
                // Neither side may be empty.
                $at = max(1, min(count($box) - 1, $passed - $half > $bin['count'] / 2 ? $index : $index + 1));
                break;
            }
        }

        return [array_slice($box, 0, $at), array_slice($box, $at)];
    }

    /**
     * @param  list<array{count: int, colour: Colour}>  $boxes
     * @return list<array{count: int, colour: Colour}>
     */
    private static function merged(array $boxes): array
    {
        usort(
            $boxes,
            fn (array $a, array $b) => [$b['count'], $a['colour']->hex] <=> [$a['count'], $b['colour']->hex],
        );
        $counts = $colours = [];
        foreach ($boxes as ['count' => $count, 'colour' => $colour]) {
            $same = array_key_first(
                array_filter($colours, fn (Colour $other) => Oklch::distance($colour, $other) < self::SAME),
            );
            $same ??= count($colours);
            $colours[$same] ??= $colour;
            $counts[$same] = ($counts[$same] ?? 0) + $count;
        }

        return array_map(
            fn (int $count, Colour $colour) => compact('count', 'colour'),
            array_values($counts),
            array_values($colours),
        );
    }

    private static function colour(int $rgb): Colour
    {
        return new Colour(($rgb >> 16) & 0xFF, ($rgb >> 8) & 0xFF, $rgb & 0xFF);
    }
}
