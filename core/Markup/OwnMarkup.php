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

    /** Attributes whose loss is told in other words. */
    private const TOLD = ['href', 'src', 'alt'];

    /**
     * @param  list<string>  $dropped  names of elements, attributes and properties taken out, such as `<script>`,
     *     `onclick`, `position`
     * @param  array<string, string>  $rewritten  start tag as it came => as it is now; empty where words stand alone
     */
    private function __construct(public string $html, public array $dropped, public array $rewritten)
    {
    }

    /** @throws Refusal */
    public static function clean(mixed $raw): self
    {
        $html = trim(CleanText::utf8($raw, 'HTML'));
        self::mustFit($html);
        if (preg_match('/[\x00-\x08\x{fdd0}-\x{fdef}\x{fffe}\x{ffff}]/u', $html)) {
            throw Refusal::because('This HTML holds control characters: type it again by hand.');
        }
        $document = MailDocument::words($html);
        if ($document->body->depth() > self::MAX_DEPTH) {
            throw Refusal::because('This HTML is nested more than 40 deep: flatten it first.');
        }
        $dropped = [];
        $own = OwnElements::rewrite($document->body);
        $safe = self::settled(self::written($document->body, $dropped));
        self::mustFit($safe);
        $missing = array_diff(self::names($html), self::names($safe), $own->carried(), self::TOLD);
        $alone = array_diff(preg_grep('/^</', $missing) ?: [], self::marked($document->gone()));

        return new self($safe, [
            ...array_values(array_unique([...$dropped, ...array_diff($missing, $alone)])),
            ...self::deadEnds($html, $safe),
        ], $own->rewritten() + array_fill_keys($alone, ''));
    }

    /** @param  list<string>  $dropped  added to */
    private static function written(Element $body, array &$dropped): string
    {
        return trim(self::pictures(self::styles(self::sanitised(HtmlWriter::write($body)), $dropped), $dropped));
    }

    /** What stays as it is when it is read again: parsers end elements that stand where they may not. */
    private static function settled(string $html): string
    {
        $dropped = [];
        for ($pass = 0; $pass < self::MAX_DEPTH; $pass++) {
            $document = MailDocument::words($html);
            OwnElements::rewrite($document->body);
            $again = self::written($document->body, $dropped);
            if ($again === $html) {
                break;
            }
            $html = $again;
        }

        return $html;
    }

    /**
     * @param  list<string>  $names
     * @return list<string> as tags
     */
    private static function marked(array $names): array
    {
        return array_map(fn (string $name) => "<$name>", [...$names, 'head', 'meta', 'style', 'title']);
    }

    /** @return list<string> addresses of links that lead nowhere now, in words */
    private static function deadEnds(string $html, string $safe): array
    {
        preg_match_all('/\bhref\s*=\s*(?:"([^"]*)"|\'([^\']*)\'|([^\s>]+))/i', $html, $given, PREG_SET_ORDER);
        preg_match_all('/ href="([^"]*)"/', $safe, $kept);
        $left = array_flip(array_map(self::plain(...), $kept[1]));
        $dead = [];
        foreach ($given as $match) {
            $address = trim(self::plain(end($match)));
            if ($address !== '' && ! isset($left[$address]) && ! isset($left["https://$address"])) {
                $dead["the address of a link, $address"] = true;
            }
        }

        return array_keys($dead);
    }

    private static function plain(string $attribute): string
    {
        return html_entity_decode($attribute, ENT_QUOTES | ENT_HTML5, 'UTF-8');
    }

    /** @throws Refusal */
    private static function mustFit(string $html): void
    {
        if (strlen($html) > self::MAX_BYTES) {
            throw Refusal::because('Own HTML holds at most 20,000 characters, written as mail clients take it.');
        }
    }

    private static function sanitised(string $html): string
    {
        $config = (new HtmlSanitizerConfig)
            ->allowLinkSchemes(['https', 'http', 'mailto', 'tel'])
            ->allowMediaSchemes(['https', 'http'])
            ->withMaxInputLength(-1);
        foreach (MailVocabulary::OWN_ELEMENTS + MailVocabulary::ELEMENTS as $element => $attributes) {
            $config = $config->allowElement($element, $attributes);
        }

        return (new HtmlSanitizer($config))->sanitizeFor('body', $html);
    }

    /** @param  list<string>  $dropped  added to */
    private static function styles(string $html, array &$dropped): string
    {
        return (string) preg_replace_callback('/ style="([^"]*)"/', function (array $style) use (&$dropped): string {
            $kept = self::style(self::plain($style[1]), $dropped);

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
                // What it says stays.
                preg_match('/ alt="([^"]*)"/', $it[1], $alt);

                return $alt[1] ?? '';
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
            $colour = 'color:'.$ink->hex;

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
        return (string) preg_replace('/\s+/u', ' ', implode(' ', self::lines($html, spoken: true)));
    }

    /**
     * Its words, parted where a block or a forced line end parts them; cells are parted by a space.
     *
     * @param  bool  $spoken  pictures are what stands in their place
     * @return list<string>
     */
    public static function lines(string $html, bool $spoken = false): array
    {
        $parted = (string) preg_replace(
            ['#<br[^>]*>|</?(?:p|div|tr|li|ul|ol|table|hr)\b[^>]*>#i', '#</?td\b[^>]*>#i'], ["\n", ' '], $html,
        );
        $worded = $spoken ? (string) preg_replace('#<img\b[^>]* alt="([^"]*)"[^>]*>#i', ' $1 ', $parted) : $parted;
        $lines = array_map(
            fn (string $line) => trim((string) preg_replace('/\s+/u', ' ', self::plain(strip_tags($line)))),
            explode("\n", $worded),
        );

        return array_values(array_filter($lines, fn (string $line) => $line !== ''));
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

    /** @return list<string> elements, attributes and properties it uses */
    private static function names(string $html): array
    {
        $names = [];
        preg_match_all('/<([a-z][\w:.-]*)((?:[^>"\']|"[^"]*"|\'[^\']*\')*)>/i', $html, $tags, PREG_SET_ORDER);
        foreach ($tags as [, $element, $attributes]) {
            $names[] = '<'.strtolower($element).'>';
            preg_match_all('/([a-z-]+)\s*=/i', (string) preg_replace('/"[^"]*"|\'[^\']*\'/', '', $attributes), $given);
            preg_match('/\bstyle\s*=\s*(?:"([^"]*)"|\'([^\']*)\')/i', $attributes, $style);
            preg_match_all('/(?:^|;)\s*([a-z-]+)\s*:/i', self::plain((string) end($style)), $properties);
            array_push($names, ...array_map('strtolower', [...$given[1], ...$properties[1]]));
        }

        return array_values(array_unique($names));
    }
}
