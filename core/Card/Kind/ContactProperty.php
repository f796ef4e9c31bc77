<?php

namespace InkyCard\Card\Kind;

/** What a piece says in a contact (RFC 6350): property, value and parameters. */
final readonly class ContactProperty
{
    /**
     * @param  string|list<string>  $value
     * @param  array<string, string|list<string>>  $parameters
     */
    public function __construct(public string $name, public string|array $value, public array $parameters = [])
    {
    }
}
