<?php

namespace InkyCard\Card\Kind;

use InkyCard\Card\Content;
use InkyCard\Limits;
use InkyCard\Picture\PictureRef;
use InkyCard\Picture\Shape;
use InkyCard\Roster\Profile;
use InkyCard\Roster\ProfileFact;

final class HeadshotKind extends AbstractKind
{
    protected const CAN = [Capability::Personal, Capability::Portrait];

    private const DEFAULT_SIZE = 96;

    public function __construct()
    {
        parent::__construct('headshot', 'Headshot', 'person-bounding-box', 'A face to put to the name.', Zone::Beside);
    }

    public function fields(): array
    {
        return [
            new Field('picture', 'Picture', 'picture', 'A JPEG, PNG, GIF or WebP up to 10 MB; a square of it is used.'),
            new Field(
                'alt', 'Words in its place',
                help: 'Read where pictures are blocked. Left empty, it says whose portrait it is.',
                example: 'Portrait of Maren Oakhollow',
            ),
            new Field('address', 'Where it leads', 'url'),
            new Field(
                'shape', 'Shape', 'choice',
                choices: array_map(fn (Shape $shape) => $shape->label(), Shape::forPhotos()),
            ),
            PictureLook::fit(),
            new Field('size', 'Size', 'pixels', sprintf('Width and height, %d to %d px.', ...Limits::HEADSHOT)),
            ...PictureLook::fields(),
        ];
    }

    public function mainField(): string
    {
        return 'picture';
    }

    public function resizes(): array
    {
        return ['size', ...Limits::HEADSHOT];
    }

    public function tunes(): array
    {
        return ['gap'];
    }

    public function accept(array $fields, string $country): array
    {
        $shapes = array_map(fn (Shape $shape) => $shape->label(), Shape::forPhotos());

        return PictureLook::source($fields) + [
            'shape' => self::choice(
                $fields, 'shape', $shapes, Shape::Round->value, 'Choose round, rounded, arch or square.',
            ),
            'size' => self::pixels($fields, 'size', Limits::HEADSHOT, self::DEFAULT_SIZE),
        ] + PictureLook::acceptFit($fields) + PictureLook::accept($fields);
    }

    public function content(Filled $piece, CardContext $card): array
    {
        $ref = $piece->text('picture');
        if ($ref === '') {
            return [];
        }
        $size = (int) $piece->text('size');

        return [new Content\PictureBlock(
            PictureRef::isAddress($ref) ? $ref
                : PictureLook::recipe($piece, $card, $ref, Shape::from($piece->text('shape')), $size, $size),
            $size, $size,
            $piece->text('alt')
                ?: ($card->holder === '' ? $card->said('portrait') : $card->said('portrait of', $card->holder)),
            $piece->text('address') ?: null,
            // A portrait says nothing in words that the name has not said.
            speaks: false,
        )];
    }

    public function summary(Filled $piece): string
    {
        return $piece->text('picture') === ''
            ? ''
            : sprintf('%1$d × %1$d %2$s', (int) $piece->text('size'), $piece->text('shape'));
    }

    public function ofPerson(Profile $person, Filled $piece, string $country): array
    {
        // Whose it is, is said by itself.
        return ['picture' => $person->text(ProfileFact::Portrait), 'alt' => ''];
    }

    public function knownBy(Filled $piece): ProfileFact
    {
        return ProfileFact::Portrait;
    }
}
