<?php

namespace App\Http\Controllers;

use App\Search\Finder;
use App\Search\Query;
use Illuminate\Contracts\View\View;
use Illuminate\Http\Request;

/** The finder. */
final class FindController extends Controller
{
    public function __invoke(Request $request): View
    {
        $query = new Query(self::string($request, 'q'));

        return view('find', ['find' => $query->text, 'found' => (new Finder($this->workspace))->find($query)]);
    }
}
