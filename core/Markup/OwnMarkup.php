<?php

namespace InkyCard\Markup;

use InkyCard\Colour\Colour;
use InkyCard\Refusal;
use InkyCard\Type\CleanText;
use Symfony\Component\HtmlSanitizer\HtmlSanitizer;
use Symfony\Component\HtmlSanitizer\HtmlSanitizerConfig;

/** Somebody's own HTML, cut down to what mail clients take (MailVocabulary). */
final readonly class OwnMarkup
{
    private const MAX_BYTES = 20_000;

    private const MAX_DEPTH = 40;

    /**
     * @param  list<string>  $dropped names of elements, attributes and properties taken out, such as `<script>`,
     *     `onclick`, `position`
     */
    private function __construct(public string $html, public array $dropped)
    {
    }

    /** @throws Refusal */
    public static function clean(mixed $raw): self
    {
        $html = trim(CleanText::utf8($raw, 'HTML'));
        if (strlen($html) > self::MAX_BYTES) {
            throw Refusal::because('Own HTML holds at most 20,000 characters.');
        }
        if (preg_match('/[\x00-\x08\x{fdd0}-\x{fdef}\x{fffe}\x{ffff}]/u', $html)) {
            throw Refusal::because('This HTML holds control characters: type it again by hand.');
        }
        if (self::depth($html) > self::MAX_DEPTH) {
            throw Refusal::because('This HTML is nested more than 40 deep: flatten it first.');
        }
        $dropped = [];
        $safe = trim(self::pictures(self::styles(self::sanitised($html), $dropped), $dropped));
        $left = self::names($safe);
        $gone = array_filter(self::names($html), fn (string $name) => ! in_array($name, $left, true));

        return new self($safe, array_values(array_unique([...$dropped, ...$gone])));
    }

    private static function sanitised(string $html): string
    {
        $config = (new HtmlSanitizerConfig)
            ->allowLinkSchemes(['https', 'http', 'mailto', 'tel'])
            ->allowMediaSchemes(['https', 'http'])
            ->withMaxInputLength(self::MAX_BYTES);
        foreach (MailVocabulary::ELEMENTS + ['tbody' => []] + MailVocabulary::OWN_ELEMENTS as $element => $attributes) {
            $config = $config->allowElement($element, $attributes);
        }

        return (new HtmlSanitizer($config))->sanitizeFor('body', $html);
    }

    /** @param  list<string>  $dropped  added to */
    private static function styles(string $html, array &$dropped): string
    {
        return (string) preg_replace_callback('/ style="([^"]*)"/', function (array $style) use (&$dropped): string {
            $kept = self::style(html_entity_decode($style[1], ENT_QUOTES | ENT_HTML5, 'UTF-8'), $dropped);

            return $kept === '' ? '' : ' style="'.Escape::html($kept).'"';
        }, $html);
    }

    /**
     * A picture without an address or a size would break the card's layout in one client or another.
     *
     * @param  list<string>  $dropped  added to
     */
    private static function pictures(string $html, array &$dropped): string
    {
        $whole = '/^(?=.* src="[^"])(?=.* width="\d{1,4}")(?=.* height="\d{1,4}")/s';

        return (string) preg_replace_callback('/<img\b([^>]*)>/', function (array $it) use (&$dropped, $whole): string {
            if (preg_match($whole, $it[1]) !== 1) {
                $dropped[] = '<img> without address and size';

                return '';
            }
            // The sanitizer writes an empty value as the bare name.
            $attributes = (string) preg_replace('/ alt(?=[\s\/]|$)/', ' alt=""', $it[1]);

            return '<img'.(str_contains($attributes, ' alt="') ? '' : ' alt=""').$attributes.'>';
        }, $html);
    }

    /** Clean markup with an explicit colour on every link that has none of its own. */
    public static function coloured(string $html, Colour $ink): string
    {
        return (string) preg_replace_callback('/<a\b([^>]*)>/', function (array $link) use ($ink) {
            $colour = 'color:'.$ink->toHex();

            return match (true) {
                preg_match('/ style="(?:[^"]*;)?color:/', $link[1]) === 1 => $link[0],
                str_contains($link[1], ' style="') => str_replace(' style="', " style=\"$colour;", $link[0]),
                default => "<a{$link[1]} style=\"$colour\">",
            };
        }, $html);
    }

    /** What it says without its markup. */
    public static function words(string $html): string
    {
        return trim(
            (string) preg_replace(
                '/\s+/u',
                ' ',
                html_entity_decode(
                    strip_tags(str_replace(['<br', '</p', '</td', '</li'], [' <br', ' </p', ' </td', ' </li'], $html)),
                    ENT_QUOTES | ENT_HTML5,
                    'UTF-8',
                ),
            ),
        );
    }

    /** @param  list<string>  $dropped  added to */
    private static function style(string $style, array &$dropped): string
    {
        $kept = [];
        foreach (explode(';', $style) as $declaration) {
            [$property, $value] = array_map('trim', explode(':', $declaration.':', 2));
            $property = strtolower($property);
            $value = rtrim($value, ':');
            if ($property === '') {
                continue;
            }
            // A value that reaches outside, escapes or negates is not one a mail client keeps either.
            if (! in_array($property, MailVocabulary::PROPERTIES, true)
                || preg_match('/url\s*\(|expression|[@\\\\<>{}]|:|-\d/i', $value)) {
                $dropped[] = $property;
            } else {
                $kept[] = "$property:$value";
            }
        }

        return implode(';', $kept);
    }

    /** @return list<string> elements and attributes it uses */
    private static function names(string $html): array
    {
        $names = [];
        preg_match_all('/<([a-z][a-z0-9]*)((?:[^>"\']|"[^"]*"|\'[^\']*\')*)>/i', $html, $tags, PREG_SET_ORDER);
        foreach ($tags as [, $element, $attributes]) {
            $names[] = '<'.strtolower($element).'>';
            preg_match_all('/([a-z-]+)\s*=/i', (string) preg_replace('/"[^"]*"|\'[^\']*\'/', '', $attributes), $given);
            array_push($names, ...array_map('strtolower', $given[1]));
        }

        return array_values(array_unique($names));
    }

    private static function depth(string $html): int
    {
        $depth = $deepest = 0;
        preg_match_all('#<(/?)([a-z][a-z0-9]*)[^>]*?(/?)>#i', $html, $tags, PREG_SET_ORDER);
        foreach ($tags as [, $closes, $element, $void]) {
            if ($closes !== '') {
                $depth = max(0, $depth - 1);
            } elseif ($void === ''
                && ! in_array(strtolower($element), ['br', 'img', 'hr', 'input', 'meta', 'link', 'col', 'wbr'], true)) {
                $deepest = max($deepest, ++$depth);
            }
        }

        return $deepest;
    }
}
