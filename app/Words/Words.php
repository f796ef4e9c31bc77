<?php

namespace App\Words;

use Illuminate\Support\Facades\App;
use Illuminate\Support\Facades\File;
use InkyCard\Refusal;
use InkyCard\Said;
use Locale;

/**
 * Languages pages are in. The words of the source language stand where they are said; lang/en.json lists them, and a
 * file beside it says them in another language.
 */
final class Words
{
    public const SOURCE = 'en';

    /** @var array<string, array<string, string>> by language, read once */
    private static array $read = [];

    /** @var list<string>|null those that have a file, looked for once: every request asks */
    private static ?array $files = null;

    /** @return list<string> BCP 47 */
    public static function known(): array
    {
        self::$files ??= array_map(
            fn (string $file): string => basename($file, '.json'), array_values(File::glob(lang_path('*.json'))),
        );

        return config('inky.pseudo') ? [...self::$files, ...array_keys(PseudoLanguage::NAMES)] : self::$files;
    }

    /** @return array<string, string> language (BCP 47) => its name in itself */
    public static function languages(): array
    {
        $languages = [];
        foreach (self::known() as $language) {
            $languages[$language] = PseudoLanguage::NAMES[$language]
                ?? (string) Locale::getDisplayName($language, $language);
        }

        return $languages;
    }

    /**
     * Which of ours suits somebody who reads these (RFC 4647).
     *
     * @param  list<string>  $wanted  the best first
     */
    public static function suiting(array $wanted): string
    {
        foreach ($wanted as $language) {
            $found = (string) Locale::lookup(self::known(), $language, false, '');
            if ($found !== '') {
                return str_replace('_', '-', $found);
            }
        }

        return self::SOURCE;
    }

    public static function isTurned(string $language): bool
    {
        return $language === PseudoLanguage::TURNED
            || in_array(Locale::getPrimaryLanguage($language), ['ar', 'dv', 'fa', 'he', 'ps', 'ur', 'yi'], true);
    }

    /** A message in a language; as it is where that has none. */
    public static function say(string $message, string $language): string
    {
        return match (true) {
            $language === self::SOURCE => $message,
            // What is in no language file stays as it is, to be seen.
            isset(PseudoLanguage::NAMES[$language]) => self::has($message, self::SOURCE)
                ? PseudoLanguage::say($message, $language) : $message,
            default => self::messages($language)[$message] ?? $message,
        };
    }

    public static function has(string $message, string $language): bool
    {
        return isset(PseudoLanguage::NAMES[$language]) || isset(self::messages($language)[$message]);
    }

    /** @return array<string, string> the messages of a language */
    private static function messages(string $language): array
    {
        return self::$read[$language] ??= self::read($language);
    }

    /** What the core says, in the language of the page. */
    public static function of(Refusal|Said|string $said): string
    {
        return match (true) {
            $said instanceof Refusal => self::of($said->said),
            // A value that is a text is what somebody wrote, whatever it says.
            $said instanceof Said => __($said->template, array_map(
                fn (string|Said $value): string => is_string($value) ? $value : self::of($value), $said->values,
            )),
            default => __($said),
        };
    }

    /** A number in a name of what is kept: another when the words of the language change. */
    public static function edition(): string
    {
        $language = App::getLocale();

        return $language === self::SOURCE ? '' : ".$language.".(int) @filemtime(self::file($language));
    }

    public static function file(string $language): string
    {
        return lang_path("$language.json");
    }

    /** @return array<string, string> */
    private static function read(string $language): array
    {
        $json = @file_get_contents(self::file($language));

        return $json === false ? [] : array_filter((array) json_decode($json, true), is_string(...));
    }
}
