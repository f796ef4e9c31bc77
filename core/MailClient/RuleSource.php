<?php

namespace InkyCard\MailClient;

use InkyCard\Said;

/** Where a rule of a stand-in comes from. */
final readonly class RuleSource
{
    /** What was seen in the program itself. */
    private const SEEN = 'seen';

    /**
     * @param  ?string  $feature  its name in the open data on mail clients; null for a guess
     * @param  string  $tested  when that was tested last, YYYY-MM-DD; empty for a guess
     */
    public function __construct(public ?string $feature, public string $tested = '')
    {
    }

    /** @param  array{string, string}|'guess'  $from  feature, or `seen`, and date; or that it is a guess */
    public static function of(array|string $from): self
    {
        return is_array($from) ? new self($from[0], $from[1]) : new self(null);
    }

    public function says(): string|Said
    {
        return match ($this->feature) {
            null => 'A cautious guess: the open data has no entry.',
            self::SEEN => "Measured in the program itself, $this->tested.",
            default => Said::of('Open data, :feature, tested :day.', [
                'feature' => $this->feature, 'day' => $this->tested,
            ]),
        };
    }
}
