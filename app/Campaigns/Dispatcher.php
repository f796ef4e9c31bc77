<?php

namespace App\Campaigns;

use App\Models\StoredFooter;
use App\Models\StoredLetter;
use App\Models\User;
use App\Models\Workspace;
use App\Pictures\HostedPictures;
use App\Senders\Sender;
use Illuminate\Support\Facades\DB;
use InkyCard\Footer\Footer;
use InkyCard\Letter\LetterCard;
use InkyCard\Refusal;

/** Gives campaigns to a sending system, with a letter for each message, and asks what became of them. */
final readonly class Dispatcher
{
    public function __construct(private Workspace $workspace, private Sender $sender)
    {
    }

    /** @throws Refusal */
    public function start(Campaign $campaign, User $by): void
    {
        $recipients = [];
        foreach (DB::table('recipients')->where('workspace_id', $this->workspace->id)->whereNull('unsubscribed_at')
            ->orderBy('id')->get(['address', 'data']) as $row) {
            $recipients[] = ['email' => $row->address, 'values' => (array) json_decode((string) $row->data, true)];
        }
        if ($recipients === []) {
            throw Refusal::because('There are no recipients yet: bring them in beside its footer.', '/campaign');
        }
        $outside = $this->sender->start([
            'name' => $campaign->name, 'from' => $by->email, 'starts' => $campaign->starts->iso,
            'style' => $this->footer($campaign->footer)->footer()->style->toDocument(), 'recipients' => $recipients,
            'messages' => array_map(fn (Message $message): array => ['after_days' => $message->days]
                + $this->message($campaign, $message, $message->revision), $campaign->messages),
        ]);
        DB::table('campaigns')->where('id', $campaign->id)->update([
            'outside' => $outside, 'recipients' => count($recipients),
        ]);
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

        return $this->sender->replace((string) $campaign->outside, $position, $message);
    }

    /**
     * What became of it there; who left is left alone everywhere.
     *
     * @return array{sent: list<int>, left: int, bounced: int}
     */
    public function state(string $outside): array
    {
        $state = $this->sender->state($outside);
        DB::table('recipients')->where('workspace_id', $this->workspace->id)->whereNull('unsubscribed_at')
            ->whereIn('address', $state['left'])->update(['unsubscribed_at' => (string) now()]);

        return [
            'sent' => array_column($state['messages'], 'sent'), 'left' => count($state['left']),
            'bounced' => count($state['bounced']),
        ];
    }

    /**
     * @return array{subject: string, html: string, text: string}
     *
     * @throws Refusal
     */
    private function message(Campaign $campaign, Message $message, int $revision): array
    {
        /** @var ?StoredLetter $letter */
        $letter = StoredLetter::in($this->workspace)->where('subject', $message->subject)->first();
        if ($letter === null) {
            throw Refusal::because("No letter has the subject “{$message->subject}”: write it first.", '/campaign');
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
