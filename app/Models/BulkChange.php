<?php

namespace App\Models;

use App\Jobs\MakeBulkChange;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Query\Builder;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\LazyCollection;
use InkyCard\Brand\Brand as BrandDocument;
use InkyCard\Card\Edit\BulkEdit;
use InkyCard\Card\Edit\FollowBrand;
use InkyCard\Card\Edit\MeetRules;
use InkyCard\Card\Edit\SwapPicture;
use LogicException;

/**
 * One edit made on all cards it concerns, which can be taken back as one.
 *
 * @property int $id
 * @property int $workspace_id
 * @property string $words
 * @property string $edit JSON
 * @property int $cards how many it changed
 * @property ?int $user_id
 * @property string $state making, made, undoing or undone
 * @property int $reached number of the card it has come to
 * @property int $seen cards looked at, of `total`
 * @property int $total
 * @property Workspace $workspace
 * @property Carbon $created_at
 * @property ?Carbon $undone_at
 */
final class BulkChange extends Model
{
    private const MAKING = 'making';

    private const MADE = 'made';

    private const UNDOING = 'undoing';

    private const UNDONE = 'undone';

    /** Cards written at once at most, and seconds others may be held up by them. */
    private const BITE = 25;

    private const HELD = 0.05;

    protected $table = 'sweeps';

    public $timestamps = false;

    protected $guarded = [];

    protected function casts(): array
    {
        return ['created_at' => 'datetime', 'undone_at' => 'datetime'];
    }

    /**
     * Cards an edit would change, the newest first; each is read when it is asked for.
     *
     * @return LazyCollection<int, StoredCard>
     */
    public static function touched(Workspace $workspace, BulkEdit $edit): LazyCollection
    {
        return StoredCard::allIn($workspace)->filter(fn (StoredCard $card) => $edit->touches($card->document()));
    }

    /** Begins to make the edit on every card it concerns: beside the pages, in bites, see `goOn`. */
    public static function over(Workspace $workspace, BulkEdit $edit, string $words, ?User $user): self
    {
        $change = self::create([
            'workspace_id' => $workspace->id,
            'words' => mb_strimwidth($words, 0, 200, '…'),
            'edit' => json_encode(self::describe($edit), JSON_THROW_ON_ERROR),
            'cards' => 0,
            'user_id' => $user?->id,
            'created_at' => now(),
            'state' => self::MAKING,
            'total' => $workspace->cards()->count(),
        ]);

        return $change->onItsWay();
    }

    /** Begins to take it back on every card it has come to. */
    public function undo(): self
    {
        $this->forceFill([
            'state' => self::UNDOING, 'reached' => 0, 'seen' => 0, 'total' => $this->parts()->count(),
            'undone_at' => now(),
        ])->save();

        return $this->onItsWay();
    }

    private function onItsWay(): self
    {
        DB::afterCommit(fn () => MakeBulkChange::dispatch($this->id));

        // Where nothing is done beside the pages, it is done by now.
        return $this->refresh();
    }

    /**
     * Goes on where it is, bite by bite: each holds the write lock for some cards and keeps with them how far it came,
     * so that whoever takes it up again, whatever became of the one before, loses none and makes none twice.
     *
     * @param  float  $until  moment to leave the rest to the next, seconds
     * @return bool whether it is done
     */
    public function goOn(float $until): bool
    {
        $each = self::BITE;
        do {
            $started = microtime(true);
            $more = $this->state === self::MAKING ? $this->make($each) : $this->unmake($each);
            // Waiting as long as it held others up lets every one of them in.
            $held = microtime(true) - $started;
            usleep((int) (1e6 * min(0.05, $held)));
            $each = $held > self::HELD ? max(1, intdiv($each, 2)) : min(self::BITE, $each + 1);
        } while ($more && microtime(true) < $until);

        return ! $more;
    }

    /** @return bool whether there is more */
    private function make(int $each): bool
    {
        $edit = $this->edit();
        $cards = StoredCard::after($this->workspace, (int) $this->reached, $each);
        $changed = $cards->filter(fn (StoredCard $card) => $edit->touches($card->document()))
            ->map(fn (StoredCard $card) => [$card, $card->swept($edit)])->values()->all();

        return $this->bite($cards->last()?->id, $cards->count(), self::MADE, function () use ($changed, $edit): int {
            foreach ($changed as [$card, $after]) {
                [$from, $to] = $card->sweep($edit, $after, $this->maker());
                $this->parts()->insertOrIgnore([
                    'sweep_id' => $this->id, 'card_id' => $card->id, 'from' => $from, 'to' => $to,
                ]);
            }

            return count($changed);
        });
    }

    /** @return bool whether there is more */
    private function unmake(int $each): bool
    {
        $back = $this->edit()->back();
        $parts = $this->parts()->where('card_id', '>', $this->reached)->orderBy('card_id')->limit($each)->get();

        $write = function () use ($parts, $back): int {
            foreach ($parts as $part) {
                StoredCard::in($this->workspace, (int) $part->card_id)?->unsweep(
                    (int) $part->from, (int) $part->to, $back, $this->maker(),
                );
            }

            return 0;
        };

        return $this->bite($parts->last()?->card_id, $parts->count(), self::UNDONE, $write);
    }

    /**
     * @param  ?int  $to  card it comes to; null at the end
     * @param  \Closure(): int  $write  gives back how many cards it changed
     */
    private function bite(?int $to, int $seen, string $end, \Closure $write): bool
    {
        return DB::transaction(function () use ($to, $seen, $end, $write): bool {
            // Nobody else has gone on with it meanwhile, and it was not taken back.
            $here = ['id' => $this->id, 'state' => $this->state, 'reached' => $this->reached];
            $there = $to === null ? ['state' => $end] : ['reached' => $to, 'seen' => DB::raw("seen + $seen")];
            if (DB::table('sweeps')->where($here)->update($there) === 0) {
                return false;
            }
            DB::table('sweeps')->where('id', $this->id)->increment('cards', $to === null ? 0 : $write());
            $this->refresh();

            return $to !== null;
        });
    }

    private function maker(): ?User
    {
        return $this->user_id === null ? null : User::query()->find($this->user_id);
    }

    /** @return BelongsTo<Workspace, $this> */
    public function workspace(): BelongsTo
    {
        return $this->belongsTo(Workspace::class);
    }

    public function isOnItsWay(): bool
    {
        return in_array($this->state, [self::MAKING, self::UNDOING], true);
    }

    /** How many cards it changed, in words. */
    public function count(): string
    {
        return $this->isOnItsWay() ? "on its way, $this->seen of $this->total cards looked at" : match ($this->cards) {
            0 => 'no card carried it',
            1 => 'one card changed',
            default => "$this->cards cards changed",
        };
    }

    /** Whether no later one stands: only then can it be taken back without undoing what came after. */
    public function isNewest(): bool
    {
        return self::query()
            ->where('workspace_id', $this->workspace_id)
            ->where('id', '>', $this->id)
            ->whereNull('undone_at')
            ->doesntExist();
    }

    public function edit(): BulkEdit
    {
        $edit = (array) json_decode($this->edit, true, 32, JSON_THROW_ON_ERROR);

        return match ($edit['is'] ?? null) {
            'brand' => new FollowBrand(BrandDocument::of($edit['from']), BrandDocument::of($edit['to'])),
            'rules' => new MeetRules(BrandDocument::of($edit['brand']), $edit['back']),
            'picture' => new SwapPicture($edit['from'], $edit['to'], $edit['ratio'], $edit['was']),
            default => throw new LogicException('Nobody knows this sweep.'),
        };
    }

    private function parts(): Builder
    {
        return DB::table('sweep_cards')->where('sweep_id', $this->id);
    }

    /** @return array<string, mixed> */
    private static function describe(BulkEdit $edit): array
    {
        return match (true) {
            $edit instanceof FollowBrand => [
                'is' => 'brand',
                'from' => $edit->from->toArray(),
                'to' => $edit->to->toArray(),
            ],
            $edit instanceof MeetRules => ['is' => 'rules', 'brand' => $edit->brand->toArray(), 'back' => $edit->back],
            $edit instanceof SwapPicture => ['is' => 'picture'] + get_object_vars($edit),
            default => throw new LogicException('Nobody describes '.$edit::class),
        };
    }
}
