<?php

namespace InkyCard\Handover;

use InkyCard\Card\Content\PictureBlock;
use InkyCard\Compose\PictureSources;
use InkyCard\Picture\Bake;
use InkyCard\Picture\Baked;

/** Pictures that travel with the card as files of their own, beside it or attached to a message. */
final class PictureFiles implements PictureSources
{
    /** @var array<string, array{string, Baked}> key => name, picture */
    private array $files = [];

    /**
     * @param  \Closure(Bake): Baked  $bake
     * @param  string  $before  what stands before a name where the card speaks of it, such as `cid:` or a folder
     * @param  string  $after  what stands behind it, such as the domain of a content id
     */
    public function __construct(
        private readonly \Closure $bake,
        private readonly string $before,
        private readonly string $after = '',
    ) {
    }

    public function prepare(array $pictures): void
    {
        foreach ($pictures as $picture) {
            if ($picture->source instanceof Bake && ! isset($this->files[$picture->source->key()])) {
                $baked = ($this->bake)($picture->source);
                // Short and the same every time: the file is what its name says.
                $this->files[$picture->source->key()] = [substr($baked->hash(), 0, 12).'.'.$baked->extension, $baked];
            }
        }
    }

    public function source(PictureBlock $picture): string
    {
        return $picture->source instanceof Bake
            ? $this->before.$this->files[$picture->source->key()][0].$this->after
            : $picture->source;
    }

    /** @return array<string, Baked> name => picture, those composed into the card */
    public function files(): array
    {
        return array_column($this->files, 1, 0);
    }
}
