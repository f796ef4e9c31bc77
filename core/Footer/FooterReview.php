<?php

namespace InkyCard\Footer;

use InkyCard\Card\Kind\Capability;
use InkyCard\Card\Piece;
use InkyCard\Compose\PictureSources;

/** What a footer has of what law, mailbox providers and readers want, and whether its tokens are safe in it. */
final readonly class FooterReview
{
    private const LABELS = [
        'unsubscribe' => 'Unsubscribe', 'one-press' => 'Unsubscribe in one press (RFC 8058)',
        'firm' => 'Who sends it, and the postal address', 'why' => 'Why you get this',
        'registration' => 'Registration', 'sender' => 'The sender’s name',
        'phone' => 'A number or address to reach you',
        'preferences' => 'Choose what you get', 'browser' => 'Read in a browser', 'plain' => 'The same in plain text',
        'clash' => 'Tokens and nothing else',
    ];

    /** @var array<string, array<string, string>> part => country => source */
    private array $asked;

    public function __construct(private Footer $footer, private FooterCard $card)
    {
        $this->asked = RequiredParts::of($footer->countries);
    }

    /** @return list<FooterFinding> */
    public function findings(PictureSources $pictures): array
    {
        $found = [
            $this->unsubscribe(), $this->onePress(), $this->filled('firm', $this->footer->text('firm') !== ''),
            $this->filled('why', $this->footer->text('why') !== ''), $this->plain(), $this->clash($pictures),
        ];
        foreach (['registration' => $this->footer->text('registration') !== '', 'sender' => $this->card->card->holder()
            !== '', 'phone' => $this->reachable()] as $part => $has) {
            if (isset($this->asked[$part])) {
                $found[] = $this->filled($part, $has);
            }
        }
        foreach (['preferences', 'browser'] as $part) {
            $found[] = $this->filled($part, $this->footer->link($part)->leads());
        }

        return $found;
    }

    /** Whether it may go out: nothing is lacking that somebody asks for. */
    public static function isReady(FooterFinding ...$findings): bool
    {
        return array_filter($findings, fn (FooterFinding $one) => $one->state === 'lacks' && ($one->sources !== []
            || in_array($one->part, ['unsubscribe', 'clash'], true))) === [];
    }

    private function filled(string $part, bool $has): FooterFinding
    {
        $asked = array_keys($this->asked[$part] ?? []);

        return $this->found($part, $has ? 'has' : ($asked !== [] || $part === 'why' ? 'lacks' : 'may'), match (true) {
            $asked !== [] => implode(', ', $asked).(count($asked) === 1 ? ' asks' : ' ask').' for it',
            $has => 'filled',
            default => $part === 'why' ? 'readers who do not remember press “spam”' : 'empty',
        });
    }

    private function unsubscribe(): FooterFinding
    {
        $link = $this->footer->link('unsubscribe');

        return match (true) {
            ! $link->leads() => $this->filled('unsubscribe', false),
            $this->footer->style->find($link->address) === [] => $this->found(
                'unsubscribe', 'look', 'leads everybody to one place: it has no token of the recipient',
            ),
            default => $this->found('unsubscribe', 'has', 'per recipient'),
        };
    }

    /** Mailbox providers ask for it of whoever sends much. */
    private function onePress(): FooterFinding
    {
        $address = $this->footer->link('unsubscribe')->address;

        return $address !== '' && ! str_starts_with($address, 'mailto:') && ! str_starts_with($address, 'http://')
            ? $this->found('one-press', 'has', 'its sender puts the header')
            : $this->found('one-press', 'look', $address === '' ? 'wants an unsubscribe link'
                : 'wants an https address to unsubscribe at');
    }

    private function plain(): FooterFinding
    {
        $text = $this->card->text();
        $lost = array_filter(Footer::LINKS, fn (string $part) => $this->footer->link($part)->leads()
            && ! str_contains($text, $this->footer->link($part)->address));

        return $this->found('plain', $lost === [] ? 'has' : 'lacks', $lost === [] ? 'with tokens'
            : 'without '.implode(', ', $lost));
    }

    /** What its sending system would take for a token that is none. */
    private function clash(PictureSources $pictures): FooterFinding
    {
        $taken = $this->card->clashes($pictures, $this->footer->style);

        return $this->found('clash', $taken === [] ? 'has' : 'lacks', $taken === [] ? 'nothing else reads as one'
            : '“'.implode('”, “', array_slice($taken, 0, 3)).'” would be filled in too: choose another style');
    }

    private function reachable(): bool
    {
        return array_filter(
            $this->card->card->filled(Capability::Contact),
            fn (Piece $piece) => in_array($piece->kind->key(), ['phone', 'email'], true),
        ) !== [];
    }

    /** @param  'has'|'lacks'|'look'|'may'  $state */
    private function found(string $part, string $state, string $says): FooterFinding
    {
        return new FooterFinding($part, self::LABELS[$part], $state, $says, $this->asked[$part] ?? []);
    }
}
