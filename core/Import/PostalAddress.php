<?php

namespace InkyCard\Import;

/** Lines of a postal address, told by street, house number and the number of the place. */
final class PostalAddress
{
    /** Numbers of places as countries write them (Universal Postal Union), with the place beside those of digits. */
    private const POSTCODE = '/\b[A-Z]{1,2}\d{1,2}[A-Z]? ?\d[A-Z]{2}\b|\b[A-Z]\d[A-Z] ?\d[A-Z]\d\b'
        .'|\b\d{4} ?[A-Z]{2}\b|〒|\b\d{5}-\d{3}\b'
        .'|(?<!\d)(?:[A-Z]{1,2}-)?(?:\d{4,6}|\d{2}-\d{3}|\d{3} \d{2}|\d{4}-\d{3}),? [\p{Lu}\p{Lo}]\p{L}'
        .'|[\p{Lu}\p{Lo}][\p{L}\p{M}]+,? (?:[A-Z]{2},? )?\d{5,7}(?![\d-])'
        .'|\p{Lu}\p{L}+,? [A-Z]{2,3},? \d{4,5}(?!\d)/u';

    /** A street by its house number: "Lipová 8", "12 Harbour Row". */
    private const HOUSE = '/^(?:\p{Lu}[\p{L}\p{M} .\'’-]{2,40},? \d{1,4} ?[a-z]?(?:\/\d+)?'
        .'|\d{1,4}[a-z]?,? \p{L}[\p{L}\p{M} .\'’-]{2,40})$/iu';

    /** Sure of a street or a place; of a number and a comma, which many lines have. */
    private const TOLD = 0.85;

    private const MAYBE = 0.55;

    /** How sure it is that a line is one, 0 to 1; 0 for none. */
    public static function sure(string $text): float
    {
        return match (true) {
            preg_match('/\d/u', $text) !== 1 => 0.0,
            self::hasStreet($text), preg_match(self::POSTCODE, $text) === 1 => self::TOLD,
            str_contains($text, ',') => self::MAYBE,
            default => 0.0,
        };
    }

    /**
     * An address over two lines, the street above the place, is one.
     *
     * @param  list<ImportedLine>  $lines
     * @return list<ImportedLine>
     */
    public static function joined(array $lines): array
    {
        $joined = [];
        foreach ($lines as $line) {
            $above = end($joined) ?: null;
            if ($above !== null && self::isPlace($line->text)
                && (self::hasStreet($above->text) || preg_match(self::HOUSE, $above->text) === 1)) {
                array_pop($joined);
                $line = new ImportedLine(rtrim($above->text, ', ').", $line->text", size: $line->size);
            }
            $joined[] = $line;
        }

        return $joined;
    }

    private static function isPlace(string $text): bool
    {
        return preg_match(self::POSTCODE, $text) === 1
            && ! self::hasStreet($text) && ! Words::within('licences', $text);
    }

    private static function hasStreet(string $text): bool
    {
        return preg_match('/\d/u', $text) === 1
            && Words::within('streets', $text) && ! Words::within('licences', $text);
    }
}
