<?php

namespace App\Http\Controllers;

use App\Models\Errand;
use Illuminate\Contracts\View\View;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\Storage;
use Symfony\Component\HttpFoundation\StreamedResponse;

/** How far something is that is done beside the pages, and what came of it. */
final class ErrandController extends Controller
{
    public function show(Request $request, int $errand): View
    {
        return view('settings.errand', ['errand' => $this->errand($request, $errand)]);
    }

    /** The part of a page that says so, asked for again and again while it is on its way. */
    public function progress(Request $request, int $errand): Response
    {
        $errand = $this->errand($request, $errand);

        // What came of it may be all over the page.
        return response()->view('settings.errand-way', ['errand' => $errand], 200,
            $errand->isOnItsWay() ? [] : ['HX-Refresh' => 'true']);
    }

    public function file(Request $request, int $errand): StreamedResponse
    {
        $errand = $this->errand($request, $errand);
        $name = $errand->kind->file();
        abort_if($name === null || $errand->file === null || $errand->state !== Errand::READY, 404);

        return Storage::disk('errands')->download($errand->file, $name);
    }

    private function errand(Request $request, int $id): Errand
    {
        $errand = Errand::in($this->workspace, $id);
        abort_unless(self::member($request)->may($errand->kind->asks()), 403);

        return $errand;
    }
}
