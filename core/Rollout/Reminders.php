<?php

namespace InkyCard\Rollout;

use InkyCard\Time\Clock;
use InkyCard\Time\Day;

/** When those who are missing are reminded: every so many days, by day, on days people work, until a deadline. */
final readonly class Reminders
{
    /** Hours nobody is written to outside of, in their zone. */
    private const OPENS = '09:00';

    private const CLOSES = '17:00';

    /** Of one rollout, at most: who does not answer these has another reason. */
    public const MOST = 5;

    private const WEEKEND = [0, 6];

    /** @param  int  $every  days, at least one */
    public function __construct(private int $every, private Day $deadline, private string $zone)
    {
    }

    /**
     * @param  int  $last  moment somebody was written to last, seconds since 1970
     * @param  int  $reminded  how often they were reminded already
     * @return ?int moment they are reminded next, seconds since 1970; null for no more
     */
    public function next(int $last, int $reminded): ?int
    {
        if ($reminded >= self::MOST) {
            return null;
        }
        $day = Clock::day($last, $this->zone)->plus(max(1, $this->every));
        // One comes on the day itself, whatever the rhythm.
        $day = $this->deadline->isBefore($day) && Clock::day($last, $this->zone)->isBefore($this->deadline)
            ? $this->deadline : $day;
        while (in_array($day->weekday(), self::WEEKEND, true)) {
            $day = $day->plus(1);
        }

        return $this->deadline->isBefore($day) ? null : $this->at($day, self::OPENS);
    }

    /** Whether people may be written to at a moment. */
    public function isOpen(int $moment): bool
    {
        $day = Clock::day($moment, $this->zone);

        return ! in_array($day->weekday(), self::WEEKEND, true) && $moment >= $this->at($day, self::OPENS)
            && $moment < $this->at($day, self::CLOSES);
    }

    private function at(Day $day, string $time): int
    {
        return Clock::moment($day, $time, $this->zone)->getTimestamp();
    }
}
