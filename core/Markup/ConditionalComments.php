<?php

namespace InkyCard\Markup;

/** Comments the Word engine reads and others do not, and the reverse (downlevel-hidden and -revealed). */
final class ConditionalComments
{
    private const START = '<!--[if';

    private const END = '<![endif]';

    /** Version of the Word engine conditions are held against. */
    private const VERSION = 16;

    /**
     * As one engine or the other sees it. A comment that is never closed goes on to the end.
     *
     * @param  bool  $word  as the Word engine does
     */
    public static function resolve(string $html, bool $word): string
    {
        $out = '';
        $at = 0;
        while (($start = strpos($html, self::START, $at)) !== false) {
            $out .= substr($html, $at, $start - $at);
            $end = strpos($html, ']', $start);
            $close = strpos($html, self::END, $start);
            $tail = $close === false ? false : strpos($html, '>', $close);
            if ($end === false || $close === false || $tail === false || $end > $close) {
                return $out;
            }
            $condition = substr($html, $start + strlen(self::START), $end - $start - strlen(self::START));
            $out .= self::seen($condition, substr($html, $end + 1, $close - $end - 1), $word);
            $at = $tail + 1;
            $at += substr($html, $at, 3) === '-->' ? 3 : 0;
        }

        return $out.substr($html, $at);
    }

    private static function seen(string $condition, string $inner, bool $word): string
    {
        // `<!--[if !mso]><!-->` shows what follows to everybody but those who read conditions.
        $shown = str_starts_with(ltrim($inner, '>'), '<!-->') || str_starts_with($inner, ' ><!-->')
            || str_starts_with($inner, '><!-- -->');

        return ($word ? self::holds($condition) : $shown)
            ? (string) preg_replace('/^\s*>(?:<!-->|<!-- -->)?|<!--$/', '', $inner)
            : '';
    }

    private static function holds(string $condition): bool
    {
        foreach (explode('|', strtolower(strtr($condition, ['(' => ' ', ')' => ' ']))) as $either) {
            $terms = array_map(trim(...), explode('&', $either));
            if (array_filter($terms, fn (string $term) => ! self::isTrue($term)) === []) {
                return true;
            }
        }

        return false;
    }

    private static function isTrue(string $term): bool
    {
        $pattern = '/^!?\s*(?:(gte|gt|lte|lt)\s+)?(mso|vml|true|ie)\s*(\d+)?$/';
        $known = preg_match($pattern, $term, $match) === 1 && $match[2] !== 'ie';
        $version = (int) ($match[3] ?? self::VERSION);
        $true = $known && match (isset($match[3]) ? $match[1] : '') {
            'gte' => $version <= self::VERSION,
            'gt' => $version < self::VERSION,
            'lte' => $version >= self::VERSION,
            'lt' => $version > self::VERSION,
            default => $version === self::VERSION,
        };

        return $true xor str_starts_with($term, '!');
    }
}
