<?php

namespace InkyCard\Rollout;

/** A message as it arrived, taken apart once for all cards it is held against. */
final readonly class Arrived
{
    /**
     * @param  bool  $plain  it has no HTML
     * @param  Seen  $written  what its writer wrote
     * @param  Seen  $quoted  what is quoted or passed on
     * @param  string  $from  the sender's address
     */
    private function __construct(public bool $plain, public Seen $written, public Seen $quoted, public string $from)
    {
    }

    /**
     * @param  string  $html  of the message; empty when it has none
     * @param  string  $text  its plain text; empty when it has none
     */
    public static function of(string $html, string $text, string $from): self
    {
        $plain = trim($html) === '';

        return new self($plain, ...($plain ? Seen::text($text) : Seen::html($html)), from: $from);
    }
}
