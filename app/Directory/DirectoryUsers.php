<?php

namespace App\Directory;

use App\Jobs\FollowPeople;
use App\Models\StoredPerson;
use App\Models\User;
use App\Models\Workspace;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Http\JsonResponse;
use Illuminate\Support\Facades\DB;
use InkyCard\Directory\Attributes;
use InkyCard\Directory\Fault;
use InkyCard\Directory\Filter;
use InkyCard\Directory\Patch;
use InkyCard\Directory\UserResource;
use InkyCard\Roster\Profile;
use InkyCard\Roster\ProfileFact;
use InkyCard\Type\CleanText;

/** People of a workspace as a directory has them: users (RFC 7643, 4.1). */
final readonly class DirectoryUsers
{
    /** Attributes that are columns: looked up without reading everybody. */
    private const COLUMNS = ['id' => 'people.id', 'externalid' => 'external', 'username' => 'user_name',
        'emails' => 'address', 'emails.value' => 'address'];

    public function __construct(private Workspace $workspace, private ?User $by)
    {
    }

    public function list(DirectoryList $asked): JsonResponse
    {
        $people = $this->people();
        if ($asked->filter === null || $this->narrowed($people, $asked->filter)) {
            $page = (clone $people)->orderBy('id')->offset($asked->from - 1)->limit($asked->each)->get();

            return DirectoryAnswer::list(
                $this->resources($page->all(), $asked), $people->count(), $asked->from,
            );
        }
        // Any other filter is held against everybody: some thousands take a second.
        $met = [];
        foreach ($people->orderBy('id')->lazy(500)->chunk(500) as $some) {
            foreach ($this->resources($some->all(), null) as $resource) {
                $asked->filter->matches($resource) && $met[] = $asked->told($resource);
            }
        }

        return DirectoryAnswer::list(array_slice($met, $asked->from - 1, $asked->each), count($met), $asked->from);
    }

    /**
     * Whether a filter asks for a column alone, which then narrows the query.
     *
     * @param  Builder<StoredPerson>  $people
     */
    private function narrowed(Builder $people, Filter $filter): bool
    {
        $column = $filter->is === 'eq' && is_string($filter->value) ? self::COLUMNS[$filter->path] ?? null : null;
        if ($column === 'user_name') {
            // Who came by no directory is known by their address there.
            $name = mb_strtolower((string) $filter->value);
            $people->where(fn (Builder $query) => $query->where('user_name', $name)
                ->orWhere(fn (Builder $query) => $query->whereNull('user_name')->where('address', $name)));
        } elseif ($column === 'address') {
            $people->whereIn('id', DB::table('person_addresses')->where('workspace_id', $this->workspace->id)
                ->where('address', mb_strtolower((string) $filter->value))->select('person_id'));
        } elseif ($column !== null) {
            $people->where($column, $filter->value);
        }

        return $column !== null;
    }

    /** @return array<string, mixed> */
    public function show(string $id, DirectoryList $asked): array
    {
        return $this->resources([$this->find($id)], $asked)[0];
    }

    /**
     * Somebody there is already by an address of theirs is taken over, unless a directory has them by another name.
     *
     * @param  array<array-key, mixed>  $given
     * @return array<string, mixed>
     */
    public function create(array $given): array
    {
        $user = $this->read($given);

        return DB::transaction(function () use ($user): array {
            $facts = UserResource::facts($user);
            $known = $this->people()->whereIn('id', DB::table('person_addresses')->select('person_id')
                ->where('workspace_id', $this->workspace->id)->whereIn('address', (array) ($facts['addresses'] ?? [])))
                ->first();
            if ($known?->user_name !== null && $known->user_name !== $user['userName']) {
                throw Fault::of('uniqueness', 'Somebody else has this address.');
            }
            if ($known?->user_name !== null || $this->people()->where('user_name', $user['userName'])->exists()) {
                throw Fault::of('uniqueness', "There is a {$user['userName']} already.");
            }

            return $this->kept($known, $user, $facts, []);
        });
    }

    /**
     * @param  array<array-key, mixed>  $given
     * @return array<string, mixed>
     */
    public function replace(string $id, array $given): array
    {
        $user = $this->read($given);

        return DB::transaction(function () use ($id, $user): array {
            $person = $this->find($id);
            // What the directory told once and tells no more is no more; what it never told is ours.
            $told = array_values(array_filter((array) ($this->directory($person)['told'] ?? []), is_string(...)));

            return $this->kept($person, $user, UserResource::facts($user), $told);
        });
    }

    /**
     * @param  array<array-key, mixed>  $message
     * @return array<string, mixed>
     */
    public function patch(string $id, array $message): array
    {
        return DB::transaction(function () use ($id, $message): array {
            $person = $this->find($id);
            $was = $this->resources([$person], null)[0];
            $user = (new Patch(Attributes::OF_USERS))->apply($was, $message);
            // The whole name counts before its parts: where parts were changed alone, they make it anew.
            if (($user['name'] ?? []) !== $was['name']
                && ($user['name']['formatted'] ?? '') === $was['name']['formatted']) {
                unset($user['name']['formatted']);
            } elseif (($user['name'] ?? []) === $was['name'] && ($user['displayName'] ?? '') !== $was['displayName']) {
                $user['name'] = [];
            }

            return $this->kept(
                $person, $this->read($user), UserResource::facts($user), array_keys(UserResource::facts($was)),
            );
        });
    }

    /**
     * Somebody who is not here is told so before what was sent is looked at.
     *
     * @throws Fault
     */
    public function having(string $id): self
    {
        $this->find($id);

        return $this;
    }

    /** Off the list, where somebody may put them back. */
    public function remove(string $id): void
    {
        $this->find($id)->forceFill(['removed_at' => now(), 'user_name' => null])->save();
    }

    /**
     * @param  array<array-key, mixed>  $given
     * @return array<string, mixed>
     */
    private function read(array $given): array
    {
        $user = Attributes::read($given, Attributes::OF_USERS);
        $userName = $user['userName'] ?? '';
        if (! is_string($userName) || trim($userName) === '') {
            throw Fault::of('invalidValue', 'A user has a userName.');
        }
        $user['userName'] = mb_strtolower(CleanText::of($userName, 254, 'userName'));

        return $user;
    }

    /**
     * @param  array<string, mixed>  $user
     * @param  array<string, string|list<string>>  $facts
     * @param  list<string>  $before  facts it told before
     * @return array<string, mixed>
     */
    private function kept(?StoredPerson $person, array $user, array $facts, array $before): array
    {
        $given = $facts + array_fill_keys(array_diff($before, ['name']), '') + ($person?->known()->toArray() ?? []);
        $given['last_day'] = $this->lastDay(
            $person->last_day ?? '', UserResource::isActive($user['active'] ?? true),
        );
        $profile = Profile::of($given, $this->workspace->country);
        $this->mustBeFree($profile, $user['userName'], $person);
        $person === null ? $person = StoredPerson::add($this->workspace->id, $profile) : $person->keep($profile);
        $external = $user['externalId'] ?? $person->external;
        $person->forceFill([
            'user_name' => $user['userName'],
            'external' => $external === null ? null : CleanText::of($external, 120, 'externalId'),
            'directory' => json_encode(['name' => (object) ($user['name'] ?? []), 'told' => array_keys($facts)],
                JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE),
        ])->save();
        FollowPeople::of($this->workspace, [$person->id], $this->by);

        return $this->resources([$person->refresh()], null)[0];
    }

    /** Nobody is here longer than they are let in; whoever is let in again has no last day behind them. */
    private function lastDay(string $known, bool $active): string
    {
        $today = $this->workspace->today()->iso;
        $isOver = $known !== '' && $known <= $today;

        return $active === ! $isOver ? $known : ($active ? '' : $today);
    }

    /** @throws Fault */
    private function mustBeFree(Profile $profile, string $userName, ?StoredPerson $person): void
    {
        $others = fn (): Builder => $this->people()->where('id', '!=', $person->id ?? '');
        if ($others()->where('user_name', $userName)->exists()) {
            throw Fault::of('uniqueness', "There is a $userName already.");
        }
        if ($others()->whereIn('id', DB::table('person_addresses')->select('person_id')
            ->where('workspace_id', $this->workspace->id)
            ->whereIn('address', $profile->lines(ProfileFact::Addresses)))->exists()) {
            throw Fault::of('uniqueness', 'Somebody else has one of these addresses.');
        }
    }

    /** @throws Fault */
    private function find(string $id): StoredPerson
    {
        return $this->people()->where('id', $id)->first() ?? throw Fault::gone();
    }

    /** @return Builder<StoredPerson> */
    private function people(): Builder
    {
        return StoredPerson::query()->where('workspace_id', $this->workspace->id)->whereNull('removed_at');
    }

    /** @return array<string, mixed> */
    private function directory(StoredPerson $person): array
    {
        return (array) json_decode($person->directory, true);
    }

    /**
     * @param  array<StoredPerson>  $people
     * @return list<array<string, mixed>>
     */
    private function resources(array $people, ?DirectoryList $asked): array
    {
        $groups = $asked?->wants('groups') === false ? [] : DirectoryGroups::ofPeople(array_column($people, 'id'));
        $today = $this->workspace->today()->iso;

        return array_values(array_map(function (StoredPerson $person) use ($groups, $asked, $today): array {
            $name = $this->directory($person)['name'] ?? [];
            $user = UserResource::of(
                $person->known(), $person->user_name ?? $person->address ?: $person->id, is_array($name) ? $name : [],
                $person->last_day === null || $person->last_day > $today,
            );
            $resource = [
                'schemas' => [Attributes::USER, ...isset($user[Attributes::ENTERPRISE]) ? [Attributes::ENTERPRISE]
                    : []],
                'id' => $person->id,
            ] + ($person->external === null ? [] : ['externalId' => $person->external]) + $user
                + (isset($groups[$person->id]) ? ['groups' => $groups[$person->id]] : []) + ['meta' => [
                    'resourceType' => 'User', 'created' => $person->created_at->toIso8601ZuluString(),
                    'lastModified' => ($person->updated_at ?? $person->created_at)->toIso8601ZuluString(),
                    'location' => route('scim.user', $person->id),
                ]];

            return $asked === null ? $resource : $asked->told($resource);
        }, $people));
    }
}
