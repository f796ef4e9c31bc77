<?php

namespace InkyCard\Stamp;

/** A stretch of bytes that goes, and what comes in its place. */
final readonly class Splice
{
    /** @param  int  $removed  bytes that go; 0 where something is only put in */
    public function __construct(public int $at, public int $removed, public string $put)
    {
    }

    public function in(string $bytes): string
    {
        return substr_replace($bytes, $this->put, $this->at, $this->removed);
    }

    /**
     * Several of the same bytes, none over another.
     *
     * @param  list<self>  $splices
     */
    public static function all(array $splices, string $bytes): string
    {
        usort($splices, fn (self $one, self $other): int => $other->at <=> $one->at);
        foreach ($splices as $splice) {
            $bytes = $splice->in($bytes);
        }

        return $bytes;
    }
}
