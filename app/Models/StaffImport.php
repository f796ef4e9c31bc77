<?php

namespace App\Models;

use App\Errands\ErrandKind;
use App\Roster\StaffFile;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Query\Builder;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Storage;
use Illuminate\Support\Str;
use InkyCard\Refusal;
use InkyCard\StaffList\Column;
use InkyCard\StaffList\ColumnGuess;
use InkyCard\StaffList\ColumnGuesser;

/**
 * A list of staff somebody brought: first its columns are settled, then what will become of each row is worked out,
 * then it is brought in, in bites; all of it can be taken back as one.
 *
 * @property int $id
 * @property int $workspace_id
 * @property ?int $user_id
 * @property string $name of the file
 * @property ?string $file on the disk of errands; null once it is brought in
 * @property bool $headed whether its first row holds headings
 * @property list<list<string>> $sample its first rows, headings too
 * @property list<array{string, float}> $columns what each is taken for, and how sure that is
 * @property string $state read, planned, brought or undone
 * @property array<string, int> $counts outcome => rows; `notes` => rows of which something is left out
 * @property int $reached number of the row it has come to
 * @property Carbon $created_at
 * @property Workspace $workspace
 */
final class StaffImport extends Model
{
    public const READ = 'read';

    public const PLANNED = 'planned';

    public const BROUGHT = 'brought';

    public const UNDONE = 'undone';

    /** Rows shown and guessed by. */
    private const SAMPLE = 60;

    protected $table = 'staff_imports';

    public $timestamps = false;

    protected $guarded = [];

    protected function casts(): array
    {
        return ['headed' => 'boolean', 'sample' => 'array', 'columns' => 'array', 'counts' => 'array',
            'created_at' => 'datetime'];
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

    /**
     * @param  string  $path  of the file, which is kept as it can be read
     *
     * @throws Refusal
     */
    public static function begin(Workspace $workspace, ?User $user, string $path, string $name): self
    {
        StaffFile::mustFit($path);
        $sample = self::sampleOf($path);
        $sample !== [] || throw Refusal::because('There is nobody in this list.', '/file');
        $headed = ColumnGuesser::isHeading($sample[0]);
        if ($headed && count($sample) === 1) {
            throw Refusal::because('There are headings in this list, and nobody below them.', '/file');
        }
        $kept = Str::random(40);
        Storage::disk('errands')->put($kept, (string) file_get_contents($path));
        $width = max(array_map(count(...), $sample));
        $guesses = ColumnGuesser::guess(
            array_pad($headed ? $sample[0] : [], $width, ''), array_slice($sample, $headed ? 1 : 0),
        );

        return self::create([
            'workspace_id' => $workspace->id, 'user_id' => $user?->id, 'file' => $kept, 'headed' => $headed,
            'name' => mb_strimwidth($name, 0, 120, '…'), 'sample' => $sample, 'state' => self::READ,
            'columns' => array_map(fn (ColumnGuess $guess) => [$guess->column->value, $guess->sure], $guesses),
            'counts' => [], 'created_at' => now(),
        ]);
    }

    /**
     * @return list<list<string>>
     *
     * @throws Refusal
     */
    private static function sampleOf(string $path): array
    {
        $sample = [];
        foreach (StaffFile::rows($path) as $row) {
            $sample[] = array_map(fn (string $cell): string => mb_strimwidth($cell, 0, 200, '…'), $row);
            if (count($sample) > self::SAMPLE) {
                break;
            }
        }

        return $sample;
    }

    /**
     * Settles what its columns hold, and begins to work out what becomes of each row.
     *
     * @param  list<string>  $columns  values of Column
     *
     * @throws Refusal
     */
    public function settle(array $columns, bool $headed, ?User $user): Errand
    {
        $columns = array_map(fn (string $column): Column => Column::tryFrom($column) ?? Column::None, $columns);
        $columns = array_pad(array_slice($columns, 0, count($this->columns)), count($this->columns), Column::None);
        foreach ($columns as $index => $column) {
            if (! $column->isSeveral() && in_array($column, array_slice($columns, 0, $index), true)) {
                throw Refusal::because('Two columns are to be “:column”: choose one of them.', '/columns', [
                    'column' => $column->label(),
                ]);
            }
        }
        if (array_filter($columns, fn (Column $one): bool => $one->isOfName()) === []) {
            throw Refusal::because('Say which column holds the name.', '/columns');
        }
        $this->forceFill([
            'columns' => array_map(fn (Column $column): array => [$column->value, 1], $columns), 'headed' => $headed,
        ])->save();

        return Errand::begin($this->workspace, $user, ErrandKind::PlanStaff, ['import' => $this->id]);
    }

    /** @return list<string> ids of the people it brought, or of whom it changed something */
    public function taken(): array
    {
        return array_values(array_map(strval(...), $this->rows()->whereNotNull('before')->pluck('person_id')->all()));
    }

    public function rows(): Builder
    {
        return DB::table('staff_import_rows')->where('import_id', $this->id);
    }
}
