<?php

namespace App\Http\Controllers;

use App\Exceptions\StaleRevision;
use App\Models\BulkChange;
use App\Models\StoredBrand;
use App\Pictures\Library;
use App\Words\Words;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Str;
use InkyCard\Brand\Brand as Document;
use InkyCard\Brand\InkMatrix;
use InkyCard\Brand\InkProposal;
use InkyCard\Brand\InkRole;
use InkyCard\Colour\ColourText;
use InkyCard\Colour\DarkPage;
use InkyCard\Link\ProfileDirectory;
use InkyCard\Picture\PictureRef;
use InkyCard\Picture\Sampler;
use InkyCard\Refusal;
use InkyCard\Type\FontStack;

/** The brand of the workspace. Every change is kept as a draft; BrandChangeController puts it on the cards. */
final class BrandController extends Controller
{
    private const PER_PAGE = 10;

    /** Colours shown of those that were taken. */
    private const TAKEN = 12;

    public function show(): Response
    {
        return $this->page();
    }

    /** Keeps one part of the brand; of a list, one entry. */
    public function keep(Request $request, Library $library, string $part): Response|RedirectResponse
    {
        return $this->change($request, $part, function (Document $brand) use ($request, $library, $part) {
            $given = $request->array($part);
            $had = $brand->toArray()[$part];

            return $brand->with([$part => match ($part) {
                'typeface' => self::string($request, 'typeface'),
                'logos' => $this->logos($request, $library, $had),
                'notices', 'rules' => self::entries($request, $given, $had),
                default => [...$had, ...$given],
            }]);
        });
    }

    public function undo(Request $request): Response|RedirectResponse
    {
        $brand = StoredBrand::in($this->workspace);
        try {
            $brand->undo(self::integer($request, 'number'));
        } catch (StaleRevision) {
            return $this->page(['stale' => true], 409);
        }

        return $this->answer($request, '');
    }

    /** Colours of a logo or of a pasted list, and the inks they could be. */
    public function take(Request $request, Library $library): Response
    {
        $from = $request->hasFile('logo') ? 'logo' : 'pasted';
        try {
            [$taken, $background, $not] = Refusal::at("/$from", fn () => $this->colours($request, $library, $from));
        } catch (Refusal $refusal) {
            return $this->page(['refused' => ['take' => [$from => Words::of($refusal)]], 'typed' => 'take'], 422);
        }

        return $this->page(['typed' => 'take', 'taken' => [
            'colours' => array_slice($background === null ? $taken : [...$taken, $background], 0, self::TAKEN),
            'inks' => InkProposal::of($taken, $background),
            'not' => $not,
        ]]);
    }

    /**
     * @return array{list<\InkyCard\Colour\Colour>, ?\InkyCard\Colour\Colour, list<string>} colours, background, what
     *     was not understood
     *
     * @throws Refusal
     */
    private function colours(Request $request, Library $library, string $from): array
    {
        if ($from === 'logo') {
            $palette = Sampler::palette($library->drawn(self::uploaded($request->file('logo'))[0]));
            $taken = [array_column($palette->colours, 'colour'), $palette->background, []];
        } else {
            $read = ColourText::find($request->input('pasted') ?? '');
            $taken = [$read['found'], null, $read['not']];
        }

        return $taken[0] === [] ? throw Refusal::because('No colour was found there.') : $taken;
    }

    /** @param  \Closure(Document): Document  $make */
    private function change(Request $request, string $part, \Closure $make): Response|RedirectResponse
    {
        $brand = StoredBrand::in($this->workspace);
        try {
            $brand->keep(self::integer($request, 'number'), $make($brand->drafted()));
        } catch (StaleRevision) {
            return $this->page(['stale' => true, 'typed' => $part], 409);
        } catch (Refusal $refusal) {
            return $this->page(
                ['refused' => [$part => [$refusal->field() => Words::of($refusal)]], 'typed' => $part],
                422,
            );
        }

        return $this->answer($request, $part);
    }

    private function answer(Request $request, string $part): Response|RedirectResponse
    {
        return $request->hasHeader('HX-Request')
            ? $this->page(['said' => __('Kept.')])
            : redirect()->to(route('brand').($part === '' ? '' : "#$part"));
    }

    /** @param  array<string, mixed>  $data */
    private function page(array $data = [], int $status = 200): Response
    {
        $brand = StoredBrand::in($this->workspace);
        $drafted = $brand->drafted();
        $logo = fn (?array $logo) => $logo === null ? null : [
            'hash' => Str::after(PictureRef::source($logo['picture']), ':'),
        ];

        return response()->view(
            'brand.show',
            $data + [
                'brand' => $brand,
                'drafted' => $drafted,
                'roles' => InkRole::cases(),
                'cells' => InkMatrix::of($drafted),
                'pages' => DarkPage::cases(),
                'typefaces' => FontStack::all(),
                'logos' => array_map($logo, $drafted->logos),
                'own' => array_map(
                    fn (string $kind) => ProfileDirectory::all()[$kind]['label'],
                    $drafted->toArray()['lines']['own'] ?? [],
                ),
                'sweeps' => BulkChange::query()
                    ->where('workspace_id', $this->workspace->id)
                    ->latest('id')
                    ->paginate(self::PER_PAGE)
                    ->fragment('changes'),
                'refused' => [],
                'taken' => null,
                'stale' => false,
                'typed' => null,
                'said' => '',
            ],
            $status,
        );
    }

    /**
     * @param  array<string, mixed>  $had
     * @return array<string, mixed>
     *
     * @throws Refusal
     */
    private function logos(Request $request, Library $library, array $had): array
    {
        foreach (['light', 'dark'] as $page) {
            if ($request->boolean("remove.$page")) {
                $had[$page] = null;
            } elseif ($request->hasFile($page)) {
                $picture = Refusal::at(
                    "/$page",
                    fn () => $library->add($this->workspace, ...self::uploaded($request->file($page))),
                );
                $had[$page] = ['picture' => $picture->ref(), 'ratio' => $picture->height / $picture->width];
            }
        }

        return $had;
    }

    /**
     * A list with one entry added, changed or taken out.
     *
     * @param  array<array-key, mixed>  $given
     * @param  list<mixed>  $had
     * @return list<mixed>
     */
    private static function entries(Request $request, array $given, array $had): array
    {
        $at = self::string($request, 'at');
        if (! ctype_digit($at) || ! array_key_exists((int) $at, $had)) {
            return [...$had, $given];
        }
        $request->boolean('remove') ? array_splice($had, (int) $at, 1) : $had[(int) $at] = $given;

        return $had;
    }
}
