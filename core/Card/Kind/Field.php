<?php

namespace InkyCard\Card\Kind;

/** One thing a kind of piece asks for: enough for a form to be drawn from it. */
final readonly class Field
{
    public const INPUTS = [
        'text', 'tel', 'email', 'url', 'date', 'time', 'lines', 'paragraphs', 'picture', 'choice', 'profiles',
        'sentence', 'sentences', 'pixels', 'zone', 'length',
    ];

    /**
     * @param  value-of<self::INPUTS>  $input  words of a sentence can lead somewhere (see LinkedWords)
     * @param  string  $help  one sentence beside the field
     * @param  array<string, string>  $choices  value => label, for `choice`
     * @param  list<string>  $ready  wording to take as it is or to start from
     */
    public function __construct(
        public string $name,
        public string $label,
        public string $input = 'text',
        public string $help = '',
        public string $example = '',
        public array $choices = [],
        public array $ready = [],
    ) {
    }

    /** Whether it says something, and is no look of it. */
    public function says(): bool
    {
        return ! in_array($this->input, ['choice', 'pixels'], true);
    }
}
