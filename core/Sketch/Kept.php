<?php

namespace InkyCard\Sketch;

/** What of a card stays as it is in every sketch of it. */
final readonly class Kept
{
    public const PARTS = ['arrangement', 'typeface', 'inks'];

    private function __construct(public bool $arrangement, public bool $typeface, public bool $inks)
    {
    }

    /** @param  list<string>  $parts  of PARTS; others are no part */
    public static function of(array $parts): self
    {
        return new self(...array_map(fn (string $part) => in_array($part, $parts, true), self::PARTS));
    }
}
