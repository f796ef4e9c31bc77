<?php

namespace App\Models;

use App\Exceptions\StaleRevision;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;
use InkyCard\Card\Card as Document;
use InkyCard\Card\CardJson;
use InkyCard\Card\Edit;

/**
 * A card with all its revisions, a tree of which `head` is the current one.
 *
 * @property int $id
 * @property int $workspace_id
 * @property string $name
 * @property int $head
 * @property Carbon $updated_at
 */
final class Card extends Model
{
    protected $fillable = ['name', 'head'];

    private ?CardRevision $current = null;

    /** @return HasMany<CardRevision, $this> */
    public function revisions(): HasMany
    {
        return $this->hasMany(CardRevision::class);
    }

    public static function start(Workspace $workspace, Document $document, ?User $user, string $words): self
    {
        return DB::transaction(function () use ($workspace, $document, $user, $words) {
            $card = $workspace->cards()->create(['name' => $document->name, 'head' => 0]);
            $card->advance($document, $words, $user);

            return $card;
        });
    }

    public function revision(): CardRevision
    {
        return $this->current ??= $this->revisions()->where('number', $this->head)->firstOrFail();
    }

    public function document(): Document
    {
        return CardJson::decode($this->revision()->document);
    }

    /**
     * Applies an edit to the revision its maker saw and keeps the result.
     * An edit that changes nothing leaves no revision.
     *
     * @param  int  $seen  number of the revision the edit was made on
     * @param  ?string  $burst  the stay in a field it was typed in: undo goes back to before the whole stay
     *
     * @throws StaleRevision when another one is current
     * @throws \InkyCard\Refusal when the edit's values are not acceptable
     */
    public function edit(int $seen, Edit $edit, ?User $user, ?string $burst = null): Document
    {
        $this->mustBeAt($seen);
        $before = $this->document();
        $after = $edit->apply($before);
        if (CardJson::encode($after) !== CardJson::encode($before)) {
            DB::transaction(function () use ($seen, $after, $edit, $before, $user, $burst) {
                $this->lock($seen);
                $this->advance($after, $edit->words($before), $user, $burst);
            });
        }

        return $after;
    }

    /** @throws StaleRevision */
    public function undo(int $seen): void
    {
        $this->jump($seen, fn () => $this->revision()->parent);
    }

    /** Follows the newest branch. @throws StaleRevision */
    public function redo(int $seen): void
    {
        $this->jump($seen, fn () => $this->successor());
    }

    public function canUndo(): bool
    {
        return $this->revision()->parent !== null;
    }

    public function canRedo(): bool
    {
        return $this->successor() !== null;
    }

    private function successor(): ?int
    {
        return $this->revisions()->where('parent', $this->head)->max('number');
    }

    /** @param  \Closure(): ?int  $to  number to go to; null stays */
    private function jump(int $seen, \Closure $to): void
    {
        DB::transaction(function () use ($seen, $to) {
            $this->lock($seen);
            $number = $to();
            if ($number !== null) {
                $this->current = null;
                $this->head = $number;
                $this->name = $this->document()->name;
                $this->save();
            }
        });
    }

    private function advance(Document $document, string $words, ?User $user, ?string $burst = null): void
    {
        $goesOn = $burst !== null && $this->revision()->burst === $burst;
        $number = (int) $this->revisions()->max('number') + 1;
        $this->current = $this->revisions()->create([
            'number' => $number,
            'parent' => $goesOn ? $this->revision()->parent : ($this->head ?: null),
            'document' => CardJson::encode($document),
            'words' => mb_strimwidth($words, 0, 200, '…'),
            'burst' => $burst,
            'user_id' => $user?->id,
        ]);
        $this->update(['head' => $number, 'name' => $document->name]);
    }

    /** Inside a transaction that holds the write lock. */
    private function lock(int $seen): void
    {
        $this->head = (int) self::query()->whereKey($this->id)->lockForUpdate()->value('head');
        $this->syncOriginalAttribute('head');
        $this->mustBeAt($seen);
    }

    private function mustBeAt(int $seen): void
    {
        if ($this->head !== $seen) {
            throw new StaleRevision;
        }
    }
}
