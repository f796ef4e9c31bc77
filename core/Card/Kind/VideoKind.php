<?php

namespace InkyCard\Card\Kind;

use InkyCard\Picture\Recipe;
use InkyCard\Picture\Shape;

final class VideoKind extends AbstractPictureKind
{
    protected const CAN = [Capability::Pressed];

    public function __construct()
    {
        parent::__construct(
            'video', 'Film', 'play-btn', 'A still with a play mark on it; a press opens the film.', Zone::Under,
            [80, 600], 200, 'Watch: a garden in twelve months',
        );
    }

    protected function recipe(Filled $piece, CardContext $card, string $ref, int $width, int $height): Recipe
    {
        return PictureLook::recipe($piece, $card, $ref, Shape::Square, $width, $height, playMark: true);
    }
}
