<?php

namespace App\Stamping;

use App\Models\Workspace;
use Illuminate\Support\Facades\DB;

/** How many messages of each day came out how. */
final class StampedDays
{
    /** Days that are told, and kept. */
    private const DAYS = 30;

    /** @var array<int, array<string, int>> workspace => outcome => messages not written down yet */
    private array $waiting = [];

    public function count(Workspace $workspace, Outcome $outcome): void
    {
        $this->waiting[$workspace->id][$outcome->value] = ($this->waiting[$workspace->id][$outcome->value] ?? 0) + 1;
    }

    /** Writes down what was counted since. */
    public function keep(): void
    {
        [$waiting, $this->waiting] = [$this->waiting, []];
        foreach ($waiting as $id => $outcomes) {
            $workspace = Workspace::query()->find($id);
            if ($workspace === null) {
                continue;
            }
            foreach ($outcomes as $outcome => $messages) {
                DB::table('stamped_days')->upsert([[
                    'workspace_id' => $id, 'day' => $workspace->today()->iso, 'outcome' => $outcome,
                    'messages' => $messages,
                ]], ['workspace_id', 'day', 'outcome'], ['messages' => DB::raw("messages + $messages")]);
            }
            DB::table('stamped_days')->where('workspace_id', $id)
                ->where('day', '<', $workspace->today()->plus(-self::DAYS)->iso)->delete();
        }
    }

    /** @return list<array{Outcome, int}> of the last 30 days, the most first */
    public static function of(Workspace $workspace): array
    {
        return array_values(DB::table('stamped_days')->where('workspace_id', $workspace->id)
            ->where('day', '>=', $workspace->today()->plus(-self::DAYS)->iso)
            ->groupBy('outcome')->orderByRaw('sum(messages) desc')->selectRaw('outcome, sum(messages) as messages')
            ->get()->map(fn (\stdClass $row): array => [Outcome::from($row->outcome), (int) $row->messages])->all());
    }
}
