<?php

namespace App\Http\Controllers\Api;

use App\Answers\CardAnswers;
use App\Exceptions\StaleRevision;
use App\Handover\InUse;
use App\Handover\Parcels;
use App\Models\Revision;
use App\Models\StoredBrand;
use App\Models\StoredCard;
use App\Search\OnCard;
use App\Search\Query;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use InkyCard\Card\CardJson;
use InkyCard\Card\Edit\CopyFor;
use InkyCard\Card\Edit\ReplaceCard;
use InkyCard\Card\Edit\Shorten;
use InkyCard\Card\Starter\Starters;
use InkyCard\Handover\Destination;
use InkyCard\Handover\Formats;
use InkyCard\Link\MailAddress;
use InkyCard\Refusal;
use InkyCard\Type\CleanText;

/** The cards of the workspace. */
final class CardApiController extends ApiController
{
    /** Letters of a person's name. */
    private const NAME = 160;

    public function index(Request $request): JsonResponse
    {
        $cards = StoredCard::query()->where('workspace_id', $this->workspace->id)->orderByDesc('id');
        self::query($request, 'archived') === 'true' ? $cards->whereNotNull('archived_at')
            : $cards->whereNull('archived_at');
        $find = new Query(self::query($request, 'find'));
        $find->isEmpty() || $cards->tap(new OnCard($find));

        return self::page($cards->paginate(self::PER_PAGE)->withQueryString(), $this->about(...));
    }

    public function show(int $card): JsonResponse
    {
        return $this->whole($this->card($card));
    }

    /** @throws Refusal */
    public function store(Request $request): JsonResponse
    {
        $document = CardJson::decode((string) $request->getContent());

        return $this->created(StoredCard::start(
            $this->workspace, $document, self::member($request), 'Brought in as a document',
        ));
    }

    /** From a starter, in the brand's inks and with its facts. @throws Refusal */
    public function begin(Request $request, string $starter): JsonResponse
    {
        $starter = Starters::all()[$starter] ?? abort(404);
        $sent = self::sent($request);
        $document = $starter->begin(
            self::holder($sent), self::address($sent), StoredBrand::in($this->workspace)->document(),
        );

        return $this->created(StoredCard::start(
            $this->workspace, $document, self::member($request), "Started from $starter->name",
        ));
    }

    /** For another person. @throws Refusal */
    public function copy(Request $request, int $card): JsonResponse
    {
        $card = $this->card($card);
        $sent = self::sent($request);
        $copy = new CopyFor(self::holder($sent), self::address($sent), self::text($sent, 'name'));

        return $this->created(StoredCard::start(
            $this->workspace, $copy->apply($card->document()), self::member($request), "Copied from $card->name",
        ));
    }

    /** @throws Refusal */
    public function replace(Request $request, int $card): JsonResponse
    {
        $card = $this->card($card);
        $match = (string) $request->header('If-Match');
        abort_if($match === '', 428);
        if ($match !== '*' && ! in_array(self::tag($card), array_map(trim(...), explode(',', $match)), true)) {
            throw new StaleRevision;
        }
        $document = CardJson::decode((string) $request->getContent());
        $card->edit($card->head, new ReplaceCard($document), self::member($request));

        return $this->whole($card);
    }

    public function archive(int $card): Response
    {
        StoredCard::archive($this->workspace, [$this->card($card)->id]);

        return response()->noContent();
    }

    public function restore(int $card): JsonResponse
    {
        StoredCard::archive($this->workspace, [$card], away: false);

        return $this->whole($this->card($card));
    }

    public function revisions(int $card): JsonResponse
    {
        $revisions = $this->card($card)->revisions()->orderByDesc('number')->paginate(self::PER_PAGE);

        return self::page($revisions, function (\stdClass $row): array {
            $revision = Revision::of($row);

            return [
                'number' => $revision->number, 'parent' => $revision->parent, 'words' => $revision->words,
                'kept_at' => $revision->keptAt()->toAtomString(),
            ];
        });
    }

    /** Against the brand of the workspace. @throws Refusal */
    public function proof(Request $request, CardAnswers $answers, int $card): JsonResponse
    {
        return self::json($answers->proof(
            $this->card($card)->document(), StoredBrand::in($this->workspace)->document(),
            self::query($request, 'client'),
        ));
    }

    /** With its links counted, as handing it over has it. @throws Refusal */
    public function composed(Request $request, Parcels $parcels, int $card): Response
    {
        $card = $this->card($card);
        $parcel = $parcels->parcel($card->document(), $card);
        $inside = self::query($request, 'pictures', 'hosted') === 'inline';

        return match (self::query($request, 'as', 'html')) {
            'html' => self::plain($inside ? $parcel->inside() : $parcel->html(), 'text/html'),
            'text' => self::plain($parcel->text(), 'text/plain'),
            'page' => self::plain(Formats::of('page')->build($parcel)->files[0]->bytes, 'text/html'),
            default => throw Refusal::because('Choose html, text or page.', '/as'),
        };
    }

    /** What a destination takes, as one file; from then on the card counts as in use there. */
    public function handOver(Parcels $parcels, int $card, string $destination): Response
    {
        $card = $this->card($card);
        $to = Destination::all()[$destination] ?? abort(404);
        $document = $to->onPhone() ? Shorten::forPhone($card->document()) : $card->document();
        $file = self::download(($to->format() ?? Formats::of('source'))->build($parcels->parcel($document, $card)));
        InUse::by($card, $to, false);

        return $file;
    }

    private function created(StoredCard $card): JsonResponse
    {
        return $this->whole($card, 201)->header('Location', route('api.card', $card->id));
    }

    private function whole(StoredCard $card, int $status = 200): JsonResponse
    {
        return self::json(
            $this->about($card) + ['document' => json_decode(CardJson::encode($card->document()))], $status,
            ['ETag' => self::tag($card)],
        );
    }

    /** @return array<string, mixed> */
    private function about(StoredCard $card): array
    {
        return [
            'id' => $card->id, 'name' => $card->name, 'revision' => $card->head,
            'updated_at' => $card->updated_at->toAtomString(), 'archived' => $card->archived_at !== null,
            'taken_times' => $card->taken_times,
        ];
    }

    private static function tag(StoredCard $card): string
    {
        return "\"$card->id.$card->head\"";
    }

    /**
     * @param  array<array-key, mixed>  $sent
     *
     * @throws Refusal
     */
    private static function holder(array $sent): string
    {
        $name = self::text($sent, 'holder');

        return Refusal::at('/holder', fn () => CleanText::of($name, self::NAME, 'name'));
    }

    /**
     * @param  array<array-key, mixed>  $sent
     *
     * @throws Refusal
     */
    private static function address(array $sent): string
    {
        $email = trim(self::text($sent, 'email'));

        return $email === '' ? '' : Refusal::at('/email', fn () => MailAddress::parse($email)->address);
    }
}
