<?php

namespace App\Errands;

use App\House\HousePut;
use App\Models\Errand;
use App\Models\Workspace;
use InkyCard\Said;

/** Puts a house card on everybody's card, or takes that back. */
final class PutHouseWork implements Work
{
    public function do(Errand $errand): void
    {
        $workspace = Workspace::query()->where('id', $errand->workspace_id)->firstOrFail();
        $put = HousePut::goOn($workspace, (int) ($errand->data['put'] ?? 0), $errand->reached(...));
        $errand->done(Said::of($put->state === HousePut::UNDONE ? 'Taken back on :cards cards.'
            : 'Put on :cards cards.', ['cards' => $put->changed]));
    }
}
