<?php

namespace InkyCard\Card\Content;

use InkyCard\Colour\Colour;

/** A call to action on a background of its own. */
final readonly class ButtonBlock extends AbstractBlock
{
    /**
     * @param  int  $radius  corner radius, CSS px
     * @param  bool  $beside  stands beside what comes before it
     */
    public function __construct(
        public TextRun $words,
        public Colour $colour,
        public int $radius,
        public bool $beside = false,
    ) {
    }

    public function links(): array
    {
        return $this->words->href === null ? [] : [new BlockLink($this->words->text, $this->words->href)];
    }

    public function withLinks(\Closure $to): self
    {
        return new self($this->words->withLink($to), $this->colour, $this->radius, $this->beside);
    }

    public function runs(): array
    {
        return [$this->words];
    }

    public function background(Colour $paper): Colour
    {
        return $this->colour;
    }
}
