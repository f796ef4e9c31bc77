<?php

namespace App\Words;

use Illuminate\Translation\Translator;
use InkyCard\Said;
use Locale;

/** The framework's way to say something, without files for the source language, whose words are what is asked for. */
final class WordTranslator extends Translator
{
    /**
     * How a language counts is a matter of the language.
     *
     * @param  string  $key
     * @param  ?string  $locale
     */
    protected function localeForChoice($key, $locale): string
    {
        return (string) Locale::getPrimaryLanguage($locale ?: $this->locale);
    }

    /**
     * @param  string|Said|null  $key
     * @param  array<string, mixed>  $replace
     * @param  ?string  $locale
     * @param  bool  $fallback
     */
    public function get($key, array $replace = [], $locale = null, $fallback = true): string
    {
        if ($key instanceof Said) {
            return Words::of($key);
        }

        return $this->makeReplacements(Words::say((string) $key, $locale ?: $this->locale), $replace);
    }
}
