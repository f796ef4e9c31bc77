<?php

namespace InkyCard\Compose;

use InkyCard\Card\Content\Block;
use InkyCard\Card\Content\BlockLink;
use InkyCard\Card\Content\ButtonBlock;
use InkyCard\Card\Content\HtmlBlock;
use InkyCard\Card\Content\LineBlock;
use InkyCard\Card\Content\MarksBlock;
use InkyCard\Card\Content\PictureBlock;
use InkyCard\Card\Content\TextRun;
use InkyCard\Layout\Sheet;
use InkyCard\Link\Target;

/**
 * A card as plain text: reading order, 72 columns, every word and every
 * address a reader of the other form has, each address written out once and
 * without campaign tags: here addresses are read, and typed by hand.
 */
final class PlainTextComposer
{
    /** Columns of a line, the usual limit of RFC 3676. An address is never broken: it may run over. */
    private const COLUMNS = 72;

    /** Letters of scripts that are written without spaces. */
    private const UNSPACED = '/[\p{Han}\p{Hiragana}\p{Katakana}\p{Thai}\p{Lao}\p{Khmer}\p{Myanmar}]/u';

    /** @param  bool  $delimiter  starts with `-- `, the line mail readers take a signature from (RFC 3676, 4.3) */
    public static function compose(Sheet $sheet, bool $delimiter = false): string
    {
        if ($sheet->card->tags !== null) {
            $sheet = Sheet::of($sheet->card->with(['tags' => null]));
        }
        $blocks = $sheet->blocks();
        $others = mb_strtolower(implode("\n", array_merge([], ...array_map(
            fn (Block $block) => self::isPicture($block) ? [] : self::block($block), $blocks,
        ))));
        $lines = [];
        $written = [];
        foreach ($blocks as $block) {
            foreach (self::block($block) as $line) {
                // The same twice in one text helps nobody: a button repeats a web line, a logo the firm's name.
                $repeats = isset($written[$line])
                    || self::isPicture($block) && str_contains($others, mb_strtolower($line));
                if (! $repeats) {
                    $written[$line] = true;
                    array_push($lines, ...self::wrap($line));
                }
            }
        }

        return ($delimiter ? "-- \n" : '').implode("\n", $lines).($lines === [] ? '' : "\n");
    }

    private static function isPicture(Block $block): bool
    {
        return $block instanceof PictureBlock;
    }

    /** @return list<string> */
    private static function block(Block $block): array
    {
        return match (true) {
            $block instanceof LineBlock => explode(
                "\n",
                implode('', array_map(fn (TextRun $run) => $run->plain ?? $run->text, $block->runs)),
            ),
            $block instanceof MarksBlock => array_map(
                fn (PictureBlock $mark) => "$mark->alt: ".Target::words((string) $mark->href), $block->marks,
            ),
            $block instanceof HtmlBlock => [...$block->spoken(), ...array_map(self::linked(...), $block->links())],
            $block instanceof ButtonBlock => array_map(self::linked(...), $block->links()),
            $block instanceof PictureBlock => self::picture($block),
            default => [],
        };
    }

    /** @return list<string> */
    private static function picture(PictureBlock $picture): array
    {
        return match (true) {
            $picture->href !== null => array_map(self::linked(...), $picture->links()),
            $picture->speaks => [$picture->alt],
            default => [],
        };
    }

    private static function linked(BlockLink $link): string
    {
        $address = Target::words($link->href);

        return $link->words === '' || $link->words === $address ? $address : "$link->words: $address";
    }

    /** @return list<string> */
    private static function wrap(string $line): array
    {
        $lines = [''];
        foreach (self::parts($line) as $part) {
            $last = array_key_last($lines);
            if ($lines[$last] !== '' && mb_strwidth(rtrim($lines[$last].$part)) > self::COLUMNS) {
                $lines[] = $part;
            } else {
                $lines[$last] .= $part;
            }
        }

        return array_map(rtrim(...), $lines);
    }

    /**
     * Where it may be broken (UAX #14): after spaces, and between signs of scripts that have none; an address stays
     * whole.
     *
     * @return list<string>
     */
    private static function parts(string $line): array
    {
        if (mb_strwidth($line) <= self::COLUMNS) {
            return [$line];
        }
        $parts = [];
        foreach (preg_split('/(?<= )/u', $line) ?: [] as $word) {
            $breaks = self::isWhole($word) ? null : \IntlBreakIterator::createLineInstance('und');
            $breaks?->setText($word);
            $found = $breaks === null ? [$word] : iterator_to_array($breaks->getPartsIterator(), false);
            array_push($parts, ...array_filter($found, is_string(...)));
        }

        return $parts;
    }

    /** An address, or a word of a script that parts words by spaces. */
    private static function isWhole(string $word): bool
    {
        return preg_match('~://|@~', $word) === 1 || preg_match(self::UNSPACED, $word) !== 1;
    }
}
