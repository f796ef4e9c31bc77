<?php

namespace InkyCard\Rollout;

/** How far somebody is: a step that is done stands for those before it, whether they were seen or not. */
final readonly class Progress
{
    private int $last;

    /**
     * @param  array<string, ?string>  $at  value of a Step => when it was done; null and left out for not yet
     * @param  bool  $isRefused  their test has to be made again
     * @param  bool  $isLacking  something has to be filled in first
     * @param  bool  $isExcused  nobody waits for them
     */
    public function __construct(
        array $at, public bool $isRefused = false, public bool $isLacking = false, public bool $isExcused = false,
    ) {
        $last = 0;
        foreach (Step::cases() as $place => $step) {
            $last = ($at[$step->value] ?? null) === null ? $last : $place + 1;
        }
        // What has to be made again is not verified, and filling in is not done while something is missing.
        $this->last = min($last, $isRefused ? self::place(Step::Tested) : 6);
    }

    public function has(Step $step): bool
    {
        return $this->last() >= self::place($step);
    }

    public function isDone(): bool
    {
        return $this->isExcused || ($this->has(Step::Verified) && ! $this->isRefused);
    }

    /** Steps done, 0 to 6: the order of a board, furthest behind first. */
    public function last(): int
    {
        return $this->last;
    }

    /** What comes next; null at the end. */
    public function next(): ?Step
    {
        return $this->isDone() ? null : Step::cases()[$this->last()] ?? Step::Verified;
    }

    private static function place(Step $step): int
    {
        return (int) array_search($step, Step::cases(), true) + 1;
    }
}
