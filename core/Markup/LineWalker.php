<?php

namespace InkyCard\Markup;

/** Takes a message apart into its lines: the one way reading in and verifying look at what others sent. */
final class LineWalker
{
    /** Of elements that keep away from others where nothing says otherwise, CSS px above and below. */
    private const MARGINS = [
        'p' => 13.0, 'ul' => 13.0, 'ol' => 13.0, 'dl' => 13.0, 'blockquote' => 13.0, 'pre' => 13.0, 'h1' => 16.0,
        'h2' => 16.0, 'h3' => 17.0, 'h4' => 17.0, 'h5' => 18.0, 'h6' => 20.0, 'hr' => 8.0,
    ];

    /** @var list<MessageLine> */
    private array $lines = [];

    private MessageLine $line;

    /** Empty since the last line, CSS px. */
    private float $space = 0.0;

    private function __construct()
    {
        $this->line = new MessageLine(0);
    }

    /** @return list<MessageLine> in order; empty ones left out */
    public static function lines(Element $body): array
    {
        $walker = new self;
        $walker->walk($body);

        return $walker->lines;
    }

    private function walk(Element $body): void
    {
        // Not by recursion: foreign markup nests as deep as it likes. True stands for the end of a block.
        $open = [[$body, LineContext::start(), null, false]];
        while (($entry = array_pop($open)) !== null) {
            [$node, $context, $in, $ends] = $entry;
            if (is_string($node)) {
                $this->words($node, $context, $in);
            } elseif ($ends) {
                $this->end($context);
                $this->space += self::away($node, 'bottom');
            } else {
                $inside = $this->begin($node, $context);
                if (self::partsLines($node)) {
                    $open[] = [$node, $context, $in, true];
                }
                for ($index = count($node->children) - 1; $index >= 0; $index--) {
                    $open[] = [$node->children[$index], $inside, $node, false];
                }
            }
        }
        $this->end(LineContext::start());
    }

    private function begin(Element $element, LineContext $context): LineContext
    {
        $inside = $context->within($element);
        if (self::partsLines($element)) {
            $this->end($inside);
            $this->space += self::away($element, 'top');
        }
        if ($element->name === 'a' && isset($element->attributes['href'])) {
            $this->line->links[] = (string) $inside->href;
        } elseif ($element->name === 'img') {
            $this->line->pictures[] = [$element, $context];
        } elseif ($element->name === 'br' && $this->line->words === []) {
            $this->space += $context->height();
        }

        return $inside;
    }

    private function words(string $text, LineContext $context, ?Element $in): void
    {
        foreach ($context->preformatted ? preg_split('/\R/u', mb_scrub($text)) ?: [] : [$text] as $index => $row) {
            if ($index > 0) {
                $this->end($context);
            }
            if ($row !== '' && ($this->line->words !== [] || trim($row, " \n\r\t") !== '')) {
                $this->line->words[] = [$row, $context, $in];
            }
        }
    }

    /** @param  LineContext  $after  of what follows */
    private function end(LineContext $after): void
    {
        if ($this->line->isEmpty()) {
            // A line of spaces that do not break is as high as they are.
            $this->space += $this->line->words === [] ? 0 : $this->line->words[0][1]->height();
        } else {
            $this->line->space = $this->space;
            $this->lines[] = $this->line;
            $this->space = 0.0;
        }
        $this->line = new MessageLine($after->quoted);
    }

    /** How far an element keeps what is in it from what is above or below, CSS px. */
    private static function away(Element $element, string $side): float
    {
        $own = self::MARGINS[$element->name] ?? 0.0;
        $margin = self::side($element, 'margin', $side) ?? $own;
        $empty = $side === 'top' && Blocks::isCell($element->name) && $element->children === []
            ? (float) ($element->property('height') ?? $element->attributes['height'] ?? 0)
            : 0.0;

        return $margin + (self::side($element, 'padding', $side) ?? 0.0) + $empty;
    }

    private static function side(Element $element, string $property, string $side): ?float
    {
        $said = $element->property("$property-$side");
        $all = $element->property($property);
        if ($said === null && $all === null) {
            return null;
        }
        $sides = preg_split('/\s+/', trim((string) $all)) ?: [''];
        $value = $said ?? ($side === 'bottom' ? $sides[2] ?? $sides[0] : $sides[0]);

        return preg_match('/^(\d*\.?\d+)(px|pt|em)?/', $value, $match) === 1
            ? (float) $match[1] * (['pt' => 4 / 3, 'em' => 13][$match[2] ?? ''] ?? 1)
            : 0.0;
    }

    private static function partsLines(Element $element): bool
    {
        return $element->name === 'img' || Blocks::isLine($element->name) || Blocks::isCell($element->name);
    }
}
