<?php

namespace InkyCard\Card\Edit;

use InkyCard\Card\Arrangement\Arrangement;
use InkyCard\Card\Card;
use InkyCard\Card\Form;
use InkyCard\Card\Piece;
use InkyCard\Refusal;

/** Gives a card a form for replies or phones, changes it, or takes it away (need E03). */
final readonly class ShapeForm implements Edit
{
    /** @param  \Closure(Card, ?Form): ?Form  $change  the form as it was, null for none, to how it comes to be */
    private function __construct(private string $for, private \Closure $change, private string $words)
    {
    }

    /** Begins with what fits there. */
    public static function begin(string $for): self
    {
        return new self($for, function (Card $card): Form {
            $short = (new Shorten)->apply($card);
            $shown = array_column($short->filled(), 'id');
            $left = array_filter($card->pieces, fn (Piece $piece) => ! in_array($piece->id, $shown, true));

            return Form::of(['without' => array_column($left, 'id')])->arranged($short->arrangement);
        }, 'begun');
    }

    public static function drop(string $for): self
    {
        return new self($for, fn (): ?Form => null, 'taken away');
    }

    /** @throws Refusal */
    public static function arrange(string $for, string $arrangement): self
    {
        $to = $arrangement === '' ? null : Refusal::at('/arrangement', fn () => Arrangement::of($arrangement));

        return new self($for, fn (Card $card, ?Form $was): ?Form => $was?->arranged($to), 'arranged');
    }

    public static function show(string $for, string $piece, bool $shown): self
    {
        return new self(
            $for, fn (Card $card, ?Form $was): ?Form => $was?->showing($card->piece($piece)->id, $shown), 'changed',
        );
    }

    public function apply(Card $card): Card
    {
        if (! isset(Form::FOR[$this->for])) {
            throw Refusal::because('A card has a form for replies and one for phones.', '/form');
        }
        $form = ($this->change)($card, $card->forms[$this->for] ?? null);

        return $card->with([
            'forms' => ($form === null ? [] : [$this->for => $form]) + array_diff_key($card->forms, [$this->for => 0]),
        ]);
    }

    public function words(Card $before): string
    {
        return 'Form for '.(Form::FOR[$this->for] ?? $this->for)." $this->words";
    }
}
