<?php

namespace InkyCard\MailClient;

use InkyCard\Colour\Colour;
use InkyCard\Colour\ColourText;
use InkyCard\Colour\Contrast;
use InkyCard\Colour\DarkPage;
use InkyCard\Markup\Element;
use InkyCard\Refusal;

/** Turns a message's colours for a dark page, as the models of DarkPage do, or by taking backgrounds away. */
final readonly class Darkening
{
    private const BORDERS = '/^border(?:-(?:top|right|bottom|left))?(?:-color)?$/';

    private const COLOUR = '/#[0-9a-f]{3,8}\b|\brgba?\([^)]*\)|\b(?!solid|dashed|dotted|none|inherit|transparent|auto'
        .'|double|medium|thin|thick)[a-z]{3,20}\b/i';

    /**
     * @param  \Closure(Element, string, string, string): void  $told of every colour changed: element, property,
     *     before, after
     */
    public function __construct(
        private DarkPage $dark,
        private bool $dropsBackgrounds,
        private Colour $page,
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
            $own = self::colour($element->attributes['bgcolor']);
        }
        foreach ($element->style as [$property, $value]) {
            if ($property === 'background-color' || $property === 'background') {
                $own = self::colour($value) ?? $own;
            }
        }
        if ($own !== null) {
            $background = $own;
            $this->background($element, $own);
        }
        foreach ($element->style as $index => [$property, $value]) {
            $ink = $property === 'color' ? self::colour($value) : null;
            if ($ink !== null) {
                $seen = $this->ink($ink, $background)->toHex();
                if ($seen !== $ink->toHex()) {
                    $element->style[$index][1] = $seen;
                    ($this->told)($element, 'color', $value, $seen);
                }
            } elseif (preg_match(self::BORDERS, $property) === 1 && ($line = self::colour($value)) !== null) {
                $seen = $this->ink($line, $background)->toHex();
                $element->style[$index][1] = (string) preg_replace(self::COLOUR, $seen, $value, 1);
            }
        }
        if (isset($element->attributes['color']) && ($ink = self::colour($element->attributes['color'])) !== null) {
            $element->attributes['color'] = $this->ink($ink, $background)->toHex();
        }

        return $background;
    }

    private function background(Element $element, Colour $own): void
    {
        $seen = $this->dark->background($own)->toHex();
        $after = $this->dropsBackgrounds ? '' : $seen;
        if ($after === $own->toHex()) {
            return;
        }
        // White that vanishes into the page is what everybody wants of a dark page.
        $matters = ! $this->dropsBackgrounds || Contrast::ratio($own, Colour::hex('#ffffff')) > 1.2;
        if ($this->dropsBackgrounds) {
            unset($element->attributes['bgcolor']);
            $element->style = array_values(
                array_filter(
                    $element->style,
                    fn (array $declaration) => $declaration[0] !== 'background-color'
                        && $declaration[0] !== 'background',
                ),
            );
        } else {
            if (isset($element->attributes['bgcolor'])) {
                $element->attributes['bgcolor'] = $seen;
            }
            foreach ($element->style as $index => [$property, $value]) {
                if ($property === 'background-color' || $property === 'background') {
                    $element->style[$index][1] = (string) preg_replace(self::COLOUR, $seen, $value, 1);
                }
            }
        }
        if ($matters) {
            ($this->told)($element, 'background-color', $own->toHex(), $after);
        }
    }

    private function ink(Colour $ink, Colour $background): Colour
    {
        // Looking for an ink that reads takes a search; a message asks for the same few again and again.
        static $seen = [];
        if (count($seen) > 2000) {
            $seen = [];
        }

        return $seen[$this->dark->value.$this->dropsBackgrounds.$ink->toHex().$background->toHex()] ??= $this->lifted(
            $ink,
            $background,
        );
    }

    private function lifted(Colour $ink, Colour $background): Colour
    {
        if (! $this->dropsBackgrounds) {
            return $this->dark->ink($ink, $background);
        }

        return Contrast::ratio($ink, $this->page) >= Contrast::TEXT
            ? $ink
            : Contrast::nearest(
                $ink,
                fn (Colour $lighter) => Contrast::ratio($lighter, $this->page) >= Contrast::TEXT,
            ) ?? $ink;
    }

    /** The colour in a value such as `#fff`, `1px solid red` or `url(…) no-repeat white`; null when it names none. */
    private static function colour(string $value): ?Colour
    {
        /** @var array<string, Colour|false> $read */
        static $read = [];
        if (count($read) > 2000) {
            $read = [];
        }
        $known = $read[$value] ?? null;
        if ($known === null) {
            $known = false;
            foreach (
                preg_match_all(self::COLOUR, (string) preg_replace('/url\([^)]*\)/', '', $value), $found) > 0
                    ? $found[0]
                    : [] as $candidate
            ) {
                try {
                    // A see-through colour is turned as if it covered.
                    $known = ColourText::parse(
                        (string) preg_replace('/^rgba\(([^,]+,[^,]+,[^,]+),.*$/i', 'rgb($1)', $candidate),
                    );
                    break;
                } catch (Refusal) {
                    // A word that is no colour.
                }
            }
            $read[$value] = $known;
        }

        return $known ?: null;
    }
}
