<?php

namespace App\Words;

use Illuminate\Translation\Translator;
use InkyCard\Said;
use Locale;

/** The framework's way to say something, without files for the source language, whose words are what is asked for. */
final class WordTranslator extends Translator
{
    /**
     * How a language counts is a matter of the language, wherever it is spoken.
     *
     * @param  string  $key
     * @param  \Countable|int|float|array<mixed>  $number
     * @param  array<string, mixed>  $replace
     * @param  ?string  $locale
     */
    public function choice($key, $number, array $replace = [], $locale = null): string
    {
        $number = is_countable($number) ? count($number) : $number;
        $said = $this->getSelector()->choose(
            $this->get($key, [], $locale), $number, (string) Locale::getPrimaryLanguage($locale ?: $this->locale),
        );

        return $this->makeReplacements($said, $replace + ['count' => $number]);
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
