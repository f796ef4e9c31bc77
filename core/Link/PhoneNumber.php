<?php

namespace InkyCard\Link;

use InkyCard\Refusal;
use InkyCard\Said;
use InkyCard\Type\CleanText;
use libphonenumber\NumberParseException;
use libphonenumber\PhoneNumber as Parsed;
use libphonenumber\PhoneNumberFormat;
use libphonenumber\PhoneNumberUtil;
use libphonenumber\ValidationResult;

/** A phone number as ITU-T E.164 with its `tel:` link (RFC 3966) and a form to read. */
final readonly class PhoneNumber
{
    /** @param  string  $display  international form, such as `+44 1632 960147 ext. 12` */
    private function __construct(public string $display, private string $href)
    {
    }

    /**
     * @param  string  $country  ISO 3166-1 alpha-2; used when the number has no `+` prefix
     *
     * @throws Refusal
     */
    public static function parse(mixed $raw, string $country, string $label = 'phone number'): self
    {
        $parsed = self::read($raw, $country, $label);

        return new self(
            PhoneNumberUtil::getInstance()->format($parsed, PhoneNumberFormat::INTERNATIONAL),
            self::link($parsed),
        );
    }

    /**
     * The form a country reads at home, such as `01632 960147 ext. 12`; the international one for a number of another
     * country.
     *
     * @throws Refusal
     */
    public static function national(mixed $raw, string $country, string $label = 'phone number'): string
    {
        $parsed = self::read($raw, $country, $label);
        $util = PhoneNumberUtil::getInstance();

        return $util->format(
            $parsed,
            $util->getCountryCodeForRegion($country) === $parsed->getCountryCode()
                ? PhoneNumberFormat::NATIONAL
                : PhoneNumberFormat::INTERNATIONAL,
        );
    }

    /**
     * Reads back what `display` gave. Digits and spaces are all that form has, so the
     * numbering plans of the world need not be loaded to make its link.
     *
     * @throws Refusal
     */
    public static function ofDisplay(string $display): self
    {
        // Without an extension it is a plus sign, digits, spaces and hyphens.
        if (strlen($display) > 6 && $display[0] === '+'
            && strspn($display, '0123456789 -', 1) === strlen($display) - 1) {
            return new self($display, 'tel:+'.str_replace([' ', '-'], '', substr($display, 1)));
        }

        return preg_match('/^\+([\d -]+\d)(?:\s+[^\d\s]+\s*(\d+))?$/uD', $display, $match)
            ? new self($display, 'tel:+'.preg_replace('/\D/', '', $match[1]).(isset($match[2]) ? ";ext=$match[2]" : ''))
            : self::parse($display, 'ZZ');
    }

    /**
     * Ranges set aside for examples and stories, which ring nowhere on purpose: British (Ofcom), North American
     * (NANPA), French (ARCEP), Australian (ACMA).
     */
    private const FICTION = '/^\+(?:44(?:(?:1632960|2079460|7700900)\d{3}|113496\d{4})|1\d{3}55501\d\d'
        .'|33(?:19900|26191|35301|46571|53649|63998)\d{4}|61(?:[2378](?:5550|7010)\d{4}|491570\d{3}))$/';

    /** Whether a numbering plan has such a number: right digits, not right length alone. */
    public static function rings(string $display): bool
    {
        if (preg_match(self::FICTION, (string) preg_replace('/[^\d+]|\s*[a-z.]+\s*\d+$/i', '', $display)) === 1) {
            return true;
        }

        $util = PhoneNumberUtil::getInstance();
        try {
            return $util->isValidNumber($util->parse($display, 'ZZ'));
        } catch (NumberParseException) {
            return false;
        }
    }

    /**
     * Whether a number as it is written in a country is one of its numbering plan.
     *
     * @param  string  $country  ISO 3166-1 alpha-2
     */
    public static function ringsIn(string $number, string $country): bool
    {
        try {
            return self::rings(self::parse($number, $country)->display);
        } catch (Refusal) {
            return false;
        }
    }

    /** @return list<string> countries of the numbers with one that stand in a text, ISO 3166-1 alpha-2 */
    public static function countries(string $text): array
    {
        preg_match_all('/\+\d[\d ().\/\x{2013}-]{6,18}\d/u', $text, $found);
        $util = PhoneNumberUtil::getInstance();
        $countries = [];
        foreach (array_slice($found[0], 0, 5) as $number) {
            try {
                $countries[] = $util->getRegionCodeForNumber($util->parse($number, 'ZZ'));
            } catch (NumberParseException) {
                continue;
            }
        }

        return array_values(array_unique(array_filter($countries)));
    }

    public function href(): string
    {
        return $this->href;
    }

    private static function read(mixed $raw, string $country, string $label): Parsed
    {
        $text = CleanText::of($raw, 60, $label);
        $util = PhoneNumberUtil::getInstance();
        try {
            $parsed = $util->parse($text, $country);
        } catch (NumberParseException) {
            throw Refusal::because(
                'The :label is not one that can be dialled: it looks like +44 1632 960147.',
                values: ['label' => Said::of($label)],
            );
        }
        // What can be dialled within one town alone is no number for readers elsewhere.
        if ($util->isPossibleNumberWithReason($parsed) !== ValidationResult::IS_POSSIBLE) {
            throw Refusal::because(
                'The :label has too few or too many digits for its country: it looks like +44 1632 960147.',
                values: ['label' => Said::of($label)],
            );
        }

        return $parsed;
    }

    private static function link(Parsed $parsed): string
    {
        $extension = (string) $parsed->getExtension();

        return 'tel:'.PhoneNumberUtil::getInstance()->format($parsed, PhoneNumberFormat::E164)
            .($extension === '' ? '' : ';ext='.$extension);
    }
}
