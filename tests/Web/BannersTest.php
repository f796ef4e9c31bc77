<?php

namespace Tests\Web;

use App\Banners\CardLabels;
use App\Banners\Due;
use App\Banners\PlanFile;
use App\Clicks\CountedLinks;
use App\Clicks\Token;
use App\Feeds\Feeds;
use App\Handover\Parcels;
use App\House\PersonPage;
use App\Models\StoredBanner;
use App\Models\StoredCard;
use App\Models\StoredPerson;
use App\Models\StoredWindow;
use App\Models\Workspace;
use App\Pictures\BannerPress;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;
use InkyCard\Banner\Audience;
use InkyCard\Banner\Banner;
use InkyCard\Banner\PlaceWindow;
use InkyCard\Card\Edit\AddPiece;
use InkyCard\Card\Edit\CountClicks;
use InkyCard\Card\Edit\FillPiece;
use InkyCard\Card\Edit\RemovePiece;
use InkyCard\Card\Kind\Kinds;
use InkyCard\Limits;
use InkyCard\Roster\Profile;
use InkyCard\Time\Clock;
use InkyCard\Time\Day;
use PHPUnit\Framework\Attributes\DataProvider;

/** Banners made, put out and planned; places that show what is due. */
final class BannersTest extends WebTestCase
{
    /** @param  array<string, mixed>  $values */
    private function made(array $values = []): StoredBanner
    {
        return StoredBanner::start($this->workspace, $values + ['headline' => 'Open garden day', 'call' => 'Come',
            'address' => 'quillfern.example/open']);
    }

    private function out(string $headline): StoredBanner
    {
        $banner = $this->made(['headline' => $headline, 'address' => 'quillfern.example/'.md5($headline)]);
        $banner->putOut(app(BannerPress::class));

        return $banner;
    }

    private function due(StoredBanner $banner, string $from, string $until, ?Audience $for = null, int $first = 0): int
    {
        $at = fn (string $day): int => Clock::moment(Day::parse($day), '00:00', 'Europe/London')->getTimestamp();

        return StoredWindow::keep($this->workspace, new PlaceWindow(
            '', (string) $banner->id, $at($from), $at($until), $for ?? Audience::everyone(), $first,
        ))->id;
    }

    /** @return array{string, string} addresses of picture and link */
    private function place(string $gap = 'evergreen'): array
    {
        $document = $this->card->edit($this->card->head, new AddPiece(Kinds::of('place')), null);
        $piece = $document->pieces[count($document->pieces) - 1];
        $document = $this->card->edit(
            $this->card->head, new FillPiece($piece->id, ['gap' => $gap, 'alt' => 'On']), null,
        );
        $token = Token::ofPlace($document->piece($piece->id)->text('place'));

        return ["/b/$token", "/to/$token"];
    }

    public function test_a_picture_too_small_is_told_and_a_banner_removed_says_where_it_stood(): void
    {
        $small = UploadedFile::fake()->image('small.png', 40, 20);
        $this->from('/banners')->followingRedirects()->post('/banners', ['file' => $small])
            ->assertSee('This picture is 40 px wide: a banner of 480 px wants 480 or more');
        $this->assertSame(1, DB::table('pictures')->count());
        $this->post('/banners', ['file' => UploadedFile::fake()->image('wide.png', 900, 200)])->assertRedirect();
        $made = StoredBanner::query()->latest('id')->firstOrFail();
        $this->assertTrue($made->banner()->isPicture());
        $ref = $made->banner()->picture;
        $this->get("/banners/$made->id")->assertDontSee('comes out soft');
        $made->keep($made->number, $made->banner()->with(['picture' => "$ref#0,0,0.2,1,0,0.5,0.5"]));
        $this->get("/banners/$made->id")->assertSee('of the pixels it is shown with, and comes out soft');
        [$picture] = $this->place('collapse');
        $banner = $this->out('Spring plans');
        $this->due($banner, '2026-11-01', '2099-01-01');
        $shown = $this->get($picture)->getContent();
        $this->followingRedirects()->post("/banners/$banner->id/remove")
            ->assertSee('It stood from 1 November 2026 until 31 December 2098 for everyone');
        $this->assertNotSame($shown, $this->get($picture)->getContent(), 'at once');
        $this->post("/banners/$banner->id/restore");
        $this->assertSame($shown, $this->get($picture)->getContent());
    }

    public function test_days_are_shared_in_the_workspaces_zone(): void
    {
        $this->travelTo('2027-06-21 22:30:00 UTC');
        [$picture] = $this->place();
        foreach (['One', 'Other'] as $headline) {
            $this->post('/banners/windows', ['banner' => $this->out($headline)->id, 'from' => '2027-06-01',
                'until' => '2027-07-10', 'for' => 'everyone', 'sharing' => 'days'])->assertRedirect();
        }
        $ends = fn (): int => (int) preg_replace('/\D/', '', (string) $this->get($picture)->assertOk()
            ->headers->get('Cache-Control'));
        $this->assertSame(1800, $ends(), 'midnight in London is at 23:00 UTC');
        $this->post('/banners/zone', ['zone' => 'Europe/Nowhere'])->assertStatus(422)
            ->assertSee('The time zone is a name such as');
        $this->post('/banners/zone', ['zone' => 'America/New_York'])->assertRedirect('/banners');
        $this->assertSame(3600, $ends());
        $this->get('/banners/plan.csv')->assertSee(',days');
        $seen = [];
        foreach (range(1, 6) as $day) {
            $this->travel(1)->days();
            $seen[md5((string) $this->get($picture)->getContent())] = true;
        }
        $this->assertCount(2, $seen);
    }

    public function test_what_travels_stays_and_who_has_an_old_one_is_one_press_away(): void
    {
        $this->freezeSecond();
        [$spring, $drawing] = [$this->out('Spring plans'), $this->out('Drawing day')];
        $today = Day::at(now('Europe/London'));
        $this->due($spring, $today->iso, $today->plus(10)->iso);
        $this->due($drawing, $today->plus(10)->iso, $today->plus(20)->iso);
        $this->place();
        $over = "/cards/{$this->card->id}/hand-over";
        $this->get("$over?to=message")->assertSee('also after '.$today->plus(9)->words());
        $this->get("$over?to=campaign")->assertDontSee('stays so');
        $this->get("$over/file?as=eml&to=message")->assertOk();
        $this->post("$over/taken", ['to' => 'any'])->assertNoContent();
        $this->get('/banners/carried')->assertSee('Nobody does');
        $this->travel(10)->days();
        $this->get('/banners')->assertSee('One card that was');
        $this->get('/banners/carried')->assertSeeInOrder([$this->card->name, 'Spring plans', 'Drawing day']);
        $this->get("$over/file?as=eml&to=message")->assertOk();
        $this->get('/banners/carried')->assertSee('Nobody does');
        $drawing->keep($drawing->number, $drawing->banner()->with(['line' => 'On the lawn']));
        $this->followingRedirects()->from("/banners/$drawing->id")->post("/banners/$drawing->id/put")
            ->assertSee('see who');
        $this->get('/banners/carried')->assertSee('the same, changed');
        // Fetched, it follows by itself.
        $this->post("$over/taken", ['to' => 'message', 'inside' => '0'])->assertNoContent();
    }

    public function test_a_piece_has_days_and_what_was_taken_says_until_when_it_is_right(): void
    {
        $this->freezeSecond();
        $piece = collect($this->card->document()->pieces)->firstWhere(fn ($one) => $one->kind->key() === 'button')
            ?? $this->card->document()->pieces[1];
        $today = $this->card->today();
        $url = "/cards/{$this->card->id}/pieces/$piece->id/days";
        $this->post($url, ['revision' => $this->card->head, 'from' => $today->iso, 'until' => $today->plus(-1)->iso])
            ->assertStatus(422)->assertSee('The last day is before the first.');
        $this->post($url, ['revision' => $this->card->head, 'from' => '', 'until' => $today->plus(3)->iso])
            ->assertRedirect();
        $over = "/cards/{$this->card->id}/hand-over";
        $this->get($over)->assertSee('Right until '.$today->plus(3)->words());
        $this->post("$over/taken", ['to' => 'any'])->assertNoContent();
        $this->get($over)->assertSee('In use in 1 place, right until '.$today->plus(3)->words());
        $this->get('/cards')->assertDontSee('In use');
        $this->travel(4)->days();
        $this->get('/cards')->assertSee('as it was right until '.$today->plus(3)->words())
            ->assertSee('Hand it over again');
        $this->get($over)->assertDontSee($piece->text('words'));
        $this->post("$over/taken", ['to' => 'any'])->assertNoContent();
        $this->get('/cards')->assertDontSee('Hand it over again');
    }

    public function test_words_are_kept_with_every_key_and_a_banner_is_drawn_lightly_with_a_dark_twin(): void
    {
        $banner = $this->made();
        $page = $this->get("/banners/$banner->id")->assertOk()->assertSee('Open garden day')->assertSee('Put it out');
        $this->assertStringContainsString('data:image/png', (string) $page->getContent());
        $answer = $this->withHeader('HX-Request', 'true')->post("/banners/$banner->id", [
            'number' => 1, 'headline' => 'Open garden day, 22 May', 'size' => 'half', 'inks' => ['accent' => '#aa0000'],
            'design' => 'medallion', 'drawing' => 'sun', 'width' => '600', 'height' => '300',
        ])->assertOk()->assertSee('data-number="2"', false)->assertSee('300 × 80 px');
        $answer->assertDontSee('role="alert"', false);
        $kept = $banner->fresh()?->banner();
        $this->assertSame(
            ['Open garden day, 22 May', 'medallion', 'sun', 300], [$kept?->headline, $kept?->design, $kept?->drawing,
                $kept?->size->width],
        );
        $print = app(BannerPress::class)->print($kept ?? $banner->banner());
        $this->assertSame([600, 160], [$print->light->width, $print->light->height]);
        $this->assertLessThan(Limits::BANNER, strlen($print->light->bytes));
        $this->assertNotSame($print->light->bytes, $print->dark->bytes);
        $this->assertGreaterThanOrEqual(4.5, $print->contrast);
    }

    public function test_what_is_not_taken_is_said_beside_its_field_and_the_rest_is_kept(): void
    {
        $banner = $this->made();
        $this->withHeader('HX-Request', 'true')->post("/banners/$banner->id", [
            'number' => 1, 'headline' => 'Kept', 'address' => 'javascript:alert(1)', 'width' => '9000',
            'height' => '96',
        ])->assertOk()->assertSee('from 120 to 600');
        $this->assertSame('Kept', $banner->fresh()?->banner()->headline);
        $this->assertSame('https://quillfern.example/open', $banner->fresh()->banner()->address);
        // Words no size of which fits are kept, and said; what readers see stays as it was.
        $long = mb_substr(str_repeat('Landschaftsgartengestaltung ', 4), 0, 89);
        $this->withHeader('HX-Request', 'true')->post("/banners/$banner->id", [
            'number' => 2, 'headline' => $long, 'size' => 'phone',
        ])->assertOk()->assertSee('too long for 320 × 60 px')->assertSee('The words are kept');
        $this->assertStringStartsWith('Landschafts', (string) $banner->fresh()->banner()->headline);
        // Another tab came first.
        $this->withHeader('HX-Request', 'true')->post("/banners/$banner->id", ['number' => 1, 'headline' => 'Lost?'])
            ->assertStatus(409)->assertSee('changed elsewhere');
        $this->post("/banners/$banner->id/undo", ['number' => 3])->assertRedirect();
        $this->assertSame('Kept', $banner->fresh()->banner()->headline);
    }

    public function test_every_design_shows_the_words_best_first_and_says_why_where_it_cannot(): void
    {
        $banner = $this->made(['line' => 'Come and walk it with us, tea at three', 'width' => 320, 'height' => 60]);
        $html = (string) $this->get("/banners/$banner->id/designs")->assertOk()->getContent();
        $this->assertGreaterThanOrEqual(9, substr_count($html, 'class="design"'));
        $this->assertStringContainsString('There is no room', $html);
        $this->assertStringContainsString('id="weight"', $html);
    }

    public function test_a_picture_of_words_that_do_not_read_is_veiled_and_a_heavy_one_is_made_light(): void
    {
        $noise = imagecreatetruecolor(1200, 400);
        mt_srand(5);
        for ($x = 0; $x < 1200; $x += 3) {
            for ($y = 0; $y < 400; $y += 3) {
                imagefilledrectangle($noise, $x, $y, $x + 2, $y + 2, mt_rand(0, 0xFFFFFF));
            }
        }
        ob_start();
        imagepng($noise);
        $file = UploadedFile::fake()->createWithContent('noise.png', (string) ob_get_clean());
        $banner = $this->made(['design' => 'wide-view']);
        $this->post("/banners/$banner->id", ['number' => 1, 'file' => $file])->assertRedirect();
        $print = app(BannerPress::class)->print($banner->fresh()?->banner()->with(['design' => 'wide-view'])
            ?? $banner->banner());
        $this->assertGreaterThanOrEqual(4.5, $print->contrast);
        $this->assertLessThanOrEqual(Limits::BANNER, strlen($print->light->bytes));
        $this->post('/banners', ['file' => $file])->assertRedirect();
        $this->assertTrue(StoredBanner::query()->latest('id')->firstOrFail()->banner()->isPicture());
        $this->post('/banners', ['file' => UploadedFile::fake()->createWithContent('x.png', 'no')])
            ->assertSessionHasErrors('file');
    }

    public function test_readers_see_what_was_put_out_until_it_is_put_out_again(): void
    {
        [$picture] = $this->place();
        $banner = $this->out('First');
        $this->due($banner, '2020-01-01', '2090-01-01');
        $first = $this->get($picture)->assertOk()->getContent();
        $banner->keep(1, $banner->banner()->with(['headline' => 'Half wri']));
        $this->assertSame($first, $this->get($picture)->getContent());
        $this->post("/banners/$banner->id/put")->assertRedirect();
        $this->assertNotSame($first, $this->get($picture)->getContent());
    }

    public function test_a_place_shows_and_leads_to_what_is_due_that_day_over_a_clock_change(): void
    {
        [$picture, $link] = $this->place();
        $now = $this->out('Now');
        $next = $this->out('Next');
        $this->due($now, '2027-03-01', '2027-03-28');
        $this->due($next, '2027-03-28', '2027-04-02');
        $this->travelTo('2027-03-27 23:30:00 UTC');
        $answer = $this->get($picture)->assertOk();
        // Half an hour is left of the day: nobody keeps it longer.
        $this->assertStringContainsString('max-age=1800', (string) $answer->headers->get('Cache-Control'));
        $this->get($picture, ['If-None-Match' => $answer->headers->get('ETag')])->assertStatus(304);
        $this->get($link)->assertRedirect('https://quillfern.example/'.md5('Now'));
        $this->travelTo('2027-03-28 00:10:00 UTC');
        $this->assertNotSame($answer->getContent(), $this->get($picture)->getContent());
        $this->get($link)->assertRedirect('https://quillfern.example/'.md5('Next'));
        // In summer time the day ends an hour earlier by UTC.
        $this->travelTo('2027-04-01 22:59:00 UTC');
        $this->get($link)->assertRedirect('https://quillfern.example/'.md5('Next'));
        $this->travelTo('2027-04-01 23:01:00 UTC');
        $this->get($link)->assertRedirect($this->workspace->web);
        $this->assertSame(
            [$now->id, $next->id],
            DB::table('tracked_links')->whereNotNull('banner_id')->orderBy('id')->pluck('banner_id')->all(),
        );
        $this->assertSame(3, DB::table('clicks')->count());
    }

    public function test_a_gap_shows_the_evergreen_banner_or_takes_no_room(): void
    {
        [$evergreen] = $this->place();
        [$collapsed, $link] = $this->place('collapse');
        $banner = $this->out('Always');
        $this->post("/banners/$banner->id/evergreen")->assertRedirect();
        $this->assertGreaterThan(100, getimagesizefromstring((string) $this->get($evergreen)->getContent())[1] ?? 0);
        $this->assertSame(1, getimagesizefromstring((string) $this->get($collapsed)->getContent())[1] ?? 0);
        $this->get($link)->assertRedirect($this->workspace->web);
        $this->post("/banners/$banner->id/evergreen");
        $this->assertSame(1, getimagesizefromstring((string) $this->get($evergreen)->getContent())[1] ?? 0);
    }

    public function test_a_place_answers_for_good_and_nobody_makes_one_up(): void
    {
        [$picture, $link] = $this->place();
        $banner = $this->out('On');
        $this->due($banner, '2020-01-01', '2090-01-01');
        $pieces = $this->card->document()->pieces;
        $this->card->edit($this->card->head, new RemovePiece($pieces[count($pieces) - 1]->id), null);
        $this->card->forceFill(['archived_at' => now()])->save();
        $this->get($picture)->assertOk();
        $this->get($link)->assertRedirect();
        $this->post("/banners/$banner->id/remove")->assertRedirect();
        $this->assertSame(1, getimagesizefromstring((string) $this->get($picture)->getContent())[1] ?? 0);
        $this->post("/banners/$banner->id/restore");
        $this->get($link)->assertRedirect('https://quillfern.example/'.md5('On'));
        $this->get(preg_replace('~^/b/..........~', '/b/aaaaaaaaaa', $picture) ?? '')->assertNotFound();
    }

    public function test_what_leavers_cards_hold_closes_with_their_last_day_and_leads_to_the_firm(): void
    {
        Carbon::setTestNow('2027-06-10 12:00:00');
        $maren = StoredPerson::add($this->workspace->id, Profile::of([
            'name' => 'Maren Oakhollow', 'addresses' => ['maren@quillfern.example'],
        ], 'GB'));
        $this->card->forceFill(['person_id' => $maren->id])->save();
        [$picture, $link] = $this->place();
        $this->due($this->out('On'), '2027-01-01', '2090-01-01');
        $this->card->edit($this->card->head, new CountClicks(true), null);
        preg_match('~/go/[\w-]+~', $this->app->make(Parcels::class)
            ->parcel($this->card->document(), $this->card)->html(), $counted);
        $own = basename(PersonPage::address($maren));
        $this->assertNotNull(PersonPage::at($own));
        $maren->keep(Profile::of(['last_day' => '2027-06-11'] + $maren->known()->toArray(), 'GB'));
        // The last moment it holds is the one their last day ends, in the firm's zone.
        $this->assertStringContainsString('max-age=3600', (string) $this->get($picture)->headers->get('Cache-Control'));
        Carbon::setTestNow('2027-06-11 22:59:00');
        $this->assertStringContainsString('max-age=60', (string) $this->get($picture)->headers->get('Cache-Control'));
        $this->get($link)->assertRedirect('https://quillfern.example/'.md5('On'));
        $this->get($counted[0] ?? '')->assertRedirectContains('quillfern.example/');
        Carbon::setTestNow('2027-06-11 23:01:00');
        $this->assertSame(1, getimagesizefromstring((string) $this->get($picture)->getContent())[1] ?? 0);
        $this->get($link)->assertRedirect('https://quillfern.example');
        $this->get($counted[0] ?? '')->assertRedirect('https://quillfern.example');
        $this->assertNull(PersonPage::at($own));
        $maren->keep(Profile::of(['last_day' => ''] + $maren->known()->toArray(), 'GB'));
        $this->get($link)->assertRedirect('https://quillfern.example/'.md5('On'));
    }

    public function test_a_banner_is_drawn_anew_for_places_of_other_sizes(): void
    {
        $this->place();
        $banner = $this->out('Any size');
        $document = $this->card->document();
        $piece = $document->pieces[count($document->pieces) - 1];
        $this->card->edit($this->card->head, new FillPiece($piece->id, ['width' => 240, 'height' => 200]), null);
        $this->due($banner, '2020-01-01', '2090-01-01');
        $sizes = fn (): array => array_slice(getimagesizefromstring(
            (string) $this->get('/b/'.Token::ofPlace($piece->text('place')))->getContent(),
        ) ?: [], 0, 2);
        $this->assertSame([480, 400], $sizes());
        // Whichever way the card goes, its place goes with it.
        $this->card->undo($this->card->head);
        $this->assertSame([2 * (int) $piece->text('width'), 2 * (int) $piece->text('height')], $sizes());
        $this->card->redo($this->card->head);
        $this->assertSame([480, 400], $sizes());
    }

    public function test_windows_are_set_moved_by_days_taken_away_and_brought_back(): void
    {
        $banner = $this->made();
        $this->post('/banners/windows', [
            'banner' => $banner->id, 'from' => '2027-03-20', 'until' => '2027-03-27', 'for' => 'everyone',
            'priority' => '2', 'share' => '1',
        ])->assertRedirect();
        $this->assertNotNull($banner->fresh()?->put, 'A banner that is due is put out.');
        $stored = StoredWindow::query()->sole();
        $days = fn (StoredWindow $of): array => array_map(fn (int $moment) => now()->setTimestamp($moment)
            ->setTimezone('Europe/London')->format('m-d H:i'), [$of->begins, $of->ends]);
        $this->assertSame(['03-20 00:00', '03-28 00:00'], $days($stored));
        $this->post("/banners/windows/$stored->id/move", ['days' => '3'])->assertSessionHas('moved');
        $this->assertSame(['03-23 00:00', '03-31 00:00'], $days($stored->refresh()));
        $this->post("/banners/windows/$stored->id/move", ['days' => '-1', 'end' => 'from']);
        $this->post("/banners/windows/$stored->id/move", ['days' => '2', 'end' => 'until']);
        $this->assertSame(['03-22 00:00', '04-02 00:00'], $days($stored->refresh()));
        $this->post("/banners/windows/$stored->id/move", ['days' => '-60', 'end' => 'until'])
            ->assertSessionHas('told', 'A window ends after it begins: put its last moment behind its first.');
        $this->post("/banners/windows/$stored->id/remove")->assertSessionHas('back');
        $this->assertNotNull($stored->refresh()->removed_at);
        $this->post("/banners/windows/$stored->id/restore");
        $this->assertNull($stored->refresh()->removed_at);
        $this->get("/banners?window=$stored->id&begin=2027-03")->assertOk()->assertSee('22 Mar – 1 Apr')
            ->assertSee('Everyone has nothing from 1 Mar to 21 Mar and from 2 Apr on.');
    }

    /** @return iterable<string, array{array<string, mixed>, string}> */
    public static function refused(): iterable
    {
        yield 'last first' => [['from' => '2027-05-02', 'until' => '2027-05-01'], 'ends after it begins'];
        yield 'no day' => [['from' => 'soon'], 'year, month, day'];
        yield 'no time' => [['from_time' => '25:00'], 'hours and minutes'];
        yield 'nobody' => [['for' => 'labels'], 'at least one label'];
        yield 'no card' => [['for' => 'cards', 'cards' => ['999']], 'at least one card'];
        yield 'no banner' => [['banner' => '999'], 'Choose the banner'];
        yield 'priority' => [['priority' => '12'], 'from 0 to 9'];
        yield 'share' => [['share' => 'half'], 'from 1 to 100'];
        yield 'twice on one card' => [['from' => '2027-06-05'], 'has a window then already'];
    }

    /** @param  array<string, mixed>  $given */
    #[DataProvider('refused')]
    public function test_bad_windows_are_refused_beside_their_field(array $given, string $says): void
    {
        $banner = $this->out('On');
        $this->due($banner, '2027-06-01', '2027-06-10', Audience::cards([$this->card->id]));
        $this->post('/banners/windows', $given + [
            'banner' => $banner->id, 'from' => '2027-05-01', 'until' => '2027-06-14', 'for' => 'everyone',
            'priority' => '1', 'share' => '7',
        ])->assertStatus(422)->assertSee($says)->assertSee('value="2027-0', false);
        $this->assertSame(1, StoredWindow::query()->count());
    }

    public function test_labels_say_whose_cards_and_find_them(): void
    {
        [, $link] = $this->place();
        $all = $this->out('All');
        $own = $this->out('Own');
        $this->due($all, '2020-01-01', '2090-01-01');
        $this->due($own, '2020-01-01', '2090-01-01', Audience::labels(['Planting']), 1);
        $this->get($link)->assertRedirect('https://quillfern.example/'.md5('All'));
        $this->post('/cards/several', ['do' => 'label', 'cards' => [$this->card->id], 'label' => 'Planting, North'])
            ->assertSessionHas('told', 'Planting, North: on 1 card.');
        $this->get($link)->assertRedirect('https://quillfern.example/'.md5('Own'));
        $this->get('/cards?label=North')->assertSee($this->card->name);
        $this->get('/cards?label=South')->assertDontSee('>'.$this->card->name.'<', false);
        $this->post('/cards/several', ['do' => 'unlabel', 'cards' => [$this->card->id], 'label' => 'North']);
        $this->assertSame(['Planting'], CardLabels::in($this->workspace->id));
    }

    public function test_the_plan_goes_out_and_comes_in_as_a_table_whole_or_not_at_all(): void
    {
        $banner = $this->out('On "time", always');
        CardLabels::put([$this->card->id], ['Planting']);
        $this->due($banner, '2027-06-01', '2027-06-10', Audience::labels(['Planting']), 3);
        $table = PlanFile::table($this->workspace);
        $this->assertStringContainsString('"On ""time"", always",2027-06-01,,2027-06-09,,Planting,3,1', $table);
        $this->get('/banners/plan.ics')->assertOk()->assertSee('DTSTART:20270531T230000Z', false);
        StoredWindow::query()->delete();
        $bring = fn (string $bytes) => $this->post('/banners/plan', [
            'table' => UploadedFile::fake()->createWithContent('plan.csv', $bytes),
        ]);
        $bring($table)->assertRedirect();
        $this->assertSame($table, PlanFile::table($this->workspace));
        $bring("name,from,until\n\"On \"\"time\"\", always\",2027-08-01,2027-08-02\nNobody,2027-09-01,2027-09-02\n")
            ->assertStatus(422)->assertSee('Row 3: there is no banner', false)->assertSee('Nothing was brought in');
        $this->assertSame($table, PlanFile::table($this->workspace));
        $bring('nonsense')->assertStatus(422)->assertSee('The first row names the columns');
    }

    public function test_any_day_is_shown_as_it_will_be(): void
    {
        $this->place();
        $this->due($this->out('Summer'), '2027-06-01', '2027-07-01');
        $this->get('/banners/day?on=2027-06-10')->assertSee('Summer, by Everyone')->assertSee('On 10 June 2027');
        $this->get('/banners/day?on=2027-07-10')->assertSee('nothing')->assertDontSee('Summer');
        $at = fn (string $day) => $this->get("/cards/{$this->card->id}/drawing/{$this->card->head}?on=$day");
        $this->assertNotSame($at('2027-06-10')->getContent(), $at('2027-07-10')->assertOk()->getContent());
        $at('never')->assertNotFound();
    }

    public function test_a_place_in_a_message_has_its_address_and_is_carried_as_it_is_due_today(): void
    {
        [$picture, $link] = $this->place();
        $this->due($this->out('On'), '2020-01-01', '2090-01-01');
        $code = (string) $this->get("/cards/{$this->card->id}/hand-over/file?to=any&format=html")->getContent();
        $sheet = (string) $this->get("/cards/{$this->card->id}/sheet")->getContent();
        $this->assertStringContainsString($picture, $sheet);
        $this->assertStringContainsString($link, $sheet);
        $this->assertMatchesRegularExpression('~<img src="[^"]+/b/[^"]+" width="480" alt="On"~', $sheet);
        $this->get("/cards/{$this->card->id}/hand-over?to=mail-desktop-files")->assertOk();
        $this->assertNotNull(Due::at("{$this->card->id}/".basename($picture), now()->getTimestamp())?->file);
    }

    public function test_an_occasion_begins_a_banner_with_its_words_drawing_and_days(): void
    {
        $this->travelTo('2026-11-28 12:00');
        $this->get('/banners/occasions')->assertOk()->assertSeeInOrder(['Christmas', 'New Year', 'Mothering Sunday']);
        $this->post('/banners/occasions', ['occasion' => 'christmas', 'day' => '2026-12-25'])->assertRedirect();
        $banner = StoredBanner::query()->sole();
        $this->assertSame(['Christmas', 'On 25 December', 'tree'], [$banner->banner()->headline, 'On '.$banner->banner()
            ->line, $banner->banner()->drawing]);
        $this->get("/banners?for-banner=$banner->id")->assertSee('value="2026-12-01"', false)
            ->assertSee('value="2026-12-26"', false);
        $this->post('/banners/occasions/own', ['name' => 'Our birthday', 'day' => '2027-02-29'])
            ->assertSessionHasErrors('own');
        $this->post('/banners/occasions/own', ['name' => 'Our birthday', 'day' => '2027-02-03'])->assertRedirect();
        $this->get('/banners/occasions')->assertSee('Our birthday, 3 February');
        $this->post('/banners/occasions', ['own' => DB::table('own_days')->value('id')])->assertRedirect();
        $own = StoredBanner::query()->latest('id')->firstOrFail();
        $this->assertSame('2027-02-03', $own->occasionDays(Day::parse('2026-11-28'))[1]->iso ?? '');
    }

    public function test_two_banners_share_cards_and_are_compared_without_a_winner_by_chance(): void
    {
        $this->place();
        $one = $this->out('One');
        $other = $this->out('Other');
        $this->travelTo('2027-06-21 12:00:00 UTC');
        $windows = [$this->due($one, '2027-06-01', '2027-07-01'), $this->due($other, '2027-06-01', '2027-07-01')];
        $this->get('/banners?begin=2027-06')->assertSee('“One” and “Other” are due at once for Everyone')
            ->assertSee('Compare the two');
        $page = fn () => $this->get("/banners/windows/$windows[0]/by/$windows[1]")->assertOk();
        $page()->assertSee('Nobody has pressed either');
        foreach ([$one, $other] as $banner) {
            $link = CountedLinks::ofPlace(
                DB::connection(), "{$this->card->id}/p9", $banner->id, 'x', 'https://a.example',
            );
            foreach (range(1, 6) as $visitor) {
                DB::table('clicks')->insert(['tracked_link_id' => $link, 'at' => '2027-06-11 10:00:00',
                    'visitor' => "v$visitor", 'filtered' => $visitor === 6 ? 'program' : null]);
            }
        }
        $page()->assertSee('It does not say anything yet')->assertSee('Robbins 1970')->assertSee('so far 20.5 days');
    }

    public function test_the_newest_entry_of_a_feed_is_shown_and_a_feed_that_fails_keeps_its_last(): void
    {
        $fill = function (string $feed): string {
            $document = $this->card->edit($this->card->head, new AddPiece(Kinds::of('post')), null);
            $piece = $document->pieces[count($document->pieces) - 1]->id;
            $this->card->edit($this->card->head, new FillPiece($piece, ['feed' => $feed]), null);

            return $piece;
        };
        // Found from the page's own address, asked by the queue as soon as it is named.
        $piece = $fill('quillfern.example/journal');
        $this->get("/cards/{$this->card->id}/pieces/$piece/feed")->assertOk()
            ->assertSee('What to plant in a wet autumn')->assertSee('as read');
        $fresh = fn () => StoredCard::in($this->workspace, $this->card->id)?->document()->piece($piece);
        $this->assertStringEndsWith('/journal/what-to-plant-in-a-wet-autumn', (string) $fresh()?->text('address'));
        $feed = (int) DB::table('feeds')->value('id');
        DB::table('feeds')->where('id', $feed)
            ->update(['address' => 'https://quillfern.example/broken', 'found' => null]);
        $waits = array_map(fn () => app(Feeds::class)->ask($feed), range(1, 7));
        $this->assertSame([3600, 7200, 14400, 28800, 57600, 86400, 86400], $waits);
        $this->assertSame('What to plant in a wet autumn', $fresh()?->text('title'));
        $this->get("/cards/{$this->card->id}/pieces/$piece/feed")->assertSee('not since')->assertSee('error 500');
        $other = $fill('quillfern.example/missing-page');
        $this->get("/cards/{$this->card->id}/pieces/$other/feed")->assertSee('a page without a feed');
        $endless = $fill('quillfern.example/endless');
        $this->get("/cards/{$this->card->id}/pieces/$endless/feed")->assertOk()->assertDontSee('as read');
    }

    public function test_a_picture_of_another_workspace_is_no_banner(): void
    {
        $other = Workspace::create(['name' => 'Other', 'web' => '', 'country' => 'GB']);
        $hash = str_repeat('a', 64);
        $banner = $this->made();
        $this->withHeader('HX-Request', 'true')->post("/banners/$banner->id", [
            'number' => 1, 'picture' => "picture:$hash",
        ])->assertOk()->assertSee('not in the library');
        $this->assertNull($banner->fresh()?->banner()->picture);
        $this->assertNotSame($other->id, $this->workspace->id);
        $this->assertInstanceOf(Banner::class, $banner->banner());
    }
}
