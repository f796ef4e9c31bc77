<?php

namespace InkyCard\Import;

use InkyCard\Link\PhoneNumber;

/** Where a signature is from, as far as its words tell: what a number without a country is dialled from. */
final class Whereabouts
{
    /** Where a language is written, those with most who write it first (Unicode CLDR, territory information). */
    private const COUNTRIES = [
        'en' => ['GB', 'US', 'IE', 'AU', 'CA', 'NZ', 'ZA', 'IN'], 'de' => ['DE', 'AT', 'CH', 'LU'],
        'fr' => ['FR', 'BE', 'CH', 'CA', 'LU'], 'es' => ['ES', 'MX', 'AR', 'CO', 'CL', 'PE'], 'pt' => ['PT', 'BR'],
        'it' => ['IT', 'CH'], 'nl' => ['NL', 'BE'], 'pl' => ['PL'], 'cs' => ['CZ'], 'sk' => ['SK'],
        'sv' => ['SE', 'FI'],
        'da' => ['DK'], 'nb' => ['NO'], 'fi' => ['FI'], 'hu' => ['HU'], 'ro' => ['RO', 'MD'], 'hr' => ['HR', 'BA'],
        'el' => ['GR', 'CY'], 'ru' => ['RU', 'KZ', 'BY'], 'uk' => ['UA'], 'tr' => ['TR'],
        'ar' => ['AE', 'SA', 'EG', 'MA', 'JO', 'KW', 'QA', 'LB'], 'he' => ['IL'], 'ja' => ['JP'], 'ko' => ['KR'],
        'zh' => ['CN', 'TW', 'HK', 'SG'],
    ];

    /** Lists whose words tell a language. */
    private const LISTS = [
        'closings', 'labels', 'phones', 'streets', 'licences', 'roles', 'companies', 'small-print', 'legal-forms',
    ];

    /** Endings of hosts that are a country's and sold to all the world. */
    private const SOLD = ['io', 'co', 'me', 'tv', 'ai', 'cc', 'fm', 'gg', 'to', 'ly', 'app', 'eu', 'ws', 'la', 'vc'];

    /** As much as tells it, characters and lines. */
    private const ENOUGH = 4000;

    private const LINES = 40;

    /** A number with its country, or a host's last label, weighs more than words do. */
    private const WEIGHT = 4;

    /**
     * @param  list<ImportedLine>  $lines
     * @param  string  $home  ISO 3166-1 alpha-2: whoever reads it in
     * @return list<string> countries it may be from, the likeliest first; its reader's own is always among them
     */
    public static function of(array $lines, string $home): array
    {
        $text = mb_substr(implode("\n", array_column($lines, 'text')), 0, self::ENOUGH);
        $votes = self::words($text);
        foreach ([...PhoneNumber::countries($text), ...self::hosts($text)] as $country) {
            $votes[$country] = ($votes[$country] ?? 0) + self::WEIGHT;
        }
        // Where nothing tells more of another country, it is from home.
        $votes[$home] = ($votes[$home] ?? 0) + 0.5;
        $likely = array_filter($votes, fn (float $count) => $count > max($votes) / 2) + [$home => $votes[$home]];
        foreach ($likely as $country => $count) {
            $likely[$country] = $count + self::ringing($lines, $country);
        }
        arsort($likely);

        return array_keys($likely);
    }

    /** @return array<string, float> country => how much the words of a text point to it */
    private static function words(string $text): array
    {
        $votes = $languages = [];
        foreach (self::LISTS as $list) {
            foreach (Words::tally($list, $text) as $key => $count) {
                strlen($key) === 2 && ctype_upper($key)
                    ? $votes[$key] = ($votes[$key] ?? 0) + $count
                    : $languages[$key] = ($languages[$key] ?? 0) + $count;
            }
        }
        $spoken = [];
        foreach ($languages as $language => $count) {
            foreach (self::COUNTRIES[$language] ?? [] as $place => $country) {
                // Of several languages a country has, a signature is in one.
                $spoken[$country] = max($spoken[$country] ?? 0, $count - $place / 100);
            }
        }
        foreach ($spoken as $country => $count) {
            $votes[$country] = ($votes[$country] ?? 0) + $count;
        }

        return $votes;
    }

    /** @param  list<ImportedLine>  $lines */
    private static function ringing(array $lines, string $country): int
    {
        $ringing = 0;
        foreach (array_slice($lines, 0, self::LINES) as $line) {
            $ringing += Words::within('licences', $line->text) ? 0
                : count(array_filter(ContactPoints::numbers($line->text), fn (string $number) => $number[0] !== '+'
                    && PhoneNumber::ringsIn($number, $country)));
        }

        return $ringing;
    }

    /** @return list<string> countries of the hosts in it */
    private static function hosts(string $text): array
    {
        preg_match_all('/[\p{L}\d]\.([a-z]{2})(?![\p{L}\d.@])/u', $text, $found);
        $endings = array_diff(array_unique($found[1]), self::SOLD);

        return array_values(array_filter(
            array_map(fn (string $ending) => $ending === 'uk' ? 'GB' : strtoupper($ending), $endings),
            fn (string $country) => \Locale::getDisplayRegion("-$country", 'en') !== $country,
        ));
    }
}
