<?php

namespace App\Http\Controllers;

use App\Models\BulkChange;
use App\Models\StoredCard;
use App\Models\StoredPicture;
use App\Outside\SafeHttpClient;
use App\Pictures\Bakery;
use App\Pictures\Library;
use App\Pictures\Uses;
use App\Words\Words;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use InkyCard\Card\Edit\SwapPicture;
use InkyCard\Card\Kind\Capability;
use InkyCard\Card\Piece;
use InkyCard\Picture\Baked;
use InkyCard\Picture\Framing;
use InkyCard\Picture\PictureRef;
use InkyCard\Picture\Recipe;
use InkyCard\Picture\Shape;
use InkyCard\Refusal;
use InkyCard\Type\CleanText;

/** The pictures of the workspace. */
final class PictureController extends Controller
{
    private const PER_PAGE = 24;

    /** Longest side of a small one, CSS px. */
    private const SMALL = 160;

    /** Files taken in one go. */
    private const AT_ONCE = 40;

    public function index(Request $request): View
    {
        return $this->list($request);
    }

    /** Several files; each is taken or gets its own sentence. */
    public function store(Request $request, Library $library): Response|RedirectResponse
    {
        $files = $request->file('files');
        $took = $refused = [];
        foreach (array_slice(is_array($files) ? $files : [$files], 0, self::AT_ONCE) as $file) {
            $name = is_object($file) ? Str::limit(mb_scrub($file->getClientOriginalName()), 60) : __('The file');
            try {
                $took[] = $library->add($this->workspace, ...self::uploaded($file));
            } catch (Refusal $refusal) {
                $refused[$name] = Words::of($refusal);
            }
        }
        // One at a time from the page's own script, which shows how far each is.
        if ($request->wantsJson()) {
            return response(
                view('pictures.taken', ['took' => $took, 'refused' => $refused, 'uses' => Uses::in($this->workspace)]),
                $refused === [] ? 200 : 422,
            );
        }

        return $refused === []
            ? redirect()
                ->route('pictures')
                ->with('told', count($took) === 1 ? __('Taken.') : count($took).' taken.')
            : response($this->list($request, ['files' => $refused]), 422);
    }

    /** A picture at an address: fetched once, kept here. */
    public function fetch(Request $request, Library $library, SafeHttpClient $outside): Response|RedirectResponse
    {
        $address = self::string($request, 'address');
        try {
            $library->takeIn($this->workspace, $outside, trim($address));
        } catch (Refusal $refusal) {
            return response($this->list($request, ['address' => Words::of($refusal)]), 422);
        }

        return redirect()
            ->route('pictures')
            ->with('told', __('Taken. It is kept here now, whatever becomes of the address.'));
    }

    public function show(int $picture): View
    {
        return $this->bench($this->picture($picture));
    }

    /** The part of it one piece of one card shows (need C09). */
    public function crop(int $card, string $piece): View
    {
        $card = $this->card($card);
        $on = $card->document()->piece($piece);

        return $this->bench(
            StoredPicture::named($this->workspace, $on->text('picture')) ?? abort(404), of: $on, on: $card,
        );
    }

    /** Words, rights and part; the part on the cards that have it too, if asked. */
    public function keep(Request $request, int $picture): Response|RedirectResponse
    {
        $picture = $this->picture($picture);
        try {
            $framing = Framing::of($request->array('part'));
            $alt = Refusal::at('/alt', fn () => CleanText::of($request->input('alt') ?? '', 160, 'text'));
            $rights = Refusal::at('/rights', fn () => CleanText::of($request->input('rights') ?? '', 160, 'note'));
        } catch (Refusal $refusal) {
            return response($this->bench($picture, [$refusal->field() => Words::of($refusal)]), 422);
        }
        $cards = DB::transaction(function () use ($request, $picture, $framing, $alt, $rights) {
            $was = $picture->ratio();
            $picture->forceFill(['framing' => $framing->text(), 'alt' => $alt, 'rights' => $rights])->save();
            $edit = new SwapPicture($picture->source(), $picture->ref(), $picture->ratio(), $was);

            return $request->boolean('everywhere') && BulkChange::touched($this->workspace, $edit)->isNotEmpty()
                ? BulkChange::over(
                    $this->workspace, $edit, "Cropped anew: $picture->name", self::member($request),
                )->count()
                : null;
        });

        return redirect()
            ->route('picture', $picture->id)
            ->with('told', 'Kept.'.($cards === null ? '' : __(' On the cards: :cards.', ['cards' => $cards])));
    }

    /** Another file in its place, on every card that has it. */
    public function replace(Request $request, Library $library, int $picture): Response|RedirectResponse
    {
        $picture = $this->picture($picture);
        try {
            $sweep = DB::transaction(function () use ($request, $library, $picture) {
                [$bytes, $name] = Refusal::at('/file', fn () => self::uploaded($request->file('file')));
                $new = Refusal::at(
                    '/file',
                    fn () => $picture->hand
                        ? $library->addHand($this->workspace, $bytes, $name)
                        : $library->add($this->workspace, $bytes, $name),
                );
                if ($new->id === $picture->id) {
                    throw Refusal::because('That is the same picture.', '/file');
                }
                $new->forceFill(['alt' => $new->alt ?: $picture->alt])->save();

                return [
                    $new,
                    BulkChange::over(
                        $this->workspace,
                        new SwapPicture($picture->source(), $new->ref(), $new->ratio(), $picture->ratio()),
                        "Replaced: $picture->name", self::member($request),
                    ),
                ];
            });
        } catch (Refusal $refusal) {
            return response($this->bench($picture, ['file' => Words::of($refusal)]), 422);
        }

        return redirect()
            ->route('picture', $sweep[0]->id)
            ->with(['told' => 'Replaced: '.$sweep[1]->count().'.', 'sweep' => $sweep[1]->id]);
    }

    public function remove(int $picture): RedirectResponse
    {
        $picture = $this->picture($picture);
        $picture->forceFill(['removed_at' => now()])->save();

        return redirect()
            ->route('pictures')
            ->with([
                'told' => __('Put away: :name. Cards that have it keep it.', ['name' => $picture->name]),
                'back' => route('picture.restore', $picture),
            ]);
    }

    public function restore(int $picture): RedirectResponse
    {
        $this->picture($picture)->forceFill(['removed_at' => null])->save();

        return redirect()->route('pictures')->with('told', __('Brought back.'));
    }

    /** As a recipe would bake it: numbers come in, never pixels. */
    public function preview(Request $request, Bakery $bakery, int $picture): Response
    {
        $picture = $this->picture($picture);
        try {
            $ref = PictureRef::framed($picture->source(), Framing::of($request->array('part')));
            $baked = $bakery->bake(
                Recipe::of([
                    'picture' => $ref, 'shape' => self::string($request, 'shape'), 'tone' => self::string($request,
                        'tone'),
                    'ink' => self::string($request, 'ink'), 'width' => self::integer($request, 'width'),
                    'height' => self::integer($request, 'height'), 'outline' => $request->boolean('outline'),
                ]),
            );
        } catch (Refusal $refusal) {
            return response(Words::of($refusal), 422, ['Content-Type' => 'text/plain; charset=utf-8']);
        }

        return response($baked->bytes, 200, [
            'Content-Type' => Baked::mime($baked->extension), 'Cache-Control' => 'private, max-age=600',
            'X-Weight' => (string) strlen($baked->bytes), 'X-Why' => $baked->why,
        ]);
    }

    /** As it is kept. */
    public function file(Library $library, int $picture): Response
    {
        $picture = $this->picture($picture);

        return response($library->bytes($picture->source()), 200, [
            'Content-Type' => Baked::mime($picture->extension),
            'Cache-Control' => 'private, max-age=31536000, immutable',
        ]);
    }

    /** A small one, for lists. */
    public function thumb(Bakery $bakery, string $hash): RedirectResponse
    {
        /** @var StoredPicture $picture */
        $picture = $this->workspace->pictures()->where('hash', $hash)->firstOrFail();
        [$width, $height] = [1, $picture->ratio()];
        $scale = self::SMALL / max($width, $height);
        $recipe = new Recipe(
            $picture->ref(), Shape::Square, max(1, (int) round($width * $scale)), max(1, (int) round($height * $scale)),
        );
        $variant = $bakery->variants([$recipe])[$recipe->key()];

        return redirect("/p/$variant->hash.$variant->extension", 302, ['Cache-Control' => 'private, max-age=60']);
    }

    /** Pictures to choose from for a piece. */
    public function choose(Request $request, int $card): View
    {
        $found = $this->card($card);
        $piece = $found->document()->piece(self::string($request, 'piece'));

        return view('pictures.choose', [
            'card' => $found,
            'piece' => $piece,
            'pictures' => $this->workspace->pictures()->whereNull('removed_at')
                ->when(! $piece->can(Capability::Handwriting), fn ($query) => $query->where('hand', false))
                ->latest('hand')->latest('id')->paginate(self::PER_PAGE),
        ]);
    }

    /** @param  array<string, mixed>  $refused */
    private function list(Request $request, array $refused = []): View
    {
        $find = trim(self::string($request, 'find'));

        return view('pictures.index', [
            'pictures' => $this->workspace
                ->pictures()
                ->whereNull('removed_at')
                ->when(
                    $find !== '',
                    fn ($query) => $query->where(
                        fn ($either) => $either
                            ->whereLike('name', '%'.addcslashes($find, '%_\\').'%')
                            ->orWhereLike('alt', '%'.addcslashes($find, '%_\\').'%'),
                    ),
                )
                ->latest('id')
                ->paginate(self::PER_PAGE)
                ->withQueryString(),
            'uses' => Uses::in($this->workspace),
            'find' => $find,
            'refused' => $refused,
        ]);
    }

    /**
     * @param  array<string, string>  $refused
     * @param  ?Piece  $of  where a part is meant for one piece alone
     */
    private function bench(
        StoredPicture $picture, array $refused = [], ?Piece $of = null, ?StoredCard $on = null,
    ): View {
        return view('pictures.show', [
            'piece' => $of, 'card' => $on,
            'part' => $of === null ? $picture->part() : PictureRef::framing($of->text('picture')),
            'picture' => $picture,
            'uses' => Uses::in($this->workspace)->of($picture->hash),
            'refused' => $refused,
        ]);
    }

    private function picture(int $id): StoredPicture
    {
        /** @var StoredPicture */
        return $this->workspace->pictures()->findOrFail($id);
    }
}
