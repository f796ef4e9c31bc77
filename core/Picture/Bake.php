<?php

namespace InkyCard\Picture;

/** A picture the application has to make before a card can show it. */
interface Bake
{
    /** Equal for two bakes exactly when their pictures are equal; names the memo of a baked file. */
    public function key(): string;

    /** @return array<string, mixed> what `of` of its class reads back: JSON values */
    public function toArray(): array;
}
