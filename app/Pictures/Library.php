<?php

namespace App\Pictures;

use App\Models\Picture;
use App\Models\Workspace;
use Illuminate\Contracts\Filesystem\Filesystem;
use Illuminate\Support\Facades\Storage;
use Illuminate\Support\Str;
use InkyCard\Picture\Baked;
use InkyCard\Picture\Intake;
use InkyCard\Refusal;

/** The original pictures: those people brought, and the samples that ship with the application. */
final class Library
{
    /** Width samples are drawn at, px. */
    private const SAMPLE_WIDTH = 640;

    /** Width drawings people bring are drawn at, px: the widest a card can show, two pixels to one. */
    private const DRAWN_WIDTH = 1200;

    public function __construct(private readonly Rasterizer $rasterizer)
    {
    }

    /**
     * @param  string  $name  the file's own name, only ever shown
     *
     * @throws Refusal when it is no picture we take
     */
    public function add(Workspace $workspace, string $bytes, string $name): Picture
    {
        $baked = $this->keep($bytes);

        return $workspace->pictures()->firstOrCreate(['hash' => $baked->hash()], [
            'extension' => $baked->extension,
            'width' => $baked->width,
            'height' => $baked->height,
            'bytes' => strlen($baked->bytes),
            'name' => Str::limit(mb_scrub($name), 120),
        ]);
    }

    /**
     * An SVG drawing as PNG; whatever else comes, as it came.
     *
     * @throws Refusal when the drawing cannot be drawn
     */
    public function drawn(string $bytes): string
    {
        return Intake::isDrawing($bytes) ? $this->rasterizer->foreign($bytes, self::DRAWN_WIDTH) : $bytes;
    }

    /** Turns a data: URI into a kept original, so that its baked pictures can be made again; other refs stay. */
    public function settle(string $ref): string
    {
        return str_starts_with($ref, 'data:') ? 'picture:'.$this->keep(self::decode($ref))->hash() : $ref;
    }

    /**
     * @param  string  $ref  see InkyCard\Picture\PictureRef
     *
     * @throws Refusal when it is not there
     */
    public function bytes(string $ref): string
    {
        [$scheme, $name] = explode(':', $ref, 2);
        if ($scheme === 'data') {
            return self::decode($ref);
        }
        if ($scheme === 'sample') {
            $file = resource_path("samples/$name.svg");

            return is_file($file) ? $this->rasterizer->png((string) file_get_contents($file), self::SAMPLE_WIDTH)
                : throw Refusal::because("There is no sample picture called $name.");
        }
        foreach (['jpg', 'png'] as $extension) {
            if (self::disk()->exists($path = self::path($name, $extension))) {
                return (string) self::disk()->get($path);
            }
        }
        throw Refusal::because('A picture of this card is not in the library: upload it again.');
    }

    public static function disk(): Filesystem
    {
        return Storage::disk(config('inky.disk'));
    }

    /** Writes a file under its hash. It appears whole or not at all. */
    public static function write(string $path, string $bytes): void
    {
        $disk = self::disk();
        if ($disk->exists($path) && $disk->size($path) === strlen($bytes)) {
            return;
        }
        $disk->put($part = $path.'.'.Str::random(8), $bytes);
        $disk->move($part, $path);
    }

    private function keep(string $bytes): Baked
    {
        $baked = Intake::take($this->drawn($bytes));
        self::write(self::path($baked->hash(), $baked->extension), $baked->bytes);

        return $baked;
    }

    private static function path(string $hash, string $extension): string
    {
        return 'originals/'.substr($hash, 0, 2)."/$hash.$extension";
    }

    private static function decode(string $uri): string
    {
        return (string) base64_decode(substr($uri, (int) strpos($uri, ',') + 1), true);
    }
}
