<?php

namespace InkyCard\Import;

use InkyCard\Refusal;
use Sabre\VObject\Component\VCard;
use Sabre\VObject\Parameter;
use Sabre\VObject\ParseException;
use Sabre\VObject\Property;
use Sabre\VObject\Reader;

/** A contact (vCard, RFC 2426 and RFC 6350) as address books export it. */
final class ContactSource
{
    private const MARKS = Reader::OPTION_FORGIVING | Reader::OPTION_IGNORE_INVALID_LINES;

    /** Lines that are properties, and signs that part what stands in them: no contact somebody keeps has as many. */
    private const MOST_LINES = 1000;

    private const MOST_PARTS = 5000;

    /** Property => kind, of those that are text; the first of each counts. */
    private const ONCE = [
        'FN' => 'name', 'TITLE' => 'role', 'NOTE' => 'tagline', 'PRONOUNS' => 'pronouns', 'X-PRONOUNS' => 'pronouns',
    ];

    private const PICTURES = ['PHOTO' => 'headshot', 'LOGO' => 'logo'];

    private const ADDRESSES = ['EMAIL' => 'email', 'URL' => 'url'];

    private const PROFILES = ['SOCIALPROFILE', 'X-SOCIALPROFILE', 'IMPP'];

    /**
     * @param  string  $country  ISO 3166-1 alpha-2, for phone numbers without a country
     * @return list<Fact>
     *
     * @throws Refusal when it is no contact, or an empty one
     */
    public static function facts(string $vcard, string $country): array
    {
        $facts = new Facts($country);
        foreach (self::said(self::read($vcard)) as $said) {
            $facts->state($said);
        }

        return $facts->all('This contact says nothing a card could show.');
    }

    /** @throws Refusal */
    private static function read(string $vcard): VCard
    {
        if (preg_match_all('/\n(?![ \t])/', $vcard) > self::MOST_LINES
            || preg_match_all('/[;,:="]/', $vcard) > self::MOST_PARTS) {
            throw Refusal::because('This contact holds more than a card could show: export the one person alone.');
        }
        try {
            $card = Reader::read($vcard, self::MARKS);
        } catch (ParseException) {
            $card = null;
        }

        return $card instanceof VCard
            ? $card
            : throw Refusal::because('This is no contact: export it from your address book as .vcf.');
    }

    /** @return iterable<Statement> */
    private static function said(VCard $card): iterable
    {
        foreach (self::ONCE as $property => $kind) {
            foreach (array_slice($card->select($property), 0, 1) as $value) {
                yield new Statement($kind, (string) $value);
            }
        }
        foreach ($card->select('ORG') as $property) {
            [$company, $department] = self::parts($property) + ['', ''];
            yield new Statement('company', $company);
            yield new Statement('department', $department);
        }
        foreach ($card->select('TEL') as $property) {
            yield self::number($property);
        }
        foreach (self::ADDRESSES as $property => $kind) {
            foreach ($card->select($property) as $value) {
                yield new Statement($kind, trim((string) $value));
            }
        }
        foreach (array_merge(...array_map($card->select(...), self::PROFILES)) as $property) {
            yield self::profile($property);
        }
        // Letters after the name are a part of it (RFC 6350, 6.2.2).
        $suffixes = ($card->select('N')[0] ?? null)?->getParts()[4] ?? '';
        $suffixes = is_array($suffixes) ? implode(',', $suffixes) : $suffixes;
        yield new Statement('credentials', trim((string) preg_replace('/\s*,\s*/', ', ', $suffixes)));
        foreach (self::PICTURES as $property => $kind) {
            foreach (array_slice($card->select($property), 0, 1) as $value) {
                yield new Statement($kind, self::carried($value));
            }
        }
        foreach ($card->select('ADR') as $property) {
            yield new Statement('address', implode(', ', self::parts($property)));
        }
    }

    private static function number(Property $property): Statement
    {
        $type = $property->offsetGet('TYPE');
        $types = $type instanceof Parameter ? strtolower(implode(' ', $type->getParts())) : '';
        $sort = str_contains($types, 'cell') ? 'mobile' : (str_contains($types, 'fax') ? 'fax' : '');
        $number = (string) preg_replace('/;ext=/i', ' ext ', (string) $property);

        return new Statement('phone', $number, sort: $sort);
    }

    /** A network's profile by its address, or by who somebody is there where it has none. */
    private static function profile(Property $property): Statement
    {
        $value = trim((string) $property);
        $named = function (string $name) use ($property): string {
            $given = $property->offsetGet($name);

            return $given instanceof Parameter ? (string) $given : '';
        };
        $service = $named('SERVICE-TYPE') ?: $named('X-SERVICE-TYPE') ?: $named('TYPE');

        return new Statement('url', str_contains($value, ':') ? $value : "$service: $value");
    }

    /** @return list<string> */
    private static function parts(Property $property): array
    {
        return array_values(array_filter(array_map(trim(...), $property->getParts())));
    }

    /** A contact's picture as an address or a data: URI; RFC 2426 carries the bytes themselves. */
    private static function carried(Property $property): string
    {
        $value = (string) $property;
        $type = $property instanceof Property\Binary ? (new \finfo(FILEINFO_MIME_TYPE))->buffer($value) : '';

        return $property instanceof Property\Binary ? "data:$type;base64,".base64_encode($value) : trim($value);
    }
}
