<?php

namespace App\Search;

use App\Models\StoredCard;
use InkyCard\Handover\Destination;

/** Places of the application, and what can be done there. */
final class Places
{
    /** Label, route, what is put behind its address, other words it is found by. */
    private const ALL = [
        ['Start a card', 'start', '', 'new begin starter blank paste template'],
        ['Cards', 'cards', '', 'home list archive'],
        ['Archived cards', 'cards', '?show=archived', 'archive old put away'],
        ['Banners', 'banners', '', 'promotion offer campaign season picture strip place window timeline'],
        ['Inks', 'brand', '#inks', 'colour color brand accent palette'],
        ['Contrast on light and dark pages', 'brand', '#matrix', 'contrast dark readable accessibility'],
        ['Typeface and sizes', 'brand', '#typeface', 'font type size'],
        ['Logos', 'brand', '#logos', 'logo mark'],
        ['Standing lines', 'brand', '#lines', 'company phone address web networks shared'],
        ['Notices', 'brand', '#notices', 'legal disclaimer confidentiality small print'],
        ['Trade rules', 'brand', '#rules', 'licence compliance'],
        ['Changes put on cards', 'brand', '#changes', 'undo take back history'],
        ['Pictures', 'pictures', '', 'upload photo headshot banner image library'],
        ['Mail tray', 'tray', '', 'message received eml mailbox verify test'],
        ['Which card where', 'placements', '', 'placements address situation reply new campaign table'],
        ['Write a message', 'tray.write', '', 'mail compose new reply test'],
        ['Ready messages', 'ready', '', 'template draft often sent blanks letter'],
        ['People', 'people', '', 'staff roster list import csv groups joiners leavers'],
        ['Cards by the mail server', 'people.mail-server', '', 'stamp filter server postfix exim smtp milter'],
        ['Clicks', 'clicks', '', 'clicks results statistics count csv'],
        ['Campaigns', 'campaigns', '', 'footer newsletter series letter recipients unsubscribe'],
        ['Members', 'members', '', 'invite role owner maker people'],
        ['Settings', 'settings', '', 'name zone country export import close log public address mail test retention '
            .'keep clicks'],
        ['For programs', 'programs', '', 'api token webhook openapi automation integration'],
        ['What was done, by whom', 'settings.log', '', 'log history audit activity'],
        ['Your account', 'account', '', 'password second step devices sign out address name'],
        ['What things mean', 'help', '', 'help guide explain question'],
        ['Write your name', 'hand', '', 'handwriting signature draw script'],
    ];

    /** What can be set on a card's bench: label, part of tuning, other words it is found by. */
    private const SETTINGS = [
        ['Inks of a card', 'colours', 'colour color code hex'],
        ['Typeface and sizes of a card', 'type', 'font face type size chain'],
        ['Backgrounds of a card', 'paper', 'background picture panel fill veil padding corners width'],
        ['Lines and symbols of a card', 'lines', 'rule divider line thickness icons symbols dashed'],
        ['Buttons of a card', 'button', 'button corners padding outline call'],
        ['Spacing of a card', 'spacing', 'gap spacing line height leading columns'],
        ['Colour schemes', 'schemes', 'scheme palette harmony'],
    ];

    /**
     * What can be set on a card, on the bench of one.
     *
     * @return list<Hit>
     */
    public static function settings(Query $query, StoredCard $card): array
    {
        $hits = [];
        foreach (self::SETTINGS as [$label, $part, $about]) {
            if ($query->matches("$label $about settings")) {
                $hits[] = new Hit($label, "on $card->name", route('bench', $card->id)."#fold-$part");
            }
        }

        return $hits;
    }

    /**
     * Where a card can be handed over to.
     *
     * @return list<Hit>
     */
    public static function destinations(Query $query, StoredCard $card): array
    {
        $hits = [];
        foreach (Destination::all() as $to) {
            if ($query->matches("$to->label $to->words")) {
                $hits[] = new Hit(
                    $to->label, "hand over $card->name", route('hand-over', ['card' => $card->id, 'to' => $to->key]),
                );
            }
        }

        return array_slice($hits, 0, Query::EACH);
    }

    /** @return list<Hit> */
    public static function matching(Query $query): array
    {
        $hits = [];
        foreach (self::ALL as [$label, $route, $more, $about]) {
            if ($query->matches("$label $about")) {
                $hits[] = new Hit($label, to: route($route).$more);
            }
        }

        return $hits;
    }
}
