<?php

namespace InkyCard\Brand;

use InkyCard\Link\MailAddress;
use InkyCard\Link\PhoneNumber;
use InkyCard\Link\ProfileDirectory;
use InkyCard\Link\ProfileText;
use InkyCard\Link\WebAddress;
use InkyCard\Refusal;
use InkyCard\Type\CleanText;

/** Facts of the firm that stand on every card: entered once, for all. */
final readonly class StandingLines
{
    private const MAX_PROFILES = 24;

    /**
     * @param  string  $phone  the shared one, international form
     * @param  string  $email  the general one
     * @param  string  $map  where the address leads; empty for a search of it
     * @param  list<string>  $profiles  networks of the firm, an address or `Name: address` each
     * @param  list<string>  $own  kinds of networks each person has their own page on
     */
    private function __construct(
        public string $company,
        public string $phone,
        public string $email,
        public string $address,
        public string $map,
        public string $web,
        public array $profiles,
        public array $own,
    ) {
    }

    /**
     * @param  array<array-key, mixed>  $given  by name; all may be missing
     * @param  string  $country  ISO 3166-1 alpha-2, for a phone number without a country
     *
     * @throws Refusal
     */
    public static function of(array $given, string $country): self
    {
        $read = fn (string $name, \Closure $read) => Refusal::at("/$name", function () use ($given, $name, $read) {
            $raw = $given[$name] ?? '';

            return is_string($raw) && trim($raw) === '' ? '' : $read($raw);
        });

        return new self(
            $read('company', fn ($raw) => CleanText::of($raw, 160, 'company')),
            $read('phone', fn ($raw) => PhoneNumber::parse($raw, $country)->display),
            $read('email', fn ($raw) => MailAddress::parse($raw)->address),
            $read('address', fn ($raw) => CleanText::of($raw, 240, 'address')),
            $read('map', fn ($raw) => WebAddress::parse($raw, 'map link')->address),
            $read('web', fn ($raw) => WebAddress::parse($raw)->address),
            Refusal::at(
                '/profiles',
                fn () => array_values(array_unique(array_merge(...array_map(
                    fn (string $line) => explode("\n", $line),
                    CleanText::several(
                        $given['profiles'] ?? [], self::MAX_PROFILES,
                        fn (mixed $raw) => ProfileText::line($raw, $country),
                    ),
                )))),
            ),
            Refusal::at(
                '/own',
                fn () => array_values(
                    array_unique(
                        CleanText::several(self::names($given['own'] ?? []), self::MAX_PROFILES, self::network(...)),
                    ),
                ),
            ),
        );
    }

    /** Names come one a line or parted by commas. */
    private static function names(mixed $given): mixed
    {
        return is_string($given) ? strtr($given, [',' => "\n", ';' => "\n"]) : $given;
    }

    /** @throws Refusal for a network the directory does not know */
    private static function network(mixed $raw): string
    {
        $name = CleanText::of($raw, 60, 'network');

        return ProfileDirectory::named($name)
            ?? throw Refusal::because(
                'No network called :name is known here: write it as LinkedIn or Instagram.', values: ['name' => $name],
            );
    }

    /**
     * @return array{
     *     company: string, phone: string, email: string, address: string, map: string, web: string,
     *     profiles: list<string>, own: list<string>,
     * }
     */
    public function toArray(): array
    {
        return [
            'company' => $this->company, 'phone' => $this->phone, 'email' => $this->email, 'address' => $this->address,
            'map' => $this->map, 'web' => $this->web, 'profiles' => $this->profiles, 'own' => $this->own,
        ];
    }
}
