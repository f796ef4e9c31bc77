<?php

namespace App\Import;

use PhpOffice\PhpSpreadsheet\Cell\Coordinate;
use PhpOffice\PhpSpreadsheet\Reader\IReadFilter;

/** Of a sheet of any size, the cells that are looked at: all others are never kept. */
final readonly class FirstCells implements IReadFilter
{
    public function __construct(private int $rows, private int $columns)
    {
    }

    public function readCell(string $columnAddress, int $row, string $worksheetName = ''): bool
    {
        return $row <= $this->rows && Coordinate::columnIndexFromString($columnAddress) <= $this->columns;
    }
}
