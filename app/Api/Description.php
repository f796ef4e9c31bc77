<?php

namespace App\Api;

/** docs/openapi.json as it is served: with this copy's address, and the card's schema in its place. */
final class Description
{
    public static function document(): \stdClass
    {
        $document = self::read('openapi.json');
        $document->servers = [(object) ['url' => url('/api/v1')]];
        $document->components->schemas->Card = self::read('card.schema.json');

        return $document;
    }

    private static function read(string $file): \stdClass
    {
        $json = (string) file_get_contents(base_path("docs/$file"));

        return (object) json_decode($json, false, 64, JSON_THROW_ON_ERROR);
    }
}
