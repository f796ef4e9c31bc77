<?php

namespace Tests\Core;

use InkyCard\Brand\InkProposal;
use InkyCard\Colour\Colour;
use InkyCard\Colour\ColourText;
use InkyCard\Colour\Contrast;
use InkyCard\Colour\DarkPage;
use InkyCard\Colour\Oklch;
use InkyCard\Colour\Palette;
use InkyCard\Refusal;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class ColourTest extends TestCase
{
    /** @return iterable<string, array{string, ?string}> text => hex, null where it is refused */
    public static function texts(): iterable
    {
        foreach (
            [
                '#f00' => '#ff0000', '2C6CB3' => '#2c6cb3', '#abcf' => '#aabbcc', ' Tomato ' => '#ff6347',
                'rgb(47 93 58)' => '#2f5d3a', 'rgb(47, 93, 58)' => '#2f5d3a', 'rgba(100% 0% 50% / 1)' => '#ff0080',
                'hsl(120 100% 25%)' => '#008000', 'hsl(-240deg, 100%, 25%)' => '#008000',
                'oklch(62.8% 0.2577 29.23)' => '#ff0000', 'oklch(0.7 0.4 145)' => '#00c300',
                'rgb(300 -5 0)' => '#ff0000', '' => null, 'notacolour' => null, '#12' => null, '#12345680' => null,
                'rgba(0,0,0,.5)' => null, 'rgb(1,2)' => null, 'url(x)' => null, 'rgb(1e999 0 0)' => null,
                str_repeat('a', 9000) => null,
            ] as $text => $hex
        ) {
            yield substr((string) $text, 0, 40) => [(string) $text, $hex];
        }
    }

    #[DataProvider('texts')]
    public function test_reads_colours_as_people_write_them(string $text, ?string $hex): void
    {
        if ($hex === null) {
            $this->expectException(Refusal::class);
        }
        $this->assertSame($hex, ColourText::parse($text)->hex);
    }

    public function test_a_pasted_list_loses_nothing_silently(): void
    {
        $read = ColourText::find("Brand red: #B4502C, body rgb(38, 51, 43)\npaper: ivory; #b4502c\nour lovely green\n");
        $this->assertSame(
            ['#b4502c', '#26332b', '#fffff0', '#008000'],
            array_map(fn (Colour $colour) => $colour->hex, $read['found']),
        );
        // A CSS name in a sentence is a colour; a line without any is told.
        $this->assertSame(['nothing here'], ColourText::find('nothing here')['not']);
    }

    public function test_oklch_goes_there_and_back_and_stays_inside_srgb(): void
    {
        mt_srand(4);
        for ($n = 0; $n < 400; $n++) {
            $colour = self::random();
            $this->assertSame($colour->hex, Oklch::of($colour)->toColour()->hex);
            $mapped = (new Oklch(mt_rand(1, 99) / 100, mt_rand(0, 50) / 100, mt_rand(0, 359)));
            $got = Oklch::of($mapped->toColour());
            $this->assertEqualsWithDelta($mapped->lightness, $got->lightness, 0.05);
            $this->assertLessThanOrEqual($mapped->chroma + 0.03, $got->chroma);
        }
        // Published values (Ottosson 2020): sRGB red, green, blue.
        foreach (
            [
                '#ff0000' => [0.628, 0.2577, 29.23],
                '#00ff00' => [0.8664, 0.2948, 142.5],
                '#0000ff' => [0.452, 0.3132, 264.05],
            ] as $hex => [$l, $c, $h]
        ) {
            $oklch = Oklch::of(Colour::hex($hex));
            $this->assertEqualsWithDelta([$l, $c, $h], [$oklch->lightness, $oklch->chroma, $oklch->hue], 0.02);
        }
    }

    public function test_the_nearest_readable_ink_reads_keeps_its_hue_and_moves_no_further_than_needed(): void
    {
        mt_srand(5);
        for ($n = 0; $n < 120; $n++) {
            [$ink, $background] = [self::random(), self::random()];
            $near = Contrast::nearestReadable($ink, $background);
            $this->assertNotNull($near);
            $this->assertGreaterThanOrEqual(4.5, Contrast::ratio($near, $background));
            [$from, $to] = [Oklch::of($ink), Oklch::of($near)];
            if ($to->chroma > 0.03 && $from->chroma > 0.03) {
                $this->assertLessThan(15, abs(fmod($to->hue - $from->hue + 540, 360) - 180));
            }
            // A little nearer would not do.
            $moved = $to->lightness - $from->lightness;
            if (abs($moved) > 0.03) {
                $this->assertLessThan(
                    4.5,
                    Contrast::ratio($from->at($to->lightness - 0.02 * ($moved <=> 0))->toColour(), $background),
                );
            }
        }
    }

    public function test_dark_pages(): void
    {
        [$white, $body, $stamp] = [Colour::hex('#ffffff'), Colour::hex('#26332b'), Colour::hex('#b4502c')];
        $this->assertLessThan(0.25, Oklch::of(DarkPage::Soft->background($white))->lightness);
        $this->assertSame($stamp, DarkPage::Soft->background($stamp));
        $this->assertSame('#000000', DarkPage::Forced->background($white)->hex);
        $this->assertSame($body, DarkPage::Unchanged->ink($body, $white));
        mt_srand(6);
        for ($n = 0; $n < 60; $n++) {
            $ink = self::random();
            $this->assertGreaterThanOrEqual(4.5, DarkPage::Soft->ratio($ink, $white), $ink->hex);
            $this->assertEqualsWithDelta(
                1,
                Oklch::of($ink)->lightness + Oklch::of(DarkPage::Forced->ink($ink, $white))->lightness,
                0.04,
            );
        }
    }

    public function test_a_palette_finds_the_exact_colours_of_a_drawing_and_leaves_out_its_background(): void
    {
        $pixels = [];
        for ($y = 0; $y < 60; $y++) {
            for ($x = 0; $x < 60; $x++) {
                // A clear strip, a pale background, a large dull square, a small bright one, a soft edge between.
                $pixels[] = match (true) {
                    $y > 5 && $y < 45 && $x > 5 && $x < 45 => $x < 25
                        ? 0x4A5170
                        : ($y < 28
                            ? 0xB4502C
                            : ($x === 25
                                ? 0x7F817C
                                : 0xF7F3EA)),
                    $x === 59 => 127 << 24,
                    default => 0xF7F3EA,
                };
            }
        }
        $palette = Palette::of($pixels, 60);
        $this->assertSame('#f7f3ea', $palette->background?->hex);
        $this->assertSame(
            ['#b4502c', '#4a5170'],
            array_slice(array_map(fn (array $of) => $of['colour']->hex, $palette->colours), 0, 2),
        );
        $this->assertEquals($palette, Palette::of($pixels, 60));
        $this->assertSame('#c8402a', Palette::of(array_fill(0, 9, 0xC8402A), 3)->colours[0]['colour']->hex);
        $this->assertSame([], Palette::of(array_fill(0, 9, 127 << 24), 3)->colours);
    }

    public function test_proposed_inks_read_on_their_paper(): void
    {
        mt_srand(7);
        for ($n = 0; $n < 60; $n++) {
            $inks = InkProposal::of(
                array_map(fn () => self::random(), range(1, mt_rand(1, 6))),
                mt_rand(0, 1) === 1 ? self::random() : null,
            );
            foreach (['body', 'accent', 'quiet', 'link'] as $role) {
                $this->assertGreaterThanOrEqual(4.5, Contrast::ratio($inks[$role], $inks['paper']), $role);
            }
        }
    }

    private static function random(): Colour
    {
        return new Colour(mt_rand(0, 255), mt_rand(0, 255), mt_rand(0, 255));
    }
}
