<?php

namespace InkyCard\Layout;

use InkyCard\Card\Card;
use InkyCard\Card\Kind\Capability;
use InkyCard\Card\Kind\Zone;
use InkyCard\Card\Piece;
use InkyCard\Limits;

/** How tall a headshot or a logo stands beside its text (need C11: top and bottom line up). */
final readonly class PictureFit
{
    /**
     * @param  string  $piece  id of the picture
     * @param  int  $picture  its height, CSS px
     * @param  int  $text  height of the text beside it, CSS px
     * @param  int  $best  the height that comes nearest to the text, within what such a picture may have and a narrow
     *   phone has room for
     * @param  array<string, int>  $fields  what gives it that height
     */
    private function __construct(
        public string $piece, public int $picture, public int $text, public int $best, public array $fields,
    ) {
    }

    /** Of the first headshot; null when none stands beside text, as where the arrangement puts it above. */
    public static function of(Card $card): ?self
    {
        $headshots = array_filter(
            $card->filled(Capability::Portrait), fn (Piece $piece) => $piece->zone === Zone::Beside,
        );
        $headshot = array_values($headshots)[0] ?? null;

        return $headshot === null ? null : self::ofPiece($card, $headshot);
    }

    /** Of one picture; null where it does not stand beside the text, or has no size of its own. */
    public static function ofPiece(Card $card, Piece $piece): ?self
    {
        if (! $piece->can(Capability::Portrait) && ! $piece->can(Capability::Logo)) {
            return null;
        }
        $measured = Measure::of(Sheet::of($card), Limits::WIDTH);
        $picture = $measured->boxes[$piece->id] ?? null;
        $text = $measured->around(array_column($card->inZone(Zone::Text), 'id'));
        if ($piece->zone !== Zone::Beside || $picture === null || $text === null || ! $picture->isBeside($text)) {
            return null;
        }
        [, $least, $most] = $piece->kind->resizes() ?? ['', 0, 0];
        $ratio = self::ratio($piece);
        $height = (int) round($text->height);
        $width = self::roomed($card, $piece, max($least, min($most, (int) round($height / $ratio))));

        return new self(
            $piece->id, (int) round(self::width($piece) * $ratio), $height, (int) round($width * $ratio),
            [self::field($piece) => $width],
        );
    }

    /** Height by width: a headshot is as high as wide. */
    private static function ratio(Piece $piece): float
    {
        return $piece->can(Capability::Portrait) ? 1.0 : max(0.02, (float) ($piece->fields['ratio'] ?? 1));
    }

    private static function field(Piece $piece): string
    {
        return $piece->kind->resizes()[0] ?? '';
    }

    private static function width(Piece $piece): int
    {
        return (int) $piece->text(self::field($piece));
    }

    /** A width a picture may grow to, CSS px, as far as the words beside it keep their room on a narrow phone. */
    private static function roomed(Card $card, Piece $picture, int $width): int
    {
        $now = self::width($picture);
        if ($width <= $now) {
            return $width;
        }
        $over = Measure::of(Sheet::of($card->replacing(self::sized($picture, $width))), Limits::PHONE_WIDTH)
            ->overflow();

        return $over < 1 ? $width : max($now, $width - (int) ceil($over));
    }

    private static function sized(Piece $piece, int $width): Piece
    {
        return $piece->with(['fields' => [self::field($piece) => $width] + $piece->fields]);
    }

    /** The card with every picture that is to be as tall as its text brought to that height. */
    public static function settle(Card $card): Card
    {
        foreach ($card->pieces as $piece) {
            if ($piece->shown && $piece->text('fit') === 'text') {
                $fit = self::ofPiece($card, $piece);
                $card = $fit === null || $fit->picture === $fit->best ? $card
                    : $card->replacing($piece->with(['fields' => $fit->fields + $piece->fields]));
            }
        }

        return $card;
    }

    /** Near enough: a difference nobody sees. */
    public function matches(): bool
    {
        return abs($this->picture - $this->best) <= 2;
    }
}
