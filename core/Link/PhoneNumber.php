<?php

namespace InkyCard\Link;

use InkyCard\Refusal;
use InkyCard\Type\Line;
use libphonenumber\NumberParseException;
use libphonenumber\PhoneNumber as Parsed;
use libphonenumber\PhoneNumberFormat;
use libphonenumber\PhoneNumberUtil;

/** A phone number as ITU-T E.164 with its `tel:` link (RFC 3966) and a form to read. */
final readonly class PhoneNumber
{
    private function __construct(private Parsed $parsed)
    {
    }

    /**
     * @param  string  $country  ISO 3166-1 alpha-2; used when the number has no `+` prefix
     *
     * @throws Refusal
     */
    public static function parse(mixed $raw, string $country, string $label = 'phone number'): self
    {
        $text = Line::of($raw, 60, $label);
        $util = PhoneNumberUtil::getInstance();
        try {
            $parsed = $util->parse($text, $country);
        } catch (NumberParseException) {
            throw Refusal::because("The $label is not one that can be dialled: it looks like +44 1632 960147.");
        }
        if (! $util->isPossibleNumber($parsed)) {
            throw Refusal::because("The $label has too few or too many digits for its country: it looks like +44 1632 960147.");
        }

        return new self($parsed);
    }

    /** International form, such as `+44 1632 960147 ext. 12`. */
    public function display(): string
    {
        return PhoneNumberUtil::getInstance()->format($this->parsed, PhoneNumberFormat::INTERNATIONAL);
    }

    public function href(): string
    {
        $extension = (string) $this->parsed->getExtension();

        return 'tel:'.PhoneNumberUtil::getInstance()->format($this->parsed, PhoneNumberFormat::E164)
            .($extension === '' ? '' : ';ext='.$extension);
    }
}
