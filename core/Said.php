<?php

namespace InkyCard;

/**
 * A sentence with values in it, for whoever says it in another language: `:name` in the template stands for the value
 * of that name.
 */
final readonly class Said implements \Stringable
{
    /** @param  array<string, string|Said>  $values */
    private function __construct(public string $template, public array $values)
    {
    }

    /** @param  array<string, string|int|float|false|Said|null>  $values */
    public static function of(string $template, array $values = []): self
    {
        return new self($template, array_map(
            fn (string|int|float|false|Said|null $value): string|Said => $value instanceof Said ? $value
                : (string) $value, $values,
        ));
    }

    public function __toString(): string
    {
        $of = [];
        foreach ($this->values as $name => $value) {
            $of[":$name"] = (string) $value;
        }

        return strtr($this->template, $of);
    }
}
