<?php

namespace App\Http\Controllers;

use App\Models\Card;
use App\Models\Workspace;
use Illuminate\Http\Request;

abstract class Controller
{
    public function __construct(protected readonly Workspace $workspace)
    {
    }

    /** One word of the request; whatever else somebody put in its place counts as nothing. */
    protected static function word(Request $request, string $key): string
    {
        $word = $request->input($key);

        return is_string($word) && mb_check_encoding($word, 'UTF-8') ? $word : '';
    }

    /** A card of the workspace; others do not exist here. */
    protected function card(int $id): Card
    {
        return Card::in($this->workspace, $id) ?? abort(404);
    }
}
