<?php

namespace InkyCard\Import;

/** What the addresses of a signature tell of the firm, and of whose it is. */
final readonly class Firm
{
    /** A firm's name that its domain confirms. */
    public const CONFIRMED = 0.92;

    /** One told by its words alone. */
    private const WORDS = 0.8;

    /**
     * @param  string  $name  first label of its domain, letters and digits alone; empty where none is known
     * @param  string  $mailbox  what stands before the @; empty where none is known
     */
    private function __construct(private string $name, public string $mailbox)
    {
    }

    public static function of(Facts $facts): self
    {
        [$mailbox, $domain] = explode('@', $facts->value('email', 'address')) + ['', ''];
        $domain = $domain ?: (string) parse_url($facts->value('web', 'address'), PHP_URL_HOST);

        return new self(self::plain((string) preg_replace('/^www\.|\..*$/', '', $domain)), $mailbox);
    }

    /** How sure it is that a line is a firm's name, 0 to 1; 0 for none. */
    public function isNamed(string $text): float
    {
        $plain = self::plain($text);
        $confirmed = $this->name !== '' && strlen($plain) >= 3 && (str_contains($plain, $this->name)
            || (strlen($plain) >= 4 && str_starts_with($this->name, $plain)));

        if ($confirmed) {
            return self::CONFIRMED;
        }

        // "Shop" alone is what a link is called; a script that joins its words has whole names in one.
        $called = preg_match('/^[\p{Latin}\p{Cyrillic}\p{Greek}]+$/u', $text) === 1 && Words::is('companies', $text);

        return ! $called && (Words::flanks('legal-forms', $text) || Words::within('companies', $text))
            ? self::WORDS : 0.0;
    }

    private static function plain(string $text): string
    {
        return (string) preg_replace('/[^a-z0-9]/', '', mb_strtolower($text));
    }
}
