<?php

namespace InkyCard\Markup;

/**
 * A message's HTML taken apart, ours or anybody's: broken nesting mended as
 * HTML parsers do, nothing that could run left in it.
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
        'colspan', 'data-at', 'data-piece', 'dir', 'face', 'height', 'href', 'hspace', 'id', 'lang', 'name', 'nowrap',
        'role', 'rowspan', 'size', 'src', 'start', 'style', 'target', 'title', 'type', 'valign', 'vspace', 'width',
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

    /** Shapes of VML, no elements of HTML: the parser drops their prefix. */
    private const SHAPES = ['roundrect', 'rect', 'oval', 'textbox', 'fill'];

    /** Of those left out, what stands in a form or in place of a player: words a reader would see. */
    private const WORDS = [
        'applet', 'audio', 'canvas', 'math', 'noscript', 'object', 'plaintext', 'portal', 'select', 'textarea', 'video',
        'xmp',
    ];

    /** No element of mail, but of a line of its own. */
    private const LINES = ['dir', 'fieldset', 'hgroup', 'legend', 'marquee', 'menu', 'optgroup', 'option', 'search'];

    /** Left out as everywhere, and so not worth a word. */
    private const USUAL = ['head' => 1, 'meta' => 1, 'title' => 1];

    private string $css = '';

    /** @var array<string, true> */
    private array $left = [];

    /**
     * @param  Element  $body  named `body`
     * @param  int  $bytes  of the source
     * @param  list<string>  $over  what of it was over a bound and left out, in words
     * @param  list<string>  $gone  elements left out with all they hold
     */
    private function __construct(
        public readonly Element $body,
        public readonly int $bytes,
        public readonly array $over,
        private readonly array $gone,
    ) {
    }

    /** @param  bool  $word  what is written for the Word engine alone counts, what is hidden from it does not */
    public static function parse(string $html, bool $word = false): self
    {
        return self::made($html, $word, self::GONE);
    }

    /** Every word of it that a reader would see, whatever element it stands in; nothing is played, sent or run. */
    public static function words(string $html): self
    {
        return self::made($html, false, array_values(array_diff(self::GONE, self::WORDS)));
    }

    /** @param  list<string>  $gone */
    private static function made(string $html, bool $word, array $gone): self
    {
        $whole = ConditionalComments::resolve(CharacterSet::utf8(substr($html, 0, self::MOST)), $word);
        $bounded = BoundedMarkup::of($whole);
        $document = new self(new Element('body'), strlen($html), $bounded->over(), $gone);
        $document->read(self::tree(self::inside($bounded->html())));
        $document->flatten();

        return $document;
    }

    /** All its style elements, one after another, without what runs or reaches out. */
    public function styles(): string
    {
        return StyleReader::sheet($this->css);
    }

    /** @return list<string> names of elements that were left out */
    public function gone(): array
    {
        return array_keys(array_diff_key($this->left, self::USUAL));
    }

    /**
     * As HTML parsers take it, broken as it may be, with all in it that is within bounds.
     *
     * @param  string  $html  UTF-8
     */
    public static function dom(string $html): \DOMDocument
    {
        return self::tree(BoundedMarkup::of($html)->html());
    }

    private static function tree(string $html): \DOMDocument
    {
        $dom = new \DOMDocument;
        // The hint stands for the meta element every parser looks for first.
        $dom->loadHTML(
            '<?xml encoding="utf-8"?>'.($html === '' ? ' ' : $html),
            LIBXML_PARSEHUGE | LIBXML_COMPACT | LIBXML_NONET | LIBXML_NOERROR | LIBXML_NOWARNING,
        );

        return $dom;
    }

    /** The parser puts bare words of a body into paragraphs; within an element of its own they stay as they are. */
    private static function inside(string $html): string
    {
        $body = '/<body\b[^>]*>/i';
        if (preg_match($body, $html) === 1) {
            return (string) preg_replace($body, '$0<div data-inside>', $html, 1);
        }

        return preg_match('/<html\b/i', $html) === 1 ? $html : '<div data-inside>'.$html;
    }

    private function read(\DOMDocument $dom): void
    {
        // Pairs of what is to be read and where it goes, innermost last.
        $open = [[$dom->documentElement, $this->body]];
        while ($open !== []) {
            [$node, $into] = array_pop($open);
            $children = [];
            for ($child = $node?->firstChild; $child !== null; $child = $child->nextSibling) {
                if ($child instanceof \DOMText) {
                    $into->children[] = $child->data;
                } elseif ($child instanceof \DOMElement && ($element = $this->element($child)) !== null) {
                    $into->children[] = $element;
                    $children[] = [$child, $element];
                }
            }
            array_push($open, ...$children);
        }
    }

    /** What stands in its place: itself, a place without a name for what it holds, or nothing. */
    private function element(\DOMElement $given): ?Element
    {
        $name = strtolower($given->nodeName);
        $name = in_array($name, self::SHAPES, true) ? "v:$name" : $name;
        if ($name === 'style') {
            $this->css .= $given->textContent."\n";

            return null;
        }
        if ($name === 'head' || in_array($name, $this->gone, true)) {
            foreach ($name === 'head' ? $given->getElementsByTagName('style') : [] as $style) {
                $this->css .= $style->textContent."\n";
            }
            $this->left[$name] = true;

            return null;
        }
        if ($name === 'body') {
            $this->body->attributes = self::attributes($given) + $this->body->attributes;
            array_push($this->body->style, ...StyleReader::declarations($given->getAttribute('style')));
        }
        if ($name === 'body' || ! in_array($name, self::ELEMENTS, true) || $given->hasAttribute('data-inside')) {
            return new Element(in_array($name, self::LINES, true) ? 'div' : '');
        }
        $style = StyleReader::declarations($given->getAttribute('style'));
        $element = new Element($name, self::attributes($given), $style);
        $element->piece = $element->attributes['data-piece'] ?? '';
        unset($element->attributes['data-piece']);

        return $element;
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

    /** Takes the places of elements that are none of ours out, their children staying. */
    private function flatten(): void
    {
        $open = [$this->body];
        while (($element = array_pop($open)) !== null) {
            while (array_filter($element->children, self::isPlace(...)) !== []) {
                $element->children = array_merge(...array_map(
                    fn (Element|string $child) => $child instanceof Element && self::isPlace($child)
                        ? $child->children
                        : [$child],
                    $element->children,
                ));
            }
            foreach ($element->children as $child) {
                if ($child instanceof Element) {
                    $open[] = $child;
                }
            }
        }
    }

    private static function isPlace(Element|string $child): bool
    {
        return $child instanceof Element && $child->name === '';
    }
}
