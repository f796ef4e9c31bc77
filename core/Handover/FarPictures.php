<?php

namespace InkyCard\Handover;

/** Pictures a page names by a web address, carried inside it as those baked here are. */
final class FarPictures
{
    private const SOURCE = '~(<img\b[^>]*?\ssrc=")(https?://[^"]+)(")~i';

    /**
     * @param  \Closure(string): ?string  $fetch  address => data: URI; null where it cannot be had: the address stays
     */
    public static function inside(string $html, \Closure $fetch): string
    {
        $had = [];

        return (string) preg_replace_callback(self::SOURCE, function (array $match) use ($fetch, &$had): string {
            $address = html_entity_decode($match[2], ENT_QUOTES | ENT_HTML5);
            $had[$address] ??= $fetch($address) ?? '';

            return $match[1].($had[$address] ?: $match[2]).$match[3];
        }, $html);
    }
}
