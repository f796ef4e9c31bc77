<?php

namespace InkyCard\Compose;

use InkyCard\Brand\InkRole;
use InkyCard\Card\Card;
use InkyCard\Card\Content\Block;
use InkyCard\Card\Content\ButtonBlock;
use InkyCard\Card\Content\HtmlBlock;
use InkyCard\Card\Content\LineBlock;
use InkyCard\Card\Content\PictureBlock;
use InkyCard\Card\Content\RuleBlock;
use InkyCard\Card\Content\SpaceBlock;
use InkyCard\Card\Content\TextRun;
use InkyCard\Card\Style\ButtonLook;
use InkyCard\Layout\Cell;
use InkyCard\Layout\Framer;
use InkyCard\Layout\Nested;
use InkyCard\Layout\Sheet;
use InkyCard\Layout\Surface;
use InkyCard\Layout\Table;
use InkyCard\Layout\Wrapping;
use InkyCard\Markup\Escape;
use InkyCard\Markup\HtmlBuilder;
use InkyCard\Type\TextMeasure;

/**
 * A card as mail HTML: nested tables with inline styles only.
 *
 * The shapes follow what the open data on mail clients supports everywhere
 * (docs/architecture.md, "Mail HTML"): padding on cells only, sizes on every
 * picture twice (attribute and style), an explicit colour on every link and on
 * a span inside it, exact line heights for the Word engine.
 */
final class HtmlComposer
{
    /** A cell without words is as high as it says. */
    private const EMPTY = ';font-size:0;line-height:0';

    /** What tells a named rendering from the export. */
    private const NAMES = '/ data-piece="[^"]*"/';

    private const TABLE = '<table role="presentation" cellpadding="0" cellspacing="0" border="0"';

    private Card $card;

    private bool $rtl;

    /** The card's typeface as a `font-family`. */
    private string $face;

    /** The colour of its links. */
    private string $linked;

    /** @param  bool  $named  marks every element of a piece with `data-piece`, for screens; exports never carry it */
    public function __construct(private readonly PictureSources $pictures, private readonly bool $named = false)
    {
    }

    /** The card alone, as a mail client's settings take it: one table; nothing for an empty card. */
    public function compose(Sheet $sheet): string
    {
        return $this->card($sheet);
    }

    /** The export a rendering with named elements was made from. */
    public static function unnamed(string $html): string
    {
        return (string) preg_replace(self::NAMES, '', $html);
    }

    /** A whole HTML document around the card. */
    public function page(Sheet $sheet): string
    {
        $card = $sheet->card;

        return (new HtmlBuilder)->doctype()->open('html', ['lang' => $card->lang, 'dir' => $card->direction()])
            ->open('head')
            ->void('meta', ['charset' => 'utf-8'])
            ->void('meta', ['name' => 'viewport', 'content' => 'width=device-width'])
            ->open('title')->text($card->name)->close()
            ->close()
            ->open('body', style: 'margin:0;padding:16px;background-color:'.$card->style->ink(InkRole::Paper)->hex)
            ->sanitised($this->card($sheet))
            ->close()->close()->html();
    }

    private function card(Sheet $sheet): string
    {
        $this->card = $card = $sheet->card;
        $this->rtl = $card->direction() === 'rtl';
        $this->face = $card->style->typeface->css();
        $this->linked = $card->style->ink(InkRole::Link)->hex;
        $this->pictures->prepare($sheet->pictures());
        $table = $sheet->table();

        return $table->rows === [] ? '' : $this->table(
            $table,
            ' lang="'.Escape::html($card->lang).'"'.($this->rtl ? ' dir="rtl"' : ''),
            "font-family:$this->face;".'font-size:'.self::px($card->style->sizes->text).';color:'
                .$card->style->ink(InkRole::Body)->hex,
        );
    }

    /** @param  string  $attributes  as they are written */
    private function table(Table $table, string $attributes = '', string $style = '', ?string $align = null): string
    {
        if ($table->edged) {
            // Where borders collapse, half of each lies outside its cell and corners do not round.
            $style = 'border-collapse:separate'.($style === '' ? '' : ";$style");
        }
        $align ??= $table->align;
        if ($align !== null) {
            $attributes .= " align=\"$align\"";
        }
        if ($table->wide !== null) {
            // The Word engine knows both on tables; others take the attribute where they drop the style.
            $attributes .= " width=\"$table->wide\"";
            $style .= ($style === '' ? '' : ';')."width:100%;max-width:{$table->wide}px";
        } elseif ($table->stretches) {
            $attributes .= ' width="100%"';
        }
        $html = self::TABLE.$attributes.($style === '' ? '>' : " style=\"$style\">");
        foreach ($table->rows as $row) {
            $html .= '<tr>';
            // A cell alone in its row is as high as the row: nothing to align.
            $alone = ! isset($row[1]);
            foreach ($row as $cell) {
                $attributes = $this->attributes($cell, $alone);
                $style = $this->style($cell);
                $content = $this->content($cell->content);
                // In one piece: joined one after another, what is in a cell would be copied each time.
                $html .= "<td$attributes style=\"$style\">$content</td>";
            }
            $html .= '</tr>';
        }
        $html .= '</table>';

        return $table->button === null ? $html : $this->shaped($table->button, $html);
    }

    /**
     * The button as a round rectangle in VML, which the Word engine draws in place of its table.
     *
     * @param  string  $html  its table, as others read it
     */
    private function shaped(ButtonBlock $button, string $html): string
    {
        $words = $button->words;
        $look = $button->look;
        $line = new LineBlock([$words]);
        $width = (int) ceil(
            TextMeasure::of($this->card->style->typeface, [$words->measured()])->widest(),
        ) + 2 * $look->wide + ($button->symbol === null ? 0 : $button->symbol->width + Framer::SIGN);
        $height = $line->height + 2 * $look->high;
        $sign = $button->symbol === null ? '' : $this->picture($button->symbol, inline: true);

        return (new HtmlBuilder)->forWord(fn (HtmlBuilder $word): HtmlBuilder => $word
            ->open('v:roundrect', [
                'xmlns:v' => 'urn:schemas-microsoft-com:vml', 'href' => $words->href,
                ...$look->outlined ? [
                    'filled' => 'f', 'strokecolor' => $button->colour->hex, 'strokeweight' => ButtonLook::LINE.'px',
                ] : ['fillcolor' => $button->colour->hex, 'stroke' => 'f'],
                'arcsize' => min(50, round((100 * $look->radius) / $height)).'%',
            ], "width:{$width}px;height:{$height}px;v-text-anchor:middle")
            ->open('center', style: $this->type($line))
            ->sanitised($sign === '' || $button->last ? '' : "$sign\u{A0}")
            ->text($words->text)
            ->sanitised($sign === '' || ! $button->last ? '' : "\u{A0}$sign")
            ->close()->close())->sanitised($html)->afterOthers()->html();
    }

    private function content(Nested|Block $content): string
    {
        return match (true) {
            $content instanceof LineBlock => $this->words($content),
            $content instanceof Table => $this->table($content),
            $content instanceof PictureBlock => $this->picture($content),
            $content instanceof Wrapping => implode('', array_map(
                fn (Table $table): string => $this->table($table, align: $content->align()), $content->tables,
            )),
            $content instanceof HtmlBlock => $content->html,
            // An empty cell would be dropped by some clients, and its height with it.
            $content instanceof SpaceBlock => "\u{A0}",
            $content instanceof RuleBlock => '',
            default => throw new \LogicException('No markup for '.$content::class),
        };
    }

    private function attributes(Cell $cell, bool $alone): string
    {
        $attributes = '';
        if ($this->named && $cell->pieces !== []) {
            $attributes = ' data-piece="'.Escape::html(implode(' ', array_column($cell->pieces, 'id'))).'"';
        }
        if (! $alone && $cell->valign !== 'middle') {
            $attributes .= " valign=\"$cell->valign\"";
        }
        if ($cell->align !== null) {
            $attributes .= " align=\"$cell->align\"";
        }
        $surface = $cell->surface;
        if ($surface !== null && $surface->colour !== null) {
            $attributes .= " bgcolor=\"{$surface->colour->hex}\"";
        }
        if ($surface !== null && $surface->picture !== null) {
            $attributes .= ' background="'.Escape::html($this->pictures->source($surface->picture)).'"';
        }
        if ($cell->width !== null) {
            $attributes .= " width=\"$cell->width\"";
        }
        if ($cell->content instanceof SpaceBlock) {
            $attributes .= " height=\"{$cell->content->height}\"";
        }

        return $attributes;
    }

    /** As readers break what nothing else breaks; of all ways to say it, the one most of them know. */
    private const ANYWHERE = ';word-break:break-word';

    private function style(Cell $cell): string
    {
        $content = $cell->content;
        $surface = $cell->surface;
        $style = 'padding:'.self::sides($cell->padding);
        if ($surface !== null && $surface->colour !== null) {
            $style .= ";background-color:{$surface->colour->hex}";
        }
        if ($surface !== null && $surface->picture !== null) {
            // The address stands in the attribute; where styles count as well, it fills its cell.
            $style .= ';background-position:center;background-size:cover';
        }
        if ($cell->width !== null) {
            // Where there is little room a width alone gives way, and a circle is one no longer.
            $style .= ";width:{$cell->width}px;min-width:{$cell->width}px";
        }
        if ($surface !== null) {
            $style .= self::edge($surface);
        }

        if ($content instanceof LineBlock) {
            return "$style;".$this->type($content).($content->isEndless() ? self::ANYWHERE : '');
        }

        return $style.match (true) {
            $content instanceof HtmlBlock && TextMeasure::isEndless($content->text) => self::ANYWHERE,
            // Under the padding, so that the spacing is above the line.
            $content instanceof RuleBlock => ";border-bottom:{$content->thickness}px {$content->style->value} "
                .$content->ink->hex.self::EMPTY,
            $content instanceof SpaceBlock => self::EMPTY,
            default => '',
        };
    }

    /**
     * The whole type on the cell: a smaller size there would make the line taller
     * than it says, and not every client hands type down into nested tables.
     */
    private function type(LineBlock $line): string
    {
        $first = $line->runs[0];
        $look = ($first->italic ? 'italic ' : '').($first->bold ? 'bold ' : '');
        $size = self::px($line->size);
        $face = $first->face === null ? $this->face : $first->face->css();
        $type = "font:$look$size/{$line->height}px $face;color:{$first->ink->hex};mso-line-height-rule:exactly";

        return $first->spacing > 0 ? "$type;letter-spacing:".self::px($first->spacing) : $type;
    }

    private function face(TextRun $run): string
    {
        return $run->face === null ? $this->face : $run->face->css();
    }

    private function words(LineBlock $line): string
    {
        $html = '';
        $first = $line->runs[0];
        foreach ($line->runs as $run) {
            $ink = $run->ink->hex;
            $own = $run === $first && $run->size === $line->size ? '' : $this->own($run, $first, $line->size);
            $words = Escape::html($run->text);
            if ($run->href !== null) {
                // Colour on the link and on a span inside it: some clients recolour one, none recolours both.
                $words = '<a href="'.Escape::html($run->href)."\" style=\"color:$ink;text-decoration:"
                    .($run->underlined ? 'underline' : 'none').'"><span'
                    .($this->rtl && $run->isNumber() ? ' dir="ltr"' : '')." style=\"color:$ink$own\">$words</span></a>";
            } elseif ($run->isFound()) {
                // What stands in a link already, mail clients make no other of: this one leads nowhere.
                $words = "<a style=\"color:$ink;text-decoration:none$own\">$words</a>";
            } elseif ($own !== '' || ! $run->ink->equals($first->ink)) {
                $words = "<span style=\"color:$ink$own\">$words</span>";
            }
            $html .= $words;
        }

        return $html;
    }

    /**
     * What a run has other than the first of its line, whose type is the cell's.
     *
     * @param  float  $size  the cell's, CSS px
     */
    private function own(TextRun $run, TextRun $first, float $size): string
    {
        return ($run->size === $size ? '' : ';font-size:'.self::px($run->size))
            .($run->bold === $first->bold ? '' : ($run->bold ? ';font-weight:bold' : ';font-weight:normal'))
            .($run->italic === $first->italic ? '' : ($run->italic ? ';font-style:italic' : ';font-style:normal'))
            .($run->spacing === $first->spacing ? '' : ';letter-spacing:'.self::px($run->spacing))
            .($run->face === $first->face ? '' : ';font-family:'.$this->face($run));
    }

    /** @param  bool  $inline  it stands among words */
    private function picture(PictureBlock $picture, bool $inline = false): string
    {
        [$width, $height] = [$picture->width, $picture->height];
        $source = Escape::html($this->pictures->source($picture));
        $alt = Escape::html($picture->alt);
        $tall = $picture->free ? '' : " height=\"$height\"";
        $display = $inline ? 'vertical-align:middle' : 'display:block';
        $size = $picture->isFluid() ? 'max-width:100%;height:auto'
            : ($picture->free ? 'height:auto' : "height:{$height}px");
        // The type size is that of the words shown when the picture is blocked.
        $html = "<img src=\"$source\" width=\"$width\"$tall alt=\"$alt\" border=\"0\""
            ." style=\"$display;width:{$width}px;$size;font-size:11px\">";
        if ($picture->href !== null) {
            $address = Escape::html($picture->href);
            // Colour and underline of the words shown when the picture is blocked.
            $html = "<a href=\"$address\" style=\"color:$this->linked;text-decoration:none\">$html</a>";
        }

        return $html;
    }

    private static function edge(Surface $surface): string
    {
        $border = $surface->border;

        return ($surface->radius === null || $surface->radius === 0 ? ''
            : ';border-radius:'.self::corners($surface->radius))
            .($border === null ? '' : ';border'.($border->side === 'all' ? '' : "-$border->side")
                .":{$border->width}px {$border->style->value} {$border->ink->hex}");
    }

    /** @param  array{int, int, int, int}|int  $radius  of all corners, or of each, CSS px */
    private static function corners(array|int $radius): string
    {
        return is_int($radius) ? $radius.'px'
            : implode(' ', array_map(fn (int $one) => $one === 0 ? '0' : $one.'px', $radius));
    }

    /**
     * A `padding` in its shortest form.
     *
     * @param  array{int, int, int, int}  $sides  top, right, bottom, left; CSS px
     */
    private static function sides(array $sides): string
    {
        [$top, $right, $bottom, $left] = $sides;
        if ($right === 0 && $bottom === 0 && $left === 0) {
            return $top === 0 ? '0' : "{$top}px 0 0";
        }
        $padding = $top === 0 ? '0' : $top.'px';
        if ($right === $left && $top === $bottom && $top === $right) {
            return $padding;
        }
        $padding .= $right === 0 ? ' 0' : " {$right}px";
        if ($right === $left && $top === $bottom) {
            return $padding;
        }
        $padding .= $bottom === 0 ? ' 0' : " {$bottom}px";

        return $right === $left ? $padding : $padding.($left === 0 ? ' 0' : " {$left}px");
    }

    private static function px(float $size): string
    {
        return (float) (int) $size === $size ? (int) $size.'px' : round($size, 2).'px';
    }
}
