<?php

namespace App\Rollouts;

use App\Models\Rollout;
use App\Models\Workspace;
use Illuminate\Support\Facades\DB;
use InkyCard\Link\MailAddress;
use InkyCard\Link\WebAddress;
use InkyCard\Refusal;
use InkyCard\Rollout\Wording;
use InkyCard\Time\Day;
use InkyCard\Type\CleanText;

/** What is said of a rollout. */
final class RolloutForm
{
    private const NEEDS = ['ask' => ['page'], 'remind' => ['page']];

    /**
     * @param  array<array-key, mixed>  $typed
     *
     * @throws Refusal
     */
    public static function start(Workspace $workspace, array $typed): Rollout
    {
        $facts = self::facts($workspace, $typed);
        $group = (int) (is_scalar($typed['group'] ?? null) ? $typed['group'] : 0);
        $people = RolloutPeople::of($workspace, $group)->pluck('people.id');
        if ($people->isEmpty()) {
            throw Refusal::because('There is nobody to write to.', '/group');
        }

        return DB::transaction(function () use ($workspace, $facts, $group, $people): Rollout {
            $rollout = Rollout::query()->create($facts + ['workspace_id' => $workspace->id, 'wordings' => [],
                'group_id' => $group ?: null, 'state' => Rollout::RUNNING, 'created_at' => now()]);
            RolloutPeople::join($rollout, $people);

            return $rollout;
        });
    }

    /**
     * @param  array<array-key, mixed>  $typed
     *
     * @throws Refusal
     */
    public static function change(Rollout $rollout, array $typed): void
    {
        $wordings = [];
        foreach (array_keys(Rollout::WORDINGS) as $kind) {
            $given = (array) ($typed['wordings'][$kind] ?? []);
            $wording = Refusal::at("/$kind", fn () => Wording::of(
                $given['subject'] ?? '', $given['body'] ?? '', self::NEEDS[$kind] ?? [],
            ));
            $wordings[$kind] = [$wording->subject, $wording->body];
        }
        $rollout->forceFill(self::facts($rollout->workspace, $typed) + ['wordings' => $wordings])->save();
    }

    /**
     * @param  array<array-key, mixed>  $typed
     * @return array<string, string|int>
     *
     * @throws Refusal
     */
    private static function facts(Workspace $workspace, array $typed): array
    {
        $text = fn (string $key, int $most, string $label): string => Refusal::at(
            "/$key", fn () => CleanText::of($typed[$key] ?? '', $most, $label),
        );
        $name = $text('name', 80, 'name');
        $tag = $text('tag', 40, 'tag');
        if (mb_strlen($tag) < 3) {
            throw Refusal::because('A tag has at least three letters, so that it stands in no other subject.', '/tag');
        }
        $deadline = Refusal::at('/deadline', fn () => Day::parse($typed['deadline'] ?? ''));
        if ($deadline->isBefore($workspace->today())) {
            throw Refusal::because('This day is over.', '/deadline');
        }
        $film = $text('film', 500, 'address of the film');
        $every = is_scalar($typed['every'] ?? null) ? (int) $typed['every'] : 3;

        return [
            'name' => $name !== '' ? $name : throw Refusal::because('Give it a name.', '/name'), 'tag' => $tag,
            'tests_to' => Refusal::at('/tests_to', fn () => MailAddress::parse($typed['tests_to'] ?? '')->address),
            'help' => $text('help', 254, 'address') === '' ? ''
                : Refusal::at('/help', fn () => MailAddress::parse($typed['help'])->address),
            'film' => $film === '' ? '' : Refusal::at('/film', fn () => WebAddress::parse($film)->address),
            'deadline' => $deadline->iso, 'every' => max(1, min(30, $every)),
        ];
    }
}
