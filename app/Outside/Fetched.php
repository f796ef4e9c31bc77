<?php

namespace App\Outside;

use InkyCard\Refusal;

/** What an address answered. */
final readonly class Fetched
{
    /**
     * @param  string  $address  the one that answered, after redirects
     * @param  list<string>  $redirects  addresses passed on the way
     */
    public function __construct(
        public int $status,
        public string $address,
        public string $bytes,
        public array $redirects,
    ) {
    }

    /** @throws Refusal when it answered with an error */
    public function found(): self
    {
        return $this->status === 200
            ? $this
            : throw Refusal::because(
                'This address answered with error :status: open it in a private window to see what '.'others see.',
                values: ['status' => $this->status],
            );
    }
}
