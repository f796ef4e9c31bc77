<?php

namespace App\Http\Controllers;

use Illuminate\Contracts\View\View;

final class CardsController extends Controller
{
    private const PER_PAGE = 12;

    public function index(): View
    {
        return view('cards.index', [
            'cards' => $this->workspace->cards()->latest('updated_at')->latest('id')->paginate(self::PER_PAGE),
        ]);
    }
}
