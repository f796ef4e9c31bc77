<?php

namespace InkyCard\Compose;

use InkyCard\Card\Content\PictureBlock;
use InkyCard\Picture\Bake;

/** Pictures by what they are called, for comparing: nothing is baked. */
final class PictureNames implements PictureSources
{
    public function prepare(array $pictures): void
    {
    }

    public function source(PictureBlock $picture): string
    {
        return $picture->source instanceof Bake ? $picture->source->key() : $picture->source;
    }
}
