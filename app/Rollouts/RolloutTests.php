<?php

namespace App\Rollouts;

use App\Models\Rollout;
use App\Models\StoredPerson;
use App\Models\Workspace;
use App\Tray\MimeMessage;
use App\Tray\TrayVerifier;
use Illuminate\Support\Collection;
use Illuminate\Support\Facades\DB;

/**
 * Tests that come back: whose they are is told by who sends them, for which rollout by the tag or by what is in them.
 */
final class RolloutTests
{
    /** Looks whether a message of the tray is one. */
    public static function look(Workspace $workspace, int $message): void
    {
        $running = Rollout::query()->where('workspace_id', $workspace->id)
            ->whereIn('state', [Rollout::RUNNING, Rollout::PAUSED])->latest('id')->get();
        $row = DB::table('tray_messages')->where(['workspace_id' => $workspace->id, 'id' => $message])->first();
        if ($running->isEmpty() || $row === null) {
            return;
        }
        $tagged = $running->first(fn (Rollout $one): bool => mb_stripos((string) $row->subject, $one->tag) !== false);
        $sent = mb_strtolower((string) $row->from);
        $person = DB::table('person_addresses')->where(['workspace_id' => $workspace->id, 'address' => $sent])
            ->value('person_id');
        if (! is_string($person)) {
            // A stranger's is kept apart, where it was meant for us.
            $to = $tagged ?? $running->first(fn (Rollout $one): bool => str_contains(mb_strtolower((string) $row->to),
                mb_strtolower($one->tests_to)));
            $to === null || self::note($to, null, $message, 'stranger', '');

            return;
        }
        self::ofPerson($workspace, $running, $tagged, $person, $row);
    }

    /** @param  Collection<int, Rollout>  $running */
    private static function ofPerson(
        Workspace $workspace, Collection $running, ?Rollout $tagged, string $person, \stdClass $row,
    ): void {
        $found = TrayVerifier::of($workspace, new MimeMessage((string) $row->raw));
        $carried = $found === null || $found->verified->verdict === 'absent' ? null : $found->card->person_id;
        $in = fn (?Rollout $one): bool => $one !== null && $one->people()->where('person_id', $person)->exists();
        $rollout = $in($tagged) ? $tagged : ($carried === $person ? $running->first($in) : null);
        if ($rollout === null) {
            return;
        }
        $verdict = match (true) {
            $found === null => 'none',
            $carried !== null && $carried !== $person => 'other',
            default => $found->verified->verdict,
        };
        $says = $verdict === 'other'
            ? (string) StoredPerson::query()->where('id', $carried)->value('name') : '';
        self::note($rollout, $person, (int) $row->id, $verdict, $says);
    }

    private static function note(Rollout $rollout, ?string $person, int $message, string $verdict, string $says): void
    {
        $new = DB::table('rollout_tests')->insertOrIgnore([
            'rollout_id' => $rollout->id, 'message_id' => $message, 'person_id' => $person, 'verdict' => $verdict,
            'says' => mb_strimwidth($says, 0, 300), 'at' => (string) now(),
        ]);
        if ($new > 0 && $person !== null) {
            // Another test: what was said of the one before counts no longer.
            $rollout->people()->where('person_id', $person)->update([
                'tested_at' => (string) now(), 'test_id' => $message, 'verdict' => $verdict, 'right_at' => null,
                'redo_at' => null, 'note' => '',
            ]);
            RolloutSteps::settle([$person], $rollout->id);
        }
    }
}
