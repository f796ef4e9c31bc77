<?php

namespace App\Http\Controllers;

use App\Auth\Access;
use App\Search\Finder;
use App\Search\Hit;
use App\Search\Query;
use Illuminate\Contracts\View\View;
use Illuminate\Http\Request;

/** The finder. */
final class FindController extends Controller
{
    public function __invoke(Request $request): View
    {
        $query = new Query(self::string($request, 'q'));

        $found = (new Finder($this->workspace))->find($query);

        return view('find', [
            'find' => $query->text, 'found' => array_filter(array_map($this->open(...), $found)),
        ]);
    }

    /**
     * Those whoever asks may go to.
     *
     * @param  list<Hit>  $hits
     * @return list<Hit>
     */
    private function open(array $hits): array
    {
        $user = self::member(request());

        return array_values(array_filter(array_map(fn (Hit $hit): ?Hit => match (true) {
            $hit->to === null || $user->may(Access::ofAddress($hit->to)) => $hit,
            // Who makes no cards looks at them.
            preg_match('~/cards/(\d+)$~D', $hit->to, $card) === 1 => new Hit(
                $hit->label, $hit->note, route('proof', (int) $card[1]),
            ),
            default => null,
        }, $hits)));
    }
}
