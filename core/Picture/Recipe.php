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

    /** The same of written names, which are no longer cut. */
    private const HANDS = 3;

    /**
     * @param  string  $ref  which picture and which part of it, see PictureRef
     * @param  int  $width  CSS px as shown
     * @param  int  $height  CSS px as shown
     * @param  bool  $playMark  a play mark in its middle, for the still of a film
     * @param  ?Colour  $ink  of a tint or of handwriting
     * @param  bool  $outline  a light edge, which keeps dark shapes visible on a dark page
     * @param  bool  $moving  handwriting that writes itself once, as an animated GIF
     * @param  int  $density  pixels baked per CSS pixel, 1 or 2
     * @param  int  $veil  share of the ink laid over a veiled one, percent
     * @param  string  $length  of the film it is a still of, see FilmLength; empty for none
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
        public int $veil = 0,
        public string $length = '',
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
        $tone = Tone::tryFrom(self::word($given, 'tone', 'natural')) ?? throw self::oneOf('tone', Tone::cases());
        $density = $given['density'] ?? self::DENSITY;
        if ($density !== 1 && $density !== 2) {
            throw Refusal::because('The density is 1 or 2 pixels.', '/density');
        }

        return new self(
            Refusal::at('/picture', fn () => PictureRef::parse($given['picture'] ?? null)),
            Shape::forPhotos()[self::word($given, 'shape', 'square')] ?? throw self::oneOf('shape', Shape::forPhotos()),
            self::side($given, 'width'),
            self::side($given, 'height'),
            self::truth($given, 'play'),
            $tone,
            $tone->needsInk() ? Refusal::at('/ink', fn () => Colour::hex(self::word($given, 'ink', ''))) : null,
            self::truth($given, 'outline'), self::truth($given, 'moving'), $density, self::veil($given),
            ($given['length'] ?? '') === '' ? '' : Refusal::at('/length', fn () => FilmLength::parse($given['length'])),
        );
    }

    /** @param  array<array-key, mixed>  $given */
    private static function side(array $given, string $key): int
    {
        $side = $given[$key] ?? null;

        return is_int($side) && $side >= 1 && $side <= self::MAX_SIDE ? $side : throw Refusal::because(
            'The :key is a whole number of pixels from 1 to :max_side.',
            "/$key", ['key' => $key, 'max_side' => self::MAX_SIDE],
        );
    }

    /** @param  array<array-key, mixed>  $given */
    private static function veil(array $given): int
    {
        $veil = $given['veil'] ?? 0;

        return is_int($veil) && $veil >= 0 && $veil <= 100 ? $veil
            : throw Refusal::because('The veil is a whole number of percent.', '/veil');
    }

    /** @param  array<array-key, mixed>  $given */
    private static function truth(array $given, string $key): bool
    {
        $value = $given[$key] ?? false;

        return is_bool($value) ? $value : throw Refusal::because(
            'The value of :key is true or false.', "/$key", ['key' => $key],
        );
    }

    /** @param  array<array-key, mixed>  $given */
    private static function word(array $given, string $key, string $default): string
    {
        $word = $given[$key] ?? $default;

        return is_string($word) ? $word : '';
    }

    /** @param  array<\BackedEnum>  $cases */
    private static function oneOf(string $key, array $cases): Refusal
    {
        return Refusal::because(
            'A :key is one of: :choices.',
            "/$key", ['key' => $key, 'choices' => implode(', ', array_column($cases, 'value'))],
        );
    }

    public function key(): string
    {
        $edition = PictureRef::isHand($this->ref) ? self::HANDS : self::EDITION;

        return implode('|', ['photo', $edition, hash('sha256', (string) json_encode($this->toArray()))]);
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
            'ink' => $this->ink?->hex,
            'outline' => $this->outline,
            'moving' => $this->moving,
            'density' => $this->density,
        ] + ($this->veil === 0 ? [] : ['veil' => $this->veil])
            + ($this->length === '' ? [] : ['length' => $this->length]);
    }

    /** The still of a film so long. @param  string  $length  see FilmLength */
    public function lasting(string $length): self
    {
        return new self(...['length' => $length] + get_object_vars($this));
    }

    /** The same of another picture. */
    public function from(string $ref): self
    {
        return new self(...['ref' => $ref] + get_object_vars($this));
    }
}
