<?php

namespace InkyCard\Card\Edit;

use InkyCard\Card\Card;
use InkyCard\Card\Piece;
use InkyCard\Picture\Framing;
use InkyCard\Picture\PictureRef;

/** Puts another picture, or another part of the same, wherever a card has one; place, size, link and words stay. */
final readonly class SwapPicture implements BulkEdit
{
    /**
     * @param  string  $from  a picture with or without a part; without one every part of it is meant
     * @param  string  $to  a picture with or without a part
     * @param  float  $ratio  height by width of what comes in
     * @param  float  $was  height by width of what goes out
     */
    public function __construct(public string $from, public string $to, public float $ratio, public float $was)
    {
    }

    public function apply(Card $card): Card
    {
        return $card->with([
            'pieces' => array_map(
                fn (Piece $piece) => $this->meets($piece)
                    ? $piece->with([
                        'fields' => [
                            'picture' => $this->to,
                            // Kinds of a fixed proportion have none of their own.
                            ...isset($piece->fields['ratio']) ? ['ratio' => round($this->ratio, 4)] : [],
                        ] + $piece->fields,
                    ])
                    : $piece,
                $card->pieces,
            ),
        ]);
    }

    public function touches(Card $card): bool
    {
        return array_filter($card->pieces, $this->meets(...)) !== [];
    }

    public function back(): self
    {
        return new self($this->to, $this->from, $this->was, $this->ratio);
    }

    public function words(Card $before): string
    {
        $labels = array_map(
            fn (Piece $piece) => mb_strtolower($piece->kind->label()),
            array_filter($before->pieces, $this->meets(...)),
        );

        return (PictureRef::source($this->from) === PictureRef::source($this->to)
            ? 'Picture cropped anew: '
            : 'Picture replaced: ').implode(', ', array_unique($labels));
    }

    private function meets(Piece $piece): bool
    {
        $has = $piece->text('picture');

        return $has !== '' && $has !== $this->to
            && ($has === $this->from
                || (PictureRef::framing($this->from) == Framing::whole() && PictureRef::source($has) === $this->from));
    }
}
