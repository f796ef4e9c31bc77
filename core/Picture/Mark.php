<?php

namespace InkyCard\Picture;

use InkyCard\Colour\Colour;

/** A profile mark: a pictogram of the open icon set on a ground of its own, or bare in the ground's colour. */
final readonly class Mark implements Bake
{
    /**
     * @param  string  $icon  name in the open icon set, such as `linkedin`
     * @param  int  $size  CSS px as shown, width and height
     */
    public function __construct(
        public string $icon,
        public Shape $shape,
        public int $size,
        public Colour $ground,
        public Colour $ink,
    ) {
    }

    public function key(): string
    {
        return implode('|', ['mark', Baker::EDITION, $this->icon, $this->shape->value, $this->size, $this->ground->toHex(), $this->ink->toHex()]);
    }

    /** @param  array<array-key, mixed>  $given  as `toArray` wrote it */
    public static function of(array $given): self
    {
        return new self($given['mark'], Shape::from($given['shape']), $given['size'], Colour::hex($given['ground']), Colour::hex($given['ink']));
    }

    public function toArray(): array
    {
        return ['mark' => $this->icon, 'shape' => $this->shape->value, 'size' => $this->size, 'ground' => $this->ground->toHex(), 'ink' => $this->ink->toHex()];
    }

    /**
     * The mark as an SVG 1.1 document, 2 baked px to the CSS px.
     *
     * @param  string  $icon  the pictogram's own SVG document with a 16-unit view box and `currentColor` fills
     */
    public function svg(string $icon): string
    {
        $pixels = $this->size * Recipe::DENSITY;
        $inner = preg_replace('/^.*?<svg[^>]*>|<\/svg>.*$/s', '', $icon);
        $radius = ['round' => 16, 'rounded' => 7, 'square' => 0][$this->shape->value] ?? null;
        $root = '<svg xmlns="http://www.w3.org/2000/svg" width="'.$pixels.'" height="'.$pixels.'" viewBox="0 0 32 32">';
        if ($radius === null) {
            return $root.'<g transform="scale(2)" fill="'.$this->ground->toHex().'">'.$inner.'</g></svg>';
        }

        return $root
            .'<rect width="32" height="32" rx="'.$radius.'" fill="'.$this->ground->toHex().'"/>'
            .'<g transform="translate(8 8)" fill="'.$this->ink->toHex().'">'.$inner.'</g></svg>';
    }
}
