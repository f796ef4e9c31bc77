<?php

namespace InkyCard\Import;

use InkyCard\Link\LinkedWords;
use InkyCard\Type\CleanText;

/** A line of a signature somebody brought. */
final readonly class ImportedLine
{
    /**
     * @param  list<array{string, string}>  $links  address, words
     * @param  list<ImportedPicture>  $pictures
     * @param  float  $size  of its largest words, CSS px
     * @param  bool  $button  its link stands on a background of its own
     */
    public function __construct(
        public string $text,
        public array $links = [],
        public array $pictures = [],
        public float $size = 13.0,
        public bool $bold = false,
        public bool $button = false,
    ) {
    }

    /**
     * Its text with links back on their words, as LinkedWords has them.
     *
     * @param  string  $text  its text, or what was kept of it
     */
    public function linked(string $text): string
    {
        foreach ($this->links as [$address, $words]) {
            $at = $words === '' ? false : strpos($text, $words);
            $text = $at === false ? $text
                : substr_replace($text, LinkedWords::phrase($words, $address), $at, strlen($words));
        }

        return $text;
    }

    public static function plain(string $text): self
    {
        return new self(CleanText::seen($text));
    }
}
