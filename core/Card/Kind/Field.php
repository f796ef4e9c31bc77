<?php

namespace InkyCard\Card\Kind;

/** One thing a kind of piece asks for: enough for a form to be drawn from it. */
final readonly class Field
{
    /**
     * @param  'text'|'tel'|'email'|'url'|'date'|'lines'|'paragraphs'|'picture'|'choice'|'profiles'|'pixels'  $input
     * @param  string  $help  one sentence beside the field
     * @param  array<string, string>  $choices  value => label, for `choice`
     */
    public function __construct(
        public string $name,
        public string $label,
        public string $input = 'text',
        public string $help = '',
        public string $example = '',
        public array $choices = [],
    ) {
    }
}
