<?php

namespace InkyCard\Handover;

use InkyCard\Card\Card;
use InkyCard\Card\Piece;
use InkyCard\Time\Day;

/** What is handed over is the card of that day: until when it is right, where parts of it come and go by date. */
final class RightUntil
{
    /** In a sentence; empty where it is right for good. */
    public static function says(Card $card, Day $today): string
    {
        $last = $card->rightUntil($today);
        if ($last === null) {
            return '';
        }
        $then = $last->plus(1);
        $gone = $come = [];
        foreach ($card->changingOn($then) as $piece) {
            $piece->due()?->isOver($then) === true ? $gone[] = self::name($piece) : $come[] = self::name($piece);
        }

        return 'Right until '.$last->words().'. On '.$then->words().' '.implode(', and ', array_filter([
            $gone === [] ? '' : implode(', ', $gone).(count($gone) === 1 ? ' comes' : ' come').' off',
            $come === [] ? '' : implode(', ', $come).(count($come) === 1 ? ' comes' : ' come').' on',
        ])).': hand the card over again then.';
    }

    private static function name(Piece $piece): string
    {
        return 'the '.mb_strtolower($piece->kind->label());
    }
}
