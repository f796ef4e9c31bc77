<?php

namespace InkyCard\Banner;

/**
 * A design at one sort of size. Places are shares of the banner's width and height, sizes of round and thin things
 * shares of its height; inks are roles of BannerInks.
 *
 * @phpstan-type Place array{float, float, float, float}
 * @phpstan-type Shape list<mixed>
 */
final readonly class DesignForm
{
    /**
     * @param  string  $ground  role of what is behind everything
     * @param  Place  $words  where the words stand: left, top, width, height
     * @param  array{headline: string, line: string, call: string}  $inks  roles
     * @param  list<Shape>  $shapes  drawn over the ground in this order: kind, role, numbers
     *     (`rect` left, top, width, height; `poly` x, y, …; `disc` x, y, radius; `ring` x, y, radius, thickness;
     *     `line` x, y, x, y, thickness; `hill` left, width, height: a bow that rises from the lower edge)
     * @param  'start'|'center'  $align  of the words
     * @param  ?string  $button  role the call stands on; null for words with an arrow
     * @param  ?Place  $picture  where it stands
     * @param  'none'|'round'|'slant'  $cut  what is cut off it
     * @param  ?string  $veil  role of what lies over the picture, densest on the side of the words
     * @param  list<array{float, float, float, string, string}>  $drawings  x, y of the middle, height, ink, other ink
     * @param  bool  $capitals  the headline is set in capitals
     */
    public function __construct(
        public string $ground,
        public array $words,
        public array $inks,
        public array $shapes = [],
        public string $align = 'start',
        public ?string $button = null,
        public ?array $picture = null,
        public string $cut = 'none',
        public ?string $veil = null,
        public array $drawings = [],
        public bool $capitals = false,
    ) {
    }
}
