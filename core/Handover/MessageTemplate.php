<?php

namespace InkyCard\Handover;

use InkyCard\Refusal;
use InkyCard\Said;
use InkyCard\Type\CleanText;

/** A message often sent, kept to be opened, filled in and sent: what changes each time stands in square brackets. */
final readonly class MessageTemplate
{
    public const NAME = 80;

    public const SUBJECT = 200;

    /** Characters. */
    public const BODY = 20_000;

    /** Blanks that are named where some are left. */
    private const NAMED = 4;

    /** A blank says what belongs there, in words: [1] is none. */
    private const BLANK = '/\[([^\[\]\r\n]*\p{L}[^\[\]\r\n]*)\]/u';

    private function __construct(public string $name, public string $subject, public string $body)
    {
    }

    /** @throws Refusal with the path of the field */
    public static function of(mixed $name, mixed $subject, mixed $body): self
    {
        $name = Refusal::at('/name', fn () => CleanText::of($name, self::NAME, 'name'));
        if ($name === '') {
            throw Refusal::because('Give it a name to find it by.', '/name');
        }

        return new self(
            $name,
            Refusal::at('/subject', fn () => self::line($subject)),
            Refusal::at('/body', fn () => self::words($body)),
        );
    }

    /** A message with nothing in it but blanks. */
    public static function blank(): self
    {
        return new self('A message to fill in', '[subject]', "Dear [name],\n\n[your message]");
    }

    /** @return list<string> what its blanks ask for, each once */
    public function blanks(): array
    {
        return self::blanksIn("$this->subject\n$this->body");
    }

    /** @return list<string> */
    public static function blanksIn(string $text): array
    {
        preg_match_all(self::BLANK, $text, $found);

        return array_values(array_unique($found[1]));
    }

    /**
     * A subject. A line end in it would start another header: no person means one.
     *
     * @throws Refusal
     */
    public static function line(mixed $raw): string
    {
        $subject = CleanText::utf8($raw, 'subject');
        if (preg_match('/[\r\n]/', trim($subject)) === 1) {
            throw Refusal::because('The subject is one line.');
        }

        return CleanText::of($subject, self::SUBJECT, 'subject');
    }

    /**
     * Words of a message: valid UTF-8, line ends made one kind.
     *
     * @throws Refusal
     */
    public static function words(mixed $raw): string
    {
        $words = CleanText::utf8($raw, 'message');
        if (mb_strlen($words) > self::BODY) {
            throw Refusal::because(
                'The message is too long: :body characters at most.', values: ['body' => self::BODY],
            );
        }

        return (string) preg_replace(['/\R/u', '/[\x00-\x08\x0b-\x1f\x7f]/'], ["\n", ''], $words);
    }

    /**
     * Subject and body of a message that is to go.
     *
     * @param  bool  $whole  a blank left in them keeps it back
     * @return array{subject: string, body: string}
     *
     * @throws Refusal with the path of the field
     */
    public static function filled(mixed $subject, mixed $body, bool $whole): array
    {
        $subject = Refusal::at('/subject', fn () => self::line($subject));
        $body = Refusal::at('/body', fn () => self::words($body));
        $blanks = self::blanksIn("$subject\n$body");
        $named = ['blanks' => '['.implode('], [', array_slice($blanks, 0, self::NAMED)).']'];
        if ($whole && $blanks !== []) {
            throw Refusal::because(
                count($blanks) > self::NAMED ? Said::of('Blanks are still in it: :blanks and more.', $named)
                    : (count($blanks) === 1 ? Said::of('A blank is still in it: :blanks.', $named)
                        : Said::of('Blanks are still in it: :blanks.', $named)),
                '/blanks',
            );
        }

        return ['subject' => $subject, 'body' => $body];
    }
}
