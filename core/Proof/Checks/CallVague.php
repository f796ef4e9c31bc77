<?php

namespace InkyCard\Proof\Checks;

use InkyCard\Card\Kind\Capability;
use InkyCard\Proof\Area;
use InkyCard\Proof\Severity;
use InkyCard\Proof\Subject;
use InkyCard\Said;

/** Words that fit any link tempt nobody, and say nothing to who hears links alone (complaint X40; WCAG 2.2, 2.4.4). */
final class CallVague extends AbstractCheck
{
    /** In English, and in the neighbours' languages the commonest; lower case, without punctuation. */
    private const VAGUE = [
        '(?:please |just )?(?:click|press|tap|go|look|see|check|start|order|buy|book) (?:here|this|now|it out|below)',
        '(?:click|press|tap|see|use|follow) (?:this|the) (?:link|button)', 'here', 'this', 'link', 'click(?: me)?',
        '(?:this|the|my|our) (?:link|page|site|web ?site)', '(?:read|learn|see|find out|know|show|discover) more',
        '(?:(?:more|further) )?info(?:rmation)?', 'more', 'details', 'go', 'submit', 'continue', 'open', 'view',
        'web ?(?:site|page)', 'visit(?: (?:us|(?:my|our|the) (?:web ?site|page|site)))?',
        'hier(?: klicken)?', 'klick(?:en sie)? hier', 'mehr(?: erfahren)?', 'weiterlesen', '(?:cliquez )?ici',
        'en savoir plus', 'lire la suite', '(?:ha(?:z|ga) clic )?aquí', 'más(?: información)?', 'leer más',
        '(?:clicca )?qui', 'scopri di più', '(?:clique )?aqui', 'saiba mais', 'klik hier', 'lees meer', 'meer weten',
        '(?:kliknij )?tutaj', 'läs mer',
    ];

    public function __construct()
    {
        parent::__construct('call-vague', 'Words that fit any link', Area::Links, Severity::Advice);
    }

    private const SAYS = '“:words” could stand on any link. Say what the reader gets: a verb and the thing itself.';

    public function find(Subject $subject): array
    {
        $found = [];
        $vague = '/^(?:'.implode('|', self::VAGUE).')$/u';
        foreach ($subject->links() as $link) {
            $words = trim(mb_strtolower((string) preg_replace('/[^\p{L}\p{N}\s]+/u', ' ', $link->words)));
            if (preg_match($vague, (string) preg_replace('/\s+/u', ' ', $words)) === 1
                && ! $link->piece->can(Capability::Profiles)) {
                $found[] = $this->found(
                    Said::of(self::SAYS, ['words' => $link->words]), [$link->piece->id],
                );
            }
        }

        return $found;
    }
}
