<?php

namespace InkyCard\Card\Kind;

use InkyCard\Card\Content;
use InkyCard\Picture\PictureRef;
use InkyCard\Picture\Recipe;
use InkyCard\Picture\Shape;
use InkyCard\Refusal;

/** A kind that is one picture in its own proportion, with a link if it has one. */
abstract class AbstractPictureKind extends AbstractKind
{
    /**
     * @param  array{int, int}  $widths  narrowest and widest, CSS px
     * @param  int  $width  unless set otherwise, CSS px
     */
    public function __construct(
        string $key,
        string $label,
        string $icon,
        string $purpose,
        Zone $zone,
        private readonly array $widths,
        private readonly int $width,
        private readonly string $alt,
    ) {
        parent::__construct($key, $label, $icon, $purpose, $zone);
    }

    public function mainField(): string
    {
        return 'picture';
    }

    public function resizes(): array
    {
        return ['width', ...$this->widths];
    }

    public function tunes(): array
    {
        return ['gap', 'align', 'joined'];
    }

    public function fields(): array
    {
        return [
            new Field('picture', 'Picture', 'picture', 'A JPEG, PNG, GIF or WebP up to 10 MB.'),
            new Field('alt', 'Words in its place', help: 'Read where pictures are blocked.', example: $this->alt),
            new Field('address', 'Where it leads', 'url'),
            new Field('width', 'Width', 'pixels', sprintf('%d to %d px; the height follows.', ...$this->widths)),
            ...PictureLook::fields(),
        ];
    }

    /** `ratio` is height by width, as the picture itself has it. */
    public function accept(array $fields, string $country): array
    {
        $ratio = $fields['ratio'] ?? 1;
        if ((! is_int($ratio) && ! is_float($ratio)) || ! is_finite((float) $ratio) || $ratio < 0.02 || $ratio > 10) {
            throw Refusal::because(
                'A picture is at most ten times as high and fifty times as wide as the other way.',
                '/ratio',
            );
        }

        return PictureLook::source($fields) + [
            'width' => self::pixels($fields, 'width', $this->widths, $this->width),
            'ratio' => round((float) $ratio, 4),
        ] + PictureLook::accept($fields);
    }

    public function content(Filled $piece, CardContext $card): array
    {
        $ref = $piece->text('picture');
        if ($ref === '') {
            return [];
        }
        $width = (int) $piece->text('width');
        $height = max(1, (int) round($width * (float) $piece->text('ratio')));

        return [new Content\PictureBlock(
            PictureRef::isAddress($ref) ? $ref : $this->recipe($piece, $card, $ref, $width, $height),
            $width,
            $height,
            $piece->text('alt') ?: $this->unsaid($card),
            $piece->text('address') ?: null,
            $piece->text('alt') !== '',
        )];
    }

    public function summary(Filled $piece): string
    {
        return $piece->text('picture') === '' ? '' : ($piece->text('alt') ?: $piece->text('width').' px wide');
    }

    /** What stands in its place where nobody said. */
    protected function unsaid(CardContext $card): string
    {
        return $card->word($this->key()) ?? $this->label();
    }

    protected function recipe(Filled $piece, CardContext $card, string $ref, int $width, int $height): Recipe
    {
        return PictureLook::recipe($piece, $card, $ref, Shape::Square, $width, $height);
    }
}
