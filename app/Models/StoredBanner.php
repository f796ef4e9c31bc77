<?php

namespace App\Models;

use App\Banners\HeldAnswers;
use App\Banners\HostedPlaces;
use App\Exceptions\StaleRevision;
use App\Hooks\HookEvent;
use App\Hooks\Hooks;
use App\Pictures\BannerPress;
use App\Pictures\Library;
use App\Pictures\Variant;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;
use InkyCard\Banner\Artwork;
use InkyCard\Banner\Banner;
use InkyCard\Banner\BannerPrint;
use InkyCard\Banner\BannerSize;
use InkyCard\Banner\Designs;
use InkyCard\Banner\Occasion;
use InkyCard\Banner\Occasions;
use InkyCard\Brand\InkRole;
use InkyCard\Picture\Baked;
use InkyCard\Picture\PictureRef;
use InkyCard\Refusal;
use InkyCard\Time\Clock;
use InkyCard\Time\Day;

/**
 * A banner of a workspace: as it is being made, and as it was put out for readers last.
 *
 * @property int $id
 * @property int $workspace_id
 * @property string $document JSON of a Banner
 * @property ?string $before the document an edit earlier
 * @property int $number of edits made
 * @property string $occasion key of the occasion it was begun for
 * @property ?string $put the document readers see
 * @property ?string $print JSON: files of that, and what was measured
 * @property ?Carbon $put_at
 * @property ?Carbon $removed_at
 * @property Carbon $updated_at
 */
final class StoredBanner extends Model
{
    /** Windows that are told one by one. */
    private const NAMED = 4;

    /** Days before a day of the firm's own that its banner begins. */
    private const LEAD = 14;

    protected $table = 'banners';

    protected $fillable = ['workspace_id', 'document', 'occasion'];

    protected $attributes = ['number' => 1, 'occasion' => ''];

    protected function casts(): array
    {
        return ['put_at' => 'datetime', 'removed_at' => 'datetime'];
    }

    /** @return Builder<self> those not removed, the newest first */
    public static function in(Workspace $workspace): Builder
    {
        return self::query()->where('workspace_id', $workspace->id)->whereNull('removed_at')->latest('id');
    }

    /** @param  array<string, mixed>  $values  in the inks and typeface of the brand unless they say others */
    public static function start(Workspace $workspace, array $values, string $occasion = ''): self
    {
        $brand = StoredBrand::in($workspace)->document();
        $ink = fn (InkRole $role): string => $brand->inks[$role->value]->hex;
        $banner = Banner::of($values + [
            'inks' => [
                'paper' => $ink(InkRole::Paper), 'words' => $ink(InkRole::Body), 'accent' => $ink(InkRole::Accent),
                'second' => $ink(InkRole::Link),
            ],
            'typeface' => $brand->typeface->key, 'address' => $workspace->web,
        ]);

        self::mustOwn($workspace->id, $banner);

        return self::create([
            'workspace_id' => $workspace->id, 'document' => self::json($banner), 'occasion' => $occasion,
        ]);
    }

    public function banner(): Banner
    {
        return self::read($this->document);
    }

    /** As readers see it; null until it is put out. */
    public function shown(): ?Banner
    {
        return $this->put === null ? null : self::read($this->put);
    }

    /**
     * The days a window for its occasion begins with: the next time it comes.
     *
     * @return ?array{Day, Day} first and last; null for a banner without an occasion
     */
    public function occasionDays(Day $today): ?array
    {
        $own = str_starts_with($this->occasion, 'own:')
            ? DB::table('own_days')->where('id', (int) substr($this->occasion, 4))->value('day') : null;
        $occasion = Occasions::all()[$this->occasion] ?? (is_string($own)
            ? new Occasion('own', '', $own, [], self::LEAD, 1, '') : null);
        if ($occasion === null) {
            return null;
        }
        $year = (int) substr($today->iso, 0, 4);
        foreach ([...$occasion->in($year), ...$occasion->in($year + 1)] as $day) {
            $last = $day->plus($occasion->days - 1);
            if (! $last->isBefore($today)) {
                return [$day->plus(-$occasion->lead), $last];
            }
        }

        return null;
    }

    public function isPutOut(): bool
    {
        return $this->put === $this->document;
    }

    /**
     * @param  int  $seen  number of edits its maker saw
     *
     * @throws StaleRevision when another edit came first
     * @throws Refusal
     */
    public function keep(int $seen, Banner $banner): void
    {
        self::mustOwn($this->workspace_id, $banner);
        $json = self::json($banner);
        if ($json === $this->document && $seen === $this->number) {
            return;
        }
        $this->move($seen, ['document' => $json, 'before' => $this->document]);
    }

    /** @throws StaleRevision */
    public function undo(int $seen): void
    {
        if ($this->before !== null) {
            $this->move($seen, ['document' => $this->before, 'before' => null]);
        }
    }

    /** A hash is no secret: it names a picture of the banner's own workspace alone. @throws Refusal */
    private static function mustOwn(int $workspace, Banner $banner): void
    {
        if (preg_match('/^(?:picture|hand):([0-9a-f]{64})/', (string) $banner->picture, $found) === 1
            && DB::table('pictures')->where(['workspace_id' => $workspace, 'hash' => $found[1]])->doesntExist()) {
            throw Refusal::because('This picture is not in the library: bring it in again.', '/picture');
        }
    }

    /** @param  array<string, ?string>  $values */
    private function move(int $seen, array $values): void
    {
        $values += ['number' => $seen + 1, 'updated_at' => now()->toDateTimeString()];
        $moved = DB::table('banners')->where('id', $this->id)->where('number', $seen)->update($values);
        if ($moved === 0) {
            throw new StaleRevision;
        }
        $this->refresh();
    }

    /** From now on readers see it as it is. @throws Refusal for words that do not fit */
    public function putOut(BannerPress $press): void
    {
        if ($this->isPutOut()) {
            return;
        }
        $banner = $this->banner();
        $prints = [self::sized($banner->size) => self::kept($press->print($banner))];
        foreach (HostedPlaces::sizes($this->workspace_id) as [$width, $height]) {
            $prints += self::printed($press, $banner, new BannerSize($width, $height));
        }
        $this->forceFill([
            'put' => $this->document, 'put_at' => now(), 'print' => json_encode($prints, JSON_THROW_ON_ERROR),
        ])->save();
        HeldAnswers::forget();
        Hooks::tell($this->workspace_id, HookEvent::BannerPut, (string) $this->id, ['banner' => $this->id]);
    }

    /** Draws what readers see for a place of another size. */
    public function printFor(BannerPress $press, BannerSize $size): void
    {
        $banner = $this->shown();
        if ($banner !== null) {
            $prints = $this->prints() + self::printed($press, $banner, $size);
            $this->forceFill(['print' => json_encode($prints, JSON_THROW_ON_ERROR)])->save();
        }
    }

    public function setAway(bool $away): void
    {
        $this->forceFill(['removed_at' => $away ? now() : null])->save();
        HeldAnswers::forget();
    }

    /** @return list<string> the windows it has that are not over, in words */
    public function stands(Workspace $workspace): array
    {
        $stands = [];
        foreach (StoredWindow::in($workspace)->where('banner_id', $this->id)
            ->where('ends', '>', now()->getTimestamp())->orderBy('begins')->limit(self::NAMED)->get() as $stored) {
            $window = $stored->window();
            $stands[] = 'from '.Clock::day($window->from, $workspace->clock())->words().' until '
                .Clock::day($window->until - 1, $workspace->clock())->words().' for '
                .($window->audience->cards === [] ? $window->audience->words() : 'single cards');
        }

        return $stands;
    }

    /** Of what it shows, px, by those a place of its size shows; 1 for one without a picture. */
    public function sharpness(): float
    {
        $banner = $this->banner();
        $ref = (string) $banner->picture;
        $picture = preg_match('/^picture:([0-9a-f]{64})/', $ref, $name) === 1
            ? DB::table('pictures')->where(['workspace_id' => $this->workspace_id, 'hash' => $name[1]])->value('width')
            : null;
        $shown = $banner->isPicture() ? $banner->size->width
            : Artwork::pictureSize(Designs::all()[$banner->design], $banner->size)[0] ?? 0;

        return $picture === null || $shown === 0 ? 1.0
            : (int) $picture * PictureRef::framing($ref)->width / $shown;
    }

    /**
     * What banners are called, removed ones too.
     *
     * @param  array<mixed>  $ids
     * @return array<int, string> by number
     */
    public static function names(Workspace $workspace, array $ids): array
    {
        return self::query()->where('workspace_id', $workspace->id)->whereIn('id', array_filter($ids))->get()
            ->mapWithKeys(fn (self $banner): array => [$banner->id => $banner->banner()->name()])->all();
    }

    /** Changes when its picture may have, as part of the picture's address. */
    public function version(): string
    {
        return $this->number.'-'.($this->put_at->timestamp ?? 0);
    }

    /** What readers see, as a file; null until it is put out. */
    public function file(): ?Variant
    {
        $shown = $this->shown();
        $print = $shown === null ? null : $this->prints()[self::sized($shown->size)] ?? null;

        return $print === null ? null : new Variant(...$print['light']);
    }

    /** @return array<string, array<string, mixed>> by size */
    private function prints(): array
    {
        /** @var array<string, array<string, mixed>> */
        return (array) json_decode((string) $this->print, true);
    }

    /**
     * In another size; as it is, where its words do not fit that.
     *
     * @return array<string, array<string, mixed>>
     */
    private static function printed(BannerPress $press, Banner $banner, BannerSize $size): array
    {
        try {
            $print = $press->print($banner->with(['width' => $size->width, 'height' => $size->height]));
        } catch (Refusal) {
            $print = $press->print($banner);
        }

        return [self::sized($size) => self::kept($print)];
    }

    private static function sized(BannerSize $size): string
    {
        return "{$size->width}x$size->height";
    }

    /** @return array<string, mixed> */
    private static function kept(BannerPrint $print): array
    {
        $store = function (Baked $baked): array {
            $variant = new Variant($baked->hash(), $baked->extension, strlen($baked->bytes), $baked->why);
            Library::write($variant->path(), $baked->bytes);

            return get_object_vars($variant);
        };

        return [
            'light' => $store($print->light), 'dark' => $store($print->dark), 'contrast' => round($print->contrast, 2),
            'mended' => $print->mended, 'smallest' => $print->smallest, 'fullness' => round($print->fullness, 3),
        ];
    }

    private static function json(Banner $banner): string
    {
        return json_encode($banner->toArray(), JSON_THROW_ON_ERROR | JSON_UNESCAPED_SLASHES | JSON_UNESCAPED_UNICODE);
    }

    private static function read(string $json): Banner
    {
        $given = (array) json_decode($json, true, 16, JSON_THROW_ON_ERROR);

        // A design that is gone from the list is no reason for a banner not to open.
        return Banner::of(isset(Designs::all()[$given['design']]) || $given['design'] === Designs::PICTURE ? $given
            : ['design' => Designs::FIRST] + $given);
    }
}
