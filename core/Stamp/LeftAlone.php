<?php

namespace InkyCard\Stamp;

/** Messages nothing is put into, and how they are told. */
enum LeftAlone: string
{
    case Signed = 'signed';
    case Encrypted = 'encrypted';
    case Calendar = 'calendar';
    case Automatic = 'automatic';
    case Mailing = 'mailing';
    case PassedOn = 'passed-on';
    case Wordless = 'wordless';
    case Odd = 'odd';

    private const ARMOUR = '/^-----BEGIN PGP (SIGNED )?MESSAGE-----\s*$/m';

    /** Null where a card may be put in. */
    public static function why(MailMessage $message): ?self
    {
        return self::byHeader($message->root->head) ?? self::byParts($message) ?? self::byWords($message);
    }

    /** RFC 3834 (answers of programs), RFC 2919 and 2369 (lists), RFC 6376 (DKIM), RFC 5322, 3.6.6 (resent). */
    private static function byHeader(HeaderFields $head): ?self
    {
        $automatic = strtolower(trim(explode(';', $head->value('auto-submitted') ?: 'no')[0])) !== 'no'
            || preg_match('/^\s*(?:auto_reply|junk)/i', $head->value('precedence')) === 1
            || trim($head->value('return-path')) === '<>' || $head->has('x-auto-response-suppress');
        $mailing = $head->has('list-id') || $head->has('list-unsubscribe') || $head->has('list-post')
            || preg_match('/^\s*(?:bulk|list)/i', $head->value('precedence')) === 1;

        return match (true) {
            $automatic => self::Automatic,
            $mailing => self::Mailing,
            $head->has('resent-from') => self::PassedOn,
            $head->has('dkim-signature'), $head->has('arc-seal') => self::Signed,
            default => null,
        };
    }

    private static function byParts(MailMessage $message): ?self
    {
        foreach ($message->root->all() as $part) {
            $why = match ($part->type()) {
                'multipart/signed' => self::Signed,
                'multipart/encrypted' => self::Encrypted,
                'application/pkcs7-mime', 'application/x-pkcs7-mime' => str_contains(
                    strtolower($part->head->parameters['smime-type'] ?? ''), 'signed',
                ) ? self::Signed : self::Encrypted,
                'text/calendar' => self::Calendar,
                'multipart/report', 'message/delivery-status', 'message/disposition-notification' => self::Automatic,
                default => null,
            };
            if ($why !== null) {
                return $why;
            }
        }

        return null;
    }

    private static function byWords(MailMessage $message): ?self
    {
        $html = $message->html();
        $text = $message->text();
        foreach (array_filter([$html, $text]) as $part) {
            if (! TransferEncoding::isKnown($part->encoding()) || ! Charset::isKnown($part->charset())) {
                return self::Odd;
            }
        }
        if (preg_match(self::ARMOUR, $text === null ? '' : $message->content($text), $armour) === 1) {
            return ($armour[1] ?? '') === '' ? self::Encrypted : self::Signed;
        }

        return $html === null && $text === null ? self::Wordless : null;
    }
}
