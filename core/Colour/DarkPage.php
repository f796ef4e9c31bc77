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

    /** From this OKLCH chroma on a background counts as saturated. */
    private const SATURATED = 0.08;

    /** Backgrounds from this OKLCH lightness on are light. */
    private const LIGHT = 0.6;

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

        return match (true) {
            $oklch->lightness >= self::LIGHT && $oklch->chroma < self::SATURATED => $oklch
                ->at(1 - $oklch->lightness * (1 - self::DARKEST))
                ->toColour(),
            default => $background,
        };
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

    private static function turned(Colour $colour): Colour
    {
        // A card has a handful of colours and asks for the same ones again and again.
        static $turned = [];
        if (count($turned) > 500) {
            $turned = [];
        }
        $oklch = $turned[$colour->toHex()] ?? Oklch::of($colour);

        return $oklch instanceof Colour
            ? $oklch
            : ($turned[$colour->toHex()] = $oklch->at(1 - $oklch->lightness)->toColour());
    }
}
