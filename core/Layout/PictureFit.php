<?php

namespace InkyCard\Layout;

use InkyCard\Card\Card;
use InkyCard\Card\Kind\HeadshotKind;
use InkyCard\Card\Kind\Zone;
use InkyCard\Card\Piece;

/** How tall a headshot stands beside its text (need C11: top and bottom line up). */
final readonly class PictureFit
{
    /**
     * @param  string  $piece  id of the headshot
     * @param  int  $picture  its height, CSS px
     * @param  int  $text  height of the text beside it, CSS px
     * @param  int  $best  the size, within what a headshot may have, that comes nearest to the text
     */
    private function __construct(public string $piece, public int $picture, public int $text, public int $best)
    {
    }

    /** Null when no headshot stands beside text, as where the arrangement puts it above. */
    public static function of(Card $card): ?self
    {
        $sheet = Sheet::of($card);
        $headshots = array_filter(
            $card->inZone(Zone::Beside),
            fn (Piece $piece) => $piece->shown && $piece->kind instanceof HeadshotKind && ! $piece->isBlank(),
        );
        $measured = Measure::of($sheet, 600);
        $headshot = array_values($headshots)[0] ?? null;
        $picture = $headshot === null ? null : $measured->boxes[$headshot->id] ?? null;
        $text = null;
        foreach ($card->inZone(Zone::Text) as $piece) {
            $box = $measured->boxes[$piece->id] ?? null;
            if ($box !== null) {
                $text = $text === null ? $box : $text->with($box);
            }
        }
        // Beside means to one side and sharing some of its height.
        $beside
            = $picture !== null
            && $text !== null
            && ($picture->x + $picture->width <= $text->x || $text->x + $text->width <= $picture->x)
            && $picture->y < $text->y + $text->height
            && $text->y < $picture->y + $picture->height;
        if (! $beside) {
            return null;
        }
        [$least, $most] = HeadshotKind::SIZES;

        return new self(
            $headshot->id, (int) $headshot->text('size'), (int) round($text->height),
            max($least, min($most, (int) round($text->height))),
        );
    }

    /** The card with a headshot that is to be as tall as its text brought to that height. */
    public static function settle(Card $card): Card
    {
        foreach ($card->pieces as $piece) {
            if ($piece->shown && $piece->kind instanceof HeadshotKind && $piece->text('fit') !== '') {
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
