<?php

namespace App\Pictures;

use InkyCard\Banner\Artwork;
use InkyCard\Banner\Banner;
use InkyCard\Banner\BannerInks;
use InkyCard\Banner\BannerLettering;
use InkyCard\Banner\Legibility;
use InkyCard\Colour\Contrast;
use LogicException;

/** Many designs of a banner in one drawing, looked at, mended where their words do not read, and cut apart. */
final class BannerSheet
{
    /** @var list<BannerInks> of a light page, and of a dark one where that is asked for */
    private readonly array $pages;

    /** @var array{int, int} pixels per CSS pixel, by page */
    private readonly array $densities;

    /** @var array<int, array<int, BannerLettering>> work => page => */
    private array $letterings = [];

    /** @var array<int, array<int, array{\GdImage, \GdImage}>> work => page => what is behind the words, the whole */
    private array $drawn = [];

    /** @var array<int, array<int, float>> work => page => contrast of the words that read worst */
    private array $faintest = [];

    /** @var array<int, string> work => what was done so that words read */
    private array $mended = [];

    /** @param  non-empty-list<int>  $densities  pixels per CSS pixel; a second for the twins on a page turned dark */
    public function __construct(
        private readonly Rasterizer $rasterizer, private readonly Banner $banner, array $densities,
    ) {
        $this->densities = [$densities[0], $densities[1] ?? 1];
        $this->pages = isset($densities[1]) ? [$banner->inks, $banner->inks->dark()] : [$banner->inks];
    }

    /**
     * @param  array<int, Artwork>  $works
     * @return array<int, BannerTile>
     */
    public function tiles(array $works): array
    {
        foreach ($works as $at => $work) {
            $this->letterings[$at] = array_map($work->lettering(...), $this->pages);
        }
        $this->draw($works);
        $again = array_filter($works, $this->mend(...), ARRAY_FILTER_USE_BOTH);
        $this->draw($again);
        $tiles = [];
        foreach ($works as $at => $work) {
            foreach (isset($again[$at]) ? array_keys($this->pages) : [] as $page) {
                $this->faintest[$at][$page] = $this->sight($work, $at, $page)
                    ->faintest($this->letterings[$at][$page]);
            }
            $tiles[$at] = new BannerTile(
                $work->design, $this->drawn[$at][0][1], $this->drawn[$at][1][1] ?? null,
                min([21.0, ...$this->faintest[$at]]), $this->mended[$at], $work->words(),
            );
        }

        return $tiles;
    }

    /** Whether something had to be done so that its words read, and it is to be drawn again. */
    private function mend(Artwork $work, int $at): bool
    {
        $this->mended[$at] = '';
        $mended = false;
        foreach ($this->pages as $page => $inks) {
            $sight = $this->sight($work, $at, $page);
            $this->faintest[$at][$page] = $sight->faintest($this->letterings[$at][$page]);
            if ($this->faintest[$at][$page] < Contrast::TEXT) {
                [$this->letterings[$at][$page], $said] = $sight->mended($this->letterings[$at][$page], $inks);
                $this->mended[$at] = $this->mended[$at] ?: ($page === 0 ? $said : '');
                $mended = true;
            }
        }

        return $mended;
    }

    private function sight(Artwork $work, int $at, int $page): Legibility
    {
        return new Legibility($this->drawn[$at][$page][0], $work->words(), $this->banner->size);
    }

    /** @param  array<int, Artwork>  $works */
    private function draw(array $works): void
    {
        if ($works === []) {
            return;
        }
        // Half of them on a sheet of its own: two are drawn beside each other.
        $sheets = ['', ''];
        $heights = [0, 0];
        $tops = [];
        $one = 0;
        foreach ($works as $at => $work) {
            foreach ($this->pages as $page => $inks) {
                $sheet = $one++ % count($sheets);
                $tops[$at][$page] = [$sheet, $heights[$sheet]];
                $sheets[$sheet] .= $this->both($work, $at, $page, $heights[$sheet]);
                $heights[$sheet] += $this->banner->size->height * $this->density($page);
            }
        }
        $drawn = $this->sheets($sheets, $heights);
        foreach ($tops as $at => $tiles) {
            foreach ($tiles as $page => [$sheet, $top]) {
                $this->drawn[$at][$page] = [
                    $this->cut($drawn[$sheet], 0, $top, 1),
                    $this->cut($drawn[$sheet], $this->banner->size->width, $top, $this->density($page)),
                ];
            }
        }
    }

    /** What is behind the words is looked at, not kept: it is drawn smaller, and written once. */
    private function both(Artwork $work, int $at, int $page, int $y): string
    {
        $name = "b$at-$page";
        $backdrop = $work->backdrop($this->pages[$page], $this->letterings[$at][$page], $name);

        return $this->placed(0, $y, 1, "<g id=\"$name\">$backdrop</g>").$this->placed(
            $this->banner->size->width, $y, $this->density($page),
            "<use xlink:href=\"#$name\"/>".$work->text($this->letterings[$at][$page]),
        );
    }

    /**
     * @param  array<int, string>  $sheets
     * @param  array<int, int>  $heights  px
     * @return array<int, \GdImage>
     */
    private function sheets(array $sheets, array $heights): array
    {
        $sheets = array_filter($sheets);
        $wide = $this->banner->size->width * (1 + max($this->densities));
        $drawn = $this->rasterizer->pngs(array_map(fn (int $sheet): string => sprintf(
            '<svg xmlns="http://www.w3.org/2000/svg" xmlns:xlink="http://www.w3.org/1999/xlink" width="%d" '
                .'height="%d">%s</svg>', $wide, $heights[$sheet], $sheets[$sheet],
        ), array_combine(array_keys($sheets), array_keys($sheets))));

        return array_map(fn (string $png) => imagecreatefromstring($png)
            ?: throw new LogicException('The drawing of banners is no picture.'), $drawn);
    }

    private function density(int $page): int
    {
        return $this->densities[$page === 0 ? 0 : 1];
    }

    private function placed(int $x, int $y, int $density, string $svg): string
    {
        [$width, $height] = [$this->banner->size->width, $this->banner->size->height];

        return sprintf('<svg x="%d" y="%d" width="%d" height="%d" viewBox="0 0 %d %d">%s</svg>', $x, $y,
            $width * $density, $height * $density, $width, $height, $svg);
    }

    private function cut(\GdImage $sheet, int $x, int $y, int $density): \GdImage
    {
        return imagecrop($sheet, [
            'x' => $x, 'y' => $y, 'width' => $this->banner->size->width * $density,
            'height' => $this->banner->size->height * $density,
        ]) ?: throw new LogicException('A banner is off the sheet.');
    }
}
