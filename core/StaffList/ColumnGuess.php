<?php

namespace InkyCard\StaffList;

/** What a column is taken for. */
final readonly class ColumnGuess
{
    /** From this on it needs no second look. */
    public const SURE = 0.8;

    /** @param  float  $sure  0 to 1 */
    public function __construct(public Column $column, public float $sure)
    {
    }
}
