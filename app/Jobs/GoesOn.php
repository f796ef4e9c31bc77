<?php

namespace App\Jobs;

/**
 * For jobs that lose and double nothing by being begun again: a worker takes one try for all there are, so that what
 * was cut off by its end would be given up. One that fails waits before it is tried again.
 */
trait GoesOn
{
    public int $tries = 0;

    /** Seconds. */
    public int $backoff = 60;
}
