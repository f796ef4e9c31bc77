<?php

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Query\Builder;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;
use InkyCard\Rollout\Progress;
use InkyCard\Rollout\Reminders;
use InkyCard\Rollout\Wording;
use InkyCard\Time\Day;

/**
 * People on their way to their cards: told, asked, reminded, looked after.
 *
 * @property int $id
 * @property int $workspace_id
 * @property ?int $group_id whose people it is for; null for everybody
 * @property string $name
 * @property string $tag that stands in the subject of tests
 * @property string $tests_to address tests go to
 * @property string $help address for questions
 * @property string $film
 * @property string $deadline YYYY-MM-DD
 * @property int $every days between reminders
 * @property array<string, array{string, string}> $wordings kind => subject and body
 * @property string $state draft, running, paused or ended
 * @property string $words why it stopped, where it did by itself
 * @property Carbon $created_at
 * @property Workspace $workspace
 */
final class Rollout extends Model
{
    public const RUNNING = 'running';

    public const PAUSED = 'paused';

    public const ENDED = 'ended';

    /** Verdicts of the verifier that need nobody to look. */
    public const GOOD = ['verified', 'noted'];

    /** What is written to people, and what for. */
    public const KINDS = [
        'tell' => 'Told beforehand', 'ask' => 'Asked', 'remind' => 'Reminded', 'redo' => 'Asked once more',
    ];

    /** What messages say unless something else is written. */
    public const WORDINGS = [
        'tell' => ['New mail signatures at [firm]', "Dear [name],\n\nsoon all of us write with the same signature. You "
            ."need not do anything yet: a message with your own card and a few steps comes in some days.\n\nQuestions: "
            ."[help]\n"],
        'ask' => ['[tag]: your new mail signature, by [deadline]', "Dear [name],\n\nyour signature is ready. Open your "
            ."own page, fill in what is missing and take it into your mail program; the page shows how:\n\n[page]\n\n"
            .'Then send a message to [tests] with “[tag]” in its subject, so that we see it arrived as it should. '
            ."Please do both by [deadline].\n\nA film of the steps: [film]\n\nQuestions: [help]\n"],
        'remind' => ['[tag]: your signature is still missing', "Dear [name],\n\nwe do not have your test yet. Your "
            ."page:\n\n[page]\n\nThen a message to [tests] with “[tag]” in its subject, by [deadline].\n\nQuestions: "
            ."[help]\n"],
        'redo' => ['[tag]: once more, please', "Dear [name],\n\nyour test came, and something in it is not right yet:\n"
            ."\n[note]\n\nYour page: [page]\n\nPlease send another test to [tests].\n\nQuestions: [help]\n"],
    ];

    /** @var array<string, Wording> those that were asked for */
    private array $read = [];

    protected $table = 'rollouts';

    public $timestamps = false;

    protected $guarded = [];

    protected function casts(): array
    {
        return ['wordings' => 'array', 'created_at' => 'datetime', 'every' => 'integer'];
    }

    /** @return BelongsTo<Workspace, $this> */
    public function workspace(): BelongsTo
    {
        return $this->belongsTo(Workspace::class);
    }

    public static function in(Workspace $workspace, int $id): self
    {
        return self::query()->where(['workspace_id' => $workspace->id, 'id' => $id])->firstOrFail();
    }

    /** Whether tests may come back in a workspace. */
    public static function isOnIn(int $workspace): bool
    {
        return self::query()->where('workspace_id', $workspace)->whereIn('state', [self::RUNNING, self::PAUSED])
            ->exists();
    }

    public function people(): Builder
    {
        return DB::table('rollout_people')->where('rollout_id', $this->id);
    }

    public function messages(): Builder
    {
        return DB::table('rollout_messages')->where('rollout_id', $this->id);
    }

    /** @param  'tell'|'ask'|'remind'|'redo'  $kind */
    public function wording(string $kind): Wording
    {
        return $this->read[$kind] ??= Wording::of(...($this->wordings[$kind] ?? self::WORDINGS[$kind]));
    }

    public function day(): Day
    {
        return Day::parse($this->deadline);
    }

    public function reminders(): Reminders
    {
        return new Reminders($this->every, $this->day(), $this->workspace->clock());
    }

    /** How far somebody is. @param  \stdClass  $row  of `RolloutBoard` */
    public static function progress(\stdClass $row): Progress
    {
        return new Progress([
            'told' => $row->told_at, 'asked' => $row->asked_at, 'filled' => $row->filled_at, 'took' => $row->took_at,
            'tested' => $row->tested_at,
            'verified' => $row->right_at ?? (in_array($row->verdict, self::GOOD, true) ? $row->tested_at : null),
        ], $row->redo_at !== null, isExcused: $row->excused !== '');
    }
}
