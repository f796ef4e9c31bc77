<?php

namespace App\Errands;

/** What does each kind of errand. */
final class Works
{
    /** @return class-string<Work> */
    public static function of(ErrandKind $kind): string
    {
        return match ($kind) {
            ErrandKind::Export => ExportWorkspace::class,
            ErrandKind::Import => ImportWorkspace::class,
            ErrandKind::PlanStaff, ErrandKind::BringStaff, ErrandKind::UndoStaff => StaffWork::class,
            ErrandKind::PutHouse => PutHouseWork::class,
            ErrandKind::Portraits => PortraitWork::class,
        };
    }
}
