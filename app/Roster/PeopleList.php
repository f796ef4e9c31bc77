<?php

namespace App\Roster;

use App\Models\StoredPerson;
use App\Models\Workspace;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\DB;
use InkyCard\Roster\ProfileFact;
use InkyCard\StaffList\ContactWriter;
use InkyCard\Time\Day;

/** The people somebody asks for: found, of a group, of those who are there, in an order. */
final readonly class PeopleList
{
    public const SORTS = ['name' => 'By name', 'newest' => 'Newest first', 'first_day' => 'By first day'];

    public const SHOWS = [
        '' => 'On the list', 'coming' => 'Still to come', 'leaving' => 'Leaving, or gone', 'removed' => 'Off the list',
    ];

    private function __construct(
        private Workspace $workspace, public string $find, public string $group, public string $show,
        public string $sort, public Day $today,
    ) {
    }

    public static function asked(Workspace $workspace, Request $request): self
    {
        $one = function (string $key) use ($request): string {
            $value = $request->query($key);

            return is_string($value) && mb_check_encoding($value, 'UTF-8') ? mb_substr($value, 0, 100) : '';
        };

        return new self(
            $workspace, trim($one('find')), $one('group'), isset(self::SHOWS[$one('show')]) ? $one('show') : '',
            isset(self::SORTS[$one('sort')]) ? $one('sort') : 'name', Day::at(now($workspace->clock())),
        );
    }

    /** @return Builder<StoredPerson> */
    public function query(): Builder
    {
        $people = StoredPerson::query()->where('people.workspace_id', $this->workspace->id)->where('name', '!=', '');
        match ($this->show) {
            'removed' => $people->whereNotNull('removed_at'),
            'coming' => $people->whereNull('removed_at')->where('first_day', '>', $this->today->iso),
            'leaving' => $people->whereNull('removed_at')->whereNotNull('last_day'),
            default => $people->whereNull('removed_at'),
        };
        if ($this->find !== '') {
            $like = '%'.addcslashes($this->find, '%_\\').'%';
            $people->where(fn (Builder $query) => $query->whereLike('name', $like)->orWhereLike('profile', $like));
        }
        if ($this->group !== '') {
            $people->whereIn('people.id', DB::table('group_people')->select('person_id')->whereIn(
                'group_id', DB::table('staff_groups')->where(['workspace_id' => $this->workspace->id,
                    'name' => $this->group])->select('id'),
            ));
        }

        return $this->sorted($people);
    }

    /**
     * @param  Builder<StoredPerson>  $people
     * @return Builder<StoredPerson>
     */
    private function sorted(Builder $people): Builder
    {
        return match ($this->sort) {
            'newest' => $people->latest('created_at')->latest('id'),
            'first_day' => $people->orderByRaw('first_day is null')->orderBy('first_day')->orderBy('name'),
            default => $people->orderBy('name')->orderBy('id'),
        };
    }

    /** @return list<string> headings that bring the same file in again */
    public function columns(): array
    {
        return [...array_map(fn (ProfileFact $fact): string => $fact->label(), $this->facts()), 'Group', 'Id'];
    }

    /** @return iterable<int, string> the same as contacts, one after another */
    public function contacts(): iterable
    {
        foreach ($this->query()->lazy(500)->chunk(500) as $some) {
            $groups = Groups::namesOf($some->pluck('id')->all());
            foreach ($some as $person) {
                yield ContactWriter::contact(
                    $person->known(), $this->workspace->name, $groups[$person->id] ?? [],
                    (string) $person->external,
                );
            }
        }
    }

    /** @return iterable<int, list<string>> */
    public function rows(): iterable
    {
        foreach ($this->query()->lazy(500)->chunk(500) as $some) {
            $groups = Groups::namesOf($some->pluck('id')->all());
            foreach ($some as $person) {
                $known = $person->known();
                yield [
                    ...array_map(fn (ProfileFact $fact): string => implode('; ', $known->lines($fact)), $this->facts()),
                    implode('; ', $groups[$person->id] ?? []), (string) $person->external,
                ];
            }
        }
    }

    /** @return list<ProfileFact> those that are words */
    private function facts(): array
    {
        return array_values(array_filter(ProfileFact::cases(), fn (ProfileFact $fact): bool => ! $fact->isPicture()));
    }
}
