<?php

namespace InkyCard\Footer;

/** A footer compiled once, to be filled in for many recipients: joining and escaping are all that is left. */
final readonly class FooterPlate
{
    /**
     * @param  list<string|array{Token, string}>  $html  see TokenMarks::parts
     * @param  list<string|array{Token, string}>  $text
     */
    public function __construct(private array $html, private array $text)
    {
    }

    /** @param  array<string, string>  $values  of a recipient, by name of token */
    public function html(array $values): string
    {
        return self::stamped($this->html, $values);
    }

    /** @param  array<string, string>  $values */
    public function text(array $values): string
    {
        return self::stamped($this->text, $values);
    }

    /**
     * @param  list<string|array{Token, string}>  $parts
     * @param  array<string, string>  $values
     */
    private static function stamped(array $parts, array $values): string
    {
        $stamped = '';
        foreach ($parts as $part) {
            $stamped .= is_string($part) ? $part : TokenMarks::filled($part[0], $part[1], $values);
        }

        return $stamped;
    }
}
