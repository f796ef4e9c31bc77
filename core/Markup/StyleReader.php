<?php

namespace InkyCard\Markup;

/** Reads CSS of others: escapes resolved, and nothing in it that runs or reaches for other files. */
final class StyleReader
{
    /** A declaration (CSS Syntax 3): strings and brackets may hold semicolons. */
    private const DECLARATION = '/([-\w]++)\s*+:\s*+((?:[^;"\'()]++|"[^"]*+"|\'[^\']*+\'|\((?:[^()"\']++|"[^"]*+"'
        .'|\'[^\']*+\'|\([^()]*+\))*+\))*+)/';

    /**
     * The declarations of a style attribute, escapes resolved; what reaches for other files or runs is not among them.
     *
     * @return list<array{string, string}>
     */
    public static function declarations(string $style): array
    {
        if ($style === '') {
            return [];
        }
        if (strpbrk($style, '\\/') !== false) {
            $style = self::plain($style);
        }
        preg_match_all(self::DECLARATION, $style, $found, PREG_SET_ORDER);
        $declarations = [];
        foreach ($found as [, $property, $value]) {
            $value = trim($value);
            if ($value !== '' && ! self::reaches($value)
                && ! preg_match('/^(?:behavior|-moz-binding|-webkit-user-modify)$/i', $property)) {
                $declarations[] = [strtolower($property), $value];
            }
        }

        return $declarations;
    }

    /** Style sheets with what runs, reaches out or could end the element taken away. */
    public static function sheet(string $css): string
    {
        if (trim($css) === '') {
            return '';
        }
        $css = str_ireplace(['</', '<!--', '-->'], '', self::plain($css));

        return (string) preg_replace(
            [
                '/@(?:import|charset|namespace)[^;]*;?/i', '/(?:expression|url)\s*+\([^)]*+\)?/i',
                '/(?:behavior|-moz-binding)\s*:[^;}]*/i', '/javascript\s*:/i',
            ],
            '',
            $css,
        );
    }

    private static function reaches(string $value): bool
    {
        return preg_match('/expression\s*\(|javascript\s*:|vbscript\s*:|@import/i', $value) === 1
            || (stripos($value, 'url(') !== false
                && preg_match('/url\(\s*["\']?\s*(?!https?:|cid:|data:image\/)/i', $value) === 1);
    }

    /** Without comments, escapes resolved. */
    private static function plain(string $css): string
    {
        $css = (string) preg_replace('~/\*.*?(?:\*/|$)~s', '', $css);

        return (string) preg_replace_callback('/\\\\(?:([0-9a-f]{1,6})\s?|(.))/is', function (array $match): string {
            $point = hexdec($match[1]);

            return $match[1] === '' ? $match[2] : (mb_chr(is_int($point) ? $point : 0, 'UTF-8') ?: '');
        }, $css);
    }
}
