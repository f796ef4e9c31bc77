<?php

namespace App\Proof;

use InkyCard\Proof\Proof;
use InkyCard\Proof\Severity;
use NumberFormatter;

/** What a proof comes to, in a sentence behind its score. */
final class Headline
{
    public static function of(Proof $proof): string
    {
        $count = count($proof->findings);
        if ($count === 0) {
            return __('Nothing to mend: hand it over.');
        }
        $spelled = (string) (new NumberFormatter('en', NumberFormatter::SPELLOUT))->format($count);

        return ($count === 1 ? __('One thing') : ucfirst($spelled).' things')
            .($proof->findings[0]->severity === Severity::Advice
                ? __(' could be better.')
                : __(' to look at before you hand it over.'));
    }
}
