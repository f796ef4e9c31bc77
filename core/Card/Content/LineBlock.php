<?php

namespace InkyCard\Card\Content;

use InkyCard\Type\FontMetrics;
use InkyCard\Type\FontStack;
use InkyCard\Type\TextMeasure;

/** Runs of text read as one line; it may wrap. */
final readonly class LineBlock extends AbstractBlock
{
    /** Between two joined lines of text. */
    public const SEPARATOR = ' · ';

    /** Size of its largest run, CSS px. */
    public float $size;

    /** Line height in whole CSS px, from the run that asks for most. */
    public int $height;

    /**
     * @param  non-empty-list<TextRun>  $runs
     * @param  ?PictureBlock  $symbol  stands before it
     */
    public function __construct(public array $runs, public ?PictureBlock $symbol = null)
    {
        $size = $height = 0.0;
        foreach ($runs as $run) {
            $high = $run->size * $run->lineHeight;
            $size = $run->size > $size ? $run->size : $size;
            $height = $high > $height ? $high : $height;
        }
        $this->size = $size;
        $this->height = (int) round($height);
    }

    /**
     * What of one of its lines is above the baseline, and below it.
     *
     * @param  FontStack  $typeface  of words without one of their own
     * @return array{float, float} CSS px
     */
    public function aroundBaseline(FontStack $typeface): array
    {
        return FontMetrics::line(array_map(
            fn (TextRun $run) => [FontMetrics::of($run->face ?? $typeface), $run->size], $this->runs,
        ), $this->height);
    }

    /** Whether it holds something longer than any word, which has to break anywhere. */
    public function isEndless(): bool
    {
        foreach ($this->runs as $run) {
            if (TextMeasure::isEndless($run->text)) {
                return true;
            }
        }

        return false;
    }

    /** The line without its symbol. */
    public function bare(): self
    {
        return $this->symbol === null ? $this : new self($this->runs);
    }

    /** The line with more runs at its end; a symbol before it would belong to the first alone, so there is none. */
    public function with(TextRun ...$runs): self
    {
        return new self([...$this->runs, ...array_values($runs)]);
    }

    public function links(): array
    {
        $links = [];
        foreach ($this->runs as $run) {
            if ($run->href !== null) {
                $links[] = new BlockLink($run->text, $run->href);
            }
        }

        return $links;
    }

    public function withLinks(\Closure $to): self
    {
        return new self(array_map(fn (TextRun $run) => $run->withLink($to), $this->runs), $this->symbol);
    }

    public function runs(): array
    {
        return $this->runs;
    }

    public function pictures(): array
    {
        return $this->symbol === null ? [] : [$this->symbol];
    }
}
