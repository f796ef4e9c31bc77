<?php

namespace App\Pictures;

use App\Models\PictureVariant;
use InkyCard\Colour\Colour;
use InkyCard\Picture\Bake;
use InkyCard\Picture\Baked;
use InkyCard\Picture\Baker;
use InkyCard\Picture\Mark;
use InkyCard\Picture\Recipe;
use InkyCard\Picture\Shape;
use InkyCard\Refusal;
use LogicException;

/** Makes the pictures cards ask for, each once, and finds them again. */
final class Bakery
{
    public function __construct(private readonly Library $library, private readonly Rasterizer $rasterizer)
    {
    }

    /**
     * @param  list<Bake>  $bakes
     * @return array<string, PictureVariant> key => file, baked and stored if it was not yet
     *
     * @throws Refusal
     */
    public function variants(array $bakes): array
    {
        $wanted = [];
        foreach ($bakes as $bake) {
            $wanted[$bake->key()] = $bake;
        }
        if ($wanted === []) {
            return [];
        }
        $found = PictureVariant::query()->whereIn('key', array_keys($wanted))->get()->keyBy('key')->all();
        foreach (array_diff_key($wanted, $found) as $key => $bake) {
            $baked = $this->bake($bake);
            Library::write(PictureVariant::pathOf($baked->hash(), $baked->extension), $baked->bytes);
            $found[$key] = PictureVariant::query()->firstOrCreate(['key' => $key], [
                'recipe' => self::describe($bake),
                'hash' => $baked->hash(),
                'extension' => $baked->extension,
                'bytes' => strlen($baked->bytes),
            ]);
        }

        return $found;
    }

    /** @throws Refusal */
    public function bake(Bake $bake): Baked
    {
        if ($bake instanceof Recipe) {
            return Baker::photo($this->library->bytes($bake->ref), $bake);
        }
        if ($bake instanceof Mark) {
            $icon = (string) file_get_contents(resource_path("marks/{$bake->icon}.svg"));
            $pixels = $bake->size * Recipe::DENSITY;

            return new Baked($this->rasterizer->png($bake->svg($icon)), 'png', $pixels, $pixels);
        }
        throw new LogicException('Nobody bakes '.$bake::class);
    }

    /** The file of an address, baked again when the disk has lost it; null for an address never given out. */
    public function file(string $hash, string $extension): ?string
    {
        $path = PictureVariant::pathOf($hash, $extension);
        if (Library::disk()->exists($path)) {
            return (string) Library::disk()->get($path);
        }
        $variant = PictureVariant::query()->where(compact('hash', 'extension'))->first();
        if ($variant === null) {
            return null;
        }
        $baked = $this->bake(self::recall($variant->recipe));
        Library::write($path, $baked->bytes);

        return $baked->bytes;
    }

    /** @return array<string, mixed> */
    private static function describe(Bake $bake): array
    {
        return match (true) {
            $bake instanceof Recipe => ['photo' => $bake->ref, 'shape' => $bake->shape->value, 'width' => $bake->width, 'height' => $bake->height],
            $bake instanceof Mark => ['mark' => $bake->icon, 'shape' => $bake->shape->value, 'size' => $bake->size, 'ground' => $bake->ground->toHex(), 'ink' => $bake->ink->toHex()],
            default => throw new LogicException('Nobody bakes '.$bake::class),
        };
    }

    /** @param  array<string, mixed>  $recipe */
    private static function recall(array $recipe): Bake
    {
        $shape = Shape::from($recipe['shape']);

        return isset($recipe['photo'])
            ? new Recipe($recipe['photo'], $shape, $recipe['width'], $recipe['height'])
            : new Mark($recipe['mark'], $shape, $recipe['size'], Colour::hex($recipe['ground']), Colour::hex($recipe['ink']));
    }
}
