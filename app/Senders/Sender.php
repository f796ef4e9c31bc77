<?php

namespace App\Senders;

use InkyCard\Refusal;

/** A system that sends campaigns. */
interface Sender
{
    /**
     * @param  array<string, mixed>  $campaign  `name`, `from`, `style`, `starts` (YYYY-MM-DD), `messages` (each
     *     `after_days`, `subject`, `html`, `text`), `recipients` (each `email`, `values`)
     * @return string what it goes by there
     *
     * @throws Refusal
     */
    public function start(array $campaign): string;

    /**
     * Puts another text in the place of a message that was not sent yet.
     *
     * @param  array<string, string>  $message  `subject`, `html`, `text`
     * @return bool whether it was not too late
     *
     * @throws Refusal
     */
    public function replace(string $campaign, int $position, array $message): bool;

    /**
     * @return array{stopped: bool, words: string, messages: list<array{position: int, sent: int, sent_at: ?string}>,
     *     left: list<string>, bounced: list<string>, refused: int, unsure: int}  `words`: why a mail server
     *     would take no more, and it was stopped; `refused`: messages the recipient's
     *     side did not take; `unsure`: cut off while they were passed on, and not sent again
     *
     * @throws Refusal
     */
    public function state(string $campaign): array;

    /** @throws Refusal */
    public function stop(string $campaign): void;

    /**
     * Takes up again what was stopped.
     *
     * @throws Refusal
     */
    public function resume(string $campaign): void;
}
