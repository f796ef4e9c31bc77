<?php

namespace InkyCard\Card\Content;

use InkyCard\Colour\Colour;
use InkyCard\Type\FontStack;

/** A stretch of text in one look. */
final readonly class TextRun
{
    /**
     * @param  float  $size  CSS px
     * @param  ?string  $href  where it leads; null for plain words
     * @param  ?string  $plain  what stands for it in plain text, if not its words
     * @param  bool  $underlined  whether a link has a line under it
     * @param  float  $lineHeight  by type size
     * @param  bool  $guarded  numbers and names in it must not become links of the mail client's own
     * @param  float  $spacing  between its letters, CSS px
     * @param  ?FontStack  $face  its own typeface; null for the card's
     * @param  ?bool  $number  it is a number to dial; null where its address says so
     * @param  ?bool  $found  mail clients would make a link of it; null where its words say so
     */
    public function __construct(
        public string $text,
        public Colour $ink,
        public float $size,
        public bool $bold = false,
        public ?string $href = null,
        public ?string $plain = null,
        public bool $underlined = false,
        public bool $italic = false,
        public float $lineHeight = 1.4,
        public bool $guarded = false,
        public float $spacing = 0,
        public ?FontStack $face = null,
        private ?bool $number = null,
        private ?bool $found = null,
    ) {
    }

    /** A number to dial: its groups stand from left to right in a line that runs from the right, too. */
    public function isNumber(): bool
    {
        return $this->number ?? preg_match('/^(?:tel|sms):/', (string) $this->href) === 1;
    }

    /** Whether mail clients would take it for something to press, and its maker does not want that. */
    public function isFound(): bool
    {
        return $this->found ?? ($this->guarded && $this->href === null && self::tempts($this->text));
    }

    /** Words that mail clients find numbers, dates and addresses in, and turn blue. */
    public static function tempts(string $text): bool
    {
        return strpbrk($text, '0123456789.@') !== false
            && preg_match('/\d(?:[ .\/-]?\d){4}|[\w-][.@][a-z]{2}/i', $text) === 1;
    }

    /** @return array{string, float, bool, bool, float, ?FontStack} what it is measured by, see TextMeasure */
    public function measured(): array
    {
        return [$this->text, $this->size, $this->bold, $this->italic, $this->spacing, $this->face];
    }

    public function in(Colour $ink): self
    {
        return new self(...['ink' => $ink] + get_object_vars($this));
    }

    public function saying(string $text): self
    {
        return new self(...['text' => $text] + get_object_vars($this));
    }

    /** @param  \Closure(string): string  $to  address => the one in its place */
    public function withLink(\Closure $to): self
    {
        return $this->href === null ? $this : new self(...['href' => $to($this->href)] + get_object_vars($this));
    }
}
