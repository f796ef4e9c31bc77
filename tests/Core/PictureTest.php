<?php

namespace Tests\Core;

use InkyCard\Colour\Colour;
use InkyCard\Picture\Baker;
use InkyCard\Picture\Canvas;
use InkyCard\Picture\Framing;
use InkyCard\Picture\Handwriting;
use InkyCard\Picture\Intake;
use InkyCard\Picture\PictureRef;
use InkyCard\Picture\Recipe;
use InkyCard\Picture\Shape;
use InkyCard\Picture\Strokes;
use InkyCard\Picture\Tone;
use InkyCard\Refusal;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class PictureTest extends TestCase
{
    private const LONG = "\xff\xd8\xff";

    /** @return iterable<string, array{string, string}> */
    public static function notPictures(): iterable
    {
        yield 'empty' => ['', 'empty'];
        yield 'text' => ['just words', 'not a picture'];
        yield 'SVG' => ['<?xml version="1.0"?><!-- x --><svg xmlns="http://www.w3.org/2000/svg"/>', 'SVG'];
        yield 'web page' => ["\n<!DOCTYPE html><script>alert(1)</script>", 'web page'];
        yield 'PDF' => ["%PDF-1.7\n", 'PDF'];
        yield '30,000 × 30,000' => [self::png(30_000, 30_000), '30,000 × 30,000'];
        yield 'no pixels' => [self::png(0, 10), 'not a picture|no pixels'];
        yield 'only a header' => [self::png(100, 100), 'damaged'];
        // Made long in the test: as data of one it would be copied with every report of it.
        yield '20 MB' => [self::LONG, 'over 10 MB'];
    }

    /** @return iterable<string, array{string, string}> pictures of a class of their own => what becomes of them */
    public static function oddPictures(): iterable
    {
        $picture = imagecreatetruecolor(400, 300);
        mt_srand(9);
        for ($n = 0; $n < 200; $n++) {
            imagefilledellipse($picture, mt_rand(0, 400), mt_rand(0, 300), 60, 60, mt_rand(0, 0xFFFFFF));
        }
        $jpeg = Canvas::file(fn () => imagejpeg($picture));
        $png = Canvas::file(fn () => imagepng($picture));
        $webp = Canvas::file(fn () => imagewebp($picture));
        $gif = Canvas::file(fn () => imagegif($picture));
        foreach ([0.3, 0.7, 0.99] as $share) {
            $cut = fn (string $bytes): string => substr($bytes, 0, (int) (strlen($bytes) * $share));
            yield "JPEG cut at $share" => [$cut($jpeg), 'end is missing|damaged'];
            yield "GIF cut at $share" => [$cut($gif), 'end is missing|damaged'];
            yield "PNG cut at $share" => [$cut($png), 'damaged'];
            yield "WebP cut at $share" => [$cut($webp), 'damaged|not a picture'];
        }
        yield 'JPEG with a thumbnail in it, cut' => [
            substr_replace(
                substr($jpeg, 0, (int) (strlen($jpeg) / 2)),
                "\xff\xe1".pack('n', 40).str_repeat('x', 20)."\xff\xd8..\xff\xd9".str_repeat('x', 12), 2, 0,
            ),
            'end is missing',
        ];
        yield 'JPEG with something after it' => [$jpeg.'trailer', 'jpg'];
        $moving = \Intervention\Gif\Builder::canvas(8, 8);
        $frame = imagecreate(8, 8);
        imagecolorallocate($frame, 200, 60, 40);
        for ($n = 0; $n < 500; $n++) {
            $moving->addFrame(Canvas::file(fn () => imagegif($frame)), 0.1);
        }
        yield 'GIF of 500 frames' => [$moving->encode(), 'moves \(500 frames\)'];
        yield 'animated WebP' => [(string) file_get_contents(__DIR__.'/pictures/moving.webp'), 'moves \(2 frames\)'];
        yield 'animated PNG' => [
            substr_replace($png, pack('N', 8).'acTL'.pack('NN', 12, 0).pack('N', 0), 33, 0),
            'moves \(12 frames\)',
        ];
        yield 'CMYK JPEG' => [(string) file_get_contents(__DIR__.'/pictures/cmyk.jpg'), 'jpg c8402a'];
        yield '16-bit PNG' => [(string) file_get_contents(__DIR__.'/pictures/sixteen.png'), 'png c8402a'];
        $palette = imagecreate(30, 30);
        imagecolorallocate($palette, 43, 116, 109);
        yield 'palette PNG' => [Canvas::file(fn () => imagepng($palette)), 'png 2b746d'];
        // A comment that is a script as well: nothing of it is kept.
        yield 'GIF that is a script too' => [
            str_replace(
                'GIF87a',
                'GIF89a',
                substr_replace($gif, "!\xfe\x16*/=1;alert(document)//\0", 13 + 3 * (2 << (ord($gif[10]) & 7)), 0),
            ),
            'png',
        ];
        yield 'PNG of a huge chunk that unpacks without end' => [
            self::png(20_000, 20_000)
            .self::chunk('IDAT', (string) gzcompress(str_repeat("\0", 5_000_000), 9))
            .self::chunk('IEND', ''),
            '20,000 × 20,000',
        ];
        foreach (range(1, 8) as $turn) {
            yield "EXIF turn $turn with a place" => [self::turned($turn), 'jpg'];
        }
    }

    #[DataProvider('oddPictures')]
    public function test_odd_pictures_are_taken_right_or_get_a_sentence(string $bytes, string $expected): void
    {
        try {
            $kept = Intake::take($bytes);
        } catch (Refusal $refusal) {
            $this->assertMatchesRegularExpression("/$expected/", $refusal->getMessage());

            return;
        }
        [$extension, $colour] = explode(' ', "$expected ");
        $this->assertSame($extension, $kept->extension, 'accepted');
        $this->assertStringNotContainsString('alert', $kept->bytes);
        $this->assertStringNotContainsString('Eddersby', $kept->bytes);
        $image = imagecreatefromstring($kept->bytes);
        $this->assertNotFalse($image);
        if ($colour !== '') {
            imagepalettetotruecolor($image);
            $pixel = imagecolorat($image, 1, 1);
            foreach ([16, 8, 0] as $shift) {
                $this->assertEqualsWithDelta(((int) hexdec($colour) >> $shift) & 0xFF, ($pixel >> $shift) & 0xFF, 12);
            }
        }
        if (str_starts_with((string) $this->dataName(), 'EXIF')) {
            // The red corner of the scene is at its top left, however the camera was held.
            $this->assertGreaterThan(180, (imagecolorat($image, 4, 4) >> 16) & 0xFF);
            $this->assertSame([80, 40], [imagesx($image), imagesy($image)]);
        }
    }

    #[DataProvider('notPictures')]
    public function test_what_is_no_picture_is_refused_before_it_is_decoded(string $bytes, string $because): void
    {
        $bytes = $bytes === self::LONG ? str_pad($bytes, 20_000_000, "\0") : $bytes;
        $before = memory_get_peak_usage();
        try {
            Intake::take($bytes);
            $this->fail('accepted');
        } catch (Refusal $refusal) {
            $this->assertMatchesRegularExpression("/$because/", $refusal->getMessage());
        }
        $this->assertLessThan(60_000_000, memory_get_peak_usage() - $before);
    }

    public function test_a_picture_is_kept_upright_scaled_and_without_metadata(): void
    {
        $photo = imagecreatetruecolor(3000, 1500);
        imagefilledrectangle($photo, 0, 0, 300, 1499, 0xFF0000);
        ob_start();
        imagejpeg($photo);
        // EXIF orientation 6: the camera was turned, left is really up; a made-up place name stands beside it.
        $exif
            = "Exif\0\0II*\0\x08\0\0\0\x02\0\x12\x01\x03\0\x01\0\0\0\x06\0\0\0\x0e\x01\x02\0\x0a\0\0\0"
                ."\x26\0\0\0\0\0\0\0Eddersby!\0";
        $jpeg = substr_replace((string) ob_get_clean(), "\xff\xe1".pack('n', strlen($exif) + 2).$exif, 2, 0);
        $kept = Intake::take($jpeg);
        $this->assertSame(['jpg', 800, 1600], [$kept->extension, $kept->width, $kept->height]);
        $this->assertStringNotContainsString('Eddersby', $kept->bytes);
        $this->assertStringNotContainsString('Exif', $kept->bytes);
        $upright = imagecreatefromstring($kept->bytes);
        $this->assertNotFalse($upright);
        $this->assertGreaterThan(200, (imagecolorat($upright, 400, 20) >> 16) & 0xFF, 'the red edge is at the top');
    }

    public function test_shapes_are_cut_two_pixels_to_one(): void
    {
        $square = imagecreatetruecolor(300, 200);
        imagefill($square, 0, 0, 0x3366CC);
        ob_start();
        imagepng($square);
        $bytes = (string) ob_get_clean();
        foreach (
            ['round' => [127, 127], 'rounded' => [127, 0], 'arch' => [127, 127], 'square' => [0,
                0]] as $shape => [$corner, $inset]
        ) {
            $baked = Baker::photo($bytes, new Recipe('sample:x', Shape::from($shape), 96, 96));
            $image = imagecreatefromstring($baked->bytes);
            $this->assertNotFalse($image);
            $alpha = fn (int $x, int $y) => (imagecolorat($image, $x, $y) >> 24) & 0x7F;
            $this->assertSame([192, 192, 192], [$baked->width, imagesx($image), imagesy($image)], $shape);
            $this->assertSame([$corner, $inset, 0], [$alpha(0, 0), $alpha(14, 14), $alpha(96, 96)], $shape);
            $this->assertSame(
                $baked->hash(),
                Baker::photo($bytes, new Recipe('sample:x', Shape::from($shape), 96, 96))->hash(),
                'the same bytes every time',
            );
        }
    }

    public function test_the_part_meant_is_baked_around_its_focus(): void
    {
        $map = imagecreatetruecolor(400, 200);
        foreach ([0xFF0000, 0x00FF00, 0x0000FF, 0xFFFF00] as $n => $colour) {
            imagefilledrectangle($map, 100 * $n, 0, 100 * $n + 99, 199, $colour);
        }
        $bytes = Canvas::file(fn () => imagepng($map));
        $seen = function (string $part) use ($bytes): string {
            $image = imagecreatefromstring(
                Baker::photo($bytes, new Recipe("sample:x#$part", Shape::Square, 40, 40))->bytes,
            );
            $this->assertNotFalse($image);

            return dechex(imagecolorat($image, 10, 40) & 0xF0F0F0);
        };
        $this->assertSame('f00000', $seen('0,0,0.25,1,0,0.125,0.5'));
        // A wide part in a square frame: the focus decides what of it stays.
        $this->assertSame(['f00000', 'f000'], [$seen('0,0,1,1,0,0.05,0.5'), $seen('0,0,1,1,0,0.62,0.5')]);
        // Turned a quarter, what was left is up.
        $this->assertSame('f00000', $seen('0,0,1,0.25,90,0.5,0.1'));
        $this->assertSame('sample:x', PictureRef::parse('sample:x#0,0,1,1,0,0.5,0.5'));
        $this->assertEqualsWithDelta(1.0, Framing::parse('0,0,0.5,1,0,0.2,0.5')?->ratio(400, 200), 0.001);
        foreach (['#1', '#0,0,0,0,0,0', '#9,0,1,1,0,0,0,0', '#0,0,1,1,999,0.5,'] as $bad) {
            try {
                PictureRef::parse("sample:x$bad");
                $this->fail("$bad accepted");
            } catch (Refusal) {
                $this->addToAssertionCount(1);
            }
        }
    }

    public function test_tones_edges_and_densities(): void
    {
        $half = Canvas::clear(100, 100);
        imagefilledrectangle($half, 20, 20, 79, 79, 0x204060);
        $bytes = Canvas::file(fn () => imagepng($half));
        $pixel = function (Recipe $recipe, int $x, int $y) use ($bytes): int {
            $image = imagecreatefromstring(Baker::photo($bytes, $recipe)->bytes);
            $this->assertNotFalse($image);

            return (int) imagecolorat($image, $x, $y);
        };
        $of = fn (string $tone, mixed ...$more) => Recipe::of(
            ['picture' => 'sample:x', 'width' => 50, 'height' => 50, 'tone' => $tone, 'ink' => '#c8402a'] + $more,
        );
        $grey = $pixel($of('grey'), 50, 50);
        $this->assertSame([($grey >> 16) & 0xFF, 0], [$grey & 0xFF, $grey >> 24]);
        $this->assertSame(0xC8402A, $pixel($of('ink'), 50, 50));
        $this->assertLessThan(0x20, ($pixel($of('dim'), 50, 50) >> 16) & 0xFF);
        $this->assertGreaterThan(0xC8, ($pixel($of('tint'), 50, 50) >> 16) & 0xFF);
        // Clear beside it; white there with an edge; still as large as asked for.
        $this->assertSame(
            [127, 0xFFFFFF],
            [$pixel($of('natural'), 17, 50) >> 24, $pixel($of('natural', outline: true), 20, 50)],
        );
        $this->assertSame(
            [50, 100],
            [
                Baker::photo($bytes, $of('natural', density: 1))->width,
                Baker::photo($bytes, $of('natural', outline: true))->width,
            ],
        );
        $this->assertEquals($of('ink'), Recipe::of($of('ink')->toArray()));
        foreach (
            [
                'tone' => 'loud', 'shape' => 'star', 'width' => 0, 'density' => 3, 'ink' => 'x', 'outline' => 'yes',
                'picture' => 'file:x',
            ] as $key => $bad
        ) {
            try {
                Recipe::of([$key => $bad] + $of('ink')->toArray());
                $this->fail("$key accepted");
            } catch (Refusal $refusal) {
                $this->assertSame("/$key", $refusal->path);
            }
        }
    }

    public function test_a_name_is_found_on_paper_and_writes_itself_once(): void
    {
        $paper = imagecreatetruecolor(700, 400);
        for ($x = 0; $x < 700; $x++) {
            // Light falls from one side.
            imageline($paper, $x, 0, $x, 399, (150 + intdiv($x, 8)) * 0x010101);
        }
        imagesetthickness($paper, 6);
        imageline($paper, 120, 120, 560, 260, 0x202040);
        $name = Handwriting::of(Canvas::file(fn () => imagejpeg($paper, null, 95)));
        $this->assertEqualsWithDelta(440 / 140, $name->width / $name->height, 0.25, 'cut to the writing');
        $mask = imagecreatefromstring($name->bytes);
        $this->assertNotFalse($mask);
        $this->assertSame(127, imagecolorat($mask, $name->width - 10, 8) >> 24, 'no paper is left');

        $strokes = Strokes::read(
            '[{"points":[{"x":10,"y":50,"time":5},{"x":60,"y":10,"time":60},{"x":110,"y":50,"time":150}]},[[20,80,'
                .'300],[90,82,400]]]',
        );
        $this->assertEquals($strokes, Strokes::read((string) json_encode($strokes->toArray())));
        $ends = Canvas::clear(400, 100);
        foreach ([0, 360] as $x) {
            imagefilledrectangle($ends, $x, 0, $x + 39, 99, 0);
        }
        foreach ([[100, 25], [100, 100], [60, 120], [200, 20]] as [$wide, $high]) {
            $whole = imagecreatefromstring(Baker::photo(Canvas::file(fn () => imagepng($ends)), new Recipe(
                'hand:x', Shape::Square, $wide, $high, tone: Tone::Ink, ink: Colour::hex('#c8402a'),
            ))->bytes) ?: $this->fail();
            // A name is never cut, whatever its place: both ends of it are there, and as far apart.
            $across = array_keys(array_filter(
                range(0, 2 * $wide - 1), fn (int $x): bool => imagecolorat($whole, $x, $high) >> 24 < 60,
            ));
            $this->assertEqualsWithDelta(min(2 * $wide, 8 * $high), end($across) - $across[0], 4, "$wide × $high");
        }
        $ink = new Recipe('hand:x', Shape::Square, 100, 60, tone: Tone::Ink, ink: Colour::hex('#c8402a'), moving: true);
        $drawn = Canvas::file(fn () => imagepng($strokes->drawn(200, 120)));
        foreach ([$strokes, null] as $how) {
            $gif = Baker::photo($drawn, $ink, $how);
            $frames = \Intervention\Gif\Decoder::decode($gif->bytes)->getFrames();
            $this->assertSame(['gif', 17], [$gif->extension, count($frames)]);
            $this->assertStringNotContainsString('NETSCAPE', $gif->bytes, 'it plays once');
            $this->assertLessThan(
                5,
                array_sum(array_map(fn ($frame) => $frame->getGraphicControlExtension()?->getDelay() ?? 0, $frames))
                    / 100,
                'moving stops within five seconds',
            );
            // First and last frame are the whole name.
            $data = array_map(fn ($frame) => $frame->getImageData()->encode(), $frames);
            $this->assertSame($data[0], $data[16]);
            $this->assertNotSame($data[3], $data[16]);
        }
        foreach (
            [
                '', '[]', '[[[1]]]', '[[["a","b"]]]', '[[[1e9,0],[1,1]]]', '{"a":[[1,2],[NaN,1]]}',
                (string) json_encode([array_fill(0, 7000, [1, 2, 3])]), str_repeat('[', 50),
            ] as $bad
        ) {
            try {
                Strokes::read($bad);
                $this->fail("$bad accepted");
            } catch (Refusal) {
                $this->addToAssertionCount(1);
            }
        }
        $this->expectExceptionMessageMatches('/No writing/');
        Handwriting::of(self::blank());
    }

    private static function blank(): string
    {
        $blank = imagecreatetruecolor(200, 100);
        imagefill($blank, 0, 0, 0xEEEEEE);

        return Canvas::file(fn () => imagejpeg($blank));
    }

    /**
     * A scene of 80 by 40 px with a red top left quarter, stored as a camera held in one of the eight ways does; a
     * place name beside it.
     */
    private static function turned(int $turn): string
    {
        $scene = imagecreatetruecolor(80, 40);
        imagefilledrectangle($scene, 0, 0, 40, 20, 0xFF0000);
        // What undoes each orientation (Exif 2.32, tag 274).
        [$flip, $degrees] = [
            1 => [null, 0], 2 => [IMG_FLIP_HORIZONTAL, 0], 3 => [null, 180], 4 => [IMG_FLIP_VERTICAL, 0],
            5 => [IMG_FLIP_HORIZONTAL, 270], 6 => [null, 90], 7 => [IMG_FLIP_HORIZONTAL, 90], 8 => [null, 270],
        ][$turn];
        $stored = $degrees === 0 ? $scene : imagerotate($scene, $degrees, 0);
        assert($stored !== false);
        if ($flip !== null) {
            imageflip($stored, $flip);
        }
        $exif
            = "Exif\0\0II*\0\x08\0\0\0\x02\0\x12\x01\x03\0\x01\0\0\0"
            .chr($turn)
            ."\0\0\0\x0e\x01\x02\0\x0a\0\0\0"
                ."\x26\0\0\0\0\0\0\0Eddersby!\0";

        return substr_replace(
            Canvas::file(fn () => imagejpeg($stored)), "\xff\xe1".pack('n', strlen($exif) + 2).$exif, 2, 0,
        );
    }

    private static function chunk(string $type, string $data): string
    {
        return pack('N', strlen($data)).$type.$data.pack('N', crc32($type.$data));
    }

    /** A PNG's header alone: signature and IHDR. */
    public static function png(int $width, int $height): string
    {
        $header = 'IHDR'.pack('NNC5', $width, $height, 8, 2, 0, 0, 0);

        return "\x89PNG\r\n\x1a\n".pack('N', 13).$header.pack('N', crc32($header));
    }
}
