<?php

namespace App\Models;

use App\Errands\ErrandKind;
use App\Jobs\RunErrand;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\Cache;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Storage;
use Illuminate\Support\Str;
use InkyCard\Said;

/**
 * Something that takes long, done beside the pages: it can be left, and looked at again.
 *
 * @property int $id
 * @property int $workspace_id
 * @property ?int $user_id
 * @property ErrandKind $kind
 * @property string $state waits, ready or refused
 * @property string $mark names it where it is told how far it is
 * @property array{says?: string, values?: array<string, string>} $says
 * @property array<string, mixed> $data what it was given
 * @property ?string $file name on the disk of errands
 * @property Carbon $created_at
 * @property ?Carbon $ended_at
 */
final class Errand extends Model
{
    public const WAITS = 'waits';

    public const READY = 'ready';

    public const REFUSED = 'refused';

    /** Days one and its file are kept. */
    public const DAYS = 7;

    /** Seconds without a sign of life after which another may take it up. */
    private const SILENT = 60;

    private const SHOWN = 5;

    protected $table = 'errands';

    public $timestamps = false;

    protected $guarded = [];

    protected function casts(): array
    {
        return [
            'kind' => ErrandKind::class, 'says' => 'array', 'data' => 'array', 'created_at' => 'datetime',
            'ended_at' => 'datetime',
        ];
    }

    /**
     * @param  array<string, mixed>  $data
     * @param  ?string  $path  of a file that goes with it, which is copied
     */
    public static function begin(
        Workspace $workspace, ?User $user, ErrandKind $kind, array $data = [], ?string $path = null,
    ): self {
        self::forget();
        $errand = new self([
            'workspace_id' => $workspace->id, 'user_id' => $user?->id, 'kind' => $kind, 'state' => self::WAITS,
            'says' => [], 'data' => $data, 'created_at' => now(), 'mark' => Str::random(16),
        ]);
        $path === null || $errand->keep($path);
        $errand->save();
        DB::afterCommit(fn () => RunErrand::dispatch($errand->id));

        // Where nothing is done beside the pages, it is done by now.
        return $errand->refresh();
    }

    public static function in(Workspace $workspace, int $id): self
    {
        return self::query()->where(['workspace_id' => $workspace->id, 'id' => $id])->firstOrFail();
    }

    /**
     * Those of some kinds, the newest first.
     *
     * @param  list<ErrandKind>  $kinds
     * @return Collection<int, self>
     */
    public static function latestIn(Workspace $workspace, array $kinds): Collection
    {
        return self::query()->where('workspace_id', $workspace->id)->whereIn('kind', $kinds)->latest('id')
            ->limit(self::SHOWN)->get();
    }

    /** Puts a file with it. */
    public function keep(string $path): void
    {
        $name = Str::random(40);
        $stream = fopen($path, 'r') ?: throw new \RuntimeException("No file $path.");
        Storage::disk('errands')->writeStream($name, $stream);
        is_resource($stream) && fclose($stream);
        $this->file = $name;
    }

    /** Its file, as one of this machine, while something is done with it. @param  \Closure(string): mixed  $do */
    public function withFile(\Closure $do): mixed
    {
        $path = (string) tempnam(sys_get_temp_dir(), 'inky');
        try {
            file_put_contents($path, Storage::disk('errands')->readStream((string) $this->file));

            return $do($path);
        } finally {
            @unlink($path);
        }
    }

    /** How far it is: told apart from the tables, as what it writes shows only at its end. */
    public function reached(int $seen, int $total): void
    {
        Cache::put("errand.$this->mark", [$seen, $total, now()->getTimestamp()], self::DAYS * 86400);
    }

    /** @return array{int, int} of how many */
    public function progress(): array
    {
        [$seen, $total] = Cache::get("errand.$this->mark", [0, 0, 0]);

        return [min($seen, $total), $total];
    }

    /** Whether somebody is at it. */
    public function isAlive(): bool
    {
        return Cache::get("errand.$this->mark", [0, 0, 0])[2] > now()->getTimestamp() - self::SILENT;
    }

    public function isOnItsWay(): bool
    {
        return $this->state === self::WAITS;
    }

    public function done(Said $said): void
    {
        $this->end(self::READY, $said);
    }

    public function refuse(Said $said): void
    {
        $this->end(self::REFUSED, $said);
    }

    /** What came of it, to be said by `Words::of`. */
    public function said(): Said
    {
        return Said::of($this->says['says'] ?? '', $this->says['values'] ?? []);
    }

    private function end(string $state, Said $said): void
    {
        $this->forceFill([
            'state' => $state, 'ended_at' => now(),
            'says' => ['says' => $said->template, 'values' => array_map(strval(...), $said->values)],
        ])->save();
    }

    private static function forget(): void
    {
        $old = self::query()->where('created_at', '<', now()->subDays(self::DAYS));
        Storage::disk('errands')->delete($old->whereNotNull('file')->pluck('file')->all());
        self::query()->where('created_at', '<', now()->subDays(self::DAYS))->delete();
    }
}
