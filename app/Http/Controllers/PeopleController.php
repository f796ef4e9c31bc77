<?php

namespace App\Http\Controllers;

use App\House\House;
use App\House\OwnCard;
use App\House\PersonPage;
use App\Jobs\FollowPeople;
use App\Models\Rollout;
use App\Models\StaffImport;
use App\Models\StoredCard;
use App\Models\StoredPerson;
use App\Pictures\Library;
use App\Roster\Groups;
use App\Roster\PeopleList;
use App\Roster\PortraitFiles;
use App\Roster\Portraits;
use App\Words\Words;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\DB;
use InkyCard\Card\Starter\Starter;
use InkyCard\Card\Starter\Starters;
use InkyCard\Refusal;
use InkyCard\Roster\Profile;
use InkyCard\Roster\ProfileFact;
use Symfony\Component\HttpFoundation\StreamedResponse;

/** The people of a workspace, and what is known of them. */
final class PeopleController extends Controller
{
    private const PER_PAGE = 50;

    public function index(Request $request): View
    {
        $list = PeopleList::asked($this->workspace, $request);

        return view('people.index', [
            'list' => $page = $list->query()->paginate(self::PER_PAGE)->withQueryString(), 'asked' => $list,
            'groups' => Groups::of($this->workspace), 'today' => $list->today->iso,
            'in' => Groups::namesOf(array_map(fn (StoredPerson $one): string => $one->id, $page->items())),
            'rollouts' => Rollout::query()->where('workspace_id', $this->workspace->id)->latest('id')->limit(5)->get(),
            'houses' => House::of($this->workspace), 'samples' => array_map(
                fn (Starter $starter): string => $starter->name,
                array_intersect_key(Starters::all(), array_flip(HouseController::SAMPLES)),
            ), 'choices' => StoredCard::choices($this->workspace),
            'imports' => StaffImport::query()->where('workspace_id', $this->workspace->id)->latest('id')->limit(3)
                ->get(),
        ]);
    }

    public function create(): View
    {
        return $this->page(null);
    }

    public function store(Request $request): RedirectResponse
    {
        return $this->kept($request, null);
    }

    public function show(string $person): View
    {
        return $this->page(StoredPerson::in($this->workspace, $person));
    }

    public function keep(Request $request, string $person): RedirectResponse
    {
        return $this->kept($request, StoredPerson::in($this->workspace, $person));
    }

    /** Somebody's own page: an address for it, another one, or none. */
    public function ownPage(Request $request, string $person): RedirectResponse
    {
        $person = StoredPerson::in($this->workspace, $person);
        match (self::string($request, 'do')) {
            'withdraw' => PersonPage::withdraw($person),
            'renew' => PersonPage::renew($person),
            default => PersonPage::address($person),
        };

        return redirect()->route('person', $person->id)->with('told', __('Kept.'));
    }

    /** Several at once: into a group, out of one, off the list, or back on it. */
    public function several(Request $request): RedirectResponse
    {
        $ids = $this->chosen($request);
        $people = trans_choice('One person|:count people', count($ids));
        $do = self::string($request, 'do');
        try {
            if ($ids === []) {
                throw Refusal::because('Choose people first.');
            }
            $said = match ($do) {
                'join' => $this->joined($ids, self::string($request, 'group')),
                'part' => $this->parted($ids, self::string($request, 'group')),
                default => $this->listed($ids, $do === 'back'),
            };
        } catch (Refusal $refusal) {
            return back()->with('told', Words::of($refusal));
        }
        $this->follow($request, $ids);
        $undo = ['join' => 'part', 'part' => 'join', 'back' => 'remove'][$do] ?? 'back';

        return back()->with('told', "$people: $said")
            ->with('undo', [$undo, $ids, self::string($request, 'group')]);
    }

    /** @return list<string> ids of those of the workspace */
    private function chosen(Request $request): array
    {
        $ids = StoredPerson::query()->where('workspace_id', $this->workspace->id)
            ->whereIn('id', array_filter($request->array('people'), is_string(...)))->pluck('id')
            ->all();

        return array_values(array_map(strval(...), $ids));
    }

    /** Portraits, many files or a ZIP of them, each to whom its name says it is of. */
    public function portraits(Request $request): RedirectResponse
    {
        $files = array_filter((array) $request->file('portraits'), fn (mixed $one): bool => $one instanceof UploadedFile
            && $one->isValid());
        if ($files === []) {
            return redirect()->to(route('people').'#portraits')
                ->withErrors(['portraits' => __('Choose pictures, or a ZIP of them: 30 MB at most.')]);
        }

        return redirect()->route('errand', PortraitFiles::sent($this->workspace, self::member($request), $files));
    }

    /** Renames a group, sets where it stands, or takes it away. */
    public function group(Request $request, int $group): RedirectResponse
    {
        $found = Groups::find($this->workspace, $group);
        try {
            match (self::string($request, 'do')) {
                'up' => Groups::raise($this->workspace, $found),
                'remove' => Groups::remove($found),
                'follow' => $this->follow($request, Groups::followed(
                    $this->workspace, $found, self::integer($request, 'house'),
                )),
                default => Groups::rename($this->workspace, $found, self::string($request, 'name')),
            };
        } catch (Refusal $refusal) {
            return back()->with('told', Words::of($refusal));
        }

        return redirect()->route('people')->with('told', __('Kept.'));
    }

    public function file(Request $request): StreamedResponse
    {
        $list = PeopleList::asked($this->workspace, $request);

        return self::table('people.csv', $list->columns(), $list->rows(...));
    }

    /** What is known of each as a contact. */
    public function contacts(Request $request): StreamedResponse
    {
        $list = PeopleList::asked($this->workspace, $request);

        return response()->streamDownload(function () use ($list): void {
            foreach ($list->contacts() as $contact) {
                echo $contact;
            }
        }, 'people.vcf', ['Content-Type' => 'text/vcard; charset=utf-8']);
    }

    /**
     * Cards of people whose profile or groups changed follow them: those of many beside the pages.
     *
     * @param  list<string>  $people  ids
     */
    private function follow(Request $request, array $people): void
    {
        FollowPeople::of($this->workspace, $people, self::member($request));
    }

    /** @param  list<string>  $ids */
    private function joined(array $ids, string $group): string
    {
        Groups::put(Groups::named($this->workspace, $group), $ids);

        return __('in “:group”.', ['group' => $group]);
    }

    /** @param  list<string>  $ids */
    private function parted(array $ids, string $group): string
    {
        Groups::take(Groups::named($this->workspace, $group), $ids);

        return __('no longer in “:group”.', ['group' => $group]);
    }

    /** @param  list<string>  $ids */
    private function listed(array $ids, bool $back): string
    {
        DB::table('people')->whereIn('id', $ids)->update(['removed_at' => $back ? null : (string) now()]);

        return $back ? __('back on the list.') : __('off the list.');
    }

    private function page(?StoredPerson $person): View
    {
        return view('people.person', [
            'person' => $person, 'known' => $person?->known(),
            'portrait' => $person === null ? '' : Portraits::of($person), 'facts' => ProfileFact::cases(),
            'groups' => Groups::of($this->workspace),
            'in' => $person === null ? [] : Groups::namesOf([$person->id])[$person->id] ?? [],
            'page' => $person === null ? null : PersonPage::of($person->id),
            'own' => $person === null ? null : OwnCard::of($person),
            'over' => $person === null ? [] : House::over($person->id), 'houses' => House::of($this->workspace)
                ->keyBy(fn (House $house): int => $house->card->id),
            'cards' => $person === null ? [] : StoredCard::query()->where('person_id', $person->id)
                ->whereNull('archived_at')->orderBy('id')->limit(20)->get(),
        ]);
    }

    private function kept(Request $request, ?StoredPerson $person): RedirectResponse
    {
        try {
            $profile = Profile::of($this->given($request) + ($person?->known()->pictures() ?? []),
                $this->workspace->country);
            $this->mustBeTheirs($profile, $person);
            $person === null ? $person = StoredPerson::add($this->workspace->id, $profile) : $person->keep($profile);
            Groups::set($this->workspace, $person->id, array_filter($request->array('groups'), is_string(...)),
                self::string($request, 'group'));
            $this->follow($request, [$person->id]);
        } catch (Refusal $refusal) {
            return back()->withInput()->withErrors([$refusal->field() => Words::of($refusal)]);
        }

        return redirect()->route('person', $person->id)->with('told', __('Kept.'));
    }

    /**
     * What was typed, and the portrait: a new one, or none, where that is said.
     *
     * @return array<string, mixed>
     *
     * @throws Refusal
     */
    private function given(Request $request): array
    {
        $words = array_filter(ProfileFact::cases(), fn (ProfileFact $fact): bool => ! $fact->isPicture());
        $given = array_intersect_key($request->array('facts'), array_flip(array_column($words, 'value')));
        if ($request->file('portrait') !== null) {
            $picture = Refusal::at('/portrait', fn () => app(Library::class)->add(
                $this->workspace, ...self::uploaded($request->file('portrait')),
            ));

            return $given + ['portrait' => "picture:$picture->hash"];
        }

        return $request->boolean('no_portrait') ? $given + ['portrait' => ''] : $given;
    }

    /** @throws Refusal where an address is somebody else's */
    private function mustBeTheirs(Profile $profile, ?StoredPerson $person): void
    {
        $other = DB::table('person_addresses')->join('people', 'people.id', 'person_id')
            ->where('person_addresses.workspace_id', $this->workspace->id)
            ->whereIn('person_addresses.address', $profile->lines(ProfileFact::Addresses))
            ->where('people.id', '!=', $person->id ?? '')->whereNull('removed_at')
            ->first(['person_addresses.address', 'name']);
        if ($other !== null) {
            throw Refusal::because(':address is :name’s already.', '/addresses', [
                'address' => $other->address, 'name' => $other->name,
            ]);
        }
    }
}
