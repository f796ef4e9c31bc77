<?php

namespace InkyCard\Markup;

/** Takes a message apart into its lines: the one way reading in and verifying look at what others sent. */
final class LineWalker
{
    /** @var list<MessageLine> */
    private array $lines = [];

    private MessageLine $line;

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
        // Not by recursion: foreign markup nests as deep as it likes. Null is the end of a block.
        $open = [[$body, LineContext::start()]];
        while (($entry = array_pop($open)) !== null) {
            [$node, $context] = $entry;
            if ($node === null) {
                $this->end($context->quoted);
            } elseif (is_string($node)) {
                $this->words($node, $context);
            } else {
                $inside = $this->begin($node, $context);
                if (self::partsLines($node)) {
                    $open[] = [null, $context];
                }
                for ($index = count($node->children) - 1; $index >= 0; $index--) {
                    $open[] = [$node->children[$index], $inside];
                }
            }
        }
        $this->end(0);
    }

    private function begin(Element $element, LineContext $context): LineContext
    {
        $inside = $context->within($element);
        if (self::partsLines($element)) {
            $this->end($inside->quoted);
        }
        if ($element->name === 'a' && isset($element->attributes['href'])) {
            $this->line->links[] = (string) $inside->href;
        } elseif ($element->name === 'img') {
            $this->line->pictures[] = [$element, $context];
        }

        return $inside;
    }

    private function words(string $text, LineContext $context): void
    {
        foreach ($context->preformatted ? preg_split('/\R/u', mb_scrub($text)) ?: [] : [$text] as $index => $row) {
            if ($index > 0) {
                $this->end($context->quoted);
            }
            $this->line->words[] = [$row, $context];
        }
    }

    /** @param  int  $quoted  depth of quoting of what follows */
    private function end(int $quoted): void
    {
        if (! $this->line->isEmpty()) {
            $this->lines[] = $this->line;
        }
        $this->line = new MessageLine($quoted);
    }

    private static function partsLines(Element $element): bool
    {
        return $element->name === 'img' || Blocks::isLine($element->name) || Blocks::isCell($element->name);
    }
}
