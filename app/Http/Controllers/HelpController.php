<?php

namespace App\Http\Controllers;

use App\Help\Guide;
use Illuminate\Contracts\View\View;

/** All that is explained beside fields, on one page. */
final class HelpController
{
    public function __invoke(): View
    {
        return view('help', ['all' => Guide::all()]);
    }
}
