<?php

namespace App\Errands;

use App\Auth\Ability;

/** The errands there are. */
enum ErrandKind: string
{
    case Export = 'export';
    case Import = 'import';
    case PlanStaff = 'plan-staff';
    case BringStaff = 'bring-staff';
    case UndoStaff = 'undo-staff';
    case PutHouse = 'put-house';
    case Portraits = 'portraits';

    /** What it is, in a few words. */
    public function says(): string
    {
        return match ($this) {
            self::Export => __('All of it, in one file'),
            self::Import => __('A workspace’s file, to bring in'),
            self::PlanStaff => __('What will happen'),
            self::BringStaff => __('A list of people, to bring in'),
            self::UndoStaff => __('A list of people, taken back'),
            self::PutHouse => __('A house card, put on everybody’s card'),
            self::Portraits => __('Portraits of people'),
        };
    }

    /** Who may look at it. */
    public function asks(): Ability
    {
        return in_array($this, [self::Export, self::Import], true) ? Ability::Run : Ability::People;
    }

    /**
     * Page it belongs to, by its address.
     *
     * @param  array<string, mixed>  $data  what it was given
     */
    public function page(array $data): string
    {
        return match ($this) {
            self::Export, self::Import => route('settings'),
            self::Portraits => route('people'),
            self::PutHouse => route('house', (int) ($data['house'] ?? 0)),
            default => route('staff-import', (int) ($data['import'] ?? 0)),
        };
    }

    /** Name its file is taken by; null for one that is for nobody. */
    public function file(): ?string
    {
        return $this === self::Export ? 'workspace.zip' : null;
    }
}
