<?php

namespace InkyCard\Card\Content;

/** Runs of text read as one line; it may wrap. */
final readonly class Line implements Block
{
    /** Line height as a multiple of the type size. */
    private const LEADING = 1.4;

    /** @param  non-empty-list<Run>  $runs */
    public function __construct(public array $runs)
    {
    }

    /** Line height in whole CSS px, from the largest run. */
    public function height(): int
    {
        return (int) round(max(array_map(fn (Run $run) => $run->size, $this->runs)) * self::LEADING);
    }

    /** The line with more runs at its end. */
    public function with(Run ...$runs): self
    {
        return new self([...$this->runs, ...array_values($runs)]);
    }
}
