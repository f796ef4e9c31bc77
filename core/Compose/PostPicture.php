<?php

namespace InkyCard\Compose;

use InkyCard\Brand\InkRole;
use InkyCard\Card\Card;
use InkyCard\Card\Content\TextRun;
use InkyCard\Card\Kind\LatestPostKind;
use InkyCard\Card\Piece;
use InkyCard\Colour\Colour;
use InkyCard\Colour\DarkPage;
use InkyCard\Layout\Box;
use InkyCard\Time\Day;
use InkyCard\Type\FontMetrics;
use InkyCard\Type\FontStack;
use InkyCard\Type\Script;
use InkyCard\Type\TextMeasure;

/**
 * The newest entry of a feed as a picture of its words, in the look its card has: two lines of title at the largest
 * size that fits, up to the card's own, cut at a word where none does, and the day it came out.
 */
final readonly class PostPicture
{
    /** Least size of the title, CSS px, and the step between sizes. */
    private const LEAST = 10.0;

    private const STEP = 0.5;

    /**
     * @param  int  $width  CSS px
     * @param  int  $height  CSS px
     * @param  float  $size  of the title, CSS px
     * @param  float  $small  of the day, CSS px
     * @param  float  $leading  line height by size
     * @param  string  $locale  BCP 47, days are written by
     * @param  string  $lead  before the title
     * @param  bool  $day  it is shown
     */
    private function __construct(
        public int $width, public int $height, private string $typeface, private float $size, private float $small,
        private float $leading, private string $ink, private string $quiet, private string $paper,
        private string $locale, private string $lead, private bool $day, private bool $bold = false,
        private bool $italic = false,
    ) {
    }

    public static function of(Card $card, Piece $piece): self
    {
        $style = $card->styleOf($piece);
        $hex = fn (InkRole $role): string => $style->ink($role)->hex;
        $own = $piece->tuning;

        [$width, $height] = LatestPostKind::size($piece, $style);

        return new self(
            $width, $height, ($own->face ?? $style->typeface)->key, $own->size ?? $style->sizes->text,
            $style->sizes->small, $style->spacing->lineHeight, $style->inkOf($own, InkRole::Link)->hex,
            $hex(InkRole::Quiet), $hex(InkRole::Paper),
            str_contains($card->lang, '-') ? $card->lang : "$card->lang-$card->country",
            $piece->text('lead'), $piece->text('mark') === '', $own->bold === true, $own->italic === true,
        );
    }

    /** @param  array<string, mixed>  $look  as `toArray` wrote it */
    public static function restore(array $look): self
    {
        return new self(...$look);
    }

    /** @return array<string, mixed> */
    public function toArray(): array
    {
        return get_object_vars($this);
    }

    /**
     * SVG 1.1, as wide and high as it is shown.
     *
     * @param  ?Day  $day  it came out
     * @param  bool  $dark  its twin for a page turned dark
     */
    public function svg(string $title, ?Day $day, bool $dark = false): string
    {
        [$ink, $quiet, $paper] = array_map(Colour::hex(...), [$this->ink, $this->quiet, $this->paper]);
        if ($dark) {
            [$ink, $quiet] = [DarkPage::Soft->ink($ink, $paper), DarkPage::Soft->ink($quiet, $paper)];
            $paper = DarkPage::Soft->background($paper);
        }
        $face = FontStack::of($this->typeface);
        $rtl = Script::runsFromRight($title);
        $runs = $this->fitting($title, $face, $ink, $quiet);
        $lines = [[$runs, TextMeasure::of($face, array_map(fn (TextRun $run) => $run->measured(), $runs))
            ->words($this->width)]];
        if ($this->day && $day !== null) {
            $mark = [new TextRun($day->words($this->locale), $quiet, $this->small)];
            $lines[] = [$mark, TextMeasure::of($face, [$mark[0]->measured()])->words($this->width)];
        }
        $pen = new SvgPen('post');
        $pen->open('svg', [
            'xmlns' => 'http://www.w3.org/2000/svg', 'width' => $this->width, 'height' => $this->height,
            'viewBox' => "0 0 $this->width $this->height",
        ]);
        $pen->rectangle(new Box(0, 0, $this->width, $this->height), $paper);
        $lettering = new Lettering($pen, $face, $rtl);
        $y = 0.0;
        foreach ($lines as [$set, $broken]) {
            $size = $set[0]->size;
            [$ascent] = FontMetrics::line([[FontMetrics::of($face), $size]], $size * $this->leading);
            foreach ($broken as [$wide, $stretches]) {
                $lettering->line($set, $stretches, $rtl ? $this->width - $wide : 0.0, $y + $ascent);
                $y += $size * $this->leading;
            }
        }
        $pen->close();

        return $pen->take();
    }

    /** @return non-empty-list<TextRun> lead and title */
    private function fitting(string $title, FontStack $face, Colour $ink, Colour $quiet): array
    {
        $runs = fn (string $words, float $size): array => [
            ...($this->lead === '' ? [] : [new TextRun("$this->lead ", $quiet, $size)]),
            new TextRun($words, $ink, $size, bold: $this->bold, italic: $this->italic),
        ];
        $fits = function (array $runs) use ($face): bool {
            $measure = TextMeasure::of($face, array_values(array_map(fn (TextRun $run) => $run->measured(), $runs)));

            return $measure->narrowest() <= $this->width
                && count($measure->words($this->width)) <= LatestPostKind::LINES;
        };
        for ($size = $this->size; $size >= self::LEAST; $size -= self::STEP) {
            if ($fits($runs($title, $size))) {
                return $runs($title, $size);
            }
        }
        $least = min($this->size, self::LEAST);
        $words = preg_split('/(?=\s)/u', $title) ?: [$title];
        do {
            array_pop($words);
        } while ($words !== [] && ! $fits($runs(implode('', $words).'…', $least)));
        $short = implode('', $words);
        // One word that is wider than the picture.
        for ($left = mb_strlen($title) - 1; $short === '' && $left > 0; $left--) {
            $short = $fits($runs(mb_substr($title, 0, $left).'…', $least)) ? mb_substr($title, 0, $left) : '';
        }

        return $runs($short.'…', $least);
    }
}
