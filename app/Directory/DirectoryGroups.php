<?php

namespace App\Directory;

use App\Jobs\FollowPeople;
use App\Models\User;
use App\Models\Workspace;
use App\Roster\Groups;
use Illuminate\Database\Query\Builder;
use Illuminate\Http\JsonResponse;
use Illuminate\Support\Facades\DB;
use InkyCard\Directory\Attributes;
use InkyCard\Directory\Fault;
use InkyCard\Directory\Patch;
use InkyCard\Type\CleanText;

/** Groups of a workspace's people as a directory has them (RFC 7643, 4.2). */
final readonly class DirectoryGroups
{
    public function __construct(private Workspace $workspace, private ?User $by)
    {
    }

    public function list(DirectoryList $asked): JsonResponse
    {
        // Some hundreds at most: each is held against any filter.
        $members = $asked->wants('members') || $asked->filter !== null;
        $met = array_values(array_filter(
            $this->resources($this->groups()->orderBy('id')->get()->all(), $members),
            fn (array $resource): bool => $asked->filter?->matches($resource) ?? true,
        ));

        return DirectoryAnswer::list(
            array_map($asked->told(...), array_slice($met, $asked->from - 1, $asked->each)), count($met), $asked->from,
        );
    }

    /** @return array<string, mixed> */
    public function show(int $id, DirectoryList $asked): array
    {
        return $asked->told($this->resources([$this->find($id)], $asked->wants('members'))[0]);
    }

    /**
     * A group of people there is already is taken over by its name.
     *
     * @param  array<array-key, mixed>  $given
     * @return array<string, mixed>
     */
    public function create(array $given): array
    {
        $group = $this->read($given);

        return DB::transaction(function () use ($group): array {
            $known = $this->groups()->whereRaw('lower(name) = ?', [mb_strtolower($group['displayName'])])->first();
            if ($known?->external !== null) {
                throw Fault::of('uniqueness', "There is a group {$group['displayName']} already.");
            }

            return $this->kept($known->id ?? Groups::named($this->workspace, $group['displayName']), $group);
        });
    }

    /**
     * @param  array<array-key, mixed>  $given
     * @return array<string, mixed>
     */
    public function replace(int $id, array $given): array
    {
        $group = $this->read($given);

        return DB::transaction(fn (): array => $this->kept($this->find($id)->id, $group + ['members' => []]));
    }

    /** @param  array<array-key, mixed>  $message */
    public function patch(int $id, array $message): void
    {
        DB::transaction(function () use ($id, $message): void {
            $was = $this->resources([$this->find($id)], true)[0] + ['members' => []];
            $this->kept(
                $id, $this->read((new Patch(Attributes::OF_GROUPS))->apply($was, $message)) + ['members' => []]);
        });
    }

    /** @throws Fault for one there is not */
    public function having(int $id): self
    {
        $this->find($id);

        return $this;
    }

    /** Its people stay. */
    public function remove(int $id): void
    {
        $group = $this->find($id);
        $people = $this->members($group->id);
        Groups::remove($group);
        FollowPeople::of($this->workspace, $people, $this->by);
    }

    /**
     * @param  array<array-key, mixed>  $given
     * @return array<string, mixed>
     */
    private function read(array $given): array
    {
        $group = Attributes::read($given, Attributes::OF_GROUPS);
        if (! is_string($group['displayName'] ?? null) || trim($group['displayName']) === '') {
            throw Fault::of('invalidValue', 'A group has a displayName.');
        }

        return $group;
    }

    /**
     * @param  array<string, mixed>  $group
     * @return array<string, mixed>
     */
    private function kept(int $id, array $group): array
    {
        $found = $this->find($id);
        $found->name === $group['displayName'] || Groups::rename($this->workspace, $found, $group['displayName']);
        $external = $group['externalId'] ?? $found->external ?? '';
        DB::table('staff_groups')->where('id', $id)
            ->update(['external' => CleanText::of($external, 120, 'externalId')]);
        if (isset($group['members'])) {
            $was = $this->members($id);
            $is = $this->people($group['members']);
            Groups::take($id, array_diff($was, $is));
            Groups::put($id, array_diff($is, $was));
            FollowPeople::of($this->workspace, [...array_diff($was, $is), ...array_diff($is, $was)],
                $this->by);
        }

        return $this->resources([$this->find($id)], true)[0];
    }

    /**
     * @return list<string> ids
     *
     * @throws Fault for whom there is not
     */
    private function people(mixed $members): array
    {
        if (! is_array($members)) {
            throw Fault::of('invalidValue', 'members is a list.');
        }
        $ids = array_values(array_unique(array_map(
            fn (mixed $one): string => is_array($one) && is_string($one['value'] ?? null) ? $one['value'] : '',
            $members,
        )));
        $known = [];
        foreach (array_chunk($ids, 400) as $some) {
            array_push($known, ...DB::table('people')->where('workspace_id', $this->workspace->id)
                ->whereNull('removed_at')->whereIn('id', $some)->pluck('id')->all());
        }
        $unknown = array_diff($ids, $known);
        if ($unknown !== []) {
            throw Fault::of('invalidValue', 'Nobody here has the id “'.reset($unknown).'”.');
        }

        return $ids;
    }

    private function find(int $id): \stdClass
    {
        return $this->groups()->where('id', $id)->first() ?? throw Fault::gone();
    }

    private function groups(): Builder
    {
        return DB::table('staff_groups')->where('workspace_id', $this->workspace->id);
    }

    /** @return list<string> */
    private function members(int $id): array
    {
        return array_values(DB::table('group_people')->join('people', 'people.id', 'person_id')->whereNull('removed_at')
            ->where('group_id', $id)->orderBy('person_id')->pluck('person_id')->map(strval(...))->all());
    }

    /**
     * @param  array<\stdClass>  $groups
     * @return list<array<string, mixed>>
     */
    private function resources(array $groups, bool $members): array
    {
        $in = [];
        foreach ($members ? DB::table('group_people')->join('people', 'people.id', 'person_id')->whereNull('removed_at')
            ->whereIn('group_id', array_column($groups, 'id'))->orderBy('person_id')
            ->get(['group_id', 'person_id', 'name']) : [] as $row) {
            $in[$row->group_id][] = ['value' => $row->person_id, 'display' => $row->name, 'type' => 'User'];
        }

        return array_values(array_map(fn (\stdClass $group): array => [
            'schemas' => [Attributes::GROUP], 'id' => (string) $group->id,
        ] + ((string) $group->external === '' ? [] : ['externalId' => $group->external]) + [
            'displayName' => $group->name,
        ] + (isset($in[$group->id]) ? ['members' => $in[$group->id]] : []) + ['meta' => [
            'resourceType' => 'Group', 'location' => route('scim.group', $group->id),
        ]], $groups));
    }

    /**
     * @param  array<string>  $people
     * @return array<string, list<array{value: string, display: string}>> person => their groups
     */
    public static function ofPeople(array $people): array
    {
        $groups = [];
        foreach (DB::table('group_people')->join('staff_groups', 'staff_groups.id', 'group_id')
            ->whereIn('person_id', $people)->orderBy('position')->get(['person_id', 'group_id', 'name']) as $row) {
            $groups[$row->person_id][] = ['value' => (string) $row->group_id, 'display' => $row->name];
        }

        return $groups;
    }
}
