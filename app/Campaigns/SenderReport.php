<?php

namespace App\Campaigns;

/** What a sender said last of a campaign it was given. */
final readonly class SenderReport
{
    /**
     * @param  int  $left  recipients who unsubscribed, and whose mailbox is none
     * @param  int  $refused  messages the recipients' side did not take
     * @param  int  $unsure  messages cut off while they were passed on: not sent again
     * @param  string  $words  why its sender stopped it by itself
     */
    private function __construct(
        public bool $isStopped, public int $left, public int $bounced, public int $refused, public int $unsure,
        public string $words,
    ) {
    }

    /** @param  array<string, mixed>  $state  see App\Senders\Sender, or what was kept of it */
    public static function of(array $state): self
    {
        $count = fn (string $key): int => is_array($state[$key] ?? null) ? count($state[$key])
            : (int) ($state[$key] ?? 0);

        return new self(
            (bool) ($state['stopped'] ?? false), $count('left'), $count('bounced'), $count('refused'),
            $count('unsure'), is_string($state['words'] ?? null) ? $state['words'] : '',
        );
    }

    public function json(): string
    {
        return json_encode([
            'stopped' => $this->isStopped, 'left' => $this->left, 'bounced' => $this->bounced,
            'refused' => $this->refused, 'unsure' => $this->unsure, 'words' => $this->words,
        ], JSON_THROW_ON_ERROR);
    }
}
