<?php

namespace App\Http\Controllers;

use App\Clicks\Tally;
use App\Models\StoredBanner;
use App\Models\StoredCard;
use App\Roster\People;
use App\Words\Words;
use Illuminate\Contracts\View\View;
use Illuminate\Http\Request;
use InkyCard\Card\Kind\Kind;
use InkyCard\Card\Kind\Kinds;
use Symfony\Component\HttpFoundation\StreamedResponse;

/** What the cards bring in: clicks of their counted links. */
final class ClicksController extends Controller
{
    private const PER_PAGE = 25;

    private const DAYS = [7 => 'A week', 30 => '30 days', 90 => '90 days', 365 => 'A year'];

    private const WAYS = ['piece' => 'Piece', 'card' => 'Card', 'person' => 'Person', 'banner' => 'Banner',
        'day' => 'Day'];

    public function show(Request $request): View
    {
        $way = isset(self::WAYS[self::string($request, 'by')]) ? self::string($request, 'by') : 'piece';
        $tally = $this->tally($request);
        $behind = $tally->isSummed() && $way !== 'day';

        return view('clicks.show', [
            'days' => self::days($request), 'choices' => self::DAYS, 'way' => $way, 'ways' => self::WAYS,
            'kinds' => array_map(fn (Kind $kind) => mb_strtolower(Words::of($kind->label())), Kinds::all()),
            'card' => $this->chosen($request),
            'person' => self::string($request, 'person'),
            'name' => People::name($this->workspace, self::string($request, 'person')),
            'totals' => $tally->totals(),
            'series' => $tally->series(),
            'rows' => $rows = $tally->by($way, self::PER_PAGE),
            // Where there are many, the rows are shown at once and their lines come behind.
            'lines' => $behind ? [] : $tally->seriesBy($way, $rows),
            'banners' => StoredBanner::names($this->workspace, $rows->pluck('banner_id')->filter()->all()),
            'behind' => $behind,
            'lineOf' => self::lineOf($way),
            'counted' => Tally::counts($this->workspace),
        ]);
    }

    /** @return \Closure(\stdClass): string what the line of a row is called */
    private static function lineOf(string $way): \Closure
    {
        return fn (\stdClass $row) => Tally::lineOf($way, $row);
    }

    /** The lines of the rows of a page. */
    public function lines(Request $request): View
    {
        $way = isset(self::WAYS[self::string($request, 'by')]) ? self::string($request, 'by') : 'piece';
        $tally = $this->tally($request);
        $rows = $tally->by($way, self::PER_PAGE);

        return view('clicks.lines', [
            'rows' => $rows, 'lines' => $tally->seriesBy($way, $rows), 'lineOf' => self::lineOf($way),
        ]);
    }

    /** Every click. */
    public function file(Request $request): StreamedResponse
    {
        $clicks = $this->tally($request)->each();

        return self::table(
            'clicks.csv', ['at', 'card', 'person', 'piece', 'words', 'address'],
            fn (): iterable => $clicks->cursor()->map(fn (\stdClass $click): array => [
                $click->at, $click->card, $click->person, $click->kind, $click->words, $click->address,
            ]),
        );
    }

    private function tally(Request $request): Tally
    {
        $card = $this->chosen($request);

        return new Tally(
            $this->workspace, self::days($request), now(), $card === null ? null : [$card->id],
            self::string($request, 'person'),
        );
    }

    /** @return key-of<self::DAYS> */
    private static function days(Request $request): int
    {
        $days = (int) self::string($request, 'days');

        return isset(self::DAYS[$days]) ? $days : 30;
    }

    private function chosen(Request $request): ?StoredCard
    {
        $card = self::integer($request, 'card');

        return $card === 0
            ? null
            : StoredCard::query()->where('workspace_id', $this->workspace->id)->find($card) ?? abort(404);
    }
}
