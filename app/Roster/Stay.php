<?php

namespace App\Roster;

use App\Models\StoredPerson;
use App\Models\Workspace;
use Illuminate\Database\Eloquent\Builder as PeopleQuery;
use Illuminate\Database\Query\Builder;

/** From somebody's first day to their last, by the day it is where the firm is. */
final class Stay
{
    /** @param  ?string  $firstDay  YYYY-MM-DD; null for unknown */
    public static function isAhead(?string $firstDay, Workspace $workspace): bool
    {
        return $firstDay !== null && $firstDay > $workspace->today()->iso;
    }

    /** @param  ?string  $lastDay  YYYY-MM-DD; null for unknown */
    public static function isOver(?string $lastDay, Workspace $workspace): bool
    {
        return $lastDay !== null && $lastDay < $workspace->today()->iso;
    }

    /**
     * Those whose last day is not over.
     *
     * @template TQuery of Builder|PeopleQuery<StoredPerson>
     *
     * @param  TQuery  $people
     * @return TQuery
     */
    public static function here(Builder|PeopleQuery $people, Workspace $workspace): Builder|PeopleQuery
    {
        return $people->where(fn (Builder|PeopleQuery $query) => $query->whereNull('last_day')
            ->orWhere('last_day', '>=', $workspace->today()->iso));
    }
}
