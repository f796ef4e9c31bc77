<?php

namespace InkyCard\Type;

/**
 * The order in which the words of a line stand from left to right: the Unicode
 * bidirectional algorithm (UAX #9) by whole words, without embeddings. A word
 * goes by its first strong sign.
 */
final class Bidi
{
    /**
     * @param  list<string>  $words  words and the spaces between them, in reading order
     * @param  bool  $rtl  direction of the line
     * @return list<int> indexes of the words, leftmost first
     */
    public static function order(array $words, bool $rtl): array
    {
        $kinds = array_map(self::kind(...), $words);
        if (! $rtl && ! in_array('R', $kinds, true)) {
            return array_keys($words);
        }
        $base = $rtl ? 'R' : 'L';
        $strong = $base;
        foreach ($kinds as &$kind) {
            // Numbers after Latin words belong to them (W7).
            $kind = $kind === 'EN' && $strong === 'L' ? 'L' : $kind;
            $strong = in_array($kind, ['L', 'R'], true) ? $kind : $strong;
        }
        unset($kind);
        $levels = [];
        foreach ($kinds as $index => $kind) {
            // What is between two of one direction has it too; numbers count as right to left (N1, N2).
            $level
                = $kind !== 'N'
                    ? $kind
                    : (self::side($kinds, $index, -1, $base) === ($after = self::side($kinds, $index, 1, $base))
                        ? $after
                        : $base);
            $levels[] = $rtl ? ($level === 'R' ? 1 : 2) : ['L' => 0, 'R' => 1, 'EN' => 2][$level];
        }

        return self::reversed($levels);
    }

    /** @return 'L'|'R'|'EN'|'N' */
    public static function kind(string $word): string
    {
        $number = false;
        foreach (mb_str_split($word) as $sign) {
            switch (\IntlChar::charDirection($sign)) {
                case \IntlChar::CHAR_DIRECTION_LEFT_TO_RIGHT:
                    return 'L';
                case \IntlChar::CHAR_DIRECTION_RIGHT_TO_LEFT:
                case \IntlChar::CHAR_DIRECTION_RIGHT_TO_LEFT_ARABIC:
                    return 'R';
                case \IntlChar::CHAR_DIRECTION_EUROPEAN_NUMBER:
                case \IntlChar::CHAR_DIRECTION_ARABIC_NUMBER:
                    $number = true;
            }
        }

        return $number ? 'EN' : 'N';
    }

    /** @param  list<string>  $kinds */
    private static function side(array $kinds, int $index, int $step, string $base): string
    {
        for ($at = $index + $step; isset($kinds[$at]); $at += $step) {
            if ($kinds[$at] !== 'N') {
                return $kinds[$at] === 'L' ? 'L' : 'R';
            }
        }

        return $base;
    }

    /**
     * Stretches of each level and above turned round, highest first (L2).
     *
     * @param  list<int>  $levels
     * @return list<int>
     */
    private static function reversed(array $levels): array
    {
        $order = array_keys($levels);
        for ($level = max([0, ...$levels]); $level > 0; $level--) {
            for ($start = 0; $start < count($order); $start = $end + 1) {
                $end = $start;
                while ($end < count($order) && $levels[$order[$end]] >= $level) {
                    $end++;
                }
                if ($end > $start) {
                    array_splice(
                        $order, $start, $end - $start, array_reverse(array_slice($order, $start, $end - $start)),
                    );
                }
            }
        }

        return $order;
    }
}
