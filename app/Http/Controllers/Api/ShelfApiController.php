<?php

namespace App\Http\Controllers\Api;

use App\Api\AccessToken;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use InkyCard\Card\CardJson;
use InkyCard\Card\Starter\Starter;
use InkyCard\Card\Starter\Starters;
use InkyCard\Handover\Destination;
use InkyCard\MailClient\MailClient;

/** What stands ready: starters, destinations, stand-ins, and what the token that asks is good for. */
final class ShelfApiController extends ApiController
{
    public function me(Request $request): JsonResponse
    {
        $user = self::member($request);
        /** @var AccessToken $token */
        $token = $user->currentAccessToken();

        return self::json([
            'workspace' => $this->workspace->name, 'member' => $user->name, 'role' => $user->role()?->value,
            'token' => $token->name, 'abilities' => $token->abilities,
            'expires_at' => $token->expires_at?->toAtomString(),
        ]);
    }

    public function starters(): JsonResponse
    {
        return self::json(['data' => array_values(array_map(fn (Starter $starter) => [
            'key' => $starter->key, 'name' => $starter->name, 'trade' => $starter->trade, 'mood' => $starter->mood,
        ], Starters::all()))]);
    }

    public function starter(string $starter): JsonResponse
    {
        $starter = Starters::all()[$starter] ?? abort(404);

        return self::json(json_decode(CardJson::encode($starter->sample())));
    }

    public function destinations(): JsonResponse
    {
        return self::json(['data' => array_values(array_map(fn (Destination $to) => [
            'key' => $to->key, 'label' => $to->label, 'takes' => $to->takes, 'steps' => $to->steps,
            'written' => $to->written,
        ], Destination::all()))]);
    }

    public function standIns(): JsonResponse
    {
        return self::json(['data' => array_values(array_map(fn (MailClient $client) => [
            'key' => $client->key, 'label' => $client->label, 'about' => $client->about,
        ], MailClient::all()))]);
    }
}
