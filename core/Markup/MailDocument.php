<?php

namespace InkyCard\Markup;

/**
 * A message's HTML taken apart, ours or anybody's: broken nesting mended as
 * HTML parsers do, character set found, nothing that could run left in it.
 */
final class MailDocument
{
    /** Larger files are cut here, bytes. */
    private const MOST = 4_000_000;

    /** Left out with all they hold: no mail client runs or fetches these. */
    private const GONE = [
        'script', 'iframe', 'frame', 'frameset', 'object', 'embed', 'applet', 'noscript', 'template', 'svg', 'math',
        'link', 'base', 'meta', 'title', 'video', 'audio', 'canvas', 'select', 'textarea', 'input', 'xml', 'noembed',
        'plaintext', 'xmp', 'portal',
    ];

    private const ATTRIBUTES = [
        'align', 'alt', 'background', 'bgcolor', 'border', 'cellpadding', 'cellspacing', 'class', 'clear', 'color',
        'colspan', 'data-piece', 'dir', 'face', 'height', 'href', 'hspace', 'id', 'lang', 'name', 'nowrap', 'role',
        'rowspan', 'size', 'src', 'start', 'style', 'target', 'title', 'type', 'valign', 'vspace', 'width',
        'aria-label', 'aria-hidden', 'fillcolor', 'arcsize', 'stroke', 'hidden', 'srcset', 'sizes', 'summary', 'color',
    ];

    private const ELEMENTS = [
        'a', 'abbr', 'acronym', 'address', 'article', 'aside', 'b', 'big', 'blockquote', 'body', 'br', 'button',
        'caption', 'center', 'cite', 'code', 'col', 'colgroup', 'dd', 'del', 'details', 'dfn', 'div', 'dl', 'dt', 'em',
        'figcaption', 'figure', 'font', 'footer', 'form', 'h1', 'h2', 'h3', 'h4', 'h5', 'h6', 'header', 'hr', 'i',
        'img', 'ins', 'kbd', 'li', 'main', 'mark', 'nav', 'ol', 'p', 'picture', 'pre', 'q', 's', 'samp', 'section',
        'small', 'span', 'strike', 'strong', 'sub', 'summary', 'sup', 'table', 'tbody', 'td', 'tfoot', 'th', 'thead',
        'time', 'tr', 'tt', 'u', 'ul', 'var', 'wbr', 'v:roundrect', 'v:rect', 'v:oval', 'v:textbox', 'v:fill',
    ];

    private const VOID = ['br' => 1, 'col' => 1, 'hr' => 1, 'img' => 1, 'wbr' => 1];

    /** A declaration of CSS (CSS Syntax 3): strings and brackets may hold semicolons. */
    private const DECLARATION = '/([-\w]++)\s*+:\s*+((?:[^;"\'()]++|"[^"]*+"|\'[^\']*+\'|\((?:[^()"\']++|"[^"]*+"'
        .'|\'[^\']*+\'|\([^()]*+\))*+\))*+)/';

    /**
     * @param  Element  $body  named `body`
     * @param  string  $styles  all style elements, one after another
     * @param  list<string>  $gone  names of elements that were left out
     * @param  int  $bytes  of the source
     */
    private function __construct(
        public readonly Element $body,
        public readonly string $styles,
        public readonly array $gone,
        public readonly int $bytes,
    ) {
    }

    /** @param  bool  $word  what is written for the Word engine alone counts, what is hidden from it does not */
    public static function parse(string $html, bool $word = false): self
    {
        $bytes = strlen($html);
        $html = self::utf8(substr($html, 0, self::MOST));
        $html = self::conditions($html, $word);
        // The parser puts bare words of a body into paragraphs; within an element of its own they stay as they are.
        $html
            = preg_match('/<body\b[^>]*>/i', $html) === 1
                ? (string) preg_replace('/<body\b[^>]*>/i', '$0<div data-inside>', $html, 1)
                : (preg_match('/<html\b/i', $html) === 1
                    ? $html
                    : '<div data-inside>'.$html);
        $dom = self::dom($html);
        $styles = '';
        $gone = [];
        $body = new Element('body');
        // Pairs of what is to be read and where it goes, innermost last.
        $open = [[$dom->documentElement, $body]];
        while ($open !== []) {
            [$node, $into] = array_pop($open);
            if ($node === null) {
                continue;
            }
            $children = [];
            for ($child = $node->firstChild; $child !== null; $child = $child->nextSibling) {
                if ($child instanceof \DOMText) {
                    $into->children[] = $child->data;
                } elseif ($child instanceof \DOMElement) {
                    $name = strtolower($child->nodeName);
                    // The parser drops prefixes: these are shapes of VML, no elements of HTML.
                    $name = in_array($name, ['roundrect', 'rect', 'oval', 'textbox', 'fill'], true) ? "v:$name" : $name;
                    if ($name === 'style') {
                        $styles .= $child->textContent."\n";
                    } elseif (in_array($name, self::GONE, true)
                        || ($name === 'head' && ! self::holdsStyle($child, $styles))) {
                        $gone[$name] = true;
                    } elseif ($name === 'html' || $name === 'body' || ! in_array($name, self::ELEMENTS, true)
                        || $child->hasAttribute('data-inside')) {
                        // Its own marks, not itself: what it holds stays where it stood.
                        $place = new Element(
                            '',
                            $name === 'body' ? self::attributes($child) : [],
                            $name === 'body' ? self::style($child->getAttribute('style')) : [],
                        );
                        if ($name === 'body') {
                            $body->attributes = $place->attributes + $body->attributes;
                            $body->style = [...$body->style, ...$place->style];
                        }
                        $into->children[] = $place;
                        $children[] = [$child, $place];
                    } else {
                        $element = new Element(
                            $name,
                            self::attributes($child),
                            self::style($child->getAttribute('style')),
                        );
                        $element->piece = $element->attributes['data-piece'] ?? '';
                        unset($element->attributes['data-piece']);
                        $into->children[] = $element;
                        $children[] = [$child, $element];
                    }
                }
            }
            array_push($open, ...$children);
        }
        unset($gone['head'], $gone['meta'], $gone['title']);
        self::flatten($body);

        return new self($body, self::safeCss($styles), array_keys($gone), $bytes);
    }

    /**
     * The declarations of a style attribute, escapes resolved; what reaches for other files or runs is not among them.
     *
     * @return list<array{string, string}>
     */
    public static function style(string $style): array
    {
        if ($style === '') {
            return [];
        }
        if (strpbrk($style, '\\/') !== false) {
            $style = self::unescape((string) preg_replace('~/\*.*?(?:\*/|$)~s', '', $style));
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

    /** @param  bool  $marked  elements name their piece and whether they changed, for screens */
    public static function html(Element $top, bool $marked = false): string
    {
        $html = '';
        // Strings on the stack are written as they are.
        $open = [[$top, false]];
        while ($open !== []) {
            [$node, $raw] = array_pop($open);
            if (is_string($node)) {
                $html .= $raw ? $node : self::escape($node);

                continue;
            }
            $name = $node->name;
            if ($name !== '' && $name !== 'body') {
                $html .= '<'.$name;
                foreach ($node->attributes as $attribute => $value) {
                    $html .= ' '.$attribute.'="'.self::escape($value).'"';
                }
                if ($node->style !== []) {
                    $html .= ' style="'
                        .self::escape(
                            implode(
                                ';',
                                array_map(fn (array $declaration) => $declaration[0].':'.$declaration[1], $node->style),
                            ),
                        )
                        .'"';
                }
                if ($marked && $node->piece !== '') {
                    $html .= ' data-piece="'.self::escape($node->piece).'"';
                }
                $html .= $marked && $node->changed ? ' data-changed>' : '>';
                if (isset(self::VOID[$name])) {
                    continue;
                }
                $open[] = ["</$name>", true];
            }
            for ($index = count($node->children) - 1; $index >= 0; $index--) {
                $open[] = [$node->children[$index], false];
            }
        }

        return $html;
    }

    private static function escape(string $text): string
    {
        return htmlspecialchars($text, ENT_COMPAT | ENT_SUBSTITUTE | ENT_HTML5, 'UTF-8');
    }

    /** @return array<string, string> */
    private static function attributes(\DOMElement $element): array
    {
        $attributes = [];
        foreach ($element->attributes as $attribute) {
            $name = strtolower($attribute->nodeName);
            if ($name === 'style' || ! in_array($name, self::ATTRIBUTES, true)) {
                continue;
            }
            $value = $attribute->nodeValue ?? '';
            if (in_array($name, ['href', 'src', 'background', 'srcset'], true) && ! self::leads($value)) {
                continue;
            }
            $attributes[$name] = $value;
        }

        return $attributes;
    }

    /** Whether an address is one mail clients follow or show. */
    private static function leads(string $address): bool
    {
        $plain = strtolower((string) preg_replace('/[\x00-\x20\x7f]+/', '', $address));

        return preg_match(
            '~^(?:https?:|mailto:|tel:|sms:|cid:|data:image/(?:png|gif|jpe?g|webp|svg\+xml)|[#/?.]|[^:]*$)~',
            $plain,
        ) === 1;
    }

    private static function reaches(string $value): bool
    {
        return preg_match('/expression\s*\(|javascript\s*:|vbscript\s*:|@import/i', $value) === 1
            || (stripos($value, 'url(') !== false
                && preg_match('/url\(\s*["\']?\s*(?!https?:|cid:|data:image\/)/i', $value) === 1);
    }

    private static function unescape(string $css): string
    {
        return (string) preg_replace_callback('/\\\\(?:([0-9a-f]{1,6})\s?|(.))/is', function (array $match): string {
            $point = hexdec($match[1]);

            return $match[1] === '' ? $match[2] : (mb_chr(is_int($point) ? $point : 0, 'UTF-8') ?: '');
        }, $css);
    }

    /** Style sheets with what runs, reaches out or could end the element taken away. */
    private static function safeCss(string $css): string
    {
        if (trim($css) === '') {
            return '';
        }
        $css = self::unescape((string) preg_replace('~/\*.*?(?:\*/|$)~s', '', $css));
        $css = str_ireplace(['</', '<!--', '-->'], '', $css);

        return (string) preg_replace(
            [
                '/@(?:import|charset|namespace)[^;]*;?/i', '/(?:expression|url)\s*\([^)]*\)/i',
                '/(?:behavior|-moz-binding)\s*:[^;}]*/i', '/javascript\s*:/i',
            ],
            '',
            $css,
        );
    }

    /** Takes the places of elements that are none of ours out, their children staying. */
    private static function flatten(Element $top): void
    {
        $open = [$top];
        while (($element = array_pop($open)) !== null) {
            for ($again = true; $again;) {
                $again = false;
                $children = [];
                foreach ($element->children as $child) {
                    if ($child instanceof Element && $child->name === '') {
                        array_push($children, ...$child->children);
                        $again = true;
                    } else {
                        $children[] = $child;
                    }
                }
                $element->children = $children;
            }
            foreach ($element->children as $child) {
                if ($child instanceof Element) {
                    $open[] = $child;
                }
            }
        }
    }

    private static function holdsStyle(\DOMElement $head, string &$styles): bool
    {
        foreach ($head->getElementsByTagName('style') as $style) {
            $styles .= $style->textContent."\n";
        }

        return false;
    }

    /** As HTML parsers take it, broken as it may be, with all that is in it. @param  string  $html  UTF-8 */
    public static function dom(string $html): \DOMDocument
    {
        $dom = new \DOMDocument;
        $before = libxml_use_internal_errors(true);
        // The hint stands for the meta element every parser looks for first.
        $dom->loadHTML(
            '<?xml encoding="utf-8"?>'.($html === '' ? ' ' : $html),
            LIBXML_PARSEHUGE | LIBXML_COMPACT | LIBXML_NONET | LIBXML_NOERROR | LIBXML_NOWARNING,
        );
        libxml_clear_errors();
        libxml_use_internal_errors($before);

        return $dom;
    }

    /** Null bytes out; another character set made UTF-8: the one it names, or Windows-1252 where it is none. */
    public static function utf8(string $html): string
    {
        $html = str_replace("\0", '', $html);
        if (str_starts_with($html, "\xff\xfe") || str_starts_with($html, "\xfe\xff")) {
            $html = mb_convert_encoding($html, 'UTF-8', 'UTF-16');
        }
        if (! mb_check_encoding($html, 'UTF-8')) {
            $named
                = preg_match('/charset\s*=\s*["\']?\s*([\w-]{3,20})/i', substr($html, 0, 4000), $match) === 1
                    ? $match[1]
                    : '';
            $known
                = in_array(strtolower($named), array_map(strtolower(...), mb_list_encodings()), true)
                && strtolower($named) !== 'utf-8'
                    ? $named
                    : 'Windows-1252';
            $html = mb_scrub((string) mb_convert_encoding($html, 'UTF-8', $known), 'UTF-8');
        }
        // A name that is no longer true would be believed.
        $html = (string) preg_replace('/(<meta\b[^>]*charset\s*=\s*["\']?)[\w-]+/i', '$1utf-8', $html);

        return preg_replace('/[\x01-\x08\x0b\x0c\x0e-\x1f]/', '', $html) ?? '';
    }

    /** Conditional comments as one engine or the other sees them. One that is never closed is a comment to the end. */
    private static function conditions(string $html, bool $word): string
    {
        $out = '';
        $at = 0;
        while (($start = strpos($html, '<!--[if', $at)) !== false) {
            $out .= substr($html, $at, $start - $at);
            $end = strpos($html, ']', $start);
            $close = strpos($html, '<![endif]', $start);
            $tail = $close === false ? false : strpos($html, '>', $close);
            if ($end === false || $close === false || $tail === false || $end > $close) {
                return $out;
            }
            $holds = self::holds(substr($html, $start + 7, $end - $start - 7));
            $inner = substr($html, $end + 1, $close - $end - 1);
            // `<!--[if !mso]><!-->` shows what follows to everybody but those who read conditions.
            $shown
                = str_starts_with(ltrim($inner, '>'), '<!-->')
                || str_starts_with($inner, ' ><!-->')
                || str_starts_with($inner, '><!-- -->');
            $inner = (string) preg_replace('/^\s*>(?:<!-->|<!-- -->)?|<!--$/', '', $inner);
            $out .= $word ? ($holds ? $inner : '') : ($shown ? $inner : '');
            $at = $tail + 1;
            if (substr($html, $at, 3) === '-->') {
                $at += 3;
            }
        }

        return $out.substr($html, $at);
    }

    /** Whether a condition holds in the Word engine, version 16. */
    private static function holds(string $condition): bool
    {
        $any = false;
        foreach (explode('|', strtolower(strtr($condition, ['(' => ' ', ')' => ' ']))) as $one) {
            $all = true;
            foreach (explode('&', $one) as $term) {
                $term = trim($term);
                $not = str_starts_with($term, '!');
                $true
                    = preg_match('/^!?\s*(?:(gte|gt|lte|lt)\s+)?(mso|vml|true|ie)\s*(\d+)?$/', $term, $match) === 1
                    && match (true) {
                        $match[2] === 'ie' => false,
                        ! isset($match[3]) => true,
                        default => match ($match[1]) {
                            'gte' => (int) $match[3] <= 16,
                            'gt' => (int) $match[3] < 16,
                            'lte' => (int) $match[3] >= 16,
                            'lt' => (int) $match[3] > 16,
                            default => (int) $match[3] === 16,
                        },
                    };
                $all = $all && ($true xor $not);
            }
            $any = $any || $all;
        }

        return $any;
    }
}
