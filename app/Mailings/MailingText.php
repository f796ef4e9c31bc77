<?php

namespace App\Mailings;

use App\Pictures\HostedPictures;
use InkyCard\Footer\Token;
use InkyCard\Footer\TokenMarks;
use InkyCard\Footer\TokenStyle;
use InkyCard\Handover\SubjectHeader;
use Symfony\Component\Mime\Address;
use Symfony\Component\Mime\Email;

/** A message of a mailing, cut at its tokens once and filled in for each recipient. */
final readonly class MailingText
{
    /** @var list<list<string|array{Token, string}>> HTML, text and subject */
    private array $parts;

    private string $base;

    private Address $from;

    /** @param  \stdClass  $message  row of mailing_messages with `from` and `style` of its mailing */
    public function __construct(private \stdClass $message)
    {
        $marks = new TokenMarks(TokenStyle::of(json_decode((string) $message->style, true)));
        $this->parts = array_map(
            fn (string $part): array => $marks->parts($marks->put((string) $message->$part), html: $part === 'html'),
            ['html', 'text', 'subject'],
        );
        $this->base = HostedPictures::publicBase();
        $this->from = new Address($this->message->from);
    }

    /**
     * @param  \stdClass  $recipient  row of mailing_recipients
     * @return array{string, string, string} HTML, text, subject
     */
    public function for(\stdClass $recipient): array
    {
        $out = $this->out($recipient);
        $values = ['unsubscribe_url' => $out, 'view_url' => "$out/view/{$this->message->position}"]
            + array_map(strval(...), (array) json_decode((string) $recipient->data, true));
        $fill = fn (array $cut): string => implode('', array_map(fn (string|array $part): string => is_string($part)
            ? $part : TokenMarks::filled($part[0], $part[1], $values), $cut));

        return [$fill($this->parts[0]), $fill($this->parts[1]), $fill($this->parts[2])];
    }

    /** With ways out, in one press too (RFC 2369, 8058). */
    public function email(\stdClass $recipient): Email
    {
        [$html, $text, $subject] = $this->for($recipient);
        $email = SubjectHeader::put(new Email, $subject)->from($this->from)
            ->to(new Address($recipient->address))->html($html)->text($text);
        $email->getHeaders()->addTextHeader('List-Unsubscribe', "<{$this->out($recipient)}>");
        $email->getHeaders()->addTextHeader('List-Unsubscribe-Post', 'List-Unsubscribe=One-Click');

        return $email;
    }

    /** @return array{subject: string, raw: string} the same as bytes (RFC 5322) */
    public function written(\stdClass $recipient): array
    {
        $email = $this->email($recipient);

        return ['subject' => (string) $email->getSubject(), 'raw' => $email->toString()];
    }

    private function out(\stdClass $recipient): string
    {
        return "$this->base/out/$recipient->token";
    }
}
