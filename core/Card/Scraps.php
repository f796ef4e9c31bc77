<?php

namespace InkyCard\Card;

use InkyCard\Link\MailAddress;
use InkyCard\Link\PhoneNumber;
use InkyCard\Link\ProfileDirectory;
use InkyCard\Link\WebAddress;
use InkyCard\Refusal;
use InkyCard\Type\Line;

/** A signature somebody has already, pasted as text, sorted into pieces. */
final class Scraps
{
    private const MAX_LINES = 40;

    /** Kinds of the lines that are nothing else, in the order they usually come. */
    private const WORDS = ['name', 'role', 'company'];

    private const CLOSING = '/^(kind(est)?|best|warm(est)?|many)? ?(regards|wishes|thanks)|^(yours|sincerely|cheers|warmly|cordially)\b/i';

    private const LICENCE = '/\b(licen[cs]e|registered|registration|reg\.|member|authorised)\b/i';

    /**
     * @param  string  $country  ISO 3166-1 alpha-2, for phone numbers without a country
     * @return list<array{kind: string, fields: array<string, mixed>}> in the order they stood; links to networks as one piece
     *
     * @throws Refusal when there is nothing to sort
     */
    public static function sort(mixed $text, string $country): array
    {
        $text = Line::utf8($text, 'text');
        if (strlen($text) > 20_000) {
            throw Refusal::because('That is too much text: paste the signature alone.');
        }
        $pieces = $links = [];
        $words = self::WORDS;
        foreach (array_slice(preg_split('/\R|\s[|•·]\s/u', $text) ?: [], 0, self::MAX_LINES) as $raw) {
            $line = trim((string) preg_replace('/^[-–—_*\s]+$/u', '', $raw));
            if ($line === '') {
                continue;
            }
            $line = Line::of($line, 400, 'line');
            [$kind, $fields] = self::contact($line, $country) ?? self::words($line, $words);
            if ($kind === 'profiles') {
                $links[] = $fields['link'];

                continue;
            }
            $words = array_values(array_diff($words, [$kind]));
            $pieces[] = ['kind' => $kind, 'fields' => $fields];
        }
        if ($links !== []) {
            $pieces[] = ['kind' => 'profiles', 'fields' => ['links' => $links]];
        }

        return $pieces === [] ? throw Refusal::because('Paste the lines of your signature.') : $pieces;
    }

    /** @return array{string, array<string, mixed>}|null */
    private static function contact(string $line, string $country): ?array
    {
        $bare = trim((string) preg_replace('/^(e-?mail|mail|web(site)?|url|tel(ephone)?|phone|mobile|mob|cell|direct|office|fax|[tmepwfd])\s*[.:]\s*/iu', '', $line));
        $sort = preg_match('/^(mob|cell|m[.:])/i', $line) ? 'mobile' : (preg_match('/^(direct|d[.:])/i', $line) ? 'direct' : (preg_match('/^(fax|f[.:])/i', $line) ? 'fax' : (preg_match('/^office/i', $line) ? 'office' : '')));
        try {
            if (str_contains($bare, '@') && ! str_contains($bare, ' ')) {
                return ['email', ['address' => MailAddress::parse($bare)->address]];
            }
            if (preg_match('/^\+?[\d\s().\/-]{7,}(\s*(ext|x)\.?\s*\d+)?$/i', $bare)) {
                return ['phone', ['number' => PhoneNumber::parse($bare, $country)->display, 'sort' => $sort]];
            }
            if (preg_match('#^(https?://|www\.)\S+$|^[\w-]+(\.[\w-]+)*\.[a-z]{2,}(/\S*)?$#iu', $bare)) {
                $link = ProfileDirectory::read($bare);

                // A page of one's own is a web line, whatever it is for.
                return $link->kind === 'other' || str_starts_with($link->kind, 'purpose-') ? ['web', ['address' => WebAddress::parse($bare)->address]] : ['profiles', ['link' => $link->line()]];
            }
        } catch (Refusal) {
            // Looks like one and is none: then it is a line of words.
        }

        return null;
    }

    /**
     * @param  list<string>  $words  kinds not met yet
     * @return array{string, array<string, mixed>}
     */
    private static function words(string $line, array $words): array
    {
        return match (true) {
            preg_match(self::CLOSING, $line) === 1 => ['closing', ['phrase' => $line]],
            preg_match(self::LICENCE, $line) === 1 => ['licence', ['text' => $line]],
            mb_strlen($line) > 160 => ['notice', ['text' => $line]],
            preg_match('/\d.*\p{L}.*,|,.*\d/u', $line) === 1 => ['address', ['text' => $line]],
            $words !== [] => [$words[0], ['text' => $line]],
            default => ['line', ['value' => $line]],
        };
    }
}
