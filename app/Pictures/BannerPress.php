<?php

namespace App\Pictures;

use InkyCard\Banner\Artwork;
use InkyCard\Banner\Banner;
use InkyCard\Banner\BannerPrint;
use InkyCard\Banner\Design;
use InkyCard\Banner\Designs;
use InkyCard\Limits;
use InkyCard\Picture\Baked;
use InkyCard\Picture\Baker;
use InkyCard\Picture\Canvas;
use InkyCard\Picture\Recipe;
use InkyCard\Picture\Shape;
use InkyCard\Refusal;

/** Draws and bakes banners. */
final readonly class BannerPress
{
    /** Colours tried, fewer and fewer, for what is too heavy. */
    private const COLOURS = [128, 64, 32, 16];

    public function __construct(private Bakery $bakery, private Rasterizer $rasterizer, private Squeezer $squeezer)
    {
    }

    /**
     * A banner at two pixels to one, with its dark twin.
     *
     * @throws Refusal for words no size of which fits
     */
    public function print(Banner $banner): BannerPrint
    {
        if ($banner->isPicture()) {
            [$baked] = $this->light([$this->picture($banner, [$banner->size->width, $banner->size->height])]);

            return new BannerPrint($baked, $baked, 21.0, '', 0.0, 0.0);
        }
        $tile = $this->tile($banner, Recipe::DENSITY);
        $photo = $tile->design->family === 'picture';
        [$light, $dark] = $this->light(array_map(
            fn (\GdImage $drawn) => $photo ? Baker::encoded($drawn) : self::png($drawn),
            [$tile->light, $tile->dark ?? $tile->light],
        ), ! $photo);

        return new BannerPrint(
            $light, $dark, $tile->contrast, $tile->mended, $tile->words->smallest(), $tile->words->fullness(),
        );
    }

    /**
     * It alone in its own design, two pixels to one, with its dark twin.
     *
     * @param  int  $twin  pixels per CSS pixel of that
     *
     * @throws Refusal
     */
    public function tile(Banner $banner, int $twin = 1): BannerTile
    {
        $tile = $this->tiles($banner, [Designs::all()[$banner->design]], [Recipe::DENSITY, $twin])[0];

        return $tile instanceof Refusal ? throw $tile : $tile;
    }

    /**
     * Its words, picture and inks in many designs, in as few drawings: starting the program that draws takes longer
     * than drawing.
     *
     * @param  list<Design>  $designs
     * @param  non-empty-list<int>  $densities  pixels per CSS pixel; a second for the twins on a page turned dark
     * @return list<BannerTile|Refusal>
     */
    public function tiles(Banner $banner, array $designs, array $densities = [1]): array
    {
        $tiles = $works = [];
        foreach ($designs as $at => $design) {
            try {
                $works[$at] = new Artwork($banner, $design, $this->behind($banner, $design));
            } catch (Refusal $refusal) {
                $tiles[$at] = $refusal;
            }
        }
        $tiles += (new BannerSheet($this->rasterizer, $banner, $densities))->tiles($works);
        ksort($tiles);

        return array_values($tiles);
    }

    private function behind(Banner $banner, Design $design): ?string
    {
        $size = $banner->picture === null ? null : Artwork::pictureSize($design, $banner->size);

        return $size === null ? null : $this->picture($banner, $size)->dataUri();
    }

    /** @param  array{int, int}  $size  CSS px */
    private function picture(Banner $banner, array $size): Baked
    {
        return $this->bakery->once(new Recipe((string) $banner->picture, Shape::Square, ...$size));
    }

    private static function png(\GdImage $drawn): Baked
    {
        return new Baked(
            Canvas::file(fn () => imagepng($drawn, null, 1)), 'png', imagesx($drawn), imagesy($drawn), 'PNG, as drawn',
        );
    }

    /**
     * Light enough for mail: fewer colours where they are not.
     *
     * @param  list<Baked>  $pictures
     * @param  bool  $flat  drawn in few inks
     * @return list<Baked>
     */
    private function light(array $pictures, bool $flat = false): array
    {
        return array_map(function (Baked $light, Baked $baked): Baked {
            foreach (self::COLOURS as $colours) {
                if (strlen($light->bytes) <= Limits::BANNER) {
                    break;
                }
                $light = self::fewer($baked, $colours);
            }

            return $light;
        }, $this->squeezer->all($pictures, $flat), $pictures);
    }

    private static function fewer(Baked $baked, int $colours): Baked
    {
        $picture = imagecreatefromstring($baked->bytes) ?: throw new \LogicException('What was baked is no picture.');
        imagetruecolortopalette($picture, true, $colours);

        return new Baked(
            Canvas::file(fn () => imagepng($picture, null, 9)), 'png', $baked->width, $baked->height,
            "PNG in $colours colours, so that it is light",
        );
    }
}
