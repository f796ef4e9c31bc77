<?php

namespace InkyCard\Picture;

use InkyCard\Colour\Colour;
use InkyCard\Colour\Contrast;
use InkyCard\Colour\DarkPage;
use InkyCard\Limits;

/**
 * A profile mark: a pictogram of the open icon set on a background of its own, or in the background's colour with a
 * ring or
 * with nothing around it.
 */
final readonly class Mark implements Bake
{
    /** Part of every key: a change in how marks come out gives them new addresses. */
    private const EDITION = 3;

    /**
     * @param  string  $icon  name in the open icon set, such as `linkedin`
     * @param  int  $size  CSS px as shown, width and height
     * @param  ?Season  $season  what it wears over its corner
     * @param  bool  $onOwn  it stands on a background that goes where it goes: no page shows around it
     */
    public function __construct(
        public string $icon,
        public Shape $shape,
        public int $size,
        public Colour $background,
        public Colour $ink,
        public ?Season $season = null,
        public bool $onOwn = false,
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
            $this->background->hex,
            $this->ink->hex,
            ...$this->season === null ? [] : $this->season->toArray(),
            ...$this->onOwn ? ['own'] : [],
        ]);
    }

    /** @param  array<array-key, mixed>  $given  as `toArray` wrote it */
    public static function of(array $given): self
    {
        return new self(
            $given['mark'], Shape::from($given['shape']), $given['size'], Colour::hex($given['ground']),
            Colour::hex($given['ink']), is_array($given['dress'] ?? null) ? Season::of($given['dress']) : null,
            $given['own'] ?? false,
        );
    }

    public function toArray(): array
    {
        return [
            'mark' => $this->icon, 'shape' => $this->shape->value, 'size' => $this->size,
            'ground' => $this->background->hex, 'ink' => $this->ink->hex,
        ] + ($this->season === null ? [] : ['dress' => $this->season->toArray()])
            + ($this->onOwn ? ['own' => true] : []);
    }

    /** The same without what it wears. */
    public function plain(): self
    {
        return new self($this->icon, $this->shape, $this->size, $this->background, $this->ink);
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
        $inner = (string) preg_replace('/^.*?<svg[^>]*>|<\/svg>.*$/s', '', $icon);
        $radius = ['round' => 16, 'rounded' => 7, 'square' => 0][$this->shape->value] ?? null;
        $drawn = $radius === null ? $this->lines($inner) : $this->filled($inner, $radius);
        $pixels = $this->pixels();

        return "<svg xmlns=\"http://www.w3.org/2000/svg\" x=\"$left\" width=\"$pixels\" height=\"$pixels\" "
            ."viewBox=\"0 0 32 32\">$drawn{$this->season?->svg()}</svg>";
    }

    /** On a background of its own. */
    private function filled(string $inner, int $radius): string
    {
        $background = $this->background->hex;
        $edge = $this->isLost(Limits::FILLED_CONTRAST)
            ? '<rect x=".75" y=".75" width="30.500" height="30.500" rx="'.max(0, $radius - 0.75)
                ."\" fill=\"$background\" stroke=\"#fff\" stroke-width=\"1.500\"/>"
            : "<rect width=\"32\" height=\"32\" rx=\"$radius\" fill=\"$background\"/>";

        return "$edge<g transform=\"{$this->inside()}\" fill=\"{$this->ink->hex}\">$inner</g>";
    }

    /** In the colour of the background, within a ring or with nothing around it. */
    private function lines(string $inner): string
    {
        $colour = $this->background->hex;
        $edged = $this->isLost(Limits::LINE_CONTRAST);
        $ring = $this->shape === Shape::Ring;
        $place = $ring ? $this->inside() : ($edged ? 'translate(2 2) scale(1.75)' : 'scale(2)');
        $circle = fn (string $stroke, float $width): string => $ring
            ? "<circle cx=\"16\" cy=\"16\" r=\"14.200\" fill=\"none\" stroke=\"$stroke\" stroke-width=\"$width\"/>"
                : '';
        $edge = $edged ? $circle('#fff', 3.6)."<g transform=\"$place\" fill=\"#fff\" stroke=\"#fff\" "
            ."stroke-width=\"1.500\" stroke-linejoin=\"round\">$inner</g>" : '';

        return $edge.$circle($colour, 1.8)."<g transform=\"$place\" fill=\"$colour\">$inner</g>";
    }

    /** Where a sign stands on its background: letters are no taller than half of it, so they may be wider. */
    private function inside(): string
    {
        return str_starts_with($this->icon, 'abc-') ? 'translate(5 5) scale(1.375)' : 'translate(8 8)';
    }

    /** On a light page an edge is the page's own colour; on a dark one it is what is left to see. */
    private function isLost(float $contrast): bool
    {
        return ! $this->onOwn && Contrast::ratio($this->background, DarkPage::page()) < $contrast;
    }
}
