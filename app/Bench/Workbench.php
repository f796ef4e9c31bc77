<?php

namespace App\Bench;

use App\Handover\InUse;
use App\Models\StoredBrand;
use App\Models\StoredCard;
use App\Models\StoredPicture;
use App\Pictures\HostedPictures;
use Illuminate\Support\Facades\Cache;
use InkyCard\Brand\Brand;
use InkyCard\Brand\InkRole;
use InkyCard\Card\Arrangement\Arrangement;
use InkyCard\Card\Card as Document;
use InkyCard\Card\Kind\Capability;
use InkyCard\Card\Kind\Kind;
use InkyCard\Card\Kind\Kinds;
use InkyCard\Card\Kind\Zone;
use InkyCard\Card\Piece;
use InkyCard\Compose\DarkColours;
use InkyCard\Compose\Gauge;
use InkyCard\Compose\Gauges;
use InkyCard\Compose\HtmlComposer;
use InkyCard\Layout\Box;
use InkyCard\Layout\Measure;
use InkyCard\Layout\Measured;
use InkyCard\Layout\Sheet;
use InkyCard\Limits;
use InkyCard\Link\ProfileDirectory;
use InkyCard\Picture\PictureRef;
use InkyCard\Picture\Recipe;

/** A card on the bench: its document, the sheet as sent, and what is measured on it. */
final readonly class Workbench
{
    /**
     * @param  string  $sheet  the export, its elements named by piece
     * @param  list<Gauge>  $gauges
     * @param  array<string, array{\InkyCard\Colour\Colour, \InkyCard\Colour\Colour}>  $pairs  text on its background
     */
    private function __construct(
        public StoredCard $card,
        public Document $document,
        public string $sheet,
        public array $gauges,
        private array $pairs,
        private Measured $measured,
    ) {
    }

    public function use(): ?InUse
    {
        return InUse::of($this->card);
    }

    /** A piece of the card, or nothing when it is not on it. */
    public function piece(string $id): ?Piece
    {
        foreach ($this->document->pieces as $piece) {
            if ($piece->id === $id) {
                return $piece;
            }
        }

        return null;
    }

    /** Type size of a piece as it stands on the card, CSS px; empty when it shows no text. */
    public function sizeOf(Piece $piece): string
    {
        foreach ($this->document->content($piece) as $block) {
            if ($block->runs() !== []) {
                return (string) $block->runs()[0]->size;
            }
        }

        return '';
    }

    /**
     * Typefaces on the sheet.
     *
     * @return list<array{name: string, twin: ?string}> what each is called, and the open one of the same widths
     */
    public function faces(): array
    {
        $faces = [];
        foreach ([$this->document->style->typeface, ...array_map(
            fn (Piece $piece) => $piece->tuning->face, $this->document->filled(),
        )] as $face) {
            if ($face !== null) {
                $faces[$face->name()] = [
                    'name' => $face->name(), 'twin' => $face->isExact() ? $face->twinName() : null,
                ];
            }
        }

        return array_values($faces);
    }

    /** Colour of its paper, as HTML writes it. */
    public function paper(): string
    {
        return $this->document->style->ink(InkRole::Paper)->hex;
    }

    /**
     * Mail addresses a piece can take in one press (need B10).
     *
     * @return array<string, string> whose => address
     */
    public function mailboxes(Piece $piece): array
    {
        $known = $piece->can(Capability::MailAddress) ? array_filter([
            __('the firm’s') => $this->brand()->lines->email,
            'mine' => (string) auth()->user()?->email,
        ]) : [];

        return array_diff($known, [$piece->text('address')]);
    }

    /** Names how pieces look on it: what is drawn of that is drawn once. */
    public function styleKey(): string
    {
        return substr(hash('sha256', (string) json_encode([
            $this->document->style->toArray(), $this->document->lang, $this->document->holder(),
        ])), 0, 12);
    }

    /** Whether one of its fields is a picture. */
    public function takesPicture(Piece $piece): bool
    {
        return in_array('picture', array_column($piece->kind->fields(), 'input'), true);
    }

    /** Whether its picture is the still of a film. */
    public function isFilm(Piece $piece): bool
    {
        return $piece->can(Capability::Film);
    }

    /** Whether it shows a picture of the library: another part of that can be shown. */
    public function canCrop(Piece $piece): bool
    {
        return preg_match('/^(?:picture|hand):/', $piece->text('picture')) === 1;
    }

    /** What a picture for a piece should be, in a sentence; empty where it shows none. */
    public function wanted(Piece $piece): string
    {
        [$size, $width] = [(int) $piece->text('size'), (int) $piece->text('width')];
        $dense = Recipe::DENSITY;
        $wanted = match (true) {
            $size > 0 => __('Shown :size × :size px: a square of :side × :side px or more is sharp.', [
                'size' => $size, 'side' => $size * $dense,
            ]),
            $width > 0 => __(
                'Shown :width px wide: one of :most px or more is sharp; it keeps its proportion.',
                ['width' => $width, 'most' => $width * $dense],
            ),
            default => '',
        };

        return trim("$wanted {$this->brought($piece, ($size ?: $width) * $dense)}");
    }

    /** What the picture it has brings, of what is wanted. @param  int  $pixels  wanted across */
    private function brought(Piece $piece, int $pixels): string
    {
        $ref = $piece->text('picture');
        $picture = $this->canCrop($piece) ? StoredPicture::named($this->card->workspace, $ref) : null;
        if ($picture === null || $pixels === 0) {
            return '';
        }
        $wide = (int) round($picture->width * PictureRef::framing($ref)->width);

        $size = $wide.' × '.(int) round($wide * (float) ($piece->fields['ratio'] ?? $picture->ratio()));

        return $wide >= $pixels ? __('This one brings :size px: sharp.', ['size' => $size])
            : __('This one brings :size px: soft on dense screens.', ['size' => $size]);
    }

    /** @return array<string, Arrangement> */
    public function arrangements(): array
    {
        return Arrangement::all();
    }

    /** @return list<Zone> */
    public function zones(): array
    {
        return Zone::cases();
    }

    /** @return array<string, Kind> */
    public function kinds(): array
    {
        return Kinds::all();
    }

    public function showsProfiles(Piece $piece): bool
    {
        return $piece->can(Capability::Profiles);
    }

    public function profileKinds(): int
    {
        return count(ProfileDirectory::all());
    }

    /** @return list<ProfileRow> of a piece that shows profiles */
    public function profiles(Piece $piece): array
    {
        return ProfileRows::of($this->card, $this->document, $piece);
    }

    public function tuning(): Tuning
    {
        return new Tuning($this->document, $this->brand(), StoredPicture::choices($this->card->workspace));
    }

    public function advice(Piece $piece): Advice
    {
        return Advice::of($this->document, $piece, $this->box($piece));
    }

    /** Where a piece stands in a 600 px window; null when nothing of it shows. */
    public function box(Piece $piece): ?Box
    {
        return $this->measured->boxes[$piece->id] ?? null;
    }

    /** How tall the card is in a 600 px window, CSS px. */
    public function height(): int
    {
        return (int) ceil($this->measured->height);
    }

    public static function of(StoredCard $card, ?Document $document = null): self
    {
        $document ??= $card->document();
        $pictures = HostedPictures::forScreen();
        $sheet = Sheet::of($document);
        $html = (new HtmlComposer($pictures, named: true))->compose($sheet);

        $measured = Measure::at($sheet, [Limits::WIDTH, Limits::PHONE_WIDTH]);

        return new self(
            $card, $document, $html, Gauges::of($sheet, HtmlComposer::unnamed($html), $pictures->bytes(), $measured),
            DarkColours::pairs($sheet), $measured[Limits::WIDTH],
        );
    }

    /** Names the colours on it: a page that has them already needs them no second time. */
    public function darkKey(): string
    {
        return md5(implode('|', array_keys($this->pairs)));
    }

    /** @return array<string, Gauge> by a name of what each of them says */
    public function gauges(): array
    {
        return array_column(array_map(fn (Gauge $gauge) => [hash('crc32b', serialize([
            $gauge->key, $gauge->figure, $gauge->unit, round($gauge->share, 2), $gauge->good, $gauge->help,
            array_slice($gauge->pieces, 0, 4),
        ])), $gauge], $this->gauges), 1, 0);
    }

    /**
     * Its colours as dark pages show them. The same inks ask for the same ones,
     * and finding those that read takes longer than looking them up.
     *
     * @return array<string, mixed>
     */
    public function dark(): array
    {
        return Cache::rememberForever('dark.2.'.$this->darkKey(), fn () => DarkColours::of($this->pairs));
    }

    /** The firm's, read once for an answer. */
    private function brand(): Brand
    {
        return once(fn () => StoredBrand::in($this->card->workspace)->document());
    }
}
