<?php

namespace InkyCard\House;

use InkyCard\Compose\PictureSources;
use InkyCard\Compose\Plate;
use InkyCard\Roster\Profile;

/** What another state of a house card does to each person's: two plates, stamped for the same people. */
final readonly class HouseChange
{
    private Plate $before;

    private Plate $after;

    /** @param  PictureSources  $pictures  that need not be baked: what they are named is enough to tell them apart */
    public function __construct(private HouseCard $was, private HouseCard $is, PictureSources $pictures)
    {
        $this->before = Plate::of($was->card, $pictures);
        $this->after = Plate::of($is->card, $pictures);
    }

    /**
     * Whether what somebody has handed over is right no longer. What is settled on the day a message is opened,
     * banners in places and seasons of marks, is no change: its address stays.
     */
    public function touches(Profile $profile, Own $before, Own $after): bool
    {
        return $this->before->stamp($this->was->holder('', $profile, $before))
            !== $this->after->stamp($this->is->holder('', $profile, $after));
    }
}
