<?php

namespace Tests\Web;

use App\Models\StaffImport;
use App\Models\StoredPerson;
use App\Roster\Groups;
use App\Roster\StaffFile;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Storage;
use InkyCard\Roster\Profile;
use PhpOffice\PhpSpreadsheet\Spreadsheet;
use PhpOffice\PhpSpreadsheet\Writer;
use PHPUnit\Framework\Attributes\DataProvider;

/** People, and lists of them on their way in. */
final class PeopleTest extends WebTestCase
{
    private const CSV = "Name;E-Mail;Mobil;Funktion;Gruppe\n"
        ."Oakhollow, Maren;maren@quillfern.example;01632 960147;Principal;Design\n"
        ."Reedmace, Tobiah;tobiah@quillfern.example;01632 960148;Planting lead;Design, North\n"
        .";nobody@quillfern.example;;;\n"
        ."Maren O;Maren@quillfern.example;;;\n"
        ."Ida Marshfield;ida@quillfern.example;147;Office;\n";

    public function test_somebody_is_kept_once_with_all_that_is_known(): void
    {
        $this->get('/people/new')->assertOk()->assertSee('Somebody new');
        $facts = ['name' => 'Ida Marshfield', 'addresses' => "ida@quillfern.example\nsales@quillfern.example",
            'mobile' => '01632 960149', 'first_day' => '2027-01-04', 'profiles' => 'github.com/ida-m'];
        $this->post('/people', ['facts' => $facts, 'group' => 'Office'])->assertSessionHasNoErrors();
        $ida = StoredPerson::query()->where('name', 'Ida Marshfield')->sole();
        $this->assertSame(['+44 1632 960149', '2027-01-04'], [$ida->fact('mobile'), $ida->first_day]);
        $this->assertSame([$ida->id => ['Office']], Groups::namesOf([$ida->id]));
        $this->get("/people/$ida->id")->assertSee('github.com/ida-m')->assertSee('2027-01-04');
        $this->get('/people')->assertSee('Ida Marshfield')->assertSee('starts');
        // What is wrong is said beside its field, and nothing is lost.
        $this->from("/people/$ida->id")->post("/people/$ida->id", [
            'facts' => ['last_day' => '2026-12-31', 'role' => 'Kept as typed'] + $facts, 'groups' => ['Office'],
        ])->assertSessionHasErrors('last_day')->assertSessionHasInput('facts.role', 'Kept as typed');
        $this->post('/people', ['facts' => ['name' => 'Bo', 'addresses' => 'Sales@quillfern.example']])
            ->assertSessionHasErrors(['addresses' => 'sales@quillfern.example is Ida Marshfield’s already.']);
        $this->post('/people', ['facts' => ['name' => '']])->assertSessionHasErrors('name');
        $this->post("/people/$ida->id", ['facts' => ['name' => 'Ida Reed'], 'groups' => []]);
        $this->assertSame(['Ida Reed', ''], [$ida->refresh()->name, $ida->address]);
        $this->assertSame([], Groups::namesOf([$ida->id]));
    }

    public function test_a_portrait_is_brought_kept_and_left_out(): void
    {
        $this->post('/people', ['facts' => ['name' => 'Ida'], 'portrait' => UploadedFile::fake()
            ->createWithContent('ida.jpg', self::jpeg())])->assertSessionHasNoErrors();
        $ida = StoredPerson::query()->where('name', 'Ida')->sole();
        $this->get("/people/$ida->id")->assertSee('Portrait of Ida');
        $this->post("/people/$ida->id", ['facts' => ['name' => 'Ida M']]);
        $this->assertStringStartsWith('picture:', $ida->refresh()->fact('portrait'));
        $this->post("/people/$ida->id", ['facts' => ['name' => 'Ida M'], 'no_portrait' => '1']);
        $this->assertSame('', $ida->refresh()->fact('portrait'));
        $this->post("/people/$ida->id", ['facts' => ['name' => 'Ida'], 'portrait' => UploadedFile::fake()
            ->createWithContent('x.jpg', 'no picture')])->assertSessionHasErrors('portrait');
    }

    public function test_portraits_go_to_whom_their_files_are_named_after(): void
    {
        $ida = StoredPerson::add($this->workspace->id, Profile::of(['name' => 'Ida Marshfield'], 'GB'));
        $file = fn (string $name, string $bytes): UploadedFile => UploadedFile::fake()
            ->createWithContent($name, $bytes);
        $errand = (string) $this->post('/people/portraits', ['portraits' => [
            $file('Marshfield Ida.jpg', self::jpeg()), $file('nobody.jpg', self::jpeg()),
        ]])->headers->get('Location');
        $this->get($errand)->assertSee('1 portraits are set.')->assertSee('nobody.jpg');
        $this->assertStringStartsWith('picture:', $ida->refresh()->fact('portrait'));
        $errand = (string) $this->post('/people/portraits', ['portraits' => [
            $file('Ida Marshfield.jpg', 'no picture'),
        ]])->headers->get('Location');
        $this->get($errand)->assertSee('0 portraits are set.');
        $errand = (string) $this->post('/people/portraits', ['portraits' => [$file('a.zip', "PK\x03\x04 cut off")]])
            ->headers->get('Location');
        $this->get($errand)->assertSee('Bring a ZIP');
        $this->post('/people/portraits')->assertSessionHasErrors('portraits');
        // Within contacts: encoded in them (vCard 3), or as an address that holds it (vCard 4).
        $encoded = base64_encode(self::jpeg(400, 401));
        $contacts = "BEGIN:VCARD\r\nVERSION:3.0\r\nFN:Ida Marshfield\r\nPHOTO;ENCODING=b;TYPE=JPEG:"
            .rtrim(chunk_split($encoded, 74, "\r\n "))."\r\nEND:VCARD\r\nBEGIN:VCARD\r\nVERSION:4.0\r\nFN:Nobody\r\n"
            ."PHOTO:data:image/jpeg;base64,$encoded\r\nEND:VCARD\r\nBEGIN:VCARD\r\nVERSION:4.0\r\nFN:Far\r\n"
            ."PHOTO:https://quillfern.example/a.jpg\r\nEND:VCARD\r\n";
        $errand = (string) $this->post('/people/portraits', ['portraits' => [$file('all.vcf', $contacts)]])
            ->headers->get('Location');
        $this->get($errand)->assertSee('1 portraits are set.')->assertSee('Nobody.jpg')->assertDontSee('Far');
    }

    public function test_everybody_goes_out_as_a_contact_and_comes_back_as_they_were(): void
    {
        StoredPerson::addAll($this->workspace->id, array_map(fn (array $facts): array => [
            Profile::of($facts, 'GB'), null,
        ], [
            ['name' => 'Zoë de la Cruz', 'role' => 'Gärtnerin\\, Süd; "West"', 'department' => 'Bäume; Beete, Hecken',
                'addresses' => ['zoe@x.example', 'z@x.example'], 'office' => '01632 960100', 'direct' => '01632 960101',
                'mobile' => '+44 7700 900123', 'fax' => '01632 960199', 'credentials' => 'PhD',
                'pronouns' => 'she/her'],
            ['name' => '山田 太郎', 'addresses' => ['yamada@x.example']],
        ]));
        $contacts = $this->get('/people/people.vcf')->assertOk()->streamedContent();
        $this->assertSame(2, substr_count($contacts, 'END:VCARD'));
        $list = $this->brought($contacts);
        $import = StaffImport::query()->latest('id')->firstOrFail();
        $this->post("$list/columns", ['headed' => '1', 'columns' => array_column($import->columns, 0)])
            ->assertSessionHasNoErrors();
        $this->assertSame(['new' => 0, 'changed' => 0, 'same' => 2], array_slice($import->refresh()->counts, 0, 3));
    }

    public function test_several_at_once_and_back(): void
    {
        $ids = array_map(fn (string $name): string => StoredPerson::add(
            $this->workspace->id, Profile::restore(['name' => $name]),
        )->id, ['Ada', 'Bo', 'Cy']);
        $this->post('/people/several', ['people' => $ids, 'do' => 'join', 'group' => 'North'])
            ->assertSessionHas('undo', ['part', $ids, 'North']);
        $this->get('/people?group=North')->assertSee('Ada')->assertSee('Cy');
        $this->post('/people/several', ['people' => [$ids[0]], 'do' => 'remove'])
            ->assertSessionHas('undo', ['back', [$ids[0]], '']);
        $this->get('/people')->assertDontSee('>Ada<', false);
        $this->get('/people?show=removed')->assertSee('>Ada<', false);
        $this->post('/people/several', ['people' => [$ids[0]], 'do' => 'back']);
        $this->get('/people?find=ad&sort=newest')->assertSee('>Ada<', false)->assertDontSee('>Bo<', false);
        $group = DB::table('staff_groups')->where('name', 'North')->value('id');
        $this->post("/people/groups/$group", ['name' => 'South']);
        $this->assertSame(['South'], Groups::namesOf($ids)[$ids[1]]);
        $this->post("/people/groups/$group", ['do' => 'remove']);
        $this->assertSame([[], 3], [Groups::namesOf($ids), StoredPerson::query()->whereNull('removed_at')->count()]);
    }

    public function test_a_list_shows_what_will_happen_and_is_brought_in_and_taken_back(): void
    {
        $maren = StoredPerson::add($this->workspace->id, Profile::of([
            'name' => 'Maren Oakhollow', 'addresses' => ['maren@quillfern.example'], 'role' => 'Designer',
        ], 'GB'));
        $list = $this->brought(self::CSV);
        $this->get($list)->assertSee('What the columns hold')->assertSee('Oakhollow, Maren');
        $this->assertSame(0, DB::table('staff_import_rows')->count());
        $this->post("$list/columns", ['headed' => '1', 'columns' => ['name', 'addresses', 'mobile', 'role', 'groups']]);
        $import = StaffImport::query()->sole();
        $this->assertSame(['new' => 2, 'changed' => 1, 'same' => 0, 'unclear' => 1, 'twice' => 1, 'notes' => 1],
            $import->counts);
        $this->get($list)->assertSee('Bring 3 people in')->assertSee('Designer')->assertSee('Principal')
            ->assertSee('Row 2 has the same maren@quillfern.example already')->assertSee('Give a name.')
            ->assertSee('“147” is left out');
        $this->get("$list?only=unclear")->assertSee('Give a name.')->assertDontSee('Tobiah');
        $this->assertSame(1, DB::table('people')->count());
        $this->post("$list/bring");
        $this->assertSame(3, DB::table('people')->whereNull('removed_at')->count());
        $this->assertSame(['Principal', '+44 1632 960147'], [$maren->refresh()->fact('role'), $maren->fact('mobile')]);
        $this->assertSame(['Design'], Groups::namesOf([$maren->id])[$maren->id]);
        // Once more: nothing is new, and what was asked twice is done once.
        $this->post("$list/bring");
        $again = $this->brought(self::CSV);
        $this->post("$again/columns",
            ['headed' => '1', 'columns' => ['name', 'addresses', 'mobile', 'role', 'groups']]);
        $this->assertSame([0, 0, 3],
            array_slice(array_values(StaffImport::query()->latest('id')->first()->counts ?? []),
                0, 3));
        // Taken back as one; what somebody changed since stays.
        $maren->keep(Profile::restore(['role' => 'Head'] + $maren->known()->toArray()));
        $this->post("$list/undo");
        $this->get($list)->assertSee('The list is taken back.');
        $this->assertSame(['Head', ''], [$maren->refresh()->fact('role'), $maren->fact('mobile')]);
        $this->assertSame([1, []], [DB::table('people')->whereNull('removed_at')->count(),
            Groups::namesOf([$maren->id])]);
    }

    public function test_addresses_that_go_round_are_followed_by_the_number_of_another_system(): void
    {
        $ada = StoredPerson::add($this->workspace->id, Profile::of(['name' => 'Ada', 'addresses' => ['a@x.example']],
            'GB'), 'e1');
        $bo = StoredPerson::add($this->workspace->id, Profile::of(['name' => 'Bo', 'addresses' => ['b@x.example']],
            'GB'), 'e2');
        $rows = "Employee number,Name,E-mail\ne1,Ada,b@x.example\ne2,Bo,a@x.example\n";
        $this->planned($rows, ['external', 'name', 'addresses']);
        $this->assertSame(2, StaffImport::query()->sole()->counts['changed']);
        $this->post('/people/lists/'.StaffImport::query()->sole()->id.'/bring');
        $this->assertSame(['b@x.example', 'a@x.example'], [$ada->refresh()->address, $bo->refresh()->address]);
        $this->assertSame([$ada->id, $bo->id], DB::table('person_addresses')->whereIn('address', ['a@x.example',
            'b@x.example'])->orderByDesc('address')->pluck('person_id')->all());
        // Whose address stays theirs gives it to nobody.
        $this->planned("Employee number,Name,E-mail\ne1,Ada,a@x.example\n", ['external', 'name', 'addresses']);
        $this->assertSame(1, StaffImport::query()->latest('id')->firstOrFail()->counts['unclear']);
        $this->planned("Name,E-mail,Email\nCy,a@x.example,b@x.example\n", ['name', 'addresses', 'addresses']);
        $this->get('/people/lists/'.StaffImport::query()->latest('id')->firstOrFail()->id)->assertSee('of two people');
    }

    /** @return iterable<string, array{string}> */
    public static function files(): iterable
    {
        $rows = [['Name', 'E-mail', 'First day'], ['Ída Märshfield', 'ida@x.example', '2027-01-04'],
            ['Bo, the "younger"', 'bo@x.example', '']];
        $csv = implode("\n", array_map(fn (array $row): string => implode(',', array_map(
            fn (string $cell): string => '"'.str_replace('"', '""', $cell).'"', $row,
        )), $rows));
        yield 'commas' => [$csv];
        yield 'semicolons, Windows' => [(string) mb_convert_encoding(str_replace('","', '";"', $csv), 'Windows-1252')];
        yield 'tabs, UTF-16' => ["\xFF\xFE".mb_convert_encoding(str_replace('","', "\"\t\"", $csv), 'UTF-16LE')];
        yield 'a mark of bytes' => ["\u{FEFF}".$csv];
        yield 'bars, old ends of lines' => [str_replace(['","', "\n"], ['"|"', "\r\n"], $csv)];
        yield 'vCard' => [
            "BEGIN:VCARD\r\nVERSION:3.0\r\nFN:Ída Märshfield\r\nitem1.PHOTO;ENCODING=b:".str_repeat("AAAA\r\n ", 4_000)
            ."AAAA\r\nEMAIL;TYPE=work:ida@x.example\r\nEND:VCARD"
            ."\r\nBEGIN:VCARD\r\nVERSION:4.0\r\nN:younger\"\\, the;\"Bo;;;"
            ."\r\nFN:Bo\\, the \"younger\"\r\nEMAIL:bo@x.exa\r\n"
            ." mple\r\nEND:VCARD\r\n"];
        yield 'LDIF' => ["version: 1\n\n# people\ndn: ou=people,dc=x\nobjectClass: organizationalUnit\nou: people\n\n"
            ."dn: cn=ida,dc=x\nobjectClass: inetOrgPerson\ncn:: ".base64_encode('Ída Märshfield')."\nsn: M\n"
            ."mail: ida@x.exa\n mple\n\ndn: cn=bo,dc=x\nsn: Bo\ncn: Bo\nmail: bo@x.example\n"];
        foreach (['Xlsx' => Writer\Xlsx::class, 'Ods' => Writer\Ods::class] as $name => $writer) {
            $book = new Spreadsheet;
            $book->getActiveSheet()->fromArray($rows);
            $path = (string) tempnam(sys_get_temp_dir(), 'inky');
            (new $writer($book))->save($path);
            yield $name => [(string) file_get_contents($path)];
            unlink($path);
        }
    }

    #[DataProvider('files')]
    public function test_lists_of_any_sort_are_read(string $bytes): void
    {
        $list = $this->brought($bytes);
        $import = StaffImport::query()->sole();
        $this->assertTrue($import->headed);
        $columns = array_column($import->columns, 0);
        $this->assertContains('addresses', $columns);
        $this->post("$list/columns", ['headed' => '1', 'columns' => $columns])->assertSessionHasNoErrors();
        $this->post("$list/bring");
        $this->assertSame(['bo@x.example', 'ida@x.example'], DB::table('people')->orderBy('address')->pluck('address')
            ->all());
        $this->assertSame('Ída Märshfield', DB::table('people')->where('address', 'ida@x.example')->value('name'));
    }

    /** @return iterable<string, array{string|null, string}> */
    public static function bad(): iterable
    {
        yield 'nothing' => [null, 'Choose a file'];
        yield 'empty' => ['', 'nothing in this file'];
        yield 'headings alone' => ["Name,E-mail\n", 'nobody below them'];
        yield 'white space' => ["\n\n \n", 'nobody in this list'];
        yield '500 columns' => [implode(',', range(1, 500))."\n".implode(',', range(1, 500)), 'at most 200 columns'];
        yield 'no workbook' => ["PK\x03\x04 cut off", 'cannot be read'];
        yield 'over 20 MB' => [str_repeat('x', StaffFile::MOST + 1), 'at most 20 MB'];
    }

    #[DataProvider('bad')]
    public function test_what_cannot_be_read_is_said_beside_its_field(?string $bytes, string $says): void
    {
        $file = $bytes === null ? [] : ['file' => UploadedFile::fake()->createWithContent('list.csv', $bytes)];
        $this->post('/people/list', $file)->assertSessionHasErrors('file');
        $this->assertStringContainsString($says, (string) session('errors')->first('file'));
        $this->assertSame([0, []], [StaffImport::query()->count(), Storage::disk('errands')->allFiles()]);
    }

    public function test_columns_have_to_make_sense(): void
    {
        $list = $this->brought(self::CSV);
        $this->post("$list/columns", ['columns' => ['addresses', 'role']])->assertSessionHasErrors('columns');
        $this->post("$list/columns", ['columns' => ['name', 'name']])->assertSessionHasErrors('columns');
        $this->post("$list/columns", ['columns' => 'x'])->assertSessionHasErrors('columns');
        $this->post("$list/bring");
        $this->assertSame([0, StaffImport::READ], [DB::table('people')->count(), StaffImport::query()->sole()->state]);
    }

    public function test_what_goes_out_comes_in_the_same(): void
    {
        $this->brought(self::CSV);
        $this->planned(self::CSV, ['name', 'addresses', 'mobile', 'role', 'groups']);
        $this->post('/people/lists/'.StaffImport::query()->latest('id')->firstOrFail()->id.'/bring');
        $csv = $this->get('/people/people.csv')->assertOk()->streamedContent();
        $list = $this->brought($csv);
        $import = StaffImport::query()->latest('id')->firstOrFail();
        $this->post("$list/columns", ['headed' => '1', 'columns' => array_column($import->columns, 0)])
            ->assertSessionHasNoErrors();
        $this->assertSame(['new' => 0, 'changed' => 0, 'same' => 3], array_slice($import->refresh()->counts, 0, 3));
    }

    /** @param  list<string>  $columns */
    private function planned(string $rows, array $columns): void
    {
        $this->post($this->brought($rows).'/columns', ['headed' => '1', 'columns' => $columns])
            ->assertSessionHasNoErrors();
    }

    /** @return string address of the list */
    private function brought(string $bytes): string
    {
        return (string) $this->post('/people/list', ['file' => UploadedFile::fake()->createWithContent('l', $bytes)])
            ->assertSessionHasNoErrors()->headers->get('Location');
    }
}
