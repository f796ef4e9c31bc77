<?php

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Query\Builder;
use Illuminate\Support\Carbon;
use Illuminate\Support\Collection;
use Illuminate\Support\Facades\DB;
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
 * @property Carbon $created_at
 * @property ?Carbon $undone_at
 */
final class BulkChange extends Model
{
    protected $table = 'sweeps';

    public $timestamps = false;

    protected $guarded = [];

    protected function casts(): array
    {
        return ['created_at' => 'datetime', 'undone_at' => 'datetime'];
    }

    /**
     * Cards an edit would change, in the order they are listed.
     *
     * @return Collection<int, StoredCard>
     */
    public static function touched(Workspace $workspace, BulkEdit $edit): Collection
    {
        return StoredCard::allIn($workspace)
            ->filter(fn (StoredCard $card) => $edit->touches($card->document()))
            ->collect()
            ->sortByDesc(fn (StoredCard $card) => [$card->updated_at, $card->id])
            ->values();
    }

    /** Makes the edit on every card it concerns, all or none; inside a transaction. */
    public static function over(Workspace $workspace, BulkEdit $edit, string $words, ?User $user): self
    {
        $cards = self::touched($workspace, $edit);
        $sweep = self::create([
            'workspace_id' => $workspace->id,
            'words' => mb_strimwidth($words, 0, 200, '…'),
            'edit' => json_encode(self::describe($edit), JSON_THROW_ON_ERROR),
            'cards' => $cards->count(),
            'user_id' => $user?->id,
            'created_at' => now(),
        ]);
        foreach ($cards as $card) {
            [$from, $to] = $card->sweep($edit, $user);
            $sweep->parts()->insert(['sweep_id' => $sweep->id, 'card_id' => $card->id, 'from' => $from, 'to' => $to]);
        }

        return $sweep;
    }

    /** Takes it back on every card, all or none; inside a transaction. */
    public function undo(Workspace $workspace, ?User $user): void
    {
        $back = $this->edit()->back();
        foreach ($this->parts()->orderBy('card_id')->get() as $part) {
            StoredCard::in($workspace, (int) $part->card_id)?->unsweep(
                (int) $part->from, (int) $part->to, $back, $user,
            );
        }
        $this->forceFill(['undone_at' => now()])->save();
    }

    /** How many cards it changed, in words. */
    public function count(): string
    {
        return match ($this->cards) {
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
