<?php

namespace InkyCard\Directory;

use InkyCard\Roster\Profile;
use InkyCard\Roster\ProfileFact;
use InkyCard\StaffList\PersonName;

/** Somebody as a directory has them (RFC 7643, 4.1), and what it says of their profile. */
final class UserResource
{
    /** Types of numbers, and which of ours they are. */
    private const NUMBERS = ['work' => 'direct', 'mobile' => 'mobile', 'fax' => 'fax', 'other' => 'office'];

    /**
     * @param  array<string, mixed>  $name  parts of the name as the directory gave them
     * @return array<string, mixed> the attributes a profile says
     */
    public static function of(Profile $known, string $userName, array $name, bool $active): array
    {
        $numbers = [];
        foreach (self::NUMBERS as $type => $fact) {
            $value = $known->text(ProfileFact::from($fact));
            $value === '' || $numbers[] = ['value' => $value, 'type' => $type];
        }
        $department = $known->text(ProfileFact::Department);

        return array_filter([
            'userName' => $userName, 'active' => $active, 'displayName' => $known->name(),
            'name' => ['formatted' => $known->name()] + (self::called($name) === $known->name() ? $name : []),
            'title' => $known->text(ProfileFact::Role),
            'emails' => array_map(
                // Directories mean one address by “work”, and would overwrite all that are called so.
                fn (string $address, int $number): array => ['value' => $address]
                    + ($number === 0 ? ['type' => 'work', 'primary' => true] : ['type' => 'other']),
                $known->lines(ProfileFact::Addresses), array_keys($known->lines(ProfileFact::Addresses)),
            ),
            'phoneNumbers' => $numbers,
            Attributes::ENTERPRISE => $department === '' ? [] : ['department' => $department],
        ], fn (mixed $value): bool => $value !== '' && $value !== []);
    }

    /**
     * Facts as the directory has them; what it says nothing of is left out.
     *
     * @param  array<string, mixed>  $user
     * @return array<string, string|list<string>> value of a ProfileFact => as typed
     *
     * @throws Fault
     */
    public static function facts(array $user): array
    {
        $name = is_array($user['name'] ?? null) ? $user['name'] : [];
        $enterprise = is_array($user[Attributes::ENTERPRISE] ?? null) ? $user[Attributes::ENTERPRISE] : [];
        $facts = [
            'name' => self::called($name) ?: self::text($user['displayName'] ?? '') ?: self::text($user['userName']
                ?? ''),
            'role' => self::text($user['title'] ?? ''), 'department' => self::text($enterprise['department'] ?? ''),
            'addresses' => self::addresses($user),
        ];

        return array_filter($facts + self::numbers($user), fn (string|array $fact): bool => $fact !== ''
            && $fact !== []);
    }

    /**
     * @param  array<string, mixed>  $user
     * @return array<string, string> by fact; the second of a type is the office's
     */
    private static function numbers(array $user): array
    {
        $numbers = [];
        foreach (self::list($user['phoneNumbers'] ?? []) as $number) {
            $fact = self::NUMBERS[strtolower(self::text($number['type'] ?? 'work'))] ?? 'office';
            $numbers[isset($numbers[$fact]) ? 'office' : $fact] ??= (string) preg_replace(
                '/^tel:/i', '', self::text($number['value'] ?? ''),
            );
        }

        return $numbers;
    }

    /**
     * Parts of a name, joined as it is said.
     *
     * @param  array<string, mixed>  $name
     */
    private static function called(array $name): string
    {
        $part = fn (string $key): string => self::text($name[$key] ?? '');
        $formatted = $part('formatted');
        if ($formatted !== '' || $part('familyName').$part('givenName') === '') {
            return $formatted;
        }

        return PersonName::of(
            $part('honorificPrefix'), trim($part('givenName').' '.$part('middleName')), $part('familyName'),
        )->name;
    }

    /**
     * The primary one first; of a user without any, the name they sign in by, where that is one.
     *
     * @param  array<string, mixed>  $user
     * @return list<string>
     */
    private static function addresses(array $user): array
    {
        $emails = self::list($user['emails'] ?? []);
        usort(
            $emails, fn (array $one, array $other): int => ($other['primary'] ?? false) <=> ($one['primary'] ?? false),
        );
        $addresses = array_map(fn (array $email): string => self::text($email['value'] ?? ''), $emails);
        $userName = self::text($user['userName'] ?? '');

        return array_values(array_filter($addresses ?: (str_contains($userName, '@') ? [$userName] : [])));
    }

    /** @return list<array<string, mixed>> */
    private static function list(mixed $values): array
    {
        if (! is_array($values) || ! array_is_list($values)) {
            throw Fault::of('invalidValue', 'What can be several is a list.');
        }

        return array_map(
            fn (mixed $one): array => is_array($one) ? $one : ['value' => $one], $values,
        );
    }

    private static function text(mixed $value): string
    {
        if (is_array($value) || is_bool($value)) {
            throw Fault::of('invalidValue', 'What is a text is sent as one.');
        }

        return trim((string) $value);
    }

    /**
     * As booleans are sent, and as some directories send them.
     *
     * @throws Fault
     */
    public static function isActive(mixed $value): bool
    {
        $known = ['true' => true, 'false' => false][is_string($value) ? strtolower($value) : ''] ?? $value;

        return is_bool($known) ? $known : throw Fault::of('invalidValue', 'active is true or false.');
    }
}
