<?php

namespace InkyCard\Rollout;

/** What a message that carries a revision of a card holds. */
final readonly class Expected
{
    /**
     * @param  int  $revision  its number; 0 for a card without any
     * @param  string  $address  the holder's mail address; empty when it says none
     */
    private function __construct(public int $revision, public Seen $seen, public Seen $text, public string $address)
    {
    }

    /**
     * @param  string  $html  as it was handed over
     * @param  string  $text  its plain text
     */
    public static function of(int $revision, string $html, string $text, string $address): self
    {
        return new self($revision, Seen::html($html)[0], Seen::text($text)[0], $address);
    }
}
