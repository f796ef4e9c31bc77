<?php

namespace InkyCard\Import;

use InkyCard\Refusal;

/**
 * What a public page says of a person in forms meant for machines: JSON-LD,
 * h-card and the Open Graph, the surer ones first. What one has said, a weaker
 * one does not say again.
 */
final class PageSource
{
    /** Bytes, and facts in all, that are looked at. */
    private const MOST = 2_000_000;

    private const MOST_SAID = 200;

    /** Said instead of facts where there are none. */
    public const NOTHING = 'This page states nothing of a person for machines to read: copy its lines and paste them.';

    /** Whether a whole document says anything in one of these forms. */
    public static function speaks(string $html): bool
    {
        return preg_match(
            '~<script\b[^>]{0,300}application/ld\+json|<meta\b[^>]{0,300}["\'](?:og|profile):\w{1,40}["\']~i',
            $html,
        ) === 1 || stripos($html, '<html') !== false && preg_match(
            '~\bclass\s{0,9}=\s{0,9}["\'][^"\']{0,300}\bh-card\b~i',
            $html,
        ) === 1;
    }

    /**
     * @param  string  $country  ISO 3166-1 alpha-2, for phone numbers without a country
     * @param  string  $address  where it stood
     * @return list<Fact>
     *
     * @throws Refusal when it states nothing
     */
    public static function facts(string $html, string $country, string $address = ''): array
    {
        $page = new PageNodes(substr($html, 0, self::MOST), $address);
        $facts = new Facts($country);
        $said = [];
        foreach ([...JsonLd::said($page), HCard::said($page), OpenGraph::said($page)] as $form) {
            $before = array_column($said, 'kind');
            foreach ($form as $one) {
                $value = trim(html_entity_decode($one->value, ENT_QUOTES | ENT_HTML5));
                if ($value !== '' && ! in_array($one->kind, $before, true) && count($said) < self::MOST_SAID) {
                    $said[] = new Statement($one->kind, $value, $one->confidence);
                }
            }
        }
        array_walk($said, $facts->state(...));

        return $facts->all(self::NOTHING);
    }
}
