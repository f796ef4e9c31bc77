<?php

namespace App\Http\Controllers\Api;

use App\Answers\CardAnswers;
use App\Answers\MailAnswers;
use App\Answers\PictureAnswers;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use InkyCard\Brand\BrandJson;
use InkyCard\Card\Card;
use InkyCard\Card\CardJson;
use InkyCard\Handover\Destination;
use InkyCard\Link\ProfileText;
use InkyCard\Refusal;

/** What the console answers, of documents and files that are sent along: nothing is kept. */
final class AskApiController extends ApiController
{
    /** @throws Refusal */
    public function compose(Request $request, CardAnswers $answers): Response
    {
        $as = self::query($request, 'as', 'html');

        return self::plain(
            $answers->composed(self::document($request), $as, self::query($request, 'pictures', 'hosted')),
            $as === 'text' ? 'text/plain' : 'text/html',
        );
    }

    /** @throws Refusal */
    public function measure(Request $request, CardAnswers $answers): JsonResponse
    {
        return self::json($answers->measured(self::document($request), self::query($request, 'width')));
    }

    /** @throws Refusal */
    public function proof(Request $request, CardAnswers $answers): JsonResponse
    {
        $sent = self::sent($request);
        $brand = isset($sent['brand'])
            ? Refusal::at('/brand', fn () => BrandJson::decode((string) json_encode($sent['brand']))) : null;

        return self::json($answers->proof(self::within($sent), $brand, self::query($request, 'client')));
    }

    /** @throws Refusal */
    public function handOver(Request $request, CardAnswers $answers, string $destination): Response
    {
        $to = Destination::all()[$destination] ?? abort(404);

        return self::download($answers->artifact(self::document($request), $to));
    }

    /** Mail HTML as its reader has it, or what was changed on the way. @throws Refusal */
    public function readAs(Request $request, string $client): Response|JsonResponse
    {
        $reading = MailAnswers::reading((string) $request->getContent(), $client);

        return self::query($request, 'as') === 'changes' ? self::json(MailAnswers::changes($reading))
            : self::plain($reading->page(), 'text/html');
    }

    /** @throws Refusal */
    public function readIn(Request $request): JsonResponse
    {
        return self::json(MailAnswers::readIn(
            (string) $request->getContent(), self::query($request, 'country', $this->workspace->country),
        ));
    }

    /** @throws Refusal */
    public function verify(Request $request): JsonResponse
    {
        $sent = self::sent($request);
        $older = is_array($sent['older'] ?? null) ? $sent['older'] : [];

        return self::json(MailAnswers::verdict(
            self::text($sent, 'message'), self::within($sent),
            array_map(fn (int $at) => self::within($older, "/older/$at", $at), array_keys(array_values($older))),
        ));
    }

    /** @throws Refusal */
    public function links(Request $request): JsonResponse
    {
        return self::json(ProfileText::sort((string) $request->getContent()));
    }

    /** @throws Refusal */
    public function contrast(Request $request): JsonResponse
    {
        return self::json(PictureAnswers::contrast(
            self::query($request, 'ink'), self::query($request, 'background'),
        ));
    }

    /** @throws Refusal */
    public function inks(Request $request, PictureAnswers $answers): JsonResponse
    {
        return self::json($answers->inks((string) $request->getContent()));
    }

    /** A picture, by a recipe in the query; what came out, as a file. @throws Refusal */
    public function bake(Request $request, PictureAnswers $answers): Response
    {
        $baked = $answers->baked((string) $request->getContent(), self::query($request, 'recipe'));

        return response($baked->bytes, 200, ['Content-Type' => $baked->type()]);
    }

    /** @throws Refusal */
    private static function document(Request $request): Card
    {
        return CardJson::decode((string) $request->getContent());
    }

    /**
     * A card that is part of what was sent.
     *
     * @param  array<array-key, mixed>  $sent
     *
     * @throws Refusal
     */
    private static function within(array $sent, string $path = '/card', string|int $key = 'card'): Card
    {
        $card = $sent[$key] ?? null;

        return Refusal::at($path, fn () => $card instanceof \stdClass ? CardJson::read((array) $card)
            : throw Refusal::because('Send the card document here.'));
    }
}
