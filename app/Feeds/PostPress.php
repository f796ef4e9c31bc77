<?php

namespace App\Feeds;

use App\Pictures\Library;
use App\Pictures\Rasterizer;
use App\Pictures\Squeezer;
use App\Pictures\Variant;
use Illuminate\Support\Facades\Cache;
use InkyCard\Compose\PostPicture;
use InkyCard\Picture\Baked;
use InkyCard\Picture\Recipe;
use InkyCard\Time\Day;

/** Draws the newest entry of a feed as a picture, at two pixels to one. */
final readonly class PostPress
{
    private const DAYS = 30;

    public function __construct(private Rasterizer $rasterizer, private Squeezer $squeezer)
    {
    }

    /** @param  bool  $dark  its twin for a page turned dark */
    public function file(PostPicture $look, FeedState $state, bool $dark = false): ?Variant
    {
        $newest = $state->newest();
        if ($newest === null) {
            return null;
        }
        $key = 'post.'.hash('sha256', (string) json_encode([$look->toArray(), $newest, $dark]));
        $known = Cache::get($key);
        if (is_array($known) && Library::disk()->exists((new Variant(...$known))->path())) {
            return new Variant(...$known);
        }
        $svg = $look->svg($newest['title'], $newest['day'] === '' ? null : Day::parse($newest['day']), $dark);
        $baked = $this->squeezer->lighter(new Baked(
            $this->rasterizer->png($svg, zoom: Recipe::DENSITY), 'png', Recipe::DENSITY * $look->width,
            Recipe::DENSITY * $look->height,
        ));
        $variant = new Variant($baked->hash(), $baked->extension, strlen($baked->bytes), $baked->why);
        Library::write($variant->path(), $baked->bytes);
        Cache::put($key, get_object_vars($variant), now()->addDays(self::DAYS));

        return $variant;
    }
}
