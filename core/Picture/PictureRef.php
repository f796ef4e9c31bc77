<?php

namespace InkyCard\Picture;

use InkyCard\Link\WebAddress;
use InkyCard\Refusal;

/**
 * Which picture a card means:
 * `picture:<sha256>` one of the library, `hand:<sha256>` a written name of the
 * library, `sample:<name>` one shipped with the application, a `data:` URI
 * (RFC 2397) carrying it, or an http(s) address used as it stands. After the
 * first three `#` and the seven numbers of a Framing may say which part.
 */
final class PictureRef
{
    private const KEPT = '/^((?:picture|hand):[0-9a-f]{64}|sample:[a-z0-9-]{1,40})(?:#([\d.,]{1,80}))?$/D';

    /** @throws Refusal */
    public static function parse(mixed $raw): string
    {
        if (! is_string($raw)) {
            throw Refusal::because('The picture must be named by text.');
        }
        if (preg_match(self::KEPT, $raw, $match)) {
            $framing = isset($match[2])
                ? Framing::parse($match[2]) ?? throw Refusal::because('The crop of the picture is not seven numbers.')
                : Framing::whole();

            return self::framed($match[1], $framing);
        }
        if (preg_match('#^data:image/(png|jpeg|gif|webp);base64,[A-Za-z0-9+/]+={0,2}$#D', $raw)) {
            return $raw;
        }
        if (preg_match('#^https?://#i', $raw)) {
            return WebAddress::parse($raw, 'picture address')->address;
        }
        throw Refusal::because(
            'The picture is not one of the library, a web address or a base64 data: URI of a PNG, JPEG, GIF or WebP.',
        );
    }

    public static function isAddress(string $ref): bool
    {
        return str_starts_with($ref, 'http');
    }

    /** A written name, which is shown in an ink. */
    public static function isHand(string $ref): bool
    {
        return str_starts_with($ref, 'hand:');
    }

    /** The picture without the part meant of it. */
    public static function source(string $ref): string
    {
        return str_starts_with($ref, 'data:') ? $ref : explode('#', $ref, 2)[0];
    }

    public static function framing(string $ref): Framing
    {
        $at = str_starts_with($ref, 'data:') ? false : strpos($ref, '#');

        return $at === false ? Framing::whole() : Framing::parse(substr($ref, $at + 1)) ?? Framing::whole();
    }

    /** @param  string  $source  without a part */
    public static function framed(string $source, Framing $framing): string
    {
        return rtrim($source.'#'.$framing->text(), '#');
    }
}
