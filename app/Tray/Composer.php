<?php

namespace App\Tray;

use App\Handover\Parcels;
use App\Models\StoredCard;
use App\Models\Workspace;
use App\Placements\Placements;
use Illuminate\Support\Facades\Mail;
use InkyCard\Card\Situation;
use InkyCard\Handover\MessageTemplate;
use InkyCard\Handover\MessageWriter;
use InkyCard\Link\MailAddress;
use InkyCard\Markup\HtmlWriter;
use InkyCard\Markup\MailDocument;
use InkyCard\Refusal;
use Symfony\Component\Mime\Address;
use Symfony\Component\Mime\Email;

/** Writes messages as a mail program would: the card placed for the address and the situation, above what is quoted. */
final readonly class Composer
{
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
        $to = Refusal::at('/to', fn () => MailAddress::parse($given['to'] ?? '', 'recipient'));
        $subject = Refusal::at('/subject', fn () => MessageTemplate::line($given['subject'] ?? ''));
        $body = Refusal::at('/body', fn () => MessageTemplate::words($given['body'] ?? ''));
        $blanks = MessageTemplate::blanksIn("$subject\n$body");
        if (($given['ready'] ?? '') !== '' && ($given['anyway'] ?? '') !== '1' && $blanks !== []) {
            throw Refusal::because(
                (count($blanks) === 1 ? 'A blank is' : 'Blanks are').' still in it: ['
                    .implode('], [', array_slice($blanks, 0, 4))
                    .(count($blanks) > 4 ? '] and more.' : '].'),
                '/blanks',
            );
        }
        $way
            = $earlier !== null && in_array($given['way'] ?? '', ['reply', 'forward'], true)
                ? (string) $given['way']
                : 'new';
        $card = $this->card(
            $workspace, $given['card'] ?? '', $from->address, $way === 'new' ? Situation::NewMail : Situation::Reply,
        );
        $parcel = $card === null ? null : $this->handOver->parcel($card->document(), $card);
        $email = (new Email())
            ->from(new Address($from->address))
            ->to(new Address($to->address))
            ->subject($subject === '' ? '(no subject)' : $subject);
        $intro
            = $earlier === null
                ? ''
                : ($way === 'forward'
                    ? '---------- Forwarded message ---------'
                    : $earlier->from().' wrote:');
        $text
            = $body
            ."\n\n"
            .($parcel === null ? '' : "-- \n".$parcel->text())
            .($way === 'new'
                ? ''
                : "\n$intro\n".($way === 'reply' ? '> ' : '')
                    .str_replace("\n", $way === 'reply' ? "\n> " : "\n", $earlier->text()));
        $email->text(str_replace("\n", "\r\n", str_replace("\r\n", "\n", $text)));
        if (($given['format'] ?? '') !== 'plain') {
            $email->html(
                MessageWriter::paragraphs($body).($parcel?->html() ?? '').self::earlier($way, $intro, $earlier),
            );
        }
        $email->getHeaders()->addTextHeader(TrayTransport::WORKSPACE, (string) $workspace->id);
        Mail::getSymfonyTransport()->send($email);
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

    private static function earlier(string $way, string $intro, ?MimeMessage $earlier): string
    {
        if ($way === 'new' || $earlier === null) {
            return '';
        }
        $html
            = $earlier->html() === ''
                ? '<pre>'.e($earlier->text()).'</pre>'
                : HtmlWriter::write(MailDocument::parse($earlier->html())->body);

        return '<p style="margin:16px 0 8px;font:13px/18px Arial,Helvetica,sans-serif;color:#444444">'.e($intro).'</p>'
            .($way === 'reply'
                ? '<blockquote style="margin:0 0 0 12px;padding:0 0 0 12px;border-left:2px solid #b9b2a3">'.$html
                    .'</blockquote>'
                : $html);
    }
}
