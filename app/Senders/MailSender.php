<?php

namespace App\Senders;

use App\Auth\GuestRoom;
use App\Mailings\Mailings;
use App\Models\Workspace;
use App\Pictures\HostedPictures;
use InkyCard\Refusal;
use InkyCard\Time\Day;

/** Small real mailings, through the mail server that is set: see SendMailings. */
final readonly class MailSender implements Sender
{
    private Mailings $mailings;

    public function __construct(private Workspace $workspace)
    {
        $this->mailings = Mailings::ofMail($workspace->id);
    }

    public function start(array $campaign): string
    {
        GuestRoom::mustNotSend($this->workspace);
        if (! str_starts_with(HostedPictures::publicBase(), 'https://')) {
            // RFC 8058, 3.1
            throw Refusal::because('Mailboxes press the way out at an https address: PUBLIC_URL has to be one.');
        }
        $id = $this->mailings->start($campaign);
        $today = Day::at(now($this->workspace->clock()));
        $days = array_unique(array_column($campaign['messages'], 'after_days'));
        foreach ($days as $after) {
            $day = Day::parse($campaign['starts'])->plus((int) $after);
            if ($today->isBefore($day)) {
                SendMailings::dispatch($this->workspace->id)
                    ->delay(SendMailings::opens($day, $this->workspace->clock()));
            }
        }
        SendMailings::dispatch($this->workspace->id);

        return (string) $id;
    }

    public function replace(string $campaign, int $position, array $message): bool
    {
        return $this->mailings->replace($this->own($campaign), $position, $message);
    }

    public function state(string $campaign): array
    {
        $state = $this->mailings->state($this->own($campaign));
        if (! $state['stopped'] && SendMailings::isDue($this->workspace)) {
            // A lost job is begun again.
            SendMailings::dispatch($this->workspace->id);
        }

        return $state;
    }

    public function stop(string $campaign): void
    {
        $this->mailings->stop($this->own($campaign), true);
    }

    public function resume(string $campaign): void
    {
        $this->mailings->stop($this->own($campaign), false);
        SendMailings::dispatch($this->workspace->id);
    }

    /** @throws Refusal */
    private function own(string $campaign): int
    {
        return $this->mailings->holds((int) $campaign) ? (int) $campaign
            : throw Refusal::because('Its mailing is not there any more.');
    }
}
