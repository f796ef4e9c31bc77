<?php

namespace App\Tray;

use Symfony\Component\Mailer\SentMessage;
use Symfony\Component\Mailer\Transport\AbstractTransport;
use Symfony\Component\Mime\Message;

/**
 * A stand-in for the outside mailbox: what is sent is kept in the tray of the workspace that sent it, and goes nowhere.
 */
final class TrayTransport extends AbstractTransport
{
    /** Says whose tray; taken out before the message is kept. */
    public const WORKSPACE = 'X-Inky-Workspace';

    protected function doSend(SentMessage $message): void
    {
        $original = $message->getOriginalMessage();
        $workspace
            = $original instanceof Message
                ? (int) ($original->getHeaders()->get(self::WORKSPACE)?->getBodyAsString() ?? 0)
                : 0;
        Tray::keep(
            $workspace,
            (string) preg_replace('/^'.self::WORKSPACE.':[^\r\n]*\r\n/mi', '', $message->toString()),
            'sent',
        );
    }

    public function __toString(): string
    {
        return 'tray://';
    }
}
