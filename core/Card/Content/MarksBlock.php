<?php

namespace InkyCard\Card\Content;

/** Linked marks side by side. */
final readonly class MarksBlock implements Block
{
    /**
     * @param  non-empty-list<PictureBlock>  $marks
     * @param  int  $gap  CSS px between two marks
     */
    public function __construct(public array $marks, public int $gap)
    {
    }

    public function links(): array
    {
        return array_merge(...array_map(fn (PictureBlock $mark) => $mark->links(), $this->marks));
    }

    public function leading(\Closure $to): self
    {
        return new self(array_map(fn (PictureBlock $mark) => $mark->leading($to), $this->marks), $this->gap);
    }
}
