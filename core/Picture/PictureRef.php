<?php

namespace InkyCard\Picture;

use InkyCard\Link\WebAddress;
use InkyCard\Refusal;

/**
 * Which picture a card means:
 * `picture:<sha256>` one of the library, `sample:<name>` one shipped with the
 * application, a `data:` URI (RFC 2397) carrying it, or an http(s) address
 * used as it stands.
 */
final class PictureRef
{
    /** @throws Refusal */
    public static function parse(mixed $raw): string
    {
        if (! is_string($raw)) {
            throw Refusal::because('The picture must be named by text.');
        }
        if (preg_match('/^(picture:[0-9a-f]{64}|sample:[a-z0-9-]{1,40})$/D', $raw)) {
            return $raw;
        }
        if (preg_match('#^data:image/(png|jpeg|gif|webp);base64,[A-Za-z0-9+/]+={0,2}$#D', $raw)) {
            return $raw;
        }
        if (preg_match('#^https?://#i', $raw)) {
            return WebAddress::parse($raw, 'picture address')->address;
        }
        throw Refusal::because('The picture is not one of the library, a web address or a base64 data: URI of a PNG, JPEG, GIF or WebP.');
    }

    public static function isAddress(string $ref): bool
    {
        return str_starts_with($ref, 'http');
    }
}
