<?php

namespace App\Roster;

use App\Models\StaffImport;
use App\Models\StoredPerson;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Storage;
use InkyCard\Roster\Profile;
use InkyCard\Roster\ProfileFact;
use InkyCard\StaffList\Outcome;

/** Brings a list of staff in, or takes it back. */
final class StaffBringing
{
    /** Rows written at once. */
    private const BITE = 250;

    /** @var array<string, int> name => id, of the groups that are known by now */
    private array $groups = [];

    public function __construct(private readonly StaffImport $import)
    {
    }

    /**
     * Brings in what was planned, from where it has come to: each bite is written with how far it came.
     *
     * @param  \Closure(int, int): void  $reached
     */
    public function bring(\Closure $reached): void
    {
        $taken = [Outcome::New->value, Outcome::Changed->value];
        $total = ($this->import->counts['new'] ?? 0) + ($this->import->counts['changed'] ?? 0);
        $seen = 0;
        while (true) {
            $rows = $this->import->rows()->whereIn('outcome', $taken)->where('number', '>', $this->import->reached)
                ->orderBy('number')
                ->limit(self::BITE)->get()->all();
            if ($rows === []) {
                break;
            }
            DB::transaction(function () use ($rows): void {
                $this->write($rows);
                $this->import->forceFill(['reached' => end($rows)->number])->save();
            });
            $reached($seen += count($rows), $total);
        }
        $this->import->file === null || Storage::disk('errands')->delete($this->import->file);
        $this->import->forceFill(['state' => StaffImport::BROUGHT, 'file' => null, 'reached' => 0])->save();
    }

    /** Takes all of it back; what was changed since stays. @param  \Closure(int, int): void  $reached */
    public function undo(\Closure $reached): void
    {
        $total = ($this->import->counts['new'] ?? 0) + ($this->import->counts['changed'] ?? 0);
        $seen = 0;
        while (($rows = $this->import->rows()->whereNotNull('before')->where('number', '>', $this->import->reached)
            ->orderBy('number')
            ->limit(self::BITE)->get()->all()) !== []) {
            DB::transaction(function () use ($rows): void {
                array_map($this->takeBack(...), $rows);
                $this->import->forceFill(['reached' => end($rows)->number])->save();
            });
            $reached($seen += count($rows), $total);
        }
        $this->import->forceFill(['state' => StaffImport::UNDONE])->save();
    }

    /** @param  array<int, \stdClass>  $rows */
    private function write(array $rows): void
    {
        $new = array_values(array_filter($rows, fn (\stdClass $row): bool => $row->person_id === null));
        $ids = StoredPerson::addAll($this->import->workspace_id, array_map(function (\stdClass $row): array {
            $data = json_decode($row->data, true);

            return [Profile::restore($data['profile']), ($data['external'] ?? '') ?: null];
        }, $new));
        $known = array_values(array_filter($rows, fn (\stdClass $row): bool => $row->person_id !== null));
        $groups = Groups::namesOf(array_column($known, 'person_id'));
        $was = array_map(fn (\stdClass $row): array => $this->change($row, $groups[$row->person_id] ?? []), $known);
        $written = [];
        foreach ([...$new, ...$known] as $index => $row) {
            $written[] = ['person_id' => $ids[$index] ?? $row->person_id, 'before' => json_encode(
                (object) ($was[$index - count($new)] ?? []), JSON_THROW_ON_ERROR,
            )] + (array) $row;
        }
        foreach (array_chunk($written, 80) as $some) {
            $this->import->rows()->upsert($some, ['import_id', 'number'], ['person_id', 'before']);
        }
        $this->join($written);
    }

    /**
     * @param  list<string>  $groups  they are in
     * @return array<string, mixed> how they were
     */
    private function change(\stdClass $row, array $groups): array
    {
        $data = json_decode($row->data, true);
        $person = StoredPerson::query()->where('id', $row->person_id)->firstOrFail();
        $was = ['profile' => $person->known()->toArray(), 'external' => $person->external,
            'removed' => $person->removed_at !== null, 'groups' => $groups];
        $person->forceFill(['removed_at' => null, 'external' => ($data['external'] ?? '') ?: $person->external]);
        $person->keep($person->known()->met(Profile::restore($data['profile'])));

        return $was;
    }

    /** @param  list<array<string, mixed>>  $rows */
    private function join(array $rows): void
    {
        $joining = [];
        foreach ($rows as $row) {
            foreach (json_decode($row['data'], true)['groups'] ?? [] as $name) {
                $this->groups[$name] ??= Groups::named($this->import->workspace, $name);
                $joining[$this->groups[$name]][] = $row['person_id'];
            }
        }
        array_map(Groups::put(...), array_keys($joining), $joining);
    }

    private function takeBack(\stdClass $row): void
    {
        $person = StoredPerson::query()->where('id', $row->person_id)->first();
        if ($person === null) {
            return;
        }
        $before = json_decode($row->before, true);
        $data = json_decode($row->data, true);
        if ($before === []) {
            $person->forceFill(['removed_at' => now()])->save();

            return;
        }
        $facts = self::factsBefore($person->known(), Profile::restore($before['profile']),
            Profile::restore($data['profile']));
        $person->forceFill([
            'external' => $before['external'], 'removed_at' => $before['removed'] ? now() : null,
        ]);
        $person->keep(Profile::restore($facts));
        foreach (array_udiff($data['groups'] ?? [], $before['groups'], strcasecmp(...)) as $name) {
            Groups::take(Groups::named($this->import->workspace, $name), [$person->id]);
        }
    }

    /**
     * What was known, where what the list made of it still stands: what somebody changed since is newer, and stays.
     *
     * @return array<string, mixed>
     */
    private static function factsBefore(Profile $now, Profile $was, Profile $said): array
    {
        $made = $was->met($said);
        $facts = $now->toArray();
        foreach (ProfileFact::cases() as $fact) {
            if ($now->lines($fact) === $made->lines($fact)) {
                $facts[$fact->value] = $was->toArray()[$fact->value] ?? '';
            }
        }

        return $facts;
    }
}
