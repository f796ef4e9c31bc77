<?php

namespace InkyCard\Banner;

use InkyCard\Refusal;
use InkyCard\Time\Clock;

/** What a place shows from one moment to another, and on whose cards. */
final readonly class PlaceWindow
{
    /** Priorities, and shares among windows of one priority. */
    private const PRIORITY = [0, 9];

    private const SHARE = [1, 100];

    /**
     * @param  string  $id  of the window
     * @param  string  $banner  id of what it shows
     * @param  int  $from  its first moment, seconds since 1970 (UTC)
     * @param  int  $until  the moment it is over
     * @param  int  $priority  the highest goes before others
     * @param  int  $share  of cards, or days, by those of others of its priority
     * @param  bool  $byDays  it shares with others day by day, the same on all cards, rather than card by card
     *
     * @throws Refusal
     */
    public function __construct(
        public string $id,
        public string $banner,
        public int $from,
        public int $until,
        public Audience $audience,
        public int $priority = 0,
        public int $share = 1,
        public bool $byDays = false,
    ) {
        if ($until <= $from) {
            throw Refusal::because('A window ends after it begins: put its last moment behind its first.', '/until');
        }
        if ($priority < self::PRIORITY[0] || $priority > self::PRIORITY[1]) {
            throw Refusal::because('A priority is a number from 0 to 9; the highest goes first.', '/priority');
        }
        if ($share < self::SHARE[0] || $share > self::SHARE[1]) {
            throw Refusal::because('A share is a number from 1 to 100.', '/share');
        }
    }

    public function covers(int $moment): bool
    {
        return $this->from <= $moment && $moment < $this->until;
    }

    public function begins(int $before): bool
    {
        return $this->from < $before;
    }

    public function isOver(int $moment): bool
    {
        return $this->until <= $moment;
    }

    /** Whether both are due on some card at one moment, as far as their audiences tell. */
    public function meets(self $other): bool
    {
        [$mine, $others] = [$this->audience, $other->audience];

        return $this->from < $other->until && $other->from < $this->until && (
            $mine->isEveryone() || $others->isEveryone() || array_intersect($mine->labels, $others->labels) !== []
            || array_intersect($mine->cards, $others->cards) !== []
        );
    }

    /**
     * The same so many days later, or, for a negative number, earlier, at the same time of day: over clock changes too.
     *
     * @param  string  $zone  IANA
     * @param  bool  $begin  it begins then
     * @param  bool  $end  it ends then
     *
     * @throws Refusal for one that would end before it begins
     */
    public function movedDays(int $days, string $zone, bool $begin = true, bool $end = true): self
    {
        $moved = fn (int $moment): int => Clock::daysLater($moment, $days, $zone);

        return new self(...[
            'from' => $begin ? $moved($this->from) : $this->from, 'until' => $end ? $moved($this->until) : $this->until,
        ] + get_object_vars($this));
    }

    /** The same so many seconds later, or, for a negative number, earlier. */
    public function moved(int $seconds): self
    {
        return new self(...['from' => $this->from + $seconds, 'until' => $this->until + $seconds]
            + get_object_vars($this));
    }

    /**
     * How much it wants a card: weighted rendezvous hashing (Thaler and Ravishankar 1998, with weights by logarithms),
     * so that shares hold over all cards, a card keeps its banner, and a window that comes or goes moves no other
     * card's than those it takes or gives.
     */
    public function pull(int $card): float
    {
        $bits = (int) hexdec(substr(hash('xxh64', "$card $this->id"), 0, 12));

        return -$this->share / log(($bits + 0.5) / 2 ** 48);
    }
}
