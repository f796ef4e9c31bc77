<?php

namespace App\Campaigns;

use InkyCard\Time\Day;

/** A message of a campaign. */
final readonly class Message
{
    /**
     * @param  int  $days  after the campaign starts
     * @param  int  $revision  of the footer it holds
     * @param  bool  $isOld  it is still to go, and there is a newer revision
     * @param  Day  $put  since when it holds that
     * @param  ?int  $letter  number of what it says; null for the letter of its subject
     * @param  int  $sent  to how many, where its sender says so
     * @param  bool  $isThrough  everybody was sent it, as its sender says
     */
    public function __construct(
        public int $id, public string $subject, public int $days, public Day $day, public int $revision,
        public bool $isSent, public bool $isOld, public Day $put, public ?int $letter, public int $sent,
        public bool $isThrough,
    ) {
    }
}
