<?php

namespace InkyCard\Markup;

/** Writes HTML that is safe to send, element by element. */
final class HtmlBuilder
{
    private string $html = '';

    /** @var list<string> closing parts of the elements that are open, outermost first */
    private array $open = [];

    /**
     * Opens an element; all that comes until `close` is inside it.
     *
     * @param  array<string, string|int|null>  $attributes  null leaves one out
     * @param  string  $style  declarations made of numbers, colours and typefaces, none of which holds a sign to
     *                         escape: no value of a maker's
     */
    public function open(string $name, array $attributes = [], string $style = ''): self
    {
        $this->void($name, $attributes, $style);
        $this->open[] = "</$name>";

        return $this;
    }

    public function close(): self
    {
        $this->html .= array_pop($this->open);

        return $this;
    }

    /**
     * An element that has no content, such as `img`.
     *
     * @param  array<string, string|int|null>  $attributes
     * @param  string  $style  as for `open`
     */
    public function void(string $name, array $attributes = [], string $style = ''): self
    {
        $html = "<$name";
        foreach ($attributes as $key => $value) {
            if ($value !== null) {
                $html .= " $key=\"".(is_int($value) ? $value : Escape::html($value)).'"';
            }
        }
        $this->html .= $style === '' ? "$html>" : "$html style=\"$style\">";

        return $this;
    }

    public function text(string $text): self
    {
        $this->html .= Escape::html($text);

        return $this;
    }

    /** Markup an allow-list has been through, or that was put together of constants and escaped values. */
    public function sanitised(string $html): self
    {
        $this->html .= $html;

        return $this;
    }

    /**
     * What only the Word engine reads; until `afterOthers`, what all others read (downlevel-revealed conditional
     * comments).
     *
     * @param  \Closure(self): self  $write
     */
    public function forWord(\Closure $write): self
    {
        $this->html .= '<!--[if mso]>'.$write(new self)->html().'<![endif]--><!--[if !mso]><!-->';

        return $this;
    }

    public function afterOthers(): self
    {
        $this->html .= '<!--<![endif]-->';

        return $this;
    }

    public function doctype(): self
    {
        $this->html .= '<!DOCTYPE html>';

        return $this;
    }

    public function html(): string
    {
        return $this->open === [] ? $this->html : throw new \LogicException('Something is still open.');
    }
}
