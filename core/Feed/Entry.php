<?php

namespace InkyCard\Feed;

/** One entry of a feed. */
final readonly class Entry
{
    /**
     * @param  string  $title  plain words, not empty
     * @param  string  $address  http or https, absolute
     * @param  ?int  $at  when it came out, seconds since 1970 (UTC); null where the feed does not say
     */
    public function __construct(public string $title, public string $address, public ?int $at)
    {
    }
}
