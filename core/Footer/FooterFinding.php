<?php

namespace InkyCard\Footer;

/** One thing a footer has, lacks, or should be looked at for. */
final readonly class FooterFinding
{
    /**
     * @param  string  $part  a key of Footer, or what else was looked at
     * @param  'has'|'lacks'|'look'|'may'  $state  `may`: nobody asks for it, and readers like it
     * @param  string  $says  in a sentence or a few words
     * @param  array<string, string>  $sources  country => where it asks for it
     */
    public function __construct(
        public string $part, public string $label, public string $state, public string $says, public array $sources,
    ) {
    }
}
