<?php

namespace InkyCard\Footer;

use InkyCard\Link\Target;
use InkyCard\Refusal;
use InkyCard\Type\CleanText;

/** Words of a footer that lead somewhere, for each recipient: a token, or an address with tokens in it. */
final readonly class FooterLink
{
    private const WORDS = 60;

    private const MOST = 1000;

    private function __construct(public string $words, public string $address)
    {
    }

    /**
     * @param  array<array-key, mixed>  $given  `words`, `address`
     *
     * @throws Refusal
     */
    public static function of(array $given, TokenStyle $style): self
    {
        $words = Refusal::at('/words', fn () => CleanText::of($given['words'] ?? '', self::WORDS, 'words'));
        $address = is_string($given['address'] ?? null) ? trim($given['address']) : '';

        return new self($words, $address === '' ? '' : Refusal::at('/address', fn () => self::address(
            $address, $style,
        )));
    }

    /** @throws Refusal */
    private static function address(string $address, TokenStyle $style): string
    {
        if (strlen($address) > self::MOST) {
            throw Refusal::because('This address is longer than any mail program takes.');
        }
        $tokens = $style->find($address);
        if ($tokens !== [] && $tokens[0]->raw === $address) {
            return $address;
        }
        // What stands for a token is part of a path or a query, whatever is filled in.
        $plain = str_replace(array_column($tokens, 'raw'), 'x', $address);
        $accepted = Target::parse($plain, 'GB');
        $host = preg_match('~^(?:https?://)?[^/?#]*~i', $address, $match) === 1 ? $match[0] : '';
        if ($style->find($host) !== [] && ! str_starts_with($accepted, 'mailto:')) {
            throw Refusal::because(
                'A token cannot stand in the host of an address: mail programs would warn of it. Put it behind the '
                    .'host, or take a token that is the whole address.',
            );
        }

        return $tokens === [] ? $accepted
            : (preg_match('~^(?:https?://|mailto:)~i', $address) === 1 ? $address : "https://$address");
    }

    /** It leads somewhere. */
    public function leads(): bool
    {
        return $this->words !== '' && $this->address !== '';
    }

    /** @return array{words: string, address: string} */
    public function toArray(): array
    {
        return ['words' => $this->words, 'address' => $this->address];
    }
}
