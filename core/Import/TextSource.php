<?php

namespace InkyCard\Import;

use InkyCard\Refusal;

/** A signature as text. */
final class TextSource
{
    /** Bytes. */
    private const MOST = 20_000;

    /**
     * @param  string  $country  ISO 3166-1 alpha-2, for phone numbers without a country
     * @return list<Fact>
     *
     * @throws Refusal when there is nothing in it
     */
    public static function facts(string $text, string $country): array
    {
        if (strlen($text) > self::MOST) {
            throw Refusal::because('That is too much text: bring the signature alone.');
        }

        return SignatureReader::facts(
            array_map(ImportedLine::plain(...), preg_split('/\R/u', mb_scrub($text)) ?: []),
            $country,
        );
    }
}
