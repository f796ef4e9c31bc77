<?php

namespace App\Pictures;

use App\Clicks\Token;
use InkyCard\Card\Content\PictureBlock;
use InkyCard\Compose\PictureSources;
use InkyCard\Picture\Bake;
use InkyCard\Picture\Mark;
use InkyCard\Picture\PlacePicture;
use InkyCard\Picture\Recipe;
use InkyCard\Refusal;

/** Pictures served by this application under their hash. */
final class HostedPictures implements PictureSources
{
    /** @var array<string, Variant> */
    private array $variants = [];

    /** @var array<string, string> refs as given => as kept, so that a picture carried inside is taken in once */
    private array $refs = [];

    /**
     * @param  string  $base  address the picture routes are reached at, no closing slash
     * @param  bool  $onScreen  a picture that cannot be had is left empty, so that its card can still be opened and
     *                          mended
     */
    public function __construct(
        private readonly Bakery $bakery,
        private readonly Library $library,
        private readonly string $base,
        private readonly bool $onScreen,
    ) {
    }

    /** For exports: every picture must be there. */
    public static function forExport(): self
    {
        return app()->makeWith(self::class, ['base' => self::publicBase(), 'onScreen' => false]);
    }

    public static function forScreen(): self
    {
        return app()->makeWith(self::class, ['base' => self::publicBase(), 'onScreen' => true]);
    }

    /** The address readers' mail clients are given. */
    public static function publicBase(): string
    {
        return rtrim(config('inky.public_url') ?: (app()->runningInConsole() ? self::served() : url('/')), '/');
    }

    /** Where a console's pictures are: at the one port `bin/start` serves on this machine, if it does. */
    private static function served(): string
    {
        $address = (string) config('app.url');
        $ports = app()->runningUnitTests() ? [] : (glob(storage_path('serve.[0-9]*')) ?: []);

        return count($ports) === 1 && in_array(parse_url($address, PHP_URL_HOST), ['127.0.0.1', 'localhost'], true)
            ? 'http://127.0.0.1:'.substr(strrchr($ports[0], '.') ?: '', 1)
            : $address;
    }

    public function prepare(array $pictures): void
    {
        $bakes = [];
        foreach ($pictures as $picture) {
            if ($picture->source instanceof Bake) {
                $bakes[] = $this->settled($picture->source);
            }
        }
        try {
            $this->variants = $this->bakery->variants($bakes);
        } catch (Refusal $missing) {
            if (! $this->onScreen) {
                throw $missing;
            }
            $this->variants = array_merge(...array_map($this->thoseToBeHad(...), $bakes));
        }
    }

    public function source(PictureBlock $picture): string
    {
        if (! $picture->source instanceof Bake) {
            return $picture->source;
        }
        $bake = $this->settled($picture->source);
        $variant = $this->variants[$bake->key()] ?? null;

        return match (true) {
            // Its address stays: what it shows is settled on the day it is asked for.
            $bake instanceof PlacePicture => $bake->place === '' ? '' : "$this->base/b/".Token::ofPlace($bake->place),
            $variant === null => '',
            // Its address outlives the season: what it shows is settled on the day it is asked for.
            $bake instanceof Mark && $bake->season !== null => "$this->base/s/$variant->hash.$variant->extension",
            default => "$this->base/p/$variant->hash.$variant->extension",
        };
    }

    /** The file of a picture prepared last; null where it could not be had. */
    public function variant(Bake $bake): ?Variant
    {
        return $this->variants[$this->settled($bake)->key()] ?? null;
    }

    /** Bytes of the pictures prepared last, each counted once. */
    public function bytes(): int
    {
        return array_sum(array_column($this->variants, 'bytes', 'hash'));
    }

    /** @return array<string, Variant> */
    private function thoseToBeHad(Bake $bake): array
    {
        try {
            return $this->bakery->variants([$bake]);
        } catch (Refusal) {
            return [];
        }
    }

    private function settled(Bake $bake): Bake
    {
        return $bake instanceof Recipe
            ? $bake->from($this->refs[$bake->ref] ??= $this->library->settle($bake->ref))
            : $bake;
    }
}
