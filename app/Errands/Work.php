<?php

namespace App\Errands;

use App\Models\Errand;
use InkyCard\Refusal;

/** What is done in an errand. Begun again from the start where whoever did it ended before it was done. */
interface Work
{
    /**
     * Does it, says how far it is by `Errand::reached`, and ends by `Errand::done`, in the transaction that writes.
     *
     * @throws Refusal
     */
    public function do(Errand $errand): void;
}
