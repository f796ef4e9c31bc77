<?php

namespace App\Http\Controllers;

use App\Models\Picture;
use App\Pictures\Bakery;
use Illuminate\Http\RedirectResponse;
use InkyCard\Picture\Recipe;
use InkyCard\Picture\Shape;

/** The pictures of the workspace. */
final class PictureController extends Controller
{
    /** Longest side of a small one, CSS px. */
    private const SMALL = 160;

    /** A small one, for lists. */
    public function thumb(Bakery $bakery, string $hash): RedirectResponse
    {
        /** @var Picture $picture */
        $picture = $this->workspace->pictures()->where('hash', $hash)->firstOrFail();
        $scale = min(1, self::SMALL / max($picture->width, $picture->height));
        $recipe = new Recipe($picture->ref(), Shape::Square, max(1, (int) round($picture->width * $scale)), max(1, (int) round($picture->height * $scale)));
        $variant = $bakery->variants([$recipe])[$recipe->key()];

        return redirect("/p/$variant->hash.$variant->extension", 302, ['Cache-Control' => 'private, max-age=3600']);
    }
}
