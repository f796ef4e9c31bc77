<?php

namespace App\Banners;

use App\Pictures\BannerPress;
use App\Pictures\BannerTile;
use App\Words\Words;
use InkyCard\Banner\Banner;
use InkyCard\Banner\Design;
use InkyCard\Banner\DesignOrder;
use InkyCard\Limits;
use InkyCard\Picture\Canvas;
use InkyCard\Refusal;

/** A banner's words, picture and inks in every design, best first; those they do not fit last, with why. */
final readonly class Gallery
{
    /** Of WebP, for this page alone. */
    private const QUALITY = 90;

    /** A picture of this page is about half as heavy as the banner at two pixels to one. */
    private const HEAVIER = 2;

    /**
     * @param  list<array{Design, string, float, int}>  $designs  data: URI, contrast, weight in bytes, about
     * @param  list<array{Design, string}>  $refused  why
     * @param  int  $weight  of the banner itself as it would be put out, bytes; 0 where it cannot be drawn
     */
    private function __construct(public array $designs, public array $refused, private int $weight)
    {
    }

    /** @return array{string, string, string, float, bool} see Maker::gauges */
    public function weight(): array
    {
        return Maker::weight($this->weight);
    }

    public static function of(Banner $banner, BannerPress $press): self
    {
        if ($banner->headline.$banner->line.$banner->call === '') {
            return new self([], [], 0);
        }
        $all = $banner->designs();
        $shown = $measured = $refused = [];
        foreach ($press->tiles($banner, $all) as $at => $tile) {
            if ($tile instanceof Refusal) {
                $refused[] = [$all[$at], Words::of($tile)];
            } else {
                [$shown[$tile->design->key], $weight] = self::shown($tile);
                $measured[$tile->design->key] = [$tile->light, $tile->contrast, $tile->words, $weight];
            }
        }

        return new self(
            array_map(fn (string $key) => $shown[$key], DesignOrder::of($measured, Limits::BANNER)), $refused,
            isset($measured[$banner->design]) ? strlen($press->print($banner)->light->bytes) : 0,
        );
    }

    /** @return array{array{Design, string, float, int}, int} and its weight */
    private static function shown(BannerTile $tile): array
    {
        $uri = 'data:image/webp;base64,'.base64_encode(
            Canvas::file(fn () => imagewebp($tile->light, null, self::QUALITY)),
        );
        $weight = (int) (self::HEAVIER * 0.75 * strlen($uri));

        return [[$tile->design, $uri, $tile->contrast, $weight], $weight];
    }
}
