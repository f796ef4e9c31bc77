<?php

namespace InkyCard\Handover;

use InkyCard\Card\Card;
use InkyCard\Card\Kind\Capability;
use InkyCard\Time\Day;

/**
 * Marks dressed for a season undress by themselves where readers fetch them, and banner places show what is due;
 * pictures that travel along stay.
 */
final class FrozenPictures
{
    /** Forms whose pictures are inside, or beside them. */
    private const CARRIED = ['folder', 'eml', 'template', 'page', 'png', 'one-picture'];

    /**
     * @param  bool  $inside  pictures travel inside the code, where that can be chosen
     * @param  ?Day  $due  the last day its places show what they do; null for good
     * @return string a sentence; empty where nothing stays that should not
     */
    public static function says(Card $card, Destination $to, bool $inside, Day $today, ?Day $due = null): string
    {
        return self::travel($to, $inside) ? trim(self::season($card, $today).' '.self::place($card, $due)) : '';
    }

    /** Whether pictures go there with the card, rather than being fetched by readers. */
    public static function travel(Destination $to, bool $inside): bool
    {
        return $to->picturesGo() === null ? $inside : in_array($to->takes, self::CARRIED, true);
    }

    private static function place(Card $card, ?Day $due): string
    {
        return $card->filled(Capability::Place) === [] ? ''
            : 'Its banner place carries what is due today, and stays so'
                .($due === null ? '' : ', also after '.$due->words().', when it ends')
                .': let readers fetch pictures, and it shows what is due on the day a message is opened.';
    }

    private static function season(Card $card, Day $today): string
    {
        $season = $card->style->marks->season;
        if ($season === null || $card->filled(Capability::Profiles) === []) {
            return '';
        }
        $last = Day::parse(substr($today->iso, 0, 5).self::day($season->worn->until, $today));

        return $season->isWornOn($today)
            ? "Its marks wear {$season->season} until ".self::inWords($last).'. Carried along like this they keep it '
                .'after that day: hand the card over again then, or let readers fetch pictures.'
            : "Its marks wear {$season->season} at another time of the year. Carried along like this they stay plain: "
                .'let readers fetch pictures, and they dress by themselves.';
    }

    /** A leap day is the day before in other years. */
    private static function day(string $day, Day $today): string
    {
        return $day === '02-29' && ! checkdate(2, 29, (int) substr($today->iso, 0, 4)) ? '02-28' : $day;
    }

    private static function inWords(Day $day): string
    {
        return (string) preg_replace('/ \d{4}$/', '', $day->words());
    }
}
