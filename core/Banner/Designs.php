<?php

namespace InkyCard\Banner;

/** The designs of banners (designs.php). */
final class Designs
{
    public const FIRST = 'ribbon-end';

    /** A picture somebody made elsewhere, cut to the size, is a banner without a design. */
    public const PICTURE = 'picture';

    /** @return array<string, Design> by key */
    public static function all(): array
    {
        /** @var array<string, Design>|null $all */
        static $all = null;
        if ($all === null) {
            $all = [];
            /** @var list<Design> $designs */
            $designs = require __DIR__.'/designs.php';
            foreach ($designs as $design) {
                $all[$design->key] = $design;
            }
        }

        return $all;
    }
}
