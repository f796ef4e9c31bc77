<?php

namespace InkyCard\Type;

/**
 * Letters of the Arabic script in the forms they take beside others (Unicode 15, 9.2): each as its presentation form,
 * lam with alef as one. Enough to measure a word by; drawing is the shaper's.
 */
final class Joined
{
    /** First presentation form: isolated, final, and for letters that join both sides initial and medial behind it. */
    private const FORMS = [
        0x621 => [0xFE80, 1], 0x622 => [0xFE81, 2], 0x623 => [0xFE83, 2], 0x624 => [0xFE85, 2], 0x625 => [0xFE87, 2],
        0x626 => [0xFE89, 4], 0x627 => [0xFE8D, 2], 0x628 => [0xFE8F, 4], 0x629 => [0xFE93, 2], 0x62A => [0xFE95, 4],
        0x62B => [0xFE99, 4], 0x62C => [0xFE9D, 4], 0x62D => [0xFEA1, 4], 0x62E => [0xFEA5, 4], 0x62F => [0xFEA9, 2],
        0x630 => [0xFEAB, 2], 0x631 => [0xFEAD, 2], 0x632 => [0xFEAF, 2], 0x633 => [0xFEB1, 4], 0x634 => [0xFEB5, 4],
        0x635 => [0xFEB9, 4], 0x636 => [0xFEBD, 4], 0x637 => [0xFEC1, 4], 0x638 => [0xFEC5, 4], 0x639 => [0xFEC9, 4],
        0x63A => [0xFECD, 4], 0x641 => [0xFED1, 4], 0x642 => [0xFED5, 4], 0x643 => [0xFED9, 4], 0x644 => [0xFEDD, 4],
        0x645 => [0xFEE1, 4], 0x646 => [0xFEE5, 4], 0x647 => [0xFEE9, 4], 0x648 => [0xFEED, 2], 0x649 => [0xFEEF, 2],
        0x64A => [0xFEF1, 4], 0x679 => [0xFB66, 4], 0x67E => [0xFB56, 4], 0x686 => [0xFB7A, 4], 0x688 => [0xFB88, 2],
        0x691 => [0xFB8C, 2], 0x698 => [0xFB8A, 2], 0x6A9 => [0xFB8E, 4], 0x6AF => [0xFB92, 4], 0x6BA => [0xFB9E, 2],
        0x6BE => [0xFBAA, 4], 0x6C1 => [0xFBA6, 4], 0x6CC => [0xFBFC, 4], 0x6D2 => [0xFBAE, 2],
    ];

    /** Alef behind lam => both as one, isolated; final is the next. */
    private const LAM = [0x622 => 0xFEF5, 0x623 => 0xFEF7, 0x625 => 0xFEF9, 0x627 => 0xFEFB];

    /** @return list<int> code points */
    public static function forms(string $text): array
    {
        $points = array_values(array_filter(
            array_map(fn (string $sign) => (int) mb_ord($sign), mb_str_split($text)),
            fn (int $point) => ! ($point >= 0x64B && $point <= 0x65F) && $point !== 0x670,
        ));
        $forms = [];
        $joins = false;
        for ($at = 0; $at < count($points); $at++) {
            [$first, $count] = self::FORMS[$points[$at]] ?? [$points[$at], 0];
            $next = $points[$at + 1] ?? 0;
            if ($points[$at] === 0x644 && isset(self::LAM[$next])) {
                $forms[] = self::LAM[$next] + ($joins ? 1 : 0);
                $joins = false;
                $at++;

                continue;
            }
            $before = $joins && $count > 1;
            // A stretched line joins on both sides.
            $after = $count === 4 && ((self::FORMS[$next][1] ?? 0) > 1 || $next === 0x640);
            $forms[] = $count < 2 ? $first : $first + ($before ? ($after ? 3 : 1) : ($after ? 2 : 0));
            $joins = $count === 4 || $points[$at] === 0x640;
        }

        return $forms;
    }
}
