<?php

namespace InkyCard\Card;

use InkyCard\Brand\Brand;
use InkyCard\Brand\Notice;

/** What the brand's trade rules ask of a card and it does not show. */
final readonly class MissingCompliance
{
    /**
     * @param  bool  $licence  the licence line is missing, blank or a sample
     * @param  list<Notice>  $notices  those that are missing
     */
    private function __construct(public bool $licence, public array $notices)
    {
    }

    /** What is missing; null when nothing is. */
    public static function missing(Card $card, Brand $brand): ?self
    {
        $role = '';
        $licensed = false;
        foreach ($card->pieces as $piece) {
            if (! $card->shows($piece) || $piece->isBlank()) {
                continue;
            }
            $role = $role === '' && $piece->kind->key() === 'role' ? $piece->text('text') : $role;
            $licensed = $licensed || ($piece->kind->key() === 'licence' && ! $piece->sample);
        }
        $licence = false;
        $notices = [];
        foreach ($brand->rules as $rule) {
            if (! $rule->binds($role)) {
                continue;
            }
            $licence = $licence || ($rule->licence && ! $licensed);
            foreach ($rule->notices as $name) {
                $notice = $brand->notice($name);
                if ($notice !== null && ! self::shows($card, $notice)) {
                    $notices[$name] = $notice;
                }
            }
        }

        return $licence || $notices !== [] ? new self($licence, array_values($notices)) : null;
    }

    /** Its words in full and every document, in one piece or several. */
    private static function shows(Card $card, Notice $notice): bool
    {
        $lines = [];
        foreach ($card->pieces as $piece) {
            if ($piece->kind->key() === 'notice' && $card->shows($piece)) {
                $documents = $piece->fields['documents'] ?? [];
                array_push($lines, ...explode("\n", $piece->text('text')), ...(is_array($documents) ? $documents : []));
            }
        }

        return array_diff([...array_filter(explode("\n", $notice->text)), ...$notice->documents], $lines) === [];
    }
}
