<?php

namespace InkyCard\Compose;

use InkyCard\Card\Card;
use InkyCard\Card\CardLink;
use InkyCard\Card\Content\Block;
use InkyCard\Card\Content\ButtonBlock;
use InkyCard\Card\Content\HtmlBlock;
use InkyCard\Card\Content\LineBlock;
use InkyCard\Card\Content\MarksBlock;
use InkyCard\Card\Content\PictureBlock;
use InkyCard\Card\Content\TextRun;
use InkyCard\Card\FilledBy;
use InkyCard\Card\Kind\AbstractLineKind;
use InkyCard\Card\Kind\Capability;
use InkyCard\Card\Piece;
use InkyCard\Layout\Sheet;
use InkyCard\Markup\Escape;
use InkyCard\Roster\Person;
use InkyCard\Type\TextMeasure;

/**
 * A card compiled once, to be stamped for many people: literal text and slots.
 *
 * What a person leaves empty takes its line, gap and separator away, so there
 * is one template for every shape a card can take. A shape is compiled when
 * the first person with it comes, by composing the card with marks in place of
 * words; every later one costs escaping and joining. The result equals that
 * of HtmlComposer, byte for byte.
 */
final class Plate
{
    /** Around the number of a slot: noncharacters of Unicode, which no accepted text holds. */
    private const OPEN = "\u{FDD0}";

    private const CLOSE = "\u{FDD1}";

    /** In a shape: words that break anywhere, for which there is no template. */
    private const ENDLESS = "\u{FDD2}";

    /** @var array<string, Piece> */
    private array $blanks = [];

    /** @var array<string, true> ids of pieces that are no blanks, though their links speak of the holder */
    private array $locked = [];

    /**
     * The blank for the holder's name, where something else speaks of the holder: the words of a headshot or a
     * written name, a campaign tag.
     */
    private ?Piece $named = null;

    /** @var array<string, list<string|int>> shape => literals, and numbers of slots between them */
    private array $templates = [];

    private function __construct(private readonly Card $card, private readonly PictureSources $pictures)
    {
        $named = $card->named();
        $named = $named === null || $named->filledBy === FilledBy::Us ? null : $named;
        $tagged = $named !== null && $card->tags?->tags->speaksOf('{person}') === true;
        $spoken = false;
        foreach ($card->pieces as $piece) {
            $locked = $piece->filledBy === FilledBy::Us;
            if ($piece->shown && (! $locked || ($tagged && CardLink::of($piece, $card) !== []))) {
                $this->blanks[$piece->id] = $piece;
                $this->locked += $locked ? [$piece->id => true] : [];
                $spoken = $spoken || (! $locked
                    && ($piece->can(Capability::Portrait) || $piece->can(Capability::Handwriting)));
            }
        }
        $this->named = $tagged || $spoken ? $named : null;
    }

    /** Blanks are the shown pieces that are not locked. */
    public static function of(Card $card, PictureSources $pictures): self
    {
        return new self($card, $pictures);
    }

    /** @param  Person  $holder  a blank left out keeps the card's own */
    public function stamp(Person $holder): string
    {
        $person = $holder->fields;
        $shape = '';
        $values = [];
        $contents = [];
        $named = $this->named;
        $card = $named === null || ! isset($person[$named->id]) ? $this->card
            : $this->card->replacing($named->with(['fields' => $person[$named->id]]));
        foreach ($this->blanks as $id => $piece) {
            $fields = isset($this->locked[$id]) ? $piece->fields : $person[$id] ?? $piece->fields;
            $text = $fields['text'] ?? '';
            $text = is_string($text) ? $text : '';
            if (self::isUsual($piece, $text)) {
                // Spared the making of objects.
                $shape .= $text === '' ? '0' : '1';
                $values[] = $text;
                $shape .= TextMeasure::isEndless($text) ? self::ENDLESS : '';
            } else {
                $contents[$id] = $card->content($piece->with(['fields' => $fields]));
                $shape .= '['.$this->shape($contents[$id], $values).']';
            }
        }
        if (str_contains($shape, self::ENDLESS)) {
            return $this->composed($person);
        }
        $html = '';
        foreach ($this->templates[$shape] ??= $this->compile($person, $contents) as $part) {
            $html .= is_int($part) ? Escape::html($values[$part]) : $part;
        }

        return $html;
    }

    /** A line of words that stand as they are. */
    private static function isUsual(Piece $piece, string $text): bool
    {
        return $piece->kind instanceof AbstractLineKind && $piece->tuning->caps !== true && ! str_contains($text, '](')
            && ! ($piece->kind->isGuarded() && TextRun::tempts($text));
    }

    /** @param  array<string, array<string, mixed>>  $person */
    private function composed(array $person): string
    {
        $pieces = array_map(
            fn (Piece $piece) => isset($this->blanks[$piece->id], $person[$piece->id])
                && ! isset($this->locked[$piece->id]) ? $piece->with(['fields' => $person[$piece->id]]) : $piece,
            $this->card->pieces,
        );

        return (new HtmlComposer($this->pictures))->compose(Sheet::of($this->card->with(['pieces' => $pieces])));
    }

    /**
     * What of a content is the same for everybody with this shape, in a few characters; what is not is added to the
     * values.
     *
     * @param  list<Block>  $blocks
     * @param  list<string>  $values
     */
    private function shape(array $blocks, array &$values): string
    {
        $shape = '';
        foreach ($blocks as $block) {
            if ($block instanceof LineBlock) {
                $shape .= 'L';
                foreach ($block->runs as $run) {
                    $shape .= $this->runShape($run, $values);
                }
            } elseif ($block instanceof ButtonBlock && $this->card->style->button->word) {
                // Its shape is as wide as its words: they are part of what is compiled.
                $shape .= ($block->beside ? 'w' : 'W').$block->words->href.' '.$block->words->text
                    .self::look($block);
            } elseif ($block instanceof ButtonBlock) {
                $shape .= ($block->beside ? 'b' : 'B').self::look($block).$this->runShape($block->words, $values);
            } elseif ($block instanceof PictureBlock) {
                $shape .= 'P'.$this->pictureShape($block, $values);
            } elseif ($block instanceof MarksBlock) {
                $shape .= 'M'.$block->spacing;
                foreach ($block->marks as $mark) {
                    $shape .= $this->pictureShape($mark, $values);
                }
            } else {
                $shape .= $block instanceof HtmlBlock ? 'H'.$block->html : serialize($block);
            }
            $shape .= ';';
        }

        return $shape;
    }

    private static function look(ButtonBlock $button): string
    {
        return $button->colour->hex.serialize($button->look).serialize($button->symbol).(int) $button->last;
    }

    /** @param  list<string>  $values */
    private function runShape(TextRun $run, array &$values): string
    {
        // The space that parts a label from what it labels stays what it is: some arrangements go by it.
        $values[] = rtrim($words = $run->text, ' ');
        if ($run->href !== null) {
            $values[] = $run->href;
        }

        return (TextMeasure::isEndless($words) ? self::ENDLESS : '').self::spaces($run).$run->size.$run->ink->hex
            .($run->bold ? 'b' : '').($run->italic ? 'i' : '')
            .($run->underlined ? 'u' : '')
            .($run->href === null ? '' : 'a')
            .($run->isNumber() ? 'n' : '')
            .($run->isFound() ? 'f' : '')
            .($run->spacing > 0 ? "s$run->spacing" : '')
            .$run->face?->key
            .',';
    }

    private static function spaces(TextRun $run): string
    {
        return substr($run->text, strlen(rtrim($run->text, ' ')));
    }

    /** @param  list<string>  $values */
    private function pictureShape(PictureBlock $picture, array &$values): string
    {
        $this->pictures->prepare([$picture]);
        array_push($values, $this->pictures->source($picture), $picture->alt);
        if ($picture->href !== null) {
            $values[] = $picture->href;
        }

        return $picture->width.'x'.$picture->height.($picture->free ? 'f' : '')
            .($picture->href === null ? '' : 'a').',';
    }

    /**
     * @param  array<string, array<string, mixed>>  $person
     * @param  array<string, list<Block>>  $contents  of the blanks that are more than a line of words
     * @return list<string|int>
     */
    private function compile(array $person, array $contents): array
    {
        $number = 0;
        $mark = function () use (&$number): string {
            return self::OPEN.$number++.self::CLOSE;
        };
        $pieces = [];
        foreach ($this->card->pieces as $piece) {
            $text = ($person[$piece->id] ?? $piece->fields)['text'] ?? '';
            if (isset($this->blanks[$piece->id]) && self::isUsual($piece, is_string($text) ? $text : '')) {
                $word = $mark();
                $piece = $piece->with(['fields' => ['text' => $text === '' ? '' : $word]]);
            } elseif (isset($contents[$piece->id])) {
                $contents[$piece->id] = array_map(
                    fn (Block $block) => $this->marked($block, $mark),
                    $contents[$piece->id],
                );
            }
            $pieces[] = $piece;
        }
        $card = $this->card->with(['pieces' => $pieces]);
        $sheet = Sheet::of($card, fn (Piece $piece) => $contents[$piece->id] ?? $card->content($piece));
        $parts
            = preg_split(
                '/'.self::OPEN.'(\d+)'.self::CLOSE.'/u', (new HtmlComposer($this->pictures))->compose($sheet), -1,
                PREG_SPLIT_DELIM_CAPTURE,
            )
            ?: [];

        return array_map(
            fn (string $part, int $index) => $index % 2 === 1 ? (int) $part : $part,
            $parts,
            array_keys($parts),
        );
    }

    /**
     * The block with marks where the values stand, in the order `shape` takes them.
     *
     * @param  \Closure(): string  $mark
     */
    private function marked(Block $block, \Closure $mark): Block
    {
        $run = fn (TextRun $run) => new TextRun(
            $mark().self::spaces($run), $run->ink, $run->size, $run->bold,
            $run->href === null ? null : $mark(), null, $run->underlined,
            $run->italic, $run->lineHeight, spacing: $run->spacing, face: $run->face,
            number: $run->isNumber(), found: $run->isFound(),
        );
        $picture = fn (PictureBlock $picture) => new PictureBlock(
            $mark(), $picture->width, $picture->height, $mark(), $picture->href === null ? null : $mark(),
            free: $picture->free,
        );

        return match (true) {
            $block instanceof LineBlock => new LineBlock(array_map($run, $block->runs), $block->symbol),
            $block instanceof ButtonBlock => $this->card->style->button->word
                ? $block
                : $block->saying($run($block->words)),
            $block instanceof PictureBlock => $picture($block),
            $block instanceof MarksBlock => new MarksBlock(array_map($picture, $block->marks), $block->spacing),
            default => $block,
        };
    }
}
