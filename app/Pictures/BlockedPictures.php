<?php

namespace App\Pictures;

use InkyCard\Card\Content\PictureBlock;
use InkyCard\Compose\PictureSources;

/** No picture arrives: what a reader sees whose mail client blocks them. */
final class BlockedPictures implements PictureSources
{
    public function prepare(array $pictures): void
    {
    }

    public function source(PictureBlock $picture): string
    {
        return '';
    }
}
