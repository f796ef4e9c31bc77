<?php

namespace InkyCard\Compose;

/**
 * HTML that is safe to send: the only place that escapes.
 *
 * Text given as a string is escaped; what is already Markup is taken as it is.
 */
final readonly class Markup
{
    private const VOID = ['br' => true, 'img' => true, 'meta' => true];

    private function __construct(public string $html)
    {
    }

    /**
     * @param  array<string, string|int|null|array<string, string|int|null>>  $attributes  null leaves one out;
     *                                                                                     `style` is an array of CSS properties
     */
    public static function element(string $name, array $attributes = [], self|string ...$children): self
    {
        $html = '<'.$name;
        foreach ($attributes as $key => $value) {
            if (is_array($value)) {
                $value = self::style($value);
            }
            if ($value !== null) {
                $html .= ' '.$key.'="'.self::escape((string) $value).'"';
            }
        }
        $html .= '>';
        if (isset(self::VOID[$name])) {
            return new self($html);
        }
        foreach ($children as $child) {
            $html .= $child instanceof self ? $child->html : self::escape($child);
        }

        return new self($html.'</'.$name.'>');
    }

    public static function join(self|string ...$parts): self
    {
        return new self(implode('', array_map(fn (self|string $part) => $part instanceof self ? $part->html : self::escape($part), $parts)));
    }

    public static function text(string $text): self
    {
        return new self(self::escape($text));
    }

    /** Markup an allow-list has been through. */
    public static function sanitised(string $html): self
    {
        return new self($html);
    }

    /** Nothing at all. */
    public static function none(): self
    {
        return new self('');
    }

    public static function doctype(): self
    {
        return new self('<!DOCTYPE html>');
    }

    /** @param  array<string, string|int|null>  $properties */
    private static function style(array $properties): ?string
    {
        $css = '';
        foreach ($properties as $property => $value) {
            if ($value !== null) {
                $css .= ($css === '' ? '' : ';').$property.':'.$value;
            }
        }

        return $css === '' ? null : $css;
    }

    private static function escape(string $text): string
    {
        return htmlspecialchars($text, ENT_COMPAT | ENT_SUBSTITUTE | ENT_HTML5, 'UTF-8');
    }
}
