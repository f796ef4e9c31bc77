<?php

namespace InkyCard\Handover;

use Symfony\Component\Mime\Email;
use Symfony\Component\Mime\Header\UnstructuredHeader;

/** A subject that reads as it was written, what looks like an encoded word (RFC 2047, 5) among it. */
final class SubjectHeader extends UnstructuredHeader
{
    /** In the place of any subject a message has. */
    public static function put(Email $email, string $subject): Email
    {
        $email->getHeaders()->remove('Subject');
        $email->getHeaders()->add(new self('Subject', $subject));

        return $email;
    }

    protected function tokenNeedsEncoding(string $token): bool
    {
        return str_contains($token, '=?') || parent::tokenNeedsEncoding($token);
    }
}
