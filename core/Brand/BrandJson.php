<?php

namespace InkyCard\Brand;

use InkyCard\Refusal;

/** The brand document, `inky-brand/1`: UTF-8 JSON, described in docs/formats.md. */
final class BrandJson
{
    public const MAX_BYTES = 200_000;

    /** @throws Refusal */
    public static function decode(string $json): Brand
    {
        if (strlen($json) > self::MAX_BYTES) {
            throw Refusal::because('This brand document is over 200 KB.');
        }
        try {
            $document = json_decode($json, true, 16, JSON_THROW_ON_ERROR);
        } catch (\JsonException $broken) {
            $why = ['reason' => lcfirst($broken->getMessage())];
            throw Refusal::because('This is not a JSON document: :reason.', values: $why);
        }
        if (! is_array($document) || ($document['format'] ?? null) !== Brand::FORMAT) {
            throw Refusal::because('A brand document says "format": "inky-brand/1".', '/format');
        }

        return Brand::of($document);
    }

    public static function encode(Brand $brand): string
    {
        return json_encode($brand->toArray(), JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_THROW_ON_ERROR);
    }
}
