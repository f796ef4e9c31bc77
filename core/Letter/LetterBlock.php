<?php

namespace InkyCard\Letter;

/** One block of a letter. */
final readonly class LetterBlock
{
    /**
     * @param  string  $kind  `heading`, `paragraph`, `item`, `quote` or `rule`
     * @param  list<LetterRun>  $runs
     * @param  string  $mark  before an item
     * @param  int  $level  of a heading, 1 to 6
     */
    public function __construct(public string $kind, public array $runs, public string $mark, public int $level)
    {
    }
}
