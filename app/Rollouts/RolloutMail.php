<?php

namespace App\Rollouts;

use App\Clicks\CountedLinks;
use App\House\OwnCard;
use App\House\PersonalCards;
use App\House\PersonPage;
use App\Models\Rollout;
use App\Models\StoredPerson;
use App\Pictures\HostedPictures;
use App\Roster\Stay;
use App\Words\Moments;
use App\Words\Words;
use InkyCard\Compose\HtmlComposer;
use InkyCard\Handover\MessageWriter;
use InkyCard\Handover\SubjectHeader;
use InkyCard\Refusal;
use Symfony\Component\Mime\Address;
use Symfony\Component\Mime\Email;

/** What people are written in a rollout. */
final class RolloutMail
{
    /** @throws Refusal for somebody who cannot be written to */
    public static function of(Rollout $rollout, string $kind, StoredPerson $person, string $note = ''): Email
    {
        if ($person->address === '') {
            throw Refusal::because('There is no mail address to write to.');
        }
        if (Stay::isOver($person->last_day, $person->workspace)) {
            throw Refusal::because('Their last day is over.');
        }
        [$subject, $body] = $rollout->wording(in_array($kind, ['tell', 'ask', 'remind'], true) ? $kind : 'redo')
            ->filled(self::values($rollout, $kind, $person) + ['note' => $note]);
        $email = SubjectHeader::put(new Email, $subject)->text($body)->to(new Address($person->address))->from(
            new Address((string) config('mail.from.address'), $rollout->workspace->name),
        );
        $card = $kind === 'tell' ? '' : self::card($person);
        $card === '' || $email->html(MessageWriter::paragraphs($body, links: true).$card);
        $rollout->help === '' || $email->replyTo(new Address($rollout->help));
        $email->getHeaders()->addTextHeader('Auto-Submitted', 'auto-generated');

        return $email;
    }

    /** Their card as it is, to be seen before the page is opened; empty where they have none. */
    private static function card(StoredPerson $person): string
    {
        $card = PersonalCards::of($person->workspace, $person->id);

        return $card === null || $card->archived_at !== null ? '' : (new HtmlComposer(HostedPictures::forExport()))
            ->compose(CountedLinks::sheet($card, $card->document()));
    }

    /** @return array<string, string> blank => what stands for it */
    private static function values(Rollout $rollout, string $kind, StoredPerson $person): array
    {
        return [
            'name' => $person->name, 'page' => $kind === 'tell' ? '' : PersonPage::address($person),
            'deadline' => Moments::day($rollout->deadline, 'long'), 'tag' => $rollout->tag,
            'tests' => $rollout->tests_to, 'help' => $rollout->help, 'film' => $rollout->film,
            'firm' => $rollout->workspace->name,
        ];
    }

    /**
     * Why somebody cannot be asked yet; null where they can.
     *
     * @param  bool  $isWaived  though what the trade asks for is not there
     */
    public static function hinders(StoredPerson $person, ?Duties $duties = null, bool $isWaived = false): ?string
    {
        if ($person->address === '') {
            return Words::of('no mail address');
        }
        $own = OwnCard::of($person);

        return match (true) {
            $own === null => Words::of('no card yet'),
            ! $isWaived && $duties?->lacks($own->card)?->licence === true => Words::of('no licence'),
            default => null,
        };
    }
}
