<?php

namespace InkyCard\MailClient;

/** What a stand-in did to a message: each thing once, with how often. */
final class ChangeLog
{
    /** Longest stretch of what was there that is told, characters. */
    private const TOLD = 120;

    /** @var array<string, array{array<string, mixed>, string, string, string, string, int}> */
    private array $changes = [];

    /**
     * @param  array<string, mixed>  $rule  `says`, `from`, `harms`
     * @param  string  $what  it is about
     * @param  string  $piece  empty for the whole message
     */
    public function note(array $rule, string $what, string $piece, string $before, string $after): void
    {
        $key = "$what|$piece|".$rule['says'];
        if (isset($this->changes[$key])) {
            $this->changes[$key][5]++;
        } else {
            $this->changes[$key] = [$rule, $what, $piece, self::short($before), self::short($after), 1];
        }
    }

    /** @return list<Change> in order of first sight */
    public function changes(): array
    {
        $changes = [];
        foreach ($this->changes as [$rule, $what, $piece, $before, $after, $times]) {
            $changes[] = new Change(
                $what, $rule['says'], $piece, $before, $after, $times, $rule['harms'] ?? false,
                RuleSource::of($rule['from']),
            );
        }

        return $changes;
    }

    private static function short(string $text): string
    {
        return mb_strimwidth($text, 0, self::TOLD, '…');
    }
}
