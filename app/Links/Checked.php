<?php

namespace App\Links;

use Illuminate\Support\Carbon;
use InkyCard\Link\Verdict;

/** What came of following a link. */
final readonly class Checked
{
    /**
     * @param  string  $words  in one sentence
     * @param  ?int  $status  of HTTP; null when nothing was answered
     * @param  string  $final  the address that answered
     * @param  list<string>  $redirects  addresses passed on the way
     */
    public function __construct(
        public string $address,
        public Verdict $verdict,
        public string $words,
        public ?int $status,
        public string $final,
        public int $milliseconds,
        public array $redirects,
        public Carbon $at,
    ) {
    }
}
