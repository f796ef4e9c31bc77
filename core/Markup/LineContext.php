<?php

namespace InkyCard\Markup;

/** What holds for a word or picture by the elements it stands in, as browsers show them (HTML Standard, 15.3). */
final readonly class LineContext
{
    /** Type size where nothing says otherwise, CSS px. */
    private const SIZE = 13.0;

    /** Line height where nothing says otherwise, by type size. */
    private const LEADING = 1.2;

    private const BOLD = ['b', 'strong', 'h1', 'h2', 'h3', 'h4', 'h5', 'h6', 'th'];

    private const ITALIC = ['i', 'em', 'cite', 'dfn', 'var', 'address'];

    /** Of elements that bring a size of their own, CSS px. */
    private const SIZES = ['h1' => 24.0, 'h2' => 20.0, 'h3' => 17.0, 'big' => 16.0];

    /** Of the `size` attribute of `font`, CSS px. */
    private const FONT_SIZES = ['1' => 10.0, '2' => 13.0, '3' => 16.0, '4' => 18.0, '5' => 24.0];

    /** Names whose elements change how what is in them looks. */
    private const TELLING = [
        ...self::BOLD, ...self::ITALIC, 'a', 'blockquote', 'center', 'del', 'ins', 'pre', 's', 'strike', 'tr', 'u',
    ];

    /**
     * @param  float  $size  type size, CSS px
     * @param  bool  $coloured  on a background of its own, neither white nor clear
     * @param  ?string  $href  of the link around it
     * @param  int  $quoted  depth of quoting
     * @param  bool  $preformatted  line ends in its text are line ends
     * @param  string  $ink  as written, of the nearest element that says one; `link` for a browser's own; empty for
     *     none
     * @param  string  $background  as written, of the nearest element that says one
     * @param  ?float  $leading  line height, CSS px; null where nothing says one
     * @param  string  $family  typefaces, as written
     * @param  string  $align  `left`, `center` or `right`
     * @param  int  $columns  cells with something in them in the nearest row of several; 1 for none
     */
    private function __construct(
        public float $size = self::SIZE,
        public bool $bold = false,
        public bool $coloured = false,
        public ?string $href = null,
        public int $quoted = 0,
        public bool $preformatted = false,
        public string $ink = '',
        public string $background = '',
        public ?float $leading = null,
        public string $family = '',
        public string $align = 'left',
        public bool $italic = false,
        public bool $underlined = false,
        public bool $struck = false,
        public int $columns = 1,
    ) {
    }

    public static function start(): self
    {
        return new self;
    }

    /** Height of a line of it, CSS px. */
    public function height(): float
    {
        return $this->leading ?? $this->size * self::LEADING;
    }

    /** What holds inside an element that stands here. */
    public function within(Element $element): self
    {
        if (! self::tells($element)) {
            return $this;
        }
        $links = $element->name === 'a' && isset($element->attributes['href']);
        $size = $this->sizeOf($element);
        $background = self::backgroundOf($element);

        return new self(
            $size, self::isBold($element) ?? $this->bold, $this->coloured || self::isColoured($background),
            $links ? trim($element->attributes['href']) : $this->href,
            $this->quoted + ($element->name === 'blockquote' ? 1 : 0),
            $this->preformatted || $element->name === 'pre',
            $element->property('color') ?? $element->attributes['color'] ?? ($links ? 'link' : $this->ink),
            $background ?: $this->background, $this->leadingOf($element, $size),
            self::familyOf($element) ?? $this->family, self::alignOf($element) ?? $this->align,
            self::isItalic($element) ?? $this->italic,
            $this->underlined || self::hasLine($element, 'underline', ['u', 'ins'], $links),
            $this->struck || self::hasLine($element, 'line-through', ['s', 'strike', 'del'], false),
            self::columnsOf($element) ?? $this->columns,
        );
    }

    /** Whether anything may hold inside an element that does not around it. */
    private static function tells(Element $element): bool
    {
        return $element->attributes !== [] || $element->style !== [] || isset(self::SIZES[$element->name])
            || in_array($element->name, self::TELLING, true);
    }

    private static function backgroundOf(Element $element): string
    {
        return $element->attributes['bgcolor'] ?? $element->property('background-color')
            ?? $element->property('background') ?? '';
    }

    /**
     * @param  list<string>  $names  of elements that have the line by themselves
     * @param  bool  $usual  it has one where nothing says otherwise
     */
    private static function hasLine(Element $element, string $line, array $names, bool $usual): bool
    {
        $said = $element->property('text-decoration') ?? $element->property('text-decoration-line');

        return in_array($element->name, $names, true)
            || ($said === null ? $usual : str_contains(strtolower($said), $line));
    }

    private static function isBold(Element $element): ?bool
    {
        $said = $element->property('font-weight') ?? $element->property('font');

        return match (true) {
            $said !== null && preg_match('/bold|(?<![\w.])[6-9]00(?![\w.])/', $said) === 1 => true,
            $element->property('font-weight') !== null => false,
            in_array($element->name, self::BOLD, true) => true,
            default => $said === null ? null : false,
        };
    }

    private static function isItalic(Element $element): ?bool
    {
        $said = $element->property('font-style') ?? $element->property('font');
        if (in_array($element->name, self::ITALIC, true)) {
            return true;
        }

        return $said === null ? null : preg_match('/italic|oblique/', $said) === 1;
    }

    private static function isColoured(string $colour): bool
    {
        return $colour !== '' && preg_match('/^(?:#f{3}|#f{6}|white|transparent|none)\b/i', $colour) !== 1;
    }

    private function sizeOf(Element $element): float
    {
        $value = $element->property('font-size') ?? (string) $element->property('font');

        return $this->length($value, $this->size)
            ?? self::SIZES[$element->name] ?? self::FONT_SIZES[$element->attributes['size'] ?? ''] ?? $this->size;
    }

    /** @param  float  $size  of the element itself */
    private function leadingOf(Element $element, float $size): ?float
    {
        $said = $element->property('line-height');
        if ($said === null && preg_match('~/\s*([\d.]+[a-z%]*)~', (string) $element->property('font'), $font) === 1) {
            $said = $font[1];
        }

        return match (true) {
            $said === null => $size === $this->size || $this->leading === null ? $this->leading : null,
            is_numeric(trim($said)) => (float) $said * $size,
            default => $this->length($said, $size),
        };
    }

    /** @param  float  $of  what one em and 100 % are, CSS px */
    private function length(string $value, float $of): ?float
    {
        if (preg_match('/(?<![\w.])(\d*\.?\d+)(px|pt|em|rem|%)/', $value, $match) !== 1) {
            return null;
        }

        return (float) $match[1] * ['px' => 1, 'pt' => 4 / 3, 'em' => $of, 'rem' => 16, '%' => $of / 100][$match[2]];
    }

    private static function familyOf(Element $element): ?string
    {
        if (preg_match('~(?:px|pt|em|%|\d)\s+([^\d/].*)$~', (string) $element->property('font'), $font) === 1) {
            return $element->property('font-family') ?? $font[1];
        }

        return $element->property('font-family') ?? $element->attributes['face'] ?? null;
    }

    private static function alignOf(Element $element): ?string
    {
        $said = $element->name === 'center'
            ? 'center'
            : $element->property('text-align')
                ?? (in_array($element->name, ['table', 'img'], true) ? null : $element->attributes['align'] ?? null);

        return $said === null ? null : (['center' => 'center', 'right' => 'right', 'end' => 'right'][$said] ?? 'left');
    }

    private static function columnsOf(Element $element): ?int
    {
        if ($element->name !== 'tr') {
            return null;
        }
        $cells = array_filter($element->children, fn (Element|string $child) => $child instanceof Element
            && Blocks::isCell($child->name) && $child->property('display') !== 'block' && self::holds($child));

        return count($cells) > 1 ? count($cells) : null;
    }

    /** Whether something is seen of a cell. */
    private static function holds(Element $cell): bool
    {
        $open = [$cell];
        while (($element = array_pop($open)) !== null) {
            foreach ($element->children as $child) {
                if (is_string($child) ? trim($child, " \n\r\t\u{A0}") !== '' : $child->name === 'img') {
                    return true;
                }
                if ($child instanceof Element) {
                    $open[] = $child;
                }
            }
        }

        return false;
    }
}
