<?php

namespace InkyCard\Markup;

/**
 * Elements of anybody's made into those of MailVocabulary: their words stay, their look becomes style. What browsers
 * show them like is said by the HTML Standard, 15.3.
 */
final class OwnElements
{
    private const BOLD = ['font-weight', 'bold'];

    private const ITALIC = ['font-style', 'italic'];

    private const TYPED = ['font-family', 'monospace'];

    private const SMALLER = ['font-size', '0.83em'];

    private const INSET = ['padding', '0 0 0 40px'];

    private const STRUCK = ['text-decoration', 'line-through'];

    /** element => those that become it; of the last nothing is left but what they hold */
    private const BECOME = [
        'p' => ['h1', 'h2', 'h3', 'h4', 'h5', 'h6'],
        'div' => [
            'address', 'article', 'aside', 'blockquote', 'center', 'dd', 'details', 'dl', 'dt', 'figcaption', 'figure',
            'footer', 'form', 'header', 'main', 'nav', 'pre', 'section', 'summary',
        ],
        'span' => [
            'abbr', 'acronym', 'big', 'button', 'code', 'del', 'font', 'kbd', 'mark', 'picture', 'q', 's', 'samp',
            'small', 'strike', 'sub', 'sup', 'time', 'tt', 'v:oval', 'v:rect', 'v:roundrect', 'v:textbox',
        ],
        'i' => ['cite', 'dfn', 'var'],
        'u' => ['ins'],
        'td' => ['th'],
        'tbody' => ['thead', 'tfoot'],
        '' => ['wbr', 'col', 'colgroup', 'v:fill'],
    ];

    /** element => the look it has in browsers and what it becomes has not */
    private const LOOKS = [
        'h1' => [self::BOLD, ['font-size', '2em']], 'h2' => [self::BOLD, ['font-size', '1.5em']],
        'h3' => [self::BOLD, ['font-size', '1.17em']], 'h4' => [self::BOLD], 'h5' => [self::BOLD, self::SMALLER],
        'h6' => [self::BOLD, ['font-size', '0.67em']],
        'center' => [['text-align', 'center']], 'blockquote' => [self::INSET], 'address' => [self::ITALIC],
        'pre' => [self::TYPED], 'dt' => [self::BOLD], 'dd' => [self::INSET], 'summary' => [self::BOLD],
        'big' => [['font-size', '1.2em']], 'small' => [self::SMALLER],
        'sub' => [['vertical-align', 'sub'], self::SMALLER], 'sup' => [['vertical-align', 'super'], self::SMALLER],
        'del' => [self::STRUCK], 's' => [self::STRUCK], 'strike' => [self::STRUCK],
        'mark' => [['background-color', '#ffff00']],
        'code' => [self::TYPED], 'kbd' => [self::TYPED], 'samp' => [self::TYPED], 'tt' => [self::TYPED],
        'th' => [self::BOLD, ['text-align', 'center']],
    ];

    /** Parts of tables and what they stand in: anywhere else they are their words. */
    private const WITHIN = [
        'caption' => ['table'], 'tbody' => ['table'], 'tr' => ['table', 'tbody'], 'td' => ['tr'],
    ];

    /** The size attribute of font => font-size, px. */
    private const SIZES = [1 => 10, 13, 16, 18, 24, 32, 48];

    /** attribute => property it stands for, where no attribute of its name is kept */
    private const SAID = [
        'align' => 'text-align', 'bgcolor' => 'background-color', 'color' => 'color', 'face' => 'font-family',
        'height' => 'height', 'valign' => 'vertical-align', 'width' => 'width',
    ];

    /** An address without its scheme, as people write it. */
    private const HOST = '~^(?:[a-z\d-]+\.)+[a-z]{2,}(?:[/?#:]|$)~i';

    /** @var array<string, string> start tag as it came => as it is now */
    private array $rewritten = [];

    /** @var array<string, true> elements, as `<name>`, and attributes that are gone while what they said is not */
    private array $carried = [];

    /** @param  Element  $body  changed in place */
    public static function rewrite(Element $body): self
    {
        $rewriting = new self;
        $open = [$body];
        while (($element = array_pop($open)) !== null) {
            foreach ($element->children as $child) {
                if ($child instanceof Element) {
                    $rewriting->one($child, $element->name);
                    $open[] = $child;
                }
            }
        }

        return $rewriting;
    }

    /** @return array<string, string> start tag as it came => as it is now; empty where its words stand alone */
    public function rewritten(): array
    {
        return $this->rewritten;
    }

    /** @return list<string> elements, as `<name>`, and attributes that are gone while what they said is not */
    public function carried(): array
    {
        return array_keys($this->carried);
    }

    /** @param  string  $in  name of what it stands in */
    private function one(Element $element, string $in): void
    {
        $before = clone $element;
        if (preg_match(self::HOST, $element->attributes['href'] ?? '') === 1) {
            $element->attributes['href'] = "https://{$element->attributes['href']}";
        }
        $element->name = self::becomes($before->name);
        $look = self::LOOKS[$before->name] ?? [];
        if (! in_array($in, self::WITHIN[$element->name] ?? [$in], true)) {
            [$element->name, $element->attributes, $element->style] = ['', [], []];
        }
        if ($before->name === 'font' && isset($before->attributes['size'])) {
            $look[] = ['font-size', self::size($before->attributes['size'])];
            $this->carried['size'] = true;
            unset($element->attributes['size']);
        }
        array_push($look, ...$this->attributes($element));
        foreach (array_reverse($look) as [$property, $value]) {
            $element->property($property) ?? array_unshift($element->style, [$property, $value]);
        }
        $element->children = match ($before->name) {
            'q' => ['“', ...$element->children, '”'],
            'pre' => self::asTyped($element->children),
            'table' => array_map(fn (Element|string $child) => self::captionless($child, $element), $element->children),
            default => $element->children,
        };
        if ($element->name !== $before->name || $element->style !== $before->style
            || $element->attributes !== $before->attributes && $before->name === 'a') {
            $this->carried["<$before->name>"] = true;
            $this->rewritten[self::tag($before)] = self::tag($element);
        }
    }

    private static function becomes(string $name): string
    {
        foreach (self::BECOME as $other => $names) {
            if (in_array($name, $names, true)) {
                return $other;
            }
        }

        return $name;
    }

    /** @return list<array{string, string}> what attributes that go say as style */
    private function attributes(Element $element): array
    {
        $kept = (MailVocabulary::OWN_ELEMENTS + MailVocabulary::ELEMENTS)[$element->name] ?? [];
        $look = [];
        $lost = array_diff_key(array_intersect_key(self::SAID, $element->attributes), array_flip($kept));
        foreach ($lost as $name => $is) {
            $value = trim($element->attributes[$name]);
            if ($value !== '' && $element->name !== 'img') {
                $look[] = [$is, preg_match('/^\d{1,4}$/D', $value) === 1 && $is !== 'color' ? "{$value}px" : $value];
                $this->carried[$name] = true;
            }
            unset($element->attributes[$name]);
        }

        return $look;
    }

    /** A caption becomes the table's first row, as wide as it. */
    private static function captionless(Element|string $child, Element $table): Element|string
    {
        if (! $child instanceof Element || $child->name !== 'caption') {
            return $child;
        }
        $rows = [[$table, 0]];
        $widest = 1;
        while (($next = array_pop($rows)) !== null) {
            $cells = array_filter($next[0]->children, fn ($it) => $it instanceof Element && Blocks::isCell($it->name));
            $widest = max($widest, count($cells));
            foreach ($next[1] < 2 ? $next[0]->children : [] as $part) {
                $part instanceof Element && $rows[] = [$part, $next[1] + 1];
            }
        }
        $look = [...$child->style, ['text-align', 'center']];

        return new Element('tr', [], [], [new Element('td', ['colspan' => (string) $widest], $look, $child->children)]);
    }

    /** @param  string  $said  1 to 7, or +1 and -1 from 3, the size of text */
    private static function size(string $said): string
    {
        $size = (int) $said + (preg_match('/^\s*[+-]/', $said) === 1 ? 3 : 0);

        return self::SIZES[max(1, min(7, $size))].'px';
    }

    /**
     * @param  list<Element|string>  $children
     * @return list<Element|string>
     */
    private static function asTyped(array $children): array
    {
        $typed = [];
        foreach ($children as $child) {
            if (! is_string($child)) {
                $typed[] = $child;

                continue;
            }
            foreach (explode("\n", $child) as $number => $line) {
                $number === 0 || $typed[] = new Element('br');
                $typed[] = str_replace('  ', "\u{A0} ", rtrim($line, "\r"));
            }
        }

        return $typed;
    }

    private static function tag(Element $element): string
    {
        return $element->name === ''
            ? ''
            : strstr(HtmlWriter::write(new Element($element->name, $element->attributes, $element->style)), '>', true)
                .'>';
    }
}
