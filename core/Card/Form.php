<?php

namespace InkyCard\Card;

use InkyCard\Card\Arrangement\Arrangement;
use InkyCard\Refusal;

/** What one card leaves out, and how the rest stands, under one sort of message (need E03): facts are said once. */
final readonly class Form
{
    /** Sorts of messages a card can have a form of its own for => what they are called. */
    public const FOR = ['reply' => 'replies', 'phone' => 'phones'];

    /**
     * @param  ?Arrangement  $arrangement  null for the card's own
     * @param  list<string>  $without  ids of pieces it leaves out
     * @param  array<array-key, mixed>  $unknown  keys this version does not know
     */
    private function __construct(public ?Arrangement $arrangement, public array $without, private array $unknown)
    {
    }

    /**
     * @param  array<array-key, mixed>  $given  `arrangement`, `without`
     *
     * @throws Refusal
     */
    public static function of(array $given): self
    {
        $without = $given['without'] ?? [];
        if (! is_array($without) || ! array_is_list($without) || count($without) > Card::MAX_PIECES
            || $without !== array_filter($without, is_string(...))) {
            throw Refusal::because('What a form leaves out is a list of ids of pieces.', '/without');
        }
        $arrangement = $given['arrangement'] ?? null;

        return new self(
            $arrangement === null ? null : Refusal::at('/arrangement', fn () => Arrangement::of($arrangement)),
            array_values(array_unique($without)),
            array_diff_key($given, ['arrangement' => 0, 'without' => 0]),
        );
    }

    public function arranged(?Arrangement $arrangement): self
    {
        return new self($arrangement, $this->without, $this->unknown);
    }

    public function showing(string $piece, bool $shown): self
    {
        $without = array_values(array_diff($this->without, [$piece]));

        return new self($this->arrangement, $shown ? $without : [...$without, $piece], $this->unknown);
    }

    /** @return array<array-key, mixed> */
    public function toArray(): array
    {
        return ($this->arrangement === null ? [] : ['arrangement' => $this->arrangement->key])
            + ['without' => $this->without] + $this->unknown;
    }
}
