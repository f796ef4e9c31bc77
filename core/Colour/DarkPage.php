<?php

namespace InkyCard\Colour;

/**
 * What mail clients with a dark page make of a card's colours. Two models
 * stand for what is seen in practice; both give the colours a reader sees, so
 * that contrast is measured on those.
 */
enum DarkPage: string
{
    /** The page stays light, or the client leaves the card alone. */
    case Unchanged = 'unchanged';

    /** Light backgrounds turn dark, text lifts until it reads, saturated backgrounds stay. */
    case Soft = 'soft';

    /** The lightness of every colour is turned over; pictures stay. */
    case Forced = 'forced';

    /** OKLCH chroma from which on a background is more and more, and wholly, saturated. */
    private const SATURATED = [0.06, 0.1];

    /** OKLCH lightness from which on it is more and more, and wholly, light. */
    private const LIGHT = [0.5, 0.7];

    /** Lightness of what was white. */
    private const DARKEST = 0.22;

    public function label(): string
    {
        return ['unchanged' => 'Light page', 'soft' => 'Soft dark', 'forced' => 'Forced dark'][$this->value];
    }

    /** A page that is dark itself. */
    public static function page(): Colour
    {
        return Colour::hex('#1b1b1b');
    }

    /** A background as it is seen. */
    public function background(Colour $background): Colour
    {
        if ($this !== self::Soft) {
            return $this === self::Forced ? self::turned($background) : $background;
        }
        $oklch = Oklch::of($background);
        $turns = self::share($oklch->lightness, self::LIGHT) * (1 - self::share($oklch->chroma, self::SATURATED));
        $dark = 1 - $oklch->lightness * (1 - self::DARKEST);

        return $turns <= 0.0
            ? $background
            : $oklch->at($oklch->lightness + $turns * ($dark - $oklch->lightness))->toColour();
    }

    /** Text as it is seen, by the background it was meant for. */
    public function ink(Colour $ink, Colour $background): Colour
    {
        if ($this === self::Forced) {
            return self::turned($ink);
        }
        $seen = $this->background($background);

        return $seen->equals($background) || Contrast::ratio($ink, $seen) >= Contrast::TEXT
            ? $ink
            : Contrast::nearest($ink, fn (Colour $lighter) => Contrast::ratio($lighter, $seen) >= Contrast::TEXT)
                    ?? $ink;
    }

    /** Contrast ratio of text on its background as they are seen. */
    public function ratio(Colour $ink, Colour $background): float
    {
        return Contrast::ratio($this->ink($ink, $background), $this->background($background));
    }

    /**
     * How far a value is on its way between two, so that colours a step apart are seen a step apart.
     *
     * @param  array{float, float}  $between
     */
    private static function share(float $value, array $between): float
    {
        return max(0.0, min(1.0, ($value - $between[0]) / ($between[1] - $between[0])));
    }

    private static function turned(Colour $colour): Colour
    {
        // A card has a handful of colours and asks for the same ones again and again.
        static $turned = [];
        if (count($turned) > 500) {
            $turned = [];
        }
        $oklch = $turned[$colour->hex] ?? Oklch::of($colour);

        return $oklch instanceof Colour
            ? $oklch
            : ($turned[$colour->hex] = $oklch->at(1 - $oklch->lightness)->toColour());
    }
}
