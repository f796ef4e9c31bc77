<?php

namespace App\Campaigns;

use App\Models\Workspace;

/** Recipients picked for being hard on what is sent, and the one whose message is looked at. */
final readonly class Picks
{
    private const HARD = ['longest' => 'longest', 'emptiest' => 'least known', 'markup' => 'odd signs'];

    /** @var array<int, string> number => what is hard about it */
    public array $hard;

    /** Number of the one that is shown; 0 for tokens as they are. */
    public int $shown;

    /**
     * @param  list<string>  $tokens  that are looked at
     * @param  string  $lang  BCP 47
     * @param  string  $asked  a number, `tokens`, or anything else for the hardest
     */
    public function __construct(Workspace $workspace, array $tokens, string $lang, string $asked)
    {
        // Tokens that are addresses are no words.
        $words = array_values(array_filter(
            $tokens, fn (string $name) => preg_match('/url|link|unsub|view|^id$/i', $name) !== 1,
        ));
        $this->hard = array_map(
            fn (string $what): string => self::HARD[$what] ?? (string) \Locale::getDisplayName($what, 'en'),
            array_flip(Recipients::hard($workspace, $words, $lang)),
        );
        $this->shown = match (true) {
            ctype_digit($asked) => (int) $asked,
            $asked === 'tokens' => 0,
            default => array_key_first($this->hard) ?? 0,
        };
    }
}
