<?php

namespace App\Tray;

use Symfony\Component\Mailer\SentMessage;
use Symfony\Component\Mailer\Transport\AbstractTransport;

/**
 * A stand-in for the outside mailbox: what is sent is kept in the tray of the workspace that sent it, and goes nowhere.
 */
final class TrayTransport extends AbstractTransport
{
    private int $workspace = 0;

    /** Whose tray the messages sent next are kept in: known here alone, and in no message. */
    public function of(int $workspace): self
    {
        $this->workspace = $workspace;

        return $this;
    }

    protected function doSend(SentMessage $message): void
    {
        Tray::keep($this->workspace, $message->toString(), 'sent');
    }

    public function __toString(): string
    {
        return 'tray://';
    }
}
