<?php

namespace InkyCard\Handover;

use InkyCard\Card\Kind\Capability;
use InkyCard\Markup\Escape;
use Symfony\Component\Mime\Address;
use Symfony\Component\Mime\Email;
use Symfony\Component\Mime\Part\DataPart;

/** A card in a message of its own: HTML with its pictures attached, and plain text. */
final class MessageWriter
{
    /** A web address among words that were made markup; what ends a sentence behind it is none of it. */
    private const ADDRESS = '~https?://[^\s<>"]+[^\s<>".,;:!?)\]]~';

    private const DOMAIN = 'inky-card.invalid';

    /**
     * @param  string  $words  above the card, paragraphs parted by empty lines
     * @param  array<string, string>  $headers
     * @return string RFC 5322, lines of at most 76 characters ended by CRLF
     */
    public static function message(Parcel $parcel, string $subject, string $words, array $headers = []): string
    {
        $from = $parcel->card->fact(Capability::MailAddress) ?: 'nobody@'.self::DOMAIN;
        $holder = $parcel->card->holder();
        [$card, $pictures] = $parcel->withFiles('cid:', '@'.self::DOMAIN);
        $email = SubjectHeader::put(new Email, $subject)
            ->date($parcel->made)
            ->from(new Address($from, $holder))
            ->to(new Address($from, $holder))
            ->text(self::lines("$words\n\n".$parcel->text()))
            ->html(self::paragraphs($words).$card);
        $email->getHeaders()->addIdHeader('Message-ID', $parcel->token.'@'.self::DOMAIN);
        foreach ($headers as $name => $value) {
            $email->getHeaders()->addTextHeader($name, $value);
        }
        foreach ($pictures as $name => $picture) {
            $email->addPart(
                (new DataPart($picture->bytes, $name, $picture->type()))
                    ->asInline()
                    ->setContentId($name.'@'.self::DOMAIN),
            );
        }

        return self::withBoundaries($email->toString(), $parcel->token);
    }

    /**
     * The marks between its parts are drawn at random by the library: made of the token, equal parcels give equal
     * bytes.
     */
    private static function withBoundaries(string $message, string $token): string
    {
        preg_match_all('/\bboundary="?([^";\s]+)/', $message, $found);
        $marks = [];
        foreach ($found[1] as $number => $drawn) {
            $made = strtr(base64_encode(hash('sha512', "$token $number", true)), '+/', '-_');
            $marks[$drawn] = substr($made, 0, strlen($drawn));
        }

        // What its parts belong to (RFC 2387, 3.1), which the library leaves out.
        return (string) preg_replace(
            '/^(Content-Type: multipart\/related;)(\s+)(?=boundary)/mi',
            '$1$2type="text/html";$2',
            strtr($message, $marks),
        );
    }

    /** Line ends as messages have them (RFC 5322). */
    public static function lines(string $text): string
    {
        return (string) preg_replace('/\r?\n/', "\r\n", $text);
    }

    /**
     * Words of a message as HTML: a paragraph after every empty line, line ends kept within.
     *
     * @param  bool  $links  web addresses can be pressed
     */
    public static function paragraphs(string $words, bool $links = false): string
    {
        $html = '';
        foreach (preg_split('/(?:\R[ \t]*){2,}/u', trim($words), -1, PREG_SPLIT_NO_EMPTY) ?: [] as $paragraph) {
            $lines = (string) preg_replace('/\R/u', '<br>', Escape::html($paragraph));
            $lines = $links ? preg_replace(self::ADDRESS, '<a href="$0" style="color:#222222">$0</a>', $lines) : $lines;
            $html .= "<p style=\"margin:0 0 12px;font:14px/20px Arial,Helvetica,sans-serif;color:#222222\">$lines</p>";
        }

        return $html;
    }
}
