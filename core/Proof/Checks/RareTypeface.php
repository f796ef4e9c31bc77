<?php

namespace InkyCard\Proof\Checks;

use InkyCard\Proof\Area;
use InkyCard\Proof\Severity;
use InkyCard\Proof\Subject;
use InkyCard\Said;
use InkyCard\Type\FontStack;

/** Where it is missing, the next of its chain shows, with other widths. */
final class RareTypeface extends AbstractCheck
{
    public function __construct()
    {
        parent::__construct('typeface', 'Typeface is not on every machine', Area::Text, Severity::Advice);
    }

    public function find(Subject $subject): array
    {
        $found = [];
        foreach (self::faces($subject) as [$stack, $pieces]) {
            if (! $stack->isEverywhere()) {
                $faces = ['face' => $stack->name(), 'next' => $stack->next()];
                $found[] = $this->found(
                    $stack->isExact()
                        ? Said::of(':face is not on every machine: where it is missing, :next stands in.', $faces)
                        : Said::of(':face is not on every machine: where it is missing, :next stands in. How wide its '
                            .'words are is about right, not measured.', $faces),
                    $pieces,
                    ['webkit-desktop', 'phone-webkit', 'phone-forced-dark', 'phone-webmail-app', 'open-desktop'],
                );
            }
        }

        return $found;
    }

    /** @return array<string, array{FontStack, list<string>}> the card's, and those of pieces with one of their own */
    private static function faces(Subject $subject): array
    {
        $card = $subject->card->style->typeface;
        $faces = [$card->key => [$card, []]];
        foreach ($subject->pieces() as $piece) {
            $own = $piece->tuning->face;
            if ($own !== null) {
                $faces[$own->key] = [$own, [...$faces[$own->key][1] ?? [], $piece->id]];
            }
        }

        return $faces;
    }
}
