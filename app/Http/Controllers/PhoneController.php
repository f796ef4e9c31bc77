<?php

namespace App\Http\Controllers;

use App\HandOver;
use App\Models\Card;
use App\Pictures\HostedPictures;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\URL;
use InkyCard\Handover\Destination;

/**
 * A card on the phone it goes to: opened by its signed address, which runs
 * out, without signing in there, and copied by a finger.
 */
final class PhoneController extends Controller
{
    /** Hours an address works. */
    public const HOURS = 24;

    public function show(Request $request, HandOver $handOver, int $card): Response
    {
        $card = $this->signed($request, $card);
        $parcel = $handOver->parcel($card->document(), $card);

        return response()->view('hand-over.phone', [
            'card' => $card, 'html' => $parcel->html(), 'text' => $parcel->text(), 'sheet' => self::path('phone.sheet', $card->id),
            'destinations' => array_filter(Destination::all(), fn (Destination $destination) => $destination->onPhone()),
        ])->withHeaders(['Cache-Control' => 'no-store', 'X-Robots-Tag' => 'noindex']);
    }

    public function sheet(Request $request, int $card): Response
    {
        return self::rendering($this->signed($request, $card)->document());
    }

    /** Where a phone opens it. */
    public static function address(Card $card): string
    {
        return HostedPictures::publicBase().self::path('phone', $card->id);
    }

    private static function path(string $route, int $card): string
    {
        return URL::temporarySignedRoute($route, now()->addHours(self::HOURS), ['card' => $card], absolute: false);
    }

    /** Signed without its host: the server may have another name outside. */
    private function signed(Request $request, int $card): Card
    {
        abort_unless($request->hasValidRelativeSignature(), 410);

        return Card::query()->whereNull('archived_at')->find($card) ?? abort(410);
    }
}
