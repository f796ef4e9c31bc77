<?php

namespace App\Campaigns;

use App\Models\StoredFooter;
use App\Models\StoredLetter;
use App\Models\User;
use App\Models\Workspace;
use App\Pictures\HostedPictures;
use App\Senders\Sender;
use App\Senders\Senders;
use Illuminate\Support\Facades\DB;
use InkyCard\Footer\Footer;
use InkyCard\Letter\LetterCard;
use InkyCard\Refusal;

/** Gives campaigns to a sending system, with a letter for each message, and asks what became of them. */
final readonly class Dispatcher
{
    /** Campaigns before it that are asked who left. */
    private const HEARD = 20;

    public function __construct(private Workspace $workspace)
    {
    }

    /** @throws Refusal */
    public function start(Campaign $campaign, User $by): void
    {
        $name = Senders::current() ?? throw Refusal::because('No sender is set.');
        $this->hear();
        $recipients = [];
        foreach (Recipients::in($this->workspace)->whereNotIn('address', LeftAlone::of($this->workspace->id))
            ->orderBy('id')->get(['address', 'data']) as $row) {
            $recipients[] = ['email' => $row->address, 'values' => (array) json_decode((string) $row->data, true)];
        }
        if ($recipients === []) {
            throw Refusal::because('There are no recipients yet: bring them in beside its footer.', '/campaign');
        }
        $outside = Senders::of($name, $this->workspace)->start([
            'name' => $campaign->name, 'from' => $by->mailbox(), 'starts' => $campaign->starts->iso,
            'style' => $this->footer($campaign->footer)->footer()->style->toDocument(), 'recipients' => $recipients,
            'messages' => array_map(fn (Message $message): array => ['after_days' => $message->days]
                + $this->message($campaign, $message, $message->revision), $campaign->messages),
        ]);
        DB::table('campaigns')->where('id', $campaign->id)->update([
            'sender' => $name, 'outside' => $outside, 'recipients' => count($recipients),
        ]);
    }

    /** Who left a campaign that was given to a sender is left alone in the next. @throws Refusal */
    private function hear(): void
    {
        foreach (DB::table('campaigns')->where('workspace_id', $this->workspace->id)->whereNotNull('outside')
            ->latest('id')->limit(self::HEARD)->get(['id', 'sender', 'outside']) as $row) {
            if (Senders::answers((string) $row->sender)) {
                $this->ask((int) $row->id, (string) $row->sender, (string) $row->outside);
            }
        }
    }

    /**
     * Writes a message that is still to go there anew, with a revision of its footer.
     *
     * @return bool whether it was not too late
     *
     * @throws Refusal
     */
    public function replace(Campaign $campaign, int $position, int $revision): bool
    {
        $message = $this->message($campaign, $campaign->messages[$position], $revision);

        return $this->sender($campaign)->replace((string) $campaign->outside, $position, $message);
    }

    /** Stops it where it is sent from, or takes it up again. @throws Refusal */
    public function stop(Campaign $campaign, bool $stopped): void
    {
        $sender = $this->sender($campaign);
        $stopped ? $sender->stop((string) $campaign->outside) : $sender->resume((string) $campaign->outside);
    }

    /**
     * What became of it there; who left is left alone everywhere.
     *
     * @throws Refusal
     */
    public function state(Campaign $campaign): SenderReport
    {
        return $this->ask($campaign->id, (string) $campaign->sender, (string) $campaign->outside);
    }

    /** @throws Refusal */
    private function ask(int $campaign, string $sender, string $outside): SenderReport
    {
        $state = Senders::of($sender, $this->workspace)->state($outside);
        LeftAlone::add($this->workspace->id, $state['left'], 'left');
        LeftAlone::add($this->workspace->id, $state['bounced'], 'bounced');
        $said = SenderReport::of($state);
        DB::transaction(function () use ($campaign, $said, $state): void {
            DB::table('campaigns')->where('id', $campaign)->update(['said' => $said->json()]);
            foreach ($state['messages'] as $message) {
                DB::table('campaign_messages')
                    ->where(['campaign_id' => $campaign, 'position' => $message['position']])
                    ->update(['sent' => $message['sent'], 'sent_at' => $message['sent_at']]);
            }
        });

        return $said;
    }

    private function sender(Campaign $campaign): Sender
    {
        return Senders::of((string) $campaign->sender, $this->workspace);
    }

    /**
     * @return array{subject: string, html: string, text: string}
     *
     * @throws Refusal
     */
    private function message(Campaign $campaign, Message $message, int $revision): array
    {
        /** @var ?StoredLetter $letter */
        $letter = StoredLetter::in($this->workspace)->when(
            $message->letter !== null, fn ($letters) => $letters->where('id', $message->letter),
            fn ($letters) => $letters->where('subject', $message->subject),
        )->first();
        if ($letter === null) {
            throw Refusal::because(
                '“:subject” has no letter: choose one for it, or write one of that subject.',
                '/campaign', ['subject' => $message->subject],
            );
        }
        $footer = $this->footer($campaign->footer);
        $row = $footer->revision($revision);
        $sender = $footer->sender($this->workspace)->document();
        $card = new LetterCard($letter->letter($this->workspace), $sender, Footer::of(
            (array) json_decode((string) $row?->document, true),
        ));

        return ['subject' => $message->subject, 'text' => $card->text(),
            'html' => FooterPage::whole($card->html(HostedPictures::forExport()), $sender->lang)];
    }

    private function footer(int $id): StoredFooter
    {
        /** @var StoredFooter */
        return StoredFooter::query()->where('workspace_id', $this->workspace->id)->findOrFail($id);
    }
}
