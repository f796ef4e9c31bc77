<?php

namespace App\Roster;

use App\Models\Workspace;
use Illuminate\Database\ConnectionInterface;
use InkyCard\Time\Clock;
use InkyCard\Time\Day;

/** Somebody whose last day is known: what their cards hold that leads anywhere leads to the firm after it. */
final readonly class Leaver
{
    private function __construct(private string $lastDay, private Workspace $workspace)
    {
    }

    /** Null where their workspace is gone. @param  string  $lastDay  YYYY-MM-DD */
    public static function of(string $lastDay, int $workspace, ConnectionInterface $rows): ?self
    {
        $row = $rows->selectOne('select id, web, country, zone from workspaces where id = ?', [$workspace]);

        return $row === null ? null : new self($lastDay, (new Workspace)->forceFill((array) $row));
    }

    /** The moment their last day is over where the firm is, seconds since 1970 (UTC). */
    public function goes(): int
    {
        return Clock::moment(Day::parse($this->lastDay)->plus(1), '00:00', $this->workspace->clock())->getTimestamp();
    }

    public function hasLeft(): bool
    {
        return now()->getTimestamp() >= $this->goes();
    }

    /** The firm's own site; null where none is known. */
    public function firm(): ?string
    {
        return $this->workspace->web === '' ? null : $this->workspace->web;
    }
}
