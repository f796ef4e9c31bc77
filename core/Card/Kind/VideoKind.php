<?php

namespace InkyCard\Card\Kind;

use InkyCard\Picture\FilmLength;
use InkyCard\Picture\Recipe;
use InkyCard\Picture\Shape;

final class VideoKind extends AbstractPictureKind
{
    protected const CAN = [Capability::Pressed, Capability::Film];

    public function __construct()
    {
        parent::__construct(
            'video', 'Film', 'play-btn', 'A still with a play mark on it; a press opens the film.', Zone::Under,
            [80, 600], 200, 'Watch: a garden in twelve months',
        );
    }

    public function fields(): array
    {
        $fields = parent::fields();
        array_splice($fields, 3, 0, [
            new Field('length', 'Length', 'length', help: 'Minutes and seconds, shown on the still.', example: '2:14'),
        ]);

        return $fields;
    }

    public function accept(array $fields, string $country): array
    {
        return parent::accept($fields, $country)
            + ['length' => self::optional($fields, 'length', FilmLength::parse(...))];
    }

    protected function recipe(Filled $piece, CardContext $card, string $ref, int $width, int $height): Recipe
    {
        return PictureLook::recipe($piece, $card, $ref, Shape::Square, $width, $height, playMark: true)
            ->lasting($piece->text('length'));
    }
}
