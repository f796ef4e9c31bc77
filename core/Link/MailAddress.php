<?php

namespace InkyCard\Link;

use Egulias\EmailValidator\EmailValidator;
use Egulias\EmailValidator\Validation\NoRFCWarningsValidation;
use InkyCard\Refusal;
use InkyCard\Said;
use InkyCard\Type\CleanText;

/** A mail address (RFC 5322 addr-spec, RFC 6531 for other scripts) and its `mailto:` link (RFC 6068). */
final readonly class MailAddress
{
    /** Plain addresses, valid by any reading of RFC 5322. */
    private const PLAIN = '/^[a-z0-9]+(?:[._+-][a-z0-9]+)*@(?:[a-z0-9](?:[a-z0-9-]*[a-z0-9])?\.)+[a-z]{2,24}$/D';

    private function __construct(public string $address)
    {
    }

    /** @throws Refusal */
    public static function parse(mixed $raw, string $label = 'mail address'): self
    {
        if (is_string($raw) && strlen($raw) < 60 && preg_match(self::PLAIN, $raw)) {
            return new self($raw);
        }
        $text = CleanText::of($raw, 254, $label);
        if (stripos($text, 'mailto:') === 0) {
            // RFC 6068 writes signs of the address, and what the message says, as addresses of pages do.
            $text = rawurldecode((string) strtok(substr($text, strlen('mailto:')), '?'));
        }
        // Quoted local parts and bare hosts are valid by the letter and refused by most mail clients.
        if (! (new EmailValidator())->isValid($text, new NoRFCWarningsValidation())
            || ! str_contains((string) strrchr($text, '@'), '.')) {
            throw Refusal::because(
                'The :label is not complete: it looks like maren@quillfern.example.',
                values: ['label' => Said::of($label)],
            );
        }

        return new self($text);
    }

    /**
     * One or several, parted by commas, semicolons or line ends, with or without the names mail programs put before
     * them: `Ada Loom <ada@loom.example>`.
     *
     * @return non-empty-list<self> each once
     *
     * @throws Refusal that says which it means
     */
    public static function several(mixed $raw, int $most, string $label): array
    {
        $text = CleanText::utf8($raw, $label);
        $parts = preg_split('/(?:"[^"]*"[^,;\n]*)?\K[,;\n]+/u', $text) ?: [];
        $parts = array_values(array_filter(array_map(trim(...), $parts), fn (string $part) => $part !== ''));
        if (count($parts) > $most) {
            throw Refusal::because('There is room for :most addresses here.', values: ['most' => $most]);
        }
        $all = [];
        foreach ($parts ?: [''] as $part) {
            $bare = preg_match('/<([^<>]+)>\s*$/u', $part, $within) === 1 ? $within[1] : $part;
            try {
                $one = self::parse($bare, $label);
            } catch (Refusal $refusal) {
                throw count($parts) < 2 ? $refusal : Refusal::because(
                    ':part: :says', values: ['part' => $part, 'says' => $refusal->said],
                );
            }
            $all[mb_strtolower($one->address)] ??= $one;
        }

        return array_values($all);
    }

    /** @param  string  $subject  of the message a click starts */
    public function href(string $subject = ''): string
    {
        return 'mailto:'.str_replace('%40', '@', rawurlencode($this->address))
            .($subject === '' ? '' : '?subject='.rawurlencode($subject));
    }
}
