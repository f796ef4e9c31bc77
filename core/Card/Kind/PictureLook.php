<?php

namespace InkyCard\Card\Kind;

use InkyCard\Brand\InkRole;
use InkyCard\Link\WebAddress;
use InkyCard\Picture\PictureRef;
use InkyCard\Picture\Recipe;
use InkyCard\Picture\Shape;
use InkyCard\Picture\Tone;
use InkyCard\Refusal;
use InkyCard\Type\CleanText;

/** What can be done to a picture on one card, the same for every kind that has one. */
final class PictureLook
{
    /** Of these a maker chooses; the others follow from what the picture is. */
    private const TONES = ['natural' => 'as it is', 'grey' => 'greys', 'tint' => 'one ink', 'dim' => 'darker'];

    private const OUTLINES = ['' => 'none', 'light' => 'light, for dark pages'];

    /** @return list<Field> */
    public static function fields(): array
    {
        return [
            new Field('tone', 'Colours', 'choice', choices: self::TONES),
            new Field('outline', 'Edge', 'choice', choices: self::OUTLINES),
        ];
    }

    /** Of pictures beside the text (need C11). */
    public static function fit(): Field
    {
        return new Field(
            'fit', 'Height', 'choice', choices: ['' => 'as the size says', 'text' => 'as tall as the text beside it'],
        );
    }

    /**
     * @param  array<array-key, mixed>  $fields
     * @return array{fit: string}
     */
    public static function acceptFit(array $fields): array
    {
        return ['fit' => ($fields['fit'] ?? '') === 'text' ? 'text' : ''];
    }

    /**
     * @param  array<array-key, mixed>  $fields
     * @return array{picture: string, alt: string, address: string}
     *
     * @throws Refusal
     */
    public static function source(array $fields): array
    {
        $read = fn (string $key, \Closure $read): string => Refusal::at(
            "/$key", fn () => is_string($fields[$key] ?? '') && trim($fields[$key] ?? '') === '' ? ''
                : $read($fields[$key]),
        );

        return [
            'picture' => $read('picture', PictureRef::parse(...)),
            'alt' => $read('alt', fn ($raw) => CleanText::of($raw, 160, 'alt text')),
            'address' => $read('address', fn ($raw) => WebAddress::parse($raw, 'address it leads to')->address),
        ];
    }

    /**
     * @param  array<array-key, mixed>  $fields
     * @return array{tone: string, outline: string}
     *
     * @throws Refusal
     */
    public static function accept(array $fields): array
    {
        $choice = function (string $key, array $choices) use ($fields): string {
            $given = $fields[$key] ?? array_key_first($choices);

            return is_string($given) && isset($choices[$given]) ? $given
                : throw Refusal::because('Choose one of: :choices.', "/$key", ['choices' => implode(', ', $choices)]);
        };

        return ['tone' => $choice('tone', self::TONES), 'outline' => $choice('outline', self::OUTLINES)];
    }

    /** A written name takes the piece's ink; a tint the accent. */
    public static function recipe(
        Filled $piece,
        CardContext $card,
        string $ref,
        Shape $shape,
        int $width,
        int $height,
        bool $playMark = false,
        bool $moving = false,
    ): Recipe {
        $tone = PictureRef::isHand($ref) ? Tone::Ink : Tone::tryFrom($piece->text('tone')) ?? Tone::Natural;
        $ink = $tone->needsInk()
            ? $card->style->inkOf($piece->tuning(), ($tone === Tone::Ink ? InkRole::Body : InkRole::Accent))
            : null;

        return new Recipe(
            $ref, $shape, $width, $height, $playMark, $tone, $ink, $piece->text('outline') !== '', $moving,
        );
    }
}
