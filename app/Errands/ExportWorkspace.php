<?php

namespace App\Errands;

use App\Keeping\WorkspaceFile;
use App\Models\Errand;
use App\Models\Workspace;
use InkyCard\Said;

/** Writes all a workspace has made into one file. */
final class ExportWorkspace implements Work
{
    public function do(Errand $errand): void
    {
        $path = sys_get_temp_dir().'/inky-'.bin2hex(random_bytes(8)).'.zip';
        try {
            WorkspaceFile::write(Workspace::query()->findOrFail($errand->workspace_id), $path, $errand->reached(...));
            $errand->keep($path);
        } finally {
            @unlink($path);
        }
        $errand->done(Said::of('The file is there.'));
    }
}
