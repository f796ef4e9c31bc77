<?php

namespace InkyCard\Handover;

use InkyCard\Card\Content\PictureBlock;
use InkyCard\Compose\PictureSources;
use InkyCard\Picture\Bake;
use InkyCard\Picture\Baked;

/** Pictures carried inside the HTML as data: URIs. A picture given by its web address stays an address. */
final class InsidePictures implements PictureSources
{
    /** @var array<string, string> key => data: URI */
    private array $baked = [];

    /** @param  \Closure(Bake): Baked  $bake */
    public function __construct(private readonly \Closure $bake)
    {
    }

    public function prepare(array $pictures): void
    {
        foreach ($pictures as $picture) {
            if ($picture->source instanceof Bake) {
                $this->baked[$picture->source->key()] ??= ($this->bake)($picture->source)->dataUri();
            }
        }
    }

    public function source(PictureBlock $picture): string
    {
        return $picture->source instanceof Bake ? $this->baked[$picture->source->key()] : $picture->source;
    }
}
