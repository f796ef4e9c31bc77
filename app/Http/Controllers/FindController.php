<?php

namespace App\Http\Controllers;

use App\Models\StoredCard;
use App\Models\StoredPicture;
use Illuminate\Contracts\View\View;
use Illuminate\Http\Request;
use InkyCard\Card\Kind\Kinds;
use InkyCard\Link\ProfileDirectory;

/** Finds anything: cards by what is on them, pieces, pictures, places of the application and what can be done there. */
final class FindController extends Controller
{
    private const EACH = 6;

    /** What can be gone to or done: words it is found by => label, route, fragment. */
    private const PLACES = [
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
        ['Clicks', 'clicks', '', 'presses results statistics count csv'],
        ['Write your name', 'hand', '', 'handwriting signature draw script'],
    ];

    public function __invoke(Request $request): View
    {
        $find = mb_substr(trim(self::word($request, 'q')), 0, 100);
        $like = '%'.addcslashes($find, '%_\\').'%';
        $found = [];
        if ($find !== '') {
            $words = array_filter(explode(' ', mb_strtolower($find)));
            $matches = fn (string $text): bool => array_filter(
                $words,
                fn (string $word) => ! str_contains(mb_strtolower($text), $word),
            ) === [];
            foreach (
                StoredCard::query()
                    ->where('workspace_id', $this->workspace->id)
                    ->where(
                        fn ($either) => $either
                            ->whereLike('name', $like)
                            ->orWhereExists(
                                fn ($exists) => $exists
                                    ->from('card_revisions')
                                    ->whereColumn('card_id', 'cards.id')
                                    ->whereColumn('number', 'cards.head')
                                    ->whereLike('document', $like),
                            ),
                    )
                    ->latest('updated_at')
                    ->limit(self::EACH)
                    ->get() as $card
            ) {
                $found['Cards'][] = [
                    'label' => $card->name,
                    'note' => $card->archived_at === null ? '' : 'archived',
                    'to' => route('bench', $card->id),
                ];
                foreach ($card->document()->pieces as $piece) {
                    if (count($found['Pieces'] ?? []) < self::EACH && $piece->summary() !== ''
                        && $matches($piece->kind->label().' '.$piece->summary())) {
                        $found['Pieces'][] = [
                            'label' => $piece->summary(),
                            'note' => mb_strtolower($piece->kind->label()).' on '.$card->name,
                            'to' => route('bench', ['card' => $card->id, 'piece' => $piece->id]),
                        ];
                    }
                }
            }
            foreach (
                $this->workspace
                    ->pictures()
                    ->whereNull('removed_at')
                    ->where(fn ($either) => $either->whereLike('name', $like)->orWhereLike('alt', $like))
                    ->limit(self::EACH)
                    ->get() as $picture
            ) {
                /** @var StoredPicture $picture */
                $found['Pictures'][] = [
                    'label' => $picture->name,
                    'note' => $picture->alt,
                    'to' => route('picture', $picture->id),
                ];
            }
            foreach (self::PLACES as [$label, $route, $more, $about]) {
                if ($matches("$label $about")) {
                    $found['Go to'][] = ['label' => $label, 'note' => '', 'to' => route($route).$more];
                }
            }
            foreach (Kinds::all() as $kind) {
                if (count($found['What pieces are for'] ?? []) < self::EACH
                    && $matches($kind->label().' '.$kind->purpose())) {
                    $found['What pieces are for'][] = [
                        'label' => $kind->label(),
                        'note' => $kind->purpose(),
                        'to' => null,
                    ];
                }
            }
            foreach (ProfileDirectory::all() as $kind) {
                if (isset($kind['find']) && count($found['Where to find your own address'] ?? []) < self::EACH
                    && $matches($kind['label'].' '.implode(' ', $kind['trades']))) {
                    $found['Where to find your own address'][] = [
                        'label' => $kind['label'],
                        'note' => $kind['find'],
                        'to' => null,
                    ];
                }
            }
        }

        return view('find', ['find' => $find, 'found' => $found]);
    }
}
