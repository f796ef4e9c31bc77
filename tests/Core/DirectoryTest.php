<?php

namespace Tests\Core;

use InkyCard\Directory\Attributes;
use InkyCard\Directory\Fault;
use InkyCard\Directory\Filter;
use InkyCard\Directory\Patch;
use InkyCard\Directory\UserResource;
use InkyCard\Roster\Profile;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** What directories ask: filters and changes as RFC 7644 writes them, and people as RFC 7643 does. */
final class DirectoryTest extends TestCase
{
    private const USER = [
        'id' => '01A', 'userName' => 'maren@quillfern.example', 'active' => true, 'title' => 'Head of "planting"',
        'name' => ['givenName' => 'Maren', 'familyName' => 'O\'Hollow'], 'externalId' => 'Ab',
        'emails' => [
            ['value' => 'maren@quillfern.example', 'type' => 'work', 'primary' => true],
            ['value' => 'm@home.example', 'type' => 'home'],
        ],
        'meta' => ['lastModified' => '2026-05-13T04:42:34Z'], Attributes::ENTERPRISE => ['department' => 'Design'],
    ];

    /** @return iterable<int, array{string, bool}> */
    public static function filters(): iterable
    {
        yield from [
            ['userName eq "maren@quillfern.example"', true],
            ['USERNAME Eq "MAREN@quillfern.example"', true],
            ['externalId eq "ab"', false], ['externalId eq "Ab"', true],
            ['name.familyName co "O\'Hollow"', true], ['name.familyName co "hollow"', true],
            ['userName sw "M"', true], ['userName ew "j"', false],
            ['urn:ietf:params:scim:schemas:core:2.0:User:userName sw "m"', true],
            ['title pr', true], ['nickName pr', false], ['title eq "Head of \\"planting\\""', true],
            ['meta.lastModified gt "2026-05-13T04:42:34Z"', false],
            ['meta.lastModified ge "2026-05-13T04:42:34Z"', true],
            ['meta.lastModified lt "2027-05-13T04:42:34Z"', true],
            ['active eq true', true], ['active eq "true"', false], ['active ne false', true],
            ['title pr and active eq false', false], ['title pr or active eq false', true],
            ['active eq false or title pr and userName sw "m"', true],
            ['(active eq false or title pr) and userName sw "x"', false],
            ['not (active eq false)', true], ['emails eq "m@home.example"', true],
            ['emails.type eq "home"', true], ['emails[type eq "work" and value co "@home"]', false],
            ['emails[type eq "work" and value co "@quillfern"] or userName eq "x"', true],
            ['department eq "design"', true], [Attributes::ENTERPRISE.':department sw "Des"', true],
            ['emails ne "m@home.example"', false], ['userName gt 5', false],
        ];
    }

    #[DataProvider('filters')]
    public function test_a_filter_means_whom_the_standard_says(string $filter, bool $matches): void
    {
        $this->assertSame($matches, Filter::parse($filter)->matches(self::USER));
    }

    /** @return iterable<int, array{string}> */
    public static function broken(): iterable
    {
        foreach ([
            '', 'userName', 'userName eq', 'userName is "a"', 'eq "a"', 'userName eq "a', 'userName eq "a" or',
            '(userName eq "a"', 'userName eq "a")', 'emails[type eq "work"', 'userName eq [1]', 'userName eq {"a":1}',
            'userName eq a', str_repeat('(', 30).'title pr'.str_repeat(')', 30),
            str_repeat('title pr or ', 300).'title pr',
        ] as $filter) {
            yield [$filter];
        }
    }

    #[DataProvider('broken')]
    public function test_a_filter_that_is_none_is_refused(string $filter): void
    {
        try {
            Filter::parse($filter);
        } catch (Fault $fault) {
            $this->assertSame(['invalidFilter', 400], [$fault->type, $fault->status]);

            return;
        }
        $this->fail("$filter was read");
    }

    /** @return iterable<string, array{list<array<string, mixed>>, array<string, mixed>}> what is then otherwise */
    public static function patches(): iterable
    {
        $emails = self::USER['emails'];
        yield 'set' => [[['op' => 'replace', 'path' => 'title', 'value' => 'Lead']], ['title' => 'Lead']];
        yield 'in any case' => [[['op' => 'Replace', 'path' => 'ACTIVE', 'value' => false]], ['active' => false]];
        yield 'a part' => [[['op' => 'replace', 'path' => 'name.givenName', 'value' => 'M']],
            ['name' => ['givenName' => 'M', 'familyName' => 'O\'Hollow']]];
        yield 'several at once, without a path' => [[['op' => 'add', 'value' => [
            'title' => 'Lead', 'name.familyName' => 'Q', 'nickName' => 'x',
            Attributes::ENTERPRISE.':department' => 'IT',
        ]]], ['title' => 'Lead', 'name' => ['familyName' => 'Q', 'givenName' => 'Maren'],
            Attributes::ENTERPRISE => ['department' => 'IT']]];
        yield 'the extension by its name' => [[['op' => 'replace', 'value' => [
            Attributes::ENTERPRISE => ['department' => 'IT', 'manager' => ['value' => 'x']],
        ]]], [Attributes::ENTERPRISE => ['department' => 'IT']]];
        yield 'taken away' => [[['op' => 'remove', 'path' => 'title']], ['title' => null]];
        yield 'one more' => [[['op' => 'add', 'path' => 'emails', 'value' => [['value' => 'b@c.example']]]],
            ['emails' => [...$emails, ['value' => 'b@c.example']]]];
        yield 'another is primary' => [
            [['op' => 'add', 'path' => 'emails', 'value' => [['value' => 'b@c.example', 'primary' => true]]]],
            ['emails' => [['value' => 'maren@quillfern.example', 'type' => 'work'], $emails[1],
                ['value' => 'b@c.example', 'primary' => true]]]];
        yield 'one that is there' => [[['op' => 'add', 'path' => 'emails', 'value' => [$emails[1]]]], []];
        yield 'others' => [[['op' => 'replace', 'path' => 'emails', 'value' => [['value' => 'b@c.example']]]],
            ['emails' => [['value' => 'b@c.example']]]];
        yield 'the value of one' => [
            [['op' => 'replace', 'path' => 'emails[type eq "home"].value', 'value' => 'n@h.example']],
            ['emails' => [$emails[0], ['value' => 'n@h.example', 'type' => 'home']]]];
        yield 'the number of a type there was not' => [
            [['op' => 'add', 'path' => 'phoneNumbers[type eq "mobile"].value', 'value' => '1']],
            ['phoneNumbers' => [['value' => '1', 'type' => 'mobile']]],
        ];
        yield 'one of a type' => [[['op' => 'remove', 'path' => 'emails[type eq "home" and value ew ".example"]']],
            ['emails' => [$emails[0]]]];
        yield 'one by value' => [[['op' => 'remove', 'path' => 'emails', 'value' => [['value' => 'm@home.example']]]],
            ['emails' => [$emails[0]]]];
        yield 'all' => [[['op' => 'remove', 'path' => 'emails']], ['emails' => null]];
        yield 'one after another' => [[
            ['op' => 'remove', 'path' => 'emails'],
            ['op' => 'add', 'path' => 'emails', 'value' => [['value' => 'b@c.example']]],
        ], ['emails' => [['value' => 'b@c.example']]]];
    }

    /**
     * @param  list<array<string, mixed>>  $operations
     * @param  array<string, mixed>  $otherwise
     */
    #[DataProvider('patches')]
    public function test_changes_leave_what_the_standard_says(array $operations, array $otherwise): void
    {
        $patched = (new Patch(Attributes::OF_USERS))->apply(self::USER, ['schemas' => [Patch::SCHEMA],
            'Operations' => $operations]);
        $this->assertEquals(
            array_filter($otherwise + self::USER, fn (mixed $one): bool => $one !== null), $patched,
        );
    }

    public function test_changes_that_cannot_be_made_say_why(): void
    {
        foreach ([
            'invalidSyntax' => [[], ['Operations' => []], ['Operations' => [['op' => 'move']]],
                ['Operations' => ['x']]],
            'noTarget' => [['Operations' => [['op' => 'remove']]],
                ['Operations' => [['op' => 'replace', 'path' => 'emails[value co "nobody"].type', 'value' => 'x']]]],
            'invalidPath' => [['Operations' => [['op' => 'add', 'path' => 'shoeSize', 'value' => 4]]],
                ['Operations' => [['op' => 'add', 'path' => 'name.shoe', 'value' => 4]]],
                ['Operations' => [['op' => 'add', 'path' => 7, 'value' => 4]]]],
            'invalidFilter' => [['Operations' => [['op' => 'remove', 'path' => 'emails[type]']]]],
            'mutability' => [['Operations' => [['op' => 'replace', 'path' => 'id', 'value' => 'x']]]],
            'invalidValue' => [['Operations' => [['op' => 'add', 'value' => 'x']]]],
        ] as $type => $messages) {
            foreach ($messages as $message) {
                try {
                    (new Patch(Attributes::OF_USERS))->apply(self::USER, $message);
                    $this->fail(json_encode($message).' was made');
                } catch (Fault $fault) {
                    $this->assertSame($type, $fault->type, (string) json_encode($message));
                }
            }
        }
    }

    public function test_what_a_profile_says_comes_back_from_what_a_directory_is_told(): void
    {
        $known = Profile::of([
            'name' => 'Maren Oakhollow', 'role' => 'Designer', 'department' => 'Design', 'direct' => '01632 960147',
            'mobile' => '+44 7700 900123', 'office' => '01632 960100', 'fax' => '01632 960199',
            'addresses' => ['maren@quillfern.example', 'studio@quillfern.example'],
        ], 'GB');
        $user = UserResource::of($known, 'maren@quillfern.example', [], true);
        $this->assertEquals($known, Profile::of(UserResource::facts($user), 'GB'));
        $this->assertSame('Maren O’Hollow', UserResource::facts(['name' => [
            'givenName' => 'Maren', 'familyName' => 'O’Hollow',
        ], 'userName' => 'm'])['name']);
        $this->assertSame(['name' => 'x@y.example', 'addresses' => ['x@y.example']],
            UserResource::facts(['userName' => 'x@y.example']));
    }
}
