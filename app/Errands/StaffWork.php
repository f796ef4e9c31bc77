<?php

namespace App\Errands;

use App\Jobs\FollowPeople;
use App\Models\Errand;
use App\Models\StaffImport;
use App\Models\User;
use App\Roster\StaffBringing;
use App\Roster\StaffPlanning;
use InkyCard\Said;

/** What is done with a list of staff: worked out, brought in, taken back. */
final class StaffWork implements Work
{
    public function do(Errand $errand): void
    {
        $import = StaffImport::query()->where('id', $errand->data['import'] ?? 0)->firstOrFail();
        match ($errand->kind) {
            ErrandKind::PlanStaff => (new StaffPlanning($import))->plan($errand->reached(...)),
            ErrandKind::BringStaff => (new StaffBringing($import))->bring($errand->reached(...)),
            default => (new StaffBringing($import))->undo($errand->reached(...)),
        };
        $errand->kind === ErrandKind::PlanStaff || FollowPeople::of(
            $import->workspace, $import->taken(), User::query()->where('id', $errand->user_id)->first(),
        );
        $errand->done(self::said($errand->kind, $import->counts + ['new' => 0, 'changed' => 0]));
    }

    /** @param  array<string, int>  $counts */
    private static function said(ErrandKind $kind, array $counts): Said
    {
        return match ($kind) {
            ErrandKind::PlanStaff => Said::of('What will happen is worked out.'),
            ErrandKind::BringStaff => Said::of(':new people came in, of :changed something changed.', [
                'new' => $counts['new'], 'changed' => $counts['changed'],
            ]),
            default => Said::of('The list is taken back.'),
        };
    }
}
