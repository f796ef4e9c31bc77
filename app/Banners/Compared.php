<?php

namespace App\Banners;

use App\Models\StoredBanner;
use App\Models\StoredWindow;
use App\Models\Workspace;
use Illuminate\Support\Facades\DB;
use InkyCard\Banner\Comparison;
use InkyCard\Banner\PlaceWindow;

/** Two windows that share the cards of a place, and what each has brought meanwhile. */
final readonly class Compared
{
    private const DAY = 86_400;

    /** Days that are looked at one by one; of more, as many of them. */
    private const LOOKED = 60;

    /** @var list<array{banner: StoredBanner, clicks: int, visitors: int, cards: float}> */
    public array $sides;

    public Comparison $comparison;

    /** Days both have been due. */
    public float $days;

    public int $from;

    public int $until;

    public function __construct(private Workspace $workspace, StoredWindow $one, StoredWindow $other)
    {
        $windows = [$one->window(), $other->window()];
        $this->from = max($windows[0]->from, $windows[1]->from);
        $this->until = min($windows[0]->until, $windows[1]->until);
        $now = min($this->until, now()->getTimestamp());
        $this->days = max(0, $now - $this->from) / self::DAY;
        $cards = $this->cards($now);
        $sides = [];
        foreach ($windows as $window) {
            $sides[] = $this->side($window, round($cards[$window->id] ?? 0.0, 1), $now);
        }
        $this->sides = $sides;
        $this->comparison = new Comparison(
            $sides[0]['visitors'], $sides[1]['visitors'], $sides[0]['cards'] * $this->days,
            $sides[1]['cards'] * $this->days,
        );
    }

    /** Whether they are ever due at once for anybody. */
    public function isOne(): bool
    {
        return $this->from < $this->until;
    }

    /** What it says so far, in words. */
    public function verdict(): string
    {
        $comparison = $this->comparison;
        if ($comparison->one + $comparison->other === 0) {
            return __('Nobody has pressed either of them yet.');
        }
        [$least, $most] = $comparison->interval();
        $better = $comparison->better();
        if ($better === 0) {
            return __('It does not say anything yet: so few visitors may be chance.:wait', ['wait' => $this->wait()]);
        }
        $name = $this->sides[$better === 1 ? 0 : 1]['banner']->banner()->name();
        $times = $better === 1 ? $least : 1 / $most;

        return __(
            '“:name” brings more visitors: at least :times times as many, however often this is looked at.',
            ['name' => $name, 'times' => number_format($times, 2)],
        );
    }

    private function wait(): string
    {
        $lacking = $this->comparison->lacking();
        $perDay = $this->days > 0 ? ($this->comparison->one + $this->comparison->other) / $this->days : 0;
        if ($lacking === null || $perDay <= 0) {
            return ' '.__('They are so much alike that waiting may not tell.');
        }
        $days = (int) ceil($lacking / $perDay);
        $left = max(0, $this->until - now()->getTimestamp()) / self::DAY;

        return ' '.trans_choice(
            'It might after about :lacking more visitors, in about a day.'
                .'|It might after about :lacking more visitors, in about :count days.', $days, ['lacking' => $lacking],
        ).($days > $left ? ' '.__('Their windows end before that.') : '');
    }

    /** @return array<string, float> window => cards with a place that carried it, on a day as days went */
    private function cards(int $now): array
    {
        $placed = DB::table('places')->where('workspace_id', $this->workspace->id)->pluck('card_id')->flip();
        $cards = array_intersect_key(PlanRows::cards($this->workspace->id), $placed->all());
        $plan = PlanRows::plan($this->workspace->id, $this->from);
        $looks = (int) max(1, min(self::LOOKED, floor($this->days)));
        $count = [];
        for ($look = 0; $look < $looks; $look++) {
            $moment = (int) ($this->from + ($look + 0.5) * max(1, $now - $this->from) / $looks);
            foreach (array_filter($plan->carried($moment, $cards)) as $window) {
                $count[$window->id] = ($count[$window->id] ?? 0.0) + 1 / $looks;
            }
        }

        return $count;
    }

    /** @return array{banner: StoredBanner, clicks: int, visitors: int, cards: float} */
    private function side(PlaceWindow $window, float $cards, int $now): array
    {
        $at = fn (int $moment): string => now()->setTimestamp($moment)->toDateTimeString();
        $row = DB::table('clicks')->join('tracked_links', 'tracked_links.id', 'tracked_link_id')
            ->where('banner_id', (int) $window->banner)->whereNull('filtered')
            ->where('clicks.at', '>=', $at($this->from))->where('clicks.at', '<', $at($now))
            ->selectRaw('count(*) as clicks, count(distinct substr(clicks.at, 1, 10) || visitor) as visitors')->first();
        /** @var StoredBanner $banner */
        $banner = StoredBanner::query()->findOrFail((int) $window->banner);

        return [
            'banner' => $banner, 'clicks' => (int) ($row->clicks ?? 0), 'visitors' => (int) ($row->visitors ?? 0),
            'cards' => $cards,
        ];
    }
}
