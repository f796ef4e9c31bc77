<?php

namespace InkyCard\StaffList;

use Sabre\VObject\Component\VCard;
use Sabre\VObject\Parameter;
use Sabre\VObject\ParseException;
use Sabre\VObject\Property;
use Sabre\VObject\Reader;

/** Contacts one after another in a file (vCard 3 and 4, RFC 2426 and 6350) as rows of a list. */
final class VCards
{
    public const HEADINGS = ['Name', 'Role', 'Department', 'E-mail', 'Office phone', 'Direct', 'Mobile', 'Fax',
        'Credentials', 'Pronouns', 'Profiles', 'Groups', 'External id'];

    /** Lines of one: what has more is no contact. */
    private const LINES = 3000;

    /** The same with a picture in it. */
    private const PICTURED = 60_000;

    /** Beginning of what is no words, without the end of a pattern. */
    private const BINARY = '/^(?:[\w-]+\.)?(?:PHOTO|LOGO|SOUND|KEY)[;:]';

    /**
     * @param  iterable<string>  $lines
     * @return \Generator<int, list<string>> headings, then a row a contact; an empty one for what could not be read
     */
    public static function rows(iterable $lines): \Generator
    {
        yield self::HEADINGS;
        foreach (self::contacts($lines, self::LINES, false) as $contact) {
            yield self::row($contact);
        }
    }

    /**
     * @param  iterable<string>  $lines
     * @return \Generator<int, array{string, string}> whose each is, by address or name, and its bytes
     */
    public static function photos(iterable $lines): \Generator
    {
        foreach (self::contacts($lines, self::PICTURED, true) as $contact) {
            $card = self::read($contact);
            $photo = $card === null ? '' : self::photo($card);
            if ($card !== null && $photo !== '') {
                yield [trim(explode(';', self::all($card, 'EMAIL'))[0]) ?: self::name($card), $photo];
            }
        }
    }

    /**
     * @param  iterable<string>  $lines
     * @param  bool  $pictures  what is no words is kept
     * @return \Generator<int, string>
     */
    private static function contacts(iterable $lines, int $most, bool $pictures): \Generator
    {
        $contact = [];
        $left = false;
        foreach ($lines as $line) {
            $contact = stripos($line, 'BEGIN:VCARD') === 0 ? [] : $contact;
            // A picture may be longer than all else: it goes on over lines that begin with a space (RFC 6350, 3.2).
            $left = ! $pictures && preg_match($left ? self::BINARY.'|^[ \t]/i' : self::BINARY.'/i', $line) === 1;
            $left || count($contact) >= $most || $contact[] = $line;
            if (stripos($line, 'END:VCARD') === 0) {
                yield implode("\n", $contact);
                $contact = [];
            }
        }
    }

    /** Its bytes: encoded within (vCard 3), or as a data: URI (vCard 4); none where it stands elsewhere. */
    private static function photo(VCard $card): string
    {
        foreach ($card->select('PHOTO') as $property) {
            $value = $property instanceof Property ? (string) $property->getValue() : '';
            if (preg_match('~^data:image/[\w.+-]+;base64,~', $value, $head) === 1) {
                return (string) base64_decode(substr($value, strlen($head[0])), true);
            }

            return preg_match('~^https?:~i', $value) === 1 ? '' : $value;
        }

        return '';
    }

    private static function read(string $contact): ?VCard
    {
        try {
            $card = Reader::read($contact, Reader::OPTION_FORGIVING | Reader::OPTION_IGNORE_INVALID_LINES);
        } catch (ParseException) {
            return null;
        }

        return $card instanceof VCard ? $card : null;
    }

    /** @return list<string> */
    private static function row(string $contact): array
    {
        $card = self::read($contact);
        if ($card === null) {
            return array_fill(0, count(self::HEADINGS), '');
        }
        $phones = self::phones($card);

        return [
            self::name($card), self::first($card, 'TITLE'), self::parts($card, 'ORG')[1] ?? '',
            self::all($card, 'EMAIL'), $phones['office'] ?? '', $phones['direct'] ?? '', $phones['mobile'] ?? '',
            $phones['fax'] ?? '', self::parts($card, 'N')[4] ?? '',
            self::first($card, 'PRONOUNS') ?: self::first($card, 'X-PRONOUNS'),
            self::all($card, 'SOCIALPROFILE', 'X-SOCIALPROFILE', 'URL'), self::all($card, 'CATEGORIES'),
            self::first($card, 'UID'),
        ];
    }

    /** As it is written out; from its parts where it is not. */
    private static function name(VCard $card): string
    {
        [$family, $given, , $before] = self::parts($card, 'N') + ['', '', '', ''];
        $written = self::first($card, 'FN');
        $parts = trim("$before $given $family");

        // Some programs write an address, or nothing, where the name should be written out.
        return $written === '' || (str_contains($written, '@') && $parts !== '') ? $parts : $written;
    }

    /** @return array<string, string> */
    private static function phones(VCard $card): array
    {
        $phones = [];
        foreach ($card->select('TEL') as $property) {
            $type = $property->offsetGet('TYPE');
            $types = $type instanceof Parameter ? strtolower(implode(' ', $type->getParts())) : '';
            $number = (string) preg_replace(['/^tel:/i', '/;ext=/i'], ['', ' ext '], trim((string) $property));
            $sort = match (true) {
                str_contains($types, 'fax') => 'fax',
                str_contains($types, 'cell') => 'mobile',
                isset($phones['office']) => 'direct',
                default => 'office',
            };
            str_contains($types, 'home') || $phones[$sort] ??= $number;
        }

        return $phones;
    }

    private static function first(VCard $card, string $name): string
    {
        foreach ($card->select($name) as $property) {
            return trim((string) $property);
        }

        return '';
    }

    /** @return list<string> */
    private static function parts(VCard $card, string $name): array
    {
        foreach ($card->select($name) as $property) {
            return array_map(
                fn (mixed $part): string => trim(is_array($part) ? implode(', ', $part) : (string) $part),
                array_values((array) ($property instanceof Property ? $property->getParts() : [])),
            );
        }

        return [];
    }

    private static function all(VCard $card, string ...$names): string
    {
        $all = array_merge(...array_map(fn (string $name): array => $card->select($name), array_values($names)));

        return implode('; ', array_map(fn (mixed $property): string => trim(implode('; ', array_map(
            strval(...), (array) ($property instanceof Property ? $property->getParts() : []),
        ))), $all));
    }
}
