<?php

namespace App\Console\Commands;

use App\Keeping\WorkspaceFile;
use App\Keeping\WorkspaceTaking;
use App\Models\Workspace;
use InkyCard\Refusal;

/** A workspace into a file, or a file into a workspace, of any size. */
final class MoveWorkspace extends AbstractAnswer
{
    protected $signature = 'inky:workspace
        {do : export or import}
        {workspace : name of the workspace}
        {file : a ZIP}';

    protected $description = 'Write a workspace into a file, or bring a file into one';

    protected function result(): string
    {
        $name = (string) $this->argument('workspace');
        $file = (string) $this->argument('file');
        $workspace = Workspace::called($name);
        if ($this->argument('do') === 'export') {
            WorkspaceFile::write($workspace, $file);

            return "$name is in $file.";
        }
        if ($this->argument('do') !== 'import') {
            throw Refusal::because('Say export or import.');
        }
        $came = WorkspaceTaking::take($file, $workspace, null);

        return "$came[cards] cards and $came[pictures] pictures came into $name.";
    }
}
