<?php

namespace App\Feeds;

use Illuminate\Contracts\Queue\ShouldBeUnique;
use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Foundation\Queue\Queueable;
use Illuminate\Support\Facades\DB;

/** Asks a feed for its newest entry, and again when that is due, for as long as a card shows it. */
final class AskFeed implements ShouldBeUnique, ShouldQueue
{
    use Queueable;

    public int $tries = 3;

    /** It waits for a day at most; one that was lost is asked for again after that, seconds. */
    public int $uniqueFor = 172_800;

    public function __construct(private readonly int $feed)
    {
    }

    public function uniqueId(): string
    {
        return (string) $this->feed;
    }

    public function handle(Feeds $feeds): void
    {
        $address = DB::table('feeds')->where('id', $this->feed)->value('address');
        if (! is_string($address) || ! $this->isShown($address)) {
            DB::table('feeds')->where('id', $this->feed)->delete();

            return;
        }
        $wait = $feeds->ask($this->feed);
        self::dispatch($this->feed)->delay($wait);
    }

    /** Whether the newest of a card's documents names it, or a picture that was handed over once: those stay. */
    private function isShown(string $address): bool
    {
        if (DB::table('places')->where('feed_id', $this->feed)->exists()) {
            return true;
        }
        $json = substr((string) json_encode($address, JSON_UNESCAPED_SLASHES | JSON_UNESCAPED_UNICODE), 1, -1);

        return DB::table('cards')->join('card_revisions as r', fn ($join) => $join->on('r.card_id', 'cards.id')
            ->on('r.number', 'cards.head'))->whereNull('archived_at')
            ->whereLike('document', '%'.addcslashes($json, '%_\\').'%')->exists();
    }
}
