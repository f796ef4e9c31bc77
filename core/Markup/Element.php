<?php

namespace InkyCard\Markup;

/** One element of a message as a mail client works on it. Readings change their own copy. */
final class Element
{
    /** Pieces of the card it stands for, as `data-piece` named them; empty for foreign markup. */
    public string $piece = '';

    /** Something about it is not as it was sent. */
    public bool $changed = false;

    /** Drawn by the engine itself: rules on what others wrote do not concern it. */
    public bool $drawn = false;

    /**
     * @param  string  $name  lower case
     * @param  array<string, string>  $attributes  without `style`
     * @param  list<array{string, string}>  $style  property, value; in order
     * @param  list<Element|string>  $children  text is decoded
     */
    public function __construct(
        public string $name,
        public array $attributes = [],
        public array $style = [],
        public array $children = [],
    ) {
    }

    /** The value that counts; null when the property is not set. */
    public function property(string $name): ?string
    {
        $found = null;
        foreach ($this->style as [$property, $value]) {
            if ($property === $name) {
                $found = $value;
            }
        }

        return $found;
    }

    public function set(string $name, string $value): void
    {
        $this->style = array_values(array_filter($this->style, fn (array $declaration) => $declaration[0] !== $name));
        $this->style[] = [$name, $value];
    }

    /** A copy of it and all it holds. */
    public function copy(): self
    {
        $top = clone $this;
        // Not by recursion: foreign markup nests as deep as it likes.
        $open = [$top];
        while (($element = array_pop($open)) !== null) {
            foreach ($element->children as $index => $child) {
                if ($child instanceof self) {
                    $open[] = $element->children[$index] = clone $child;
                }
            }
        }

        return $top;
    }

    /** Levels of elements within it. */
    public function depth(): int
    {
        $deepest = 0;
        $open = [[$this, 0]];
        while (($next = array_pop($open)) !== null) {
            [$element, $depth] = $next;
            $deepest = max($deepest, $depth);
            foreach ($element->children as $child) {
                if ($child instanceof self) {
                    $open[] = [$child, $depth + 1];
                }
            }
        }

        return $deepest;
    }

    /** What it says, lines of blocks parted. */
    public function words(): string
    {
        $words = '';
        $open = [$this];
        while ($open !== []) {
            $node = array_pop($open);
            if (is_string($node)) {
                $words .= $node;
            } elseif ($node instanceof self) {
                $words .= Blocks::isLine($node->name) ? "\n" : (Blocks::isCell($node->name) ? ' ' : '');
                array_push($open, ...array_reverse($node->children));
            }
        }

        return trim((string) preg_replace(['/[^\S\n]+/u', '/ ?\n[\s]*/u'], [' ', "\n"], $words));
    }
}
