<?php

namespace Tests\Web;

use App\Campaigns\LeftAlone;
use App\Campaigns\Recipients;
use App\Campaigns\Series;
use App\Keeping\WorkspaceFile;
use App\Keeping\WorkspaceTables;
use App\Keeping\WorkspaceTaking;
use App\Models\StoredBanner;
use App\Models\StoredBrand;
use App\Models\StoredFooter;
use App\Models\StoredLetter;
use App\Models\StoredPerson;
use App\Models\StoredTemplate;
use App\Models\StoredWindow;
use App\Models\Workspace;
use App\Pictures\BannerPress;
use App\Pictures\Library;
use App\Placements\Placements;
use App\Roster\Groups;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\DB;
use InkyCard\Banner\Audience;
use InkyCard\Banner\PlaceWindow;
use InkyCard\Card\Situation;
use InkyCard\Handover\MessageTemplate;
use InkyCard\Refusal;
use InkyCard\Roster\Profile;
use InkyCard\Time\Day;
use PHPUnit\Framework\Attributes\DataProvider;
use ZipArchive;

/** All of a workspace goes into a file and comes out of it as it was, or nothing of it comes. */
final class WorkspaceFileTest extends WebTestCase
{
    private string $file;

    protected function setUp(): void
    {
        parent::setUp();
        $this->file = sys_get_temp_dir().'/inky-test-'.bin2hex(random_bytes(6)).'.zip';
        $picture = app(Library::class)->add($this->workspace, self::jpeg(), 'a.jpg');
        DB::table('own_days')->insert(['workspace_id' => $this->workspace->id, 'name' => 'Ours', 'day' => '05-06']);
        $day = DB::table('own_days')->max('id');
        $banner = StoredBanner::start(
            $this->workspace, ['headline' => 'Spring', 'picture' => $picture->ref()], "own:$day",
        );
        $banner->putOut(app(BannerPress::class));
        StoredWindow::keep($this->workspace, new PlaceWindow(
            '', (string) $banner->id, 1_900_000_000, 1_900_900_000, Audience::cards([$this->card->id]),
        ));
        $this->workspace->forceFill(['zone' => 'Pacific/Auckland', 'evergreen_id' => $banner->id])->save();
        Placements::put($this->card, 'maren@quillfern.example', Situation::NewMail);
        DB::table('card_labels')->insert(['card_id' => $this->card->id, 'label' => 'north']);
        StoredTemplate::add($this->workspace, MessageTemplate::of('Ready', 'About', 'Dear you'));
        $footer = StoredFooter::start($this->workspace, $this->card, ['name' => 'F', 'why' => 'You asked.']);
        $footer->giveOut($footer->sender($this->workspace));
        StoredLetter::start($this->workspace, $this->card, $footer, ['subject' => 'News', 'body' => 'Hello']);
        Recipients::bring($this->workspace, "email,first_name\nida@reader.example,Ida\n");
        LeftAlone::add($this->workspace->id, ['gone@reader.example'], 'left');
        (new Series($this->workspace, Day::parse('2027-01-01')))->keep([
            'name' => 'C', 'footer' => $footer->id, 'starts' => '2027-01-02', 'messages' => "0 News\n7 More",
        ]);
        Groups::put(Groups::named($this->workspace, 'Design'), [StoredPerson::add($this->workspace->id, Profile::of([
            'name' => 'Ida', 'addresses' => ['ida@quillfern.example'], 'first_day' => '2027-01-04',
        ], 'GB'), 'e7')->id]);
        StoredBrand::in($this->workspace);
    }

    protected function tearDown(): void
    {
        @unlink($this->file);
        parent::tearDown();
    }

    /** @return array<string, string> what a workspace's file holds, but when it was made */
    private function held(Workspace $workspace): array
    {
        @unlink($this->file);
        WorkspaceFile::write($workspace, $this->file);
        $zip = new ZipArchive;
        $zip->open($this->file);
        $held = [];
        for ($index = 0; $index < $zip->numFiles; $index++) {
            $held[(string) $zip->getNameIndex($index)] = (string) preg_replace(
                '/"(?:exported_at|name|put_at)": "[^"]*"/', '', (string) $zip->getFromIndex($index),
            );
        }
        ksort($held);

        return $held;
    }

    public function test_a_workspace_comes_out_as_it_went_in(): void
    {
        $before = $this->held($this->workspace);
        $this->assertCount(count(WorkspaceTables::ALL) + 5, $before, 'tables, four more, a picture');
        $other = Workspace::create(['name' => 'Other', 'web' => '', 'country' => 'GB']);
        $this->assertSame(1, WorkspaceTaking::take($this->file, $other, $this->maren)['cards']);
        $this->assertSame($before, $this->held($other->refresh()));
        $this->assertNotNull(DB::table('banners')->where('workspace_id', $other->id)->value('print'), 'baked anew');
        $this->assertSame('Pacific/Auckland', $other->zone);
        $audience = DB::table('place_windows')->orderByDesc('id')->value('audience');
        $this->assertStringContainsString((string) $other->cards()->value('id'), (string) $audience);
        // Once more beside what is there: nothing is lost, nobody stands there twice.
        WorkspaceTaking::take($this->file, $other, $this->maren);
        $this->assertSame([2, 1, 1], [$other->cards()->count(), $other->pictures()->count(),
            DB::table('recipients')->where('workspace_id', $other->id)->count()]);
    }

    public function test_it_is_taken_and_brought_in_by_its_owner(): void
    {
        $errand = (string) $this->post('/settings/export')->assertRedirect()->headers->get('Location');
        $this->get($errand)->assertOk()->assertSee('The file is there.');
        $bytes = $this->get("$errand/file")->assertOk()->streamedContent();
        $this->assertStringStartsWith('PK', $bytes);
        $errand = (string) $this->post('/settings/import', [
            'file' => UploadedFile::fake()->createWithContent('w.zip', $bytes),
        ])->assertRedirect()->headers->get('Location');
        $this->get($errand)->assertSee('1 cards and 1 pictures came in.');
        $this->get("$errand/file")->assertNotFound();
        $this->post('/settings/import', [])->assertSessionHasErrors('file');
        $this->assertSame(0, $this->artisan('inky:workspace', [
            'do' => 'export', 'workspace' => 'Quillfern', 'file' => $this->file,
        ]));
        $this->assertFileExists($this->file);
    }

    /** @return iterable<string, array{\Closure(ZipArchive): mixed, string}> */
    public static function spoilt(): iterable
    {
        $table = fn (ZipArchive $zip, string $name, \Closure $change) => $zip->addFromString("tables/$name.json",
            (string) json_encode($change(json_decode((string) $zip->getFromName("tables/$name.json"), true))));
        yield 'later' => [
            fn ($zip) => $zip->addFromString('manifest.json', '{"format": "inky-workspace/2"}'), 'later version',
        ];
        yield 'no manifest' => [fn ($zip) => $zip->deleteName('manifest.json'), 'no workspace'];
        yield 'climbing' => [fn ($zip) => $zip->addFromString('../../x.php', 'x'), 'none of ours: ../../x.php'];
        yield 'absolute' => [fn ($zip) => $zip->addFromString('/etc/passwd', 'x'), 'none of ours'];
        yield 'many' => [function ($zip): void {
            for ($n = 0; $n < 20_100; $n++) {
                $zip->addFromString(sprintf('pictures/%064d.png', $n), '');
            }
        }, 'over 20,000 files'];
        yield 'huge' => [
            fn ($zip) => $zip->addFromString('people.csv', str_repeat('a', 25_000_100)), 'more than anybody',
        ];
        yield "another's picture" => [fn ($zip) => $table($zip, 'pictures', fn ($rows) => [
            ['hash' => str_repeat('b', 64)] + $rows[0]]), 'is not in this file'];
        yield 'changed picture' => [function ($zip): void {
            for ($n = 0; $n < $zip->numFiles; $n++) {
                str_starts_with((string) $zip->getNameIndex($n), 'pictures/')
                    && $zip->addFromString((string) $zip->getNameIndex($n), 'other');
            }
        }, 'or is another one'];
        yield 'a card that is none' => [fn ($zip) => $table($zip, 'cards', fn ($rows) => [
            ['document' => ['format' => 'x']] + $rows[0]]), 'Cards, row 1:'];
        yield "another's card" => [fn ($zip) => $table($zip, 'placements', fn ($rows) => [
            ['card_id' => 9] + $rows[0]]), 'placements, row 1 names something'];
        yield 'no rows' => [fn ($zip) => $table($zip, 'people', fn () => ['x']), 'no row'];
        yield 'values in values' => [
            fn ($zip) => $table($zip, 'quotations', fn () => [['topic' => ['x']]]), 'no value',
        ];
    }

    /** @param  \Closure(ZipArchive): mixed  $spoil */
    #[DataProvider('spoilt')]
    public function test_what_is_none_of_ours_is_refused_whole(\Closure $spoil, string $says): void
    {
        WorkspaceFile::write($this->workspace, $this->file);
        $zip = new ZipArchive;
        $zip->open($this->file);
        $spoil($zip);
        $zip->close();
        $before = [DB::table('cards')->count(), DB::table('pictures')->count(), DB::table('people')->count()];
        try {
            WorkspaceTaking::take($this->file, $this->workspace, $this->maren);
            $this->fail('taken');
        } catch (Refusal $refusal) {
            $this->assertStringContainsString($says, $refusal->getMessage());
        }
        $after = [DB::table('cards')->count(), DB::table('pictures')->count(), DB::table('people')->count()];
        $this->assertSame($before, $after);
    }

    public function test_a_file_that_was_cut_off_is_none(): void
    {
        WorkspaceFile::write($this->workspace, $this->file);
        $bytes = (string) file_get_contents($this->file);
        foreach ([0, 4, 500, strlen($bytes) - 30] as $length) {
            file_put_contents($this->file, substr($bytes, 0, $length));
            try {
                WorkspaceTaking::take($this->file, $this->workspace, null);
                $this->fail("taken at $length");
            } catch (Refusal $refusal) {
                $this->assertStringContainsString('damaged', $refusal->getMessage());
            }
        }
    }
}
