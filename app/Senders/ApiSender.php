<?php

namespace App\Senders;

use App\Outside\SafeHttpClient;
use App\StandIns\SenderStandIn;
use InkyCard\Refusal;

/** The stand-in sender, over HTTP as any other would be. */
final readonly class ApiSender implements Sender
{
    /** Bytes of an answer, and seconds it may take. */
    private const MOST = 4_000_000;

    private const SECONDS = 20;

    public function __construct(private SafeHttpClient $outside, private int $account)
    {
    }

    public function start(array $campaign): string
    {
        return (string) ($this->asked('campaigns', $campaign)[1]['id'] ?? '');
    }

    public function replace(string $campaign, int $position, array $message): bool
    {
        return $this->asked("campaigns/$campaign/messages/$position", $message, [200, 409])[0] === 200;
    }

    public function state(string $campaign): array
    {
        /** @phpstan-ignore return.type */
        return $this->asked("campaigns/$campaign", null)[1];
    }

    public function stop(string $campaign): void
    {
        $this->asked("campaigns/$campaign/stop", []);
    }

    public function resume(string $campaign): void
    {
        $this->asked("campaigns/$campaign/resume", []);
    }

    /** Its clock, for the demo. @return string the day it is there */
    public function forward(int $days): string
    {
        return (string) ($this->asked('clock', ['days' => $days])[1]['today'] ?? '');
    }

    /**
     * @param  array<string, mixed>|null  $json
     * @param  list<int>  $good
     * @return array{int, array<string, mixed>}
     *
     * @throws Refusal
     */
    private function asked(string $path, ?array $json, array $good = [200, 201]): array
    {
        $answer = $this->outside->ask(
            'https://'.SenderStandIn::HOST."/v1/$path", SenderStandIn::token($this->account),
            $json === null ? null : json_encode((object) $json, JSON_THROW_ON_ERROR), self::MOST, self::SECONDS,
        );
        $body = (array) json_decode($answer->bytes, true);

        return in_array($answer->status, $good, true) ? [$answer->status, $body] : throw Refusal::because(
            'The sender did not take it:part',
            values: ['part' => is_string($body['detail'] ?? null) ? ": {$body['detail']}" : '.'],
        );
    }
}
