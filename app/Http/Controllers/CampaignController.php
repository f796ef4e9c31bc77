<?php

namespace App\Http\Controllers;

use App\Campaigns\Campaign;
use App\Campaigns\Series;
use App\Models\StoredCard;
use App\Models\StoredFooter;
use App\Models\StoredLetter;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\DB;
use InkyCard\Refusal;
use InkyCard\Time\Day;

/** What goes out in series, and which footer each message carries. */
final class CampaignController extends Controller
{
    private const PER_PAGE = 12;

    private const LETTERS = 40;

    public function index(Request $request): View
    {
        return $this->page($request);
    }

    public function store(Request $request): Response|RedirectResponse
    {
        return $this->keep($request, null);
    }

    public function update(Request $request, int $campaign): Response|RedirectResponse
    {
        return $this->keep($request, $this->campaign($campaign)->id);
    }

    /** The newest revision for all that is still to go, of one campaign or of all. */
    public function put(Request $request, int $footer): RedirectResponse
    {
        /** @var StoredFooter $stored */
        $stored = StoredFooter::in($this->workspace)->findOrFail($footer);
        $campaign = self::integer($request, 'campaign');
        $put = $this->series()->put($stored, $campaign === 0 ? null : $this->campaign($campaign)->id);

        return redirect()->route('campaigns')->with('told', "$put ".($put === 1 ? 'message holds' : 'messages hold')
            ." revision $stored->head now. Put its HTML in their place where they are sent from: the file is below.")
            ->with('put', $stored->id);
    }

    public function end(Request $request, int $campaign): RedirectResponse
    {
        DB::table('campaigns')->where('id', $this->campaign($campaign)->id)
            ->update(['ended_at' => $request->boolean('again') ? null : (string) now()]);

        $told = $request->boolean('again') ? 'It goes on.' : 'It has ended.';

        return redirect()->route('campaigns')->with('told', $told);
    }

    public function remove(int $campaign): RedirectResponse
    {
        $one = $this->campaign($campaign);
        DB::table('campaigns')->where('id', $one->id)->update(['removed_at' => (string) now()]);

        return redirect()->route('campaigns')->with(['told' => "Removed: $one->name.", 'gone' => $one->id]);
    }

    public function restore(int $campaign): RedirectResponse
    {
        $found = DB::table('campaigns')->where(['workspace_id' => $this->workspace->id, 'id' => $campaign])
            ->update(['removed_at' => null]);
        abort_if($found === 0, 404);

        return redirect()->route('campaigns');
    }

    private function keep(Request $request, ?int $id): Response|RedirectResponse
    {
        try {
            $kept = $this->series()->keep($request->all(), $id);
        } catch (Refusal $refusal) {
            return response($this->page($request, [$refusal->field() => $refusal->getMessage()], $id), 422);
        }

        return redirect()->route('campaigns', ['campaign' => $kept])->with('told', 'Kept.');
    }

    /** @param  array<string, string>  $refused */
    private function page(Request $request, array $refused = [], ?int $id = null): View
    {
        $id ??= self::integer($request, 'campaign');
        $series = $this->series();
        $footers = StoredFooter::in($this->workspace)->get();

        return view('campaigns.index', [
            'campaigns' => $series->page(self::PER_PAGE), 'old' => $series->old(), 'footers' => $footers,
            'letters' => StoredLetter::in($this->workspace)->limit(self::LETTERS)->get(),
            'chosen' => $id === 0 ? null : $series->one($id), 'refused' => $refused,
            'opens' => $refused !== [] || $id !== 0 || $request->has('start'),
            'cards' => StoredCard::choices($this->workspace), 'today' => $this->today(),
        ]);
    }

    private function series(): Series
    {
        return new Series($this->workspace, $this->today());
    }

    private function today(): Day
    {
        return Day::at(now($this->workspace->clock()));
    }

    private function campaign(int $id): Campaign
    {
        return $this->series()->one($id) ?? abort(404);
    }
}
