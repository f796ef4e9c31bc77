<?php

namespace App\Campaigns;

use InkyCard\Time\Day;

/** A campaign as it stands on a day. */
final readonly class Campaign
{
    /**
     * @param  int  $footer  number of the footer its messages carry
     * @param  int  $head  newest revision of that
     * @param  list<Message>  $messages
     * @param  bool  $isBare  its footer was removed
     * @param  ?string  $outside  what it goes by where it is sent from; null where that is done by hand
     * @param  ?string  $sender  name of who sends it: see App\Senders\Senders
     * @param  ?SenderReport  $said  what that said of it last
     */
    private function __construct(
        public int $id, public string $name, public int $footer, public string $called, public int $head,
        public Day $starts, public int $recipients, public bool $isEnded, public array $messages, private Day $today,
        public ?string $outside, public bool $isBare, public ?string $sender, public ?SenderReport $said,
    ) {
    }

    /** @param  iterable<\stdClass>  $rows  of campaign_messages */
    public static function of(\stdClass $row, iterable $rows, Day $today): self
    {
        $starts = Day::parse(substr((string) $row->starts, 0, 10));
        $messages = [];
        foreach ($rows as $message) {
            $day = $starts->plus((int) $message->after_days);
            // Whoever sends it knows; where that is done by hand, its day says so.
            $isSent = $row->outside === null ? $day->isBefore($today)
                : $message->sent_at !== null || (int) $message->sent > 0;
            $revision = (int) $message->footer_revision;
            $messages[] = new Message(
                (int) $message->id, (string) $message->subject, (int) $message->after_days, $day, $revision, $isSent,
                ! $isSent && $row->ended_at === null && $revision < (int) $row->head,
                Day::at(new \DateTimeImmutable((string) $message->put_at)),
                $message->letter_id === null ? null : (int) $message->letter_id, (int) $message->sent,
                $message->sent_at !== null,
            );
        }

        return new self(
            (int) $row->id, (string) $row->name, (int) $row->footer_id, (string) $row->footer, (int) $row->head,
            $starts, (int) $row->recipients, $row->ended_at !== null, $messages, $today, $row->outside,
            $row->footer_removed !== null, $row->sender,
            $row->said === null ? null : SenderReport::of((array) json_decode((string) $row->said, true)),
        );
    }

    /** Messages still to go. */
    public function left(): int
    {
        return $this->isEnded ? 0 : count(array_filter($this->messages, fn (Message $message) => ! $message->isSent));
    }

    /** Of those, how many hold an older revision than there is. */
    public function old(): int
    {
        return count(array_filter($this->messages, fn (Message $message) => $message->isOld));
    }

    /** The oldest revision among those, with the day it was put there. */
    public function oldest(): ?Message
    {
        $old = array_filter($this->messages, fn (Message $message) => $message->isOld);
        usort($old, fn (Message $one, Message $other) => $one->revision <=> $other->revision);

        return $old[0] ?? null;
    }

    /** Whether its sender is at it just now: a message is due and not through. */
    public function isSending(): bool
    {
        return ! $this->isEnded && $this->said?->isStopped === false && array_filter(
            $this->messages,
            fn (Message $message) => ! $message->isThrough
                && ($message->sent > 0 || ! $this->today->isBefore($message->day)),
        ) !== [];
    }

    public function state(): string
    {
        return match (true) {
            $this->isEnded => __('ended'),
            $this->said?->isStopped === true => __('stopped'),
            $this->left() === 0 => __('all sent'),
            $this->today->isBefore($this->starts) => __('planned'),
            default => __('running'),
        };
    }

    /** Its messages as they are written in a form. */
    public function lines(): string
    {
        return implode("\n", array_map(
            fn (Message $message): string => "$message->days $message->subject", $this->messages,
        ));
    }
}
