<?php

namespace InkyCard\Layout\Own;

use InkyCard\Markup\Element;
use InkyCard\Type\FontMetrics;
use InkyCard\Type\FontStack;

/** Reads clean markup (MailVocabulary) into blocks, with the margins browsers give (HTML Standard, 15.3). */
final readonly class OwnReader
{
    private const BLOCKS = ['p', 'div', 'ul', 'ol', 'li', 'hr'];

    /** Above and below, em of the block's own type. */
    private const MARGINS = ['p' => 1.0, 'ul' => 1.0, 'ol' => 1.0, 'hr' => 0.5];

    /** What lists are set in by, CSS px. */
    private const INDENT = 40.0;

    /** Of a table that says nothing of it, CSS px. */
    private const PADDING = 1.0;

    private const GAP = 2.0;

    public function __construct(private FontStack $typeface)
    {
    }

    /** @param  float  $size  of type where nothing says otherwise, CSS px */
    public function flow(Element $body, float $size): OwnFlow
    {
        return $this->filled($body, [$size, false, null, false]);
    }

    /** @param  array{float, bool, float|string|null, bool}  $type  size, bold, line height as said, in a list */
    private function filled(Element $element, array $type): OwnFlow
    {
        return $this->inside($element, new OwnFlow($type[0], $this->leading($type)), $type)->end();
    }

    /** @param  array{float, bool, float|string|null, bool}  $type  of the words in it */
    private function inside(Element $element, OwnFlow $flow, array $type): OwnFlow
    {
        foreach ($element->children as $child) {
            if (is_string($child)) {
                $words = (string) preg_replace('/[ \t\r\n\f]+/', ' ', $child);
                $words === '' || $flow->words($words, $type[0], $type[1], $this->leading($type));
            } else {
                $this->element($child, $flow, $this->typeOf($child, $type));
            }
        }

        return $flow;
    }

    /** @param  array{float, bool, float|string|null, bool}  $type */
    private function element(Element $element, OwnFlow $flow, array $type): void
    {
        match (true) {
            $element->property('display') === 'none' => null,
            $element->name === 'br' => $flow->feed(),
            $element->name === 'img' => $flow->picture(
                self::side($element, 'width', $type[0]) ?? 0.0, self::side($element, 'height', $type[0]) ?? 0.0,
                $element->property('display') === 'block',
            ),
            $element->name === 'table' => $flow->block($this->grid($element, $type)),
            in_array($element->name, self::BLOCKS, true), $element->property('display') === 'block' => $flow->block(
                $this->block($element, $type),
            ),
            default => $this->inside($element, $flow, $type),
        };
    }

    /** @param  array{float, bool, float|string|null, bool}  $type */
    private function block(Element $element, array $type): OwnBlock
    {
        $lists = in_array($element->name, ['ul', 'ol'], true);
        // A list in a list keeps no more away than its lines do.
        $away = $lists && $type[3] ? 0.0 : (self::MARGINS[$element->name] ?? 0.0) * $type[0];
        $padding = OwnSides::of($element, 'padding', $type[0], [0.0, 0.0, 0.0, $lists ? self::INDENT : 0.0]);
        $border = $element->name === 'hr' && $element->style === []
            ? [1.0, 1.0, 1.0, 1.0] : OwnSides::borders($element, $type[0]);

        return new OwnBlock(
            $this->filled($element, [$type[0], $type[1], $type[2], $type[3] || $lists]),
            OwnSides::of($element, 'margin', $type[0], [$away, 0.0, $away, 0.0]), self::added($padding, $border),
            self::side($element, 'width', $type[0]), self::side($element, 'height', $type[0]) ?? 0.0,
        );
    }

    /** @param  array{float, bool, float|string|null, bool}  $type */
    private function grid(Element $table, array $type): OwnGrid
    {
        $rows = [];
        $open = [$table];
        while (($element = array_shift($open)) !== null) {
            $parts = array_values(array_filter($element->children, fn ($child) => $child instanceof Element));
            $cells = array_filter($parts, fn (Element $part) => $part->name === 'td');
            if ($element->name === 'tr') {
                $rows[] = array_values(array_map(fn (Element $cell) => [
                    $this->cell($cell, $table, $this->typeOf($cell, $this->typeOf($element, $type))),
                    max(1, (int) ($cell->attributes['colspan'] ?? 1)),
                ], $cells));
            } elseif ($element === $table || $element->name === 'tbody') {
                array_unshift($open, ...$parts);
            }
        }
        $collapses = $table->property('border-collapse') === 'collapse';

        return new OwnGrid(
            array_values(array_filter($rows)),
            $collapses ? 0.0 : (float) ($table->attributes['cellspacing'] ?? self::GAP), self::share($table, $type[0]),
        );
    }

    /** @param  array{float, bool, float|string|null, bool}  $type */
    private function cell(Element $cell, Element $table, array $type): OwnBlock
    {
        $padding = (float) ($table->attributes['cellpadding'] ?? self::PADDING);
        $around = OwnSides::of($cell, 'padding', $type[0], [$padding, $padding, $padding, $padding]);

        return new OwnBlock(
            $this->filled($cell, $type), edge: self::added($around, OwnSides::borders($cell, $type[0])),
            width: self::side($cell, 'width', $type[0]), height: self::side($cell, 'height', $type[0]) ?? 0.0,
        );
    }

    /**
     * @param  array{float, bool, float|string|null, bool}  $type  around it
     * @return array{float, bool, float|string|null, bool} in it
     */
    private function typeOf(Element $element, array $type): array
    {
        $font = (string) $element->property('font');
        [$short, $tall] = preg_match('~(?:^|\s)([\d.]+(?:px|pt|em))(?:/(\S+))?~', $font, $match) === 1
            ? [$match[1], $match[2] ?? 'normal'] : ['', null];
        $size = OwnSides::length((string) ($element->property('font-size') ?? $short), $type[0]) ?? $type[0];
        $weight = $element->property('font-weight') ?? (preg_match('/\bbold\b/', $font) === 1 ? 'bold' : '');
        $bold = match (true) {
            $weight !== '' => preg_match('/bold|[6-9]00/', $weight) === 1,
            default => $type[1] || in_array($element->name, ['b', 'strong'], true),
        };
        $said = $element->property('line-height') ?? $tall;
        $leading = match (true) {
            $said === null => $type[2],
            $said === 'normal' => null,
            is_numeric($said) => "$said",
            str_ends_with($said, '%') => (float) $said / 100 * $size,
            default => OwnSides::length($said, $size) ?? $type[2],
        };

        return [$size, $bold, $leading, $type[3]];
    }

    /** @param  array{float, bool, float|string|null, bool}  $type */
    private function leading(array $type): float
    {
        return match (true) {
            $type[2] === null => FontMetrics::of($this->typeface)->lineHeight($type[0]),
            is_string($type[2]) => (float) $type[2] * $type[0],
            default => $type[2],
        };
    }

    private static function side(Element $element, string $side, float $size): ?float
    {
        $said = $element->property($side) ?? $element->attributes[$side] ?? '';

        return OwnSides::length($said, $size);
    }

    private static function share(Element $element, float $size): float|string|null
    {
        $said = trim($element->property('width') ?? $element->attributes['width'] ?? '');

        return preg_match('/^\d+(?:\.\d+)?%$/', $said) === 1 ? $said : OwnSides::length($said, $size);
    }

    /**
     * @param  array{float, float, float, float}  $one
     * @param  array{float, float, float, float}  $other
     * @return array{float, float, float, float}
     */
    private static function added(array $one, array $other): array
    {
        return [$one[0] + $other[0], $one[1] + $other[1], $one[2] + $other[2], $one[3] + $other[3]];
    }
}
