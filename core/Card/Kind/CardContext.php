<?php

namespace InkyCard\Card\Kind;

use InkyCard\Card\Style\Style;
use InkyCard\Time\Clock;
use InkyCard\Time\Day;

/** What a piece has to know of the card it stands on. */
final readonly class CardContext
{
    /** Languages whose words are those of another. */
    private const AS = [
        'no' => 'nb', 'nn' => 'nb', 'zh-tw' => 'zh-Hant', 'zh-hk' => 'zh-Hant', 'zh-mo' => 'zh-Hant', 'iw' => 'he',
        'in' => 'id', 'bs' => 'hr',
    ];

    /**
     * @param  string  $holder  what the card's holder is called on it; empty when no name is filled in and shown
     * @param  string  $lang  language of its words, BCP 47
     * @param  string  $country  ISO 3166-1 alpha-2
     */
    public function __construct(
        public Style $style,
        public string $holder,
        private string $lang = 'en',
        private string $country = 'GB',
    ) {
    }

    /** The same for what stands on a background of its own. */
    public function in(Style $style): self
    {
        return new self($style, $this->holder, $this->lang, $this->country);
    }

    /** A word the card says by itself, in its language; null where it has none (words.php). */
    public function word(string $key): ?string
    {
        return self::words($this->lang)[$key] ?? null;
    }

    /** The same with something in it. */
    public function said(string $key, string ...$with): string
    {
        return sprintf((string) $this->word($key), ...$with);
    }

    /** In capitals, as its language has them. */
    public function capitals(string $text): string
    {
        return in_array(strtok($this->lang, '-'), ['tr', 'az'], true)
            ? mb_strtoupper(strtr($text, ['i' => 'İ'])) : mb_strtoupper($text);
    }

    /** A day as it is written in its language and country. */
    public function day(Day $day): string
    {
        return $day->words($this->locale());
    }

    /** A time of day as it is written there. @param  string  $time  HH:MM */
    public function time(string $time): string
    {
        return Clock::words($time, $this->locale());
    }

    private function locale(): string
    {
        return str_contains($this->lang, '-') ? $this->lang : "$this->lang-$this->country";
    }

    /** @return array<string, string> languages it has words of: BCP 47 => what they are called, in English and there */
    public static function languages(): array
    {
        $tags = array_keys(self::all());
        $languages = array_combine($tags, array_map(self::called(...), $tags));
        asort($languages);

        return $languages;
    }

    /** What a language is called in English, and in itself where that is another name. @param  string  $tag  BCP 47 */
    public static function called(string $tag): string
    {
        $own = (string) \Locale::getDisplayName($tag, $tag);
        $english = (string) \Locale::getDisplayName($tag, 'en');

        return $own === $english ? $english : "$english, $own";
    }

    /** @return array<string, string> a word cards say by themselves, by language: BCP 47 => word */
    public static function everywhere(string $key): array
    {
        return array_map(fn (array $words) => $words[$key], self::all());
    }

    /** @return array<string, array<string, string>> */
    private static function all(): array
    {
        /** @var array<string, array<string, string>>|null $all */
        static $all = null;

        return $all ??= require __DIR__.'/words.php';
    }

    /** @return array<string, string> */
    private static function words(string $lang): array
    {
        /** @var array<string, array<string, string>> $found */
        static $found = [];

        return $found[$lang] ??= self::find($lang);
    }

    /** @return array<string, string> */
    private static function find(string $lang): array
    {
        $all = self::all();
        foreach ([$lang, strtok($lang, '-') ?: ''] as $tag) {
            foreach ($all as $known => $words) {
                if (strcasecmp(self::AS[strtolower($tag)] ?? $tag, $known) === 0) {
                    return $words;
                }
            }
            // A tag with a script or region of its own before the language alone: zh-Hant-HK.
            if (stripos($lang, 'zh-hant') === 0) {
                return $all['zh-Hant'];
            }
        }

        return $all['en'];
    }
}
