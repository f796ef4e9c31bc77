<?php

namespace App\Keeping;

use App\Models\StoredBanner;
use App\Models\StoredBrand;
use App\Models\StoredCard;
use App\Models\StoredPerson;
use App\Models\User;
use App\Models\Workspace;
use App\Pictures\BannerPress;
use App\Pictures\Library;
use Illuminate\Support\Facades\DB;
use InkyCard\Card\CardJson;
use InkyCard\Refusal;
use InkyCard\Roster\Profile;

/** Puts what a workspace's file holds into a workspace: beside what is there, or, where nothing is, as it was. */
final class WorkspaceTaking
{
    /** @var array<string, array<int, int|string>> table => number in the file => id here */
    private array $ids = [];

    private function __construct(
        private readonly WorkspaceReading $reading, private readonly Workspace $workspace, private readonly ?User $by,
    ) {
    }

    /**
     * @param  ?\Closure(int, int): void  $reached  is told how far it is, of how much
     * @param  ?\Closure(int, int): void  $came  is told how many cards and pictures came, as they are written
     * @return array{cards: int, pictures: int} how many came
     *
     * @throws Refusal
     */
    public static function take(
        string $file, Workspace $workspace, ?User $by, ?\Closure $reached = null, ?\Closure $came = null,
    ): array {
        $reading = WorkspaceReading::open($file);
        [$cards, $pictures] = [count($reading->tables['cards']), count($reading->tables['pictures'])];
        foreach ($reading->tables['pictures'] as $index => $row) {
            // Named by what they hold: one that is there already is the same.
            Library::write(Library::path($row['hash'], $row['extension']), $reading->picture($index));
            $reached === null || $reached($index, $cards + $pictures);
        }
        $taking = new self($reading, $workspace, $by);
        DB::transaction(function () use ($taking, $came, $cards, $pictures): void {
            $taking->all();
            $came === null || $came($cards, $pictures);
        });
        foreach ($taking->ids['banners'] ?? [] as $id) {
            $taking->print((int) $id);
        }

        return ['cards' => $cards, 'pictures' => $pictures];
    }

    private function all(): void
    {
        $isEmpty = $this->workspace->cards()->doesntExist();
        foreach ($this->reading->tables as $table => $rows) {
            foreach ($rows as $index => $row) {
                $this->ids[$table][$index + 1] = $this->row($table, $row);
            }
        }
        if ($isEmpty) {
            $is = $this->reading->workspace;
            StoredBrand::query()->updateOrCreate(
                ['workspace_id' => $this->workspace->id], ['number' => 1, 'document' => $this->reading->brand],
            );
            $this->workspace->forceFill(array_filter(
                array_intersect_key($is, array_flip(['web', 'country', 'zone'])), is_string(...),
            ) + ['evergreen_id' => $this->ids['banners'][(int) ($is['evergreen'] ?? 0)] ?? null])->save();
        }
    }

    /**
     * @param  array<string, mixed>  $row
     * @return int|string id it has here; 0 where it has none
     */
    private function row(string $table, array $row): int|string
    {
        foreach (WorkspaceTables::ALL[$table]['refs'] as $column => $to) {
            $row[$column] = isset($row[$column]) ? $this->ids[$to][(int) $row[$column]] : null;
        }
        if ($table === 'cards') {
            return $this->card($row);
        }
        if ($table === 'place_windows') {
            /** @var array<int, int> $cards */
            $cards = $this->ids['cards'] ?? [];
            $row['audience'] = WorkspaceFile::renumbered((array) $row['audience'], $cards);
        }
        if ($table === 'banners') {
            $day = (int) substr((string) $row['occasion'], 4);
            $row['occasion'] = str_starts_with((string) $row['occasion'], 'own:')
                ? 'own:'.($this->ids['own_days'][$day] ?? 0) : (string) $row['occasion'];
        }

        return $this->kept($table, array_map(fn (mixed $value) => is_array($value) ? json_encode(
            $value, JSON_THROW_ON_ERROR | JSON_UNESCAPED_SLASHES | JSON_UNESCAPED_UNICODE,
        ) : $value, $row));
    }

    /** @param  array<string, mixed>  $row */
    private function kept(string $table, array $row): int|string
    {
        if ($table === 'people') {
            return $this->person($row);
        }
        if ($table === 'footer_revisions') {
            $row['card_revision'] = 1;
        }
        if (! isset(WorkspaceTables::ALL[$table]['of'])) {
            $row['workspace_id'] = $this->workspace->id;
        }
        if (isset(WorkspaceTables::ORDER[$table])) {
            return DB::table($table)->insertOrIgnore($row) * 0;
        }
        $known = WorkspaceTables::KNOWN[$table] ?? null;
        if ($known === null) {
            return DB::table($table)->insertGetId($row);
        }
        // One that was there stays as it is, and stands for what came.
        DB::table($table)->insertOrIgnore($row);

        return (int) DB::table($table)->where(array_intersect_key($row, array_flip($known)))->value('id');
    }

    /**
     * Whoever has this address here already is the same.
     *
     * @param  array<string, mixed>  $row
     */
    private function person(array $row): string
    {
        $facts = json_decode((string) ($row['profile'] ?? ''), true);
        // Files of before know a name and an address.
        $profile = Profile::restore((is_array($facts) ? $facts : []) + ['name' => (string) $row['name'],
            'addresses' => array_filter([(string) $row['address']])]);
        $known = DB::table('person_addresses')->where(['workspace_id' => $this->workspace->id,
            'address' => $profile->address()])->value('person_id');
        if (is_string($known)) {
            return $known;
        }
        $external = $row['external'] ?? null;
        $person = StoredPerson::add($this->workspace->id, $profile, is_string($external) ? $external : null);
        $person->forceFill(['removed_at' => $row['removed_at'] ?? null])->save();

        return $person->id;
    }

    /** @param  array<string, mixed>  $row */
    private function card(array $row): int
    {
        $card = StoredCard::start(
            $this->workspace, CardJson::read((array) $row['document']), $this->by, 'Brought in with a workspace',
        );
        DB::table('cards')->where('id', $card->id)->update([
            'archived_at' => $row['archived_at'], 'person_id' => $row['person_id'],
        ]);

        return $card->id;
    }

    /** Pictures of what was put out are baked here anew. */
    private function print(int $id): void
    {
        $banner = StoredBanner::query()->findOrFail($id);
        if ($banner->put !== null) {
            [$draft, $number, $at] = [$banner->document, $banner->number, $banner->put_at];
            $banner->forceFill(['document' => $banner->put, 'put' => null]);
            $banner->putOut(app(BannerPress::class));
            $banner->forceFill(['document' => $draft, 'number' => $number, 'put_at' => $at])->save();
        }
    }
}
