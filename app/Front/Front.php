<?php

namespace App\Front;

use App\Import\Brought;
use App\Pictures\BlockedPictures;
use App\Pictures\HostedPictures;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Cache;
use InkyCard\Brand\Brand;
use InkyCard\Brand\Scheme;
use InkyCard\Card\Card;
use InkyCard\Card\CardJson;
use InkyCard\Card\Starter\Starters;
use InkyCard\Colour\Colour;
use InkyCard\Compose\HtmlComposer;
use InkyCard\Compose\PlainTextComposer;
use InkyCard\Compose\SvgComposer;
use InkyCard\Import\SentenceSource;
use InkyCard\Layout\Measure;
use InkyCard\Layout\Sheet;
use InkyCard\Limits;
use InkyCard\Proof\Proof;
use InkyCard\Proof\Subject;
use InkyCard\Sketch\Kept;
use InkyCard\Sketch\Sketch;
use InkyCard\Sketch\Sketches;
use InkyCard\Time\Day;

/** The front page: a sentence with blanks, and cards made of it. What is not typed stands there as a sample. */
final readonly class Front
{
    /** Blank => what stands there until something is typed. */
    public const SAMPLES = [
        'am' => 'Olwen Price', 'do' => 'bake for weddings', 'wish' => 'taste one in March',
        'reach' => 'olwen@price.example',
    ];

    /** Kinds a blank makes. */
    private const MADE = [
        'am' => ['name'], 'do' => ['role'], 'wish' => ['button'], 'reach' => ['email', 'phone', 'web', 'profiles'],
    ];

    /** Small ones shown at first, and in all. */
    public const FEW = 6;

    /** Inks that others are computed from, for who would rather not have a design's own. */
    private const INKS = ['', '#0f4c5c', '#7a2b42', '#2f5d3a', '#5b3a8c', '#a8481f'];

    private const DAYS = 7;

    /** What the proof says of samples: the page says so itself. */
    private const SAMPLE = 'sample';

    /** @var array<string, string> blank => what is typed there; empty for nothing */
    public array $typed;

    /** Of what is typed, and samples for the rest. */
    public Card $facts;

    public string $chosen;

    /** @var list<string> keys of sketches, best first */
    public array $keys;

    /** What is typed to be reached at, and is no way to. */
    public string $unread;

    /** Which of INKS; 0 for a design's own. */
    public int $colours;

    private Sketches $sketches;

    public function __construct(Request $request, public string $country)
    {
        $given = $request->only(array_keys(self::SAMPLES));
        $this->typed = array_map(
            fn (mixed $typed): string => is_string($typed)
                ? trim(mb_substr((string) preg_replace('/[<>\x00-\x1f]/', ' ', mb_scrub($typed)), 0, 160)) : '',
            $given + array_map(fn (string $sample): string => '', self::SAMPLES),
        );
        $this->sketches = new Sketches(Brand::of(['country' => $country]), Day::at(now()), new BlockedPictures);
        $this->keys = self::keys($this->sketches);
        $asked = $request->input('sketch');
        $this->chosen = in_array($asked, $this->keys, true) ? $asked : $this->keys[0];
        $colours = $request->input('colours');
        $this->colours = is_string($colours) && ctype_digit($colours) ? (int) $colours % count(self::INKS) : 0;
        [$this->facts, $this->unread] = $this->read();
    }

    /** The colours after these. */
    public function others(): int
    {
        return ($this->colours + 1) % count(self::INKS);
    }

    /** Whether anything is typed. */
    public function isTouched(): bool
    {
        return array_filter($this->typed) !== [];
    }

    /** @return Card what is typed, in a design */
    public function card(string $key): Card
    {
        $ink = self::INKS[$this->colours] ?? '';
        if ($ink === '') {
            return $this->sketches->design($key, $this->facts, Kept::of([]));
        }
        $inks = array_map(
            fn (Colour $ink): string => $ink->hex, Scheme::of(Colour::hex($ink))[0]->inks,
        );
        $facts = $this->facts->with(['style' => $this->facts->style->with(['inks' => $inks])]);

        return $this->sketches->design($key, $facts, Kept::of(['inks']));
    }

    /** A design drawn small, as an address that holds it. */
    public function drawing(string $key): string
    {
        $svg = (new SvgComposer(new BlockedPictures))->compose(Sheet::of($this->card($key)));

        return 'data:image/svg+xml;base64,'.base64_encode($svg);
    }

    /** @return array{html: string, text: string, width: int, height: int, characters: int, score: int} */
    public function shown(): array
    {
        $card = $this->card($this->chosen);
        $sheet = Sheet::of($card);
        $html = (new HtmlComposer(HostedPictures::forScreen()))->compose($sheet);
        $measured = Measure::of($sheet, Limits::WIDTH);
        $proof = Proof::of(new Subject(
            $card, Brand::of(['country' => $this->country]), Day::at(now()), new BlockedPictures,
        ))->without(self::SAMPLE);

        return [
            'html' => $html, 'text' => PlainTextComposer::compose($sheet), 'width' => (int) round($measured->width),
            'height' => (int) round($measured->height), 'characters' => mb_strlen($html), 'score' => $proof->score(),
        ];
    }

    /** @return array{Card, string} */
    private function read(): array
    {
        $of = fn (array $blanks): array => SentenceSource::facts(
            $blanks['am'], $blanks['do'], $blanks['wish'], $blanks['reach'], $this->country,
        );
        $ways = $this->typed['reach'] === '' ? [] : $of(['am' => '', 'do' => '', 'wish' => ''] + $this->typed);
        $unread = $this->typed['reach'] !== '' && $ways === []
            ? (string) __('Type a mail address, a phone number or a site to be reached at.') : '';
        $typed = $unread === '' ? $this->typed : ['reach' => ''] + $this->typed;
        $document = Brought::document($of(array_filter($typed) + self::SAMPLES), $this->country);
        $name = $typed['am'] ?: self::SAMPLES['am'];
        foreach ($document['pieces'] as &$piece) {
            foreach (self::MADE as $blank => $kinds) {
                if (in_array($piece['kind'], $kinds, true) && $typed[$blank] === '') {
                    $piece['sample'] = true;
                }
            }
        }

        return [CardJson::read(['name' => mb_strimwidth($name, 0, 80)] + $document), $unread];
    }

    /** @return list<string> designs for such a sentence, best first: looked for once, until there are other starters */
    private static function keys(Sketches $sketches): array
    {
        $key = 'front.'.hash('xxh128', implode(' ', array_keys(Starters::all())).CardJson::FORMAT);

        return Cache::remember($key, now()->addDays(self::DAYS), function () use ($sketches): array {
            $facts = CardJson::read(Brought::document(SentenceSource::facts(
                self::SAMPLES['am'], self::SAMPLES['do'], self::SAMPLES['wish'], self::SAMPLES['reach'], 'GB',
            ), 'GB'));

            return array_map(fn (Sketch $sketch): string => $sketch->key, $sketches->of($facts, Kept::of([])));
        });
    }
}
