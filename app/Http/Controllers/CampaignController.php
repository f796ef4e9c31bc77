<?php

namespace App\Http\Controllers;

use App\Campaigns\Campaign;
use App\Campaigns\Dispatcher;
use App\Campaigns\Series;
use App\Mailings\Mailings;
use App\Models\StoredCard;
use App\Models\StoredFooter;
use App\Models\StoredLetter;
use App\Outside\SafeHttpClient;
use App\Senders\ApiSender;
use App\Senders\Senders;
use App\Words\Words;
use Illuminate\Contracts\Cache\LockTimeoutException;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\Cache;
use Illuminate\Support\Facades\DB;
use InkyCard\Refusal;
use InkyCard\Time\Day;

/** What goes out in series, and which footer each message carries. */
final class CampaignController extends Controller
{
    private const PER_PAGE = 12;

    private const LETTERS = 40;

    /** Seconds to wait where the same is being done already. */
    private const PATIENCE = 10;

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
        $dispatcher = $this->dispatcher();
        try {
            $put = $this->series()->put(
                $stored, $campaign === 0 ? null : $this->campaign($campaign)->id,
                fn (Campaign $one, int $position): bool => $dispatcher->replace($one, $position, $stored->head),
            );
        } catch (Refusal $refusal) {
            return redirect()->route('campaigns')->with('told', Words::of($refusal));
        }

        return redirect()->route('campaigns')->with('told', __(
            ':put :part revision :head now. Put its HTML in their place where they are sent from: the '
                .'file is below.',
            ['put' => $put, 'part' => $put === 1 ? __('message holds') : __('messages hold'), 'head' => $stored->head],
        ))
            ->with('put', $stored->id);
    }

    /** Gives it to the sender that is set: once, however often it is pressed. */
    public function send(Request $request, int $campaign): RedirectResponse
    {
        return $this->within($campaign, function () use ($request, $campaign): string {
            $one = $this->campaign($campaign);
            abort_if($one->outside !== null || Senders::current() === null, 404);
            if ($request->has('messages')) {
                // What stands in the form is meant.
                $one = $this->campaign($this->series()->keep($request->all(), $campaign));
            }
            $this->dispatcher()->start($one, self::member($request));
            if (Senders::current() !== Mailings::STAND_IN) {
                return __('It goes out by our own mail server, each message at nine in the morning of its day.');
            }
            $this->standIn()->forward(0);

            return __('The stand-in sender has it: what is due goes to the mail tray.');
        });
    }

    /** What its sender says of it now. */
    public function said(int $campaign): View
    {
        $one = $this->heard($campaign);
        abort_if($one?->said === null, 404);

        return view('campaigns.said', ['one' => $one, 'who' => Senders::ALL[(string) $one->sender] ?? '']);
    }

    /** Sets the clock of the stand-in sender forward. */
    public function forward(Request $request): RedirectResponse
    {
        abort_if(! config('inky.stand_ins'), 404);
        try {
            $today = $this->standIn()->forward(min(60, self::integer($request, 'days')));
        } catch (Refusal $refusal) {
            return back()->with('told', Words::of($refusal));
        }

        return back()->with('told', __(
            'It is :words for the stand-in sender now.', ['words' => Day::parse($today)->words()],
        ));
    }

    public function end(Request $request, int $campaign): RedirectResponse
    {
        $again = $request->boolean('again');

        return $this->within($campaign, function () use ($campaign, $again): string {
            $one = $this->campaign($campaign);
            if ($one->outside !== null) {
                $this->dispatcher()->stop($one, ! $again);
                $again && $one->sender === Mailings::STAND_IN && $this->standIn()->forward(0);
            }
            DB::table('campaigns')->where('id', $one->id)->update(['ended_at' => $again ? null : (string) now()]);

            return $again ? __('It goes on.') : __('It has ended.');
        });
    }

    /**
     * One at a time of a campaign; what its sender refuses is said.
     *
     * @param  \Closure(): string  $work  what is said of it
     */
    private function within(int $campaign, \Closure $work): RedirectResponse
    {
        try {
            $told = Cache::lock("campaign.$campaign", 60)->block(self::PATIENCE, $work);
        } catch (Refusal $refusal) {
            $told = Words::of($refusal);
        } catch (LockTimeoutException) {
            $told = __('It is being given to its sender just now.');
        }

        return redirect()->route('campaigns', ['campaign' => $campaign])->with('told', $told);
    }

    public function remove(int $campaign): RedirectResponse
    {
        $one = $this->campaign($campaign);
        DB::table('campaigns')->where('id', $one->id)->update(['removed_at' => (string) now()]);

        return redirect()->route('campaigns')->with([
            'told' => "Removed: $one->name.", 'back' => route('campaign.restore', $one->id),
        ]);
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
            $kept = $id;
            $id !== null && $this->campaign($id)->outside !== null
                ? $this->series()->rename($id, $request->input('name'))
                : $kept = $this->series()->keep($request->all(), $id);
        } catch (Refusal $refusal) {
            return response($this->page($request, [$refusal->field() => Words::of($refusal)], $id), 422);
        }

        return redirect()->route('campaigns', ['campaign' => $kept])->with('told', __('Kept.'));
    }

    /** @param  array<string, string>  $refused */
    private function page(Request $request, array $refused = [], ?int $id = null): View
    {
        $id ??= self::integer($request, 'campaign');
        $series = $this->series();
        $footers = StoredFooter::in($this->workspace)->get();

        $chosen = $id === 0 ? null : $this->heard($id);

        return view('campaigns.index', [
            'sender' => Senders::current(), 'senders' => Senders::ALL,
            'campaigns' => $series->page(self::PER_PAGE), 'old' => $series->old(), 'footers' => $footers,
            'letters' => StoredLetter::in($this->workspace)->limit(self::LETTERS)->get(),
            'chosen' => $chosen, 'refused' => $refused,
            'opens' => $refused !== [] || $id !== 0 || $request->has('start'),
            'cards' => StoredCard::choices($this->workspace), 'today' => $this->today(),
        ]);
    }

    /** One with what its sender says of it now, or said last where that does not answer. */
    private function heard(int $id): ?Campaign
    {
        $one = $this->series()->one($id);
        if ($one?->outside === null) {
            return $one;
        }
        rescue(fn () => $this->dispatcher()->state($one), report: false);

        return $this->series()->one($id);
    }

    private function dispatcher(): Dispatcher
    {
        return new Dispatcher($this->workspace);
    }

    private function standIn(): ApiSender
    {
        return new ApiSender(app(SafeHttpClient::class), $this->workspace->id);
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
