<?php

namespace App\Pictures;

use App\Auth\GuestRoom;
use App\Models\StoredPicture;
use App\Models\Workspace;
use App\Outside\SafeHttpClient;
use Illuminate\Contracts\Filesystem\Filesystem;
use Illuminate\Support\Facades\Storage;
use Illuminate\Support\Str;
use InkyCard\Card\Kind\Capability;
use InkyCard\Card\Piece;
use InkyCard\Picture\Baked;
use InkyCard\Picture\Handwriting;
use InkyCard\Picture\Intake;
use InkyCard\Picture\PictureRef;
use InkyCard\Picture\Strokes;
use InkyCard\Refusal;
use League\Flysystem\FilesystemException;

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
    public function add(Workspace $workspace, string $bytes, string $name): StoredPicture
    {
        return $this->enter($workspace, $this->keep($bytes), $name, ['brought_bytes' => strlen($bytes)]);
    }

    /**
     * A picture named by its address, fetched once, or carried in a data: URI: kept here from then on.
     *
     * @param  float  $seconds  it may take
     *
     * @throws Refusal
     */
    public function takeIn(
        Workspace $workspace,
        SafeHttpClient $outside,
        string $ref,
        float $seconds = 8,
    ): StoredPicture {
        if (str_starts_with($ref, 'data:')) {
            return $this->add($workspace, self::decode($ref), 'picture');
        }
        $fetched = $outside->fetch($ref, Intake::MAX_BYTES, $seconds)->found();
        if (preg_match('/^\s*<(!doctype html|html)/i', $fetched->bytes)) {
            throw Refusal::because(
                'This address shows a web page, not a picture: share the file with anyone who has the link, or copy '
                    .'the address of the picture itself.',
            );
        }

        return $this->add(
            $workspace,
            $fetched->bytes,
            basename((string) parse_url($fetched->address, PHP_URL_PATH)) ?: 'picture',
        );
    }

    /**
     * What is brought for a piece: handwriting loses its paper, and its ink is the card's.
     *
     * @throws Refusal
     */
    public function addFor(Piece $piece, Workspace $workspace, string $bytes, string $name): StoredPicture
    {
        return $piece->can(Capability::Handwriting) ? $this->addHand($workspace, $bytes, $name)
            : $this->add($workspace, $bytes, $name);
    }

    /**
     * A written name: a photograph of one, whose paper is taken away, or one drawn on the page.
     *
     * @throws Refusal when there is no writing
     */
    public function addHand(Workspace $workspace, string|Strokes|\GdImage $written, string $name): StoredPicture
    {
        $baked = match (true) {
            is_string($written) => Handwriting::of($this->drawn($written)),
            $written instanceof Strokes => Handwriting::trimmed($written->drawn(...self::sides($written->ratio()))),
            default => Handwriting::trimmed($written),
        };
        self::write(self::path($baked->hash(), $baked->extension), $baked->bytes);

        return $this->enter($workspace, $baked, $name, [
            'hand' => true,
            'strokes' => $written instanceof Strokes ? json_encode($written->toArray(), JSON_THROW_ON_ERROR) : null,
            'brought_bytes' => is_string($written) ? strlen($written) : 0,
        ]);
    }

    /** How a written name was drawn, where that is known. */
    public function strokes(string $ref): ?Strokes
    {
        $strokes = StoredPicture::query()
            ->where('hash', Str::after(PictureRef::source($ref), ':'))
            ->whereNotNull('strokes')
            ->value('strokes');

        return is_string($strokes) ? Strokes::read($strokes) : null;
    }

    /** @param  array<string, mixed>  $more */
    private function enter(Workspace $workspace, Baked $baked, string $name, array $more): StoredPicture
    {
        GuestRoom::forPicture($workspace, strlen($baked->bytes));
        $picture = $workspace->pictures()->firstOrCreate(['hash' => $baked->hash()], $more + [
            'extension' => $baked->extension,
            'width' => $baked->width,
            'height' => $baked->height,
            'bytes' => strlen($baked->bytes),
            'name' => Str::limit(mb_scrub($name), 120),
        ]);
        if ($picture->removed_at !== null) {
            // Brought again: then it is wanted.
            $picture->forceFill(['removed_at' => null])->save();
        }

        return $picture;
    }

    /** @return array{int, int} px, as large as names are kept */
    private static function sides(float $ratio): array
    {
        return $ratio < 0.5
            ? [self::SAMPLE_WIDTH, max(8, (int) round(self::SAMPLE_WIDTH * $ratio))]
            : [max(8, (int) round(320 / $ratio)), 320];
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
        [$scheme, $name] = explode(':', PictureRef::source($ref), 2);
        if ($scheme === 'data') {
            return self::decode($ref);
        }
        if ($scheme === 'sample') {
            $file = resource_path("samples/$name.svg");

            return is_file($file) ? $this->rasterizer->png((string) file_get_contents($file), self::SAMPLE_WIDTH)
                : throw Refusal::because('There is no sample picture called :name.', values: ['name' => $name]);
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

    /** Writes a file under its hash. It appears whole or not at all. @throws Refusal where there is no room for it */
    public static function write(string $path, string $bytes): void
    {
        $disk = self::disk();
        if ($disk->exists($path) && $disk->size($path) === strlen($bytes)) {
            return;
        }
        $part = $path.'.'.Str::random(8);
        try {
            $disk->put($part, $bytes);
            $disk->move($part, $path);
        } catch (FilesystemException) {
            rescue(fn () => $disk->delete($part), report: false);
            throw Refusal::because('There is no room left to keep pictures: nothing of this one was kept.');
        }
    }

    private function keep(string $bytes): Baked
    {
        $baked = Intake::take($this->drawn($bytes));
        self::write(self::path($baked->hash(), $baked->extension), $baked->bytes);

        return $baked;
    }

    public static function path(string $hash, string $extension): string
    {
        return 'originals/'.substr($hash, 0, 2)."/$hash.$extension";
    }

    private static function decode(string $uri): string
    {
        return (string) base64_decode(substr($uri, (int) strpos($uri, ',') + 1), true);
    }
}
