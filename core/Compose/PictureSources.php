<?php

namespace InkyCard\Compose;

use InkyCard\Card\Content\PictureBlock;

/** Tells the composer where each picture's file is: hosted, or carried inside. */
interface PictureSources
{
    /**
     * Called once before composing, so that all can be looked up or baked in one go.
     *
     * @param  list<PictureBlock>  $pictures
     *
     * @throws \InkyCard\Refusal when one cannot be had
     */
    public function prepare(array $pictures): void;

    /**
     * The value of `src`: an http(s) address or a data: URI. A picture given by its address keeps it, where pictures
     * are shown at all.
     */
    public function source(PictureBlock $picture): string;
}
