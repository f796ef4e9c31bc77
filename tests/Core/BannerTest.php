<?php

namespace Tests\Core;

use InkyCard\Banner\Artwork;
use InkyCard\Banner\Banner;
use InkyCard\Banner\BannerDrawings;
use InkyCard\Banner\BannerLettering;
use InkyCard\Banner\BannerSize;
use InkyCard\Banner\Design;
use InkyCard\Banner\DesignOrder;
use InkyCard\Banner\Designs;
use InkyCard\Banner\Legibility;
use InkyCard\Banner\Occasions;
use InkyCard\Colour\Colour;
use InkyCard\Colour\Contrast;
use InkyCard\Refusal;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Banners as they are set and drawn: words by lot in every design and size. */
final class BannerTest extends TestCase
{
    private const WORDS = [
        'open', 'garden', 'day', 'spring', 'planting', 'plans', 'tea', 'at', 'three', 'Herbstpflanzung',
        'Landschaftsgartengestaltung', 'à', 'l’été', 'бесплатно', 'σχέδια', 'حديقة', 'מבצע', '20', '%', 'until', '庭園',
        'Wiesenblumenmischung', 'we', 'walk', 'it', 'with', 'you', 'and', 'draw',
    ];

    private static function words(int $most): string
    {
        $words = [];
        for ($n = mt_rand(0, $most); $n > 0; $n--) {
            $words[] = self::WORDS[mt_rand(0, count(self::WORDS) - 1)];
        }

        return mb_substr(implode(' ', $words), 0, 84);
    }

    public function test_words_by_lot_stand_whole_in_their_place_in_three_lines_or_are_refused_with_what_fits(): void
    {
        mt_srand(11);
        $set = $refused = 0;
        for ($n = 0; $n < 60; $n++) {
            [$width, $height] = $n % 3 === 0 ? [mt_rand(120, 600), mt_rand(40, 300)]
                : array_slice(array_values(BannerSize::NAMED)[$n % 4], 1);
            $banner = Banner::of([
                'headline' => self::words(8) ?: 'Open', 'line' => self::words(12), 'call' => mb_substr(self::words(3),
                    0, 40), 'width' => $width, 'height' => $height, 'picture' => 'sample:banner-coast',
                'typeface' => ['arial', 'georgia', 'verdana'][$n % 3],
            ]);
            foreach ($banner->designs() as $design) {
                try {
                    $words = (new Artwork($banner, $design))->words();
                } catch (Refusal $refusal) {
                    $refused++;
                    $this->mayBeShortened($banner, $design, $refusal);

                    continue;
                }
                $set++;
                $place = $design->form($banner->size)->words;
                $lines = [];
                foreach ($words->lines as $line) {
                    $lines[$line->part] = ($lines[$line->part] ?? 0) + 1;
                    $left = $banner->runsFromRight() ? 1 - $place[0] - $place[2] : $place[0];
                    $this->assertGreaterThanOrEqual($left * $width - 0.02, $line->box->x);
                    $this->assertLessThanOrEqual(
                        ($left + $place[2]) * $width + 0.02, $line->box->x + $line->box->width,
                    );
                    $this->assertGreaterThanOrEqual($place[1] * $height - 0.02, $line->box->y);
                    $this->assertLessThanOrEqual(
                        ($place[1] + $place[3]) * $height + 0.02, $line->box->y + $line->box->height,
                    );
                }
                $this->assertLessThanOrEqual(3, max([0, ...array_values($lines)]));
            }
        }
        $this->assertGreaterThan(300, $set);
        $this->assertGreaterThan(50, $refused);
    }

    /** What a refusal says fits does. */
    private function mayBeShortened(Banner $banner, Design $design, Refusal $refusal): void
    {
        if (preg_match('/shorten the (\w+) to about (\d+) letters/', $refusal->getMessage(), $found) !== 1) {
            $this->assertStringContainsString('leave one of the texts out', $refusal->getMessage());

            return;
        }
        $this->assertSame($found[1], $refusal->field());
        $shorter = $banner->with([$found[1] => rtrim(mb_substr($banner->toArray()[$found[1]], 0, (int) $found[2]))]);
        $this->assertNotSame([], (new Artwork($shorter, $design))->words()->lines);
    }

    public function test_text_is_set_at_the_largest_size_that_fits(): void
    {
        $size = fn (string $headline): float => (new Artwork(
            Banner::of(['headline' => $headline]), Designs::all()['two-rules'],
        ))->words()->smallest();
        $this->assertSame(46.0, $size('Open'));
        $this->assertGreaterThan($size('Open garden day and all that goes with it, on the 22nd of May'),
            $size('Open garden day on the 22nd of May'));
    }

    public function test_there_are_designs_of_three_families_drawings_and_their_file_is_drawn_by_roles_alone(): void
    {
        $this->assertGreaterThanOrEqual(14, count(Designs::all()));
        $this->assertSame(['words', 'picture', 'drawing'], array_values(array_unique(array_map(
            fn (Design $design) => $design->family, array_values(Designs::all()),
        ))));
        foreach (array_keys(Occasions::all()) as $occasion) {
            $this->assertNotSame(BannerDrawings::PLAIN, BannerDrawings::of($occasion), $occasion);
        }
        $banner = Banner::of(['headline' => 'Open', 'drawing' => 'sun', 'picture' => 'sample:banner-coast']);
        foreach ($banner->designs() as $design) {
            $work = new Artwork($banner, $design, 'data:,');
            $svg = $work->backdrop($banner->inks, $work->lettering($banner->inks));
            $this->assertNotFalse(simplexml_load_string(
                "<svg xmlns=\"http://www.w3.org/2000/svg\" xmlns:xlink=\"http://www.w3.org/1999/xlink\">$svg</svg>",
            ), $design->key);
        }
    }

    public function test_words_that_run_from_the_right_stand_on_the_other_side(): void
    {
        $x = fn (string $headline): float => (new Artwork(
            Banner::of(['headline' => $headline]), Designs::all()['ribbon-end'],
        ))->words()->lines[0]->box->x;
        $this->assertLessThan(60, $x('Open garden day'));
        $this->assertGreaterThan(150, $x('يوم الحديقة'));
    }

    /** @return iterable<string, array{array<string, string>}> */
    public static function inks(): iterable
    {
        yield 'a firm' => [['paper' => '#fffdf8', 'words' => '#26332b', 'accent' => '#b4512b', 'second' => '#2b5d3d']];
        yield 'all pale' => [['paper' => '#fafafa', 'words' => '#cccccc', 'accent' => '#ffee88',
            'second' => '#ddeeff']];
        yield 'a dark page' => [['paper' => '#101418', 'words' => '#f4f4f4', 'accent' => '#ffcc00',
            'second' => '#335577']];
        yield 'one ink' => [array_fill_keys(['paper', 'words', 'accent', 'second'], '#777777')];
    }

    /** @param  array<string, string>  $inks */
    #[DataProvider('inks')]
    public function test_inks_of_words_read_on_their_grounds_on_light_and_dark_pages(array $inks): void
    {
        $banner = Banner::of(['headline' => 'Open garden day', 'call' => 'Come', 'inks' => $inks]);
        foreach ($banner->designs() as $design) {
            $form = $design->form($banner->size);
            foreach ([$banner->inks, $banner->inks->dark()] as $page) {
                foreach ((new Artwork($banner, $design))->lettering($page)->inks as $part => $ink) {
                    $ground = $page->colour($part === 'call' && $form->button ? $form->button : $form->ground);
                    $this->assertGreaterThanOrEqual(
                        Contrast::TEXT, Contrast::ratio($ink, $ground), "$design->key $part",
                    );
                }
            }
        }
    }

    public function test_contrast_is_that_of_the_pixels_behind_and_what_does_not_read_is_mended(): void
    {
        $banner = Banner::of(['headline' => 'Open garden day']);
        $work = new Artwork($banner, Designs::all()['two-rules']);
        $plain = self::picture(fn () => [40, 40, 44]);
        $black = new BannerLettering(array_fill_keys(['headline', 'line', 'call'], Colour::hex('#222222')));
        $sight = new Legibility($plain, $work->words(), $banner->size);
        $this->assertEqualsWithDelta(
            Contrast::ratio(Colour::hex('#222222'), Colour::hex('#28282c')), $sight->faintest($black), 0.01,
        );
        [$mended, $said] = $sight->mended($black, $banner->inks);
        $this->assertGreaterThanOrEqual(Contrast::TEXT, $sight->faintest($mended));
        $this->assertNull($mended->veil);
        $this->assertStringContainsString('Another ink', $said);
        // Stripes of black and white: no ink reads on both.
        $striped = self::picture(fn (int $x) => intdiv($x, 12) % 2 ? [255, 255, 255] : [0, 0, 0]);
        [$veiled, $said] = (new Legibility($striped, $work->words(), $banner->size))->mended($black, $banner->inks);
        $this->assertNotNull($veiled->veil);
        $this->assertStringContainsString('veil', $said);
        $drawn = $work->backdrop($banner->inks, $veiled);
        $this->assertStringContainsString($veiled->veil[0]->hex, $drawn);
    }

    /** @param  \Closure(int, int): array{int, int, int}  $at */
    private static function picture(\Closure $at): \GdImage
    {
        $picture = imagecreatetruecolor(480, 96);
        for ($x = 0; $x < 480; $x++) {
            for ($y = 0; $y < 96; $y++) {
                [$red, $green, $blue] = $at($x, $y);
                imagesetpixel($picture, $x, $y, $red << 16 | $green << 8 | $blue);
            }
        }

        return $picture;
    }

    public function test_the_best_design_comes_first_and_what_looks_like_it_later(): void
    {
        $banner = Banner::of(['headline' => 'Open garden day', 'line' => 'Come and walk it with us']);
        $words = (new Artwork($banner, Designs::all()['two-rules']))->words();
        $red = self::picture(fn () => [200, 20, 20]);
        $blue = self::picture(fn () => [20, 20, 200]);
        $this->assertSame(['a', 'c', 'b', 'd'], DesignOrder::of([
            'd' => [$red, 2.0, $words, 9_000], 'a' => [$red, 12.0, $words, 9_000], 'b' => [$red, 11.0, $words, 9_000],
            'c' => [$blue, 8.0, $words, 20_000],
        ], 60_000));
    }

    public function test_what_is_read_out_is_written_from_the_words_and_a_banner_comes_back_as_it_was(): void
    {
        $banner = Banner::of([
            'headline' => 'Open garden day', 'line' => 'Tea at three.', 'call' => 'Come',
            'address' => 'quillfern.example',
        ]);
        $this->assertSame('Open garden day: Tea at three. Come', $banner->alt());
        $this->assertSame('Ours', $banner->with(['alt' => 'Ours'])->alt());
        $this->assertEquals($banner, Banner::of((array) json_decode((string) json_encode($banner->toArray()), true)));
    }

    /** @return iterable<string, array{array<string, mixed>, string, string}> */
    public static function refused(): iterable
    {
        yield 'too wide' => [['width' => 900], '/width', 'from 120 to 600'];
        yield 'no number' => [['height' => '9e1'], '/height', 'from 40 to 300'];
        yield 'long' => [['headline' => str_repeat('a', 91)], '/headline', '90'];
        yield 'no ink' => [['inks' => ['accent' => 'red!']], '/inks/accent', 'six hexadecimal digits'];
        yield 'no design' => [['design' => 'plaid'], '/design', 'choose one'];
        yield 'no drawing' => [['drawing' => ['a']], '/drawing', 'choose one'];
        yield 'no picture' => [['design' => 'picture'], '/picture', 'Choose the picture'];
        yield 'a script' => [['address' => 'javascript:alert(1)'], '/address', ''];
    }

    /** @param  array<string, mixed>  $given */
    #[DataProvider('refused')]
    public function test_bad_values_are_refused_with_their_place(array $given, string $path, string $says): void
    {
        try {
            Banner::of($given);
            $this->fail('It was taken.');
        } catch (Refusal $refusal) {
            $this->assertSame($path, $refusal->path);
            $this->assertStringContainsString($says, $refusal->getMessage());
        }
    }
}
