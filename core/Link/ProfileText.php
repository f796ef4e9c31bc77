<?php

namespace InkyCard\Link;

use InkyCard\Refusal;

/**
 * Profiles pasted in any mess: with names before them, commas, handles, several on a line.
 *
 * @phpstan-type Told array{line: string, kind: string, label: string, address: string, display: string,
 *     handle: string, cleaned: list<string>, as: string}
 * @phpstan-type Sorted array{links: list<Told>, twice: list<string>, not: list<string>}
 */
final class ProfileText
{
    private const MAX_BYTES = 400_000;

    private const ADDRESS = '~(?<![@\w.-])(?:https?://)?(?:[\p{L}\w-]+\.)+[\p{L}]{2,24}(?::\d{2,5})?(?:/[^\s,;<>'
        .'()"\']*)?(?:[?#][^\s,;<>()"\']*)?~u';

    /** A handle with the name of its network before or after it. */
    private const HANDLE = '~@([\w.-]{2,60})(?:@((?:[\w-]+\.)+[a-z]{2,}))?~iu';

    /**
     * @param  string  $country  ISO 3166-1 alpha-2, for numbers of chats without one; ZZ takes none
     * @return Sorted what was recognised, in order; what stood there twice; lines that hold no profile
     *
     * @throws Refusal when it is too long or not text
     */
    public static function sort(mixed $raw, string $country = 'ZZ'): array
    {
        if (! is_string($raw) || ! mb_check_encoding($raw, 'UTF-8')) {
            throw Refusal::because('Paste the addresses as text.');
        }
        if (strlen($raw) > self::MAX_BYTES) {
            throw Refusal::because('That is too much text: paste the addresses alone.');
        }
        $links = $twice = $not = [];
        foreach (preg_split('/\R/u', $raw) ?: [] as $line) {
            $line = trim($line);
            if ($line === '') {
                continue;
            }
            $found = self::within($line, $country);
            foreach ($found as $link) {
                if (isset($links[$link['as']])) {
                    $twice[] = $link['line'];
                } else {
                    $links[$link['as']] = $link;
                }
            }
            if ($found === []) {
                $not[] = mb_strimwidth($line, 0, 120, '…');
            }
        }

        return ['links' => array_values($links), 'twice' => $twice, 'not' => $not];
    }

    /**
     * One pasted line in the form it is kept in; several profiles on it become several lines.
     *
     * @param  string  $country  ISO 3166-1 alpha-2, for numbers of chats without one
     *
     * @throws Refusal
     */
    public static function line(mixed $raw, string $country): string
    {
        try {
            return ProfileDirectory::line($raw);
        } catch (Refusal $refusal) {
            $found = is_string($raw) ? self::sort($raw, $country)['links'] : [];

            return $found === [] ? throw $refusal : implode("\n", array_column($found, 'as'));
        }
    }

    /**
     * What was made of it beyond taking it as it stood, in sentences; empty when that is nothing.
     *
     * @param  Sorted  $sorted
     */
    public static function says(array $sorted): string
    {
        $cleaned = [];
        foreach ($sorted['links'] as $link) {
            if ($link['cleaned'] !== []) {
                $cleaned[]
                    = $link['label']
                    .' '
                    .implode(
                        ' and ',
                        array_map(
                            fn (string $what) => $what === 'handle' ? 'from a handle' : "without $what",
                            $link['cleaned'],
                        ),
                    );
            }
        }
        $cut = fn (array $lines): string => implode(
            ', ',
            array_map(fn (string $line) => mb_strimwidth($line, 0, 60, '…'), array_slice($lines, 0, 5)),
        );

        return implode(' ', array_filter([
            $cleaned === [] ? '' : 'Cleaned: '.implode('; ', array_slice($cleaned, 0, 6)).'.',
            $sorted['twice'] === [] ? '' : 'Kept once: '.$cut($sorted['twice']).'.',
            $sorted['not'] === [] ? '' : 'Not understood: '.$cut($sorted['not']).'.',
        ]));
    }

    /**
     * @return list<Told>
     */
    private static function within(string $line, string $country): array
    {
        // What a network's word names is no host, however it looks.
        $rest = $line;
        $named = [];
        foreach (NamedHandle::all($line, $country) as [$link, $words]) {
            $named[] = self::told($words, $link, 'handle');
            $rest = self::without($rest, $words);
        }
        // An address of mail is no profile; what is left of the line still may be.
        $bare = (string) preg_replace('/[\w.+-]+@(?:[\w-]+\.)+[a-z]{2,}(?![\w@])/iu', ' ', $rest);
        preg_match_all(self::ADDRESS, $bare, $addresses);
        $alone = count($addresses[0]) === 1 && $named === [];
        $found = $named;
        foreach ($addresses[0] as $address) {
            $address = rtrim($address, '.,;:!?*_|');
            try {
                $found[] = self::told($address, self::read($address, $alone ? self::label($address, $bare) : ''));
            } catch (Refusal) {
                // Looks like an address and is none.
            }
        }

        return match (true) {
            $found !== [] => $found,
            ($handle = self::handle($line)) !== null => [$handle],
            default => [],
        };
    }

    private static function without(string $text, string $part): string
    {
        $at = strpos($text, $part);

        return $at === false ? $text : substr_replace($text, ' ', $at, strlen($part));
    }

    /** What stands before an address and a colon, dash or bar. */
    private static function label(string $address, string $line): string
    {
        $pattern = '~^\W*([\p{L}][\p{L}\p{N} &\'-]{1,38}?)\s*(?::|\s[-–—|]|→)\s*'.preg_quote($address, '~').'~u';

        return preg_match($pattern, $line, $match) === 1 ? $match[1] : '';
    }

    /** @throws Refusal */
    private static function read(string $address, string $label): ProfileLink
    {
        $plain = ProfileDirectory::read($address);

        return $label === '' || mb_strtolower($label) === mb_strtolower($plain->label) || $plain->kind !== 'other'
            ? $plain
            : ProfileDirectory::read("$label: $address");
    }

    /**
     * A handle with a host of its own, which says where it is: `@maren@garden.example`, `@maren.bsky.social`.
     *
     * @return Told|null
     */
    private static function handle(string $line): ?array
    {
        if (preg_match(self::HANDLE, $line, $match, PREG_UNMATCHED_AS_NULL) !== 1) {
            return null;
        }
        [$whole, $name, $host] = $match + [2 => null];
        $address = match (true) {
            $host !== null => "https://$host/@$name",
            str_ends_with((string) $name, '.bsky.social') => "https://bsky.app/profile/$name",
            default => null,
        };
        if ($address === null) {
            return null;
        }
        $link = ProfileDirectory::read($address);

        return self::told((string) $whole, $host !== null && $link->kind === 'other'
            ? new ProfileLink('mastodon', 'Mastodon', $link->address, 'mastodon', '@'.$name)
            : $link);
    }

    /**
     * @return Told
     */
    private static function told(string $raw, ProfileLink $link, string $from = ''): array
    {
        $host = fn (string $address): string => (string) preg_replace(
            '#^(?:https?://)?(?:www\.)?([^/?\#]*).*$#i',
            '$1',
            mb_strtolower($address),
        );
        $cleaned = [];
        if ($from === 'handle' || preg_match('~^@|\s~', $raw) === 1) {
            $cleaned[] = 'handle';
        } else {
            if ($host($raw) !== $host($link->address)) {
                $cleaned[] = 'host '.$host($raw);
            }
            if (preg_match('/[?#]/', $raw) === 1 && preg_match('/[?#]/', $link->address) === 0) {
                $cleaned[] = 'what stood after '.(str_contains($raw, '?') ? '?' : '#');
            }
        }

        return [
            'line' => $raw, 'kind' => $link->kind, 'label' => $link->label, 'address' => $link->address,
            'display' => $link->address === '' ? $link->handle : WebAddress::parse($link->address)->short(),
            'handle' => $link->handle, 'cleaned' => $cleaned, 'as' => ProfileDirectory::line($link),
        ];
    }
}
