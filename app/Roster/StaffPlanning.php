<?php

namespace App\Roster;

use App\Models\StaffImport;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Storage;
use InkyCard\Refusal;
use InkyCard\StaffList\Column;
use InkyCard\StaffList\Outcome;
use InkyCard\StaffList\StaffRow;

/** Works out what becomes of each row of a list of staff. */
final readonly class StaffPlanning
{
    /** Rows looked at at once. */
    private const BITE = 250;

    public function __construct(private StaffImport $import)
    {
    }

    /** Works out what becomes of each row. @param  \Closure(int, int): void  $reached */
    public function plan(\Closure $reached): void
    {
        $this->import->rows()->delete();
        $counts = array_fill_keys([...array_column(Outcome::cases(), 'value'), 'notes'], 0);
        $this->withFile(function (string $path) use ($reached, &$counts): void {
            $total = $this->countIn($path);
            $meeting = new Meeting($this->import->workspace, $this->moving($path));
            foreach ($this->bites($path) as $bite) {
                $met = $meeting->of($bite);
                foreach ($met as $row) {
                    $counts[$row['outcome']]++;
                    $counts['notes'] += str_contains($row['data'], '"notes":') ? 1 : 0;
                }
                DB::table('staff_import_rows')->insert(array_map(
                    fn (array $row): array => $row + ['import_id' => $this->import->id], $met,
                ));
                $reached((int) array_key_last($bite), $total);
            }
        });
        $this->import->forceFill(['state' => StaffImport::PLANNED, 'counts' => $counts, 'reached' => 0])->save();
    }

    /** @return \Generator<int, array<int, StaffRow|Refusal>> rows by their number in the file */
    private function bites(string $path): \Generator
    {
        $columns = array_map(fn (array $one): Column => Column::from($one[0]), $this->import->columns);
        $bite = [];
        foreach ($this->cells($path) as $number => $row) {
            try {
                $bite[$number] = StaffRow::read($row, $columns, $this->import->workspace->country);
            } catch (Refusal $refusal) {
                $bite[$number] = $refusal;
            }
            if (count($bite) === self::BITE) {
                yield $bite;
                $bite = [];
            }
        }
        if ($bite !== []) {
            yield $bite;
        }
    }

    /** @return \Generator<int, list<string>> number of the row as spreadsheets count => its cells */
    private function cells(string $path): \Generator
    {
        $isHeading = $this->import->headed;
        foreach (StaffFile::rows($path) as $index => $row) {
            if (! $isHeading) {
                yield $index + 1 => $row;
            }
            $isHeading = false;
        }
    }

    private function countIn(string $path): int
    {
        $last = 0;
        foreach ($this->cells($path) as $number => $row) {
            $last = $number;
        }

        return $last;
    }

    /** @return array<string, list<string>> number of another system => addresses it has in the list */
    private function moving(string $path): array
    {
        $columns = array_map(fn (array $one): Column => Column::from($one[0]), $this->import->columns);
        $external = array_search(Column::External, $columns, true);
        $moving = [];
        foreach ($external === false ? [] : $this->cells($path) as $row) {
            $addresses = array_intersect_key($row, array_filter(
                $columns, fn (Column $column): bool => $column === Column::Address,
            ));
            $moving[trim($row[$external] ?? '')] = array_values(array_map(
                fn (string $cell): string => mb_strtolower(trim($cell)), $addresses,
            ));
        }

        return $moving;
    }

    /** @param  \Closure(string): void  $do */
    private function withFile(\Closure $do): void
    {
        $path = (string) tempnam(sys_get_temp_dir(), 'inky');
        try {
            file_put_contents($path, Storage::disk('errands')->readStream((string) $this->import->file));
            $do($path);
        } finally {
            @unlink($path);
        }
    }
}
