<?php

namespace App\Tray;

use App\Handover\Parcels;
use App\Models\StoredCard;
use App\Models\Workspace;
use App\Placements\Placements;
use InkyCard\Card\Situation;
use InkyCard\Handover\MessageTemplate;
use InkyCard\Handover\MessageWriter;
use InkyCard\Handover\QuotedMessage;
use InkyCard\Handover\SubjectHeader;
use InkyCard\Link\MailAddress;
use InkyCard\Refusal;
use Symfony\Component\Mime\Address;
use Symfony\Component\Mime\Email;

/** Writes messages as a mail program would: the card placed for the address and the situation, above what is quoted. */
final readonly class Composer
{
    /** Of one message: those somebody compares, no mailing. */
    private const RECIPIENTS = 10;

    public function __construct(private Parcels $handOver)
    {
    }

    /**
     * @param  array<array-key, mixed>  $given  `from`, `to`, `subject`, `body`, `way` (new, reply, forward), `format`
     *                                          (html, plain), `card` (its number, `none`, or empty for the one placed),
     *                                          `ready` (set where it was started from a ready message: blanks are
     *                                          looked for then, unless `anyway` is 1)
     * @param  ?MimeMessage  $earlier  the message answered or passed on
     *
     * @throws Refusal with the path of the field
     */
    public function send(Workspace $workspace, array $given, ?MimeMessage $earlier): void
    {
        $from = Refusal::at('/from', fn () => MailAddress::parse($given['from'] ?? '', 'sender'));
        $to = Refusal::at('/to', fn () => MailAddress::several($given['to'] ?? '', self::RECIPIENTS, 'recipient'));
        $to = array_column($to, 'address');
        $words = MessageTemplate::filled(
            $given['subject'] ?? '', $given['body'] ?? '',
            ($given['ready'] ?? '') !== '' && ($given['anyway'] ?? '') !== '1',
        );
        $reply = self::quoted($earlier, $given['way'] ?? '');
        $situation = $reply === null ? Situation::NewMail : Situation::Reply;
        $card = $this->card($workspace, $given['card'] ?? '', $from->address, $situation);
        $parcel = $card === null ? null
            : $this->handOver->parcel($card->document()->inForm($situation->value), $card);
        $email = SubjectHeader::put(new Email, $words['subject'] ?: __('(no subject)'))
            ->from(new Address($from->address))
            ->to(...array_map(fn (string $address) => new Address($address), $to));
        $card = $parcel === null ? '' : "-- \n".$parcel->text();
        $email->text(MessageWriter::lines("$words[body]\n\n$card".$reply?->text()));
        if (($given['format'] ?? '') !== 'plain') {
            $email->html(MessageWriter::paragraphs($words['body']).$parcel?->html().$reply?->html());
        }
        Outgoing::send($workspace, $email, $from->address, $to);
    }

    private static function quoted(?MimeMessage $earlier, mixed $way): ?QuotedMessage
    {
        return $earlier === null || ! in_array($way, ['reply', 'forward'], true) ? null : new QuotedMessage(
            $earlier->from(), $earlier->html(), $earlier->text(), $way === 'forward',
        );
    }

    /** @throws Refusal for a card that is not there */
    private function card(Workspace $workspace, mixed $choice, string $address, Situation $situation): ?StoredCard
    {
        if ($choice === 'none') {
            return null;
        }
        if ($choice !== '') {
            return StoredCard::in($workspace, is_numeric($choice) ? (int) $choice : 0)
                ?? throw Refusal::because('This card is no longer here.', '/card');
        }

        return Placements::card($workspace, $address, $situation);
    }
}
