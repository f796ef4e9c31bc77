<?php

namespace InkyCard\Roster;

use InkyCard\Link\MailAddress;
use InkyCard\Link\PhoneNumber;
use InkyCard\Link\ProfileText;
use InkyCard\Picture\PictureRef;
use InkyCard\Refusal;
use InkyCard\Time\Day;
use InkyCard\Type\CleanText;

/** What is known of a person: each fact as it is accepted, those that are not known left out. */
final readonly class Profile
{
    private const LINE = 160;

    /** Addresses somebody sends from, and profiles. */
    private const ADDRESSES = 10;

    private const PROFILES = 24;

    /** @param  array<string, string|list<string>>  $facts  value of a ProfileFact => what it is; never empty ones */
    private function __construct(private array $facts)
    {
    }

    /**
     * @param  array<array-key, mixed>  $given  value of a ProfileFact => as typed: a text, or one a line or a list
     *                                          where there can be several
     * @param  string  $country  ISO 3166-1 alpha-2, for phone numbers without a country
     *
     * @throws Refusal with the path `/<fact>`
     */
    public static function of(array $given, string $country): self
    {
        $facts = [];
        foreach (ProfileFact::cases() as $fact) {
            $raw = $given[$fact->value] ?? '';
            if ($raw !== '' && $raw !== []) {
                $facts[$fact->value] = Refusal::at("/$fact->value", fn () => self::accept($fact, $raw, $country));
            }
        }
        $profile = new self(self::known($facts));
        if ($profile->text(ProfileFact::Name) === '') {
            throw Refusal::because('Give a name.', '/name');
        }
        $profile->mustEndAfterItBegan();

        return $profile;
    }

    /**
     * Reads back what `toArray` gave: it was accepted then.
     *
     * @param  array<array-key, mixed>  $kept
     */
    public static function restore(array $kept): self
    {
        $facts = [];
        foreach (ProfileFact::cases() as $fact) {
            $value = $kept[$fact->value] ?? '';
            $facts[$fact->value] = $fact->isSeveral() ? array_values(array_filter(
                (array) $value, fn (mixed $one): bool => is_string($one) && $one !== '',
            ))
                : (is_string($value) ? $value : '');
        }

        return new self(self::known($facts));
    }

    /** @return array<string, string|list<string>> */
    public function toArray(): array
    {
        return $this->facts;
    }

    /** @return array<string, string|list<string>> those facts that are pictures */
    public function pictures(): array
    {
        return array_filter(
            $this->facts, fn (string $fact): bool => ProfileFact::from($fact)->isPicture(), ARRAY_FILTER_USE_KEY,
        );
    }

    /** What a fact says; the first where there are several, empty where it is not known. */
    public function text(ProfileFact $fact): string
    {
        $value = $this->facts[$fact->value] ?? '';

        return is_string($value) ? $value : $value[0] ?? '';
    }

    /** @return list<string> */
    public function lines(ProfileFact $fact): array
    {
        $value = $this->facts[$fact->value] ?? [];

        return is_string($value) ? [$value] : $value;
    }

    public function has(ProfileFact $fact): bool
    {
        return isset($this->facts[$fact->value]);
    }

    public function name(): string
    {
        return $this->text(ProfileFact::Name);
    }

    /** The address somebody is known by; empty for none. */
    public function address(): string
    {
        return $this->text(ProfileFact::Addresses);
    }

    /** This one with what another knows in its place; of what there can be several, none is lost. */
    public function met(self $newer): self
    {
        $facts = $newer->facts + $this->facts;
        foreach (ProfileFact::cases() as $fact) {
            if ($fact->isSeveral() && isset($facts[$fact->value])) {
                $facts[$fact->value] = array_values(array_unique([...$newer->lines($fact), ...$this->lines($fact)]));
            }
        }

        return new self($facts);
    }

    /** @return list<ProfileFact> that another says otherwise */
    public function differences(self $other): array
    {
        return array_values(array_filter(
            ProfileFact::cases(), fn (ProfileFact $fact): bool => $this->lines($fact) !== $other->lines($fact),
        ));
    }

    public function day(ProfileFact $fact): ?Day
    {
        return $this->has($fact) ? Day::parse($this->text($fact)) : null;
    }

    /** @throws Refusal */
    private function mustEndAfterItBegan(): void
    {
        $last = $this->day(ProfileFact::LastDay);
        $first = $this->day(ProfileFact::FirstDay);
        if ($last !== null && $first !== null && $last->isBefore($first)) {
            throw Refusal::because('The last day is before the first.', '/last_day');
        }
    }

    /**
     * @return string|list<string>
     *
     * @throws Refusal
     */
    private static function accept(ProfileFact $fact, mixed $raw, string $country): string|array
    {
        return match (true) {
            $fact === ProfileFact::Addresses => CleanText::several(
                $raw, self::ADDRESSES, fn (mixed $one) => mb_strtolower(MailAddress::parse($one)->address),
            ),
            $fact === ProfileFact::Profiles => CleanText::several(
                $raw, self::PROFILES, fn (mixed $one) => ProfileText::line($one, $country),
            ),
            $fact->isPhone() => trim(is_string($raw) ? $raw : '') === '' ? ''
                : PhoneNumber::parse($raw, $country)->display,
            $fact->isDay() => Day::parse(is_string($raw) ? trim($raw) : $raw)->iso,
            $fact->isPicture() => PictureRef::parse($raw),
            default => CleanText::of($raw, self::LINE, mb_strtolower($fact->label())),
        };
    }

    /**
     * @param  array<string, string|list<string>>  $facts
     * @return array<string, string|list<string>>
     */
    private static function known(array $facts): array
    {
        return array_filter(array_map(
            fn (string|array $value): string|array => is_array($value) ? array_values(array_unique($value)) : $value,
            $facts,
        ), fn (string|array $value): bool => $value !== '' && $value !== []);
    }
}
