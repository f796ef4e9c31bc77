<?php

namespace App\Outside;

/** What an address answered. */
final readonly class Fetched
{
    /**
     * @param  string  $address  the one that answered, after redirects
     * @param  list<string>  $redirects  addresses passed on the way
     */
    public function __construct(public int $status, public string $address, public string $bytes, public array $redirects)
    {
    }
}
