<?php

namespace InkyCard\Time;

use InkyCard\Refusal;

/** A day of the calendar (ISO 8601), wherever the sun stands: it has no hour and no zone. */
final readonly class Day
{
    private \DateTimeImmutable $noon;

    /** @param  string  $iso  YYYY-MM-DD */
    private function __construct(public string $iso)
    {
        // Noon of a zone without clock changes: days added and counted there are whole.
        $this->noon = new \DateTimeImmutable("{$iso}T12:00:00+00:00");
    }

    /**
     * @param  mixed  $raw  YYYY-MM-DD, a day the calendar has
     *
     * @throws Refusal
     */
    public static function parse(mixed $raw): self
    {
        return is_string($raw) && preg_match('/^(\d{4})-(\d\d)-(\d\d)$/D', $raw, $part) === 1
            && checkdate((int) $part[2], (int) $part[3], (int) $part[1]) ? new self($raw)
            : throw Refusal::because('The date is written year, month, day, such as 2027-03-14.');
    }

    /** The day it is at a moment, in the zone the moment is told in. */
    public static function at(\DateTimeInterface $moment): self
    {
        return new self($moment->format('Y-m-d'));
    }

    public function isBefore(self $other): bool
    {
        return $this->noon < $other->noon;
    }

    /** Days from this day to another: 0 for the same, negative for an earlier one. */
    public function until(self $other): int
    {
        $apart = $this->noon->diff($other->noon);

        return $apart->invert === 1 ? -(int) $apart->days : (int) $apart->days;
    }

    /** So many days later, or, for a negative number, earlier. */
    public function plus(int $days): self
    {
        return self::at($this->noon->modify(sprintf('%+d days', $days)));
    }

    /** Day of the week: 0 for Sunday to 6 for Saturday. */
    public function weekday(): int
    {
        return (int) $this->noon->format('w');
    }

    public function isIn(int $year): bool
    {
        return (int) substr($this->iso, 0, 4) === $year;
    }

    /** Noon of it, seconds since 1970 (UTC). */
    public function seconds(): int
    {
        return $this->noon->getTimestamp();
    }

    /** Where it stands in any year, MM-DD. */
    public function ofYear(): string
    {
        return substr($this->iso, 5);
    }

    /**
     * As people read it, such as 14 March 2027.
     *
     * @param  string  $locale  BCP 47; Gregorian days whatever calendar is used there (ISO 8601)
     */
    public function words(string $locale = 'en-GB'): string
    {
        $written = (new \IntlDateFormatter(
            $locale, \IntlDateFormatter::LONG, \IntlDateFormatter::NONE, 'UTC', \IntlDateFormatter::GREGORIAN,
        ))->format($this->noon);

        return $written === false ? $this->iso : $written;
    }
}
