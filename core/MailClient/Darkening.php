<?php

namespace InkyCard\MailClient;

use InkyCard\Colour\Colour;
use InkyCard\Colour\DarkPage;
use InkyCard\Markup\Element;

/** Turns a message's colours for a dark page, as the models of DarkPage do. */
final readonly class Darkening
{
    private const BORDERS = '/^border(?:-(?:top|right|bottom|left))?(?:-color)?$/';

    /**
     * @param  \Closure(Element, string, string, string): void  $told of every colour changed: element, property,
     *     before, after
     */
    public function __construct(
        private DarkPage $dark,
        private \Closure $told,
    ) {
    }

    public function turn(Element $top): void
    {
        $white = Colour::hex('#ffffff');
        // With the background each stands on, as sent.
        $open = [[$top, $white]];
        while ($open !== []) {
            [$element, $background] = array_pop($open);
            $background = $this->element($element, $background);
            foreach ($element->children as $child) {
                if ($child instanceof Element) {
                    $open[] = [$child, $background];
                }
            }
        }
    }

    private function element(Element $element, Colour $background): Colour
    {
        $own = null;
        if (isset($element->attributes['bgcolor'])) {
            $own = StyleColour::in($element->attributes['bgcolor']);
        }
        foreach ($element->style as [$property, $value]) {
            if ($property === 'background-color' || $property === 'background') {
                $own = StyleColour::in($value) ?? $own;
            }
        }
        if ($own !== null) {
            $background = $own;
            $this->background($element, $own);
        }
        foreach ($element->style as $index => [$property, $value]) {
            $ink = $property === 'color' ? StyleColour::in($value) : null;
            if ($ink !== null) {
                $seen = $this->ink($ink, $background)->hex;
                if ($seen !== $ink->hex) {
                    $element->style[$index][1] = $seen;
                    ($this->told)($element, 'color', $value, $seen);
                }
            } elseif (preg_match(self::BORDERS, $property) === 1 && ($line = StyleColour::in($value)) !== null) {
                $seen = $this->ink($line, $background)->hex;
                $element->style[$index][1] = (string) preg_replace(StyleColour::PATTERN, $seen, $value, 1);
            }
        }
        if (isset($element->attributes['color']) && ($ink = StyleColour::in($element->attributes['color'])) !== null) {
            $element->attributes['color'] = $this->ink($ink, $background)->hex;
        }

        return $background;
    }

    private function background(Element $element, Colour $own): void
    {
        $seen = $this->dark->background($own)->hex;
        if ($seen === $own->hex) {
            return;
        }
        if (isset($element->attributes['bgcolor'])) {
            $element->attributes['bgcolor'] = $seen;
        }
        foreach ($element->style as $index => [$property, $value]) {
            if ($property === 'background-color' || $property === 'background') {
                $element->style[$index][1] = (string) preg_replace(StyleColour::PATTERN, $seen, $value, 1);
            }
        }
        ($this->told)($element, 'background-color', $own->hex, $seen);
    }

    private function ink(Colour $ink, Colour $background): Colour
    {
        // Looking for an ink that reads takes a search; a message asks for the same few again and again.
        static $seen = [];
        if (count($seen) > 2000) {
            $seen = [];
        }

        return $seen[$this->dark->value.$ink->hex.$background->hex] ??= $this->dark->ink($ink, $background);
    }
}
