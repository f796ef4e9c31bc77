<?php

namespace InkyCard\Banner;

/** The windows of one audience on a timeline, and where its cards show nothing, or several at once. */
final readonly class Lane
{
    /**
     * @param  ?string  $label  whose cards; empty for everybody's, null for single cards
     * @param  list<array{PlaceWindow, int}>  $bars  and in which row, so that none lies over another
     * @param  list<Stretch>  $gaps
     * @param  list<Stretch>  $overlaps
     */
    public function __construct(
        public ?string $label, public array $bars, public array $gaps, public array $overlaps,
    ) {
    }

    public function rows(): int
    {
        return max([1, ...array_map(fn (array $bar) => $bar[1] + 1, $this->bars)]);
    }
}
