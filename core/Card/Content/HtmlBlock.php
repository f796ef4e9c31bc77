<?php

namespace InkyCard\Card\Content;

use InkyCard\Markup\Element;
use InkyCard\Markup\Escape;
use InkyCard\Markup\MailDocument;
use InkyCard\Markup\OwnMarkup;

/** Markup of somebody's own, made safe before it got here. */
final readonly class HtmlBlock extends AbstractBlock
{
    /** Start of a link in clean markup, whose quotes are always double: what stands before its address, the address. */
    private const LINK = '/<a\b([^>]*?) href="([^"]*)"[^>]*>';

    /** @param  string  $text  what it says in words */
    public function __construct(public string $html, public string $text)
    {
    }

    public function tree(): Element
    {
        return MailDocument::words($this->html)->body;
    }

    /**
     * Its words, parted where a block or a forced line end parts them.
     *
     * @return list<string>
     */
    public function lines(): array
    {
        return OwnMarkup::lines($this->html);
    }

    /**
     * The same with what stands in place of its pictures.
     *
     * @return list<string>
     */
    public function spoken(): array
    {
        return OwnMarkup::lines($this->html, spoken: true);
    }

    /**
     * Pictures that say their size.
     *
     * @return list<array{int, int}> width and height, CSS px
     */
    public function pictureSizes(): array
    {
        preg_match_all('/<img\b[^>]*>/i', $this->html, $found);

        return array_map(fn (string $image) => [
            preg_match('/\bwidth="(\d{1,4})"/', $image, $width) ? (int) $width[1] : 0,
            preg_match('/\bheight="(\d{1,4})"/', $image, $height) ? (int) $height[1] : 0,
        ], $found[0]);
    }

    public function links(): array
    {
        preg_match_all(self::LINK.'(.*?)<\/a>/s', $this->html, $found, PREG_SET_ORDER);

        return array_map(fn (array $link) => new BlockLink(OwnMarkup::words($link[3]), self::plain($link[2])), $found);
    }

    public function withLinks(\Closure $to): self
    {
        return new self(
            (string) preg_replace_callback(
                self::LINK.'/',
                fn (array $link) => str_replace(
                    ' href="'.$link[2].'"',
                    ' href="'
                        .Escape::html($to(self::plain($link[2])))
                        .'"',
                    $link[0],
                ),
                $this->html,
            ),
            $this->text,
        );
    }

    private static function plain(string $attribute): string
    {
        return html_entity_decode($attribute, ENT_QUOTES | ENT_HTML5, 'UTF-8');
    }
}
