<?php

namespace InkyCard\Proof;

/** The walk people take by eye before a card goes out (K1 to K21), with what the proof knows already. */
final readonly class Checklist
{
    /** Item => what to look at, and the checks that know about it. What no check knows is for the eye alone. */
    private const ITEMS = [
        'K1' => [
            'Every link clicked or hovered: the right page, document, mail window',
            ['link-broken', 'link-silent', 'link-sign-in', 'link-editing', 'link-moved', 'link-http'],
        ],
        'K2' => ['Name, mail address and all facts right', ['no-name', 'no-contact', 'phone']],
        'K3' => [
            'Pictures show, at the right size, level with the text',
            ['picture-fit', 'picture-host', 'picture-http', 'picture-soft', 'pictures-unseen'],
        ],
        'K4' => [
            'No sample value, no unused network, no placeholder left',
            ['sample', 'blank', 'token-left', 'profile-address'],
        ],
        'K5' => ['Everything visible on a dark page', ['contrast-dark', 'hand-dark', 'glare']],
        'K6' => [
            'Looked at on a phone, a tablet and a wide screen, by mail program',
            ['too-wide', 'too-wide-phone', 'webmail-lost', 'word-lost', 'style-lost'],
        ],
        'K7' => ['Colours are those of the logo and the brand', ['off-brand', 'inks-alike']],
        'K8' => ['Gaps neither jammed nor too wide', ['jammed', 'loose']],
        'K9' => ['One call stands out and is not too loud', ['calls', 'links-twice', 'call-front-page']],
        'K10' => ['Short and professional', ['too-tall', 'links-many', 'marks-many', 'moving']],
        'K11' => [
            'Licence number and notices there, documents open to strangers',
            ['licence', 'notice', 'link-sign-in'],
        ],
        'K12' => ['Kept here and in the mail program, its file locked where it has one', []],
        'K13' => ['The right mailbox, set for new mail and replies, above quoted text', []],
        'K14' => ['Messages are written as HTML', []],
        'K15' => ['Seen in a new message after a reload, not in settings alone', []],
        'K16' => ['Sent to another mail service: the same look, no lines added', ['found-links', 'corners']],
        'K17' => ['The old signature is gone', []],
        'K18' => ['Seasonal parts are off when the season is over', ['ended', 'ends-soon', 'event-past']],
        'K19' => ['Everybody\'s test message opened and judged', []],
        'K20' => ['Running campaigns changed as well', []],
        'K21' => ['The right version among several', []],
    ];

    /**
     * @param  'good'|'look'|'eye'  $known  what the proof knows of it
     * @param  list<Finding>  $findings
     */
    private function __construct(public string $key, public string $words, public string $known, public array $findings)
    {
    }

    /** @return list<self> */
    public static function through(Proof $proof): array
    {
        $items = [];
        foreach (self::ITEMS as $key => [$words, $checks]) {
            $findings = array_values(
                array_filter($proof->findings, fn (Finding $finding) => in_array($finding->check, $checks, true)),
            );
            // Links nobody has followed lately are not known to lead anywhere.
            $unknown = $key === 'K1' && $proof->subject->verdicts === [];
            $items[] = new self(
                $key, $words, $findings !== [] ? 'look' : ($checks === [] || $unknown ? 'eye' : 'good'), $findings,
            );
        }

        return $items;
    }

    public static function has(string $key): bool
    {
        return isset(self::ITEMS[$key]);
    }
}
