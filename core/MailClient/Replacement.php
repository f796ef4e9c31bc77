<?php

namespace InkyCard\MailClient;

use InkyCard\Markup\Element;

/** What an engine draws in the place of something it was sent. */
final class Replacement
{
    /** Where nothing says how large a picture is, CSS px. */
    private const SIZE = '24';

    /** Where nothing says how large a shape is. */
    private const SHAPE_SIDE = '40px';

    /** The corners of a rounded shape of VML where nothing says them, of its height. */
    private const ARC = '20%';

    private const BOX = [
        ['display', 'inline-block'], ['box-sizing', 'border-box'], ['overflow', 'hidden'],
        ['border', '1px solid #b9b2a3'], ['font', '11px/13px Arial,sans-serif'], ['padding', '1px'],
        ['vertical-align', 'top'],
    ];

    /** A frame as large as the picture, with the words in its place. */
    public static function picture(Element $image): Element
    {
        $style = [...self::BOX, ['width', self::side($image, 'width')], ['height', self::side($image, 'height')]];
        $box = new Element('span', [], $style, [$image->attributes['alt'] ?? '']);
        $box->piece = $image->piece;

        return $box;
    }

    /** A shape of VML as the Word engine draws it. */
    public static function shape(Element $shape): Element
    {
        $side = fn (string $name): string => preg_match('/^[\d.]+px$/', (string) $shape->property($name)) === 1
            ? (string) $shape->property($name)
            : self::SHAPE_SIDE;
        $arc = (float) ($shape->attributes['arcsize'] ?? self::ARC) / 100;
        $radius = $shape->name === 'v:roundrect' ? round($arc * (float) $side('height'), 1) : 0;
        $drawn = new Element(
            'a',
            array_intersect_key($shape->attributes, ['href' => 0]),
            [
                ['display', 'inline-block'], ['box-sizing', 'border-box'], ['width', $side('width')],
                ['height', $side('height')], ['line-height', $side('height')],
                ['background-color', $shape->attributes['fillcolor'] ?? '#ffffff'],
                ['border-radius', "{$radius}px"], ['text-align', 'center'], ['text-decoration', 'none'],
            ],
            $shape->children,
        );
        $drawn->piece = $shape->piece;
        $drawn->drawn = true;

        return $drawn;
    }

    private static function side(Element $image, string $side): string
    {
        $given = $image->attributes[$side] ?? (string) $image->property($side);

        return (preg_match('/^\d{1,4}/', $given, $match) === 1 ? $match[0] : self::SIZE).'px';
    }
}
