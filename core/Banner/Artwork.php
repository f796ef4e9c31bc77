<?php

namespace InkyCard\Banner;

use InkyCard\Colour\Colour;
use InkyCard\Compose\Lettering;
use InkyCard\Compose\SvgPen;
use InkyCard\Layout\Box;
use InkyCard\Refusal;

/** A banner drawn in a design: SVG 1.1, its words and what is behind them apart. */
final readonly class Artwork
{
    /** Corners of a button, CSS px. */
    private const CORNERS = 3;

    /** Around the words a veil reaches in full, and over which it fades, CSS px. */
    private const VEILED = [6, 60];

    /** Share of a slanted picture's width that is cut off on the side of the words. */
    private const SLANT = 0.2;

    /** What is left of a picture on a dark page. */
    private const DIM = 0.78;

    private DesignForm $form;

    private SetWords $words;

    private bool $rtl;

    /**
     * @param  ?string  $picture  data: URI of the part of the banner's picture the design shows
     *
     * @throws Refusal for words that do not fit
     */
    public function __construct(
        private Banner $banner, public Design $design, private ?string $picture = null,
    ) {
        $this->form = $design->form($banner->size);
        $this->rtl = $banner->runsFromRight();
        $this->words = (new WordFit($banner->typeface, $this->box($this->form->words), $this->form))->set($banner);
    }

    public function words(): SetWords
    {
        return $this->words;
    }

    /** Inks of its words as the design has them: part => what it is set in, on that it stands on. */
    public function lettering(BannerInks $inks): BannerLettering
    {
        $ground = $inks->colour($this->form->ground);
        $on = fn (string $part): Colour => $part === 'call' && $this->form->button !== null
            ? $inks->colour($this->form->button) : $ground;

        $parts = array_keys($this->form->inks);

        return new BannerLettering(array_combine($parts, array_map(
            fn (string $part) => $inks->on($on($part), $this->form->inks[$part]), $parts,
        )));
    }

    /** What is behind its words, for a place in a larger drawing. */
    public function backdrop(BannerInks $inks, BannerLettering $lettering, string $name = 'a'): string
    {
        $pen = new SvgPen($name);
        [$width, $height] = [$this->banner->size->width, $this->banner->size->height];
        $pen->rectangle(new Box(0, 0, $width, $height), $inks->colour($this->form->ground));
        $this->picture($pen, $inks->isDark ? self::DIM : null);
        if ($this->form->veil !== null) {
            $this->veil($pen, $inks->colour($this->form->veil), $name);
        }
        foreach ($this->form->shapes as $shape) {
            $this->shape($pen, $shape, $inks);
        }
        foreach ($this->form->drawings as $drawing) {
            $this->drawing($pen, $drawing, $inks);
        }
        if ($lettering->veil !== null) {
            $this->behindWords($pen, $name, ...$lettering->veil);
        }
        if ($this->words->button !== null && $this->form->button !== null) {
            $pen->rectangle($this->words->button, $inks->colour($this->form->button), self::CORNERS);
        }

        return $pen->take();
    }

    /** Its words alone. */
    public function text(BannerLettering $lettering): string
    {
        $pen = new SvgPen;
        $letters = new Lettering($pen, $this->banner->typeface, $this->rtl);
        foreach ($this->words->lines as $line) {
            $run = $line->run->in($lettering->inks[$line->part]);
            $letters->line([$run], $line->stretches, $line->box->x, $line->baseline);
        }

        return $pen->take();
    }

    /**
     * The part of a banner's picture a design shows.
     *
     * @return ?array{int, int} CSS px; null for a design without one
     */
    public static function pictureSize(Design $design, BannerSize $size): ?array
    {
        $form = $design->form($size);
        if ($form->picture === null) {
            return null;
        }
        [, , $width, $height] = $form->picture;
        $side = max(1, (int) ceil(2 * $width * $size->height));

        return $form->cut === 'round' ? [$side, $side]
            : [max(1, (int) ceil($width * $size->width)), max(1, (int) ceil($height * $size->height))];
    }

    private function picture(SvgPen $pen, ?float $opacity): void
    {
        if ($this->form->picture === null || $this->picture === null) {
            return;
        }
        [$x, $y, $width, $height] = $this->form->picture;
        if ($this->form->cut === 'round') {
            $radius = $width * $this->banner->size->height;
            $middle = $this->x($x);
            $pen->filled($this->picture, new Box(
                $middle - $radius, $y * $this->banner->size->height - $radius, 2 * $radius, 2 * $radius,
            ), (int) floor($radius), $opacity);

            return;
        }
        $box = $this->box([$x, $y, $width, $height]);
        if ($this->form->cut !== 'slant') {
            $pen->filled($this->picture, $box, 0, $opacity);

            return;
        }
        $right = $box->x + $box->width;
        [$near, $far, $cut] = $this->rtl ? [$right, $box->x, -self::SLANT] : [$box->x, $right, self::SLANT];
        $pen->clipped($this->picture, $box, sprintf(
            'M%.3F %.3FL%.3F %.3FL%.3F %.3FL%.3F %.3Fz', $near + $cut * $box->width, $box->y, $far, $box->y, $far,
            $box->y + $box->height, $near, $box->y + $box->height,
        ), $opacity);
    }

    /** Densest on the side of the words, clear on the other. */
    private function veil(SvgPen $pen, Colour $ink, string $name): void
    {
        $this->fading($pen, "veil-$name", $ink, [[0, 0.86], [0.62, 0.7], [1, 0]]);
    }

    /** Evenly dense as far as the words reach, then fading. */
    private function behindWords(SvgPen $pen, string $name, Colour $ink, float $share): void
    {
        $bounds = $this->words->bounds();
        if ($bounds === null) {
            return;
        }
        $size = $this->banner->size;
        $side = $size->isStrip() ? $size->width : $size->height;
        $reach = match (true) {
            ! $size->isStrip() => $size->height - $bounds->y,
            $this->rtl => $size->width - $bounds->x,
            default => $bounds->x + $bounds->width,
        } + self::VEILED[0];
        $this->fading($pen, "behind-$name", $ink, [
            [0, $share], [min(1, $reach / $side), $share], [min(1, ($reach + self::VEILED[1]) / $side), 0],
        ]);
    }

    /**
     * From the edge the words stand at: the left one of strips, else the lower one.
     *
     * @param  list<array{float|int, float|int}>  $stops  how far from there, how dense
     */
    private function fading(SvgPen $pen, string $name, Colour $ink, array $stops): void
    {
        $way = $this->banner->size->isStrip() ? ['x1' => (int) $this->rtl, 'x2' => (int) ! $this->rtl]
            : ['x1' => 0, 'y1' => 1, 'x2' => 0, 'y2' => 0];
        $pen->open('linearGradient', ['id' => $name] + $way);
        foreach ($stops as [$at, $share]) {
            $pen->element('stop', ['offset' => $at, 'stop-color' => $ink->hex, 'stop-opacity' => $share]);
        }
        $pen->close();
        $pen->element('rect', [
            'width' => $this->banner->size->width, 'height' => $this->banner->size->height, 'fill' => "url(#$name)",
        ]);
    }

    /** @param  list<mixed>  $shape  see DesignForm */
    private function shape(SvgPen $pen, array $shape, BannerInks $inks): void
    {
        $fill = $inks->colour($shape[1])->hex;
        $high = $this->banner->size->height;
        match ($shape[0]) {
            'rect' => $pen->rectangle($this->box(array_slice($shape, 2)), $inks->colour($shape[1])),
            'poly' => $pen->element('polygon', ['points' => $this->points($shape[2]), 'fill' => $fill]),
            'disc' => $pen->element('circle', [
                'cx' => $this->x($shape[2]), 'cy' => $shape[3] * $high, 'r' => $shape[4] * $high, 'fill' => $fill,
            ]),
            'ring' => $pen->element('circle', [
                'cx' => $this->x($shape[2]), 'cy' => $shape[3] * $high, 'r' => $shape[4] * $high, 'fill' => 'none',
                'stroke' => $fill, 'stroke-width' => max(1.0, $shape[5] * $high),
            ]),
            'line' => $pen->element('line', [
                'x1' => $this->x($shape[2]), 'y1' => $shape[3] * $high, 'x2' => $this->x($shape[4]),
                'y2' => $shape[5] * $high, 'stroke' => $fill, 'stroke-width' => max(1.0, $shape[6] * $high),
            ]),
            'hill' => $pen->element('path', [
                'd' => sprintf('M%.3F %dQ%.3F %.3F %.3F %2$dz', $this->x($shape[2]), $high,
                    $this->x($shape[2] + $shape[3] / 2), $high * (1 - 2 * $shape[4]), $this->x($shape[2] + $shape[3])),
                'fill' => $fill,
            ]),
            default => throw new \LogicException("No shape {$shape[0]}"),
        };
    }

    /** @param  array{float, float, float, string, string}  $drawing  see DesignForm */
    private function drawing(SvgPen $pen, array $drawing, BannerInks $inks): void
    {
        [$x, $y, $height, $ink, $other] = $drawing;
        $side = $height * $this->banner->size->height;
        $zoom = $side / BannerDrawings::SIDE;
        $pen->open('g', ['transform' => sprintf(
            'translate(%.3F %.3F) scale(%.4F)', $this->x($x) - $side / 2,
            $y * $this->banner->size->height - $side / 2, $zoom,
        )]);
        $pen->raw(BannerDrawings::svg(
            $this->banner->drawing ?: BannerDrawings::PLAIN, $inks->colour($ink)->hex,
            $inks->colour($other)->hex,
        ));
        $pen->close();
    }

    /** Where a share of the width is: from the right, where words run from there. */
    private function x(float $share): float
    {
        return ($this->rtl ? 1 - $share : $share) * $this->banner->size->width;
    }

    /** @param  array<array-key, float>  $place  left, top, width, height as shares */
    private function box(array $place): Box
    {
        [$x, $y, $width, $height] = array_values($place);
        [$wide, $high] = [$this->banner->size->width, $this->banner->size->height];

        return new Box(($this->rtl ? 1 - $x - $width : $x) * $wide, $y * $high, $width * $wide, $height * $high);
    }

    /** @param  list<float>  $shares */
    private function points(array $shares): string
    {
        return implode(' ', array_map(fn (array $point) => sprintf(
            '%.3F,%.3F', $this->x($point[0]), $point[1] * $this->banner->size->height,
        ), array_chunk($shares, 2)));
    }
}
