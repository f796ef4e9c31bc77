<?php

namespace InkyCard\Card\Content;

use InkyCard\Card\Style\ButtonLook;
use InkyCard\Colour\Colour;

/** A call to action on a background of its own, or with a line around it. */
final readonly class ButtonBlock extends AbstractBlock
{
    /**
     * @param  Colour  $colour  of its background, or of the line around it
     * @param  bool  $beside  stands beside what comes before it
     * @param  ?PictureBlock  $symbol  stands beside its words
     * @param  bool  $last  its symbol stands after them
     */
    public function __construct(
        public TextRun $words,
        public Colour $colour,
        public ButtonLook $look,
        public bool $beside = false,
        public ?PictureBlock $symbol = null,
        public bool $last = false,
    ) {
    }

    /** The same with other words. */
    public function saying(TextRun $words): self
    {
        return new self(...['words' => $words] + get_object_vars($this));
    }

    public function links(): array
    {
        return $this->words->href === null ? [] : [new BlockLink($this->words->text, $this->words->href)];
    }

    public function withLinks(\Closure $to): self
    {
        return $this->saying($this->words->withLink($to));
    }

    public function runs(): array
    {
        return [$this->words];
    }

    public function pictures(): array
    {
        return $this->symbol === null ? [] : [$this->symbol];
    }

    public function background(Colour $paper): Colour
    {
        return $this->look->outlined ? $paper : $this->colour;
    }
}
