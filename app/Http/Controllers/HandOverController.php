<?php

namespace App\Http\Controllers;

use App\Handover\CarriedBanners;
use App\Handover\HouseNotes;
use App\Handover\InUse;
use App\Handover\Parcels;
use App\Http\Controllers\Public\PhoneController;
use App\Models\StoredCard;
use App\Models\StoredTemplate;
use App\Pictures\HostedPictures;
use App\Proof\Prover;
use App\Words\Words;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Str;
use InkyCard\Card\Card as Document;
use InkyCard\Card\Form;
use InkyCard\Card\Kind\Capability;
use InkyCard\Handover\Destination;
use InkyCard\Handover\Formats;
use InkyCard\Handover\Formats\Calendar;
use InkyCard\Handover\FrozenPictures;
use InkyCard\Handover\HouseNote;
use InkyCard\Handover\PictureDelivery;
use InkyCard\Handover\RightUntil;
use InkyCard\MailClient\MailClient;
use InkyCard\MailClient\Reader;
use InkyCard\Proof\Subject;
use InkyCard\Refusal;

/** Handing a card over: where it goes, what will change there, the artifact, and how to put it in place. */
final class HandOverController extends Controller
{
    public function show(Request $request, Parcels $handOver, Prover $prover, int $card): View
    {
        $card = $this->card($card);
        $form = self::form($request);
        $document = $card->document()->inForm($form);
        $parcel = $handOver->parcel($document, $card);
        $inside = $request->boolean('inside');
        $destination = Destination::all()[self::string($request, 'to')] ?? Destination::of('any');
        $proof = $prover->of($card);
        $drawn = $destination->takes === 'one-picture' && $parcel->text() !== '';
        $html = $drawn ? $parcel->onePicture() : ($inside ? $parcel->inside() : $parcel->html());
        $client = MailClient::of($destination->client);

        return view('hand-over.show', [
            'card' => $card,
            'document' => $document,
            'form' => $form, 'inside' => $inside,
            'forms' => array_intersect_key(Form::FOR, $card->document()->forms),
            'html' => $html,
            'text' => $parcel->text(),
            'base' => HostedPictures::publicBase(),
            'address' => $parcel->card->fact(Capability::MailAddress) ?: self::member($request)->mailbox(),
            'to' => $destination,
            'note' => HouseNotes::of($this->workspace->id, $destination),
            'phone' => PhoneController::address($card),
            'hours' => PhoneController::HOURS,
            'dated' => Calendar::days($document) !== [],
            'destinations' => Destination::all(),
            'client' => $client,
            'reading' => $inside || $drawn || $form !== '' ? Reader::read($client, $html)
                : $proof->subject->reading($destination->client),
            'readies' => $destination->takes === 'template' ? StoredTemplate::choices($this->workspace) : collect(),
            'travels' => self::travels($proof->subject),
            'proof' => $proof,
            'use' => InUse::of($card),
            'holds' => $this->holds($card, $document, $destination, $inside),
            // Any program: those that do not show them are among them.
            'showsInside' => $destination->key !== 'any' && ! $client->losesPictures('data'),
        ]);
    }

    /** @return list<string> until when what is taken is right, in sentences */
    private function holds(StoredCard $card, Document $document, Destination $to, bool $inside): array
    {
        return array_values(array_filter([
            RightUntil::says($document, $card->today()),
            FrozenPictures::says(
                $document, $to, $inside, $card->today(), CarriedBanners::until($card, $this->workspace),
            ),
        ]));
    }

    /** @return list<array{PictureDelivery, int, list<string>}> ways, bytes a message, who does not show pictures so */
    private static function travels(Subject $subject): array
    {
        return array_map(
            fn (PictureDelivery $travel) => [
                $travel,
                $travel->weight(strlen($subject->html()), $subject->weight()),
                array_map(fn (MailClient $client) => Str::lower(Words::of($client->label)), $travel->lostIn()),
            ],
            PictureDelivery::cases(),
        );
    }

    /** Directions alone, to print. */
    public function directions(Request $request, Parcels $handOver, int $card, string $to): View
    {
        $card = $this->card($card);
        $to = Destination::all()[$to] ?? abort(404);

        $form = self::form($request);
        $document = $card->document()->inForm($form);

        return view('hand-over.directions', [
            'card' => $card, 'to' => $to, 'note' => HouseNotes::of($this->workspace->id, $to),
            'document' => $document, 'form' => $form, 'html' => $handOver->parcel($document, $card)->html(),
        ]);
    }

    /** The sort of message whose form is asked for; empty for the whole card. */
    private static function form(Request $request): string
    {
        $form = self::string($request, 'form');

        return isset(Form::FOR[$form]) ? $form : '';
    }

    /** What the workspace adds to the directions. */
    public function note(Request $request, int $card, string $to): RedirectResponse
    {
        $card = $this->card($card);
        $to = Destination::all()[$to] ?? abort(404);
        $back = redirect()->to(route('hand-over', ['card' => $card->id, 'to' => $to->key]).'#house-note');
        try {
            HouseNotes::put(
                $this->workspace->id, $to, HouseNote::of(self::string($request, 'film'), self::string($request,
                    'note')),
                $request->boolean('all'),
            );
        } catch (Refusal $refusal) {
            return $back
                ->with('note_refused', [$refusal->field() => Words::of($refusal)])
                ->withInput([
                    'film' => mb_scrub(self::string($request, 'film')),
                    'note' => mb_scrub(self::string($request, 'note')),
                ]);
        }

        return $back->with('note_told', __('Kept: it stands with these directions wherever they go.'));
    }

    /** The card was copied: what it is now is in use there. */
    public function taken(Request $request, int $card): Response
    {
        $this->noteTaken($request, $this->card($card));

        return response()->noContent();
    }

    private function noteTaken(Request $request, StoredCard $card): void
    {
        $to = Destination::all()[self::string($request, 'to')] ?? null;
        if ($to !== null) {
            InUse::by($card, $to, $request->boolean('inside'));
        }
    }

    /** What a destination takes, as one file. */
    public function file(Request $request, Parcels $handOver, int $card): Response
    {
        $card = $this->card($card);
        $format = Formats::all()[self::string($request, 'as')] ?? Formats::of('page');
        $file = self::download($format->build($handOver->parcel(
            $card->document()->inForm(self::form($request)), $card,
        )));
        $this->noteTaken($request, $card);

        return $file;
    }
}
