<?php

namespace App\Http\Controllers;

use App\Models\StoredBanner;
use App\Words\Words;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\DB;
use InkyCard\Banner\BannerDrawings;
use InkyCard\Banner\Occasions;
use InkyCard\Refusal;
use InkyCard\Time\Day;
use InkyCard\Type\CleanText;

/** Days people promote for, by country and of one's own: a banner begins with one. */
final class OccasionController extends Controller
{
    /** Years to look at from this one on. */
    private const YEARS = 4;

    private const AHEAD = 365;

    private const OWN = 60;

    public function index(Request $request): View
    {
        $today = Day::at(now($this->workspace->clock()));
        $now = (int) substr($today->iso, 0, 4);
        $year = self::integer($request, 'year');
        $year = $year > $now && $year < $now + self::YEARS ? $year : 0;
        $countries = self::countries();
        $country = self::string($request, 'country');
        $country = isset($countries[$country]) ? $country : $this->workspace->country;
        $list = [];
        // Without a year, what comes within twelve months.
        foreach ($year === 0 ? [...Occasions::of($now, $country), ...Occasions::of($now + 1, $country)]
            : Occasions::of($year, $country) as [$day, $occasion]) {
            $ahead = $today->until($day->plus($occasion->days - 1));
            if ($ahead >= 0 && ($year !== 0 || $ahead < self::AHEAD)) {
                $list[] = [
                    'key' => $occasion->key, 'label' => $occasion->label, 'day' => $day->iso, 'words' => $day->words(),
                    'drawing' => BannerDrawings::of($occasion->key), 'source' => $occasion->source,
                ];
            }
        }

        return view('banners.occasions', [
            'list' => $list, 'year' => $year, 'years' => range($now + 1, $now + self::YEARS - 1),
            'country' => $country, 'called' => $countries[$country] ?? $country,
            'countries' => $countries + [$country => $country],
            'own' => $this->own(),
        ]);
    }

    /** A banner for it, with its words and drawing; its days are those a window begins with. */
    public function begin(Request $request): RedirectResponse
    {
        /** @var ?\stdClass $own */
        $own = DB::table('own_days')->where('workspace_id', $this->workspace->id)
            ->where('id', self::integer($request, 'own'))->first();
        $occasion = Occasions::all()[self::string($request, 'occasion')] ?? null;
        abort_if($own === null && $occasion === null, 404);
        try {
            $line = $own === null ? Day::parse(self::string($request, 'day'))->words() : '';
        } catch (Refusal) {
            $line = '';
        }
        $banner = StoredBanner::start($this->workspace, [
            'headline' => $own->name ?? $occasion?->label, 'call' => __('See what is on'),
            'line' => (string) preg_replace('/ \d{4}$/', '', $line),
            'drawing' => $occasion === null ? BannerDrawings::PLAIN : BannerDrawings::of($occasion->key),
            'design' => 'medallion',
        ], $own === null ? $occasion->key : "own:$own->id");

        return redirect()->route('banner', $banner->id);
    }

    public function keepOwn(Request $request): RedirectResponse
    {
        try {
            $name = CleanText::of(self::string($request, 'name'), 60, 'name');
            $day = Day::parse(self::string($request, 'day'));
            if ($name === '') {
                throw Refusal::because('Say what the day is called.');
            }
            if (DB::table('own_days')->where('workspace_id', $this->workspace->id)->count() >= self::OWN) {
                throw Refusal::because(
                    'There is room for :own days of your own: remove one first.', values: ['own' => self::OWN],
                );
            }
        } catch (Refusal $refusal) {
            return back()->withInput()->withErrors(['own' => Words::of($refusal)]);
        }
        DB::table('own_days')->insert([
            'workspace_id' => $this->workspace->id, 'name' => $name, 'day' => $day->ofYear(),
        ]);

        return redirect()->route('occasions');
    }

    public function dropOwn(int $day): RedirectResponse
    {
        DB::table('own_days')->where('workspace_id', $this->workspace->id)->where('id', $day)->delete();

        return redirect()->route('occasions');
    }

    /** @return list<array<string, mixed>> */
    private function own(): array
    {
        return array_values(DB::table('own_days')->where('workspace_id', $this->workspace->id)->orderBy('day')->get()
            ->map(fn (\stdClass $row) => [
                'id' => $row->id, 'name' => $row->name,
                'words' => (string) preg_replace('/ \d{4}$/', '', Day::parse("2028-$row->day")->words()),
            ])->all());
    }

    /** @return array<string, string> ISO 3166-1 alpha-2 => name, those occasions name */
    private static function countries(): array
    {
        $countries = [];
        foreach (Occasions::all() as $occasion) {
            foreach ($occasion->countries as $code) {
                $countries[$code] = (string) \Locale::getDisplayRegion("-$code", 'en');
            }
        }
        asort($countries);

        return $countries;
    }
}
