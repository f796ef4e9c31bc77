<?php

namespace App\Http\Controllers;

use App\Words\Words;
use Illuminate\Contracts\View\View;
use Illuminate\Database\Query\Builder;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\DB;
use InkyCard\Card\Quotations;
use InkyCard\Refusal;
use InkyCard\Type\CleanText;

/** What the firm quotes: its own list, by topic. */
final class QuotationController extends Controller
{
    private const PER_PAGE = 25;

    /** Lines pasted at once, and quotations in all. */
    private const PASTED = 200;

    private const MOST = 2000;

    private const TOPIC = 40;

    public function index(Request $request): View
    {
        $topic = self::string($request, 'topic');

        return view('brand.quotations', [
            'list' => $this->own()->when($topic !== '', fn (Builder $query) => $query->where('topic', $topic))
                ->orderByDesc('id')->paginate(self::PER_PAGE)->withQueryString(),
            'topic' => $topic,
            'topics' => $this->own()->where('topic', '!=', '')->distinct()->orderBy('topic')->pluck('topic')->all(),
        ]);
    }

    /** One a line, as they are pasted; all of them or none. */
    public function add(Request $request): RedirectResponse
    {
        try {
            $topic = Refusal::at('/topic', fn () => CleanText::of(
                self::string($request, 'topic'), self::TOPIC, 'topic',
            ));
            $rows = Refusal::at('/words', fn () => $this->read(self::string($request, 'words')));
        } catch (Refusal $refusal) {
            $at = explode('/', ltrim($refusal->path, '/'))[0];

            return back()->withInput()->withErrors([$at => Words::of($refusal)]);
        }
        DB::table('quotations')->insert(array_map(
            fn (array $row) => ['workspace_id' => $this->workspace->id, 'topic' => $topic] + $row, $rows,
        ));

        return redirect()->route('quotations')->with('told', count($rows) === 1 ? __('Kept.') : count($rows).' kept.');
    }

    /**
     * @return list<array<string, string>>
     *
     * @throws Refusal
     */
    private function read(string $words): array
    {
        $lines = preg_split('/\R/u', mb_scrub($words)) ?: [];
        $lines = array_values(array_filter($lines, fn (string $line) => trim($line) !== ''));
        $room = self::MOST - $this->own()->count();
        if ($lines === [] || count($lines) > min(self::PASTED, $room)) {
            throw Refusal::because($lines === [] ? 'Write what was said, one a line.' : ($room < count($lines)
                ? 'There is room for '.self::MOST.' quotations: remove some first.'
                : 'At most '.self::PASTED.' lines at once.'));
        }

        return array_map(function (string $line, int $at): array {
            try {
                return Quotations::parse($line);
            } catch (Refusal $refusal) {
                throw Refusal::because('Line :at: :says', values: ['at' => $at + 1, 'says' => $refusal->said]);
            }
        }, $lines, array_keys($lines));
    }

    public function keep(Request $request, int $quotation): RedirectResponse
    {
        $row = $this->quotation($quotation);
        try {
            $values = Quotations::parse(
                self::string($request, 'text'), self::string($request, 'by') ?: ' ', self::string($request, 'address'),
            ) + ['topic' => CleanText::of(self::string($request, 'topic'), self::TOPIC, 'topic')];
        } catch (Refusal $refusal) {
            return back()->withInput()->withErrors(["row-$quotation" => Words::of($refusal)]);
        }
        $row->update($values);

        return back()->with('told', __('Kept.'));
    }

    public function remove(int $quotation): RedirectResponse
    {
        $this->quotation($quotation)->update(['removed_at' => (string) now()]);

        return back()->with(['told' => __('Removed from the list.'), 'back' => route('quotation.restore', $quotation)]);
    }

    public function restore(int $quotation): RedirectResponse
    {
        $this->quotation($quotation, removed: true)->update(['removed_at' => null]);

        return back()->with('told', __('It is back.'));
    }

    /** All of them, to keep elsewhere: as they are pasted. */
    public function file(): Response
    {
        $lines = $this->own()->orderBy('id')->get(['text', 'by'])
            ->map(fn (\stdClass $row) => $row->by === '' ? $row->text : "$row->text — $row->by")->implode("\n");

        return response("$lines\n", 200, [
            'Content-Type' => 'text/plain; charset=utf-8',
            'Content-Disposition' => 'attachment; filename="quotations.txt"',
        ]);
    }

    private function quotation(int $id, bool $removed = false): Builder
    {
        $row = DB::table('quotations')->where('workspace_id', $this->workspace->id)->where('id', $id)
            ->when(! $removed, fn (Builder $query) => $query->whereNull('removed_at'));
        abort_unless($row->exists(), 404);

        return $row;
    }

    private function own(): Builder
    {
        return DB::table('quotations')->where('workspace_id', $this->workspace->id)->whereNull('removed_at');
    }
}
