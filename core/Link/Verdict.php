<?php

namespace InkyCard\Link;

/** What a reader who follows a link meets there. */
enum Verdict: string
{
    case Answers = 'answers';
    case Moved = 'moved';
    case SignIn = 'sign-in';
    case Editing = 'editing';
    case Missing = 'missing';
    case Refused = 'refused';
    case Broken = 'broken';

    /** Nothing was answered at all; why stands beside it. */
    case Silent = 'silent';

    /** Pages only their maker opens, by path. */
    private const EDITING = '~/(?:wp-admin|admin|dashboard|backend|cms)(?:/|$)|/edit(?:or)?/?(?:$|[?#])|/settings(?:/'
        .'|$)|[?&](?:edit|action=edit|preview=true)(?:=|&|$)|^https?://(?:business\.facebook|studio\.youtube|manage\.|'
            .'admin\.|app\.|dashboard\.)[^/]*~i';

    private const SIGN_IN = '~/(?:log-?in|sign-?in|signon|sso|auth(?:enticate|orize)?|accounts?/login'
        .'|session/new)(?:[/?#.]|$)|^https?://(?:login|accounts|auth|sso|signin|idp)\.~i';

    /**
     * @param  string  $asked  the address on the card
     * @param  string  $final  the one that answered, after redirects
     * @param  string  $body  beginning of what it answered
     */
    public static function of(string $asked, int $status, string $final, string $body): self
    {
        $host = fn (string $address): string => (string) preg_replace(
            '~^www\.~',
            '',
            strtolower((string) parse_url($address, PHP_URL_HOST)),
        );

        return match (true) {
            $status === 401 || $status === 407 => self::SignIn,
            $asked !== $final && preg_match(self::SIGN_IN, $final) === 1 => self::SignIn,
            // An address of the editor answers its maker; what others get differs, whatever it says.
            preg_match(self::EDITING, $asked) === 1 || preg_match(self::EDITING, $final) === 1 => self::Editing,
            $status === 403 || $status === 451 => self::Refused,
            $status === 404 || $status === 410 => self::Missing,
            $status >= 400 => self::Broken,
            preg_match('/<input[^>]+type=["\']?password/i', $body) === 1
                && preg_match('~<title[^>]*>[^<]*(?:sign|log)[ -]?in~i', $body) === 1 => self::SignIn,
            // The step to https or to www is no detour.
            $asked !== $final
                && ($host($asked) !== $host($final) || rtrim((string) parse_url($asked, PHP_URL_PATH), '/')
                        !== rtrim((string) parse_url($final, PHP_URL_PATH), '/')) => self::Moved,
            default => self::Answers,
        };
    }

    public function isGood(): bool
    {
        return $this === self::Answers;
    }

    /** In one sentence. */
    public function says(): string
    {
        return match ($this) {
            self::Answers => 'Answers.',
            self::Moved => 'Passes on to another address: link there straight.',
            self::SignIn => 'Needs signing in: strangers cannot see it.',
            self::Editing => 'This is the page you edit, not the one visitors see.',
            self::Missing => 'There is no such page.',
            self::Refused => 'Refuses visitors, or at least this check.',
            self::Broken => 'The site answers with an error.',
            self::Silent => 'Does not answer.',
        };
    }
}
