<?php

namespace App\Links;

use App\Outside\SafeHttpClient;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;
use InkyCard\Link\Verdict;
use InkyCard\Refusal;

/** Follows links as a reader would and remembers for a day what came of it. */
final readonly class LinkChecks
{
    private const HOURS = 24;

    /** Enough of a page to see whether it asks for a password, bytes. */
    private const BYTES = 100_000;

    public function __construct(private SafeHttpClient $outside)
    {
    }

    /**
     * @param  list<string>  $addresses
     * @return array<string, Checked> those checked lately, by address
     */
    public function known(array $addresses): array
    {
        $found = [];
        $rows = DB::table('link_checks')
            ->whereIn('hash', array_map(self::hash(...), $addresses))
            ->where('checked_at', '>', now()->subHours(self::HOURS)->toDateTimeString())
            ->get();
        foreach ($rows as $row) {
            $found[$row->address] = new Checked(
                $row->address,
                Verdict::from($row->verdict),
                $row->words,
                $row->status === null ? null : (int) $row->status,
                $row->final,
                (int) $row->milliseconds,
                array_values((array) json_decode($row->redirects, true)),
                new Carbon($row->checked_at),
            );
        }

        return $found;
    }

    /** Follows one now. */
    public function check(string $address): Checked
    {
        $started = microtime(true);
        try {
            $answer = $this->outside->fetch($address, self::BYTES, whole: false);
            $verdict = Verdict::of($address, $answer->status, $answer->address, $answer->bytes);
            $checked = [$verdict, $verdict->says(), $answer->status, $answer->address, $answer->redirects];
        } catch (Refusal $refusal) {
            $checked = [Verdict::Silent, $refusal->getMessage(), null, $address, []];
        }
        [$verdict, $words, $status, $final, $redirects] = $checked;
        $checked = new Checked(
            $address, $verdict, $words, $status, $final, (int) round(1000 * (microtime(true) - $started)), $redirects,
            now(),
        );
        DB::table('link_checks')->upsert(
            [
                'hash' => self::hash($address), 'address' => $address, 'verdict' => $verdict->value,
                'words' => mb_strimwidth($words, 0, 200, '…'), 'status' => $status, 'final' => $final,
                'milliseconds' => $checked->milliseconds,
                'redirects' => json_encode($redirects, JSON_THROW_ON_ERROR | JSON_INVALID_UTF8_SUBSTITUTE),
                'checked_at' => (string) $checked->at,
            ],
            'hash',
        );

        return $checked;
    }

    private static function hash(string $address): string
    {
        return hash('sha256', $address);
    }
}
