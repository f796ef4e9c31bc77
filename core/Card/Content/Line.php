<?php

namespace InkyCard\Card\Content;

/** Runs of text read as one line; it may wrap. */
final readonly class Line implements Block
{
    /** Line height as a multiple of the type size. */
    private const LEADING = 1.4;

    /**
     * @param  non-empty-list<Run>  $runs
     * @param  ?Picture  $symbol  stands before it
     */
    public function __construct(public array $runs, public ?Picture $symbol = null)
    {
    }

    /** Line height in whole CSS px, from the largest run. */
    public function height(): int
    {
        return (int) round(max(array_map(fn (Run $run) => $run->size, $this->runs)) * self::LEADING);
    }

    /** The line without its symbol. */
    public function bare(): self
    {
        return $this->symbol === null ? $this : new self($this->runs);
    }

    /** The line with more runs at its end; a symbol before it would belong to the first alone, so there is none. */
    public function with(Run ...$runs): self
    {
        return new self([...$this->runs, ...array_values($runs)]);
    }
}
