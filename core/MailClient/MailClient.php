<?php

namespace InkyCard\MailClient;

use InkyCard\Colour\Colour;
use InkyCard\Colour\DarkPage;
use InkyCard\Limits;
use InkyCard\Refusal;

/**
 * A stand-in for a mail client, described by how it behaves. Its rules are
 * data (`rules/`), each with where it comes from: the open data of 2026-05 on
 * what mail clients support, or a cautious guess. No client runs here.
 */
final readonly class MailClient
{
    public const ALL = [
        'strict-webmail',
        'tolerant-webmail',
        'dark-webmail',
        'word-desktop',
        'word-desktop-120',
        'new-desktop',
        'webkit-desktop',
        'open-desktop',
        'open-desktop-dark',
        'phone-webkit',
        'phone-forced-dark',
        'phone-webmail-app',
        'pictures-blocked',
        'plain-text',
        'quoted-reply',
        'campaign-frame',
    ];

    /** Those whose settings take so much code and no more. */
    public const CODE_LIMITED = ['strict-webmail', 'phone-webmail-app'];

    public const WORD = ['word-desktop', 'word-desktop-120'];

    public const PHONES = ['phone-webkit', 'phone-forced-dark', 'phone-webmail-app'];

    private const TAKEN = ['nearest' => 1, 'width' => 1, 'word' => 1, 'styles' => 1];

    private const USUAL = ['nearest' => '', 'width' => Limits::WIDTH, 'word' => false, 'styles' => 'kept'];

    /**
     * @param  string  $about  how it behaves, in a sentence
     * @param  string  $nearest  the client its facts come from, in plain words; empty when they come from none
     * @param  int  $width  of its window, CSS px
     * @param  bool  $word  reads what is written for the Word engine
     * @param  'none'|'dropped'|'kept'  $styles  what becomes of style elements
     * @param  array{bright: int, least: float, page: string, ink: string, link: string, seen: string}|null  $strips
     *   takes colours away that would not read on its dark page, instead of turning them
     * @param  'shown'|'boxes'|'none'  $pictures
     * @param  'html'|'text'  $form
     * @param  list<array<string, mixed>>  $rules
     */
    private function __construct(
        public string $key,
        public string $label,
        public string $about,
        public string $nearest,
        public int $width,
        public bool $word,
        public string $styles,
        public DarkPage $dark,
        public ?array $strips,
        public string $pictures,
        public string $form,
        public bool $quoted,
        public array $rules,
    ) {
    }

    /** @return array<string, self> */
    public static function all(): array
    {
        static $all = null;

        return $all ??= array_combine(self::ALL, array_map(self::load(...), self::ALL));
    }

    /** @throws Refusal */
    public static function of(mixed $key): self
    {
        return self::all()[is_string($key) ? $key : '']
            ?? throw Refusal::because(
                'A stand-in is one of: :choices.', values: ['choices' => implode(', ', self::ALL)],
            );
    }

    public function isDark(): bool
    {
        return $this->dark !== DarkPage::Unchanged || $this->strips !== null;
    }

    /** @param  'cid'|'data'|'svg'|'webp'|'gif'  $kind */
    public function losesPictures(string $kind): bool
    {
        foreach ($this->rules as $rule) {
            if (in_array($kind, (array) ($rule['picture'] ?? []), true) && ! isset($rule['still'])) {
                return true;
            }
        }

        return false;
    }

    /** @param  Colour  $paper  of the message */
    public function page(Colour $paper): Colour
    {
        return $this->strips !== null ? Colour::hex($this->strips['page']) : $this->dark->background($paper);
    }

    /** Of words without a colour of their own. */
    public function ink(Colour $paper): Colour
    {
        $black = Colour::hex('#000000');

        return match (true) {
            $this->strips !== null => Colour::hex($this->strips['ink']),
            $this->isDark() => $this->dark->ink($black, $paper),
            default => $black,
        };
    }

    private static function load(string $key): self
    {
        /**
         * @var array{label: string, about: string, rules: list<array<string, mixed>>, like?: string, nearest?: string,
         *   width?: int, word?: bool, styles?: 'none'|'dropped'|'kept', dark?: string, strips?: array{bright: int,
         *   least: float, page: string, ink: string, link: string, seen: string}, pictures?: 'shown'|'boxes'|'none',
         *   form?: 'html'|'text', quoted?: bool} $data
         */
        $data = require __DIR__."/rules/$key.php";
        $base = isset($data['like']) ? self::load($data['like']) : null;
        // What another behaves like is taken over, but for how it shows a message in all.
        $said = $data + array_intersect_key($base === null ? [] : get_object_vars($base), self::TAKEN) + self::USUAL;

        return new self(
            $key, $data['label'], $data['about'], $said['nearest'], $said['width'], $said['word'], $said['styles'],
            DarkPage::from($data['dark'] ?? 'unchanged'), $data['strips'] ?? null,
            $data['pictures'] ?? 'shown', $data['form'] ?? 'html', $data['quoted'] ?? false,
            array_merge($base->rules ?? [], $data['rules']),
        );
    }
}
