<?php

namespace InkyCard\Card\Style;

use InkyCard\Brand\InkRole;
use InkyCard\Refusal;

/** One object of a style document, such as `marks`: what is given, the defaults behind it. */
final readonly class Settings
{
    /** Longest text still taken for a number. */
    private const NUMBER = 9;

    /** @param  array<string, mixed>  $values  every known key */
    private function __construct(private string $group, public array $values)
    {
    }

    /**
     * @param  mixed  $given  the object as read; forms bring its numbers as text
     * @param  array<string, mixed>  $defaults  every key it may have
     *
     * @throws Refusal
     */
    public static function of(string $group, mixed $given, array $defaults): self
    {
        return new self($group, [...$defaults, ...array_intersect_key(self::object($group, $given), $defaults)]);
    }

    /**
     * @return array<array-key, mixed> numbers that came as text made numbers
     *
     * @throws Refusal
     */
    public static function object(string $group, mixed $given): array
    {
        $isObject = $given instanceof \stdClass || is_array($given) && ($given === [] || ! array_is_list($given));
        $given = $given instanceof \stdClass ? (array) $given : $given;
        if (! $isObject || ! is_array($given)) {
            throw Refusal::because('The value of :group is a JSON object.', "/$group", ['group' => $group]);
        }

        return array_map(
            fn (mixed $value) => is_string($value) && is_numeric($value) && strlen($value) < self::NUMBER
                ? $value + 0 : $value,
            $given,
        );
    }

    /** @param  array{int, int}  $bounds  smallest and largest, CSS px */
    public function pixels(string $key, array $bounds): float
    {
        return Number::within($this->values[$key], $bounds, "$this->group $key", "/$this->group/$key")
            ?? throw Refusal::because(
                'The :group :key is missing.', "/$this->group/$key", ['group' => $this->group, 'key' => $key],
            );
    }

    /**
     * @param  array{int, int}  $bounds  smallest and largest, CSS px
     * @return ?int null where none is given: a form sends an empty text
     */
    public function optionalPixels(string $key, array $bounds, string $label): ?int
    {
        $given = $this->values[$key] === '' ? null : $this->values[$key];
        $pixels = Number::within($given, $bounds, $label, "/$this->group/$key");

        return $pixels === null ? null : (int) $pixels;
    }

    /** True and false; forms say 1 and 0. */
    public function truth(string $key): bool
    {
        return match ($this->values[$key]) {
            true, 1 => true,
            false, 0 => false,
            default => throw Refusal::because(
                'The value of :key is true or false.', "/$this->group/$key", ['key' => $key],
            ),
        };
    }

    public function role(string $key = 'ink'): InkRole
    {
        return InkRole::tryFrom($this->text($key)) ?? throw Refusal::because(
            'Choose one of the inks: :choices.',
            "/$this->group/$key", ['choices' => implode(', ', array_column(InkRole::cases(), 'value'))],
        );
    }

    /** None where nothing is chosen: a form sends an empty text. */
    public function optionalRole(string $key): ?InkRole
    {
        return in_array($this->values[$key], [null, ''], true) ? null : $this->role($key);
    }

    /** A value that is text; empty for anything else. */
    public function text(string $key): string
    {
        return is_string($this->values[$key]) ? $this->values[$key] : '';
    }
}
