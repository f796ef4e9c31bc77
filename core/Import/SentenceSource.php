<?php

namespace InkyCard\Import;

use InkyCard\Refusal;

/**
 * Facts of a sentence with blanks: “I am …. I …, and I would like people to …. Reach me at ….” Each blank is read by
 * where it stands; how to reach somebody, by what it is.
 */
final class SentenceSource
{
    /** Letters of a blank that count. */
    private const MOST = 160;

    /** Between ways to reach somebody. */
    private const BETWEEN = '/\s*(?:[,;]|\bor\b|\band\b)\s*/u';

    /** Where numbers are tried after that. */
    private const COUNTRIES = ['GB', 'IE', 'AU', 'NZ', 'ZA', 'US', 'DE', 'AT', 'CH', 'FR', 'BE', 'NL', 'ES', 'IT'];

    /** Verbs that go their own way, and words that are none. */
    private const OTHER = [
        'have' => 'has', 'can' => 'can', 'will' => 'will', 'also' => 'also', 'mostly' => 'mostly', 'mainly' => 'mainly',
    ];

    /**
     * @param  string  $am  name
     * @param  string  $do  what they do, in the first person
     * @param  string  $wish  what readers are to do
     * @param  string  $reach  mail addresses, numbers, sites, in any order
     * @param  string  $country  ISO 3166-1 alpha-2, for phone numbers without a country
     * @return list<Fact>
     */
    public static function facts(string $am, string $do, string $wish, string $reach, string $country): array
    {
        [$am, $do, $wish, $reach] = array_map(
            fn (string $blank): string => mb_substr(trim(mb_scrub($blank), " \t\n\r\0\x0B.,"), 0, self::MOST),
            [$am, $do, $wish, $reach],
        );
        $facts = new Facts($country, array_values(array_unique([$country, ...self::COUNTRIES])));
        $am === '' || $facts->add('name', ['text' => $am], 1, $am);
        $do === '' || $facts->add('role', ['text' => self::third($do)], 1, $do);
        foreach (self::ways($reach, $country) as $fact) {
            $facts->add($fact->kind, $fact->fields, $fact->confidence, $fact->source);
        }
        self::ring($facts, $reach);
        $leads = self::leads($facts);
        $wish === '' || $leads === ''
            || $facts->add('button', ['words' => self::upper($wish), 'address' => $leads], 1, $wish);

        try {
            return $facts->all('Nothing is filled in.');
        } catch (Refusal) {
            return [];
        }
    }

    /** A number nobody has where their browser says they are: from the first country it rings in. */
    private static function ring(Facts $facts, string $reach): void
    {
        foreach (preg_split(self::BETWEEN, $reach) ?: [] as $way) {
            if ($facts->value('phone', 'number') === '' && preg_match('/^[+(]?\d[\d\s()\/.-]{5,}$/', $way) === 1) {
                $facts->number($way, '', 1);
            }
        }
    }

    /** @return list<Fact> mail addresses, numbers, sites and profiles, and nothing else that stands there */
    private static function ways(string $reach, string $country): array
    {
        $lines = array_values(array_filter(preg_split(self::BETWEEN, $reach) ?: []));

        try {
            $found = $lines === [] ? [] : SignatureReader::facts(array_map(ImportedLine::plain(...), $lines), $country);
        } catch (Refusal) {
            return [];
        }

        return array_values(array_filter(
            $found, fn (Fact $fact): bool => in_array($fact->kind, ['email', 'phone', 'web', 'profiles'], true),
        ));
    }

    /** Where the call leads: a site before a mailbox before a number. */
    private static function leads(Facts $facts): string
    {
        $mail = $facts->value('email', 'address');
        $phone = (string) preg_replace('/[^+\d]/', '', $facts->value('phone', 'number'));

        return $facts->value('web', 'address') ?: ($mail !== '' ? "mailto:$mail" : ($phone !== '' ? "tel:$phone" : ''));
    }

    /** What somebody says of themselves as it is said of them, in English: “bake for weddings”, “am a baker”. */
    private static function third(string $do): string
    {
        if (preg_match('/^am\s+(?:an?\s+|the\s+)?(.+)$/iu', $do, $is) === 1) {
            return self::upper($is[1]);
        }
        if (preg_match('/^([a-z]+)(.*)$/u', $do, $verb) !== 1) {
            return $do;
        }

        return self::upper(match (true) {
            isset(self::OTHER[$verb[1]]) => self::OTHER[$verb[1]],
            preg_match('/[^s]s$|ing$/', $verb[1]) === 1 => $verb[1],
            preg_match('/(?:s|x|z|ch|sh|o)$/', $verb[1]) === 1 => "$verb[1]es",
            preg_match('/[^aeiou]y$/', $verb[1]) === 1 => substr($verb[1], 0, -1).'ies',
            default => "$verb[1]s",
        }.$verb[2]);
    }

    private static function upper(string $words): string
    {
        return mb_strtoupper(mb_substr($words, 0, 1)).mb_substr($words, 1);
    }
}
