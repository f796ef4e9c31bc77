<?php

namespace App\Feeds;

use App\Banners\HeldAnswers;
use App\Outside\SafeHttpClient;
use Illuminate\Support\Facades\DB;
use InkyCard\Feed\Entry;
use InkyCard\Feed\FeedFinder;
use InkyCard\Feed\FeedReader;
use InkyCard\Refusal;

/** Feeds somebody named, and the newest entry each had when it was asked last. */
final readonly class Feeds
{
    /** A feed is no longer than that, bytes. */
    private const MOST = 2_000_000;

    private const SECONDS = 6;

    /** Minutes until it is asked again, and, where it fails, twice as long each time up to the last. */
    private const MINUTES = [60, 1440];

    /** Entries that are remembered. */
    private const PAST = 20;

    /** Pages name several; so many are tried. */
    private const TRIED = 2;

    public function __construct(private SafeHttpClient $outside)
    {
    }

    /** Number of the feed at an address; a new one is asked when the queue comes to it. */
    public static function number(int $workspace, string $address): int
    {
        $at = ['workspace_id' => $workspace, 'hash' => hash('sha256', $address)];
        DB::table('feeds')->insertOrIgnore($at + ['address' => $address]);

        return (int) DB::table('feeds')->where($at)->value('id');
    }

    public static function state(int $workspace, string $address): ?FeedState
    {
        $row = DB::table('feeds')->where(['workspace_id' => $workspace, 'hash' => hash('sha256', $address)])->first();

        return $row === null ? null : FeedState::of($row);
    }

    /** Asks it, and keeps what it had before where that fails. @return int seconds until it is to be asked again */
    public function ask(int $feed): int
    {
        $row = DB::table('feeds')->where('id', $feed)->first();
        if ($row === null) {
            return 0;
        }
        $now = now();
        try {
            [$at, $title, $newest] = $this->read((string) ($row->found ?? $row->address));
            $wait = self::MINUTES[0];
            $kept = [
                'found' => $at === $row->address ? null : $at, 'title' => $title,
                'entry' => json_encode([$newest->title, $newest->address], JSON_THROW_ON_ERROR),
                'entry_at' => $newest->at === null ? null : gmdate('Y-m-d H:i:s', $newest->at),
                'read_at' => $now->toDateTimeString(), 'fails' => 0, 'said' => null,
            ];
        } catch (Refusal $refusal) {
            $wait = (int) min(self::MINUTES[1], self::MINUTES[0] * 2 ** $row->fails);
            // What a page said may have moved: it is asked anew next time.
            $kept = ['fails' => min(60, $row->fails + 1), 'said' => $refusal->getMessage(), 'found' => null];
        }
        if (isset($kept['entry']) && $kept['entry'] !== $row->entry) {
            HeldAnswers::forget();
            $kept['past'] = json_encode(array_slice(FeedState::of($row)->ever(), 0, self::PAST), JSON_THROW_ON_ERROR);
        }
        DB::table('feeds')->where('id', $feed)->update($kept + [
            'asked_at' => $now->toDateTimeString(), 'next_at' => $now->copy()->addMinutes($wait)->toDateTimeString(),
        ]);

        return 60 * $wait;
    }

    /**
     * @return array{string, string, Entry} where the feed is, what it is called, its newest entry
     *
     * @throws Refusal
     */
    private function read(string $address): array
    {
        $fetched = $this->outside->fetch($address, self::MOST, self::SECONDS)->found();
        try {
            return self::newest($fetched->bytes, $fetched->address);
        } catch (Refusal $refusal) {
            foreach (array_slice(FeedFinder::in($fetched->bytes, $fetched->address), 0, self::TRIED) as $found) {
                $feed = $this->outside->fetch($found, self::MOST, self::SECONDS)->found();

                return self::newest($feed->bytes, $feed->address);
            }
            throw $refusal;
        }
    }

    /** @return array{string, string, Entry} */
    private static function newest(string $bytes, string $address): array
    {
        $feed = FeedReader::read($bytes, $address);

        return [$address, $feed->title, $feed->entries[0]];
    }
}
