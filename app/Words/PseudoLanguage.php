<?php

namespace App\Words;

/**
 * Languages nobody speaks, to look at pages in: every message is longer, in letters that are none of the source's, and
 * stands between ⟦ and ⟧; the second is written from right to left. What comes out otherwise was in no language file.
 */
final class PseudoLanguage
{
    public const LONGER = 'en-x-longer';

    public const TURNED = 'en-x-turned';

    public const NAMES = [self::LONGER => 'Longer', self::TURNED => 'Turned'];

    /** How much longer German and Finnish come out. */
    private const GROWTH = 0.4;

    private const LETTERS = [
        self::LONGER => [
            'abcdefghijklmnopqrstuvwxyzABCDEFGHIJKLMNOPQRSTUVWXYZ',
            'åƀçđéƒĝĥîĵķļɱñöþɋŕšţûṽŵẋýžÅƁÇĐÉƑĜĤÎĴĶĻṀÑÖÞɊŔŠŢÛṼŴẊÝŽ',
        ],
        self::TURNED => [
            'abcdefghijklmnopqrstuvwxyzABCDEFGHIJKLMNOPQRSTUVWXYZ',
            'אבגדהוזחטיכלמנסעפצקרשתםןףץאבגדהוזחטיכלמנסעפצקרשתםןףץ',
        ],
    ];

    private const FILLER = 'öñé ţŵö ţĥŕéé ƒöûŕ ƒîṽé šîẋ šéṽéñ éîĝĥţ ';

    public static function say(string $message, string $language): string
    {
        // One of several by number: each is a message.
        if (str_contains($message, '|')) {
            return implode('|', array_map(fn (string $one) => self::say($one, $language), explode('|', $message)));
        }
        [$from, $to] = self::LETTERS[$language];
        $map = array_combine(str_split($from), mb_str_split($to));
        $parts = preg_split('~(:[a-z0-9]+|</?\d+/?>|\{\d+\}|\[\d+,[\d*]+\])~', $message, -1, PREG_SPLIT_DELIM_CAPTURE);
        $said = '';
        foreach ($parts ?: [] as $at => $part) {
            $said .= $at % 2 === 1 ? $part : strtr($part, $map);
        }
        $more = mb_substr(str_repeat(self::FILLER, 12), 0, (int) ceil(mb_strlen($message) * self::GROWTH));
        $more = $language === self::TURNED ? strtr($more, array_combine(
            mb_str_split('öñéţŵĥŕƒûîṽšẋĝ'), mb_str_split('סנהרםחצושטתקןז'),
        )) : $more;
        // How many a form is for stands before it.
        preg_match('~^(?:\{\d+\}|\[\d+,[\d*]+\]) ?~', $said, $for);
        $said = substr($said, strlen($for[0] ?? ''));

        return ($for[0] ?? '')."⟦$said ".trim($more).'⟧';
    }
}
