<?php

namespace InkyCard\Layout;

use InkyCard\Card\Card;
use InkyCard\Card\Kind\Capability;
use InkyCard\Card\Kind\Zone;
use InkyCard\Card\Piece;
use InkyCard\Limits;

/** How tall a headshot stands beside its text (need C11: top and bottom line up). */
final readonly class PictureFit
{
    /**
     * @param  string  $piece  id of the headshot
     * @param  int  $picture  its height, CSS px
     * @param  int  $text  height of the text beside it, CSS px
     * @param  int  $best  the size that comes nearest to the text, within what a headshot may have and a narrow phone
     *   has room for
     */
    private function __construct(public string $piece, public int $picture, public int $text, public int $best)
    {
    }

    /** Null when no headshot stands beside text, as where the arrangement puts it above. */
    public static function of(Card $card): ?self
    {
        $measured = Measure::of(Sheet::of($card), Limits::WIDTH);
        $portraits = $card->filled(Capability::Portrait);
        $headshots = array_filter($portraits, fn (Piece $piece) => $piece->zone === Zone::Beside);
        $headshot = array_values($headshots)[0] ?? null;
        $picture = $headshot === null ? null : $measured->boxes[$headshot->id] ?? null;
        $text = $measured->around(array_column($card->inZone(Zone::Text), 'id'));
        if ($picture === null || $text === null || ! $picture->isBeside($text)) {
            return null;
        }
        [$least, $most] = Limits::HEADSHOT;
        $height = (int) round($text->height);

        return new self(
            $headshot->id, (int) $headshot->text('size'), $height,
            self::roomed($card, $headshot, max($least, min($most, $height))),
        );
    }

    /** A size a headshot may grow to, CSS px, as far as the words beside it keep their room on a narrow phone. */
    private static function roomed(Card $card, Piece $headshot, int $size): int
    {
        $now = (int) $headshot->text('size');
        if ($size <= $now) {
            return $size;
        }
        $grown = $card->replacing($headshot->with(['fields' => ['size' => $size] + $headshot->fields]));
        $over = Measure::of(Sheet::of($grown), Limits::PHONE_WIDTH)->overflow();

        return $over < 1 ? $size : max($now, $size - (int) ceil($over));
    }

    /** The card with a headshot that is to be as tall as its text brought to that height. */
    public static function settle(Card $card): Card
    {
        foreach ($card->pieces as $piece) {
            if ($piece->shown && $piece->can(Capability::Portrait) && $piece->text('fit') !== '') {
                $fit = self::of($card);

                return $fit === null || $fit->piece !== $piece->id || $fit->picture === $fit->best ? $card
                    : $card->replacing($piece->with(['fields' => ['size' => $fit->best] + $piece->fields]));
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
