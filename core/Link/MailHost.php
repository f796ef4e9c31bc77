<?php

namespace InkyCard\Link;

/** Where mail goes to: whether the host of an address is a slip of the keys beside one that many use. */
final class MailHost
{
    /** Hosts many people have their mailbox at. */
    private const MANY = [
        'gmail.com', 'googlemail.com', 'outlook.com', 'outlook.de', 'outlook.fr', 'outlook.es', 'hotmail.com',
        'hotmail.co.uk', 'hotmail.fr', 'hotmail.de', 'hotmail.it', 'live.com', 'live.co.uk', 'msn.com', 'yahoo.com',
        'yahoo.co.uk', 'yahoo.fr', 'yahoo.de', 'yahoo.co.jp', 'ymail.com', 'icloud.com', 'me.com', 'mac.com',
        'aol.com', 'proton.me', 'protonmail.com', 'fastmail.com', 'zoho.com', 'gmx.de', 'gmx.net', 'gmx.at',
        'gmx.ch', 'gmx.com', 'web.de', 't-online.de', 'freenet.de', 'posteo.de', 'mailbox.org', 'orange.fr',
        'wanadoo.fr', 'free.fr', 'laposte.net', 'sfr.fr', 'libero.it', 'virgilio.it', 'tiscali.it', 'btinternet.com',
        'sky.com', 'ntlworld.com', 'talktalk.net', 'comcast.net', 'verizon.net', 'att.net', 'sbcglobal.net',
        'bigpond.com', 'telstra.com', 'rogers.com', 'shaw.ca', 'sympatico.ca', 'telus.net', 'mail.ru', 'yandex.ru',
        'yandex.com', 'seznam.cz', 'wp.pl', 'o2.pl', 'onet.pl', 'interia.pl', 'ziggo.nl', 'kpnmail.nl', 'telenet.be',
        'skynet.be', 'bluewin.ch', 'telia.com', 'uol.com.br', 'terra.com.br', 'qq.com', '163.com', '126.com',
        'sina.com', 'naver.com', 'daum.net', 'rediffmail.com', 'mail.com', 'email.com', 'inbox.com', 'gmx.us',
        'usa.com', 'tuta.com', 'hey.com',
    ];

    /** Endings no name server knows, as fingers make them of those it does. */
    private const ENDINGS = [
        'con' => 'com', 'cmo' => 'com', 'ocm' => 'com', 'comm' => 'com', 'cpm' => 'com', 'vom' => 'com',
        'xom' => 'com', 'coom' => 'com', 'clm' => 'com', 'ogr' => 'org', 'orgg' => 'org', 'orh' => 'org',
        'nte' => 'net', 'ent' => 'net', 'nett' => 'net', 'couk' => 'co.uk', 'exmaple' => 'example',
        'examle' => 'example',
    ];

    /**
     * @param  list<string>  $own  hosts of the firm
     * @return ?string the host that is meant; null where nothing speaks for a slip
     */
    public static function meant(string $host, array $own = []): ?string
    {
        $host = strtolower($host);
        $known = [...array_map('strtolower', $own), ...self::MANY];
        if (in_array($host, $known, true)) {
            return null;
        }
        foreach ($known as $other) {
            if (strlen($other) > 7 && self::isSlip($host, $other)) {
                return $other;
            }
        }
        [$name, $ending] = [substr($host, 0, (int) strrpos($host, '.')), substr((string) strrchr($host, '.'), 1)];

        return isset(self::ENDINGS[$ending]) ? $name.'.'.self::ENDINGS[$ending] : null;
    }

    /** One key too many, too few, beside, or two in the wrong order (Damerau 1964). */
    private static function isSlip(string $host, string $other): bool
    {
        if (abs(strlen($host) - strlen($other)) > 1) {
            return false;
        }
        if (levenshtein($host, $other) === 1) {
            // Another country's is another host.
            return strtok($host, '.') !== strtok($other, '.') || ! self::isCountry($host);
        }
        $apart = array_keys(array_filter(
            str_split($host), fn (string $sign, int $at) => $sign !== ($other[$at] ?? ''), ARRAY_FILTER_USE_BOTH,
        ));

        return strlen($host) === strlen($other) && count($apart) === 2 && $apart[1] === $apart[0] + 1
            && $host[$apart[0]] === $other[$apart[1]] && $host[$apart[1]] === $other[$apart[0]];
    }

    private static function isCountry(string $host): bool
    {
        return strlen((string) strrchr($host, '.')) === 3 && ! str_ends_with($host, '.co');
    }
}
