<?php

namespace InkyCard\Proof\Checks;

use InkyCard\Card\Content\TextRun;
use InkyCard\Card\Edit\SpeakLanguage;
use InkyCard\Proof\Area;
use InkyCard\Proof\Mend;
use InkyCard\Proof\Severity;
use InkyCard\Proof\Subject;
use InkyCard\Said;
use InkyCard\Type\Script;

/** Its words are in letters its language is not written in: they run the wrong way, and are read out wrongly. */
final class LanguageOdd extends AbstractCheck
{
    public function __construct()
    {
        parent::__construct('language', 'The card says it is in another language', Area::Facts, Severity::Mend);
    }

    public function find(Subject $subject): array
    {
        // Addresses and numbers are in Latin letters everywhere.
        $words = implode(' ', array_map(
            fn (array $one): string => $one[1]->text,
            array_filter($subject->runs(), fn (array $one) => ! TextRun::tempts($one[1]->text)),
        ));
        $lang = Script::otherThan($subject->card->lang, $words);

        return $lang === null ? [] : [$this->found(
            Said::of(
                'It is said to be :said; most of its letters are those of :read.',
                ['said' => \Locale::getDisplayLanguage($subject->card->lang, 'en'),
                    'read' => \Locale::getDisplayLanguage($lang, 'en')],
            ),
            mend: new Mend('Say so', new SpeakLanguage($lang)),
        )];
    }
}
