<?php

namespace InkyCard\Stamp;

use InkyCard\Markup\Element;
use InkyCard\Markup\LineWalker;
use InkyCard\Markup\MailDocument;
use InkyCard\Markup\MessageLine;

/** Where in the HTML of a message a card belongs, or stands: told by the lines a reader sees, in bytes of it. */
final class HtmlPlace
{
    /** @var list<MessageLine> */
    public readonly array $lines;

    /** @var list<string> what is seen of each */
    private readonly array $texts;

    private readonly int $quotedFrom;

    private readonly Element $body;

    /** @var \SplObjectStorage<Element, Element> whose child each is */
    private readonly \SplObjectStorage $parents;

    /** @var \SplObjectStorage<Element, array{int, int}> first and last line in each */
    private readonly \SplObjectStorage $spans;

    public function __construct(public readonly HtmlTags $source, string $charset)
    {
        $this->body = MailDocument::parse(Charset::utf8($source->marked(), $charset))->body;
        $this->lines = LineWalker::lines($this->body);
        $this->texts = array_map(fn (MessageLine $line): string => $line->text(), $this->lines);
        $this->quotedFrom = QuotedFrom::line(array_map(
            fn (MessageLine $line, string $text): array => [$text, $line->quoted > 0], $this->lines, $this->texts,
        ));
        $this->parents = new \SplObjectStorage;
        $this->spans = new \SplObjectStorage;
    }

    /** @return list<string> what a reader sees of a message, line by line */
    public static function seen(string $html, string $charset): array
    {
        $lines = LineWalker::lines(MailDocument::parse(Charset::utf8($html, $charset))->body);

        return self::told(array_map(fn (MessageLine $line): string => $line->text(), $lines));
    }

    /** Which lines each element holds, told where it is asked for first. */
    private function relate(): void
    {
        if ($this->parents->count() > 0) {
            return;
        }
        $open = [$this->body];
        while (($element = array_pop($open)) !== null) {
            foreach ($element->children as $child) {
                if ($child instanceof Element) {
                    $this->parents[$child] = $element;
                    $open[] = $child;
                }
            }
        }
        foreach ($this->lines as $number => $line) {
            foreach (self::elements($line) as $element) {
                $this->span($element, $number);
            }
        }
    }

    private function span(Element $element, int $line): void
    {
        for ($at = $element; $at !== null; $at = $this->parent($at)) {
            [$first] = $this->spans[$at] ?? [$line];
            $this->spans[$at] = [$first, $line];
        }
    }

    private function parent(Element $element): ?Element
    {
        return $this->parents[$element] ?? null;
    }

    /** @return list<Element> that hold its words and pictures */
    private static function elements(MessageLine $line): array
    {
        return array_values(array_filter([...array_column($line->words, 2), ...array_column($line->pictures, 0)]));
    }

    public function hasQuote(): bool
    {
        return $this->quotedFrom < count($this->lines);
    }

    /**
     * @param  array<string>  $texts
     * @return list<string> without those of pictures alone
     */
    private static function told(array $texts): array
    {
        return array_values(array_filter($texts, fn (string $text): bool => $text !== ''));
    }

    /**
     * Behind all that was written, before what is quoted.
     *
     * @return array{int, int, list<string>, list<string>} byte, none; what is seen before it, and behind
     *
     * @throws NoPlace
     */
    public function free(): array
    {
        $at = $this->hasQuote() ? $this->before($this->quotedFrom) : $this->source->end();

        return [
            $at, 0, self::told(array_slice($this->texts, 0, $this->quotedFrom)),
            self::told(array_slice($this->texts, $this->quotedFrom)),
        ];
    }

    /** @throws NoPlace */
    private function before(int $line): int
    {
        $this->relate();
        $starts = [];
        foreach (self::elements($this->lines[$line]) as $element) {
            $starts[] = $this->start($element, $line) ?? $this->within($element, $line);
        }
        $starts = array_filter($starts, is_int(...));

        return $starts === [] ? throw new NoPlace('no element begins what is quoted') : min($starts);
    }

    /** Where the outermost element begins that holds nothing before a line. */
    private function start(Element $element, int $line): ?int
    {
        $found = null;
        for ($at = $element; $at !== null && $at !== $this->body && $this->spans[$at][0] >= $line;
            $at = $this->parent($at)) {
            $found = self::at($at) ?? $found;
        }

        return $found;
    }

    /** Behind the element that stands before the words of a line, in one that holds others too. */
    private function within(Element $element, int $line): ?int
    {
        $words = $this->lines[$line]->words[0][0] ?? '';
        $last = null;
        foreach ($element->children as $child) {
            if ($child instanceof Element) {
                $last = $child;
            } elseif ($child === $words && $last !== null && ($this->spans[$last][1] ?? 0) < $line) {
                $at = self::at($last);

                return $at === null ? null : $this->source->behindElement($at);
            }
        }

        return null;
    }

    private static function at(Element $element): ?int
    {
        $at = $element->attributes['data-at'] ?? '';

        return ctype_digit($at) ? (int) $at : null;
    }

    /**
     * Where a card stands in what was written, all of it and nothing else.
     *
     * @param  list<string>  $lines  of the card
     * @param  int  $pictures  it shows
     * @return array{int, int, list<string>, list<string>} byte, bytes; what is seen before it, and behind
     *
     * @throws NoPlace
     */
    public function of(array $lines, int $pictures): array
    {
        $this->relate();
        $theirs = array_keys(array_intersect(array_slice($this->texts, 0, $this->quotedFrom), $lines));
        $element = $theirs === [] ? null : $this->around($theirs[0], end($theirs), $lines, $pictures);
        $at = $element === null ? null : self::at($element);
        $end = $at === null ? null : $this->source->behindElement($at);
        if ($element === null || $at === null || $end === null) {
            throw new NoPlace('an older card is not all in one place');
        }
        [$first, $last] = $this->spans[$element];

        return [
            $at, $end - $at, self::told(array_slice($this->texts, 0, $first)),
            self::told(array_slice($this->texts, $last + 1)),
        ];
    }

    /**
     * The outermost element with these lines in it and nothing but lines of the card.
     *
     * @param  list<string>  $lines
     */
    private function around(int $first, int $last, array $lines, int $pictures): ?Element
    {
        $found = null;
        $at = self::elements($this->lines[$first])[0] ?? null;
        for (; $at !== null && $at !== $this->body; $at = $this->parent($at)) {
            [$from, $until] = $this->spans[$at];
            $all = $from <= $first && $until >= $last;
            if (! $this->isOnly($from, $until, $lines, $pictures)) {
                break;
            }
            $found = $all ? $at : $found;
        }

        return $found;
    }

    /** @param  list<string>  $lines */
    private function isOnly(int $from, int $until, array $lines, int $pictures): bool
    {
        $within = array_slice($this->lines, $from, $until - $from + 1);

        return array_diff(self::told(array_slice($this->texts, $from, count($within))), $lines) === []
            && array_sum(array_map(fn (MessageLine $line): int => count($line->pictures), $within)) <= $pictures;
    }
}
