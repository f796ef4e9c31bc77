<?php

namespace InkyCard\MailClient;

/** Where a rule of a stand-in comes from. */
final readonly class RuleSource
{
    /**
     * @param  ?string  $feature  its name in the open data on mail clients; null for a guess
     * @param  string  $tested  when that was tested last, YYYY-MM-DD; empty for a guess
     */
    public function __construct(public ?string $feature, public string $tested = '')
    {
    }

    /** @param  array{string, string}|'guess'  $from  feature and date, or that it is a guess */
    public static function of(array|string $from): self
    {
        return is_array($from) ? new self($from[0], $from[1]) : new self(null);
    }

    public function says(): string
    {
        return $this->feature === null
            ? 'A cautious guess: the open data has no entry.'
            : "Open data, $this->feature, tested $this->tested.";
    }
}
