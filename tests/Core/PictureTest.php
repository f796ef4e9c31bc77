<?php

namespace Tests\Core;

use InkyCard\Picture\Baker;
use InkyCard\Picture\Intake;
use InkyCard\Picture\Recipe;
use InkyCard\Picture\Shape;
use InkyCard\Refusal;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class PictureTest extends TestCase
{
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
        yield '20 MB' => ["\xff\xd8\xff".str_repeat("\0", 20_000_000), 'over 10 MB'];
    }

    #[DataProvider('notPictures')]
    public function test_what_is_no_picture_is_refused_before_it_is_decoded(string $bytes, string $because): void
    {
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
        $exif = "Exif\0\0II*\0\x08\0\0\0\x02\0\x12\x01\x03\0\x01\0\0\0\x06\0\0\0\x0e\x01\x02\0\x0a\0\0\0\x26\0\0\0\0\0\0\0Eddersby!\0";
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
        foreach (['round' => [127, 127], 'rounded' => [127, 0], 'square' => [0, 0]] as $shape => [$corner, $inset]) {
            $baked = Baker::photo($bytes, new Recipe('sample:x', Shape::from($shape), 96, 96));
            $image = imagecreatefromstring($baked->bytes);
            $this->assertNotFalse($image);
            $alpha = fn (int $x, int $y) => (imagecolorat($image, $x, $y) >> 24) & 0x7F;
            $this->assertSame([192, 192, 192], [$baked->width, imagesx($image), imagesy($image)], $shape);
            $this->assertSame([$corner, $inset, 0], [$alpha(0, 0), $alpha(14, 14), $alpha(96, 96)], $shape);
            $this->assertSame($baked->hash(), Baker::photo($bytes, new Recipe('sample:x', Shape::from($shape), 96, 96))->hash(), 'the same bytes every time');
        }
    }

    /** A PNG's header alone: signature and IHDR. */
    public static function png(int $width, int $height): string
    {
        $header = 'IHDR'.pack('NNC5', $width, $height, 8, 2, 0, 0, 0);

        return "\x89PNG\r\n\x1a\n".pack('N', 13).$header.pack('N', crc32($header));
    }
}
