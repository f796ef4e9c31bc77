<?php

namespace App\Words;

use Illuminate\Translation\Translator;

/** The framework's way to say something, without files for the source language, whose words are what is asked for. */
final class WordTranslator extends Translator
{
    /**
     * @param  string  $key
     * @param  array<string, mixed>  $replace
     * @param  ?string  $locale
     * @param  bool  $fallback
     */
    public function get($key, array $replace = [], $locale = null, $fallback = true): string
    {
        return $this->makeReplacements(Words::say($key, $locale ?: $this->locale), $replace);
    }
}
