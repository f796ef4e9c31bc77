<?php

namespace App\Http\Controllers\Api;

use App\Clicks\Tally;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use InkyCard\Refusal;

/** What the cards bring in: clicks of people on their counted links. */
final class ClicksApiController extends ApiController
{
    private const DAYS = [7, 30, 90, 365];

    /** Columns of a row of a tally => what they are called here. */
    private const COLUMNS = [
        'day' => 'day', 'card_id' => 'card', 'name' => 'card_name', 'person_id' => 'person', 'person' => 'person_name',
        'banner_id' => 'banner', 'piece' => 'piece', 'kind' => 'kind', 'words' => 'words',
    ];

    /** @throws Refusal */
    public function __invoke(Request $request): JsonResponse
    {
        $days = (int) self::query($request, 'days', '30');
        $way = self::query($request, 'by', 'day');
        if (! in_array($days, self::DAYS, true)) {
            throw Refusal::because('Choose 7, 30, 90 or 365.', '/days');
        }
        if (! isset(Tally::WAYS[$way])) {
            throw Refusal::because('Choose :choices.', '/by', ['choices' => implode(', ', array_keys(Tally::WAYS))]);
        }
        $rows = (new Tally($this->workspace, $days, now()))->by($way, self::PER_PAGE);

        return self::page($rows, function (\stdClass $row): array {
            $named = ['clicks' => (int) $row->clicks, 'visitors' => (int) $row->visitors];
            foreach (array_intersect_key(self::COLUMNS, (array) $row) as $column => $name) {
                $named[$name] = $row->$column;
            }

            return $named;
        });
    }
}
