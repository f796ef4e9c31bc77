<?php

namespace InkyCard\Card\Content;

use InkyCard\Colour\Colour;

/** A call to action on a coloured ground. */
final readonly class ButtonBlock implements Block
{
    /**
     * @param  int  $radius  corner radius, CSS px
     * @param  bool  $beside  stands beside what comes before it
     */
    public function __construct(
        public TextRun $words,
        public Colour $ground,
        public int $radius,
        public bool $beside = false,
    ) {
    }

    public function links(): array
    {
        return $this->words->href === null ? [] : [new BlockLink($this->words->text, $this->words->href)];
    }

    public function leading(\Closure $to): self
    {
        return new self($this->words->leading($to), $this->ground, $this->radius, $this->beside);
    }
}
