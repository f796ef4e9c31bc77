<?php

namespace InkyCard\Type;

/** Which script words are in, and what that says of their language (Unicode script properties; ISO 639-1). */
final class Script
{
    /** Script as PCRE names it => languages written in it, the likeliest first; letters of all others say nothing. */
    private const LANGUAGES = [
        'Arabic' => ['ar', 'fa', 'ur', 'ps', 'sd', 'ug', 'ckb'], 'Hebrew' => ['he', 'yi'], 'Greek' => ['el'],
        'Cyrillic' => ['ru', 'uk', 'bg', 'sr', 'mk', 'be', 'kk', 'ky', 'mn', 'tg'], 'Thai' => ['th'],
        'Hangul' => ['ko'], 'Hiragana' => ['ja'], 'Katakana' => ['ja'], 'Han' => ['zh', 'ja'],
        'Devanagari' => ['hi', 'mr', 'ne'], 'Bengali' => ['bn'], 'Tamil' => ['ta'], 'Armenian' => ['hy'],
        'Georgian' => ['ka'],
    ];

    /** Share of the letters that settles it. */
    private const MOST = 0.5;

    /**
     * A language the words are likely in, where their script says so.
     *
     * @param  string  $lang  what they are said to be in, BCP 47: it is right where its script is the one
     * @return ?string null where that may be right
     */
    public static function otherThan(string $lang, string $words): ?string
    {
        $letters = (int) preg_match_all('/\p{L}/u', $words);
        $own = strtolower(strtok($lang, '-') ?: $lang);
        foreach (self::LANGUAGES as $script => $languages) {
            if ($letters > 0 && preg_match_all("/\p{{$script}}/u", $words) > self::MOST * $letters) {
                // Names in Japanese may be Han alone; a word of Kana among them settles it.
                $kana = $script === 'Han' && preg_match('/[\p{Hiragana}\p{Katakana}]/u', $words) === 1;

                return in_array($own, $languages, true) ? null : ($kana ? 'ja' : $languages[0]);
            }
        }

        return null;
    }

    /** Whether words run from the right: by the first letter that says so (UAX #9, rule P2). */
    public static function runsFromRight(string $words): bool
    {
        return preg_match('/^\P{L}*[\p{Arabic}\p{Hebrew}\p{Syriac}\p{Thaana}\p{Nko}]/u', $words) === 1;
    }
}
