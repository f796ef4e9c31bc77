<?php

namespace InkyCard\Link;

use InkyCard\Refusal;
use InkyCard\Type\CleanText;

/** Whatever a click may lead to, as people write it: a page, a message, a number to dial, a chat. */
final class Target
{
    /** A network's name before somebody's name or number there, such as "WhatsApp +44 1632 960147". */
    private const CHAT = '/^([\p{L}][\p{L}. ]{1,30}?)\s*[:\s]\s*@?(\+?[\d ().-]{6,24}|[\w.-]{2,60})$/u';

    /**
     * @param  string  $country  ISO 3166-1 alpha-2, for a number without `+`
     * @return string its address: http(s), mailto, tel or sms
     *
     * @throws Refusal
     */
    public static function parse(mixed $raw, string $country, string $label = 'address it leads to'): string
    {
        $text = is_string($raw) && ! preg_match('~^https?://~i', $raw) ? CleanText::of($raw, 2000, $label) : '';
        if (preg_match('/^(tel|sms):(.*)$/is', $text, $match) === 1) {
            // RFC 3966 writes an extension as a parameter.
            $href = PhoneNumber::parse(
                (string) preg_replace('/;ext=/i', ' ext ', rawurldecode($match[2])),
                $country,
            )->href();

            return strtolower($match[1]) === 'sms' ? 'sms:'.substr($href, 4) : $href;
        }
        if (preg_match('/^mailto:/i', $text) === 1 || preg_match('~^[^\s/@:]+@[^\s/@]+\.[^\s/@]+$~', $text) === 1) {
            return self::mail($text);
        }
        // A number alone: a host has letters.
        if (preg_match('/^\+?[\d ().\/-]{6,}(?:(?:ext|x)\.? ?\d+)?$/iD', $text) === 1
            && preg_match('/^\d+(?:\.\d+){3}$/', $text) !== 1) {
            return PhoneNumber::parse($text, $country)->href();
        }

        return self::chat($text, $country) ?? WebAddress::parse($raw, $label)->address;
    }

    /**
     * The address of a chat named by its network and who is there; null when it names none.
     *
     * @param  string  $country  ISO 3166-1 alpha-2, for a number without `+`; ZZ takes none
     */
    public static function chat(string $text, string $country = 'ZZ'): ?string
    {
        if (preg_match(self::CHAT, $text, $match) !== 1) {
            return null;
        }
        $who = $match[2];
        if (preg_match('/^\+?[\d ().-]+$/', $who) === 1) {
            try {
                // Chats go by the whole number, digits alone (E.164).
                $who = substr(PhoneNumber::parse($who, $country)->href(), 5);
            } catch (Refusal) {
                return null;
            }
        }
        $address = ProfileDirectory::addressOf($match[1], $who);

        return $address !== null && LinkAction::of($address) === LinkAction::Chat ? $address : null;
    }

    /** As somebody reads it, without the scheme. */
    public static function words(string $href): string
    {
        return str_starts_with($href, 'mailto:')
            ? rawurldecode(strtok(substr($href, strlen('mailto:')), '?') ?: '')
            : (string) preg_replace('/^(?:tel|sms):/', '', $href);
    }

    private static function mail(string $text): string
    {
        [$address, $query] = explode('?', $text, 2) + [1 => ''];
        parse_str($query, $fields);
        $subject = $fields['subject'] ?? '';

        return MailAddress::parse(rawurldecode((string) preg_replace('/^mailto:/i', '', $address)))->href(
            is_string($subject) ? CleanText::of($subject, 120, 'subject') : '',
        );
    }
}
