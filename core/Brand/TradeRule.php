<?php

namespace InkyCard\Brand;

use InkyCard\Refusal;
use InkyCard\Type\CleanText;

/** What the cards of a trade must show, as the maker's own licensing body asks; none is made up here. */
final readonly class TradeRule
{
    /**
     * @param  string  $trade  whose rule it is, such as "Registered garden designers"
     * @param  string  $role  words in the role of those it binds; empty for every card
     * @param  bool  $licence  a licence line must be shown
     * @param  list<string>  $notices  names of notices that must be shown
     */
    private function __construct(public string $trade, public string $role, public bool $licence, public array $notices)
    {
    }

    /**
     * @param  array<array-key, mixed>  $given  trade, role, licence, notices
     * @param  list<string>  $known  names of the brand's notices
     *
     * @throws Refusal
     */
    public static function of(array $given, array $known): self
    {
        $trade = Refusal::at('/trade', fn () => CleanText::of($given['trade'] ?? '', 80, 'trade'));
        if ($trade === '') {
            throw Refusal::because('Say whose rule this is.', '/trade');
        }
        $notices = $given['notices'] ?? [];
        if (! is_array($notices) || array_filter($notices, is_string(...)) !== $notices
            || array_diff($notices, $known) !== []) {
            throw Refusal::because('A rule can only ask for notices the brand has.', '/notices');
        }
        $licence = filter_var($given['licence'] ?? false, FILTER_VALIDATE_BOOL);
        if (! $licence && $notices === []) {
            throw Refusal::because('Say what the rule asks for: the licence line, a notice, or both.', '/licence');
        }

        return new self(
            $trade, Refusal::at('/role', fn () => CleanText::of($given['role'] ?? '', 80, 'role')), $licence,
            array_values(array_unique($notices)),
        );
    }

    /** @param  string  $role  as the card shows it */
    public function binds(string $role): bool
    {
        return $this->role === '' || mb_stripos($role, $this->role) !== false;
    }

    /** @return array{trade: string, role: string, licence: bool, notices: list<string>} */
    public function toArray(): array
    {
        return [
            'trade' => $this->trade, 'role' => $this->role, 'licence' => $this->licence, 'notices' => $this->notices,
        ];
    }
}
