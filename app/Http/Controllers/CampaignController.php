<?php

namespace App\Http\Controllers;

use App\Campaigns\Campaign;
use App\Campaigns\Dispatcher;
use App\Campaigns\Series;
use App\Models\StoredCard;
use App\Models\StoredFooter;
use App\Models\StoredLetter;
use App\Outside\SafeHttpClient;
use App\Senders\ApiSender;
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
    public function put(Request $request, SafeHttpClient $outside, int $footer): RedirectResponse
    {
        /** @var StoredFooter $stored */
        $stored = StoredFooter::in($this->workspace)->findOrFail($footer);
        $campaign = self::integer($request, 'campaign');
        $dispatcher = new Dispatcher($this->workspace, $this->sender($outside));
        try {
            $put = $this->series()->put(
                $stored, $campaign === 0 ? null : $this->campaign($campaign)->id,
                fn (Campaign $one, int $position): bool => $dispatcher->replace($one, $position, $stored->head),
            );
        } catch (Refusal $refusal) {
            return redirect()->route('campaigns')->with('told', $refusal->getMessage());
        }

        return redirect()->route('campaigns')->with('told', "$put ".($put === 1 ? 'message holds' : 'messages hold')
            ." revision $stored->head now. Put its HTML in their place where they are sent from: the file is below.")
            ->with('put', $stored->id);
    }

    /** Gives it to the stand-in sender. */
    public function send(Request $request, SafeHttpClient $outside, int $campaign): RedirectResponse
    {
        $one = $this->campaign($campaign);
        abort_if($one->outside !== null || ! config('inky.stand_ins'), 404);
        try {
            $sender = $this->sender($outside);
            (new Dispatcher($this->workspace, $sender))->start($one, self::member($request));
            $sender->forward(0);
        } catch (Refusal $refusal) {
            return redirect()->route('campaigns', ['campaign' => $one->id])->with('told', $refusal->getMessage());
        }

        return redirect()->route('campaigns', ['campaign' => $one->id])
            ->with('told', 'The stand-in sender has it: what is due goes to the mail tray.');
    }

    /** Sets the clock of the stand-in sender forward. */
    public function forward(Request $request, SafeHttpClient $outside): RedirectResponse
    {
        abort_if(! config('inky.stand_ins'), 404);
        try {
            $today = $this->sender($outside)->forward(min(60, self::integer($request, 'days')));
        } catch (Refusal $refusal) {
            return back()->with('told', $refusal->getMessage());
        }

        return back()->with('told', 'It is '.Day::parse($today)->words().' for the stand-in sender now.');
    }

    public function end(Request $request, SafeHttpClient $outside, int $campaign): RedirectResponse
    {
        $one = $this->campaign($campaign);
        $again = $request->boolean('again');
        // what a sender has stopped, it does not take up again
        abort_if($again && $one->outside !== null, 404);
        try {
            if ($one->outside !== null) {
                $this->sender($outside)->stop($one->outside);
            }
        } catch (Refusal $refusal) {
            return redirect()->route('campaigns', ['campaign' => $one->id])->with('told', $refusal->getMessage());
        }
        DB::table('campaigns')->where('id', $one->id)->update(['ended_at' => $again ? null : (string) now()]);

        return redirect()->route('campaigns')->with('told', $again ? 'It goes on.' : 'It has ended.');
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

        $chosen = $id === 0 ? null : $series->one($id);

        return view('campaigns.index', [
            'outside' => $chosen?->outside === null ? null : rescue(
                fn () => (new Dispatcher($this->workspace, $this->sender(app(SafeHttpClient::class))))
                    ->state($chosen->outside),
                report: false,
            ),
            'sends' => (bool) config('inky.stand_ins'),
            'campaigns' => $series->page(self::PER_PAGE), 'old' => $series->old(), 'footers' => $footers,
            'letters' => StoredLetter::in($this->workspace)->limit(self::LETTERS)->get(),
            'chosen' => $chosen, 'refused' => $refused,
            'opens' => $refused !== [] || $id !== 0 || $request->has('start'),
            'cards' => StoredCard::choices($this->workspace), 'today' => $this->today(),
        ]);
    }

    private function sender(SafeHttpClient $outside): ApiSender
    {
        return new ApiSender($outside, $this->workspace->id);
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
