<?php

namespace App\Errands;

use App\Keeping\WorkspaceTaking;
use App\Models\Errand;
use App\Models\User;
use App\Models\Workspace;
use InkyCard\Said;

/** Brings a workspace's file in. */
final class ImportWorkspace implements Work
{
    public function do(Errand $errand): void
    {
        $errand->withFile(fn (string $path) => WorkspaceTaking::take(
            $path, Workspace::query()->findOrFail($errand->workspace_id),
            User::query()->find($errand->user_id), $errand->reached(...),
            fn (int $cards, int $pictures) => $errand->done(Said::of(
                ':cards cards and :pictures pictures came in.', ['cards' => $cards, 'pictures' => $pictures],
            )),
        ));
    }
}
