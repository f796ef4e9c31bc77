<?php

namespace App\Roster;

use App\Models\StoredPerson;
use App\Models\Workspace;
use Illuminate\Support\Facades\DB;
use InkyCard\Refusal;
use InkyCard\Roster\Profile;
use InkyCard\Roster\ProfileFact;
use InkyCard\Said;
use InkyCard\StaffList\Outcome;
use InkyCard\StaffList\StaffRow;

/** Rows of a list meet the people that are known: told by what another system calls them, by address, by name. */
final class Meeting
{
    /** @var array<string, int> address or number of another system => row it stood in first */
    private array $seen = [];

    /** @param  array<string, list<string>>  $moving  number of another system => addresses it has in this list */
    public function __construct(private readonly Workspace $workspace, private readonly array $moving)
    {
    }

    /**
     * @param  array<int, StaffRow|Refusal>  $rows  by their number
     * @return list<array{number: int, outcome: string, person_id: ?string, name: string, data: string}> as they are
     *     kept
     */
    public function of(array $rows): array
    {
        $read = array_filter($rows, fn (StaffRow|Refusal $row): bool => $row instanceof StaffRow);
        $known = $this->known($read);
        $met = [];
        foreach ($rows as $number => $row) {
            if ($row instanceof Refusal) {
                $met[] = self::kept($number, Outcome::Unclear, null, null, ['says' => self::told($row->said)]);

                continue;
            }
            $met[] = $this->one($number, $row, $known);
        }

        return $met;
    }

    /**
     * @param  array{people: array<string, StoredPerson>, addresses: array<string, string>, externals: array<string,
     *     string>, names: array<string, list<string>>, groups: array<string, list<string>>}  $known
     * @return array{number: int, outcome: string, person_id: ?string, name: string, data: string}
     */
    private function one(int $number, StaffRow $row, array $known): array
    {
        $first = $this->firstOf($number, $row);
        if ($first !== null) {
            return self::kept($number, Outcome::Twice, $row, null, ['says' => self::told(Said::of(
                'Row :row has the same :what already: it counts, and this one does not.', $first,
            ))]);
        }
        try {
            $id = $this->whose($row, $known);
        } catch (Refusal $refusal) {
            return self::kept($number, Outcome::Unclear, $row, null, ['says' => self::told($refusal->said)]);
        }
        $notes = array_map(self::told(...), $row->notes);
        if ($id === null) {
            return self::kept($number, Outcome::New, $row, null, ['notes' => $notes]);
        }

        return $this->ofKnown($number, $row, $known['people'][$id], $known['groups'][$id] ?? [], $notes);
    }

    /**
     * @param  list<string>  $in  groups they are in
     * @param  array<array-key, mixed>  $notes
     * @return array{number: int, outcome: string, person_id: ?string, name: string, data: string}
     */
    private function ofKnown(int $number, StaffRow $row, StoredPerson $person, array $in, array $notes): array
    {
        $differences = self::differences($person, $row);
        $groups = array_values(array_udiff($row->groups, $in, strcasecmp(...)));
        $isSame = $differences === [] && $groups === [] && $person->removed_at === null
            && ($row->external === '' || $row->external === $person->external);

        return self::kept($number, $isSame ? Outcome::Same : Outcome::Changed, $row, $person->id, [
            'notes' => $notes, 'differences' => $differences, 'joins' => $groups,
            'back' => $person->removed_at !== null,
        ]);
    }

    /** @return array{row: int, what: string|Said}|null the row that has the same already */
    private function firstOf(int $number, StaffRow $row): ?array
    {
        $first = null;
        foreach ($row->profile->lines(ProfileFact::Addresses) as $address) {
            $first ??= isset($this->seen[$address]) ? ['row' => $this->seen[$address], 'what' => $address] : null;
        }
        $external = "#$row->external";
        $first ??= $row->external !== '' && isset($this->seen[$external])
            ? ['row' => $this->seen[$external], 'what' => Said::of('number')] : null;
        if ($first === null) {
            foreach ([...$row->profile->lines(ProfileFact::Addresses), ...$row->external === '' ? []
                : [$external]] as $one) {
                $this->seen[$one] = $number;
            }
        }

        return $first;
    }

    /**
     * @param  array{people: array<string, StoredPerson>, addresses: array<string, string>, externals: array<string,
     *     string>, names: array<string, list<string>>, groups: array<string, list<string>>}  $known
     * @return ?string id; null for somebody new
     *
     * @throws Refusal where it may be one or the other
     */
    private function whose(StaffRow $row, array $known): ?string
    {
        $addresses = $row->profile->lines(ProfileFact::Addresses);
        $owners = array_values(array_unique(array_intersect_key($known['addresses'], array_flip($addresses))));
        $numbered = $known['externals'][$row->external] ?? null;
        if ($numbered !== null) {
            foreach ($owners as $owner) {
                $owner === $numbered || $this->mustMove($known['people'][$owner], $addresses);
            }

            return $numbered;
        }
        if (count($owners) > 1) {
            throw Refusal::because('Its addresses are of two people here, :one and :other.', values: [
                'one' => $known['people'][$owners[0]]->name, 'other' => $known['people'][$owners[1]]->name,
            ]);
        }
        $of = $owners[0] ?? null;
        if ($of !== null && $row->external !== '' && $known['people'][$of]->external !== null) {
            $this->mustMove($known['people'][$of], $addresses);

            return null;
        }
        $named = $known['names'][$row->profile->name()] ?? [];

        // Without an address, one of the same name is the same; of two nobody knows which.
        return $of ?? (count($named) === 1
            && ($addresses === [] || $known['people'][$named[0]]->address === '') ? $named[0] : null);
    }

    /**
     * Whose address somebody else is to have has to get another one in the same list.
     *
     * @param  list<string>  $addresses
     *
     * @throws Refusal
     */
    private function mustMove(StoredPerson $owner, array $addresses): void
    {
        $moves = $owner->external !== null && isset($this->moving[$owner->external])
            && array_intersect($this->moving[$owner->external], $addresses) === [];
        $moves || throw Refusal::because('Its address is :name’s here.', values: ['name' => $owner->name]);
    }

    /**
     * @param  array<int, StaffRow>  $rows
     * @return array{people: array<string, StoredPerson>, addresses: array<string, string>, externals: array<string,
     *     string>, names: array<string, list<string>>, groups: array<string, list<string>>}
     */
    private function known(array $rows): array
    {
        $addresses = array_merge(...array_map(
            fn (StaffRow $row): array => $row->profile->lines(ProfileFact::Addresses), array_values($rows),
        ));
        $here = fn (string $table) => DB::table($table)->where('workspace_id', $this->workspace->id);
        /** @var array<string, string> $of */
        $of = $here('person_addresses')->whereIn('address', $addresses)->pluck('person_id', 'address')->all();
        $externals = array_filter(array_map(fn (StaffRow $row): string => $row->external, $rows));
        $names = array_map(fn (StaffRow $row): string => $row->profile->name(), $rows);
        $people = StoredPerson::query()->where('workspace_id', $this->workspace->id)->where(fn ($query) => $query
            ->whereIn('id', array_values(array_unique($of)))->orWhereIn('external', $externals)
            ->orWhereIn('name', $names))->get()->keyBy('id')->all();
        $known = ['people' => $people, 'addresses' => array_intersect_key($of, array_flip($addresses)),
            'externals' => [],
            'names' => [], 'groups' => Groups::namesOf(array_keys($people))];
        foreach ($people as $id => $person) {
            $person->external === null || $known['externals'][$person->external] = $id;
            $known['names'][$person->name][] = $id;
        }
        $known['addresses'] = array_filter($known['addresses'], fn (string $id): bool => isset($people[$id]));

        return $known;
    }

    /** @return list<array{string, string, string}> fact, what it was, what it comes to be */
    private static function differences(StoredPerson $person, StaffRow $row): array
    {
        $was = $person->known();
        $is = $was->met($row->profile);
        $said = fn (Profile $profile, ProfileFact $fact): string => implode(', ', $profile->lines($fact));

        return array_map(
            fn (ProfileFact $fact): array => [$fact->value, $said($was, $fact), $said($is, $fact)],
            $was->differences($is),
        );
    }

    /**
     * @param  array<string, mixed>  $more
     * @return array{number: int, outcome: string, person_id: ?string, name: string, data: string}
     */
    private static function kept(int $number, Outcome $outcome, ?StaffRow $row, ?string $id, array $more): array
    {
        return ['number' => $number, 'outcome' => $outcome->value, 'person_id' => $id,
            'name' => $row?->profile->name() ?? '', 'data' => json_encode(array_filter([
                'profile' => $row?->profile->toArray(), 'groups' => $row?->groups, 'external' => $row?->external,
            ] + $more), JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES)];
    }

    /** @return array{says: string, values: array<string, mixed>} a sentence as it is kept, to be said later */
    private static function told(Said $said): array
    {
        return ['says' => $said->template, 'values' => array_map(
            fn (string|Said $value): mixed => $value instanceof Said ? self::told($value) : $value, $said->values,
        )];
    }

    /** @param  array<array-key, mixed>  $told */
    public static function said(array $told): Said
    {
        $template = $told['says'] ?? '';

        return Said::of(is_string($template) ? $template : '', array_map(
            fn (mixed $value): string|Said => is_array($value) ? self::said($value)
                : (is_scalar($value) ? (string) $value : ''), (array) ($told['values'] ?? []),
        ));
    }
}
