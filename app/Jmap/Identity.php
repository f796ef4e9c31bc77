<?php

namespace App\Jmap;

/** An address a mailbox sends as, with the signature under it (RFC 8621, 6). */
final readonly class Identity
{
    public function __construct(
        public string $id,
        public string $name,
        public string $email,
        public string $html,
        public string $text,
    ) {
    }
}
