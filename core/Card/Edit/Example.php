<?php

namespace InkyCard\Card\Edit;

use InkyCard\Card\Arrangement\Arrangement;
use InkyCard\Card\Card;
use InkyCard\Card\Kind\Capability;
use InkyCard\Card\Kind\Field;
use InkyCard\Card\Kind\Kind;
use InkyCard\Card\Kind\Standing;
use InkyCard\Card\Kind\Zone;
use InkyCard\Picture\PlacePicture;

/** What a piece of a kind would look like on a card, with made-up values: to choose by. */
final class Example
{
    /** Pictures shipped with the application, by kind, and their height by width. */
    private const PICTURES = [
        'headshot' => ['sample:portrait-office', 1], 'logo' => ['sample:logo-leaf', 1],
        'video' => ['sample:still-studio', 0.5625], '' => ['sample:banner-shelves', 0.25],
    ];

    private const LINKS = ['linkedin.com/in/maren-oakhollow', 'instagram.com/quillfern', 'youtube.com/@quillfern'];

    /** A card that has nothing but that. */
    public static function of(Card $like, Kind $kind, Standing $known): Card
    {
        $alone = $like->with(['pieces' => [], 'forms' => [], 'arrangement' => Arrangement::of('words-only'),
            'style' => $like->style->with(['panels' => [], 'ground' => ['shown' => false, 'wide' => 0]])]);
        $added = (new AddPiece($kind, $known))->apply($alone);
        [$piece] = $added->pieces;
        $fields = $piece->fields;
        foreach ($kind->fields() as $field) {
            $given = self::value($kind, $field);
            $fields = $given === null || self::isSaid($fields[$field->name] ?? '') ? $fields
                : [$field->name => $given] + $fields;
        }
        if ($kind->can(Capability::Place)) {
            $fields['place'] = PlacePicture::EXAMPLE;
        }
        if (($fields['ratio'] ?? null) !== null) {
            $fields['ratio'] = (self::PICTURES[$kind->key()] ?? self::PICTURES[''])[1];
        }

        return $added->replacing($piece->with([
            'zone' => Zone::Text, 'fields' => $kind->accept($fields, $like->country) + $fields,
        ]));
    }

    private static function isSaid(mixed $value): bool
    {
        return $value !== '' && $value !== [];
    }

    /** Null where the kind knows best. */
    private static function value(Kind $kind, Field $field): mixed
    {
        return match (true) {
            $field->input === 'picture' => (self::PICTURES[$kind->key()] ?? self::PICTURES[''])[0],
            $field->input === 'profiles' => self::LINKS,
            in_array($field->input, ['choice', 'pixels', 'zone', 'time'], true) => null,
            in_array($field->input, ['lines', 'paragraphs', 'sentences'], true) => $field->example,
            $field->example !== '' => $field->example,
            $field->name === $kind->mainField() => $kind->label(),
            default => null,
        };
    }
}
