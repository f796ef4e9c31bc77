<?php

namespace App\Pictures;

use Illuminate\Support\Facades\Cache;
use InkyCard\Card\Card;
use InkyCard\Card\CardJson;
use InkyCard\Card\Piece;
use InkyCard\Compose\SvgComposer;
use InkyCard\Handover\InsidePictures;
use InkyCard\Layout\Sheet;
use InkyCard\Picture\Canvas;
use Symfony\Component\HttpFoundation\Response;

/** Cards drawn as pictures, for lists: each once, as long as it is looked at. */
final readonly class Drawings
{
    /** Part of every key: a change in how cards are drawn draws them anew. */
    private const EDITION = 2;

    /** Pixels drawn per CSS pixel of a card: lists show it at two thirds, dense screens at two for one. */
    private const DENSITY = 1.4;

    /** Of WebP: small letters stay sharp. */
    private const QUALITY = 88;

    private const DAYS = 30;

    public function __construct(private Bakery $bakery, private Rasterizer $rasterizer)
    {
    }

    /** What names a drawing: the same card, the same name. */
    public static function key(Card $card): string
    {
        $absent = array_filter($card->pieces, fn (Piece $piece) => $card->hasEnded($piece) || $card->isAhead($piece));

        return substr(hash(
            'sha256', self::EDITION.CardJson::encode($card).implode(' ', array_column($absent, 'id')),
        ), 0, 20);
    }

    /**
     * A picture of it, under an address that has its key in it.
     *
     * @param  ?int  $moment  seconds since 1970 (UTC) it is looked at; null for now
     */
    public function response(Card $card, ?int $moment = null): Response
    {
        $sheet = Sheet::of($card);
        $bakery = $moment === null ? $this->bakery : $this->bakery->on($moment);
        $places = $bakery->places($sheet);
        $dated = array_filter($card->pieces, fn (Piece $piece) => $piece->due() !== null) !== [];
        $drawn = Cache::remember(
            'drawn.'.self::key($card).$places, now()->addDays(self::DAYS),
            fn () => base64_encode(self::light($this->rasterizer->png(
                (new SvgComposer(new InsidePictures($bakery->today(...))))->compose($sheet), zoom: self::DENSITY,
            ))),
        );

        return response(base64_decode($drawn), 200, [
            'Content-Type' => 'image/webp',
            'Cache-Control' => $places === '' && ! $dated
                ? 'private, max-age=31536000, immutable' : 'private, max-age=60',
        ]);
    }

    /** As WebP, a third of the bytes of PNG: only these pages show it. */
    private static function light(string $png): string
    {
        $picture = imagecreatefromstring($png) ?: throw new \RuntimeException('A drawing is no picture.');
        imagepalettetotruecolor($picture);

        return Canvas::file(fn () => imagewebp($picture, null, self::QUALITY));
    }
}
