<?php

namespace App\Hooks;

use App\Outside\SafeHttpClient;
use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Foundation\Queue\Queueable;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\Crypt;
use Illuminate\Support\Facades\DB;
use InkyCard\Refusal;
use StandardWebhooks\Webhook;

/** Tells one address of one thing that happened; where it does not answer, again, with growing pauses. */
final class MakeHookCall implements ShouldQueue
{
    use Queueable;

    /** Seconds before each further try: a little over two days in all. */
    private const PAUSES = [60, 300, 1_800, 7_200, 28_800, 57_600, 86_400];

    /** Bytes of an answer that are read, and seconds it may take. */
    private const MOST = 10_000;

    private const SECONDS = 10;

    private const GONE = 410;

    public function __construct(private readonly int $call)
    {
    }

    public function handle(SafeHttpClient $outside): void
    {
        $call = DB::table('hook_calls')->join('hooks', 'hooks.id', 'hook_id')->where('hook_calls.id', $this->call)
            ->first(['hook_calls.*', 'address', 'secret', 'stopped_at']);
        if ($call === null || $call->state !== 'waits') {
            return;
        }
        if ($call->stopped_at !== null) {
            $this->note(['state' => 'dropped', 'words' => 'The address was stopped.', 'next_at' => null]);

            return;
        }
        $next = Carbon::parse((string) $call->next_at);
        $next->isFuture() ? self::dispatch($this->call)->delay($next) : $this->make($outside, $call);
    }

    private function make(SafeHttpClient $outside, \stdClass $call): void
    {
        try {
            $status = $outside->post(
                $call->address, ...self::signed($call), most: self::MOST, seconds: self::SECONDS,
            )->status;
            $words = "It answered $status.";
        } catch (Refusal $refusal) {
            [$status, $words] = [0, $refusal->getMessage()];
        }
        if ($status >= 200 && $status < 300) {
            $this->note(['state' => 'told', 'words' => $words, 'tries' => $call->tries + 1, 'next_at' => null]);

            return;
        }
        $pause = $status === self::GONE ? null : self::PAUSES[$call->tries] ?? null;
        $next = $pause === null ? null : now()->addSeconds($pause);
        $this->note([
            'state' => $next === null ? 'given up' : 'waits', 'words' => $words, 'tries' => $call->tries + 1,
            'next_at' => $next === null ? null : (string) $next,
        ]);
        if ($next !== null) {
            self::dispatch($this->call)->delay($next);
        } else {
            // It says that it is gone, or nobody looked after it for days.
            DB::table('hooks')->where('id', $call->hook_id)->update(['stopped_at' => (string) now()]);
        }
    }

    /** @return array{string, array<string, string>} body and headers (Standard Webhooks 1.0) */
    private static function signed(\stdClass $call): array
    {
        $body = (string) json_encode([
            'type' => $call->event, 'timestamp' => Carbon::parse($call->at)->toAtomString(),
            'data' => (array) json_decode($call->data, true) + self::now($call),
        ], JSON_UNESCAPED_SLASHES | JSON_UNESCAPED_UNICODE);
        $at = now()->getTimestamp();
        $id = "msg_$call->message";

        return [$body, [
            'Content-Type' => 'application/json', 'webhook-id' => $id, 'webhook-timestamp' => (string) $at,
            'webhook-signature' => (new Webhook(Crypt::decryptString($call->secret)))->sign($id, $at, $body),
        ]];
    }

    /** @return array<string, mixed> how a card is by the time it is told of */
    private static function now(\stdClass $call): array
    {
        $card = str_starts_with($call->event, 'card.') ? DB::table('cards')->where('id', (int) $call->subject)->first()
            : null;

        return $card === null ? [] : ['name' => $card->name, 'revision' => (int) $card->head];
    }

    /** @param  array<string, mixed>  $what */
    private function note(array $what): void
    {
        DB::table('hook_calls')->where('id', $this->call)->update($what);
    }
}
