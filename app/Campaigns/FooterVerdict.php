<?php

namespace App\Campaigns;

use App\Models\StoredFooter;
use App\Models\Workspace;
use App\Tray\MimeMessage;
use Illuminate\Support\Facades\DB;
use InkyCard\Footer\Footer;
use InkyCard\Footer\FooterTrace;
use InkyCard\Verification\MessageContent;

/** What a received message of a campaign carries of our footers, and what it lacks. */
final readonly class FooterVerdict
{
    /** Footers, and revisions of each, that are looked for: the newest. */
    private const FOOTERS = 40;

    private const REVISIONS = 20;

    /** Over https; the demo is on this machine alone. */
    private const ONE_PRESS = '~<(?:https://|http://(?:localhost|127\.))[^>]+>~i';

    /** @param  list<string>  $says  in sentences; empty where nothing is to be seen to */
    private function __construct(public StoredFooter $stored, public int $revision, public array $says)
    {
    }

    /** Null for a message that carries none of them. */
    public static function of(Workspace $workspace, MimeMessage $received): ?self
    {
        [$written] = $received->html() === '' ? MessageContent::text($received->text())
            : MessageContent::html($received->html());
        $words = (string) preg_replace('/\s+/u', ' ', implode(' ', $written->lines));
        $footers = StoredFooter::in($workspace)->limit(self::FOOTERS)->get()->keyBy('id');
        $revisions = $found = [];
        foreach (DB::table('footer_revisions')->whereIn('footer_id', $footers->keys())->orderByDesc('number')
            ->get(['footer_id', 'number', 'document']) as $row) {
            if (($found[$row->footer_id] ?? 0) < self::REVISIONS) {
                $found[$row->footer_id] = ($found[$row->footer_id] ?? 0) + 1;
                $revisions["$row->footer_id $row->number"] = Footer::of((array) json_decode($row->document, true));
            }
        }
        $key = FooterTrace::in($revisions, $words);
        if ($key === null) {
            return null;
        }
        [$id, $number] = array_map(intval(...), explode(' ', (string) $key));
        $stored = $footers[$id];

        return $stored === null ? null
            : new self($stored, $number, self::sentences($stored, $number, $revisions[$key], $received));
    }

    /** @return list<string> */
    private static function sentences(
        StoredFooter $stored, int $number, Footer $footer, MimeMessage $received,
    ): array {
        $html = html_entity_decode($received->html(), ENT_QUOTES | ENT_HTML5);
        $left = array_values(array_unique(array_column(
            $footer->style->find("{$received->subject()}\n{$received->text()}\n$html"), 'raw',
        )));
        $leave = $footer->link('unsubscribe')->words;
        $headers = $received->headers();
        $onePress = preg_match(self::ONE_PRESS, $headers['List-Unsubscribe'] ?? '') === 1
            && strcasecmp(trim($headers['List-Unsubscribe-Post'] ?? ''), 'List-Unsubscribe=One-Click') === 0;
        $link = '~<a\b[^>]*\bhref\s*=\s*["\'][^"\']+["\'][^>]*>(?:\s|<[^>]+>)*'.preg_quote($leave, '~').'~iu';

        return array_values(array_filter([
            $number === $stored->head ? ''
                : __(
                    'It carries revision :number; :head is the newest: put that in its campaign.',
                    ['number' => $number, 'head' => $stored->head],
                ),
            $left === [] ? '' : __(
                'Tokens were left unfilled: :choices.', ['choices' => implode(', ', array_slice($left, 0, 4))],
            ),
            $leave !== '' && preg_match($link, $received->html()) !== 1 && $received->html() !== ''
                ? __('Its link “:leave” is missing.', ['leave' => $leave]) : '',
            $onePress ? '' : __(
                'It has no header to unsubscribe in one press (RFC 8058): mailbox providers ask for it.',
            ),
            $received->text() === '' ? __('It has no plain text part.')
                : ($leave !== '' && ! str_contains($received->text(), $leave) ? __(
                    'Its plain text has no way out.',
                ) : ''),
        ]));
    }
}
