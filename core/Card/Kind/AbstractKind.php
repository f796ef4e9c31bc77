<?php

namespace InkyCard\Card\Kind;

use InkyCard\Brand\InkRole;
use InkyCard\Card\Content\PictureBlock;
use InkyCard\Card\Content\TextRun;
use InkyCard\Card\Style\Number;
use InkyCard\Colour\Contrast;
use InkyCard\Link\LinkedWords;
use InkyCard\Link\Target;
use InkyCard\Picture\Mark;
use InkyCard\Refusal;
use InkyCard\Roster\Profile;
use InkyCard\Roster\ProfileFact;
use InkyCard\Time\Day;
use InkyCard\Time\Window;
use InkyCard\Type\CleanText;

/** What every kind has to say about itself. */
abstract class AbstractKind implements Kind
{
    /** @var list<Capability> */
    protected const CAN = [];

    /** @var ?ProfileFact what of a person its main field says; null for a kind that says nothing of one */
    protected const FACT = null;

    /** Between spaced capitals, by type size. */
    private const CAPS = 0.12;

    /** Letters that join, which spacing would tear apart. */
    private const JOINED = '/[\p{Arabic}\p{Syriac}\p{Devanagari}\p{Bengali}\p{Mongolian}]/u';

    public function __construct(
        private readonly string $key,
        private readonly string $label,
        private readonly string $icon,
        private readonly string $purpose,
        private readonly Zone $zone = Zone::Text,
    ) {
    }

    public function key(): string
    {
        return $this->key;
    }

    public function label(): string
    {
        return $this->label;
    }

    public function purpose(): string
    {
        return $this->purpose;
    }

    public function icon(): string
    {
        return $this->icon;
    }

    public function zone(): Zone
    {
        return $this->zone;
    }

    public function can(Capability $capability): bool
    {
        return in_array($capability, static::CAN, true);
    }

    public function following(Filled $piece): array
    {
        return [];
    }

    public function isHosted(Filled $piece): bool
    {
        return false;
    }

    public function resizes(): ?array
    {
        return null;
    }

    public function tunes(): array
    {
        return ['ink', 'face', 'size', 'bold', 'italic', 'caps', 'align', 'gap', 'joined'];
    }

    /**
     * The symbol before a contact line, where the card's style has any.
     *
     * @param  string  $icon  name in the open icon set
     */
    protected function symbol(CardContext $card, string $icon): ?PictureBlock
    {
        $style = $card->style;
        $shape = $style->symbols->shape;
        if ($shape === null) {
            return null;
        }
        $background = $style->ink($style->symbols->ink);
        $size = $style->symbols->size($style->sizes->text);
        $mark = new Mark(
            $icon, $shape, $size, $background, Contrast::readable($background, $style->ink(InkRole::Paper)),
        );

        return new PictureBlock($mark, $size, $size, $card->word($this->key) ?? $this->label);
    }

    public function mainField(): string
    {
        return 'text';
    }

    public function needs(): array
    {
        return [$this->mainField()];
    }

    public function summary(Filled $piece): string
    {
        return LinkedWords::words($piece->text($this->mainField()));
    }

    public function standing(Standing $known): array
    {
        return [];
    }

    public function ofPerson(Profile $person, Filled $piece, string $country): array
    {
        return static::FACT === null ? [] : [
            $this->mainField() => static::FACT === ProfileFact::Profiles ? $person->lines(static::FACT)
                : $person->text(static::FACT),
        ];
    }

    public function knownBy(Filled $piece): ?ProfileFact
    {
        return static::FACT;
    }

    public function follow(Filled $piece, Standing $was, Standing $is): array
    {
        $new = $this->standing($is);
        $changes = [];
        foreach ($this->standing($was) as $field => $old) {
            if ($old !== '' && $old !== $new[$field] && $piece->text($field) === $old) {
                $changes[$field] = $new[$field];
            }
        }

        return $changes;
    }

    public function window(Filled $piece): ?Window
    {
        return null;
    }

    public function profiles(Filled $piece): array
    {
        return [];
    }

    public function contactProperties(Filled $piece): array
    {
        return [];
    }

    /** A run of text in the look given, where the piece's own tuning does not say otherwise. */
    protected static function run(
        Filled $piece,
        CardContext $card,
        string $text,
        InkRole $ink,
        float $size,
        bool $bold = false,
        ?string $href = null,
        ?string $plain = null,
        bool $underlined = false,
        bool $italic = false,
        bool $guarded = false,
    ): TextRun {
        $tuning = $piece->tuning();

        $size = $tuning->size ?? $size;
        $caps = $tuning->caps === true && preg_match(self::JOINED, $text) !== 1;

        return new TextRun(
            $caps ? $card->capitals($text) : $text, $card->style->inkOf($tuning, $ink), $size,
            $tuning->bold ?? $bold, $href, $plain, $tuning->underline ?? $underlined,
            $tuning->italic ?? $italic, $card->style->spacing->lineHeight, $guarded,
            $caps ? round($size * self::CAPS, 1) : 0, $tuning->face,
        );
    }

    /**
     * Runs of a sentence some words of which may lead somewhere.
     *
     * @return non-empty-list<TextRun>
     */
    protected static function sentence(
        Filled $piece, CardContext $card, string $text, InkRole $ink, float $size, bool $bold = false,
        bool $italic = false, bool $guarded = true,
    ): array {
        $runs = [];
        foreach (LinkedWords::parts($text) ?: [[$text, null]] as [$words, $address]) {
            $runs[] = self::run(
                $piece, $card, $words, $address === null ? $ink : InkRole::Link, $size, $bold, $address,
                $address === null ? null : "$words (".Target::words($address).')', $address !== null, $italic,
                $guarded && $address === null,
            );
        }

        return $runs;
    }

    /**
     * A sentence whose words may lead somewhere, as it is kept.
     *
     * @param  int  $most  letters read of it
     *
     * @throws Refusal
     */
    protected static function linked(mixed $raw, int $most, string $label, string $country): string
    {
        $text = CleanText::of($raw, 4000, $label);
        CleanText::of(LinkedWords::words($text), $most, $label);

        return LinkedWords::parse($text, $country);
    }

    /**
     * Reads a number of pixels; what is missing or empty is as it is by default.
     *
     * @param  array<array-key, mixed>  $fields
     * @param  array{int, int}  $bounds
     */
    protected static function pixels(array $fields, string $name, array $bounds, int $default): int
    {
        $given = ($fields[$name] ?? '') === '' ? null : $fields[$name];

        return (int) round(Number::within($given, $bounds, $name, "/$name") ?? $default);
    }

    /**
     * Reads one field, the path of a refusal set. An empty value stays empty: every fact is optional (need A04).
     *
     * @param  array<array-key, mixed>  $fields
     * @param  \Closure(mixed): string  $read
     */
    protected static function optional(array $fields, string $name, \Closure $read): string
    {
        $raw = $fields[$name] ?? '';

        return is_string($raw) && trim($raw) === '' ? '' : Refusal::at("/$name", fn () => $read($raw));
    }

    /**
     * @param  array<array-key, mixed>  $fields
     * @param  array<string, string>  $choices  value => label
     * @param  string  $sentence  what is said of any other value
     */
    protected static function choice(
        array $fields,
        string $name,
        array $choices,
        string $default,
        string $sentence,
    ): string {
        $given = $fields[$name] ?? $default;

        return is_string($given) && isset($choices[$given]) ? $given : throw Refusal::because($sentence, "/$name");
    }

    /**
     * Reads a field of several lines.
     *
     * @param  array<array-key, mixed>  $fields
     * @param  \Closure(mixed): string  $read
     * @return list<string> empty lines left out
     */
    protected static function lines(array $fields, string $name, int $most, \Closure $read): array
    {
        return Refusal::at("/$name", fn () => CleanText::several($fields[$name] ?? [], $most, $read));
    }

    /**
     * @param  array<array-key, mixed>  $fields
     *
     * @throws Refusal unless it is empty or a date of the calendar, YYYY-MM-DD (ISO 8601)
     */
    protected static function date(array $fields, string $name): string
    {
        return self::optional($fields, $name, fn ($raw) => Day::parse(CleanText::of($raw, 10, 'date'))->iso);
    }
}
