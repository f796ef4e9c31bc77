<?php

namespace InkyCard\Footer;

/** What a sending system fills in for each recipient, as it stands in a text. */
final readonly class Token
{
    /**
     * @param  string  $raw  as it is written
     * @param  string  $fallback  for recipients without it; empty for none
     * @param  int  $at  where it stands, bytes
     */
    public function __construct(public string $raw, public string $name, public string $fallback, public int $at)
    {
    }

    /** @param  array<string, string>  $values  of a recipient */
    public function filled(array $values): string
    {
        $value = trim($values[$this->name] ?? $values[mb_strtolower($this->name)] ?? '');

        return $value === '' ? $this->fallback : $value;
    }
}
