<?php

namespace InkyCard\Colour;

use InkyCard\Refusal;

/** Colours written as functions, as CSS Color 4 has them: rgb, hsl, hwb, lab, lch, oklab, oklch. */
final class ColourFunction
{
    private const NUMBER = '[+-]?(?:\d+(?:\.\d+)?|\.\d+)(?:e[+-]?\d{1,2})?';

    /** Degrees of one. */
    private const ANGLES = ['' => 1.0, 'deg' => 1.0, 'grad' => 0.9, 'rad' => 180 / M_PI, 'turn' => 360.0];

    /**
     * What stands in each place: a hue, or what 100 % is. Those with commas (section 4.1.2 and 7) are older.
     *
     * @var array<string, array{string|float, string|float, string|float}>
     */
    private const PLACES = [
        'rgb' => [255.0, 255.0, 255.0], 'hsl' => ['hue', 100.0, 100.0], 'hwb' => ['hue', 100.0, 100.0],
        'lab' => [100.0, 125.0, 125.0], 'lch' => [100.0, 150.0, 'hue'], 'oklab' => [1.0, 0.4, 0.4],
        'oklch' => [1.0, 0.4, 'hue'],
    ];

    /** White of D50 and the way from there to linear sRGB by D65 (CSS Color 4, section 18, its matrices multiplied). */
    private const WHITE = [0.3457 / 0.3585, 1.0, (1 - 0.3457 - 0.3585) / 0.3585];

    private const FROM_D50 = [
        [3.1341359569958707, -1.6173863321612538, -0.4906619460083532],
        [-0.978795502912089, 1.916254567259524, 0.03344273116131949],
        [0.07195537988411677, -0.2289768264158322, 1.405386058324125],
    ];

    /**
     * @param  string  $name  lower case
     * @param  string  $arguments  what stands between the brackets, lower case
     *
     * @throws Refusal
     */
    public static function colour(string $name, string $arguments): Colour
    {
        $old = str_contains($arguments, ',');
        $name = ['rgba' => 'rgb', 'hsla' => 'hsl'][$name] ?? $name;
        $places = self::PLACES[$name] ?? throw self::unread();
        [$values, $alpha] = $old ? self::withCommas($name, $arguments) : self::withSpaces($arguments);
        $read = [];
        foreach ($places as $index => $whole) {
            $read[] = $whole === 'hue'
                ? self::hue($values[$index])
                : self::amount($values[$index], (float) $whole, $old && $name === 'hsl');
        }
        $percents = array_filter($values, fn (string $value) => str_ends_with($value, '%'));
        if ($old && $name === 'rgb' && ! in_array(count($percents), [0, 3], true)) {
            throw self::unread();
        }
        if ($alpha !== null && self::amount($alpha, 1.0, false) < 1) {
            throw self::seeThrough();
        }

        return self::made($name, ...$read);
    }

    public static function unread(): Refusal
    {
        return Refusal::because(
            'Write the colour as #2f5d3a, rgb(47 93 58), hsl(134 33% 27%), oklch(44% 0.08 151) or a CSS name.',
        );
    }

    public static function seeThrough(): Refusal
    {
        return Refusal::because('Mail clients do not mix see-through colours: choose one that covers.');
    }

    /** @return array{array{string, string, string}, ?string} */
    private static function withCommas(string $name, string $arguments): array
    {
        $values = array_map(trim(...), explode(',', $arguments));
        if (! in_array($name, ['rgb', 'hsl'], true) || ! in_array(count($values), [3, 4], true)
            || in_array('none', $values, true)) {
            throw self::unread();
        }

        return [[$values[0], $values[1], $values[2]], $values[3] ?? null];
    }

    /** @return array{array{string, string, string}, ?string} */
    private static function withSpaces(string $arguments): array
    {
        $parts = array_map(trim(...), explode('/', $arguments));
        $values = preg_split('/\s+/', $parts[0]) ?: [];
        if (count($values) !== 3 || count($parts) > 2) {
            throw self::unread();
        }

        return [[$values[0], $values[1], $values[2]], $parts[1] ?? null];
    }

    private static function hue(string $value): float
    {
        if ($value === 'none') {
            return 0.0;
        }
        if (preg_match('/^('.self::NUMBER.')(deg|grad|rad|turn)?$/D', $value, $match) !== 1) {
            throw self::unread();
        }

        return fmod(fmod((float) $match[1] * self::ANGLES[$match[2] ?? ''], 360) + 360, 360);
    }

    /**
     * @param  float  $whole  what 100 % is
     * @param  bool  $percent  nothing but a percentage will do
     */
    private static function amount(string $value, float $whole, bool $percent): float
    {
        if ($value === 'none') {
            return 0.0;
        }
        if (preg_match('/^('.self::NUMBER.')(%?)$/D', $value, $match) !== 1 || $percent && $match[2] === '') {
            throw self::unread();
        }

        return $match[2] === '%' ? (float) $match[1] * $whole / 100 : (float) $match[1];
    }

    private static function made(string $name, float $one, float $two, float $three): Colour
    {
        $share = fn (float $value, float $whole): float => max(0.0, min(1.0, $value / $whole));

        return match ($name) {
            'rgb' => new Colour(...array_map(
                fn (float $value): int => (int) round(max(0.0, min(255.0, $value))), [$one, $two, $three],
            )),
            'hsl' => self::hsl($one, $share($two, 100), $share($three, 100)),
            'hwb' => self::hwb($one, $share($two, 100), $share($three, 100)),
            'lab' => self::lab(max(0.0, min(100.0, $one)), $two, $three),
            'lch' => self::lab(
                max(0.0, min(100.0, $one)), max(0.0, $two) * cos(deg2rad($three)),
                max(0.0, $two) * sin(deg2rad($three)),
            ),
            'oklab' => self::oklch($share($one, 1), hypot($two, $three), rad2deg(atan2($three, $two))),
            default => self::oklch($share($one, 1), max(0.0, $two), $three),
        };
    }

    private static function oklch(float $lightness, float $chroma, float $hue): Colour
    {
        return (new Oklch($lightness, min(0.5, $chroma), fmod($hue + 360, 360)))->toColour();
    }

    /** CSS Color 4, section 7.1. */
    private static function hsl(float $hue, float $saturation, float $lightness): Colour
    {
        $part = function (int $n) use ($hue, $saturation, $lightness): int {
            $k = fmod($n + $hue / 30, 12);

            return (int) round(
                255 * ($lightness - $saturation * min($lightness, 1 - $lightness) * max(-1, min($k - 3, 9 - $k, 1))),
            );
        };

        return new Colour($part(0), $part(8), $part(4));
    }

    /** CSS Color 4, section 8.1. */
    private static function hwb(float $hue, float $white, float $black): Colour
    {
        if ($white + $black >= 1) {
            $grey = (int) round(255 * $white / ($white + $black));

            return new Colour($grey, $grey, $grey);
        }
        $pure = self::hsl($hue, 1.0, 0.5);
        $part = fn (int $channel): int => (int) round(255 * ($channel / 255 * (1 - $white - $black) + $white));

        return new Colour($part($pure->red), $part($pure->green), $part($pure->blue));
    }

    /** CIE Lab of D50 (CSS Color 4, section 9.1 and 18), brought into sRGB as OKLCH is. */
    private static function lab(float $lightness, float $a, float $b): Colour
    {
        $kappa = 24389 / 27;
        $epsilon = 216 / 24389;
        $fy = ($lightness + 16) / 116;
        $from = fn (float $f): float => $f ** 3 > $epsilon ? $f ** 3 : (116 * $f - 16) / $kappa;
        $xyz = [
            $from($a / 500 + $fy) * self::WHITE[0],
            $lightness > $kappa * $epsilon ? $fy ** 3 : $lightness / $kappa,
            $from($fy - $b / 200) * self::WHITE[2],
        ];
        $linear = array_map(
            fn (array $row): float => $row[0] * $xyz[0] + $row[1] * $xyz[1] + $row[2] * $xyz[2], self::FROM_D50,
        );

        return Oklch::ofLinear([$linear[0], $linear[1], $linear[2]])->toColour();
    }
}
