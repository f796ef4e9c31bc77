<?php

namespace InkyCard\MailClient;

use InkyCard\Colour\Colour;
use InkyCard\Markup\Element;

/**
 * Takes colours away that a client finds would not read on its dark page, and leaves all others as they were sent: by
 * brightness alone, element by element, without a look at what one stands on.
 */
final readonly class ColourStripping
{
    /** How much of each channel counts, sRGB as encoded. */
    private const WEIGHTS = [0.2125, 0.7154, 0.0721];

    /** See-through from here on, as if there were none. */
    private const FAINT = 0.2;

    /**
     * @param  int  $bright  brightness from 0 to 255: a background over it goes, words over it stay
     * @param  float  $least  proportion of brightness words and background of one element must have, or it goes
     * @param  \Closure(Element, string, string, string): void  $told  of every colour taken: element, property, before
     */
    public function __construct(private int $bright, private float $least, private \Closure $told)
    {
    }

    public function strip(Element $top): void
    {
        $open = [$top];
        while ($open !== []) {
            $element = array_pop($open);
            $this->element($element);
            foreach ($element->children as $child) {
                if ($child instanceof Element) {
                    $open[] = $child;
                }
            }
        }
    }

    private function element(Element $element): void
    {
        $said = StyleColour::in($element->attributes['bgcolor'] ?? '');
        unset($element->attributes['bgcolor'], $element->attributes['color']);
        $background = $this->property($element, ['background', 'background-color']);
        if ($said !== null && $background === null) {
            $this->takes($element, 'background-color', $said);
        }
        $ink = $this->property($element, ['color']);
        if ($background !== null && ! $this->keeps($background, $ink)) {
            $this->takes($element, 'background-color', $background);
            $this->without($element, ['background', 'background-color']);
            $background = null;
        }
        if ($background === null && $ink !== null && self::brightness($ink) <= $this->bright) {
            ($this->told)($element, 'color', $ink->hex, 'its own');
            $this->without($element, ['color']);
        }
    }

    private function keeps(Colour $background, ?Colour $ink): bool
    {
        $one = self::brightness($background);
        if ($ink === null || $one > $this->bright) {
            return $one <= $this->bright;
        }
        $other = self::brightness($ink);

        return (max($one, $other) + 0.05) / (min($one, $other) + 0.05) >= $this->least;
    }

    /** White that vanishes into the page is what everybody wants of a dark page. */
    private function takes(Element $element, string $property, Colour $colour): void
    {
        if (self::brightness($colour) < 253) {
            ($this->told)($element, $property, $colour->hex, '');
        }
    }

    /** @param  list<string>  $names */
    private function property(Element $element, array $names): ?Colour
    {
        $colour = null;
        foreach ($element->style as [$name, $value]) {
            if (in_array($name, $names, true)) {
                $colour = self::isFaint($value) ? null : StyleColour::in($value);
            }
        }

        return $colour;
    }

    private static function isFaint(string $value): bool
    {
        return preg_match('~(?:^rgba\((?:[^,]+,){3}|/)\s*([\d.]+)(%?)\s*\)$~i', $value, $alpha) === 1
            && (float) $alpha[1] / ($alpha[2] === '' ? 1 : 100) <= self::FAINT;
    }

    /** @param  list<string>  $names */
    private function without(Element $element, array $names): void
    {
        $element->style = array_values(array_filter(
            $element->style, fn (array $declaration) => ! in_array($declaration[0], $names, true),
        ));
    }

    private static function brightness(Colour $colour): float
    {
        return self::WEIGHTS[0] * $colour->red + self::WEIGHTS[1] * $colour->green + self::WEIGHTS[2] * $colour->blue;
    }
}
