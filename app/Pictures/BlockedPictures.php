<?php

namespace App\Pictures;

use InkyCard\Card\Content\Picture;
use InkyCard\Compose\Pictures;

/** No picture arrives: what a reader sees whose mail client blocks them. */
final class BlockedPictures implements Pictures
{
    public function prepare(array $pictures): void
    {
    }

    public function source(Picture $picture): string
    {
        return '';
    }
}
