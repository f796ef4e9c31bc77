<?php

namespace App\Keeping;

use App\Models\StoredBrand;
use App\Models\Workspace;
use App\Pictures\Library;
use Illuminate\Database\Query\Builder;
use Illuminate\Support\Facades\DB;
use InkyCard\Refusal;
use ZipArchive;

/** All a workspace has made, in one file others can read: `inky-workspace/1`, described in docs/formats.md. */
final class WorkspaceFile
{
    public const FORMAT = 'inky-workspace/1';

    /** Pictures after which it is told how far it is. */
    private const TOLD = 20;

    /** @var array<string, array<int|string, int>> table => id => number in the file */
    private array $numbers = [];

    /** @param  ?\Closure(int, int): void  $reached  is told how far it is, of how much */
    private function __construct(
        private readonly Workspace $workspace, private readonly ZipArchive $zip, private readonly ?\Closure $reached,
    ) {
    }

    /**
     * @param  string  $file  that is not there yet
     * @param  ?\Closure(int, int): void  $reached  is told how far it is, of how much
     *
     * @throws Refusal
     */
    public static function write(Workspace $workspace, string $file, ?\Closure $reached = null): void
    {
        $zip = new ZipArchive;
        if ($zip->open($file, ZipArchive::CREATE | ZipArchive::EXCL) !== true) {
            throw Refusal::because('The file could not be written.');
        }
        // As of one moment, whatever is done meanwhile.
        DB::transaction(fn () => (new self($workspace, $zip, $reached))->fill());
        if (! @$zip->close()) {
            @unlink($file);
            throw Refusal::because('The file could not be written: is there room on the disk?');
        }
    }

    private function fill(): void
    {
        $counts = [];
        foreach (array_keys(WorkspaceTables::ALL) as $table) {
            $rows = $this->rows($table);
            $counts[$table] = count($rows);
            $this->json("tables/$table.json", $rows);
        }
        $this->json('brand.json', json_decode(StoredBrand::in($this->workspace)->document, true));
        $pictures = DB::table('pictures')->where('workspace_id', $this->workspace->id);
        $all = $pictures->get(['hash', 'extension']);
        foreach ($all as $index => $one) {
            $index % self::TOLD === 0 && $this->reached?->__invoke($index, count($all));
            $path = Library::path($one->hash, $one->extension);
            $name = "pictures/$one->hash.$one->extension";
            $this->zip->addFromString($name, (string) Library::disk()->get($path));
            $this->zip->setCompressionName($name, ZipArchive::CM_STORE);
        }
        $this->zip->addFromString('people.csv', self::csv(['name', 'address'], DB::table('people')
            ->where('workspace_id', $this->workspace->id)->orderBy('id')));
        $this->zip->addFromString('clicks.csv', self::csv(['at', 'words', 'address', 'filtered'], DB::table('clicks')
            ->join('tracked_links', 'tracked_links.id', 'tracked_link_id')->join('cards', 'cards.id', 'card_id')
            ->where('workspace_id', $this->workspace->id)->orderBy('clicks.id')));
        $this->json('manifest.json', [
            'format' => self::FORMAT, 'exported_at' => now()->toIso8601String(), 'counts' => $counts,
            'workspace' => $this->workspace->only(['name', 'web', 'country', 'zone']) + [
                'evergreen' => $this->numbers['banners'][$this->workspace->evergreen_id ?? 0] ?? null,
            ],
        ]);
    }

    /** @return list<array<string, mixed>> */
    private function rows(string $table): array
    {
        ['columns' => $columns, 'refs' => $refs] = WorkspaceTables::ALL[$table];
        $order = WorkspaceTables::ORDER[$table] ?? ['id'];
        $rows = $this->of($table);
        array_map(fn (string $column) => $rows->orderBy("$table.$column"), $order);
        $found = [];
        foreach ($rows->get(["$table.*"]) as $row) {
            isset($row->id) && $this->numbers[$table][$row->id] = count($found) + 1;
            $one = array_intersect_key((array) $row, array_flip($columns));
            foreach ($refs as $column => $to) {
                $one[$column] = $row->$column === null ? null : $this->numbers[$to][$row->$column] ?? null;
            }
            $found[] = $this->shaped($table, $row, $one);
        }

        return $found;
    }

    private function of(string $table): Builder
    {
        [$parent, $by] = WorkspaceTables::ALL[$table]['of'] ?? [null, null];

        return $parent === null ? DB::table($table)->where("$table.workspace_id", $this->workspace->id)
            : DB::table($table)->join($parent, "$parent.id", "$table.$by")
                ->where("$parent.workspace_id", $this->workspace->id);
    }

    /**
     * What holds numbers within itself, and documents as what they are.
     *
     * @param  array<string, mixed>  $one
     * @return array<string, mixed>
     */
    private function shaped(string $table, \stdClass $row, array $one): array
    {
        if ($table === 'cards') {
            $one['document'] = DB::table('card_revisions')->where(['card_id' => $row->id, 'number' => $row->head])
                ->value('document');
        }
        foreach (['document', 'put', 'audience', 'data', 'profile'] as $column) {
            if (is_string($one[$column] ?? null)) {
                $one[$column] = json_decode($one[$column], true);
            }
        }
        if ($table === 'place_windows') {
            $one['audience'] = self::renumbered((array) $one['audience'], $this->numbers['cards'] ?? []);
        }
        if ($table === 'banners' && str_starts_with((string) $one['occasion'], 'own:')) {
            $day = $this->numbers['own_days'][(int) substr((string) $one['occasion'], 4)] ?? null;
            $one['occasion'] = $day === null ? '' : "own:$day";
        }

        return $one;
    }

    /**
     * An audience whose single cards go by other numbers.
     *
     * @param  array<array-key, mixed>  $audience
     * @param  array<int|string, int>  $numbers
     * @return array<array-key, mixed>
     */
    public static function renumbered(array $audience, array $numbers): array
    {
        if (is_array($audience['cards'] ?? null)) {
            $audience['cards'] = array_values(array_filter(array_map(
                fn (mixed $card): ?int => is_scalar($card) ? $numbers[(int) $card] ?? null : null, $audience['cards'],
            )));
        }

        return $audience;
    }

    /** @param  array<array-key, mixed>  $value */
    private function json(string $name, array $value): void
    {
        $this->zip->addFromString($name, json_encode(
            $value, JSON_THROW_ON_ERROR | JSON_PRETTY_PRINT | JSON_UNESCAPED_SLASHES | JSON_UNESCAPED_UNICODE,
        )."\n");
    }

    /** @param  list<string>  $columns */
    private static function csv(array $columns, Builder $rows): string
    {
        $out = fopen('php://temp', 'w+') ?: throw new \RuntimeException('No memory for a table.');
        fputcsv($out, $columns, ',', '"', '', "\r\n");
        foreach ($rows->select($columns)->cursor() as $row) {
            fputcsv($out, array_map(strval(...), array_values((array) $row)), ',', '"', '', "\r\n");
        }
        rewind($out);

        return (string) stream_get_contents($out);
    }
}
