<?php

namespace InkyCard\Card\Content;

/** Linked marks side by side. */
final readonly class MarksBlock extends AbstractBlock
{
    /**
     * @param  non-empty-list<PictureBlock>  $marks
     * @param  int  $spacing  CSS px between two marks
     */
    public function __construct(public array $marks, public int $spacing)
    {
    }

    public function links(): array
    {
        return array_merge(...array_map(fn (PictureBlock $mark) => $mark->links(), $this->marks));
    }

    public function withLinks(\Closure $to): self
    {
        return new self(array_map(fn (PictureBlock $mark) => $mark->withLinks($to), $this->marks), $this->spacing);
    }

    public function pictures(): array
    {
        return $this->marks;
    }
}
