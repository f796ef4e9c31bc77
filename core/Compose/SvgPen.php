<?php

namespace InkyCard\Compose;

use InkyCard\Colour\Colour;
use InkyCard\Layout\Box;

/** Writes elements of a drawing: SVG 1.1, three decimals, what is null left out. */
final class SvgPen
{
    private readonly \XMLWriter $out;

    /** Parts cut out so far. */
    private int $cuts = 0;

    /** @param  string  $name  tells names of several drawings in one document apart */
    public function __construct(private readonly string $name = 'behind')
    {
        $this->out = new \XMLWriter;
        $this->out->openMemory();
    }

    /** @param  array<string, mixed>  $attributes  null is left out */
    public function open(string $name, array $attributes = []): void
    {
        $this->out->startElement($name);
        foreach ($attributes as $attribute => $value) {
            if ($value !== null) {
                $this->out->writeAttribute($attribute, is_float($value) ? (string) round($value, 3) : (string) $value);
            }
        }
    }

    /** @param  array<string, mixed>  $attributes  null is left out */
    public function element(string $name, array $attributes): void
    {
        $this->open($name, $attributes);
        $this->close();
    }

    public function close(): void
    {
        $this->out->endElement();
    }

    public function text(string $text): void
    {
        $this->out->text((string) preg_replace('/[\x00-\x1f\x7f]/', '', $text));
    }

    /** The elements written so far, taken away. */
    public function take(): string
    {
        return $this->out->outputMemory();
    }

    /** @param  array{int, int, int, int}|int  $radius  of its corners, or of each from the top left clockwise */
    public function rectangle(Box $box, Colour $ink, array|int $radius = 0): void
    {
        if (is_array($radius)) {
            $this->element('path', ['d' => self::outline($box, $radius), 'fill' => $ink->hex]);

            return;
        }
        $this->element('rect', [
            'x' => $box->x, 'y' => $box->y, 'width' => $box->width, 'height' => $box->height,
            'rx' => $radius > 0 ? min($radius, $box->height / 2) : null, 'fill' => $ink->hex,
        ]);
    }

    /**
     * A picture that fills a box, cut to its corners.
     *
     * @param  array{int, int, int, int}|int  $radius
     */
    public function filled(string $source, Box $box, array|int $radius = 0, ?float $opacity = null): void
    {
        $name = $this->cut(fn () => $this->rectangle($box, new Colour(0, 0, 0), $radius));
        $this->image($source, $box, $name, $opacity);
    }

    /** The same cut to an outline. @param  string  $path  SVG path data */
    public function clipped(string $source, Box $box, string $path, ?float $opacity = null): void
    {
        $name = $this->cut(fn () => $this->element('path', ['d' => $path]));
        $this->image($source, $box, $name, $opacity);
    }

    /** Elements of our own, as they are. */
    public function raw(string $svg): void
    {
        $this->out->writeRaw($svg);
    }

    /** @param  \Closure(): void  $outline */
    private function cut(\Closure $outline): string
    {
        $name = $this->name.'-'.(++$this->cuts);
        $this->open('clipPath', ['id' => $name]);
        $outline();
        $this->close();

        return $name;
    }

    private function image(string $source, Box $box, string $cut, ?float $opacity): void
    {
        $this->element('image', [
            'x' => $box->x, 'y' => $box->y, 'width' => $box->width, 'height' => $box->height,
            'preserveAspectRatio' => 'xMidYMid slice', 'clip-path' => "url(#$cut)", 'opacity' => $opacity,
            'xlink:href' => $source,
        ]);
    }

    /** @param  array{int, int, int, int}  $radius */
    private static function outline(Box $box, array $radius): string
    {
        [$a, $b, $c, $d] = $radius;
        [$right, $bottom] = [$box->width - $a - $b, $box->height - $b - $c];
        [$left, $top] = [$c + $d - $box->width, $d + $a - $box->height];

        $x = $box->x + $a;

        return "M$x {$box->y}h{$right}a$b $b 0 0 1 $b {$b}v{$bottom}a$c $c 0 0 1 -$c {$c}h{$left}a$d $d 0 0 1 -$d "
            ."-{$d}v{$top}a$a $a 0 0 1 $a -{$a}z";
    }
}
