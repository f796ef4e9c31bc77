<?php

namespace App\Rollouts;

use App\Models\Rollout;
use App\Models\Workspace;
use App\Roster\Stay;
use App\Tray\TrayVerifier;
use App\Words\Moments;
use App\Words\Words;
use Illuminate\Support\Facades\DB;

/** How a board says how somebody is. */
final class BoardWords
{
    /** Those listed to be copied. */
    private const MOST = 500;

    public static function of(\stdClass $one, Workspace $workspace): string
    {
        return match (true) {
            $one->excused !== '' => (string) $one->excused,
            $one->step === 6 => __('verified'),
            Stay::isOver($one->last_day, $workspace) => __('left :when', [
                'when' => Moments::day($one->last_day, 'short')]),
            $one->redo_at !== null => __('to redo'),
            $one->step === 5 => __('to be looked at'),
            $one->took_at !== null => __('took it :when', ['when' => Moments::day($one->took_at, 'short')]),
            $one->filled_at !== null => __('filled in :when', ['when' => Moments::day($one->filled_at, 'short')]),
            $one->opened_at !== null && $one->asked_at !== null => __('opened the page'),
            $one->asked_at !== null => __('asked :when', ['when' => Moments::day($one->asked_at, 'short')]),
            Stay::isAhead($one->first_day, $workspace) => __('starts :when', [
                'when' => Moments::day($one->first_day, 'short')]),
            default => '',
        };
    }

    /** What was found in somebody's test. */
    public static function test(\stdClass $one, ?TrayVerifier $found): string
    {
        if ($one->verdict === 'other') {
            return __('It carries the card of :name.', ['name' => (string) DB::table('rollout_tests')
                ->where(['message_id' => $one->test_id])->value('says')]);
        }

        return $found === null || $one->verdict === 'none' ? __('No card of ours is in it.')
            : implode(' ', array_map(Words::of(...), $found->verified->says()));
    }

    /** @return list<string> name and address of who was asked and is not through */
    public static function missing(Rollout $rollout): array
    {
        // Walked in order until there are enough: few of thousands are shown.
        $here = Stay::here(DB::table('people')->where('workspace_id', $rollout->workspace_id)
            ->whereNull('removed_at'), $rollout->workspace);

        return array_values($here->whereExists($rollout->people()->where('step', '<', 6)->whereNotNull('asked_at')
            ->whereColumn('person_id', 'people.id'))
            ->orderBy('name')->limit(self::MOST)->get(['name', 'address'])
            ->map(fn (\stdClass $one): string => "$one->name <$one->address>")->all());
    }
}
