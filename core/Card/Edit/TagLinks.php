<?php

namespace InkyCard\Card\Edit;

use InkyCard\Card\Card;
use InkyCard\Card\Tagging;
use InkyCard\Refusal;

/** Switches campaign tags on or off, or says what they are made of. */
final readonly class TagLinks implements Edit
{
    /** @param  array<array-key, mixed>|null  $changes  `campaign` and `patterns` as typed; null for no tags at all */
    public function __construct(private ?array $changes)
    {
    }

    public function apply(Card $card): Card
    {
        $changes = $this->changes;
        $had = $card->tags ?? ($changes === null ? null : Tagging::of([]));
        if ($changes === null || $had === null) {
            return $card->with(['tags' => null]);
        }
        if (is_array($changes['patterns'] ?? null)) {
            $changes['patterns'] += $had->tags->patterns;
        }

        return $card->with([
            'tags' => Refusal::at(
                '/tags',
                fn () => $had->with(array_intersect_key($changes, ['campaign' => 0, 'patterns' => 0])),
            ),
        ]);
    }

    public function words(Card $before): string
    {
        return match (true) {
            $this->changes === null => 'Campaign tags taken off',
            $before->tags === null => 'Campaign tags put on',
            default => 'Campaign tags changed',
        };
    }
}
