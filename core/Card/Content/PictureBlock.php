<?php

namespace InkyCard\Card\Content;

use InkyCard\Picture\Bake;

/** A picture: baked by us, or an address used as it stands. */
final readonly class PictureBlock extends AbstractBlock
{
    /** Widest that keeps its width everywhere, CSS px. */
    private const FIXED = 240;

    /**
     * @param  Bake|string  $source  what to bake, or an http(s) address
     * @param  int  $width  CSS px
     * @param  int  $height  CSS px
     * @param  string  $alt  what stands for the picture where it is not shown
     * @param  bool  $speaks  it says something: where there are words alone, its own stand for it
     * @param  bool  $free  its height is that of what it shows, which changes
     */
    public function __construct(
        public Bake|string $source,
        public int $width,
        public int $height,
        public string $alt,
        public ?string $href = null,
        public bool $speaks = true,
        public bool $free = false,
    ) {
    }

    /** Too wide to stand beside words on a phone: narrows with the room it has. */
    public function isFluid(): bool
    {
        return $this->width > self::FIXED;
    }

    public function links(): array
    {
        return $this->href === null ? [] : [new BlockLink($this->alt, $this->href)];
    }

    public function withLinks(\Closure $to): self
    {
        return $this->href === null
            ? $this
            : new self(...['href' => $to($this->href)] + get_object_vars($this));
    }

    public function pictures(): array
    {
        return [$this];
    }
}
