<?php

namespace Tests\Core;

use InkyCard\Refusal;
use InkyCard\Roster\ProfileFact;
use InkyCard\StaffList\Column;
use InkyCard\StaffList\ColumnGuess;
use InkyCard\StaffList\ColumnGuesser;
use InkyCard\StaffList\PersonName;
use InkyCard\StaffList\PortraitMatch;
use InkyCard\StaffList\StaffRow;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Lists of staff as offices keep them. */
final class StaffListTest extends TestCase
{
    /** @return iterable<string, array{string, string, string}> */
    public static function names(): iterable
    {
        foreach ([
            ['Maren Oakhollow', 'Maren Oakhollow', ''], ['Oakhollow, Maren', 'Maren Oakhollow', ''],
            ['OAKHOLLOW Maren', 'Maren Oakhollow', ''], ['MAREN OAKHOLLOW', 'Maren Oakhollow', ''],
            ['maren oakhollow', 'Maren Oakhollow', ''], ['Oakhollow, Dr. Maren', 'Dr. Maren Oakhollow', ''],
            ['Dr. Maren Oakhollow, PhD', 'Dr. Maren Oakhollow', 'PhD'], ['Smith, John, MD', 'John Smith', 'MD'],
            ['Maren Oakhollow, MBA, RIBA', 'Maren Oakhollow', 'MBA, RIBA'], ['John Smith Jr.', 'John Smith Jr.', ''],
            ["Mrs Maren O'NEILL", "Maren O'Neill", ''], ['DUPONT Jean-Pierre', 'Jean-Pierre Dupont', ''],
            ['ludwig van der berg', 'Ludwig van der Berg', ''], ['山田太郎', '山田太郎', ''], ['LI MA', 'Li Ma', ''],
            ['M. Night Ashgrove', 'M. Night Ashgrove', ''], ['Weiss, Anna (Sales)', 'Anna Weiss', ''],
            ['Prof. Dr. med. Anna Weiss', 'Prof. Dr. med. Anna Weiss', ''], ['Ma Li', 'Ma Li', ''],
            ['Herr Jan Weiss', 'Jan Weiss', ''], ['Cher', 'Cher', ''],
        ] as $case) {
            yield $case[0] => $case;
        }
    }

    #[DataProvider('names')]
    public function test_names_in_any_order_are_read(string $raw, string $name, string $credentials): void
    {
        $read = PersonName::read($raw);
        $this->assertSame([$name, $credentials], [$read->name, $read->credentials]);
        $this->assertSame($name, PersonName::read($read->name)->name, 'read again it stays what it is');
    }

    /** @return iterable<string, array{list<string>, list<list<string>>, list<string>}> */
    public static function tables(): iterable
    {
        $maren = ['Maren Oakhollow', 'maren@quillfern.example', '+44 1632 960147', 'Head gardener'];
        $ida = ['Ida Marshfield', 'ida@quillfern.example', '01632 960148', 'Office manager'];
        yield 'headings' => [
            ['Full name', 'E-Mail Address', 'Mobile', 'Job title'], [$maren, $ida],
            ['name', 'addresses', 'mobile', 'role'],
        ];
        yield 'no telling headings' => [
            ['A', 'B', 'C', 'D'], [$maren, $ida], ['name', 'addresses', 'mobile', 'role'],
        ];
        yield 'German' => [
            ['Nachname', 'Vorname', 'Funktion', 'E-Mail', 'Durchwahl', 'Eintrittsdatum', 'Standort'],
            [['Weiss', 'Anna', 'Leitung', 'anna@weiss.example', '+49 30 123456', '01.03.2027', 'Nord']],
            ['last', 'first', 'role', 'addresses', 'direct', 'first_day', 'groups'],
        ];
        yield 'a directory' => [
            ['cn', 'givenName', 'sn', 'mail', 'telephoneNumber', 'mobile', 'facsimileTelephoneNumber', 'title', 'uid'],
            [['Ida M', 'Ida', 'Marshfield', 'ida@m.example', '01632 960148', '', '', 'Head', 'im1']],
            ['name', 'first', 'last', 'addresses', 'office', 'mobile', 'fax', 'role', 'external'],
        ];
        yield 'a heading that lies' => [
            ['Phone', 'Name'], [['ida@m.example', 'Ida M'], ['bo@m.example', 'Bo M']], ['addresses', 'name'],
        ];
        yield 'two numbers' => [
            ['Name', 'Phone', 'Phone'], [['Ida M', '01632 960148', '01632 960149']], ['name', 'office', 'direct'],
        ];
        yield 'two addresses' => [
            ['Name', 'Email', 'Email 2'], [['Ida M', 'a@m.example', 'b@m.example']], ['name', 'addresses', 'addresses'],
        ];
        yield 'empty and strange' => [['', 'Shoe size'], [['', '39'], ['', '40']], ['', '']];
    }

    /**
     * @param  list<string>  $headings
     * @param  list<list<string>>  $rows
     * @param  list<string>  $columns
     */
    #[DataProvider('tables')]
    public function test_columns_are_told(array $headings, array $rows, array $columns): void
    {
        $guesses = ColumnGuesser::guess($headings, $rows);
        $this->assertSame($columns, array_map(fn (ColumnGuess $guess) => $guess->column->value, $guesses));
        foreach ($guesses as $guess) {
            $this->assertTrue($guess->sure >= 0 && $guess->sure <= 1);
        }
    }

    public function test_what_heads_a_list_is_told_from_its_first_row(): void
    {
        $this->assertTrue(ColumnGuesser::isHeading(['Name', 'E-mail', 'Shoe size']));
        $this->assertFalse(ColumnGuesser::isHeading(['Maren Oakhollow', 'maren@quillfern.example', 'Head']));
        $this->assertFalse(ColumnGuesser::isHeading(['Direct', 'maren@quillfern.example']));
    }

    /** @return iterable<string, array{array<string, string>, string, array<string, mixed>, int}> */
    public static function rows(): iterable
    {
        yield 'all of it' => [
            ['name' => 'Oakhollow, Maren', 'addresses' => 'Maren <Maren@Quillfern.example>; m@quillfern.example',
                'mobile' => '01632 960147', 'first_day' => '3/4/2027', 'groups' => 'Design; North'],
            'GB', ['name' => 'Maren Oakhollow', 'addresses' => ['maren@quillfern.example', 'm@quillfern.example'],
                'mobile' => '+44 1632 960147', 'first_day' => '2027-04-03'], 0,
        ];
        yield 'months first' => [['name' => 'A B', 'first_day' => '3/4/27'], 'US', ['first_day' => '2027-03-04'], 0];
        yield 'a day that can only be one' => [['name' => 'A B', 'last_day' => '3/14/2027'], 'GB',
            ['last_day' => '2027-03-14'], 0];
        yield 'dots' => [['name' => 'A B', 'last_day' => '4.3.2027'], 'US', ['last_day' => '2027-03-04'], 0];
        yield 'not a day' => [['name' => 'A B', 'last_day' => 'soon'], 'GB', ['last_day' => null], 1];
        yield 'last before first' => [['name' => 'A B', 'first_day' => '2027-03-04', 'last_day' => '2027-03-03'], 'GB',
            ['first_day' => '2027-03-04', 'last_day' => null], 1];
        yield 'not an address' => [['name' => 'A B', 'addresses' => 'a(at)b'], 'GB', ['addresses' => null], 1];
        yield 'a formula' => [['name' => 'A B', 'role' => '=HYPERLINK("http://x.example")'], 'GB',
            ['role' => '=HYPERLINK("http://x.example")'], 0];
        yield 'markup' => [['name' => 'A B', 'role' => '<script>'], 'GB', ['role' => null], 1];
        yield 'two numbers in a cell' => [['name' => 'A B', 'office' => '01632 960147 / 01632 960148'], 'GB',
            ['office' => '+44 1632 960147'], 0];
        yield 'a number too short' => [['name' => 'A B', 'office' => '147'], 'GB', ['office' => null], 1];
        yield 'parts' => [['title' => 'Dr.', 'first' => 'MAREN', 'last' => 'OAKHOLLOW'], 'GB',
            ['name' => 'Dr. Maren Oakhollow'], 0];
        yield 'addressed' => [['title' => 'Mrs', 'first' => 'Maren', 'last' => 'Oakhollow'], 'GB',
            ['name' => 'Maren Oakhollow'], 0];
    }

    /**
     * @param  array<string, string>  $cells
     * @param  array<string, mixed>  $facts
     */
    #[DataProvider('rows')]
    public function test_a_row_is_read(array $cells, string $country, array $facts, int $notes): void
    {
        $row = StaffRow::read(array_values($cells), array_map(Column::from(...), array_keys($cells)), $country);
        $this->assertCount($notes, $row->notes, implode(' ', array_map(strval(...), $row->notes)));
        foreach ($facts as $fact => $value) {
            $this->assertSame($value, $row->profile->toArray()[$fact] ?? null, $fact);
        }
    }

    public function test_groups_and_the_number_of_another_system(): void
    {
        $row = StaffRow::read(['A B', 'Design, North', 'Design', 'e-7', ''], [Column::Name, Column::Groups,
            Column::Groups, Column::External, Column::None], 'GB');
        $this->assertSame([['Design', 'North'], 'e-7'], [$row->groups, $row->external]);
        $this->assertFalse($row->profile->has(ProfileFact::Addresses));
        $this->expectException(Refusal::class);
        StaffRow::read(['', 'Design'], [Column::Name, Column::Groups], 'GB');
    }

    /** @return iterable<string, array{string, ?string}> */
    public static function portraits(): iterable
    {
        yield 'a name' => ['Maren Oakhollow.jpg', 'm'];
        yield 'turned, with words' => ['people/oakhollow_maren-portrait (2).PNG', 'm'];
        yield 'an address' => ['maren@quillfern.example.jpeg', 'm'];
        yield 'before the @' => ['moak.jpg', 'm'];
        yield 'other letters' => ['Jose Nunez.webp', 'j'];
        yield 'two of one name' => ['Ida Reed.jpg', null];
        yield 'nobody' => ['DSC_0042.jpg', null];
        yield 'a part of a name' => ['Oakhollow.jpg', null];
        yield 'nothing' => ['.jpg', null];
    }

    #[DataProvider('portraits')]
    public function test_portraits_are_matched_by_their_names(string $file, ?string $id): void
    {
        $match = new PortraitMatch([
            ['id' => 'm', 'name' => 'Maren Oakhollow', 'addresses' => ['maren@quillfern.example', 'moak@x.example']],
            ['id' => 'j', 'name' => 'José Núñez', 'addresses' => []],
            ['id' => 'a', 'name' => 'Ida Reed', 'addresses' => []],
            ['id' => 'b', 'name' => 'Reed, Ida', 'addresses' => []],
        ]);
        $this->assertSame($id, $match->find($file));
    }
}
