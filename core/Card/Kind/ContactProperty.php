<?php

namespace InkyCard\Card\Kind;

/** What a piece says in a contact (RFC 6350): property, value and parameters. */
final readonly class ContactProperty
{
    /** Letters after the name, which are a part of it (RFC 6350, 6.2.2). */
    public const SUFFIX = 'N-SUFFIX';

    /**
     * @param  string|list<string>  $value
     * @param  array<string, string|list<string>>  $parameters
     */
    public function __construct(public string $name, public string|array $value, public array $parameters = [])
    {
    }
}
