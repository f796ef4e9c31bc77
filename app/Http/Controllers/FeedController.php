<?php

namespace App\Http\Controllers;

use App\Feeds\Feeds;
use Illuminate\Contracts\View\View;

/** What the feed of a piece has to say; it is asked now where nobody has yet. */
final class FeedController extends Controller
{
    public function __invoke(Feeds $feeds, int $card, string $piece): View
    {
        $stored = $this->card($card);
        $address = $stored->document()->piece($piece)->text('feed');
        abort_if($address === '', 404);
        $state = Feeds::state($this->workspace->id, $address);
        $asked = $state === null || ($state->read === null && $state->isDue);
        if ($asked) {
            $feeds->ask(Feeds::number($this->workspace->id, $address));
            $state = Feeds::state($this->workspace->id, $address);
        }

        return view('bench.feed', ['state' => $state, 'card' => $stored, 'piece' => $piece, 'asked' => $asked]);
    }
}
