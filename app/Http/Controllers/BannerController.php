<?php

namespace App\Http\Controllers;

use App\Banners\Gallery;
use App\Banners\Maker;
use App\Exceptions\StaleRevision;
use App\Handover\CarriedBanners;
use App\Models\StoredBanner;
use App\Models\StoredCard;
use App\Models\StoredPicture;
use App\Pictures\BannerPress;
use App\Pictures\Library;
use App\Words\Words;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use InkyCard\Banner\BannerDrawings;
use InkyCard\Banner\BannerInks;
use InkyCard\Banner\BannerSize;
use InkyCard\Banner\Designs;
use InkyCard\Picture\Baked;
use InkyCard\Picture\Recipe;
use InkyCard\Refusal;
use InkyCard\Type\FontStack;

/** Banners are made: words, picture and inks in a design, kept with every key, put out when they are ready. */
final class BannerController extends Controller
{
    /** The drawings to choose from, as symbols in the page's own ink. */
    public function drawings(): Response
    {
        $symbols = '';
        foreach (array_keys(BannerDrawings::all()) as $key) {
            $symbols .= "<symbol id=\"$key\" viewBox=\"0 0 64 64\">"
                .BannerDrawings::svg($key, 'currentColor', '#c9925a').'</symbol>';
        }

        return response("<svg xmlns=\"http://www.w3.org/2000/svg\">$symbols</svg>", 200, [
            'Content-Type' => 'image/svg+xml', 'Cache-Control' => 'private, max-age=86400',
        ]);
    }

    /** A new one, with words to write over, or with a picture that is one already. */
    public function store(Request $request, Library $library): RedirectResponse
    {
        if ($request->hasFile('file')) {
            try {
                $picture = $library->add($this->workspace, ...self::uploaded($request->file('file')));
                [, $width] = BannerSize::NAMED['wide'];
                if ($picture->width < $width) {
                    throw Refusal::because(
                        'This picture is :width px wide: a banner of :width2 px wants :width2 or more, '
                            .'and is sharp from :density. It is kept among your pictures.',
                        values: ['width' => $picture->width, 'width2' => $width, 'density' => Recipe::DENSITY * $width],
                    );
                }
            } catch (Refusal $refusal) {
                return back()->withErrors(['file' => Words::of($refusal)]);
            }
            [, $width, $height] = BannerSize::NAMED['wide'];
            $fits = max(40, min(300, (int) round($width * $picture->ratio())));
            $banner = StoredBanner::start($this->workspace, [
                'design' => Designs::PICTURE, 'picture' => $picture->ref(), 'alt' => $picture->alt,
                'width' => $width, 'height' => $picture->ratio() > 1 ? $height : $fits,
            ]);
        } else {
            $banner = StoredBanner::start($this->workspace, ['headline' => __('What is on'), 'call' => 'Have a look']);
        }

        return redirect()->route('banner', $banner->id);
    }

    public function show(BannerPress $press, int $banner): View
    {
        $stored = $this->banner($banner);

        return $this->page($stored, Maker::of($stored, $press));
    }

    /** Keeps what is written; what is not taken is said beside its field, and the rest is kept. */
    public function keep(
        Request $request, BannerPress $press, Library $library, int $banner,
    ): View|Response|RedirectResponse {
        $stored = $this->banner($banner);
        $refused = [];
        $kept = $stored->banner();
        try {
            foreach ($this->given($request, $library, $refused) as $field => $value) {
                try {
                    $kept = $kept->with(is_array($value) ? $value : [$field => $value]);
                } catch (Refusal $refusal) {
                    $refused[$refusal->field()] = Words::of($refusal);
                }
            }
            $stored->keep(self::integer($request, 'number'), $kept);
        } catch (StaleRevision) {
            return self::stale($request, route('banner', $stored->id));
        } catch (Refusal $refusal) {
            $refused[$refusal->field()] = Words::of($refusal);
        }
        if (! $request->hasHeader('HX-Request')) {
            return $refused === [] ? redirect()->route('banner', $banner)
                : response($this->page($stored, Maker::of($stored, $press, $refused)), 422);
        }

        return view('banners.shown', $this->parts($stored, Maker::of($stored, $press, $refused)));
    }

    public function undo(Request $request, int $banner): RedirectResponse
    {
        try {
            $this->banner($banner)->undo(self::integer($request, 'number'));
        } catch (StaleRevision) {
            return back()->with('told', __('It was changed elsewhere meanwhile, so nothing was undone.'));
        }

        return redirect()->route('banner', $banner);
    }

    /** The same words, picture and inks in every design, best first. */
    public function designs(BannerPress $press, int $banner): View
    {
        $stored = $this->banner($banner);

        return view('banners.designs', [
            'stored' => $stored, 'banner' => $stored->banner(), 'gallery' => Gallery::of($stored->banner(), $press),
        ]);
    }

    public function put(BannerPress $press, int $banner): RedirectResponse
    {
        $stored = $this->banner($banner);
        try {
            $stored->putOut($press);
        } catch (Refusal $refusal) {
            return back()->with('told', Words::of($refusal));
        }

        return back()->with([
            'told' => __('Readers see it as it is now.'), 'carried' => count(CarriedBanners::old($this->workspace)),
        ]);
    }

    /** As readers see it, or, before that, as it is. */
    public function picture(BannerPress $press, int $banner): Response
    {
        $stored = $this->banner($banner, removed: true);
        $file = $stored->file();
        try {
            [$type, $bytes] = $file !== null
                ? [Baked::mime($file->extension), (string) Library::disk()->get($file->path())]
                : (function () use ($press, $stored): array {
                    $light = $press->print($stored->banner())->light;

                    return [$light->type(), $light->bytes];
                })();
        } catch (Refusal) {
            abort(404);
        }

        return response($bytes, 200, ['Content-Type' => $type, 'Cache-Control' => 'private, max-age=31536000']);
    }

    public function copy(int $banner): RedirectResponse
    {
        $stored = $this->banner($banner);

        return redirect()->route('banner', StoredBanner::start(
            $this->workspace, $stored->banner()->toArray(), $stored->occasion,
        )->id);
    }

    public function remove(int $banner): RedirectResponse
    {
        $stored = $this->banner($banner);
        $stood = $stored->stands($this->workspace);
        $stored->setAway(true);

        return redirect()->route('banners')->with([
            'told' => 'Removed: '.$stored->banner()->name().'.'.($stood === [] ? ''
                : __(
                    ' It stood :choices: places show what else is due then, or nothing.',
                    ['choices' => implode('; ', $stood)],
                )),
            'back' => route('banner.restore', $stored->id),
        ]);
    }

    public function restore(int $banner): RedirectResponse
    {
        $this->banner($banner, removed: true)->setAway(false);

        return redirect()->route('banners')->with('told', __('Brought back.'));
    }

    /**
     * @param  array<string, string>  $refused
     * @return array<string, mixed> what the request says of the banner, field by field
     */
    private function given(Request $request, Library $library, array &$refused): array
    {
        $given = array_filter($request->only([
            'picture', 'headline', 'line', 'call', 'address', 'alt', 'design', 'drawing', 'typeface',
        ]), fn ($value) => $value === null || is_string($value));
        $given = array_map(strval(...), $given);
        if ($request->hasFile('file')) {
            try {
                $given['picture'] = $library->add($this->workspace, ...self::uploaded($request->file('file')))->ref();
            } catch (Refusal $refusal) {
                $refused['file'] = Words::of($refusal);
            }
        }
        foreach (array_keys(BannerInks::CHOSEN) as $role) {
            $ink = $request->input("inks.$role");
            $given["inks.$role"] = is_string($ink) ? ['inks' => [$role => $ink]] : null;
        }
        $named = BannerSize::NAMED[self::string($request, 'size')] ?? null;
        if ($named !== null || $request->has('width')) {
            $given['size'] = $named !== null ? ['width' => $named[1], 'height' => $named[2]]
                : $request->only(['width', 'height']);
        }

        return array_filter($given, fn ($value) => $value !== null);
    }

    private function page(StoredBanner $stored, Maker $maker): View
    {
        $card = StoredCard::choices($this->workspace)->keys()->first();

        return view('banners.maker', $this->parts($stored, $maker) + [
            'sizes' => BannerSize::NAMED, 'typefaces' => FontStack::all(), 'roles' => BannerInks::CHOSEN,
            'drawings' => array_map(fn (array $drawing) => $drawing[0], BannerDrawings::all()),
            'pictures' => StoredPicture::choices($this->workspace),
            'card' => $card === null ? null : StoredCard::in($this->workspace, (int) $card),
        ]);
    }

    /** @return array<string, mixed> */
    private function parts(StoredBanner $stored, Maker $maker): array
    {
        return ['stored' => $stored, 'maker' => $maker, 'banner' => $maker->banner];
    }

    private function banner(int $id, bool $removed = false): StoredBanner
    {
        /** @var StoredBanner */
        return StoredBanner::query()->where('workspace_id', $this->workspace->id)
            ->when(! $removed, fn ($query) => $query->whereNull('removed_at'))->findOrFail($id);
    }
}
