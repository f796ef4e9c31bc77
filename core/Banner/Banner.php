<?php

namespace InkyCard\Banner;

use InkyCard\Colour\Colour;
use InkyCard\Link\WebAddress;
use InkyCard\Picture\PictureRef;
use InkyCard\Refusal;
use InkyCard\Type\CleanText;
use InkyCard\Type\FontStack;
use InkyCard\Type\Script;

/** What a banner says and how it looks, before it is drawn. */
final readonly class Banner
{
    /** Longest words taken, letters: what no design can show is said by the drawing. */
    private const WORDS = ['headline' => 90, 'line' => 180, 'call' => 40];

    private const ALT = 160;

    private const INKS = [
        'paper' => '#ffffff', 'words' => '#222222', 'accent' => '#1f5fa8', 'second' => '#1f5fa8',
    ];

    /**
     * @param  string  $headline  what it is about; empty for a picture somebody made elsewhere
     * @param  string  $line  more of it; may be empty
     * @param  string  $call  what to do; may be empty
     * @param  string  $design  one of Designs, or `picture` for a picture as it is
     * @param  ?string  $picture  see PictureRef
     * @param  string  $drawing  one of BannerDrawings; empty for none
     * @param  ?string  $address  where it leads
     * @param  string  $spoken  what is read out in its place; empty for its own words
     */
    private function __construct(
        public string $headline,
        public string $line,
        public string $call,
        public string $design,
        public ?string $picture,
        public string $drawing,
        public BannerInks $inks,
        public FontStack $typeface,
        public BannerSize $size,
        public ?string $address,
        private string $spoken,
    ) {
    }

    /**
     * @param  array<array-key, mixed>  $given  as `toArray` writes it; what is left out stands as it starts
     *
     * @throws Refusal with the path of the value
     */
    public static function of(array $given): self
    {
        $text = fn (string $key): string => Refusal::at(
            "/$key", fn () => CleanText::of($given[$key] ?? '', self::WORDS[$key], $key),
        );
        $picture = ($given['picture'] ?? '') === '' ? null
            : Refusal::at('/picture', fn () => PictureRef::parse($given['picture']));
        $design = self::design($given['design'] ?? Designs::FIRST, $picture);

        return new self(
            $text('headline'), $text('line'), $text('call'), $design, $picture, self::drawing($given['drawing'] ?? ''),
            self::inks(is_array($given['inks'] ?? null) ? $given['inks'] : []),
            Refusal::at('/typeface', fn () => FontStack::of(
                is_string($given['typeface'] ?? null) ? $given['typeface'] : FontStack::DEFAULT,
            )),
            BannerSize::of($given['width'] ?? BannerSize::NAMED['wide'][1], $given['height']
                ?? BannerSize::NAMED['wide'][2]),
            ($given['address'] ?? '') === '' ? null : Refusal::at(
                '/address', fn () => WebAddress::parse($given['address'], 'address it leads to')->address,
            ),
            Refusal::at('/alt', fn () => CleanText::of($given['alt'] ?? '', self::ALT, 'text')),
        );
    }

    private static function design(mixed $given, ?string $picture): string
    {
        if ($given === Designs::PICTURE) {
            return $picture !== null ? $given : throw Refusal::because(
                'Choose the picture that is the banner.', '/picture',
            );
        }

        return is_string($given) && isset(Designs::all()[$given]) ? $given
            : throw Refusal::because('There is no such design: choose one of those shown.', '/design');
    }

    private static function drawing(mixed $given): string
    {
        return $given === '' || (is_string($given) && isset(BannerDrawings::all()[$given])) ? $given
            : throw Refusal::because('There is no such drawing: choose one of those shown.', '/drawing');
    }

    /**
     * The same with other values.
     *
     * @param  array<string, mixed>  $values
     *
     * @throws Refusal
     */
    public function with(array $values): self
    {
        $had = $this->toArray();

        return self::of((isset($values['inks']) ? ['inks' => $values['inks'] + $had['inks']] : []) + $values + $had);
    }

    /** @return array<string, mixed> JSON values */
    public function toArray(): array
    {
        return [
            'headline' => $this->headline, 'line' => $this->line, 'call' => $this->call, 'design' => $this->design,
            'picture' => $this->picture, 'drawing' => $this->drawing,
            'inks' => array_map(fn (Colour $ink) => $ink->hex, $this->inks->inks),
            'typeface' => $this->typeface->key, 'width' => $this->size->width, 'height' => $this->size->height,
            'address' => $this->address, 'alt' => $this->spoken,
        ];
    }

    /** What is read out in its place: what its maker wrote, else its words. */
    public function alt(): string
    {
        if ($this->spoken !== '') {
            return $this->spoken;
        }
        $said = '';
        foreach ([$this->headline, $this->line, $this->call] as $words) {
            $said .= $said === '' || $words === '' ? $words
                : (preg_match('/[.!?:;…。！？؟]$/Du', $said) ? ' ' : ': ').$words;
        }

        return mb_strimwidth($said, 0, self::ALT, '…');
    }

    public function name(): string
    {
        return $this->headline !== '' ? $this->headline : ($this->alt() ?: 'A banner without words');
    }

    /** @return list<Design> those it has something for: a picture for what frames one */
    public function designs(): array
    {
        return array_values(array_filter(
            Designs::all(), fn (Design $design) => $design->family !== 'picture' || $this->picture !== null,
        ));
    }

    public function isPicture(): bool
    {
        return $this->design === Designs::PICTURE;
    }

    /** Whether its words run from the right. */
    public function runsFromRight(): bool
    {
        return Script::runsFromRight($this->headline.$this->line.$this->call);
    }

    /** @param  array<array-key, mixed>  $given */
    private static function inks(array $given): BannerInks
    {
        $inks = [];
        foreach (self::INKS as $role => $default) {
            $inks[$role] = Refusal::at("/inks/$role", fn () => Colour::hex(
                is_string($given[$role] ?? null) && $given[$role] !== '' ? $given[$role] : $default,
            ));
        }

        return new BannerInks($inks);
    }
}
