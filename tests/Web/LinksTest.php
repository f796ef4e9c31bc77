<?php

namespace Tests\Web;

use App\Clicks\CountedLinks;
use App\Clicks\Sums;
use App\Clicks\Tally;
use App\Clicks\Token;
use App\Models\StoredBrand;
use App\Models\StoredCard;
use App\Models\User;
use App\Models\Workspace;
use App\Roster\People;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\DB;
use InkyCard\Card\Card;
use InkyCard\Card\CardJson;
use InkyCard\Card\Edit\CountClicks;
use InkyCard\Card\Edit\FillPiece;
use InkyCard\Card\Edit\Restyle;
use InkyCard\Import\HtmlSource;
use InkyCard\Refusal;
use PHPUnit\Framework\Attributes\DataProvider;

final class LinksTest extends WebTestCase
{
    private const BROWSER = ['User-Agent' => 'Mozilla/5.0 (X11; Linux x86_64) Firefox/140.0'];

    public function test_the_links_of_a_card_are_listed_tagged_and_left_alone_one_by_one(): void
    {
        $links = "/cards/{$this->card->id}/links";
        $this->get($links)
            ->assertOk()
            ->assertSee('6 links on this card. 2 of them are profiles')
            ->assertSee('dials')
            ->assertSee('starts a message')
            ->assertDontSee('utm_source');
        $this->edit('tags', [
            'on' => '1',
            'tags' => ['campaign' => 'Autumn', 'patterns' => ['content' => 'x-{piece}']],
        ])->assertRedirect($links);
        $this->get($links)->assertSee('utm_campaign=autumn&amp;utm_content=x-button', false);
        $this->edit('tags', ['on' => '1', 'tags' => ['campaign' => 'Winter']]);
        $this->assertSame(
            ['x-{piece}', 'Winter'],
            [$this->document()->tags?->tags->patterns['content'], $this->document()->tags?->campaign],
        );
        $this->edit('tags/link', ['link' => 'p9']);
        $this->get($links)->assertDontSee('utm_content=x-button');
        $this->edit('tags', []);
        $this->assertNull($this->document()->tags);
        $this->post("/cards/{$this->card->id}/undo", ['revision' => $this->card->fresh()?->head]);
        $this->assertNotNull($this->document()->tags);
    }

    public function test_a_bad_pattern_gets_its_sentence_beside_it_and_changes_nothing(): void
    {
        $this->edit('tags', ['on' => '1']);
        $before = $this->stored();
        foreach (
            [
                'tag-term' => ['patterns' => ['term' => '{who}']],
                'tag-source' => ['patterns' => ['source' => '']],
                'tags' => ['campaign' => str_repeat('a', 90)],
            ] as $place => $tags
        ) {
            $this->edit('tags', ['on' => '1', 'tags' => $tags], ['HX-Request' => 'true'])
                ->assertStatus(422)
                ->assertSee("id=\"error-$place\"", false);
        }
        $this->edit(
            'style',
            ['style' => ['marks' => ['dress' => ['season' => 'snow', 'from' => 'soon']]]],
            ['HX-Request' => 'true'],
        )
            ->assertStatus(422)
            ->assertSee('id="error-marks"', false);
        $this->assertSame($before, $this->stored());
    }

    public function test_what_was_cleaned_is_said_beside_the_field(): void
    {
        $this->edit(
            'pieces/p8',
            ['fields' => ['links' => 'https://m.facebook.com/quillfern?fbclid=1']],
            ['HX-Request' => 'true'],
        )
            ->assertOk()
            ->assertSee('Cleaned: Facebook without host m.facebook.com and without what stood after ?.');
    }

    /** @return iterable<string, array{string, string, ?int}> path => sentence, status */
    public static function places(): iterable
    {
        yield 'fine' => ['visits', 'Answers.', 200];
        yield 'moved' => ['plans', 'Passes on to another address', 200];
        yield 'sign-in page' => ['surveys', 'Needs signing in', 200];
        yield 'for members' => ['members', 'Needs signing in', 401];
        yield 'editor' => ['work/edit', 'the page you edit', 200];
        yield 'gone' => ['missing', 'no such page', 404];
        yield 'out of order' => ['broken', 'answers with an error', 500];
        yield 'circle' => ['circle', 'passed on in a circle', null];
        yield 'inward' => ['inward', 'private network', null];
        yield 'endless' => ['endless', 'Answers.', 200];
    }

    #[DataProvider('places')]
    public function test_a_link_is_followed_once_a_day_and_told_in_a_sentence(
        string $path,
        string $sentence,
        ?int $status,
    ): void {
        $address = "https://quillfern.example/$path";
        $this->card->edit(1, new FillPiece('p9', ['address' => $address]), null);
        $check = fn (string $to) => $this->post(
            "/cards/{$this->card->id}/links/check",
            ['address' => $to],
            ['HX-Request' => 'true'],
        );
        $check($address)->assertOk()->assertSee($sentence)->assertSee((string) $status);
        $this->get("/cards/{$this->card->id}/links")->assertSee($sentence);
        $this->travel(25)->hours();
        $this->get("/cards/{$this->card->id}/links")->assertDontSee('ms</span>', false);
        $check('https://quillfern.example/not-on-the-card')->assertNotFound();
    }

    public function test_without_a_script_all_links_are_checked_at_once(): void
    {
        $this->post("/cards/{$this->card->id}/links/check")->assertRedirect("/cards/{$this->card->id}/links");
        $this->assertSame(3, DB::table('link_checks')->where('verdict', 'answers')->count());
    }

    public function test_the_firms_networks_are_offered_and_decided_on_the_brand(): void
    {
        StoredBrand::in($this->workspace);
        $this->post('/brand/lines', [
            'number' => 1,
            'lines' => ['profiles' => 'instagram.com/quillfern', 'own' => 'Facebook'],
        ])->assertRedirect();
        $this->post('/brand/change', ['number' => StoredBrand::in($this->workspace)->number]);
        $this->get("/cards/{$this->card->id}/links")
            ->assertSee('put Instagram on')
            ->assertSee('each person has their own Facebook');
        $this->post('/brand/lines', [
            'number' => StoredBrand::in($this->workspace)->number,
            'lines' => ['own' => 'Friendface'],
        ])
            ->assertStatus(422)
            ->assertSee('No network called Friendface');
    }

    public function test_presses_are_counted_without_cookies_and_passed_on_for_good(): void
    {
        $this->card->edit(1, new CountClicks(true), null);
        $tokens = $this->tokens();
        $this->assertCount(4, $tokens);
        $this->assertSame($tokens, $this->tokens(), 'handing over again gives the same addresses');
        $this->flushSession();
        $this->app->make('auth')->forgetGuards();
        $answer = $this->get("/go/$tokens[0]", self::BROWSER)->assertRedirect('https://quillfern.example/visits/');
        $this->assertSame(
            [[], 'no-store, private'],
            [$answer->headers->getCookies(), $answer->headers->get('Cache-Control')],
        );
        $this->get("/go/$tokens[0]?to=https://evil.example", self::BROWSER)->assertRedirect(
            'https://quillfern.example/visits/',
        );
        $this->head("/go/$tokens[3]", self::BROWSER)->assertStatus(302);
        $this->get("/go/$tokens[3]", ['User-Agent' => 'scanner/1'])->assertStatus(302);
        $this->assertSame(
            [2, 2, 1],
            [
                DB::table('clicks')->whereNull('filtered')->count(),
                DB::table('clicks')->whereNotNull('filtered')->count(),
                DB::table('clicks')->whereNull('filtered')->distinct()->count('visitor'),
            ],
        );
        $this->assertDoesNotMatchRegularExpression(
            '/127\.0\.0\.1|Firefox/',
            (string) json_encode(DB::table('clicks')->get()),
        );
        // Archived, changed, and no longer counted: what was handed over goes on leading where it led.
        $this->actingAs($this->maren)->post('/cards/several', ['cards' => [$this->card->id], 'do' => 'archive']);
        $this->card->fresh()?->edit(2, new FillPiece('p7', ['address' => 'quillfern.example/other']), null);
        $this->get("/go/$tokens[0]", self::BROWSER)->assertRedirect('https://quillfern.example/visits/');
    }

    public function test_a_made_up_token_leads_nowhere_and_one_of_an_earlier_key_still_holds(): void
    {
        $this->card->edit(1, new CountClicks(true), null);
        [$token] = $this->tokens();
        foreach ([substr($token, 0, 10).'zz', 'AAAAAAAAAA1', strrev($token), str_repeat('a', 24)] as $made) {
            $this->get("/go/$made", self::BROWSER)->assertNotFound();
        }
        $this->get('/go/short', self::BROWSER)->assertNotFound();
        $this->get('/go/'.urlencode('https://evil.example'), self::BROWSER)->assertNotFound();
        $this->assertSame(0, DB::table('clicks')->count());
        config(['app.previous_keys' => [config('app.key')], 'app.key' => 'base64:'.base64_encode(random_bytes(32))]);
        $this->get("/go/$token", self::BROWSER)->assertStatus(302);
        config(['app.previous_keys' => []]);
        $this->get("/go/$token", self::BROWSER)->assertNotFound();
        $this->assertNull(Token::link('AAAAAAAAAA'.str_repeat('z', 11)));
    }

    public function test_a_link_leads_on_while_the_database_takes_nothing_and_its_clicks_are_counted_later(): void
    {
        $this->card->edit(1, new CountClicks(true), null);
        [$token] = $this->tokens();
        config(['inky.aside' => $aside = sys_get_temp_dir().'/inky-aside-'.bin2hex(random_bytes(6))]);
        $count = fn (): int => DB::table('clicks')->count();
        DB::statement('pragma query_only = 1');
        $this->get("/go/$token", self::BROWSER)->assertRedirect('https://quillfern.example/visits/');
        $this->get("/go/$token", self::BROWSER)->assertRedirect();
        $this->assertSame(2, count(file($aside) ?: []));
        // A line cut off by a full disk, and a place nothing can be kept at.
        file_put_contents($aside, '{"tracked_link_id":1,"at":"2026', FILE_APPEND);
        config(['inky.aside' => '/nowhere/at/all']);
        $this->get("/go/$token", self::BROWSER)->assertRedirect();
        config(['inky.aside' => $aside]);
        DB::statement('pragma query_only = 0');
        $this->assertSame(0, $count());
        $this->get("/go/$token", self::BROWSER)->assertRedirect();
        $this->assertSame([3, []], [$count(), glob("$aside*")]);
    }

    public function test_a_picture_is_named_by_its_hash_in_its_own_workspace_alone(): void
    {
        $foreign = hash('sha256', 'theirs');
        $other = Workspace::create(['name' => 'Elsewhere', 'web' => '', 'country' => 'GB']);
        DB::table('pictures')->insert(['workspace_id' => $other->id, 'hash' => $foreign, 'extension' => 'png',
            'width' => 9, 'height' => 9, 'bytes' => 9, 'name' => 'theirs', 'created_at' => now(),
            'updated_at' => now()]);
        $document = fn (string $ref): Card => CardJson::read([
            'format' => CardJson::FORMAT, 'name' => 'x',
            'pieces' => [['id' => 'p', 'kind' => 'headshot', 'fields' => ['picture' => $ref]]],
        ]);
        StoredCard::start($other, $document("picture:$foreign"), null, 'theirs');
        foreach (["picture:$foreign", "hand:$foreign", "picture:$foreign#0,0,1,1,0,0,0"] as $ref) {
            try {
                StoredCard::start($this->card->workspace, $document($ref), null, 'ours');
                $this->fail($ref);
            } catch (Refusal $refusal) {
                $this->assertStringContainsString('not in the library', $refusal->getMessage());
            }
        }
        $facts = HtmlSource::facts("<p>Ada Birch</p><img width=99 height=99 src='picture:$foreign'>", 'GB');
        $this->assertStringNotContainsString($foreign, (string) json_encode($facts));
    }

    public function test_clicks_are_shown_by_piece_card_person_and_day_and_leave_as_csv(): void
    {
        $this->get('/clicks')->assertSee('No card counts its clicks yet');
        $this->card->edit(1, new FillPiece('p9', ['words' => '=Book "now", please']), null);
        $this->card->edit(2, new CountClicks(true), null);
        $tokens = $this->tokens();
        $this->travelTo(Carbon::parse('2026-11-10 09:00'));
        foreach ([0, 0, 3] as $which) {
            $this->get("/go/$tokens[$which]", self::BROWSER);
        }
        $this->travelTo(Carbon::parse('2026-11-12 09:00'));
        $this->get("/go/$tokens[3]", self::BROWSER);
        $this->get('/clicks')
            ->assertSee('Clicks by day, 2026-10-14 to 2026-11-12: 4 in all, at most 3 a day')
            ->assertSee('=Book &quot;now&quot;, please', false);
        // Every row has its line.
        $this->get('/clicks?by=card')->assertSee($this->card->name)->assertSee('class="spark"', false);
        $this->get('/clicks?by=person')->assertSee('Maren Oakhollow')->assertSee('class="spark"', false);
        $this->get('/clicks?by=day')->assertSeeInOrder(['Thursday, 12 November 2026', 'Tuesday, 10 November 2026']);
        $this->get('/clicks?days=7&person='.DB::table('people')->value('id'))->assertSee('4 in all')
            ->assertSee('of Maren');
        $this->get('/clicks?person=Nobody&days=zero&by=moon')->assertOk()->assertSee('Nothing was clicked');
        $csv = array_map(
            fn (string $line) => str_getcsv($line, ',', '"', ''),
            explode("\r\n", trim($this->get('/clicks/file')->streamedContent())),
        );
        $this->assertSame(["\u{FEFF}at", 'card', 'person', 'piece', 'words', 'address'], $csv[0]);
        $this->assertSame(
            [
                '2026-11-12 09:00:00', $this->card->name, 'Maren Oakhollow', 'button', '\'=Book "now", please',
                'https://quillfern.example/book',
            ],
            $csv[4],
        );
    }

    public function test_clicks_added_up_are_those_that_are_counted(): void
    {
        mt_srand(5);
        $this->travelTo('2026-11-28 12:00:00');
        $links = [];
        foreach (range(1, 12) as $number) {
            $person = str_pad((string) ($number % 4), 26, '0', STR_PAD_LEFT);
            DB::table('people')->insertOrIgnore(['id' => $person, 'workspace_id' => $this->workspace->id,
                'name' => "Person $person", 'address' => '', 'created_at' => now()]);
            $links[] = DB::table('tracked_links')->insertGetId([
                'card_id' => $this->card->id, 'piece' => 'p'.($number % 3), 'kind' => 'web', 'words' => 'w',
                'person_id' => $number % 5 === 0 ? null : $person, 'address' => "https://q.example/$number",
                'hash' => hash('sha256', "$number"), 'created_at' => now(),
                'banner_id' => $number % 3 === 0 ? $number : null,
            ]);
        }
        CountedLinks::findFirst();
        $click = fn (int $back): array => [
            'tracked_link_id' => $links[mt_rand(0, 11)], 'visitor' => 'v'.mt_rand(0, 4),
            'at' => now()->subDays($back)->subMinutes(mt_rand(0, 700))->toDateTimeString(),
            'filtered' => mt_rand(0, 6) === 0 ? 'robot' : null,
        ];
        foreach (range(0, 400) as $back) {
            DB::table('clicks')->insert(array_map(fn () => $click($back), range(1, mt_rand(1, 5))));
        }
        foreach ([0, 1, 2, 1] as $later) {
            $this->travel($later)->days();
            DB::table('clicks')->insert([$click(0), $click(0)]);
            foreach ([7, 30, 90, 365] as $days) {
                $seen = function () use ($days): array {
                    $tally = new Tally($this->workspace, $days, now());
                    $found = [$tally->totals(), $tally->series()->days];
                    foreach (array_keys(Tally::WAYS) as $way) {
                        $rows = collect($tally->by($way, 100)->items())->map(function (\stdClass $row): array {
                            $row = array_diff_key((array) $row, ['row' => 1, 'machines' => 1, 'latest' => 1]);
                            ksort($row);

                            return $row;
                        });
                        $found[$way] = $rows->sortBy(fn (array $row) => json_encode($row))->values()->all();
                    }

                    return $found;
                };
                config(['inky.counted' => PHP_INT_MAX]);
                $counted = $seen();
                config(['inky.counted' => 1]);
                $seen();
                $this->assertTrue((new Sums($this->workspace))->isReady($days));
                $this->assertEquals($counted, $seen(), "$days days, $later later");
            }
        }
        // Lines come behind the rows they belong to.
        $this->get('/clicks?days=365')->assertSee('/clicks/lines?days=365')->assertDontSee('<path d', false);
        $this->get('/clicks/lines?days=365&by=card')->assertOk()->assertSee('id="line-0"', false);
        $this->get('/clicks/lines?days=365&by=day')->assertOk();
        $this->get('/clicks?days=365&by=banner')->assertSee('no banner: calls, links and marks');
        $this->get('/clicks/lines?days=365&by=banner')->assertOk()->assertSee('id="line-0"', false);
        $this->travel(9)->days();
        $this->assertFalse((new Sums($this->workspace))->isReady(30), 'longer than a page waits');
        $this->get('/clicks?days=30')->assertOk();
        $this->assertTrue((new Sums($this->workspace))->isReady(30), 'done beside it');
    }

    public function test_clicks_belong_to_people_not_to_names(): void
    {
        $held = fn (string $name, string $address): StoredCard => StoredCard::start($this->workspace, CardJson::read([
            'format' => CardJson::FORMAT, 'name' => "$name at $address", 'counted' => true, 'pieces' => [
                ['id' => 'n', 'kind' => 'name', 'fields' => ['text' => $name]],
                ['id' => 'e', 'kind' => 'email', 'fields' => ['address' => $address]],
                ['id' => 'w', 'kind' => 'web', 'fields' => ['address' => 'quillfern.example']],
            ],
        ]), null, 'Started');
        $holder = fn (StoredCard $card): string => People::holder($card, $card->document())->id;
        $one = $held('Hazel Thorn', 'hazel@quillfern.example');
        $namesake = $held('Hazel Thorn', 'h.thorn@quillfern.example');
        $second = $held('Hazel Thorn', 'HAZEL@quillfern.example');
        $id = $holder($one);
        $this->assertSame([false, true], [$id === $holder($namesake), $id === $holder($second)]);
        // Renamed, then moved: the same person. Both at once: somebody else.
        $one->edit(1, new FillPiece('n', ['text' => 'Hazel Reed']), null);
        $this->assertSame($id, $holder($one));
        $this->assertSame('Hazel Reed', People::name($this->workspace, $id));
        $one->edit(2, new FillPiece('e', ['address' => 'reed@quillfern.example']), null);
        $this->assertSame($id, $holder($one));
        $one->edit(3, new FillPiece('n', ['text' => 'Tobiah Reedmace']), null);
        $one->edit(4, new FillPiece('e', ['address' => 'tobiah@quillfern.example']), null);
        $this->assertNotSame($id, $holder($one));
        $other = Workspace::create(['name' => 'Elsewhere', 'web' => '', 'country' => 'GB']);
        $this->assertSame('', People::name($other, $id));
    }

    public function test_what_was_counted_under_names_goes_to_people_and_back(): void
    {
        $this->backTo('people');
        $link = fn (string $person, string $piece): int => DB::table('tracked_links')->insertGetId([
            'card_id' => $this->card->id, 'piece' => $piece, 'kind' => 'web', 'words' => 'w', 'person' => $person,
            'address' => 'https://q.example', 'hash' => str_repeat('a', 64), 'created_at' => (string) now(),
        ]);
        [$holder, $before, $also] = [$link('Maren Oakhollow', 'p1'), $link('Maren O.', 'p1'), $link('Maren O.', 'p2')];
        Artisan::call('migrate');
        $of = DB::table('tracked_links')->pluck('person_id', 'id');
        $this->assertSame([true, false], [$of[$before] === $of[$also], $of[$holder] === $of[$before]]);
        $this->assertSame($of[$holder], People::holder($this->card->fresh() ?? $this->card,
            $this->card->document())->id);
        $this->backTo('people');
        $this->assertSame('Maren O.', DB::table('tracked_links')->where('id', $also)->value('person'));
        Artisan::call('migrate');
    }

    public function test_clicks_and_links_of_another_workspace_are_not_there(): void
    {
        $this->card->edit(1, new CountClicks(true), null);
        $this->get('/go/'.$this->tokens()[0], self::BROWSER);
        $other = User::create([
            'name' => 'Other',
            'email' => 'other@elsewhere.example',
            'password' => 'another-gate-9',
        ]);
        Workspace::create(['name' => 'Elsewhere', 'web' => 'https://elsewhere.example', 'country' => 'GB'])
            ->members()
            ->attach($other);
        $this->actingAs($other)->get('/clicks')->assertSee('No card counts its clicks yet');
        $this->get("/clicks?card={$this->card->id}")->assertNotFound();
        $this->get("/cards/{$this->card->id}/links")->assertNotFound();
    }

    public function test_dressed_marks_undress_by_themselves_in_what_was_handed_over(): void
    {
        $this->card->edit(1, new Restyle(['marks' => ['dress' => ['season' => 'snow']]]), null);
        $this->assertSame(
            1,
            preg_match('#/s/[0-9a-f]{64}\.png#', $this->get("/cards/{$this->card->id}/hand-over")->content(), $match),
        );
        $this->travelTo(Carbon::parse('2026-12-24'));
        $this->get("/cards/{$this->card->id}?piece=p8")->assertOk()->assertSee('Today: worn.')->assertSee('12-01');
        $on = function (string $day) use ($match): string {
            $this->travelTo(Carbon::parse($day));

            return (string) $this->get($match[0] ?? '')
                ->assertOk()
                ->assertHeader('Content-Type', 'image/png')
                ->assertHeader('Cache-Control', 'max-age=3600, public')
                ->content();
        };
        $dressed = $on('2026-12-24');
        $plain = $on('2027-01-07');
        $this->assertNotSame($dressed, $plain);
        $this->assertSame([$dressed, $plain], [$on('2027-12-01'), $on('2027-11-30')]);
        $this->get('/s/'.str_repeat('0', 64).'.png')->assertNotFound();
        // A picture that is no mark has no other self.
        $this->assertSame(
            1,
            preg_match('#/p/([0-9a-f]{64})\.png#', $this->get("/cards/{$this->card->id}/hand-over")->content(), $photo),
        );
        $this->get('/s/'.($photo[1] ?? '').'.png')->assertNotFound();
        $this->get("/cards/{$this->card->id}/hand-over?inside=1")->assertDontSee('/s/');
    }

    /** @return non-empty-list<string> tokens of the card's links, in the order they stand */
    private function tokens(): array
    {
        preg_match_all('#/go/([\w-]+)#', $this->get("/cards/{$this->card->id}/hand-over/file")->content(), $found);

        return $found[1] ?: $this->fail('no counted links');
    }

    private function document(): Card
    {
        return $this->card->fresh()?->document() ?? $this->fail('no card');
    }

    /**
     * @param  array<string, mixed>  $form
     * @param  array<string, string>  $headers
     * @return \Illuminate\Testing\TestResponse<\Symfony\Component\HttpFoundation\Response>
     */
    private function edit(string $what, array $form, array $headers = []): \Illuminate\Testing\TestResponse
    {
        return $this->post(
            "/cards/{$this->card->id}/$what",
            $form + ['revision' => $this->card->fresh()?->head, 'back' => 'links'],
            $headers,
        );
    }

    /** Undoes every migration from one on. */
    private function backTo(string $migration): void
    {
        $names = DB::table('migrations')->orderBy('id')->pluck('migration');
        $at = $names->search(fn (string $name) => str_ends_with($name, $migration));
        Artisan::call('migrate:rollback', ['--step' => $names->count() - (int) $at]);
    }

    public function test_a_calendar_entry_is_served_to_anybody_as_its_card_has_it_now(): void
    {
        $this->edit('pieces', ['kind' => 'event']);
        $pieces = $this->document()->pieces;
        $id = $pieces[count($pieces) - 1]->id;
        $fields = ['words' => 'Open garden day', 'address' => 'quillfern.example/day', 'starts' => '2027-05-22'];
        $fields += ['entry' => 'link', 'calendar' => 'https://elsewhere.example/x'];
        $this->edit("pieces/$id", ['fields' => $fields]);
        $address = $this->document()->piece($id)->text('calendar');
        $this->assertStringContainsString("/{$this->card->id}/$id.ics", $address);
        $this->get("/cards/{$this->card->id}/sheet")->assertSee('Add to calendar')->assertSee('22 May 2027');
        $entry = fn () => $this->get((string) parse_url($address, PHP_URL_PATH));
        $this->post('/sign-out');
        $entry()->assertOk()->assertHeader('Content-Type', 'text/calendar; charset=utf-8')
            ->assertSee('DTSTART;VALUE=DATE:20270522');
        $this->actingAs($this->maren);
        foreach (['25:10', 'noon', '14'] as $bad) {
            $this->edit("pieces/$id", ['fields' => ['from' => $bad]])->assertStatus(422)->assertSee('such as 14:30');
        }
        $this->edit("pieces/$id", ['fields' => ['zone' => 'Mars/Olympus']])->assertStatus(422)
            ->assertSee('Europe/London');
        $this->edit("pieces/$id", ['fields' => ['from' => '14:00', 'until' => '17:00']]);
        $entry()->assertSee('DTSTART:20270522T130000Z');
        // A copy has an entry of its own, and an address nobody was given is none.
        $copy = StoredCard::start($this->workspace, $this->document(), null, 'Copied');
        $this->assertStringContainsString("/$copy->id/$id.ics", $copy->document()->piece($id)->text('calendar'));
        $this->get(str_replace("/{$this->card->id}/", "/$copy->id/", (string) parse_url($address, PHP_URL_PATH)))
            ->assertNotFound();
        $this->edit("pieces/$id/remove", []);
        $entry()->assertNotFound();
    }
}
