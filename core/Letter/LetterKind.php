<?php

namespace InkyCard\Letter;

use InkyCard\Brand\InkRole;
use InkyCard\Card\Content\LineBlock;
use InkyCard\Card\Content\RuleBlock;
use InkyCard\Card\Content\TextRun;
use InkyCard\Card\Kind\AbstractKind;
use InkyCard\Card\Kind\CardContext;
use InkyCard\Card\Kind\Filled;
use InkyCard\Link\Target;

/** A block of a letter as a piece of a card: what composes, measures and proofs cards does so with letters. */
final class LetterKind extends AbstractKind
{
    /** Type size of headings by level, by that of text; deeper ones are as large as text. */
    private const HEADINGS = [1 => 1.5, 2 => 1.25, 3 => 1.1];

    public function __construct(private readonly LetterBlock $block)
    {
        parent::__construct('letter', 'Paragraph', 'text-paragraph', 'Words of a letter.');
    }

    public function fields(): array
    {
        return [];
    }

    public function accept(array $fields, string $country): array
    {
        return $fields;
    }

    public function needs(): array
    {
        return [];
    }

    public function mainField(): string
    {
        return 'text';
    }

    public function summary(Filled $piece): string
    {
        return $this->block->kind === 'rule' ? 'rule' : implode('', array_column($this->block->runs, 'text'));
    }

    public function content(Filled $piece, CardContext $card): array
    {
        if ($this->block->kind === 'rule') {
            return [new RuleBlock($card->style->ink(InkRole::Quiet), 1)];
        }
        $runs = $this->block->mark === '' ? [] : [$this->words($card, new LetterRun("{$this->block->mark} "))];
        foreach ($this->block->runs as $run) {
            $runs[] = $this->words($card, $run);
        }

        return $runs === [] ? [] : [new LineBlock($runs)];
    }

    private function words(CardContext $card, LetterRun $run): TextRun
    {
        $heading = $this->block->kind === 'heading';
        $size = $card->style->sizes->text * ($heading ? self::HEADINGS[$this->block->level] ?? 1 : 1);
        $ink = $run->leads !== null ? InkRole::Link
            : ($this->block->kind === 'quote' ? InkRole::Quiet : InkRole::Body);

        return new TextRun(
            $run->text, $card->style->ink($ink), round($size, 1), $heading || $run->strong, $run->leads,
            $run->leads === null ? null : "$run->text (".Target::words($run->leads).')', $run->leads !== null,
            $run->emphasised || $this->block->kind === 'quote', $card->style->spacing->lineHeight,
        );
    }
}
