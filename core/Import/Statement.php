<?php

namespace InkyCard\Import;

/** What a contact, a table or a page says of itself, under a name of its own. */
final readonly class Statement
{
    /** What is said so is hardly wrong. */
    public const SURE = 0.98;

    /**
     * @param  string  $kind  of piece; `url` for a link of any sort
     * @param  float  $confidence  0 to 1
     * @param  string  $sort  of a number to dial; empty where that is not said
     */
    public function __construct(
        public string $kind,
        public string $value,
        public float $confidence = self::SURE,
        public string $sort = '',
    ) {
    }
}
