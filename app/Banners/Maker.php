<?php

namespace App\Banners;

use App\Models\StoredBanner;
use App\Pictures\BannerPress;
use App\Pictures\BannerTile;
use App\Words\Words;
use InkyCard\Banner\Banner;
use InkyCard\Colour\Contrast;
use InkyCard\Limits;
use InkyCard\Picture\Canvas;
use InkyCard\Refusal;

/** What the page of a banner shows of it: the picture, its twin, what is measured, or why it cannot be drawn. */
final readonly class Maker
{
    /** Narrowest that is seen of it: a phone of 320 px less the margins of a message. */
    private const PHONE = 288;

    /** Smallest words that are read on a phone, CSS px. */
    private const SMALL = 9;

    /** Where the bar of a size ends, CSS px. */
    private const LARGE = 24;

    /**
     * @param  string  $light  data: URI; empty where it cannot be drawn
     * @param  list<array{string, string, string, float, bool}>  $gauges  label, figure, unit, share of the bar, good
     * @param  array<string, string>  $refused  field => why it cannot be drawn, or was not taken
     */
    private function __construct(
        public Banner $banner,
        public string $light,
        public string $dark,
        public string $mended,
        public array $gauges,
        public array $refused,
    ) {
    }

    /** @param  array<string, string>  $refused  what was not taken of the last edit */
    public static function of(StoredBanner $stored, BannerPress $press, array $refused = []): self
    {
        $banner = $stored->banner();
        $sharp = $stored->sharpness();
        $soft = $sharp >= 1 ? '' : __(
            'Its picture has :it % of the pixels it is shown with, and comes out soft: choose a larger '
                .'one, or a larger part of it. ',
            ['it' => round(100 * $sharp)],
        );
        try {
            if ($banner->isPicture()) {
                $print = $press->print($banner);

                return new self($banner, $print->light->dataUri(), $print->dark->dataUri(), trim($soft), [
                    self::weight(strlen($print->light->bytes)),
                ], $refused);
            }
            $tile = $press->tile($banner);
        } catch (Refusal $refusal) {
            return new self($banner, '', '', '', [], $refused + [$refusal->field() => Words::of($refusal)]);
        }

        return new self(
            $banner, self::uri($tile->light), self::uri($tile->dark ?? $tile->light), trim($soft.$tile->mended),
            self::gauges($tile, $banner), $refused,
        );
    }

    /** Width on a phone, CSS px. */
    public function phone(): int
    {
        return min(self::PHONE, $this->banner->size->width);
    }

    private static function uri(\GdImage $picture): string
    {
        // Quick to write: it is looked at until the next key.
        return 'data:image/png;base64,'.base64_encode(Canvas::file(fn () => imagepng($picture, null, 1)));
    }

    /** @return array{string, string, string, float, bool} */
    public static function weight(int $bytes): array
    {
        return [
            'Weight', number_format($bytes / 1000, $bytes < 10_000 ? 1 : 0), 'of '.Limits::BANNER / 1000 .' KB',
            $bytes / Limits::BANNER, $bytes <= Limits::BANNER,
        ];
    }

    /** @return list<array{string, string, string, float, bool}> */
    private static function gauges(BannerTile $tile, Banner $banner): array
    {
        $words = $tile->words;
        $onPhone = $words->smallest() * min(1, self::PHONE / $banner->size->width);

        return [
            [__('Faintest words'), number_format($tile->contrast, 1), ': 1', $tile->contrast / 14,
                $tile->contrast >= Contrast::TEXT],
            [__('Smallest words'), number_format($words->smallest(), 1), 'px', $words->smallest() / self::LARGE,
                $words->smallest() >= Limits::SMALL_TEXT],
            [__('On a phone'), number_format($onPhone, 1), 'px', $onPhone / self::LARGE, $onPhone >= self::SMALL],
            [
                __('How full'), (string) round(100 * $words->fullness()), '%', $words->fullness(),
                $words->fullness() < 0.9,
            ],
        ];
    }
}
