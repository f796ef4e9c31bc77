<?php

namespace App\Pictures;

use App\Banners\Due;
use Illuminate\Support\Facades\DB;
use InkyCard\Card\Card;
use InkyCard\Card\CardJson;
use InkyCard\Compose\SvgComposer;
use InkyCard\Handover\InsidePictures;
use InkyCard\Handover\Parcel;
use InkyCard\Layout\Sheet;
use InkyCard\Picture\Bake;
use InkyCard\Picture\Baked;
use InkyCard\Picture\Baker;
use InkyCard\Picture\Canvas;
use InkyCard\Picture\Mark;
use InkyCard\Picture\PlacePicture;
use InkyCard\Picture\Recipe;
use InkyCard\Picture\Shape;
use InkyCard\Refusal;
use InkyCard\Time\Day;
use LogicException;

/** Makes the pictures cards ask for, each once, and finds them again. */
final class Bakery
{
    public function __construct(
        private readonly Library $library,
        private readonly Rasterizer $rasterizer,
        private readonly Squeezer $squeezer,
    ) {
    }

    /** Seconds since 1970 (UTC) what changes by date is baked for; null for now. */
    private ?int $moment = null;

    /** The same for another moment. @param  int  $moment  seconds since 1970 (UTC) */
    public function on(int $moment): self
    {
        $other = clone $this;
        $other->moment = $moment;

        return $other;
    }

    private function moment(): int
    {
        return $this->moment ?? now()->getTimestamp();
    }

    /**
     * @param  list<Bake>  $bakes
     * @return array<string, Variant> key => file, baked and stored if it was not yet
     *
     * @throws Refusal
     */
    public function variants(array $bakes): array
    {
        $wanted = $found = [];
        foreach ($bakes as $bake) {
            if ($bake instanceof PlacePicture) {
                // What it is changes by itself: it is nothing to remember.
                $due = Due::at($bake->place, $this->moment())?->file;
                $found += $due === null ? [] : [$bake->key() => $due];
            } else {
                $wanted[$bake->key()] = $bake;
            }
        }
        if ($wanted === []) {
            return $found;
        }
        foreach (DB::table('picture_variants')->whereIn('key', array_keys($wanted))->get() as $row) {
            $found[$row->key] = new Variant($row->hash, $row->extension, (int) $row->bytes, $row->why);
        }
        $missing = array_diff_key($wanted, $found);
        $marks = $this->marks(array_filter($missing, fn (Bake $bake) => $bake instanceof Mark));
        foreach ($missing as $key => $bake) {
            $baked = $marks[$key] ?? $this->bake($bake);
            $found[$key] = $variant = new Variant(
                $baked->hash(), $baked->extension, strlen($baked->bytes), $baked->why,
            );
            Library::write($variant->path(), $baked->bytes);
            // Somebody else may have baked the same meanwhile: it came out the same.
            DB::table('picture_variants')->insertOrIgnore([
                'key' => $key,
                'recipe' => json_encode($bake->toArray(), JSON_THROW_ON_ERROR),
                'created_at' => now(),
                'width' => $baked->width,
                'height' => $baked->height,
            ] + get_object_vars($variant));
        }

        return $found;
    }

    /** A card drawn, kept where readers fetch it from; what it was drawn of says how to draw it again. */
    public function drawn(Card $card, string $png): Variant
    {
        $document = CardJson::encode($card);
        $variant = new Variant(hash('sha256', $png), 'png', strlen($png), 'a card as one picture');
        Library::write($variant->path(), $png);
        [$width, $height] = getimagesizefromstring($png) ?: [0, 0];
        DB::table('picture_variants')->insertOrIgnore([
            'key' => 'card|'.hash('sha256', $document).'|'.$variant->hash,
            'recipe' => json_encode(['card' => $document], JSON_THROW_ON_ERROR),
            'created_at' => now(), 'width' => $width, 'height' => $height,
        ] + get_object_vars($variant));

        return $variant;
    }

    /**
     * A picture to travel with a card, which stays what it is: a mark dressed for a season is plain outside it.
     *
     * @throws Refusal
     */
    public function today(Bake $bake): Baked
    {
        if ($bake instanceof PlacePicture && $bake->place === PlacePicture::EXAMPLE) {
            $bake = new Recipe(PlacePicture::SAMPLE, Shape::Square, $bake->width, $bake->height);
        } elseif ($bake instanceof PlacePicture) {
            return $this->due($bake);
        }
        $day = Day::at(now()->setTimestamp($this->moment()));
        $bake = match (true) {
            $bake instanceof Mark && $bake->season?->isWornOn($day) === false => $bake->plain(),
            $bake instanceof Recipe => $bake->from($this->library->settle($bake->ref)),
            default => $bake,
        };

        return $this->kept($bake) ?? $this->bake($bake);
    }

    /** What names the pictures that are due in a card's places; empty where it has none. */
    public function places(Sheet $sheet): string
    {
        $due = '';
        foreach ($sheet->pictures() as $picture) {
            if ($picture->source instanceof PlacePicture) {
                $due .= '.'.(Due::at($picture->source->place, $this->moment())?->file->hash ?? 'none');
            }
        }

        return $due;
    }

    /** What is due in a place; clear where nothing is. */
    private function due(PlacePicture $place): Baked
    {
        $file = Due::at($place->place, $this->moment())?->file;
        $bytes = $file === null ? '' : (string) Library::disk()->get($file->path());
        $picture = $bytes === '' ? Canvas::clear($place->width, $place->height) : imagecreatefromstring($bytes);
        if ($picture === false || $file === null || $bytes === '') {
            $picture = Canvas::clear($place->width, $place->height);

            return new Baked(Canvas::file(fn () => imagepng($picture, null, 9)), 'png', $place->width, $place->height);
        }

        return new Baked(
            $bytes, $file->extension === 'jpg' ? 'jpg' : 'png', imagesx($picture), imagesy($picture), $file->why,
        );
    }

    /**
     * A picture to build into another: baked the first time it is asked for.
     *
     * @throws Refusal
     */
    public function once(Bake $bake): Baked
    {
        $this->variants([$bake]);

        return $this->today($bake);
    }

    /** One that was baked before, if its file is still there. */
    private function kept(Bake $bake): ?Baked
    {
        $row = DB::table('picture_variants')->where('key', $bake->key())->first();
        if ($row === null) {
            return null;
        }
        $path = (new Variant($row->hash, $row->extension, (int) $row->bytes, $row->why))->path();
        $bytes = Library::disk()->exists($path) ? (string) Library::disk()->get($path) : '';

        return strlen($bytes) === (int) $row->bytes
            ? new Baked($bytes, $row->extension, (int) $row->width, (int) $row->height, $row->why)
            : null;
    }

    /** @throws Refusal */
    public function bake(Bake $bake): Baked
    {
        if ($bake instanceof Recipe) {
            return $this->squeezer->lighter(
                Baker::photo(
                    $this->library->bytes($bake->ref),
                    $bake,
                    $bake->moving ? $this->library->strokes($bake->ref) : null,
                    $this->rasterizer->png(...),
                ),
            );
        }
        if ($bake instanceof Mark) {
            return $this->marks([$bake])[0];
        }
        throw new LogicException('Nobody bakes '.$bake::class);
    }

    /**
     * All marks of a card in one drawing, cut apart: starting the program that draws takes longer than drawing.
     *
     * @template K of array-key
     *
     * @param  array<K, Mark>  $marks
     * @return array<K, Baked>
     */
    private function marks(array $marks): array
    {
        if ($marks === []) {
            return [];
        }
        $svg = '';
        $lefts = [];
        $width = $height = 0;
        foreach ($marks as $key => $mark) {
            $lefts[$key] = $width;
            $svg .= $mark->svg((string) file_get_contents(public_path("marks/{$mark->icon}.svg")), $width);
            $width += $mark->pixels();
            $height = max($height, $mark->pixels());
        }
        $drawn
            = imagecreatefromstring(
                $this->rasterizer->png(
                    '<svg xmlns="http://www.w3.org/2000/svg" width="'.$width.'" height="'.$height.'">'.$svg.'</svg>',
                ),
            )
            ?: throw new LogicException('The drawing of marks is no picture.');
        $baked = [];
        foreach ($marks as $key => $mark) {
            $pixels = $mark->pixels();
            $cut = Canvas::clear($pixels, $pixels);
            imagecopy($cut, $drawn, 0, 0, $lefts[$key], 0, $pixels, $pixels);
            $baked[$key] = new Baked(Canvas::file(fn () => imagepng($cut, null, 9)), 'png', $pixels, $pixels);
        }

        return $baked;
    }

    /**
     * What the address of a dressed mark shows on a day: the mark dressed within its period, plain outside it.
     *
     * @param  string  $day  YYYY-MM-DD
     * @return ?string PNG; null for an address never given out
     */
    public function onDay(string $hash, string $day): ?string
    {
        $recipe = DB::table('picture_variants')->where(['hash' => $hash, 'extension' => 'png'])->value('recipe');
        $mark = is_string($recipe) ? self::recall((array) json_decode($recipe, true)) : null;
        if (! $mark instanceof Mark || $mark->season === null) {
            return null;
        }
        $shown = $mark->season->isWornOn(Day::parse($day)) ? $mark : $mark->plain();
        $variant = $this->variants([$shown])[$shown->key()];

        return $this->file($variant->hash, $variant->extension);
    }

    /** The file of an address, baked again when the disk has lost it; null for an address never given out. */
    public function file(string $hash, string $extension): ?string
    {
        $path = (new Variant($hash, $extension, 0))->path();
        if (Library::disk()->exists($path)) {
            return (string) Library::disk()->get($path);
        }
        $recipe = DB::table('picture_variants')->where(compact('hash', 'extension'))->value('recipe');
        if (! is_string($recipe)) {
            return null;
        }
        $made = (array) json_decode($recipe, true);
        $bytes = is_string($made['card'] ?? null) ? $this->draw($made['card'])
            : $this->bake(self::recall($made))->bytes;
        Library::write($path, $bytes);

        return $bytes;
    }

    private function draw(string $document): string
    {
        $sheet = Sheet::of(CardJson::restore($document));

        return $this->rasterizer->png(
            (new SvgComposer(new InsidePictures($this->today(...))))->compose($sheet), zoom: Parcel::DENSITY,
        );
    }

    /** @param  array<string, mixed>  $recipe  as `toArray` of a bake wrote it */
    public static function recall(array $recipe): Bake
    {
        return isset($recipe['mark']) ? Mark::of($recipe) : Recipe::of($recipe);
    }
}
