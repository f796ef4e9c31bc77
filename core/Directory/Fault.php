<?php

namespace InkyCard\Directory;

/** What a directory asked that cannot be done, as SCIM says it (RFC 7644, 3.12). */
final class Fault extends \DomainException
{
    /**
     * @param  string  $type  `scimType`, such as `invalidFilter`; empty for none
     * @param  int  $status  of HTTP
     */
    private function __construct(string $detail, public readonly string $type, public readonly int $status)
    {
        parent::__construct($detail);
    }

    public static function of(string $type, string $detail): self
    {
        return new self($detail, $type, $type === 'uniqueness' ? 409 : 400);
    }

    public static function gone(): self
    {
        return new self('There is nothing of this id here.', '', 404);
    }
}
