<?php

namespace InkyCard\Layout;

use InkyCard\Brand\InkRole;
use InkyCard\Card\Card;
use InkyCard\Card\Content\PictureBlock;
use InkyCard\Card\Style\BackgroundPicture;
use InkyCard\Colour\Colour;
use InkyCard\Limits;
use InkyCard\Picture\Recipe;
use InkyCard\Picture\Shape;
use InkyCard\Picture\Tone;

/** Pictures behind words, as they are baked. */
final class Behind
{
    /** As wide as cards get and higher than any part of one, CSS px: not every mail client fits it to its cell. */
    private const HEIGHT = 300;

    public static function block(BackgroundPicture $picture, Colour $background): PictureBlock
    {
        return new PictureBlock(
            new Recipe(
                $picture->ref, Shape::Square, Limits::WIDTH, self::HEIGHT, tone: Tone::Veiled, ink: $background,
                density: 1, veil: $picture->veil,
            ),
            Limits::WIDTH, self::HEIGHT, '', speaks: false,
        );
    }

    /** @return list<array{string, BackgroundPicture, Colour}> slot, empty for the whole card; what is laid over it */
    public static function of(Card $card): array
    {
        $paper = $card->style->ink(InkRole::Paper);
        $found = [];
        $whole = $card->style->background?->picture;
        if ($whole !== null) {
            $found[] = ['', $whole, $paper];
        }
        foreach ($card->panels() as $slot => $panel) {
            if ($panel->picture !== null) {
                $found[] = [$slot, $panel->picture, $card->style->fill($panel) ?? $paper];
            }
        }

        return $found;
    }
}
