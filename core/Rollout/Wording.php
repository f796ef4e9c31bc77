<?php

namespace InkyCard\Rollout;

use InkyCard\Refusal;
use InkyCard\Type\CleanText;

/** What is written to people in a rollout, with blanks in brackets for what is each one's own. */
final readonly class Wording
{
    /** Blank => what stands for it. */
    public const BLANKS = ['name', 'page', 'deadline', 'tag', 'tests', 'help', 'film', 'firm', 'note'];

    private const SUBJECT = 120;

    private const BODY = 4000;

    private function __construct(public string $subject, public string $body)
    {
    }

    /**
     * @param  list<string>  $needs  blanks that have to be in it
     *
     * @throws Refusal with the path `/subject` or `/body`
     */
    public static function of(mixed $subject, mixed $body, array $needs = []): self
    {
        $subject = Refusal::at('/subject', fn () => CleanText::of($subject, self::SUBJECT, 'subject'));
        $subject !== '' || throw Refusal::because('Give the message a subject.', '/subject');
        $body = Refusal::at('/body', fn () => str_replace("\r\n", "\n", CleanText::utf8($body, 'message')));
        if (trim($body) === '' || strlen($body) > self::BODY) {
            throw Refusal::because(trim($body) === '' ? 'Write the message.' : 'The message is too long.', '/body');
        }
        preg_match_all('/\[([a-z]+)\]/', "$subject $body", $found);
        foreach (array_diff($found[1], self::BLANKS) as $unknown) {
            throw Refusal::because('[:blank] is no blank: there are :blanks.', '/body', [
                'blank' => $unknown, 'blanks' => '['.implode('], [', self::BLANKS).']',
            ]);
        }
        foreach (array_diff($needs, $found[1]) as $missing) {
            throw Refusal::because('Say where [:blank] goes: without it nobody finds theirs.', '/body', [
                'blank' => $missing,
            ]);
        }

        return new self($subject, $body);
    }

    /**
     * @param  array<string, string>  $values  blank => what stands for it; a line whose blanks are all empty is left
     *                                         out
     * @return array{string, string} subject and body
     */
    public function filled(array $values): array
    {
        $lines = array_filter(explode("\n", $this->body), function (string $line) use ($values): bool {
            preg_match_all('/\[([a-z]+)\]/', $line, $found);

            return $found[1] === [] || array_filter($found[1], fn (string $one) => ($values[$one] ?? '') !== '') !== [];
        });
        $of = [];
        foreach (self::BLANKS as $blank) {
            $of["[$blank]"] = $values[$blank] ?? '';
        }

        return [strtr($this->subject, $of), trim((string) preg_replace('/\n{3,}/', "\n\n", strtr(
            implode("\n", $lines), $of,
        )))."\n"];
    }
}
