<?php

namespace InkyCard\Import;

use InkyCard\Card\Kind\Kinds;
use InkyCard\Link\PhoneNumber;
use InkyCard\Link\ProfileDirectory;
use InkyCard\Refusal;
use InkyCard\Type\CleanText;

/** Facts as they are gathered: each as its kind accepts it, none twice, profiles as one. */
final class Facts
{
    /** As they usually stand on a card. */
    private const ORDER = [
        'closing', 'headshot', 'logo', 'name', 'pronouns', 'credentials', 'role', 'department', 'company', 'tagline',
        'phone', 'email', 'web', 'address', 'licence', 'line', 'profiles', 'button', 'textlink', 'banner', 'notice',
    ];

    /** Fields that make a fact another one. */
    private const TELLING = ['address', 'number', 'text', 'phrase', 'picture', 'value'];

    /** A line that is nothing else is not surer than this. */
    private const LINE = 0.5;

    /** @var array<string, Fact> */
    private array $facts = [];

    /** @var array<string, float> address => confidence */
    private array $profiles = [];

    /** A number without a country that rings where its words point to, and not at home. */
    private const GUESSED = 0.7;

    /** One that rings nowhere it could be from. */
    private const SILENT = 0.55;

    /**
     * @param  string  $country  ISO 3166-1 alpha-2, for phone numbers without a country
     * @param  list<string>  $from  countries it may be from, the likeliest first; that one alone when there are none
     */
    public function __construct(public readonly string $country, private readonly array $from = [])
    {
    }

    /**
     * @param  array<string, mixed>  $fields
     * @param  float  $confidence  0 to 1
     * @param  string  $source  what it was read from
     * @return bool whether its kind accepts it
     */
    public function add(string $kind, array $fields, float $confidence, string $source): bool
    {
        try {
            $fields = Kinds::of($kind)->accept($fields, $this->country);
        } catch (Refusal) {
            return false;
        }
        $key = $kind.json_encode(array_intersect_key($fields, array_flip(self::TELLING)));
        $this->facts[$key] ??= new Fact($kind, $fields, $confidence, mb_strimwidth($source, 0, 200, '…'));

        return true;
    }

    /**
     * A number to dial, from the likeliest country it rings in.
     *
     * @param  string  $sort  as a phone piece has it; empty where that is not said
     * @param  bool  $said  that it is one: without that, one that rings nowhere may be any other number
     */
    public function number(string $number, string $sort, float $sure, bool $said = true): bool
    {
        foreach ($this->from ?: [$this->country] as $place => $country) {
            if (PhoneNumber::ringsIn($number, $country)) {
                $known = str_starts_with(ltrim($number), '+') || ($place === 0 && $country === $this->country);
                $fields = ['number' => PhoneNumber::parse($number, $country)->display, 'sort' => $sort];

                return $this->add('phone', $fields, $known ? $sure : min($sure, self::GUESSED), $number);
            }
        }

        try {
            $display = PhoneNumber::parse($number, $this->from[0] ?? $this->country)->display;
        } catch (Refusal) {
            return false;
        }

        return $said && $this->add('phone', ['number' => $display, 'sort' => $sort], min($sure, self::SILENT), $number);
    }

    /** A profile among others. @param  string  $address  with a label before it where it needs one */
    public function profile(string $address, float $confidence = 0.9): bool
    {
        $this->profiles[$address] ??= $confidence;

        return true;
    }

    /** What is said under a name of its own; a line where its kind does not accept it. */
    public function state(Statement $said): void
    {
        $value = $said->value;
        if ($value === '') {
            return;
        }
        if ($said->kind === 'url' && self::isProfile($value)) {
            $this->profile(ProfileDirectory::line($value), $said->confidence);

            return;
        }
        $words = CleanText::seen($value);
        $known = $this->add($said->kind === 'url' ? 'web' : $said->kind, match ($said->kind) {
            'phone' => ['number' => (string) preg_replace('/^tel:/i', '', $value), 'sort' => $said->sort],
            'email' => ['address' => (string) preg_replace('/^mailto:|\?.*$/i', '', $value)],
            'url' => ['address' => $value],
            'line' => ['value' => $words],
            'headshot', 'logo' => ['picture' => $value],
            default => ['text' => $words],
        }, $said->confidence, $value);
        if (! $known && ! str_starts_with($value, 'data:')) {
            $this->add('line', ['value' => $words], min(self::LINE, $said->confidence), $value);
        }
    }

    /** The first value of a field of a kind; empty when there is none. */
    public function value(string $kind, string $field): string
    {
        foreach ($this->facts as $fact) {
            if ($fact->kind === $kind) {
                return (string) $fact->fields[$field];
            }
        }

        return '';
    }

    /**
     * @return list<Fact> in order
     *
     * @throws Refusal when there are none
     */
    public function all(string $none): array
    {
        if ($this->profiles !== []) {
            $links = array_map(strval(...), array_keys($this->profiles));
            $this->add('profiles', ['links' => $links], max($this->profiles), implode(' ', $links));
        }
        $order = array_flip(self::ORDER);
        $facts = array_values($this->facts);
        usort($facts, fn (Fact $one, Fact $other) => ($order[$one->kind] ?? 99) <=> ($order[$other->kind] ?? 99));

        return $facts === [] ? throw Refusal::because($none) : $facts;
    }

    public static function isProfile(string $address): bool
    {
        try {
            $link = ProfileDirectory::read($address);

            return $link->handle !== '' && $link->kind !== 'other' && ! str_starts_with($link->kind, 'purpose-');
        } catch (Refusal) {
            return false;
        }
    }
}
