<?php

namespace App\Jobs;

use App\Models\Rollout;
use App\Models\StoredPerson;
use App\Outside\MailServer;
use App\Rollouts\RolloutMail;
use App\Rollouts\RolloutMessages;
use App\Tray\Tray;
use App\Tray\TrayTransport;
use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Foundation\Queue\Queueable;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Mail;
use InkyCard\Refusal;
use Symfony\Component\Mailer\Exception\ExceptionInterface as MailerException;
use Symfony\Component\Mime\Email;
use Symfony\Component\Mime\Exception\ExceptionInterface as MimeException;

/**
 * Sends what waits of a rollout, so many a minute where they go into the world. Into the tray a message and the note
 * that it was sent are written as one; a mail server is given one only after that is noted, so that nobody is asked
 * twice.
 */
final class SendRollout implements ShouldQueue
{
    use GoesOn, Queueable;

    private const SECONDS = 10;

    private const EACH = 100;

    public function __construct(private readonly int $rollout)
    {
    }

    public function handle(): void
    {
        $until = microtime(true) + self::SECONDS;
        do {
            $rollout = Rollout::query()->where(['id' => $this->rollout, 'state' => Rollout::RUNNING])->first();
            $some = $rollout?->messages()->where('state', 'waits')->orderBy('id')->limit(self::EACH)->get();
            if ($rollout === null || $some === null || $some->isEmpty()) {
                return;
            }
            $people = StoredPerson::query()->whereIn('id', $some->pluck('person_id'))->whereNull('removed_at')->get()
                ->each(fn (StoredPerson $person) => $person->setRelation('workspace', $rollout->workspace))
                ->keyBy('id');
            $wait = null;
            if (Mail::getSymfonyTransport() instanceof TrayTransport) {
                self::keep($rollout, $some->all(), $people->all());
            } else {
                $wait = self::pass($rollout, $some->all(), $people->all());
            }
        } while ($wait === null && microtime(true) < $until);
        if (config('queue.default') !== 'sync') {
            self::dispatch($this->rollout)->delay($wait ?? 0);
        }
    }

    /**
     * @param  array<int, \stdClass>  $some
     * @param  array<string, StoredPerson>  $people
     */
    private static function keep(Rollout $rollout, array $some, array $people): void
    {
        DB::transaction(function () use ($rollout, $some, $people): void {
            // All of a bite or none of it: what another worker took is no longer waiting.
            $waiting = DB::table('rollout_messages')->where('state', 'waits')
                ->whereIn('id', array_column($some, 'id'))->pluck('id')->flip();
            $messages = $sent = [];
            foreach (array_filter($some, fn (\stdClass $one): bool => isset($waiting[$one->id])) as $one) {
                try {
                    $email = self::email($rollout, $one, $people);
                    $messages[] = ['from' => (string) config('mail.from.address'), 'raw' => $email->toString(),
                        'to' => $people[$one->person_id]->address, 'subject' => (string) $email->getSubject()];
                    $sent[] = $one;
                } catch (Refusal|MimeException $refusal) {
                    RolloutMessages::settle($one, 'refused', $refusal->getMessage());
                }
            }
            Tray::fill($rollout->workspace_id, 'sent', $messages);
            RolloutMessages::sent($sent);
        });
    }

    /**
     * @param  array<int, \stdClass>  $some
     * @param  array<string, StoredPerson>  $people
     * @return ?int seconds to wait; null for none
     */
    private static function pass(Rollout $rollout, array $some, array $people): ?int
    {
        foreach ($some as $one) {
            $wait = MailServer::wait();
            if ($wait !== null) {
                return $wait;
            }
            if (! RolloutMessages::claim($one->id)) {
                continue;
            }
            MailServer::counts();
            try {
                Mail::getSymfonyTransport()->send(self::email($rollout, $one, $people));
                RolloutMessages::settle($one, 'sent');
            } catch (Refusal|MailerException|MimeException $refusal) {
                $means = MailServer::means($refusal);
                $states = ['later' => 'waits', 'refused' => 'refused'];
                isset($states[$means]) && RolloutMessages::settle($one, $states[$means], $refusal->getMessage());
                if ($means !== 'refused') {
                    return MailServer::PAUSE;
                }
            }
        }

        return null;
    }

    /**
     * @param  array<string, StoredPerson>  $people
     *
     * @throws Refusal
     */
    private static function email(Rollout $rollout, \stdClass $one, array $people): Email
    {
        $note = $one->kind === 'redo' ? (string) $rollout->people()->where('person_id', $one->person_id)->value('note')
            : '';

        return RolloutMail::of($rollout, $one->kind, $people[$one->person_id] ?? throw Refusal::because(
            'Not on the list any more.',
        ), $note);
    }
}
