<?php

namespace InkyCard\Import;

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

    public static function plain(string $text): self
    {
        return new self(CleanText::seen($text));
    }
}
