<?php

namespace App\Http\Controllers;

use App\Rollouts\Duties;
use Illuminate\Contracts\View\View;
use InkyCard\Card\MissingCompliance;
use Symfony\Component\HttpFoundation\StreamedResponse;

/** Whether everybody's card shows what the rules of their trade ask: to look at, to print, to keep. */
final class DutyController extends Controller
{
    private const PER_PAGE = 50;

    public function index(): View
    {
        $duties = new Duties($this->workspace);
        $page = $duties->people()->paginate(self::PER_PAGE);

        return view('people.duties', [
            'list' => $page, 'rows' => iterator_to_array($duties->of($page->items()), false),
            'there' => $duties->areThere(),
        ]);
    }

    public function file(): StreamedResponse
    {
        $duties = new Duties($this->workspace);
        $rows = function () use ($duties): iterable {
            foreach ($duties->of($duties->people()->cursor()) as [$one, $lacks]) {
                yield [$one->name, $one->address, $lacks?->licence === true ? 'missing' : 'right',
                    self::notices($lacks)];
            }
        };

        return self::table('duties.csv', ['name', 'address', 'licence', 'notices missing'], $rows);
    }

    public static function notices(?MissingCompliance $lacks): string
    {
        return implode(', ', array_column($lacks->notices ?? [], 'name'));
    }
}
