<?php

namespace App\Http\Middleware;

use Illuminate\Http\Request;
use Illuminate\Session\Middleware\StartSession as Start;

/**
 * Sessions as ever, but that requests a page makes on the side only read
 * them: frames, pictures and marks are asked for while a form is on its way,
 * and one that ends after it would write back a session without what the form
 * had to say.
 */
final class StartSession extends Start
{
    private const READERS = [
        'sheet', 'sheet.drafted', 'starters.sheet', 'looks.sheet', 'history.sheet', 'picture.preview', 'picture.thumb', 'picture.file', 'hand.sample',
        'proof.reading', 'tray.reading', 'cards.brought', 'findings', 'tuning', 'brand.counts', 'brand.duties',
    ];

    /** @param  Request  $request */
    protected function saveSession($request)
    {
        if (! ($request->isMethod('GET') && $request->routeIs(...self::READERS))) {
            parent::saveSession($request);
        }
    }
}
