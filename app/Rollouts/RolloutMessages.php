<?php

namespace App\Rollouts;

use App\Models\Rollout;
use Illuminate\Support\Facades\DB;

/** Messages of a rollout on their way: each once, whatever is pressed twice or killed. */
final class RolloutMessages
{
    private const COLUMNS = ['tell' => 'told_at', 'ask' => 'asked_at'];

    /** Takes one up to be sent; false where another did. */
    public static function claim(int $id): bool
    {
        return DB::table('rollout_messages')->where(['id' => $id, 'state' => 'waits'])
            ->update(['state' => 'passing', 'at' => (string) now()]) > 0;
    }

    public static function settle(\stdClass $message, string $state, string $words = ''): void
    {
        if ($state === 'sent') {
            self::sent([$message]);

            return;
        }
        DB::table('rollout_messages')->where('id', $message->id)->update([
            'state' => $state, 'words' => mb_strimwidth($words, 0, 300, '…'), 'at' => (string) now(),
        ]);
    }

    /** @param  list<\stdClass>  $messages  of one rollout */
    public static function sent(array $messages): void
    {
        $now = (string) now();
        DB::table('rollout_messages')->whereIn('id', array_column($messages, 'id'))
            ->update(['state' => 'sent', 'words' => '', 'at' => $now]);
        $kinds = [];
        foreach ($messages as $message) {
            $kinds[$message->kind][] = $message->person_id;
        }
        foreach ($kinds as $kind => $people) {
            $column = self::COLUMNS[$kind] ?? null;
            DB::table('rollout_people')->where('rollout_id', $messages[0]->rollout_id)->whereIn('person_id', $people)
                ->update(['written_at' => $now] + ($column === null ? [] : [$column => $now])
                    + ($kind === 'remind' ? ['reminded' => DB::raw('reminded + 1')] : []));
            RolloutSteps::settle($people, (int) $messages[0]->rollout_id);
        }
    }

    /** @return array<string, int> state => messages */
    public static function counts(Rollout $rollout): array
    {
        return array_map(intval(...), $rollout->messages()->groupBy('state')->selectRaw('state, count(*) as n')
            ->pluck('n', 'state')->all());
    }
}
