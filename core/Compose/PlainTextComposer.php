<?php

namespace InkyCard\Compose;

use InkyCard\Card\Content\Block;
use InkyCard\Card\Content\ButtonBlock;
use InkyCard\Card\Content\HtmlBlock;
use InkyCard\Card\Content\LineBlock;
use InkyCard\Card\Content\MarksBlock;
use InkyCard\Card\Content\PictureBlock;
use InkyCard\Card\Content\TextRun;
use InkyCard\Layout\Sheet;
use InkyCard\Link\Target;

/**
 * A card as plain text: reading order, 72 columns, every address written out
 * once, without campaign tags: here addresses are read, and typed by hand.
 */
final class PlainTextComposer
{
    /** Columns of a line, the usual limit of RFC 3676. An address is never broken: it may run over. */
    private const COLUMNS = 72;

    /** @param  bool  $delimiter  starts with `-- `, the line mail readers take a signature from (RFC 3676, 4.3) */
    public static function compose(Sheet $sheet, bool $delimiter = false): string
    {
        if ($sheet->card->tags !== null) {
            $sheet = Sheet::of($sheet->card->with(['tags' => null]));
        }
        $lines = [];
        $written = [];
        foreach ($sheet->blocks() as $block) {
            foreach (self::block($block) as $line) {
                // The same address twice in one text helps nobody; a button repeats what a web line may say.
                if (! isset($written[$line])) {
                    $written[$line] = true;
                    array_push($lines, ...self::wrap($line));
                }
            }
        }

        return ($delimiter ? "-- \n" : '').implode("\n", $lines).($lines === [] ? '' : "\n");
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
                fn (PictureBlock $mark) => "$mark->alt: $mark->href",
                $block->marks,
            ),
            $block instanceof HtmlBlock => $block->text === '' ? [] : [$block->text],
            $block instanceof ButtonBlock => [$block->words->text.': '.Target::words((string) $block->words->href)],
            // A portrait says nothing in words that the name has not said.
            default => [],
        };
    }

    /** @return list<string> */
    private static function wrap(string $line): array
    {
        $lines = [''];
        foreach (explode(' ', $line) as $word) {
            $last = array_key_last($lines);
            $longer = $lines[$last] === '' ? $word : $lines[$last].' '.$word;
            if ($lines[$last] !== '' && mb_strwidth($longer) > self::COLUMNS) {
                $lines[] = $word;
            } else {
                $lines[$last] = $longer;
            }
        }

        return $lines;
    }
}
