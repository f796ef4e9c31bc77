<?php

namespace App\Search;

/** Places of the application, and what can be done there. */
final class Places
{
    /** Label, route, what is put behind its address, other words it is found by. */
    private const ALL = [
        ['Start a card', 'start', '', 'new begin starter blank paste template'],
        ['Cards', 'cards', '', 'home list archive'],
        ['Archived cards', 'cards', '?show=archived', 'archive old put away'],
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
        ['Clicks', 'clicks', '', 'clicks results statistics count csv'],
        ['Write your name', 'hand', '', 'handwriting signature draw script'],
    ];

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
