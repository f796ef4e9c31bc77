<?php

namespace App\Http\Controllers;

use App\Bench\Workbench;
use App\Http\Middleware\ContentPolicy;
use App\Pictures\BlockedPictures;
use Illuminate\Contracts\View\View;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use InkyCard\Compose\HtmlComposer;

final class BenchController extends Controller
{
    public function show(Request $request, int $card): View
    {
        return view('bench.show', [
            'bench' => Workbench::of($this->card($card)),
            'open' => $request->string('piece')->toString(),
            'refused' => [],
            'conflict' => null,
        ]);
    }

    /** The card as sent, alone in a frame. */
    public function sheet(Request $request, int $card): Response
    {
        $html = $request->boolean('blocked')
            ? (new HtmlComposer(new BlockedPictures))->compose($this->card($card)->document())
            : Workbench::of($this->card($card))->sheet;

        return response()
            ->view('bench.sheet', ['html' => $html])
            ->header('Content-Security-Policy', ContentPolicy::RENDERING);
    }

    /** Tuning of one piece, for the side of the bench. */
    public function tuning(Request $request, int $card): View
    {
        return view('bench.tuning', [
            'bench' => Workbench::of($this->card($card)),
            'open' => $request->string('piece')->toString(),
            'refused' => [],
        ]);
    }
}
