<?php

namespace InkyCard\Card;

use InkyCard\Brand\Brand;
use InkyCard\Brand\Notice;
use InkyCard\Brand\TradeRule;
use InkyCard\Card\Kind\Capability;

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
        $shown = array_filter($card->filled(), $card->shows(...));
        $roles = array_values(array_filter($shown, fn (Piece $piece) => $piece->can(Capability::Role)));
        $role = $roles === [] ? '' : $roles[0]->fact();
        $binding = array_filter($brand->rules, fn (TradeRule $rule) => $rule->binds($role));
        $licence = array_filter($binding, fn (TradeRule $rule) => $rule->licence) !== [] && ! self::isLicensed($shown);
        $names = array_merge(...array_values(array_map(fn (TradeRule $rule) => $rule->notices, $binding)));
        $notices = array_filter(
            array_map($brand->notice(...), array_values(array_unique($names))),
            fn (?Notice $notice) => $notice !== null && ! self::shows($card, $notice),
        );

        return $licence || $notices !== [] ? new self($licence, array_values($notices)) : null;
    }

    /** @param  array<int, Piece>  $shown */
    private static function isLicensed(array $shown): bool
    {
        $own = fn (Piece $piece): bool => $piece->can(Capability::Licence) && $piece->samples() === [];

        return array_filter($shown, $own) !== [];
    }

    /** Its words in full and every document, in one piece or several. */
    private static function shows(Card $card, Notice $notice): bool
    {
        $lines = [];
        foreach ($card->pieces as $piece) {
            if ($piece->can(Capability::Notice) && $card->shows($piece)) {
                array_push($lines, ...explode("\n", $piece->text('text')), ...$piece->lines('documents'));
            }
        }

        return array_diff([...array_filter(explode("\n", $notice->text)), ...$notice->documents], $lines) === [];
    }
}
