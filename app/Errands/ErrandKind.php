<?php

namespace App\Errands;

use App\Auth\Ability;

/** The errands there are. */
enum ErrandKind: string
{
    case Export = 'export';
    case Import = 'import';

    /** @return class-string<Work> */
    public function work(): string
    {
        return match ($this) {
            self::Export => ExportWorkspace::class,
            self::Import => ImportWorkspace::class,
        };
    }

    /** What it is, in a few words. */
    public function says(): string
    {
        return match ($this) {
            self::Export => __('All of it, in one file'),
            self::Import => __('A workspace’s file, to bring in'),
        };
    }

    /** Who may look at it. */
    public function asks(): Ability
    {
        return Ability::Run;
    }

    /** Page it began on, by its route's name. */
    public function page(): string
    {
        return 'settings';
    }

    /** Name its file is taken by; null for one that is for nobody. */
    public function file(): ?string
    {
        return $this === self::Export ? 'workspace.zip' : null;
    }
}
