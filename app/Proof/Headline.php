<?php

namespace App\Proof;

use InkyCard\Proof\Proof;
use InkyCard\Proof\Severity;

/** What a proof comes to, in a sentence behind its score. */
final class Headline
{
    public static function of(Proof $proof): string
    {
        $count = count($proof->findings);
        if ($count === 0) {
            return __('Nothing to mend: hand it over.');
        }

        return $proof->findings[0]->severity === Severity::Advice
            ? trans_choice('One thing could be better.|:count things could be better.', $count)
            : trans_choice('One thing to look at before you hand it over.'
                .'|:count things to look at before you hand it over.', $count);
    }
}
