<?php

namespace InkyCard\Picture;

use InkyCard\Colour\Colour;
use InkyCard\Refusal;

/** How a kept picture becomes the picture on a card. */
final readonly class Recipe implements Bake
{
    /** Pixels baked per CSS pixel, for dense screens. */
    public const DENSITY = 2;

    private const MAX_SIDE = 700;

    /** Part of every key: a change in how pictures come out gives them new addresses. */
    private const EDITION = 2;

    /**
     * @param  string  $ref  which picture and which part of it, see PictureRef
     * @param  int  $width  CSS px as shown
     * @param  int  $height  CSS px as shown
     * @param  bool  $playMark  a play mark in its middle, for the still of a film
     * @param  ?Colour  $ink  of a tint or of handwriting
     * @param  bool  $outline  a light edge, which keeps dark shapes visible on a dark page
     * @param  bool  $moving  handwriting that writes itself once, as an animated GIF
     * @param  int  $density  pixels baked per CSS pixel, 1 or 2
     */
    public function __construct(
        public string $ref,
        public Shape $shape,
        public int $width,
        public int $height,
        public bool $playMark = false,
        public Tone $tone = Tone::Natural,
        public ?Colour $ink = null,
        public bool $outline = false,
        public bool $moving = false,
        public int $density = self::DENSITY,
    ) {
    }

    /**
     * Reads what `toArray` wrote, or what somebody wrote by hand.
     *
     * @param  array<array-key, mixed>  $given
     *
     * @throws Refusal
     */
    public static function of(array $given): self
    {
        $side = fn (string $key): int => is_int($given[$key] ?? null)
        && $given[$key] >= 1
        && $given[$key] <= self::MAX_SIDE
            ? $given[$key]
            : throw Refusal::because('The '.$key.' is a whole number of pixels from 1 to '.self::MAX_SIDE.'.', "/$key");
        $truth = fn (string $key): bool => is_bool($given[$key] ?? false)
            ? $given[$key] ?? false
            : throw Refusal::because("The value of $key is true or false.", "/$key");
        $word = fn (string $key, string $default): string => is_string($given[$key] ?? $default)
            ? $given[$key] ?? $default
            : '';
        $tone
            = Tone::tryFrom($word('tone', 'natural'))
            ?? throw Refusal::because(
                'A tone is one of: '.implode(', ', array_column(Tone::cases(), 'value')).'.',
                '/tone',
            );
        $density = $given['density'] ?? self::DENSITY;
        if ($density !== 1 && $density !== 2) {
            throw Refusal::because('The density is 1 or 2 pixels.', '/density');
        }

        return new self(
            Refusal::at('/picture', fn () => PictureRef::parse($given['picture'] ?? null)),
            Shape::forPhotos()[$word('shape', 'square')]
                ?? throw Refusal::because(
                    'A shape is one of: '.implode(', ', array_keys(Shape::forPhotos())).'.',
                    '/shape',
                ),
            $side('width'),
            $side('height'),
            $truth('play'),
            $tone,
            $tone->needsInk() ? Refusal::at('/ink', fn () => Colour::hex($word('ink', ''))) : null,
            $truth('outline'), $truth('moving'), $density,
        );
    }

    public function key(): string
    {
        return implode('|', ['photo', self::EDITION, hash('sha256', (string) json_encode($this->toArray()))]);
    }

    public function toArray(): array
    {
        return [
            'picture' => $this->ref,
            'shape' => $this->shape->value,
            'width' => $this->width,
            'height' => $this->height,
            'play' => $this->playMark,
            'tone' => $this->tone->value,
            'ink' => $this->ink?->toHex(),
            'outline' => $this->outline,
            'moving' => $this->moving,
            'density' => $this->density,
        ];
    }

    /** The same of another picture. */
    public function from(string $ref): self
    {
        return new self(...['ref' => $ref] + get_object_vars($this));
    }
}
