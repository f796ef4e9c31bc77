<?php

namespace App\Http\Controllers;

use App\Http\Middleware\ContentPolicy;
use App\Models\Card;
use App\Models\User;
use App\Models\Workspace;
use App\Pictures\HostedPictures;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use InkyCard\Card\Starters;
use InkyCard\Compose\HtmlComposer;
use InkyCard\Layout\Sheet;

/** Starting a card from a starter, shown with the maker's own name and firm already in. */
final class StartController extends Controller
{
    public function show(): View
    {
        return view('cards.start', ['starters' => Starters::all()]);
    }

    public function store(Request $request): RedirectResponse
    {
        $starter = Starters::all()[self::word($request, 'starter')] ?? abort(404);
        /** @var User $user */
        $user = $request->user();
        $card = Card::start($this->workspace, $starter->begin(self::facts($user, $this->workspace)), $user, "Started from {$starter->name}");

        return redirect()->route('bench', $card->id);
    }

    public function sheet(Request $request, string $starter): Response
    {
        $found = Starters::all()[$starter] ?? abort(404);
        /** @var User $user */
        $user = $request->user();
        $pictures = HostedPictures::forScreen();

        return response()
            ->view('bench.sheet', ['html' => (new HtmlComposer($pictures))->compose(Sheet::of($found->begin(self::facts($user, $this->workspace))))])
            ->header('Content-Security-Policy', ContentPolicy::RENDERING);
    }

    /** @return array{name: string, email: string, company: string, web: string, country: string} */
    private static function facts(User $user, Workspace $workspace): array
    {
        return [
            'name' => $user->name,
            'email' => $user->email,
            'company' => $workspace->name,
            'web' => $workspace->web,
            'country' => $workspace->country,
        ];
    }
}
