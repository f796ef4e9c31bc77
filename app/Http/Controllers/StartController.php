<?php

namespace App\Http\Controllers;

use App\Models\Brand;
use App\Models\Card;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use InkyCard\Card\Card as Document;
use InkyCard\Card\Starter;
use InkyCard\Card\Starters;

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
        $card = Card::start($this->workspace, $this->begin($starter, $request), self::member($request), "Started from {$starter->name}");

        return redirect()->route('bench', $card->id);
    }

    public function sheet(Request $request, string $starter): Response
    {
        $found = Starters::all()[$starter] ?? abort(404);

        return self::rendering($this->begin($found, $request));
    }

    private function begin(Starter $starter, Request $request): Document
    {
        $user = self::member($request);

        return $starter->begin($user->name, $user->email, Brand::in($this->workspace)->document());
    }
}
