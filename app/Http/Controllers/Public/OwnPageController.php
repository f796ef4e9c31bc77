<?php

namespace App\Http\Controllers\Public;

use App\Handover\HouseNotes;
use App\Handover\InUse;
use App\Handover\Parcels;
use App\House\OwnCard;
use App\House\PersonPage;
use App\Http\Controllers\Controller;
use App\Models\StoredPerson;
use App\Models\Workspace;
use App\Pictures\Drawings;
use App\Pictures\Library;
use App\Proof\Prover;
use App\Words\Words;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Arr;
use InkyCard\Card\Piece;
use InkyCard\Handover\Destination;
use InkyCard\Handover\Formats;
use InkyCard\Picture\PictureRef;
use InkyCard\Proof\Finding;
use InkyCard\Proof\Severity;
use InkyCard\Refusal;
use Symfony\Component\HttpFoundation\Response as AnyResponse;

/** Somebody's own page: they fill in what is theirs, see their card, and take it the way their mail program does. */
final class OwnPageController extends Controller
{
    /** Findings shown: what somebody can do about their own words. */
    private const FINDINGS = 5;

    public function show(string $token, Prover $prover): Response
    {
        [$page, $person, $own] = self::found($token);
        $page->note('opened');

        return self::private(view('people.mine', [
            'token' => $token, 'person' => $person, 'own' => $own, 'firm' => $page->workspace(),
            'findings' => self::findings($prover, $own), 'help' => $page->rollout()->help ?? '',
        ]));
    }

    public function fill(Request $request, string $token): RedirectResponse
    {
        [$page, , $own] = self::found($token);
        [$typed, $refused] = self::typed($request, $page->workspace(), $own->open());
        $typed = array_replace_recursive(self::cropped($request, $own), $typed);
        $refused += $own->fill($typed, $request->array('shown'));
        if ($refused !== []) {
            return redirect()->route('mine', $token)->withErrors(array_map(Words::of(...), $refused))
                ->withInput($request->except('picture', '_token'));
        }
        $page->note('filled');

        return redirect()->route('mine', $token)->with('told', __('Kept: this is your card now.'));
    }

    /**
     * @param  array<string, Piece>  $open  what is theirs to fill in, by id
     * @return array{array<array-key, mixed>, array<string, Refusal>} piece => fields, and what is wrong with pictures
     */
    private static function typed(Request $request, Workspace $workspace, array $open): array
    {
        // Pictures of the library are brought, not named by whoever comes here.
        $typed = array_map(
            fn (array $fields): array => Arr::except($fields, ['picture', 'ratio']),
            array_filter($request->array('p'), is_array(...)),
        );
        $refused = [];
        foreach (array_intersect_key((array) $request->file('picture'), $open) as $id => $file) {
            try {
                $picture = app(Library::class)->addFor($open[$id], $workspace, ...self::uploaded($file));
                // A name has its own proportion; other pictures keep to the firm's.
                $typed[$id] = ['picture' => $picture->ref()] + ($picture->hand ? ['ratio' => $picture->ratio()] : [])
                    + ($typed[$id] ?? []);
            } catch (Refusal $refusal) {
                $refused["$id.picture"] = $refusal;
            }
        }

        return [$typed, $refused];
    }

    /**
     * Another part of the pictures that are theirs, where the sliders stand otherwise than before.
     *
     * @return array<string, array{picture: string}> piece => field
     */
    private static function cropped(Request $request, OwnCard $own): array
    {
        $cropped = [];
        foreach (array_intersect_key($own->open(), $request->array('crop')) as $id => $piece) {
            $ref = $piece->text('picture');
            $was = PictureRef::framing($ref);
            $asked = (array) $request->input("crop.$id");
            $share = fn (string $key): float => (float) ($asked[$key] ?? $was->sliders()[$key] * 100) / 100;
            $is = $was->slid($share('share'), $share('across'), $share('down'));
            if (str_starts_with($ref, 'picture:') && $is->sliders() !== $was->sliders()) {
                $cropped[$id] = ['picture' => PictureRef::framed(PictureRef::source($ref), $is)];
            }
        }

        return $cropped;
    }

    public function drawing(string $token, Drawings $drawings): AnyResponse
    {
        return $drawings->response(self::found($token)[2]->document());
    }

    /** The way a mail program takes it. */
    public function take(Request $request, string $token, Parcels $parcels): Response
    {
        [$page, $person, $own] = self::found($token);
        $parcel = $parcels->parcel($own->document(), $own->card);
        $to = Destination::all()[self::string($request, 'to')] ?? Destination::of('any');

        return self::private(view('people.take', [
            'token' => $token, 'person' => $person, 'own' => $own, 'firm' => $page->workspace(), 'to' => $to,
            'destinations' => Destination::all(), 'html' => $parcel->html(), 'text' => $parcel->text(),
            'rollout' => $page->rollout(), 'note' => HouseNotes::of($page->workspace()->id, $to),
            'lacking' => $own->lacking(),
        ]));
    }

    public function taken(Request $request, string $token): Response
    {
        [$page, , $own] = self::found($token);
        $to = Destination::all()[self::string($request, 'to')] ?? Destination::of('any');
        InUse::by($own->card, $to, $request->boolean('inside'));
        $page->note('took', ['took_to' => $to->key]);

        return response()->noContent();
    }

    public function file(Request $request, string $token, Parcels $parcels): Response
    {
        [$page, , $own] = self::found($token);
        $format = Formats::all()[self::string($request, 'as')] ?? Formats::of('page');
        $file = self::download($format->build($parcels->parcel($own->document(), $own->card)));
        $page->note('took', ['took_to' => $format->key()]);

        return $file;
    }

    public function sheet(string $token): Response
    {
        return self::rendering(self::found($token)[2]->document());
    }

    /** @return list<string> sentences about what is theirs */
    private static function findings(Prover $prover, OwnCard $own): array
    {
        $open = array_keys($own->open());
        $theirs = array_filter($prover->of($own->card)->findings, fn (Finding $finding): bool => $finding->severity
            !== Severity::Advice && array_intersect($finding->pieces, $open) !== []);

        return array_map(
            fn (Finding $finding): string => __($finding->title).': '.Words::of($finding->says),
            array_slice(array_values($theirs), 0, self::FINDINGS),
        );
    }

    /** @return array{PersonPage, StoredPerson, OwnCard} */
    private static function found(string $token): array
    {
        $page = PersonPage::at($token) ?? abort(404);
        $person = $page->person();

        return [$page, $person, OwnCard::of($person) ?? abort(404)];
    }

    private static function private(View $view): Response
    {
        return response($view)->withHeaders(['Cache-Control' => 'no-store', 'X-Robots-Tag' => 'noindex']);
    }
}
