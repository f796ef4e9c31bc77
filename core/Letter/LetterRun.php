<?php

namespace InkyCard\Letter;

/** Words of a letter in one look. */
final readonly class LetterRun
{
    /** @param  ?string  $leads  address they lead to */
    public function __construct(
        public string $text, public bool $strong = false, public bool $emphasised = false, public ?string $leads = null,
    ) {
    }
}
