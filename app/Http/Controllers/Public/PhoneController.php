<?php

namespace App\Http\Controllers\Public;

use App\Handover\HouseNotes;
use App\Handover\Parcels;
use App\Http\Controllers\Controller;
use App\Models\StoredCard;
use App\Pictures\HostedPictures;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\URL;
use InkyCard\Card\Edit\Shorten;
use InkyCard\Handover\Destination;

/**
 * A card on the phone it goes to: opened by its signed address, which runs
 * out, without signing in there, and copied by a finger.
 */
final class PhoneController extends Controller
{
    /** Hours an address works. */
    public const HOURS = 24;

    public function show(Request $request, Parcels $handOver, int $card): Response
    {
        $card = $this->signed($request, $card);
        $whole = $card->document();
        $short = Shorten::forPhone($whole);
        $document = $request->boolean('whole') ? $whole : $short;
        $parcel = $handOver->parcel($document, $card);
        // Addresses on the page run out when its own does.
        $until = Carbon::createFromTimestamp((int) self::string($request, 'expires'));

        $destinations = array_filter(Destination::all(), fn (Destination $destination) => $destination->onPhone());

        return response()
            ->view('hand-over.phone', [
                'card' => $card,
                'document' => $document,
                'html' => $parcel->html(),
                'text' => $parcel->text(),
                'whole' => $document === $whole,
                'sheet' => self::path('phone.sheet', $card->id, $until, $document === $whole),
                'forms' => $short->pieces == $whole->pieces
                        ? []
                        : [
                            __('short, for a phone') => self::path('phone', $card->id, $until),
                            __('the whole card') => self::path('phone', $card->id, $until, true),
                        ],
                'destinations' => $destinations,
                'notes' => array_map(fn (Destination $to) => HouseNotes::of($card->workspace_id, $to), $destinations),
            ])
            ->withHeaders(['Cache-Control' => 'no-store', 'X-Robots-Tag' => 'noindex']);
    }

    public function sheet(Request $request, int $card): Response
    {
        $document = $this->signed($request, $card)->document();

        return self::rendering($request->boolean('whole') ? $document : Shorten::forPhone($document));
    }

    /** Where a phone opens it. */
    public static function address(StoredCard $card): string
    {
        return HostedPictures::publicBase().self::path('phone', $card->id, now()->addHours(self::HOURS));
    }

    private static function path(string $route, int $card, Carbon $until, bool $whole = false): string
    {
        return URL::temporarySignedRoute(
            $route, $until, ['card' => $card] + ($whole ? ['whole' => 1] : []), absolute: false,
        );
    }

    /** Signed without its host: the server may have another name outside. */
    private function signed(Request $request, int $card): StoredCard
    {
        abort_unless($request->hasValidRelativeSignature(), 410);

        return StoredCard::query()->whereNull('archived_at')->find($card) ?? abort(410);
    }
}
