<?php

namespace InkyCard\Picture;

use InkyCard\Colour\Colour;
use InkyCard\Colour\Contrast;

/**
 * A profile mark: a pictogram of the open icon set on a ground of its own, or in the ground's colour with a ring or
 * with nothing around it.
 */
final readonly class Mark implements Bake
{
    /** Part of every key: a change in how marks come out gives them new addresses. */
    private const EDITION = 3;

    /**
     * A page turned dark, and under which contrast with it a mark gets a light edge: lines alone need more than a
     * filled ground (WCAG 2.2, 1.4.11).
     */
    private const DARK_PAGE = '#1b1b1b';

    private const LOST = ['ground' => 2.2, 'lines' => 3.0];

    /**
     * @param  string  $icon  name in the open icon set, such as `linkedin`
     * @param  int  $size  CSS px as shown, width and height
     * @param  ?Season  $dress  what it wears over its corner
     */
    public function __construct(
        public string $icon,
        public Shape $shape,
        public int $size,
        public Colour $ground,
        public Colour $ink,
        public ?Season $dress = null,
    ) {
    }

    public function key(): string
    {
        return implode('|', [
            'mark',
            self::EDITION,
            $this->icon,
            $this->shape->value,
            $this->size,
            $this->ground->toHex(),
            $this->ink->toHex(),
            ...$this->dress === null ? [] : $this->dress->toArray(),
        ]);
    }

    /** @param  array<array-key, mixed>  $given  as `toArray` wrote it */
    public static function of(array $given): self
    {
        return new self(
            $given['mark'], Shape::from($given['shape']), $given['size'], Colour::hex($given['ground']),
            Colour::hex($given['ink']), is_array($given['dress'] ?? null) ? Season::of($given['dress']) : null,
        );
    }

    public function toArray(): array
    {
        return [
            'mark' => $this->icon, 'shape' => $this->shape->value, 'size' => $this->size,
            'ground' => $this->ground->toHex(), 'ink' => $this->ink->toHex(),
        ] + ($this->dress === null ? [] : ['dress' => $this->dress->toArray()]);
    }

    /** The same without what it wears. */
    public function plain(): self
    {
        return new self($this->icon, $this->shape, $this->size, $this->ground, $this->ink);
    }

    /** Width and height as baked, px. */
    public function pixels(): int
    {
        return $this->size * Recipe::DENSITY;
    }

    /**
     * The mark as an SVG 1.1 document, 2 baked px to the CSS px.
     *
     * @param  string  $icon  the pictogram's own SVG document with a 16-unit view box and `currentColor` fills
     * @param  int  $left  px from the left, where several stand in one drawing
     */
    public function svg(string $icon, int $left = 0): string
    {
        $inner = preg_replace('/^.*?<svg[^>]*>|<\/svg>.*$/s', '', $icon);
        $ground = $this->ground->toHex();
        $radius = ['round' => 16, 'rounded' => 7, 'square' => 0][$this->shape->value] ?? null;
        // On a light page the edge is the page's own colour; on a dark one it is what is left to see.
        $edged
            = Contrast::ratio($this->ground, Colour::hex(self::DARK_PAGE))
            < self::LOST[$radius === null ? 'lines' : 'ground'];
        if ($radius !== null) {
            $edge = $edged
                ? '<rect x=".75" y=".75" width="30.500" height="30.500" rx="'.max(0, $radius - 0.75).'" fill="'.$ground
                    .'" stroke="#fff" stroke-width="1.500"/>'
                : '<rect width="32" height="32" rx="'.$radius.'" fill="'.$ground.'"/>';
            $drawn = $edge.'<g transform="translate(8 8)" fill="'.$this->ink->toHex().'">'.$inner.'</g>';
        } else {
            $ring = $this->shape === Shape::Ring;
            $place = $ring ? 'translate(8 8)' : ($edged ? 'translate(2 2) scale(1.75)' : 'scale(2)');
            $circle = fn (string $colour, float $width): string => $ring
                ? '<circle cx="16" cy="16" r="14.200" fill="none" stroke="'.$colour.'" stroke-width="'.$width.'"/>'
                : '';
            $drawn
                = ($edged
                    ? $circle('#fff', 3.6).'<g transform="'.$place
                        .'" fill="#fff" stroke="#fff" stroke-width="1.500" stroke-linejoin="round">'
                        .$inner
                        .'</g>'
                    : '')
                .$circle($ground, 1.8)
                .'<g transform="'
                .$place
                .'" fill="'
                .$ground
                .'">'
                .$inner
                .'</g>';
        }

        return '<svg xmlns="http://www.w3.org/2000/svg" x="'.$left.'" width="'.$this->pixels().'" height="'
            .$this->pixels()
            .'" viewBox="0 0 32 32">'
            .$drawn
            .$this->dress?->svg()
            .'</svg>';
    }
}
