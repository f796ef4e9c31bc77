<?php

namespace InkyCard\Markup;

/**
 * HTML of others within the bounds a tree may be made of. One pass over its tags, linear in its length, before any
 * parser sees it: tags are written again as the parser cannot misread them (tokens as in the HTML Standard, 13.2.5),
 * comments are left out, and what is over a bound is too.
 */
final class BoundedMarkup
{
    /** Attributes of one element: parsers compare each with all before it. */
    private const ATTRIBUTES = 100;

    /** Elements in all; a long newsletter has 5,000. */
    private const ELEMENTS = 30_000;

    /** Where something else than text may begin. */
    private const MARKUP = '~<(?=[a-zA-Z/!?])~';

    /** A start tag as most are written, within bounds. */
    private const PLAIN = '~\G<([a-zA-Z][a-zA-Z0-9:]*+)((?:\s++[a-zA-Z-]++="[^"<]*+"){0,40}+)\s*+(/?)>~';

    /** An attribute as any parser takes it: name and value, quoted or not. */
    private const ATTRIBUTE = '~\G[\s/]*+([^\s/>][^\s/>=]*+)'
        .'(?:\s*+=\s*+(?:"([^"]*+)"|\'([^\']*+)\'|([^\s>"\'][^\s>]*+)|(?=>)))?~';

    /** Without an end tag in HTML. */
    private const VOID = [
        'area' => 1, 'base' => 1, 'basefont' => 1, 'br' => 1, 'col' => 1, 'frame' => 1, 'hr' => 1, 'img' => 1,
        'input' => 1, 'link' => 1, 'meta' => 1, 'param' => 1,
    ];

    /** Without one as well, which the parser is not aware of. */
    private const VOID_SINCE = ['embed' => 1, 'keygen' => 1, 'source' => 1, 'track' => 1, 'wbr' => 1];

    /** Hold text up to their end tag, whatever it looks like: as it is, as words, or nothing a reader sees. */
    private const TEXT = [
        'script' => 'raw', 'style' => 'raw', 'title' => 'words', 'textarea' => 'words', 'xmp' => 'words',
        'plaintext' => 'words', 'iframe' => '', 'noembed' => '', 'noframes' => '',
    ];

    private string $out = '';

    private int $at = 0;

    private int $elements = 0;

    /** @var array<string, true> */
    private array $over = [];

    private OpenElements $open;

    private function __construct(private readonly string $html)
    {
        $this->open = new OpenElements;
    }

    /** @param  string  $html  UTF-8 */
    public static function of(string $html): self
    {
        $bounded = new self($html);
        $bounded->scan();

        return $bounded;
    }

    /** What is left: the same to any parser, if no bound was met. */
    public function html(): string
    {
        return $this->out;
    }

    /** @return list<string> what was over a bound and left out, in words; none for anything somebody wrote */
    public function over(): array
    {
        return array_keys($this->over);
    }

    private function scan(): void
    {
        for ($length = strlen($this->html); $this->at < $length; $this->markup($this->html[$this->at + 1] ?? '')) {
            if ($this->elements > self::ELEMENTS) {
                $this->over[sprintf('more than %s elements', number_format(self::ELEMENTS))] = true;

                return;
            }
            $from = $this->at;
            $start = $this->skip(self::MARKUP, 0);
            $this->out .= str_replace('<', '&lt;', substr($this->html, $from, $start - $from));
            $this->at = $start;
        }
    }

    /** @param  string  $sign  after `<`; none at the end */
    private function markup(string $sign): void
    {
        if (ctype_alpha($sign)) {
            $this->start();
        } elseif ($sign === '/') {
            $this->end();
        } elseif ($sign !== '') {
            $this->skip(substr($this->html, $this->at, 4) === '<!--' ? '~--!?>~' : '~>~', 2);
        }
    }

    /** Goes on behind a pattern, or at the end where it does not come; gives back where the pattern starts. */
    private function skip(string $pattern, int $from): int
    {
        $found = preg_match($pattern, $this->html, $match, PREG_OFFSET_CAPTURE, $this->at + $from) === 1;
        $start = $found ? $match[0][1] : strlen($this->html);
        $this->at = $start + strlen($match[0][0] ?? '');

        return $start;
    }

    private function start(): void
    {
        if (preg_match(self::PLAIN, $this->html, $tag, 0, $this->at) === 1) {
            $this->at += strlen($tag[0]);
            $this->element(strtolower($tag[1]), $tag[2], $tag[3] === '/');

            return;
        }
        $length = strcspn($this->html, " \t\n\r\f/>", $this->at + 1);
        $name = strtolower(substr($this->html, $this->at + 1, min($length, 64)));
        $this->at += 1 + $length;
        $attributes = $this->attributes();
        if ($attributes !== null) {
            $known = preg_match('/^[a-z][\w:.-]*$/D', $name) === 1;
            $this->element($known ? $name : 'x-unknown', $attributes, $this->html[$this->at - 2] === '/');
        }
    }

    /** The attributes of a tag, written again; null where it never ends. */
    private function attributes(): ?string
    {
        $written = [];
        while (preg_match(self::ATTRIBUTE, $this->html, $match, 0, $this->at) === 1) {
            $this->at += strlen($match[0]);
            $name = strtolower($match[1]);
            if (count($written) >= self::ATTRIBUTES) {
                $this->over[sprintf('more than %d attributes on one element', self::ATTRIBUTES)] = true;
            } elseif (! isset($written[$name]) && preg_match('/^[a-z_:][\w:.-]{0,63}$/D', $name) === 1) {
                $value = ($match[2] ?? '').($match[3] ?? '').($match[4] ?? '');
                $written[$name] = " $name=\"".str_replace('"', '&quot;', $value).'"';
            }
        }
        $end = strpos($this->html, '>', $this->at);
        $this->at = $end === false ? strlen($this->html) : $end + 1;

        return $end === false ? null : implode('', $written);
    }

    private function element(string $name, string $attributes, bool $closed): void
    {
        $this->elements++;
        $name = self::whole($name);
        // It is UTF-8 whatever it says, and what it says would be believed.
        $tag = $name === 'meta' && stripos($attributes, 'charset') !== false ? '' : "<$name$attributes";
        if (isset(self::TEXT[$name])) {
            $this->out .= "$tag>".$this->text($name)."</$name>";
        } elseif (isset(self::VOID[$name])) {
            $this->out .= $tag === '' ? '' : "$tag>";
        } elseif (isset(self::VOID_SINCE[$name]) || $closed) {
            $this->out .= "$tag></$name>";
        } elseif ($this->open->start($name)) {
            $this->out .= "$tag>";
        } else {
            $this->over[sprintf('nested more than %d deep', OpenElements::DEPTH)] = true;
        }
    }

    /** A name the parser does not halve: it takes what stands before a colon away, and o:p for a paragraph. */
    private static function whole(string $name): string
    {
        return str_starts_with($name, 'v:') ? $name : str_replace(':', '-', $name);
    }

    private function text(string $name): string
    {
        $start = $this->at;
        $end = $name === 'plaintext' ? $this->at = strlen($this->html) : $this->skip("~</$name(?=[\s/>])[^>]*+>?~i", 0);
        $text = self::TEXT[$name] === '' ? '' : substr($this->html, $start, $end - $start);

        return self::TEXT[$name] === 'raw' ? str_replace('</', '<\/', $text) : str_replace('<', '&lt;', $text);
    }

    private function end(): void
    {
        if (preg_match('~\G</([a-zA-Z][\w:.-]*+)\s*+>~', $this->html, $tag, 0, $this->at) === 1) {
            $this->at += strlen($tag[0]);
        } elseif (preg_match('~\G</([a-zA-Z][^\s/>]*+)~', $this->html, $tag, 0, $this->at) === 1) {
            $this->at += strlen($tag[0]);
            $this->attributes();
        } else {
            $this->skip('~>~', 2);
        }
        $name = self::whole(strtolower($tag[1] ?? ''));
        if ($this->open->end($name)) {
            $this->out .= "</$name>";
        } elseif ($name === 'p') {
            // One that ends nothing stands for an empty one.
            $this->element('p', '', true);
        }
    }
}
