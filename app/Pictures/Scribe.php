<?php

namespace App\Pictures;

use InkyCard\Picture\Canvas;
use InkyCard\Picture\Handwriting;
use InkyCard\Refusal;

/** Sets a name in one of the script faces that ship with the application. */
final class Scribe
{
    /** key => its name; the files are resources/hands/<key>.woff. */
    public const FACES = [
        'caveat' => 'Caveat', 'homemade-apple' => 'Homemade Apple', 'reenie-beanie' => 'Reenie Beanie',
        'mrs-saint-delafield' => 'Mrs Saint Delafield',
    ];

    /** Points it is set in: large enough for twice the widest closing. */
    private const SIZE = 96;

    private const MARGIN = 24;

    /** Widest a set name may come out, px. */
    private const WIDEST = 6000;

    /** @throws Refusal */
    public function written(string $words, string $face): \GdImage
    {
        $file = isset(self::FACES[$face])
            ? resource_path("hands/$face.woff")
            : throw Refusal::because('Choose one of the script faces.');
        if ($words === '') {
            throw Refusal::because('Write the name first.');
        }
        if (preg_match('/[^\x{20}-\x{17F}\x{2013}-\x{2026}]/u', $words)) {
            throw Refusal::because('The script faces have Latin letters alone: draw the name or photograph it.');
        }
        // Inside an HTML entity GD would read a number as a sign.
        $words = str_replace('&', '&#38;', $words);
        $box = imagettfbbox(self::SIZE, 0, $file, $words);
        [$width, $height]
            = $box === false
                ? [0, 0]
                : [max($box[2], $box[4]) - min($box[0], $box[6]), max($box[1], $box[3]) - min($box[5], $box[7])];
        if ($box === false || $width < 1 || $width > self::WIDEST) {
            throw Refusal::because('This name cannot be set: use fewer letters.');
        }
        $canvas = Canvas::clear($width + 2 * self::MARGIN, $height + 2 * self::MARGIN);
        imagealphablending($canvas, true);
        imagettftext(
            $canvas, self::SIZE, 0, self::MARGIN - min($box[0], $box[6]), self::MARGIN - min($box[5], $box[7]),
            0x000000, $file, $words,
        );
        imagealphablending($canvas, false);

        return $canvas;
    }

    /** @throws Refusal */
    public function sample(string $words, string $face): string
    {
        return Handwriting::trimmed($this->written($words, $face))->bytes;
    }
}
