<?php

namespace App\Banners;

use App\Models\Workspace;
use InkyCard\Banner\Audience;
use InkyCard\Banner\PlaceWindow;
use InkyCard\Refusal;
use InkyCard\Time\Clock;
use InkyCard\Time\Day;
use InkyCard\Type\CleanText;

/** A window as people write it: first and last day, a time where it is not the whole day, for whom. */
final class WindowForm
{
    /** How the end of a day is written (ISO 8601-1:2019/Amd 1:2022). */
    private const END = '24:00';

    /** Labels and cards one window names. */
    private const MOST = 200;

    /**
     * @param  array<array-key, mixed>  $given  banner, from, from_time, until, until_time, for, labels, cards,
     *     priority, share, sharing
     * @param  array<int, list<string>>  $cards  those there are
     *
     * @throws Refusal with the path of the field
     */
    public static function read(array $given, Workspace $workspace, array $cards, string $id = '0'): PlaceWindow
    {
        $zone = $workspace->clock();
        $banner = $given['banner'] ?? '';
        $number = fn (string $key, int $default): int => match (true) {
            ($given[$key] ?? '') === '' => $default,
            is_scalar($given[$key]) && preg_match('/^\d{1,3}$/D', (string) $given[$key]) === 1 => (int) $given[$key],
            default => -1,
        };

        return new PlaceWindow(
            $id,
            is_scalar($banner) && ctype_digit((string) $banner) ? (string) $banner
                : throw Refusal::because('Choose the banner that is due then.', '/banner'),
            self::moment($given, 'from', '00:00', $zone), self::moment($given, 'until', self::END, $zone),
            self::audience($given, $cards), $number('priority', 0), $number('share', 1),
            self::byDays($given['sharing'] ?? ''),
        );
    }

    /**
     * As the form is filled in.
     *
     * @return array<string, mixed>
     */
    public static function write(PlaceWindow $window, Workspace $workspace): array
    {
        $zone = new \DateTimeZone($workspace->clock());
        $at = fn (int $moment) => (new \DateTimeImmutable("@$moment"))->setTimezone($zone);
        $from = $at($window->from);
        $until = $at($window->until);
        $whole = $until->format('H:i') === '00:00';

        return [
            'banner' => $window->banner, 'from' => $from->format('Y-m-d'),
            'from_time' => $from->format('H:i') === '00:00' ? '' : $from->format('H:i'),
            'until' => ($whole ? $until->modify('-1 second') : $until)->format('Y-m-d'),
            'until_time' => $whole ? '' : $until->format('H:i'),
            'for' => match (true) {
                $window->audience->labels !== [] => 'labels',
                $window->audience->cards !== [] => 'cards',
                default => 'everyone',
            },
            'labels' => $window->audience->labels, 'cards' => $window->audience->cards,
            'priority' => $window->priority, 'share' => $window->share,
            'sharing' => $window->byDays ? 'days' : 'cards',
        ];
    }

    private static function byDays(mixed $sharing): bool
    {
        return match ($sharing) {
            '', 'cards' => false, 'days' => true,
            default => throw Refusal::because('Banners due at once share cards or days.', '/sharing'),
        };
    }

    /** @param  array<array-key, mixed>  $given */
    private static function moment(array $given, string $key, string $default, string $zone): int
    {
        $day = Refusal::at("/$key", fn () => Day::parse($given[$key] ?? ''));
        $time = ($given["{$key}_time"] ?? '') === '' ? $default : $given["{$key}_time"];
        if ($time === self::END) {
            return Clock::moment($day->plus(1), '00:00', $zone)->getTimestamp();
        }

        return Clock::moment($day, Refusal::at("/$key", fn () => Clock::parse($time)), $zone)->getTimestamp();
    }

    /**
     * @param  array<array-key, mixed>  $given
     * @param  array<int, list<string>>  $cards
     */
    private static function audience(array $given, array $cards): Audience
    {
        $for = $given['for'] ?? 'everyone';
        if ($for === 'labels') {
            $labels = self::labels($given['labels'] ?? []);

            return $labels === [] ? throw Refusal::because('Choose at least one label.', '/for')
                : Audience::labels($labels);
        }
        if ($for === 'cards') {
            $chosen = array_values(array_filter(array_map(
                fn (mixed $card) => is_scalar($card) ? (int) $card : 0,
                array_slice(is_array($given['cards'] ?? null) ? $given['cards'] : [], 0, self::MOST),
            ), fn (int $card) => isset($cards[$card])));

            return $chosen === [] ? throw Refusal::because('Choose at least one card.', '/for')
                : Audience::cards($chosen);
        }

        return Audience::everyone();
    }

    /**
     * @param  mixed  $given  a list, or a text with commas between them
     * @return list<string> each once
     *
     * @throws Refusal
     */
    public static function labels(mixed $given): array
    {
        $given = is_string($given) ? explode(',', $given) : (is_array($given) ? $given : []);
        $labels = [];
        foreach (array_slice($given, 0, self::MOST) as $label) {
            $label = Refusal::at('/labels', fn () => CleanText::of($label, 40, 'label'));
            if ($label !== '' && strcasecmp($label, 'everyone') !== 0) {
                $labels[mb_strtolower($label)] ??= $label;
            }
        }

        return array_values($labels);
    }
}
