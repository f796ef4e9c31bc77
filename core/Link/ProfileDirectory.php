<?php

namespace InkyCard\Link;

use InkyCard\Refusal;
use InkyCard\Type\CleanText;

/** Knows which network or directory a profile's address belongs to. */
final class ProfileDirectory
{
    /** Mark for an address no row knows: a chain link from the open icon set. */
    public const UNKNOWN = 'link-45deg';

    /** @var array<string, string> kind of a purpose => words it goes by, as a pattern */
    private static array $purposes = [];

    /**
     * @var array<string, array{label: string, trades: list<string>, hosts: list<string>, mark: string, path: string,
     *     to?: string, by?: string, spoken?: bool, query?: bool, find?: string, words?: string}>
     */
    private static array $kinds = [];

    /** What stands before a name where a pattern wants a folder or a sign: the first that fits. */
    private const BEFORE = [
        '', '@', '~', 'in/', 'u/', 'user/', 'users/', 'profile/', 'profiles/', 'people/', 'p/', 'id/',
        'usr/', 'member/', 'person/', 'athletes/', 'biz/', 'review/', 'trades/', 'traders/', 'r/', 'store/', 'resume/',
        'attorneys/', 'a/', 'f/', 'users/show/', 'artists/', 'freelancers/~', 'instructor/', 'realestateagents/',
        'pub/', 'teaching-resources/shop/',
    ];

    /** What networks are called besides. */
    private const CALLED = [
        'insta' => 'instagram', 'ig' => 'instagram', 'insta gram' => 'instagram', 'fb' => 'facebook',
        'face book' => 'facebook', 'facebook page' => 'facebook', 'twitter' => 'x', 'x twitter' => 'x',
        'twitter x' => 'x', 'x formerly twitter' => 'x', 'tweet' => 'x', 'yt' => 'youtube', 'you tube' => 'youtube',
        'tik tok' => 'tiktok', 'tt' => 'tiktok', 'linked in' => 'linkedin', 'li' => 'linkedin',
        'wa' => 'whatsapp', 'whats app' => 'whatsapp', 'whatsapp business' => 'whatsapp', 'tg' => 'telegram',
        'fb messenger' => 'messenger', 'facebook messenger' => 'messenger', 'snap' => 'snapchat',
        'snap chat' => 'snapchat', 'bsky' => 'bluesky', 'blue sky' => 'bluesky', 'masto' => 'mastodon',
        'pin' => 'pinterest', 'git hub' => 'github', 'sound cloud' => 'soundcloud', 'we chat' => 'wechat',
        'weixin' => 'wechat', 'kakao' => 'kakaotalk', 'kakao talk' => 'kakaotalk', 'buy me a coffee' => 'buymeacoffee',
        'vkontakte' => 'vk', 'ms teams' => 'teams', 'microsoft teams' => 'teams', 'paypal' => 'paypalme',
        'stack overflow' => 'stackoverflow', 'stackoverflow' => 'stackoverflow', 'dev to' => 'devto',
    ];

    /** What an address looks like rather than a name. */
    private const HOST = '~^www\.|://|\.(?:com|org|net|info|biz|co\.uk|org\.uk)$~i';

    /** @var array<string, string> name without signs => kind */
    private static array $names = [];

    /** @var array<string, ProfileLink> lines read lately */
    private static array $read = [];

    /** @var array<string, string> host => kind */
    private static array $hosts = [];

    /**
     * Reads one pasted line: an address, or a label, a colon and an address,
     * such as `Portfolio: quillfern.example/work`.
     *
     * @throws Refusal
     */
    public static function read(mixed $raw): ProfileLink
    {
        if (! is_string($raw) || strlen($raw) > 200) {
            return self::recognise($raw);
        }
        // The links of a card are read again at every composing.
        if (count(self::$read) > 500) {
            self::$read = [];
        }

        return self::$read[$raw] ??= self::recognise($raw);
    }

    /**
     * The line a person would paste to get a link again, in its own form.
     *
     * @param  mixed  $raw  a link, or a line that is read first
     *
     * @throws Refusal
     */
    public static function line(mixed $raw): string
    {
        $link = $raw instanceof ProfileLink ? $raw : self::read($raw);
        if ($link->address === '') {
            return "$link->label: $link->handle";
        }
        $plain = self::read($link->address);

        return ($plain->label === $link->label ? '' : $link->label.': ').$link->address;
    }

    private static function recognise(mixed $raw): ProfileLink
    {
        $text = CleanText::of($raw, 2000, 'profile address');
        $label = '';
        if (preg_match('/^([^:\/.]{1,40}):\s+(\S.*)$/u', $text, $match)) {
            [, $label, $text] = $match;
            // A network's word settles that what follows is a name there, and no host.
            $kind = str_contains($text, '/') ? null : self::named($label);
            $named = $kind === null ? null : self::on($kind, $text);
            if ($named !== null) {
                return $named;
            }
        }
        self::load();
        $web = WebAddress::parse(self::page($text), 'profile address');
        $key = self::kindOf($web->host);

        return $key === null ? self::unknown($label, $web) : self::known($key, $label, $web);
    }

    /**
     * An address of a known page without query and fragment: they only track where it was copied, and without them it
     * is read in no time.
     */
    private static function page(string $text): string
    {
        $page = strtok($text, '?#') ?: $text;
        if ($page === $text) {
            return $text;
        }
        $host = (string) preg_replace('#^(?:https?://)?(?:www\.)?([^/:]+).*$#i', '$1', $page);
        $kind = self::$kinds[self::kindOf(mb_strtolower($host)) ?? ''] ?? null;

        return $kind !== null && ! isset($kind['query']) && self::matches($kind['path'], $page) ? $page : $text;
    }

    /** An address the directory does not know is still somebody's profile: it is kept as it is. */
    private static function unknown(string $label, WebAddress $web): ProfileLink
    {
        $purpose = self::purpose($label, $web->path);
        $kind = self::$kinds[$purpose ?? ''] ?? ['label' => $web->host, 'mark' => self::UNKNOWN];

        return new ProfileLink($purpose ?? 'other', $label ?: $kind['label'], $web->address, $kind['mark']);
    }

    private static function known(string $key, string $label, WebAddress $web): ProfileLink
    {
        $kind = self::$kinds[$key];
        preg_match(self::pattern($kind['path'].')/?(?:[?#].*)?'), $web->path, $match);
        $handle = rtrim($match[1] ?? '', '/');
        $address = match (true) {
            $handle === '', ! isset($kind['to']) && isset($kind['query']) => $web->address,
            isset($kind['to']) => str_replace('{handle}', $handle, $kind['to']),
            default => rtrim((string) strtok($web->address, '?#'), '/'),
        };

        return new ProfileLink($key, $label ?: $kind['label'], $address, $kind['mark'], $handle);
    }

    /**
     * What somebody could do about a profile's address, in sentences: no profile's own, or longer than it need be
     * (needs D09, D10). Empty when it is fine.
     */
    public static function advice(string $address): string
    {
        if ($address === '') {
            return '';
        }
        $link = self::read($address);
        $kind = self::$kinds[$link->kind] ?? null;

        return match (true) {
            $kind === null || $kind['hosts'] === [] => '',
            $link->handle === '' => 'This is not a profile\'s own address. Yours: '.self::find($link->kind),
            // What networks make up by themselves: a name with a row of signs behind it, or signs alone.
            preg_match('/-[a-z]*\d[0-9a-z]{5,}$|(?:^|\/)(?:UC[\w-]{22}|\d{9,})$/', $link->handle) === 1
                && isset($kind['to'])
                && ! in_array('messaging', $kind['trades'], true) => 'Most networks let you choose a shorter address '
                    .'with your name in it.',
            default => '',
        };
    }

    /** Where somebody finds their own of a kind, in a sentence; empty for what is no network's. */
    public static function find(string $kind): string
    {
        $row = self::all()[$kind] ?? null;
        if ($row === null || $row['hosts'] === []) {
            return '';
        }
        $before = preg_match('#^https://(?:www\.)?([^{]+)\{handle}#', $row['to'] ?? '', $match) === 1 ? $match[1] : '';

        return $row['find'] ?? ($before !== '' && str_contains($row['path'], '/(') && ! str_contains($row['path'], '(?')
            ? "$before and what your profile is called there."
            : "Open your page as visitors see it, on {$row['hosts'][0]}, and copy its address.");
    }

    /** Kind of a network called so, such as "insta"; null when no row is. */
    public static function named(string $network): ?string
    {
        self::load();
        if (self::$names === []) {
            foreach (self::$kinds as $key => $kind) {
                self::$names += $kind['hosts'] === [] ? [] : [
                    self::plain($key) => $key, self::plain($kind['label']) => $key,
                ];
            }
            unset(self::$names['']);
        }
        $words = trim((string) preg_replace('/[^\p{L}\p{N}]+/u', ' ', mb_strtolower($network)));

        return self::CALLED[$words] ?? self::$names[self::plain($words)] ?? null;
    }

    /** Who somebody is on one network; null where its names look otherwise. */
    public static function on(string $kind, string $name, string $country = 'ZZ'): ?ProfileLink
    {
        $row = self::all()[$kind] ?? null;
        if ($row === null || ! str_contains($name, '@') && preg_match(self::HOST, $name) === 1) {
            return null;
        }
        $name = trim($name);
        if (preg_match('/^\+?[\d ().-]{7,24}$/D', $name) === 1 && in_array('messaging', $row['trades'], true)) {
            return self::number($kind, $name, $country);
        }
        if (preg_match('/^[@~]?[\p{L}\p{N}_][\p{L}\p{N}_.:+@#-]*$/uD', $name) !== 1) {
            return null;
        }
        if (isset($row['spoken'])) {
            return new ProfileLink($kind, $row['label'], '', $row['mark'], ltrim($name, '@'));
        }
        $address = self::addressOf($kind, $name);

        return $address === null ? null : self::read($address);
    }

    /** Chats go by the whole number, digits alone (E.164). */
    private static function number(string $kind, string $number, string $country): ?ProfileLink
    {
        try {
            $phone = PhoneNumber::parse($number, $country);
        } catch (Refusal) {
            return null;
        }
        $row = self::all()[$kind];
        if (isset($row['spoken'])) {
            return new ProfileLink($kind, $row['label'], '', $row['mark'], $phone->display);
        }
        $address = self::addressOf($kind, substr($phone->href(), strlen('tel:+')));

        return $address === null ? null : self::read($address);
    }

    /**
     * Where somebody's profile of a name such as "insta" is; null when no row is called so or none can be made of a
     * handle alone.
     */
    public static function addressOf(string $network, string $handle): ?string
    {
        $key = self::named($network);
        $name = ltrim($handle, '@');
        if ($key === null || $name === '') {
            return null;
        }
        $kind = self::$kinds[$key];
        if ($key === 'bluesky' && ! str_contains($name, '.')) {
            $name .= '.bsky.social';
        }
        if ($key === 'mastodon' && preg_match('/^([\w.-]+)@([\w-]+(?:\.[\w-]+)+)$/D', $name, $at) === 1) {
            return "https://$at[2]/@$at[1]";
        }
        if (isset($kind['by'])) {
            $sort = str_contains($kind['by'], '://{handle}.') ? '[a-zA-Z\d-]+' : '[\w.:~-]+';

            return preg_match("/^$sort$/D", $name) === 1 ? str_replace('{handle}', $name, $kind['by']) : null;
        }
        foreach (isset($kind['to']) ? self::BEFORE : [] as $before) {
            $address = str_replace('{handle}', $before.$name, $kind['to'] ?? '');
            $path = (string) preg_replace('#^https?://[^/]+#', '', $address);
            if (preg_match(self::pattern($kind['path'].')/?'), $path, $match) && ($match[1] ?? '') === $before.$name) {
                return $address;
            }
        }

        return null;
    }

    /**
     * @return array<string, array{label: string, trades: list<string>, hosts: list<string>, mark: string, path: string,
     *     to?: string, by?: string, spoken?: bool, query?: bool, find?: string, words?: string}> every kind, by key
     */
    public static function all(): array
    {
        self::load();

        return self::$kinds;
    }

    /** @return list<string> trades a host's network serves; none for a host no row knows */
    public static function tradesOf(string $host): array
    {
        self::load();
        $kind = self::kindOf($host);

        return $kind === null ? [] : self::$kinds[$kind]['trades'];
    }

    /** Kind of a host: its own, a mobile one, or any name before one that takes any. */
    private static function kindOf(string $host): ?string
    {
        $bare = (string) preg_replace('/^(?:m|mobile|touch|old|new|web|app|[a-z]{2})\.(?=[^.]+\.)/', '', $host);

        return self::$hosts[$host] ?? self::$hosts[$bare] ?? self::$hosts['*'.strstr($host, '.')] ?? null;
    }

    /** What a page of one's own is for, by its label or the first step of its path. */
    private static function purpose(string $label, string $path): ?string
    {
        $step = mb_strtolower(strtok(trim($path, '/'), '/?#') ?: '');
        foreach (self::$purposes as $key => $words) {
            if (preg_match("/^(?:my |our )?(?:$words)$/iu", trim($label)) === 1
                || ($label === '' && preg_match("/^(?:$words)$/iu", $step) === 1)) {
                return $key;
            }
        }

        return null;
    }

    private static function matches(string $path, string $page): bool
    {
        return preg_match(self::pattern($path.')/?'), (string) preg_replace('#^(?:https?://)?[^/]+#i', '', $page))
            === 1;
    }

    /** Between signs no path has. */
    private static function pattern(string $path): string
    {
        return "\x01^(?:$path$\x01iu";
    }

    private static function plain(string $name): string
    {
        return (string) preg_replace('/[^a-z0-9]/', '', mb_strtolower($name));
    }

    /** @return list<string> every mark a profile link can carry */
    public static function marks(): array
    {
        self::load();

        return [self::UNKNOWN, ...array_column(self::$kinds, 'mark')];
    }

    private static function load(): void
    {
        if (self::$kinds === []) {
            self::$kinds = require __DIR__.'/profiles.php';
            $hosts = [];
            foreach (self::$kinds as $key => $kind) {
                foreach ($kind['hosts'] as $host) {
                    $hosts[$host] ??= $key;
                }
            }
            self::$hosts = $hosts;
            self::$purposes = array_filter(array_map(fn (array $kind) => $kind['words'] ?? '', self::$kinds));
        }
    }
}
