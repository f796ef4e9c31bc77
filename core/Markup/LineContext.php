<?php

namespace InkyCard\Markup;

/** What holds for a word or picture by the elements it stands in. */
final readonly class LineContext
{
    /** Type size where nothing says otherwise, CSS px. */
    private const SIZE = 13.0;

    private const BOLD = ['b', 'strong', 'h1', 'h2', 'h3', 'th'];

    /** Of elements that bring a size of their own, CSS px. */
    private const SIZES = ['h1' => 24.0, 'h2' => 20.0, 'h3' => 17.0, 'big' => 16.0];

    /** Of the `size` attribute of `font`, CSS px. */
    private const FONT_SIZES = ['1' => 10.0, '2' => 13.0, '3' => 16.0, '4' => 18.0, '5' => 24.0];

    private const UNITS = ['px' => 1, 'pt' => 4 / 3, 'em' => self::SIZE, 'rem' => 16];

    /**
     * @param  float  $size  type size, CSS px
     * @param  bool  $coloured  on a background of its own, neither white nor clear
     * @param  ?string  $href  of the link around it
     * @param  int  $quoted  depth of quoting
     * @param  bool  $preformatted  line ends in its text are line ends
     */
    private function __construct(
        public float $size,
        public bool $bold,
        public bool $coloured,
        public ?string $href,
        public int $quoted,
        public bool $preformatted,
    ) {
    }

    public static function start(): self
    {
        return new self(self::SIZE, false, false, null, 0, false);
    }

    /** What holds inside an element that stands here. */
    public function within(Element $element): self
    {
        if ($element->attributes === [] && $element->style === [] && ! isset(self::SIZES[$element->name])
            && ! in_array($element->name, [...self::BOLD, 'blockquote', 'pre'], true)) {
            return $this;
        }

        return new self(
            self::sizeOf($element) ?? $this->size,
            $this->bold || self::isBold($element),
            $this->coloured || self::isColoured($element),
            $element->name === 'a' && isset($element->attributes['href'])
                ? trim($element->attributes['href'])
                : $this->href,
            $this->quoted + ($element->name === 'blockquote' ? 1 : 0),
            $this->preformatted || $element->name === 'pre',
        );
    }

    private static function isBold(Element $element): bool
    {
        return in_array($element->name, self::BOLD, true) || preg_match(
            '/bold|[6-9]00/',
            (string) ($element->property('font-weight') ?? $element->property('font')),
        ) === 1;
    }

    private static function isColoured(Element $element): bool
    {
        $colour = $element->attributes['bgcolor'] ?? $element->property('background-color')
            ?? $element->property('background') ?? '';

        return $colour !== '' && preg_match('/^(?:#f{3}|#f{6}|white|transparent|none)\b/i', $colour) !== 1;
    }

    private static function sizeOf(Element $element): ?float
    {
        $value = $element->property('font-size') ?? (string) $element->property('font');
        if (preg_match('/(?<![\w.])(\d*\.?\d+)(px|pt|em|rem)/', $value, $match) === 1) {
            return (float) $match[1] * self::UNITS[$match[2]];
        }

        return self::SIZES[$element->name] ?? self::FONT_SIZES[$element->attributes['size'] ?? ''] ?? null;
    }
}
