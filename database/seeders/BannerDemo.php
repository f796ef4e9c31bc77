<?php

namespace Database\Seeders;

use App\Banners\PlanRows;
use App\Clicks\CountedLinks;
use App\Feeds\Feeds;
use App\Models\StoredBanner;
use App\Models\StoredCard;
use App\Models\StoredWindow;
use App\Models\Workspace;
use App\Pictures\BannerPress;
use Illuminate\Support\Facades\DB;
use InkyCard\Banner\Audience;
use InkyCard\Banner\PlaceWindow;
use InkyCard\Card\Quotations;
use InkyCard\Time\Clock;
use InkyCard\Time\Day;

/** A year of Quillfern's banners around today: seasons, an open day, one gap and one overlap to find. */
final readonly class BannerDemo
{
    /** Label => holders of the cards that carry it, by the first word of the card's name. */
    private const LABELS = [
        'Design' => ['Maren', 'Juniper', 'Hollis'], 'Planting' => ['Tobiah', 'Wren'],
        'Office' => ['Isolde', 'Perrin', 'Ansel', 'Fenella'],
    ];

    private const ALL = 'Everyone';

    /** Days of clicks. */
    private const CLICKED = 18;

    /** Cards that get a place, likewise. */
    private const PLACES = ['Tobiah', 'Isolde', 'Juniper', 'Wren', 'Perrin'];

    /** headline, line, call, design, drawing, address, first and last day from today, whose */
    private const BANNERS = [
        ['Winter drawings, half price', 'Plan now, plant in March.', 'See an example', 'dark-bed', 'snow',
            'quillfern.example/winter', -20, 33, self::ALL],
        ['A drawing to give', 'A voucher in our own hand, by Christmas.', 'Give one', 'medallion', 'gift',
            'quillfern.example/voucher', -20, 33, self::ALL],
        ['Bare-root list is out', 'Hedges and fruit, lifted to order.', 'Choose yours', 'furrows', 'sprig',
            'quillfern.example/bare-root', 34, 75, self::ALL],
        ['Spring planting plans', 'Drawn for your soil. Book before 14 March.', 'Plan mine', 'rolling-ground',
            'flower', 'quillfern.example/spring', 95, 128, self::ALL],
        ['Wet-ground planting', 'What holds a bank.', 'Read on', 'counter', 'drop', 'quillfern.example/wet', 20, 62,
            'Planting'],
        ['See three new gardens', 'Walled, wild and very small.', 'Walk through', 'ribbon-end', 'sun',
            'quillfern.example/gardens', -6, 40, 'Design'],
        ['A folded drawing for your wall', 'Printed in our own inks.', 'Ask for one', 'stub', 'star',
            'quillfern.example/prints', 28, 44, 'Design'],
        ['Open garden day, 22 May', 'Come and walk it with us. Tea at three.', 'Save the day', 'medallion', 'sun',
            'quillfern.example/open-garden', 129, 175, self::ALL],
        ['Find a time by yourself', 'Visits on Tuesdays.', 'See the times', 'two-rules', 'sprig',
            'quillfern.example/visits', -35, 10, 'Office'],
    ];

    /** Stands where nothing is due. */
    private const EVERGREEN = [
        'headline' => 'Gardens drawn by hand', 'line' => 'Then planted, and looked after.', 'call' => 'See our work',
        'design' => 'two-rules', 'address' => 'quillfern.example/work',
    ];

    /** What clients said, by topic. */
    private const QUOTATIONS = [
        'Design' => [
            'The drawing hangs in our hall. — A client in Eddersby',
            'She saw a garden where we saw a car park. — A school in Nether Wick',
        ],
        'Planting' => [
            'Our garden has not looked back since. — A client in Eddersby',
            'Even the north wall flowers now. — A client in Saltmarch', 'Nothing died. Nothing! — A café in Brindle',
        ],
    ];

    public function __construct(private Workspace $studio)
    {
    }

    /**
     * A card of the demo with its place, if it gets one, and with what changes on it by itself.
     *
     * @param  array<string, mixed>  $card
     * @return array<string, mixed>
     */
    public static function placed(array $card): array
    {
        $holder = strtok((string) $card['name'], ' ');
        if (in_array($holder, self::PLACES, true)) {
            $card['pieces'][] = [
                'id' => 'p40', 'kind' => 'place', 'fields' => ['alt' => 'What is on at Quillfern Garden Studio'],
            ];
        }
        $year = now()->format('Y');
        $live = match ($holder) {
            'Hollis' => ['kind' => 'quote', 'fields' => ['follows' => 'day', 'topic' => 'Design']],
            'Wren' => ['kind' => 'post', 'fields' => [
                'feed' => 'https://quillfern.example/journal', 'form' => 'picture', 'lead' => 'New in the journal:',
                'width' => 360,
            ]],
            'Ansel' => [
                'kind' => 'notice', 'fields' => ['text' => 'The studio is closed from 24 to 31 December.'],
                'window' => ['from' => "$year-12-15", 'until' => "$year-12-31"],
            ],
            default => null,
        };
        if ($live !== null) {
            $card['pieces'][] = ['id' => 'p41'] + $live;
        }

        return $card;
    }

    public function run(BannerPress $press): void
    {
        foreach (self::LABELS as $label => $holders) {
            foreach ($holders as $holder) {
                DB::table('card_labels')->insert(['card_id' => $this->card($holder)->id, 'label' => $label]);
            }
        }
        foreach (self::QUOTATIONS as $topic => $lines) {
            foreach ($lines as $line) {
                DB::table('quotations')->insert(['workspace_id' => $this->studio->id, 'topic' => $topic]
                    + Quotations::parse($line));
            }
        }
        // Asked at once: the demo is looked at before the queue comes to it.
        DB::table('feeds')->pluck('id')->each(fn (int $feed) => app(Feeds::class)->ask($feed));
        $evergreen = StoredBanner::start($this->studio, self::EVERGREEN);
        $evergreen->putOut($press);
        $this->studio->forceFill(['evergreen_id' => $evergreen->id])->save();
        $today = Day::at(now($this->studio->clock()));
        foreach (self::BANNERS as [$headline, $line, $call, $design, $drawing, $address, $from, $until, $label]) {
            $banner = StoredBanner::start($this->studio, compact(
                'headline', 'line', 'call', 'design', 'drawing', 'address',
            ));
            $banner->putOut($press);
            StoredWindow::keep($this->studio, new PlaceWindow(
                '', (string) $banner->id, $this->moment($today->plus($from)), $this->moment($today->plus($until + 1)),
                self::whose($label), (int) ($label !== self::ALL),
            ));
        }
        $this->click();
    }

    /** Made-up clicks of what was due in the last weeks, the same every time. */
    private function click(): void
    {
        mt_srand(22);
        $cards = array_intersect_key(PlanRows::cards($this->studio->id), DB::table('places')->pluck('card_id')->flip()
            ->all());
        foreach (range(self::CLICKED, 1) as $back) {
            $moment = now()->subDays($back)->setTime(12, 0);
            $carried = PlanRows::plan($this->studio->id, $moment->getTimestamp())
                ->carried($moment->getTimestamp(), $cards);
            foreach (array_filter($carried) as $card => $window) {
                $banner = StoredBanner::query()->findOrFail((int) $window->banner);
                $link = CountedLinks::ofPlace(DB::connection(), "$card/p40", $banner->id, $banner->banner()->name(),
                    (string) $banner->banner()->address);
                $most = str_contains($banner->banner()->name(), 'give') ? 3 : 2;
                for ($clicks = mt_rand(0, $most); $clicks > 0; $clicks--) {
                    DB::table('clicks')->insert([
                        'tracked_link_id' => $link, 'visitor' => sprintf('%016x', mt_rand(1, 300)),
                        'at' => $moment->copy()->setTime(mt_rand(8, 19), mt_rand(0, 59))->toDateTimeString(),
                    ]);
                }
            }
        }
    }

    private static function whose(string $label): Audience
    {
        return $label === self::ALL ? Audience::everyone() : Audience::labels([$label]);
    }

    private function card(string $holder): StoredCard
    {
        return StoredCard::query()->where('workspace_id', $this->studio->id)->whereLike('name', "$holder %")->sole();
    }

    private function moment(Day $day): int
    {
        return Clock::moment($day, '00:00', $this->studio->clock())->getTimestamp();
    }
}
