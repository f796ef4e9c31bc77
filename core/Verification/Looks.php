<?php

namespace InkyCard\Verification;

use InkyCard\Colour\Colour;
use InkyCard\Colour\ColourText;
use InkyCard\Markup\Element;
use InkyCard\Markup\LineContext;
use InkyCard\Refusal;
use InkyCard\Said;

/** What of the look of words differs enough for a reader to see it. */
final class Looks
{
    /** Steps of a channel two colours may be apart, of 255: less is rounding. */
    private const CHANNEL = 6;

    /** Share sizes may be apart, and CSS px. */
    private const SIZE = [0.06, 0.8];

    private const LEADING = [0.12, 2.0];

    /** What browsers show links in that say no ink (HTML Standard, 15.3.4). */
    private const LINK = '#0000ee';

    private const INK = '#000000';

    /** @return iterable<array{string, string|Said, string|Said}> what, as it was and as it is */
    public static function apart(LineContext $was, LineContext $is): iterable
    {
        [$ink, $inkNow] = [self::ink($was->ink), self::ink($is->ink)];
        if (self::differ($ink, $inkNow)) {
            yield ['ink', $ink, $inkNow];
        }
        [$background, $backgroundNow] = [self::background($was->background), self::background($is->background)];
        if (self::differ($background, $backgroundNow)) {
            yield ['background', $background ?: Said::of('none'), $backgroundNow ?: Said::of('none')];
        }
        if (self::far($was->size, $is->size, self::SIZE)) {
            yield ['size', self::px($was->size), self::px($is->size)];
        }
        if (self::far($was->height(), $is->height(), self::LEADING)) {
            yield ['leading', self::px($was->height()), self::px($is->height())];
        }
        [$family, $familyNow] = [self::family($was->family), self::family($is->family)];
        if ($family !== $familyNow) {
            $own = Said::of('the reader’s own');
            yield ['typeface', $family ?: $own, $familyNow ?: $own];
        }
        if ($was->align !== $is->align) {
            yield ['align', self::side($was->align), self::side($is->align)];
        }
        foreach (['bold', 'italic', 'underlined', 'struck'] as $what) {
            if ($was->{$what} !== $is->{$what}) {
                yield [$what, $was->{$what} ? 'yes' : 'no', $is->{$what} ? 'yes' : 'no'];
            }
        }
    }

    /** @return array{?int, ?int} width and height of a picture as its element says, CSS px */
    public static function sides(Element $picture): array
    {
        $side = function (string $name) use ($picture): ?int {
            $said = $picture->property($name) ?? '';
            $said = preg_match('/^\d/', $said) === 1 && ! str_contains($said, '%')
                ? $said
                : $picture->attributes[$name] ?? '';

            return preg_match('/^\d+/', trim($said), $number) === 1 ? (int) $number[0] : null;
        };

        return [$side('width'), $side('height')];
    }

    private static function ink(string $written): string
    {
        return $written === 'link' ? self::LINK : ($written === '' ? self::INK : self::colour($written));
    }

    /** Empty for none, and for the page's own. */
    private static function background(string $written): string
    {
        $colour = in_array(strtolower($written), ['', 'none', 'transparent', 'initial'], true)
            ? ''
            : self::colour($written);

        return $colour === '#ffffff' ? '' : $colour;
    }

    private static function colour(string $written): string
    {
        try {
            return ColourText::parse(trim(explode('!', $written)[0]))->hex;
        } catch (Refusal) {
            return strtolower($written);
        }
    }

    private static function differ(string $one, string $other): bool
    {
        if ($one === $other || preg_match('/^#[0-9a-f]{6}#[0-9a-f]{6}$/D', $one.$other) !== 1) {
            return $one !== $other;
        }
        [$one, $other] = [Colour::hex($one), Colour::hex($other)];

        return max(abs($one->red - $other->red), abs($one->green - $other->green), abs($one->blue - $other->blue))
            > self::CHANNEL;
    }

    /** @param  array{float, float}  $most  share, and CSS px */
    private static function far(float $one, float $other, array $most): bool
    {
        return abs($one - $other) > max($most[0] * max($one, $other), $most[1]);
    }

    private static function px(float $length): string
    {
        return round($length, 1).' px';
    }

    /** The first of a list of typefaces. */
    private static function family(string $families): string
    {
        return strtolower(trim(explode(',', $families)[0], " \t\n\r\"'"));
    }

    private static function side(string $align): Said
    {
        return match ($align) {
            'center' => Said::of('in the middle'),
            'right' => Said::of('at the right'),
            default => Said::of('at the left'),
        };
    }
}
