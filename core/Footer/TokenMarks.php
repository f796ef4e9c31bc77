<?php

namespace InkyCard\Footer;

use InkyCard\Markup\Escape;

/**
 * Tokens taken out of what is composed, and put in again behind it: what stands for one meanwhile is nothing a composer
 * escapes, breaks, cleans or measures otherwise than the token itself.
 */
final class TokenMarks
{
    /** Around the number of a token: noncharacters of Unicode, which no accepted text holds. */
    private const OPEN = "\u{FDD8}";

    private const CLOSE = "\u{FDD9}";

    /** As long as the token; capitals where its words are. */
    private const MARK = '/'.self::OPEN.'(\d+)[xX]*'.self::CLOSE.'/u';

    /** A mark that is all of an address behind linked words. */
    private const LEADING = '/\]\('.self::OPEN.'(\d+)[xX]*'.self::CLOSE.'\)/u';

    /** Where a token may lead somebody who looks at it filled in. */
    private const LEADS = '~^(?:https?://|mailto:)[^\s<>"]+$~i';

    /** @var list<Token> */
    private array $tokens = [];

    /** @var array<string, int> as written => number */
    private array $numbers = [];

    public function __construct(private readonly TokenStyle $style)
    {
    }

    /** The same with marks in place of tokens. */
    public function put(string $text): string
    {
        $marked = '';
        $from = 0;
        foreach ($this->style->find($text) as $token) {
            $marked .= substr($text, $from, $token->at - $from).$this->mark($token);
            $from = $token->at + strlen($token->raw);
        }

        return $marked.substr($text, $from);
    }

    /**
     * @param  array<array-key, mixed>  $fields
     * @return array<array-key, mixed>
     */
    public function putInAll(array $fields): array
    {
        return array_map(fn (mixed $value): mixed => match (true) {
            is_string($value) => $this->put($value),
            is_array($value) => $this->putInAll($value),
            default => $value,
        }, $fields);
    }

    private function mark(Token $token): string
    {
        if (! isset($this->numbers[$token->raw])) {
            $this->numbers[$token->raw] = count($this->tokens);
            $this->tokens[] = $token;
        }
        $number = (string) $this->numbers[$token->raw];

        return self::OPEN.$number.str_repeat('x', max(0, mb_strlen($token->raw) - strlen($number) - 2)).self::CLOSE;
    }

    /** Every token as it was written, wherever it stands: never escaped, never broken. */
    public function raw(string $composed): string
    {
        return (string) preg_replace_callback(
            self::MARK, fn (array $mark): string => $this->tokens[(int) $mark[1]]->raw, $composed,
        );
    }

    /**
     * Fields as one recipient has them; for nobody, tokens as they are written, but for those that are all of an
     * address: nobody can say more of them than that.
     *
     * @param  array<array-key, mixed>  $fields
     * @param  array<string, string>|null  $values
     * @return array<array-key, mixed>
     */
    public function fillAll(array $fields, ?array $values): array
    {
        return array_map(fn (mixed $value): mixed => match (true) {
            is_string($value) && str_contains($value, self::OPEN) => preg_replace_callback(
                self::MARK, fn (array $mark): string => $values === null ? $this->tokens[(int) $mark[1]]->raw
                    : $this->tokens[(int) $mark[1]]->filled($values), $this->leading($value, $values),
            ),
            is_array($value) => $this->fillAll($value, $values),
            default => $value,
        }, $fields);
    }

    /** @param  array<string, string>|null  $values */
    private function leading(string $text, ?array $values): string
    {
        return (string) preg_replace_callback(self::LEADING, function (array $mark) use ($values): string {
            $leads = $values === null ? '' : $this->tokens[(int) $mark[1]]->filled($values);

            return ']('.(preg_match(self::LEADS, $leads) === 1 ? $leads : "https://token.example/$mark[1]").')';
        }, $text);
    }

    /** @return list<string> names of the tokens that were put in, each once */
    public function names(): array
    {
        return array_values(array_unique(array_column($this->tokens, 'name')));
    }

    /**
     * What is composed, cut at its tokens.
     *
     * @param  bool  $html  it is HTML, and what is filled in is escaped as it has to be where it stands
     * @return list<string|array{Token, string}> literal text, and tokens with where they stand: `text`, `attribute`,
     *     `address` for one that is the whole of a link, or `plain`
     */
    public function parts(string $composed, bool $html): array
    {
        $parts = [];
        $inTag = false;
        $before = '';
        foreach (preg_split(self::MARK, $composed, flags: PREG_SPLIT_DELIM_CAPTURE) ?: [] as $at => $part) {
            if ($at % 2 === 1) {
                $parts[] = [$this->tokens[(int) $part], match (true) {
                    ! $html => 'plain',
                    ! $inTag => 'text',
                    preg_match('~\b(?:href|src)="$~', $before) === 1 => 'address',
                    default => 'attribute',
                }];

                continue;
            }
            $open = strrpos($part, '<');
            $close = strrpos($part, '>');
            $inTag = $open === false && $close === false ? $inTag : $open !== false && ($close === false
                || $open > $close);
            $before = $part;
            if ($part !== '') {
                $parts[] = $part;
            }
        }

        return $parts;
    }

    /**
     * What a token says to a recipient, where it stands.
     *
     * @param  array<string, string>  $values
     */
    public static function filled(Token $token, string $where, array $values): string
    {
        $value = $token->filled($values);

        return match ($where) {
            'plain' => str_replace(["\r", "\n"], ' ', $value),
            // What a recipient's data say is shown, not followed.
            'address' => preg_match(self::LEADS, $value) === 1 ? Escape::html($value) : '#',
            default => Escape::html($value),
        };
    }
}
