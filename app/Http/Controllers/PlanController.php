<?php

namespace App\Http\Controllers;

use App\Banners\Compared;
use App\Banners\DayCards;
use App\Banners\HeldAnswers;
use App\Banners\PlanFile;
use App\Banners\PlanPage;
use App\Banners\PlanRows;
use App\Banners\WindowForm;
use App\Handover\CarriedBanners;
use App\Models\StoredBanner;
use App\Models\StoredCard;
use App\Models\StoredWindow;
use App\Pictures\BannerPress;
use App\Words\Words;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Pagination\LengthAwarePaginator;
use InkyCard\Refusal;
use InkyCard\Time\Clock;
use InkyCard\Time\Day;

/** What is due where, and when: windows set, moved, taken away; any day as it will be. */
final class PlanController extends Controller
{
    private const BANNERS = 24;

    private const CARRIED = 25;

    /** Days from the first of a window to its last, to start with. */
    private const FORTNIGHT = 13;

    /** Banners a list to choose from holds. */
    private const CHOICE = 300;

    public function index(Request $request): View
    {
        return $this->page($request);
    }

    /** The cards as they will be on a day. */
    public function day(Request $request): View
    {
        return view('banners.day', ['day' => $this->dayOf($request)]);
    }

    public function store(Request $request, BannerPress $press): Response|RedirectResponse
    {
        return $this->keep($request, $press, null);
    }

    public function update(Request $request, BannerPress $press, int $window): Response|RedirectResponse
    {
        return $this->keep($request, $press, $this->window($window));
    }

    /** By days, whole or at one end, as it is dragged or moved by keys. */
    public function move(Request $request, int $window): RedirectResponse
    {
        $stored = $this->window($window);
        $days = $request->input('days');
        $days = is_string($days) && preg_match('/^-?\d{1,4}$/D', $days) === 1 ? (int) $days : 0;
        $end = self::string($request, 'end');
        try {
            StoredWindow::keep($this->workspace, $stored->window()->movedDays(
                $days, $this->workspace->clock(), $end !== 'until', $end !== 'from',
            ), $stored);
            $told = ['told' => ($end === '' ? __('Moved by ') : __('Changed by ')).abs($days).' '
                .(abs($days) === 1 ? 'day.' : 'days.'), 'moved' => [$stored->id, -$days, $end]];
        } catch (Refusal $refusal) {
            $told = ['told' => Words::of($refusal)];
        }

        return redirect()->route('banners', $this->where($request, $stored->id))->with($told);
    }

    public function remove(Request $request, int $window): RedirectResponse
    {
        $stored = $this->window($window);
        $stored->put(away: true);

        return redirect()->route('banners', $this->where($request))->with([
            'told' => __('The window is taken away.'), 'back' => route('window.restore', $stored->id),
        ]);
    }

    public function restore(int $window): RedirectResponse
    {
        $this->window($window, removed: true)->put(away: false);

        return redirect()->route('banners', ['window' => $window])->with('told', __('The window is back.'));
    }

    /** The banner that stands where nothing is due; none where it is that one already. */
    public function evergreen(BannerPress $press, int $banner): RedirectResponse
    {
        /** @var StoredBanner $stored */
        $stored = StoredBanner::in($this->workspace)->findOrFail($banner);
        $is = $this->workspace->evergreen_id === $stored->id;
        try {
            $stored->putOut($press);
        } catch (Refusal $refusal) {
            return back()->with('told', Words::of($refusal));
        }
        $this->workspace->forceFill(['evergreen_id' => $is ? null : $stored->id])->save();
        HeldAnswers::forget();

        return back()->with('told', $is ? __('There is no evergreen banner now.')
            : __('It stands now wherever nothing else is due.'));
    }

    /** Who carries another banner than is due. */
    public function carried(Request $request): View
    {
        $old = CarriedBanners::old($this->workspace);
        $page = LengthAwarePaginator::resolveCurrentPage();

        return view('banners.carried', ['old' => new LengthAwarePaginator(
            array_slice($old, ($page - 1) * self::CARRIED, self::CARRIED), count($old), self::CARRIED, $page,
            ['path' => route('banners.carried')],
        )]);
    }

    /** The time zone windows begin and end by; those that are set keep their moments. */
    public function zone(Request $request): Response|RedirectResponse
    {
        try {
            $zone = Refusal::at('/zone', fn () => Clock::zone(self::string($request, 'zone')));
        } catch (Refusal $refusal) {
            return response($this->page($request, ['zone' => Words::of($refusal)]), 422);
        }
        $this->workspace->forceFill(['zone' => $zone])->save();
        HeldAnswers::forget();

        return redirect()->route('banners')->with('told', __(
            'Days begin and end as they do in :zone now.', ['zone' => $zone],
        ));
    }

    /** Two windows that share cards, by what they bring. */
    public function compare(int $window, int $other): View
    {
        $compared = new Compared($this->workspace, $this->window($window), $this->window($other));
        $day = fn (int $moment): string => Day::at(now($this->workspace->clock())->setTimestamp($moment))->words();

        return view('banners.compare', [
            'compared' => $compared, 'from' => $day($compared->from), 'until' => $day($compared->until - 1),
        ]);
    }

    /** The plan as a table, or for a calendar. */
    public function file(string $format): Response
    {
        [$type, $bytes] = $format === 'ics' ? ['text/calendar; charset=utf-8', PlanFile::calendar($this->workspace)]
            : ['text/csv; charset=utf-8', PlanFile::table($this->workspace)];

        return response($bytes, 200, [
            'Content-Type' => $type, 'Content-Disposition' => "attachment; filename=\"banner-plan.$format\"",
        ]);
    }

    /** Windows from a table; all of them or none. */
    public function bring(Request $request, BannerPress $press): Response|RedirectResponse
    {
        try {
            [$bytes] = Refusal::at('/table', fn () => self::uploaded($request->file('table')));
            $count = PlanFile::bring($this->workspace, $bytes, $press);
        } catch (Refusal $refusal) {
            return response($this->page($request, ['table' => Words::of($refusal)]), 422);
        }

        return redirect()->route('banners')->with('told', __(':count windows brought in.', ['count' => $count]));
    }

    private function keep(Request $request, BannerPress $press, ?StoredWindow $stored): Response|RedirectResponse
    {
        try {
            $window = WindowForm::read(
                $request->all(), $this->workspace, PlanRows::cards($this->workspace->id), (string) $stored?->id,
            );
            /** @var ?StoredBanner $banner */
            $banner = StoredBanner::in($this->workspace)->find((int) $window->banner);
            if ($banner === null) {
                throw Refusal::because('Choose the banner that is due then.', '/banner');
            }
            if ($banner->put === null) {
                Refusal::at('/banner', fn () => $banner->putOut($press));
            }
            $kept = StoredWindow::keep($this->workspace, $window, $stored);
        } catch (Refusal $refusal) {
            $at = trim((string) strtok(ltrim($refusal->path, '/'), '/'));

            return response($this->page($request, [$at => Words::of($refusal)], $stored), 422);
        }

        return redirect()->route('banners', $this->where($request, $kept->id))->with('told', __('Kept.'));
    }

    /** @param  array<string, string>  $refused */
    private function page(Request $request, array $refused = [], ?StoredWindow $stored = null): View
    {
        $today = Day::at(now($this->workspace->clock()));
        try {
            $from = Day::parse(self::string($request, 'begin').'-01');
        } catch (Refusal) {
            $from = Day::parse(substr($today->iso, 0, 8).'01');
        }
        $plan = new PlanPage($this->workspace, $from);
        $labels = array_unique(array_merge(...array_values($plan->cards)));
        sort($labels);
        $stored ??= StoredWindow::in($this->workspace)->find(self::integer($request, 'window'));
        $window = $stored?->window();

        return view('banners.index', [
            'plan' => $plan, 'stored' => $stored, 'window' => $window, 'refused' => $refused,
            'form' => match (true) {
                $refused !== [] && ! isset($refused['table']) => $request->all(),
                $window !== null => WindowForm::write($window, $this->workspace),
                default => $this->begun(self::integer($request, 'for-banner'), $today),
            },
            'clock' => $this->workspace->clock(),
            'opens' => $refused !== [] || $window !== null || $request->has('for-banner'),
            'day' => $this->dayOf($request), 'where' => $this->where($request),
            'banners' => StoredBanner::in($this->workspace)->paginate(self::BANNERS)->withQueryString(),
            'choices' => StoredBanner::in($this->workspace)->limit(self::CHOICE)->get(),
            'labels' => $labels, 'carried' => count(CarriedBanners::old($this->workspace)),
            'cards' => StoredCard::choices($this->workspace), 'evergreen' => $this->workspace->evergreen_id,
        ]);
    }

    /** @return array<string, mixed> a window to start from: the days of the banner's occasion, or a fortnight */
    private function begun(int $banner, Day $today): array
    {
        /** @var ?StoredBanner $stored */
        $stored = StoredBanner::in($this->workspace)->find($banner);
        [$from, $until] = $stored?->occasionDays($today) ?? [$today, $today->plus(self::FORTNIGHT)];

        return ['banner' => (string) $banner, 'from' => $from->iso, 'until' => $until->iso, 'for' => 'everyone'];
    }

    private function dayOf(Request $request): DayCards
    {
        try {
            $on = Day::parse(self::string($request, 'on'));
        } catch (Refusal) {
            $on = Day::at(now($this->workspace->clock()));
        }

        return new DayCards($this->workspace, $on);
    }

    /** @return array<string, mixed> the part of the plan and the day that are looked at */
    private function where(Request $request, ?int $window = null): array
    {
        return array_filter([
            'window' => $window, 'begin' => self::string($request, 'begin'), 'on' => self::string($request, 'on'),
        ]);
    }

    private function window(int $id, bool $removed = false): StoredWindow
    {
        /** @var StoredWindow */
        return StoredWindow::query()->where('workspace_id', $this->workspace->id)
            ->when(! $removed, fn ($query) => $query->whereNull('removed_at'))->findOrFail($id);
    }
}
