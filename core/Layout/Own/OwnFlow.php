<?php

namespace InkyCard\Layout\Own;

/** What stands in a block of somebody's own markup, in order. */
final class OwnFlow
{
    /** @var list<OwnItem> */
    public array $items = [];

    /** Lines that have not ended their line. */
    private ?OwnLines $open = null;

    /**
     * @param  float  $size  of its type, CSS px
     * @param  float  $leading  its line height, CSS px
     */
    public function __construct(private readonly float $size, private readonly float $leading)
    {
    }

    public function words(string $text, float $size, bool $bold, float $leading): void
    {
        $this->line()->add($text, $size, $bold, $leading);
    }

    public function picture(float $width, float $height, bool $alone): void
    {
        if ($alone) {
            $this->end();
        }
        $this->line()->picture($width, $height, $alone);
        if ($alone) {
            $this->end();
        }
    }

    public function feed(): void
    {
        $this->line()->forced();
        $this->end();
    }

    public function block(OwnItem $block): void
    {
        $this->end();
        $this->items[] = $block;
    }

    /** Nothing more comes. */
    public function end(): self
    {
        if ($this->open !== null && ! $this->open->isEmpty()) {
            $this->items[] = $this->open;
        }
        $this->open = null;

        return $this;
    }

    private function line(): OwnLines
    {
        return $this->open ??= new OwnLines($this->size, $this->leading);
    }
}
