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

    /** Light grounds turn dark, text lifts until it reads, saturated grounds stay. */
    case Soft = 'soft';

    /** The lightness of every colour is turned over; pictures stay. */
    case Forced = 'forced';

    /** From this OKLCH chroma on a ground counts as saturated. */
    private const SATURATED = 0.08;

    /** Grounds from this OKLCH lightness on are light. */
    private const LIGHT = 0.6;

    /** Lightness of what was white. */
    private const DARKEST = 0.22;

    public function label(): string
    {
        return ['unchanged' => 'Light page', 'soft' => 'Soft dark', 'forced' => 'Forced dark'][$this->value];
    }

    /** A ground as it is seen. */
    public function ground(Colour $ground): Colour
    {
        if ($this !== self::Soft) {
            return $this === self::Forced ? self::turned($ground) : $ground;
        }
        $oklch = Oklch::of($ground);

        return match (true) {
            $oklch->lightness >= self::LIGHT && $oklch->chroma < self::SATURATED => $oklch
                ->at(1 - $oklch->lightness * (1 - self::DARKEST))
                ->toColour(),
            default => $ground,
        };
    }

    /** Text as it is seen, by the ground it was meant for. */
    public function ink(Colour $ink, Colour $ground): Colour
    {
        if ($this === self::Forced) {
            return self::turned($ink);
        }
        $seen = $this->ground($ground);

        return $seen->equals($ground) || Contrast::ratio($ink, $seen) >= Contrast::TEXT
            ? $ink
            : Contrast::nearest($ink, fn (Colour $lighter) => Contrast::ratio($lighter, $seen) >= Contrast::TEXT)
                    ?? $ink;
    }

    /** Contrast ratio of text on its ground as they are seen. */
    public function ratio(Colour $ink, Colour $ground): float
    {
        return Contrast::ratio($this->ink($ink, $ground), $this->ground($ground));
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
