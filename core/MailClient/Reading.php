<?php

namespace InkyCard\MailClient;

use InkyCard\Colour\Colour;
use InkyCard\Markup\Element;
use InkyCard\Markup\Escape;
use InkyCard\Markup\HtmlWriter;

/** A message as the reader of one mail client sees it. */
final readonly class Reading
{
    /**
     * @param  Element  $top  the body
     * @param  list<Change>  $changes  what hit whom, in order of first sight
     * @param  string  $styles  style sheets that still count
     * @param  Colour  $page  colour of the page around it
     * @param  Colour  $ink  colour of words without one of their own
     */
    public function __construct(
        public MailClient $client,
        private Element $top,
        public array $changes,
        private string $styles,
        public Colour $page,
        public Colour $ink,
    ) {
    }

    /** @param  bool  $marked  elements name their piece and whether they changed, for screens */
    public function html(bool $marked = false): string
    {
        return ($this->styles === '' ? '' : "<style>$this->styles</style>").HtmlWriter::write($this->top, $marked);
    }

    /** A whole page of it as its reader has it before them: background, ink, and the direction of its words. */
    public function page(): string
    {
        $said = fn (string $name, string $pattern, string $else) => preg_match(
            $pattern, $value = $this->stated($this->top, $name),
        ) === 1 ? $value : $else;
        $title = Escape::html($this->client->label);

        return '<!DOCTYPE html><html lang="'.$said('lang', '/^[A-Za-z0-9-]{2,35}$/D', 'en').'" dir="'
            .$said('dir', '/^(?:ltr|rtl|auto)$/D', 'ltr').'"><head><meta charset="utf-8"><title>'.$title
            .'</title></head><body style="margin:0;padding:12px;background-color:'.$this->page->hex.';color:'
            .$this->ink->hex.';font:13px Arial,sans-serif">'.$this->html()."</body></html>\n";
    }

    /** What the outermost element that says it says. */
    private function stated(Element $element, string $attribute): string
    {
        for ($at = $element; $at instanceof Element; $at = $at->children[0] ?? null) {
            if (isset($at->attributes[$attribute])) {
                return $at->attributes[$attribute];
            }
        }

        return '';
    }

    public function top(): Element
    {
        return $this->top;
    }

    public function words(): string
    {
        return $this->top->words();
    }

    /** What stands out most, in a few words; empty when nothing harms. */
    public function verdict(): string
    {
        foreach ($this->changes as $change) {
            if ($change->harms) {
                return $change->says;
            }
        }

        return '';
    }

    /** @return list<Change> those its readers miss something by */
    public function harms(): array
    {
        return array_values(array_filter($this->changes, fn (Change $change) => $change->harms));
    }
}
