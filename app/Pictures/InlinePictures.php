<?php

namespace App\Pictures;

use InkyCard\Card\Content\Picture;
use InkyCard\Compose\Pictures;
use InkyCard\Picture\Bake;
use InkyCard\Picture\Mark;

/** Pictures carried inside the HTML as data: URIs. A picture given by its web address stays an address. */
final class InlinePictures implements Pictures
{
    /** @var array<string, string> key => data: URI */
    private array $baked = [];

    public function __construct(private readonly Bakery $bakery)
    {
    }

    public function prepare(array $pictures): void
    {
        foreach ($pictures as $picture) {
            if ($picture->source instanceof Bake) {
                $bake = $picture->source;
                // A picture inside stays what it is: out of season it is the plain one.
                $shown = $bake instanceof Mark && $bake->dress?->isWornOn(now()->toDateString()) === false ? $bake->plain() : $bake;
                $this->baked[$bake->key()] ??= $this->bakery->bake($shown)->dataUri();
            }
        }
    }

    public function source(Picture $picture): string
    {
        return $picture->source instanceof Bake ? $this->baked[$picture->source->key()] : $picture->source;
    }
}
