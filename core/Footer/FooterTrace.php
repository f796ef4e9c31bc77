<?php

namespace InkyCard\Footer;

/** Finds which revision of a footer a received message carries: by its own words, whatever was filled in between. */
final class FooterTrace
{
    /** Words between two tokens that are looked for, letters. */
    private const TELLING = 10;

    /** Share of them from which on it is there. */
    private const THERE = 0.6;

    /**
     * @template K of array-key
     *
     * @param  array<K, Footer>  $revisions  the newest first
     * @param  string  $seen  all words of the message, white space evened out
     * @return ?K the one most of whose words are there; the newer where others are as good
     */
    public static function in(array $revisions, string $seen): int|string|null
    {
        $best = null;
        $most = self::THERE - 0.001;
        foreach ($revisions as $key => $footer) {
            $words = self::words($footer);
            $there = array_filter($words, fn (string $part) => str_contains($seen, $part));
            $share = $words === [] ? 0.0 : count($there) / count($words);
            if ($share > $most + 0.001) {
                [$best, $most] = [$key, $share];
            }
        }

        return $best;
    }

    /** @return list<string> what it says by itself, cut at its tokens */
    private static function words(Footer $footer): array
    {
        $words = [];
        foreach (['why', 'firm', 'registration'] as $part) {
            $text = $footer->text($part);
            $cut = strtr($text, array_fill_keys(array_column($footer->style->find($text), 'raw'), "\n"));
            foreach (explode("\n", $cut) as $piece) {
                $piece = trim((string) preg_replace('/\s+/u', ' ', $piece), " ,.;:\u{a0}");
                $words = mb_strlen($piece) >= self::TELLING ? [...$words, $piece] : $words;
            }
        }

        return $words;
    }
}
