<?php

namespace InkyCard\Card\Edit;

use InkyCard\Card\Card;
use InkyCard\Card\Kind\Capability;
use InkyCard\Card\Piece;
use InkyCard\Refusal;
use InkyCard\Type\CleanText;

/**
 * A card like this one for another person or purpose: what is somebody's own is marked as a sample, so that it is not
 * left in by mistake.
 */
final readonly class CopyFor implements Edit
{
    /**
     * @param  string  $holder  whose it will be; empty for the same person
     * @param  string  $email  empty where that is not known
     * @param  string  $name  what the card is called; empty for "… copy"
     */
    public function __construct(private string $holder, private string $email, private string $name = '')
    {
    }

    public function apply(Card $card): Card
    {
        $holder = Refusal::at('/holder', fn () => CleanText::of($this->holder, 160, 'name'));
        $name = Refusal::at('/name', fn () => CleanText::of($this->name, 80, 'card name'));
        $copy = $card->with(['name' => $name !== '' ? $name : mb_substr($card->name, 0, 74).' copy']);
        if ($holder === '' || $holder === $card->holder()) {
            return $copy;
        }

        return $copy->with(['pieces' => array_map(fn (Piece $piece) => $this->piece($piece, $holder), $copy->pieces)]);
    }

    private function piece(Piece $piece, string $holder): Piece
    {
        $set = fn (string $value) => $piece->with([
            'fields' => [$piece->kind->mainField() => $value] + $piece->fields, 'madeUp' => [],
        ]);

        return match (true) {
            $piece->can(Capability::Holder) => $set($holder),
            $piece->can(Capability::MailAddress) && $this->email !== '' => $set($this->email),
            $piece->can(Capability::Personal) && ! $piece->isBlank() => $piece->with([
                'madeUp' => Piece::facts($piece->kind, $piece->fields),
            ]),
            default => $piece,
        };
    }

    public function words(Card $before): string
    {
        return "Copied from $before->name";
    }
}
