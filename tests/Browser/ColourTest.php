<?php

namespace Tests\Browser;

use InkyCard\Colour\ColourText;
use InkyCard\Refusal;

/** Colours written in any notation are what a browser takes them for. */
final class ColourTest extends BrowserTestCase
{
    public function test_every_notation_is_read_as_a_browser_reads_it(): void
    {
        Desk::shared()->browser->get('about:blank');
        $written = [...self::valid(), ...self::odd()];
        $seen = $this->script(
            'const canvas = document.createElement("canvas");
            const context = canvas.getContext("2d", { willReadFrequently: true });
            return arguments[0].map((colour) => {
                if (!CSS.supports("color", colour)) return null;
                context.clearRect(0, 0, 1, 1);
                context.fillStyle = colour;
                context.fillRect(0, 0, 1, 1);
                return [...context.getImageData(0, 0, 1, 1).data];
            })',
            $written,
        );
        $wrong = [];
        foreach ($written as $index => $colour) {
            $this->isAlike($colour, $seen[$index]) || $wrong[] = "$colour: ".json_encode($seen[$index]);
        }
        $this->assertSame([], $wrong);
    }

    /** @param  list<int>|null  $seen  red, green, blue and alpha; null where the browser takes it for no colour */
    private function isAlike(string $written, ?array $seen): bool
    {
        try {
            $colour = ColourText::parse($written);
        } catch (Refusal) {
            return $seen === null || $seen[3] < 255;
        }

        return $seen !== null && $seen[3] === 255 && max(
            abs($colour->red - $seen[0]), abs($colour->green - $seen[1]), abs($colour->blue - $seen[2]),
        ) <= 1;
    }

    /** @return list<string> within sRGB: what lies outside is brought in by each as it likes */
    private static function valid(): array
    {
        mt_srand(16);
        $in = fn (float $low, float $high): string => (string) round(
            $low + mt_rand() / mt_getrandmax() * ($high - $low), 3,
        );
        $hue = fn (): string => $in(-400, 400).['', 'deg', 'grad', 'rad'][mt_rand(0, 3)];
        $colours = [];
        for ($round = 0; $round < 60; $round++) {
            array_push(
                $colours,
                "rgb({$in(0, 255)} {$in(0, 255)} {$in(0, 255)})", "rgb({$in(0, 100)}% {$in(0, 255)} none)",
                "rgba({$in(0, 255)}, {$in(0, 255)}, {$in(0, 255)}, 1)", "hsl({$hue()}, {$in(0, 100)}%, {$in(0, 100)}%)",
                "hsl({$hue()} {$in(0, 100)} {$in(0, 100)} / 100%)", "hwb({$hue()} {$in(0, 100)}% {$in(0, 100)}%)",
                "lab({$in(40, 60)} {$in(-20, 20)} {$in(-20, 20)})", "lab({$in(40, 60)}% {$in(-16, 16)}% none)",
                "lch({$in(40, 60)} {$in(0, 20)} {$hue()})",
                "oklab({$in(0.4, 0.6)} {$in(-0.05, 0.05)} {$in(-0.05, 0.05)})",
                "oklch({$in(40, 60)}% {$in(0, 12)}% {$hue()})", 'hsl('.$in(-1, 1).'turn 50% 50%)',
            );
        }

        return $colours;
    }

    /** @return list<string> what looks like a colour, and is one or not */
    private static function odd(): array
    {
        return [
            'rgb(1 2)', 'rgb(1,2 3)', 'rgb(1, 2, 3%)', 'rgb(1%, 2%, 3%)', 'rgb(none none none)', 'rgb(1, none, 3)',
            'rgb(1 2 3 4)', 'rgb(1 2 3 /)', 'rgb(1 2 3 / 0.5)', 'rgb(1 2 3 / none)', 'rgb(1.5.2 2 3)', 'rgb(+1 -2 3e1)',
            'hsl(10, 20, 30)', 'hsl(10 20 30)', 'hsl(10% 20% 30%)', 'hsl(10deg 20% 30%)', 'hsl(0.1turn, 20%, 30%)',
            'hwb(10, 20%, 30%)', 'hwb(10 80% 80%)', 'hwb(none 10% 10%)', 'lab(50, 1, 2)', 'lch(50 10 10%)',
            'lch(50 -10 10)', 'oklab(0.5 0 0 / 1)', 'oklch(0.5 0.1)', 'oklch(50deg 0.1 10)', 'cmyk(1 2 3)', 'rgb 1 2 3',
            'transparent', 'rebeccapurple', 'notacolour', '#12', '#12345', '#1234', '#123f', '#112233ff', '#11223380',
            'rgba(1,2,3,1)', 'rgba(1 2 3)', 'hsla(1 2% 3% / 1)', 'rgb(256 300 -4)', 'rgb( 1  2   3 )', 'RGB(1 2 3)',
        ];
    }
}
