<?php

namespace InkyCard\Banner;

/** Whose cards a window is for: everybody's, those of some labels, or single ones. */
final readonly class Audience
{
    /**
     * @param  list<string>  $labels
     * @param  list<int>  $cards  numbers
     */
    private function __construct(public array $labels, public array $cards)
    {
    }

    public static function everyone(): self
    {
        return new self([], []);
    }

    /** @param  non-empty-list<string>  $labels  one of them is enough */
    public static function labels(array $labels): self
    {
        return new self($labels, []);
    }

    /** @param  non-empty-list<int>  $cards */
    public static function cards(array $cards): self
    {
        return new self([], $cards);
    }

    public function isEveryone(): bool
    {
        return $this->labels === [] && $this->cards === [];
    }

    /** Whether all cards of these labels are among them, whichever they are. */
    public function hasLabel(string ...$labels): bool
    {
        return $this->isEveryone() || array_intersect($this->labels, $labels) !== [];
    }

    /** Labels with commas between them, cards as # and their numbers, or everyone. */
    public function words(): string
    {
        return match (true) {
            $this->labels !== [] => implode(', ', $this->labels),
            $this->cards !== [] => implode(', ', array_map(fn (int $card) => "#$card", $this->cards)),
            default => 'everyone',
        };
    }
}
