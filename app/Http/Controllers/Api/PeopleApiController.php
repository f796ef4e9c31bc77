<?php

namespace App\Http\Controllers\Api;

use App\Placements\Placements;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\DB;
use InkyCard\Card\Situation;
use InkyCard\Link\MailAddress;
use InkyCard\Refusal;

/** Who holds cards, and which card goes under messages from which address. */
final class PeopleApiController extends ApiController
{
    public function index(): JsonResponse
    {
        $people = DB::table('people')->where('workspace_id', $this->workspace->id)->orderBy('name')->orderBy('id')
            ->paginate(self::PER_PAGE);
        $cards = DB::table('cards')->where('workspace_id', $this->workspace->id)
            ->whereIn('person_id', $people->pluck('id'))->orderBy('id')->get(['id', 'person_id'])->groupBy('person_id');

        return self::page($people, fn (\stdClass $person): array => [
            'id' => $person->id, 'name' => $person->name, 'email' => $person->address,
            'cards' => ($cards[$person->id] ?? collect())->pluck('id')->all(),
        ]);
    }

    public function placements(): JsonResponse
    {
        $addresses = Placements::addresses($this->workspace, self::PER_PAGE);
        $table = Placements::table($this->workspace, $addresses->pluck('address')->all());

        return self::page($addresses, fn (\stdClass $row): array => [
            'email' => $row->address,
            'cards' => (object) $table[$row->address]->map(fn (\stdClass $placed) => $placed->card_id)->all(),
        ]);
    }

    /** @throws Refusal */
    public function put(Request $request, string $email, string $situation): Response
    {
        $card = self::sent($request)['card'] ?? null;
        $card = $this->card(is_int($card) ? $card : throw Refusal::because('Say which card: its id.', '/card'));
        Placements::put($card, MailAddress::parse($email)->address, Situation::from($situation));

        return response()->noContent();
    }

    public function take(string $email, string $situation): Response
    {
        $situation = Situation::from($situation);
        $card = Placements::card($this->workspace, $email, $situation) ?? abort(404);
        Placements::take($card, $email, $situation);

        return response()->noContent();
    }
}
