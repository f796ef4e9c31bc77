<?php

namespace InkyCard\Card\Kind;

use InkyCard\Card\Card;
use InkyCard\Card\Content;
use InkyCard\Card\Piece;
use InkyCard\Card\Style\Number;
use InkyCard\Link\WebAddress;
use InkyCard\Picture\PictureRef;
use InkyCard\Picture\Shape;
use InkyCard\Refusal;
use InkyCard\Type\CleanText;

final class HeadshotKind extends AbstractKind
{
    public const SIZES = [48, 160];

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
            new Field(
                'fit', 'Height', 'choice',
                choices: ['' => 'as the size says', 'text' => 'as tall as the text beside it'],
            ),
            new Field('size', 'Size', 'pixels', sprintf('Width and height, %d to %d px.', ...self::SIZES)),
            ...PictureLook::fields(),
        ];
    }

    public function resizes(): array
    {
        return ['size', ...self::SIZES];
    }

    public function tunes(): array
    {
        return ['gap'];
    }

    public function accept(array $fields, string $country): array
    {
        $shape = $fields['shape'] ?? Shape::Round->value;
        if (! is_string($shape) || ! isset(Shape::forPhotos()[$shape])) {
            throw Refusal::because('Choose round, rounded, arch or square.', '/shape');
        }

        return [
            'picture' => self::optional($fields, 'picture', fn ($raw) => PictureRef::parse($raw)),
            'alt' => self::optional($fields, 'alt', fn ($raw) => CleanText::of($raw, 160, 'alt text')),
            'address' => self::optional(
                $fields,
                'address',
                fn ($raw) => WebAddress::parse($raw, 'address it leads to')->address,
            ),
            'shape' => $shape,
            'fit' => ($fields['fit'] ?? '') === 'text' ? 'text' : '',
            'size' => (int) round(
                Number::within($fields['size'] ?? null, self::SIZES, 'size', '/size') ?? self::DEFAULT_SIZE,
            ),
        ] + PictureLook::accept($fields);
    }

    public function content(Piece $piece, Card $card): array
    {
        $ref = $piece->text('picture');
        if ($ref === '') {
            return [];
        }
        $size = (int) $piece->text('size');
        $holder = $card->holder();

        return [
            new Content\PictureBlock(
                PictureRef::isAddress($ref)
                    ? $ref
                    : PictureLook::recipe($piece, $card, $ref, Shape::from($piece->text('shape')), $size, $size),
                $size,
                $size,
                $piece->text('alt') ?: ($holder === '' ? 'Portrait' : "Portrait of $holder"),
                $piece->text('address') ?: null,
            ),
        ];
    }

    public function summary(Piece $piece): string
    {
        return $piece->text('picture') === ''
            ? ''
            : sprintf('%1$d × %1$d %2$s', (int) $piece->text('size'), $piece->text('shape'));
    }
}
