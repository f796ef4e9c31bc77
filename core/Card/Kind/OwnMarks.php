<?php

namespace InkyCard\Card\Kind;

use InkyCard\Link\Pictograms;
use InkyCard\Picture\PictureRef;
use InkyCard\Refusal;

/** Marks somebody chose for links, in place of those their kinds have. */
final class OwnMarks
{
    /**
     * @param  mixed  $raw  line => pictogram or picture
     * @param  list<string>  $links  lines there are; marks of others go
     * @return array<string, string>
     *
     * @throws Refusal
     */
    public static function accept(mixed $raw, array $links): array
    {
        $raw = $raw instanceof \stdClass ? (array) $raw : $raw ?? [];
        if (! is_array($raw)) {
            throw Refusal::because('Marks of your own are an object of lines and marks.', '/marks');
        }
        $marks = [];
        foreach ($links as $line) {
            if (($raw[$line] ?? '') !== '') {
                $marks[$line] = self::mark($raw[$line]);
            }
        }

        return $marks;
    }

    /** @throws Refusal */
    private static function mark(mixed $raw): string
    {
        if (is_string($raw) && Pictograms::has($raw)) {
            return $raw;
        }
        $ref = is_string($raw) && str_contains($raw, ':') ? Refusal::at('/marks', fn () => PictureRef::parse($raw))
            : '';

        return $ref !== '' && ! PictureRef::isAddress($ref) ? $ref
            : throw Refusal::because('A mark is one of the pictograms or a picture of the library.', '/marks');
    }
}
