<?php

namespace InkyCard\Verification;

use InkyCard\Markup\Element;
use InkyCard\Markup\LineContext;
use InkyCard\Markup\MessageLine;
use InkyCard\Said;
use InkyCard\Type\CleanText;

/**
 * How what stands in a stretch of a message looks: every sign of it with what holds for it, and where its lines and
 * pictures stand. White space is left out: clients wrap and join as they like.
 */
final class Appearance
{
    /** Above it, more or less is no accident, CSS px. */
    private const SPACE = 5.0;

    /** A picture's side differs by more than it, CSS px. */
    private const SIDE = 2;

    /** What stands before the card's longest line may have grown by so many bytes. */
    private const GROWN = 400;

    private string $signs = '';

    /** @var list<array{int, int, LineContext, ?Element, string}> first byte, byte after the last, what holds, words */
    private array $runs = [];

    /** @var list<array{int, string, MessageLine}> first byte, signs, line; those with words */
    private array $lines = [];

    /** @var list<array{int, Element, LineContext}> byte it stands before */
    private array $pictures = [];

    /** @var array<string, array{string, string|Said, string|Said, list<string>}> */
    private array $changes = [];

    /** @param  list<MessageLine>  $lines */
    public function __construct(array $lines)
    {
        foreach ($lines as $line) {
            $start = strlen($this->signs);
            foreach ($line->pictures as [$picture, $context]) {
                $this->pictures[] = [$start, $picture, $context];
            }
            foreach ($line->words as [$words, $context, $in]) {
                $from = strlen($this->signs);
                $this->signs .= self::signs($words);
                if (strlen($this->signs) > $from) {
                    $this->runs[] = [$from, strlen($this->signs), $context, $in, CleanText::seen($words)];
                }
            }
            if (strlen($this->signs) > $start) {
                $this->lines[] = [$start, substr($this->signs, $start), $line];
            }
        }
    }

    /**
     * What looks other than here; the elements it stands in are marked as changed, on both sides.
     *
     * @return list<LookChange>
     */
    public function differences(self $arrived): array
    {
        $this->changes = [];
        $places = $this->places($arrived);
        foreach ($places as $index => $at) {
            [$from, $signs] = $this->lines[$index];
            $this->words($arrived, $from, $from + strlen($signs), $at - $from);
            $this->line($index, $at, $arrived);
        }
        $this->compared($arrived, $places);

        return array_values(array_map(fn (array $it) => new LookChange(
            $it[0], array_values(array_unique($it[3])), $it[1], $it[2],
        ), $this->changes));
    }

    private static function signs(string $words): string
    {
        return (string) preg_replace('/\s+/u', '', CleanText::seen($words));
    }

    /** @return array<int, int> line => byte it begins at in what arrived; those that are not there left out */
    private function places(self $arrived): array
    {
        $places = [];
        $at = $this->beginning($arrived->signs);
        foreach ($this->lines as $index => [, $signs]) {
            $found = strpos($arrived->signs, $signs, min($at, strlen($arrived->signs)));
            if ($found === false && ($found = strpos($arrived->signs, $signs)) !== false) {
                $this->note('order', $this->nameOf($index), '', '');
            }
            if ($found !== false) {
                $places[$index] = $found;
                $at = $found + strlen($signs);
            }
        }

        return $places;
    }

    /** From where on the card is looked for: what was written above it may say the same words. */
    private function beginning(string $signs): int
    {
        $longest = array_reduce(
            $this->lines,
            fn (?array $most, array $line) => strlen($line[1]) > strlen($most[1] ?? '') ? $line : $most,
        );
        $at = $longest === null ? false : strrpos($signs, $longest[1]);

        return $longest === null || $at === false ? 0 : (int) max(0, $at - $longest[0] - self::GROWN);
    }

    /** Compares what holds for every sign from one byte to another. */
    private function words(self $arrived, int $from, int $to, int $shift): void
    {
        foreach (self::within($this->runs, $from, $to) as [$first, $last, $was, $in, $words]) {
            $first = max($first, $from) + $shift;
            $last = min($last, $to) + $shift;
            foreach (self::within($arrived->runs, $first, $last) as [, , $is, $element, $now]) {
                foreach (Looks::apart($was, $is) as [$what, $before, $after]) {
                    $this->note($what, strlen($now) < strlen($words) ? $now : $words, $before, $after);
                    self::mark($in, $element);
                }
            }
        }
    }

    /**
     * @param  list<array{int, int, LineContext, ?Element, string}>  $runs
     * @return iterable<array{int, int, LineContext, ?Element, string}> those with signs between two bytes
     */
    private static function within(array $runs, int $from, int $to): iterable
    {
        // The first that ends behind the first byte, found by halves.
        for ($low = 0, $high = count($runs); $low < $high;) {
            $middle = intdiv($low + $high, 2);
            $runs[$middle][1] <= $from ? $low = $middle + 1 : $high = $middle;
        }
        for (; isset($runs[$low]) && $runs[$low][0] < $to; $low++) {
            yield $runs[$low];
        }
    }

    /** Compares where a line stands. */
    private function line(int $index, int $at, self $arrived): void
    {
        [, $signs, $line] = $this->lines[$index];
        $starts = array_column($arrived->lines, null, 0);
        $own = $starts[$at][2] ?? null;
        foreach ($arrived->lines as [$start]) {
            if ($start > $at && $start < $at + strlen($signs)) {
                $this->place($index, Said::of('broken over several lines'), null);

                break;
            }
        }
        if ($own === null) {
            $index === 0 || $this->place($index, Said::of('on one line with what stood above'), null);

            return;
        }
        $more = $own->space - $line->space;
        if ($index > 0 && abs($more) > self::SPACE) {
            $px = ['px' => (int) round(abs($more))];
            $this->note('space', $this->nameOf($index), '',
                $more > 0 ? Said::of(':px px of space added', $px) : Said::of(':px px of space gone', $px));
            self::mark($line->words[0][2], $own->words[0][2]);
        }
        $this->beside($index, $line->words[0][1], $own->words[0][1], $own->words[0][2]);
    }

    private function beside(int $index, LineContext $was, LineContext $is, ?Element $element): void
    {
        if (($was->columns > 1) !== ($is->columns > 1)) {
            $now = $is->columns > 1 ? Said::of('beside what it stood under') : Said::of('under what it stood beside');
            $this->place($index, $now, $element);
        }
    }

    private function place(int $index, Said $now, ?Element $element): void
    {
        $this->note('place', $this->nameOf($index), '', $now);
        self::mark($this->lines[$index][2]->words[0][2], $element);
    }

    /**
     * Compares pictures, each with the next one that says the same or comes from the same place.
     *
     * @param  array<int, int>  $places
     */
    private function compared(self $arrived, array $places): void
    {
        $left = $arrived->pictures;
        foreach ($this->pictures as [$before, $picture, $context]) {
            foreach ($left as $index => [$at, $other, $is]) {
                $same = ($picture->attributes['alt'] ?? '') === ($other->attributes['alt'] ?? '')
                    || ($picture->attributes['src'] ?? '') === ($other->attributes['src'] ?? '');
                if ($same) {
                    $this->picture($picture, $other);
                    $this->order($picture, $before, $at, $places, $other);
                    unset($left[$index]);

                    continue 2;
                }
            }
        }
    }

    private function picture(Element $was, Element $is): void
    {
        [$before, $after] = [Looks::sides($was), Looks::sides($is)];
        $apart = array_filter([0, 1], fn (int $side) => $before[$side] !== $after[$side]
            && abs(($before[$side] ?? 0) - ($after[$side] ?? 0)) > self::SIDE);
        if ($apart !== []) {
            $this->note('picture', self::said($was), self::inPixels($before), self::inPixels($after));
            self::mark($was, $is);
        }
    }

    /** @param  array<int, int>  $places */
    private function order(Element $picture, int $before, int $at, array $places, Element $other): void
    {
        foreach ($places as $index => $place) {
            $above = $this->lines[$index][0] < $before;
            if ($above ? $place >= $at : $place < $at) {
                $this->note('order', self::said($picture), '', '');
                self::mark($picture, $other);

                return;
            }
        }
    }

    private function nameOf(int $line): string
    {
        return $this->lines[$line][2]->text();
    }

    private static function said(Element $picture): string
    {
        return CleanText::seen($picture->attributes['alt'] ?? '') ?: 'picture';
    }

    /** @param  array{?int, ?int}  $sides */
    private static function inPixels(array $sides): Said
    {
        $any = Said::of('any');

        return $sides === [null, null] ? Said::of('whatever size its file has')
            : Said::of(':width × :height px', ['width' => $sides[0] ?? $any, 'height' => $sides[1] ?? $any]);
    }

    private function note(string $what, string $of, string|Said $before, string|Said $after): void
    {
        $key = "$what|$before|$after";
        $this->changes[$key] ??= [$what, $before, $after, []];
        $this->changes[$key][3][] = $of;
    }

    /** As changed, for screens. */
    public static function mark(?Element ...$elements): void
    {
        foreach (array_filter($elements) as $element) {
            $element->changed = true;
        }
    }
}
