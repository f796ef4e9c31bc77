<?php

namespace InkyCard\Footer;

use InkyCard\Type\Script;

/** Picks of many recipients those a footer is most likely to come out wrong for. */
final class HardRecipients
{
    /** Recipients that are looked at. */
    private const LOOKED = 20_000;

    /**
     * @param  iterable<int, array<string, string>>  $recipients  number => values by name of token
     * @param  list<string>  $tokens  that are words; all values where there are none
     * @param  string  $lang  of the footer, BCP 47
     * @return array<string, int> what is hard about it => number, each recipient once
     */
    public static function pick(iterable $recipients, array $tokens, string $lang = 'en'): array
    {
        $hardest = [];
        $looked = 0;
        foreach ($recipients as $number => $values) {
            $said = $tokens === [] ? $values : array_intersect_key($values, array_flip($tokens));
            $words = implode(' ', $said);
            $script = Script::otherThan($lang, $words);
            $empty = count($tokens === [] ? array_filter($values, fn (string $value) => trim($value) === '')
                : array_filter($tokens, fn (string $token) => trim($values[$token] ?? '') === ''));
            foreach (array_filter([
                'longest' => mb_strwidth($words), 'emptiest' => $empty, $script ?? '' => $script === null ? 0 : 1,
                'markup' => (int) (preg_match('/[<>&"]|^[=+@-]/', $words) === 1),
            ]) as $what => $much) {
                if ($much > ($hardest[$what][1] ?? 0)) {
                    $hardest[$what] = [$number, $much];
                }
            }
            if (++$looked === self::LOOKED) {
                break;
            }
        }

        return array_unique(array_map(fn (array $one): int => $one[0], $hardest));
    }
}
