<?php

namespace App\Models;

use App\Auth\GuestRoom;
use App\Banners\HostedPlaces;
use App\Exceptions\StaleRevision;
use App\Feeds\LivePosts;
use App\Hooks\HookEvent;
use App\Hooks\Hooks;
use App\Links\EventEntries;
use App\Live\LiveWords;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Query\Builder;
use Illuminate\Support\Carbon;
use Illuminate\Support\Collection;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\LazyCollection;
use InkyCard\Card\Card as Document;
use InkyCard\Card\CardJson;
use InkyCard\Card\Edit\BulkEdit;
use InkyCard\Card\Edit\Edit;
use InkyCard\House\FollowHouse;
use InkyCard\Layout\PictureFit;
use InkyCard\Refusal;
use InkyCard\Time\Day;

/**
 * A card with all its revisions, a tree of which `head` is the current one.
 *
 * @property int $id
 * @property int $workspace_id
 * @property Workspace $workspace
 * @property string $name
 * @property int $head number of the current revision
 * @property ?string $person_id who holds it, once that had to be known
 * @property int $last number of the newest revision
 * @property string $taken numbers of the edits it took last, each followed by a space
 * @property int $taken_times how often it was handed over
 * @property Carbon $updated_at
 * @property ?string $archived_at
 * @property ?int $house_id card it follows
 * @property ?string $own JSON, see House\Own: what its holder says otherwise
 */
final class StoredCard extends Model
{
    /** Cards a list to choose from holds. */
    private const CHOICE = 500;

    // Named, so that no request has to work the plural out.
    protected $table = 'cards';

    protected $fillable = ['name', 'head', 'last'];

    protected $attributes = ['taken_times' => 0];

    /** Numbers of edits remembered: everybody at work on a card waits for the answer of one at a time. */
    private const TAKEN = 20;

    private ?Revision $current = null;

    /** @var ?array{string, string, Document} what was read last: its JSON, the day, the card as it is then */
    private ?array $read = null;

    /** Number of the edit that is being made; empty where its maker gave none. */
    private string $number = '';

    /** @return BelongsTo<Workspace, $this> */
    public function workspace(): BelongsTo
    {
        return $this->belongsTo(Workspace::class);
    }

    /** Rows of its revisions; plain ones, as every edit reads and writes them. */
    public function revisions(): Builder
    {
        return DB::table('card_revisions')->where('card_id', $this->id);
    }

    /** A card of a workspace with its current revision, in one query. */
    public static function in(Workspace $workspace, int $id): ?self
    {
        $row = self::current($workspace)->where('cards.id', $id)->first();

        return $row === null ? null : self::ofRow($row, $workspace);
    }

    /**
     * Cards to choose from: name by number.
     *
     * @return Collection<int, string>
     */
    public static function choices(Workspace $workspace): Collection
    {
        return DB::table('cards')
            ->where('workspace_id', $workspace->id)
            ->whereNull('archived_at')
            ->orderBy('name')
            ->limit(self::CHOICE)
            ->pluck('name', 'id');
    }

    /**
     * All cards of a workspace, each with its current revision, one after another, the newest first.
     *
     * @return LazyCollection<int, self>
     */
    public static function allIn(Workspace $workspace): LazyCollection
    {
        return self::current($workspace)->lazyByIdDesc(200, 'cards.id', 'id')
            ->map(fn (\stdClass $row) => self::ofRow($row, $workspace));
    }

    /**
     * The cards of a workspace that come after one.
     *
     * @return Collection<int, self>
     */
    public static function after(Workspace $workspace, int $id, int $most): Collection
    {
        return self::current($workspace)->where('cards.id', '>', $id)->orderBy('cards.id')->limit($most)->get()
            ->map(fn (\stdClass $row) => self::ofRow($row, $workspace));
    }

    private static function current(Workspace $workspace): Builder
    {
        return DB::table('cards')
            ->join('card_revisions as r', fn ($join) => $join->on('r.card_id', 'cards.id')->on('r.number',
                'cards.head'))
            ->where('workspace_id', $workspace->id)
            ->select(['cards.*', ...array_map(fn (string $column) => "r.$column as r_$column", Revision::COLUMNS)]);
    }

    private static function ofRow(\stdClass $row, Workspace $workspace): self
    {
        $revision = new \stdClass;
        foreach (Revision::COLUMNS as $column) {
            $revision->$column = $row->{"r_$column"};
            unset($row->{"r_$column"});
        }
        $card = (new self)->newFromBuilder((array) $row);
        $card->current = Revision::of($revision);
        $card->setRelation('workspace', $workspace);

        return $card;
    }

    /**
     * Puts cards in the archive, or brings them back.
     *
     * @param  array<int>  $cards  ids
     */
    public static function archive(Workspace $workspace, array $cards, bool $away = true): void
    {
        $moved = self::query()->where('workspace_id', $workspace->id)->whereKey($cards)
            ->whereNull('archived_at', not: ! $away)->pluck('id');
        DB::table('cards')->whereIn('id', $moved)->update(['archived_at' => $away ? (string) now() : null]);
        foreach ($away ? $moved : [] as $card) {
            Hooks::tell($workspace->id, HookEvent::CardArchived, (string) $card, ['card' => $card]);
        }
    }

    public static function start(Workspace $workspace, Document $document, ?User $user, string $words): self
    {
        GuestRoom::forCard($workspace);

        return DB::transaction(function () use ($workspace, $document, $user, $words) {
            $card = $workspace->cards()->create(['name' => $document->name, 'head' => 0, 'last' => 0]);
            $settled = $card->settled($document);
            $card->advance($settled, CardJson::encode($settled), $words, $user);

            return $card;
        });
    }

    public function revision(): Revision
    {
        return $this->current ??= Revision::of($this->revisions()->where('number', $this->head)->sole());
    }

    /** The day it is where its workspace is. */
    public function today(): Day
    {
        return Day::at(now($this->workspace->clock()));
    }

    /** The day a revision was made, there. */
    public function dayOf(Revision $revision): Day
    {
        return Day::at($revision->keptAt()->setTimezone($this->workspace->clock()));
    }

    /** As readers get it today. */
    public function document(): Document
    {
        $revision = $this->revision();
        $today = $this->today();
        // Read once for whoever asks in the same request.
        if ($this->read === null || $this->read[0] !== $revision->document || $this->read[1] !== $today->iso) {
            $this->read = [
                $revision->document, $today->iso,
                $this->asOf($revision, $today),
            ];
        }

        return $this->read[2];
    }

    /** A revision as readers get it on a day. */
    public function asOf(Revision $revision, Day $day): Document
    {
        return LiveWords::on(CardJson::restore($revision->document), $this, $day);
    }

    /**
     * The edit that comes next has this number. Whether it was made before: its answer was lost on the way, and it is
     * not to be made again.
     *
     * @param  string  $number  letters, digits and hyphens, its maker's own; empty for none
     */
    public function took(string $number): bool
    {
        $this->number = preg_match('/^[A-Za-z0-9-]{8,40}$/D', $number) === 1 ? $number : '';

        return $this->number !== '' && str_contains(" $this->taken", " $this->number ");
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
        $edit instanceof FollowHouse || $this->mustBeFree();
        $before = $this->document();
        $after = $this->settled($edit->apply($before));
        $json = CardJson::encode($after);
        if ($json !== $this->revision()->document) {
            DB::transaction(fn () => $this->advance($after, $json, $edit->words($before), $user, $burst));
        }

        return $after;
    }

    /** The card as a bulk edit makes it: worked out before anybody is held up by writing it. */
    public function swept(BulkEdit $edit): Document
    {
        return $this->settled($edit->apply($this->document()));
    }

    /** What follows from the rest of it: sizes of pictures by their text, addresses of what is served for it. */
    private function settled(Document $document): Document
    {
        return HostedPlaces::addressed(EventEntries::addressed(PictureFit::settle($document), $this->id), $this->id);
    }

    /**
     * One card's part of a bulk edit; inside a transaction. Where the card has moved on since it was worked out, it is
     * worked out anew: what somebody made meanwhile is newer, and stays.
     *
     * @return array{int, int} numbers of the revisions before and after
     */
    public function sweep(BulkEdit $edit, Document $after, ?User $user): array
    {
        $now = self::in($this->workspace, $this->id) ?? $this;
        $after = $now->head === $this->head ? $after : $now->swept($edit);
        $from = $now->head;
        $now->advance($after, CardJson::encode($after), $edit->words($now->document()), $user);

        return [$from, $now->head];
    }

    /**
     * Takes one card's part of a sweep back: to the revision before it, or, where the card has moved on since, by the
     * edit that undoes it.
     */
    public function unsweep(int $from, int $to, BulkEdit $back, ?User $user): void
    {
        if ($this->head === $to) {
            $this->jump($to, fn () => $from);
        } elseif ($back->touches($this->document())) {
            $this->sweep($back, $this->swept($back), $user);
        }
    }

    /** @throws StaleRevision */
    public function undo(int $seen): void
    {
        $this->mustBeFree();
        $this->jump($seen, fn () => $this->revision()->parent);
    }

    /** Follows the newest branch. @throws StaleRevision */
    public function redo(int $seen): void
    {
        $this->mustBeFree();
        $this->jump($seen, fn () => $this->successor());
    }

    /**
     * Goes back to how the card was at an earlier revision, as an edit of its own: what came since stays in the
     * history.
     *
     * @throws StaleRevision
     */
    public function goBack(int $seen, Revision $to, ?User $user): void
    {
        $this->mustBeAt($seen);
        $this->mustBeFree();
        if ($to->document !== $this->revision()->document) {
            DB::transaction(
                fn () => $this->advance(
                    CardJson::restore($to->document), $to->document, "Went back to revision $to->number", $user,
                ),
            );
        }
    }

    /** One of its revisions; null when it never had it. */
    public function revisionAt(int $number): ?Revision
    {
        $row = $this->revisions()->where('number', $number)->first();

        return $row === null ? null : Revision::of($row);
    }

    /** The first of its revisions from a number on. */
    public function revisionFrom(int $number): ?Revision
    {
        $row = $number < 1 ? null : $this->revisions()->where('number', '>=', $number)->orderBy('number')->first();

        return $row === null ? null : Revision::of($row);
    }

    public function canUndo(): bool
    {
        return $this->revision()->parent !== null;
    }

    public function canRedo(): bool
    {
        // The newest revision has none after it: no need to ask.
        return $this->head !== $this->last && $this->successor() !== null;
    }

    private function successor(): ?int
    {
        return $this->revisions()->where('parent', $this->head)->max('number');
    }

    /** @param  \Closure(): ?int  $to  number to go to; null stays */
    private function jump(int $seen, \Closure $to): void
    {
        $this->mustBeAt($seen);
        $number = $to();
        if ($number !== null) {
            $revision = Revision::of($this->revisions()->where('number', $number)->sole());
            $document = CardJson::restore($revision->document);
            DB::transaction(function () use ($number, $document, $revision): void {
                $this->move(['head' => $number, 'name' => $document->name]);
                $this->note($document, $revision->document);
            });
            $this->current = $revision;
        }
    }

    /** What is served for it outside follows what it says now. @param  string  $json  the same as it is kept */
    private function note(Document $now, string $json): void
    {
        if (str_contains($json, '"feed":"http')) {
            LivePosts::note($now, $this->workspace_id);
        }
        if (str_contains($json, '"place"')) {
            HostedPlaces::note($this->workspace_id, $this->id, $now);
        }
    }

    /** Adds a revision after the current one and makes it the current one; inside a transaction. */
    private function advance(
        Document $after, string $json, string $words, ?User $user, ?string $burst = null,
    ): void {
        $from = $this->head === 0 ? null : $this->revision();
        $this->mustOwn(array_diff(self::pictures($json), self::pictures($from->document ?? '')));
        // What goes on in the same stay in a field takes the place of what it goes on from: one stay is one revision.
        $goesOn = $burst !== null && $from?->burst === $burst && $this->head === $this->last;
        if ($goesOn && $this->returnsTo($from->parent, $after, $json)) {
            return;
        }
        $row = [
            'card_id' => $this->id,
            'number' => $this->last + 1,
            'parent' => $goesOn ? $from->parent : $from?->number,
            'document' => $json,
            'words' => mb_strimwidth($words, 0, 200, '…'),
            'burst' => $burst,
            'user_id' => $user?->id,
            'created_at' => (string) now(),
        ];
        $this->move(['head' => $row['number'], 'last' => $row['number'], 'name' => $after->name]);
        $goesOn ? $this->revisions()->where('number', $from->number)->update($row) : $this->revisions()->insert($row);
        $this->current = Revision::of((object) $row);
        $this->note($after, $json);
    }

    /** @return list<string> hashes of the library's pictures a document names, wherever it does */
    private static function pictures(string $json): array
    {
        preg_match_all('/"(?:picture|hand):([0-9a-f]{64})/', $json, $found);

        return $found[1];
    }

    /**
     * A hash is no secret: it stands in every address of a picture. It names one of the card's own workspace alone.
     *
     * @param  array<string>  $hashes
     *
     * @throws Refusal
     */
    private function mustOwn(array $hashes): void
    {
        $hashes = array_unique($hashes);
        $own = fn (): int => DB::table('pictures')->where('workspace_id', $this->workspace_id)
            ->whereIn('hash', $hashes)->count();
        if ($hashes !== [] && $own() < count($hashes)) {
            throw Refusal::because('A picture of this card is not in the library: upload it again.');
        }
    }

    /** A stay in a field that ends with what stood there before leaves no revision. */
    private function returnsTo(?int $parent, Document $after, string $json): bool
    {
        $before = $parent === null ? null : $this->revisionAt($parent);
        if ($before?->document !== $json) {
            return false;
        }
        $gone = $this->head;
        $this->move(['head' => $before->number, 'name' => $after->name]);
        $this->revisions()->where('number', $gone)->delete();
        $this->current = $before;
        $this->note($after, $json);

        return true;
    }

    /**
     * Writes only if nobody has moved the card since it was read: compare and swap in one statement.
     *
     * @param  array<string, int|string>  $to
     *
     * @throws StaleRevision
     */
    private function move(array $to): void
    {
        $to['updated_at'] = (string) now();
        if ($this->number !== '') {
            $last = array_slice(explode(' ', "$this->taken$this->number"), -self::TAKEN);
            $to['taken'] = implode(' ', $last).' ';
        }
        $read = ['id' => $this->id, 'head' => $this->head, 'last' => $this->last];
        if (DB::table('cards')->where($read)->update($to) === 0) {
            throw new StaleRevision;
        }
        $this->setRawAttributes($to + $this->getAttributes(), true);
        Hooks::tell($this->workspace_id, HookEvent::CardChanged, (string) $this->id, ['card' => $this->id]);
    }

    /** @throws Refusal for a card that follows another */
    private function mustBeFree(): void
    {
        if ($this->house_id !== null) {
            throw Refusal::because(
                'This card follows a house card: change that one, or what is theirs under People.',
            );
        }
    }

    private function mustBeAt(int $seen): void
    {
        if ($this->head !== $seen) {
            throw new StaleRevision;
        }
    }
}
