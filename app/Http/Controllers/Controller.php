<?php

namespace App\Http\Controllers;

use App\Models\Card;
use App\Models\Workspace;

abstract class Controller
{
    public function __construct(protected readonly Workspace $workspace) {}

    /** A card of the workspace; others do not exist here. */
    protected function card(int $id): Card
    {
        return $this->workspace->cards()->findOrFail($id);
    }
}
