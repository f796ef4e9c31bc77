<?php

namespace InkyCard\Feed;

/** A feed as read: what it is called, and its entries, the newest first. */
final readonly class Feed
{
    /**
     * @param  string  $title  may be empty
     * @param  list<Entry>  $entries
     */
    public function __construct(public string $title, public array $entries)
    {
    }

    public function newest(): ?Entry
    {
        return $this->entries[0] ?? null;
    }
}
