<?php

namespace App\Auth;

use Illuminate\Http\Request;
use Illuminate\Routing\Route;
use Illuminate\Support\Facades\Route as Routes;
use Illuminate\Support\Str;

/**
 * What each route asks of who takes it: the one place that says so. A route that is not named here asks for making, so
 * that a new one is not open to all by being forgotten.
 */
final class Access
{
    /** Names of routes, `*` for any letters. The first that fits counts. */
    private const OF = [
        'see' => [
            'cards', 'sheet', 'drawing', 'findings', 'proof', 'proof.print', 'proof.compare', 'proof.reading',
            'clicks', 'clicks.*', 'find', 'find.*', 'help', 'again', 'again.drop', 'sign-out', 'account', 'account.*',
            'workspace.open', 'errand', 'errand.*',
            'api.me', 'api.ask.*', 'api.clicks', 'api.cards', 'api.card', 'api.card.revisions',
            'api.card.proof', 'api.starters', 'api.starter', 'api.destinations', 'api.stand-ins',
        ],
        'hand-over' => [
            'hand-over', 'hand-over.directions', 'hand-over.taken', 'hand-over.file', 'hand-over.note', 'mailbox',
            'mailbox.*', 'api.card.composed', 'api.card.taken', 'tray', 'tray.*', 'ready', 'ready.*',
        ],
        'people' => ['rollout', 'rollouts.*', 'house', 'house.counts', 'house.drawing', 'people', 'people.*',
            'person', 'staff-import',
            'staff-import.*', 'placements', 'placements.*',
            'cards.place', 'scim.*', 'api.people', 'api.placements', 'api.placements.*'],
        'run' => ['members', 'members.*', 'settings', 'settings.*', 'programs', 'programs.*'],
    ];

    /** What a page of ours asks for, by its address. */
    public static function ofAddress(string $address): Ability
    {
        return self::of(Routes::getRoutes()->match(Request::create($address)));
    }

    public static function of(?Route $route): Ability
    {
        $name = (string) $route?->getName();
        foreach (self::OF as $ability => $names) {
            if (Str::is($names, $name)) {
                return Ability::from($ability);
            }
        }

        return Ability::Make;
    }
}
