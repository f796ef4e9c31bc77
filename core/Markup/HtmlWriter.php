<?php

namespace InkyCard\Markup;

/** Writes a tree of elements as HTML. */
final class HtmlWriter
{
    private const VOID = ['br' => 1, 'col' => 1, 'hr' => 1, 'img' => 1, 'wbr' => 1];

    /**
     * @param  Element  $top  written without itself when it is a body
     * @param  bool  $marked  elements name their piece and whether they changed, for screens
     */
    public static function write(Element $top, bool $marked = false): string
    {
        $html = '';
        // Text is escaped, and ends of elements stand on the stack as they are written.
        $open = [[$top, false]];
        while ($open !== []) {
            [$node, $written] = array_pop($open);
            if (is_string($node)) {
                $html .= $written ? $node : Escape::html($node);

                continue;
            }
            if ($node->name !== '' && $node->name !== 'body') {
                $html .= self::start($node, $marked);
                if (isset(self::VOID[$node->name])) {
                    continue;
                }
                $open[] = ["</$node->name>", true];
            }
            for ($index = count($node->children) - 1; $index >= 0; $index--) {
                $open[] = [$node->children[$index], false];
            }
        }

        return $html;
    }

    private static function start(Element $element, bool $marked): string
    {
        $html = "<$element->name";
        foreach ($element->attributes as $attribute => $value) {
            $html .= " $attribute=\"".Escape::html($value).'"';
        }
        if ($element->style !== []) {
            $style = implode(';', array_map(fn (array $one) => "$one[0]:$one[1]", $element->style));
            $html .= ' style="'.Escape::html($style).'"';
        }
        if ($marked && $element->piece !== '') {
            $html .= ' data-piece="'.Escape::html($element->piece).'"';
        }

        return $html.($marked && $element->changed ? ' data-changed>' : '>');
    }
}
