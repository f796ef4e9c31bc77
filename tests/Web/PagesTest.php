<?php

namespace Tests\Web;

use App\Help\Guide;
use App\Models\StoredCard;
use App\Models\User;
use App\Models\Workspace;
use App\Pictures\Library;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\File;
use Illuminate\Support\Facades\RateLimiter;
use Illuminate\Support\Facades\Route;
use Illuminate\Support\Facades\Storage;
use Illuminate\Testing\TestResponse;
use InkyCard\Card\CardJson;
use InkyCard\Card\Kind\Kind;
use InkyCard\Card\Kind\Kinds;
use InkyCard\Card\Starter\Starters;
use InkyCard\Handover\Destination;
use InkyCard\Link\ProfileDirectory;
use PHPUnit\Framework\Attributes\DataProvider;
use Symfony\Component\HttpFoundation\Cookie;
use Symfony\Component\Process\Process;
use Tests\Core\Samples;

final class PagesTest extends WebTestCase
{
    public function test_signing_in_needs_the_right_password_and_patience(): void
    {
        auth()->logout();
        $this->assertNotSame('garden-gate-9', User::query()->firstOrFail()->getAuthPassword());
        $this->get('/cards')->assertRedirect('/sign-in');
        $this->get('/sign-in')->assertOk();
        foreach (range(1, 5) as $try) {
            $this->post('/sign-in', ['email' => 'maren@quillfern.example', 'password' => 'wrong'])
                ->assertStatus(422)
                ->assertSee('do not belong together')
                ->assertSee('maren@quillfern.example');
            $this->travel(2)->seconds();
        }
        $this->post('/sign-in', ['email' => 'maren@quillfern.example', 'password' => 'garden-gate-9'])
            ->assertStatus(429)
            ->assertSee('Too many tries');
        $this->travel(61)->seconds();
        $this->post('/sign-in', ['email' => 'maren@quillfern.example', 'password' => 'garden-gate-9'])->assertRedirect(
            '/cards',
        );
        $this->assertAuthenticatedAs($this->maren);
        $this->post('/sign-out')->assertRedirect('/sign-in');
        $this->assertGuest();
        $this->post('/sign-in', ['email' => "\xff", 'password' => ['a']])->assertStatus(422);
    }

    public function test_who_tries_many_addresses_waits_and_a_password_is_taken_whole(): void
    {
        $this->maren->forceFill(['password' => "long-\u{1F33F}-".str_repeat('garden gate ', 9)])->save();
        auth()->logout();
        $whole = fn (string $more): TestResponse => $this->post('/sign-in', [
            'email' => 'maren@quillfern.example',
            'password' => "long-\u{1F33F}-".str_repeat('garden gate ', 9).$more,
        ]);
        foreach (["\0", "\0more", 'x', str_repeat('x', 2000)] as $more) {
            $whole($more)->assertStatus(422);
            $this->travel(6)->seconds();
        }
        $whole('')->assertRedirect('/cards');
        $this->post('/sign-out');
        // From many places: so many looks at passwords would keep others waiting.
        foreach (range(1, 8) as $try) {
            $last = $this->withServerVariables(['REMOTE_ADDR' => "192.0.2.$try"])
                ->post('/sign-in', ['email' => "some$try@quillfern.example", 'password' => 'x']);
        }
        $last->assertStatus(429)->assertSee('have a link sent');
        $this->withServerVariables(['REMOTE_ADDR' => '127.0.0.1']);
        $this->travel(61)->seconds();
        foreach (range(1, 30) as $try) {
            $this->post('/sign-in', ['email' => "member$try@quillfern.example", 'password' => 'x'])->assertStatus(422);
            RateLimiter::clear('sign-in|anywhere');
        }
        $this->post('/sign-in', ['email' => 'another@quillfern.example', 'password' => 'x'])->assertStatus(429);
        $this->travel(61)->seconds();
        $whole('')->assertRedirect('/cards');
    }

    /** What is marked is explained, and what is explained can be found. */
    public function test_what_is_not_clear_by_itself_is_explained_beside_it(): void
    {
        $views = '';
        foreach (File::allFiles(resource_path('views')) as $view) {
            $views .= $view->getContents();
        }
        preg_match_all('/(?:<x-help\s+|<x-typed [^>]*?)topic="([^"]+)"/', $views, $marked);
        $this->assertGreaterThan(5, count($marked[1]));
        foreach ($marked[1] as $topic) {
            $this->assertNotNull(Guide::topic($topic), "nothing is said of $topic");
        }
        $page = $this->get('/help')->assertOk();
        $fields = array_merge(...array_values(array_map(fn (Kind $kind) => array_map(
            fn ($field) => $kind->key().'.'.$field->name, $kind->fields(),
        ), Kinds::all())));
        foreach (Guide::all() as $heading => $topics) {
            foreach ($topics as $key => $topic) {
                $page->assertSee($topic->title);
                $this->assertLessThan(260, mb_strlen($topic->says), $key);
                $isMarked = in_array($key, [...$fields, ...$marked[1], 'alt'], true)
                    || preg_match('/^(?:footer\.(?:why|registration)|letter\.preview)$/', $key) === 1;
                $this->assertTrue($isMarked, "$key stands beside nothing, under $heading");
            }
        }
        $this->get('/find?q=utm')->assertOk()->assertSee('Campaign tags')->assertSee('/help#tags', false);
        $this->get("/cards/{$this->card->id}")->assertOk()->assertSee('What is this? Words in its place');
    }

    public function test_what_was_sent_too_late_is_kept_and_goes_on_after_signing_in(): void
    {
        $this->app['env'] = 'production';
        $typed = ['name' => 'Typed <late>', 'fields' => ['a' => ['b', 'c']], 'password' => 'secret'];
        $late = fn (string $from, string $to = '/tray/ready'): TestResponse => $this->post(
            $to, $typed + ['_token' => 'stale'], ['Origin' => $from],
        );
        $late('https://cards.quillfern.example')->assertRedirect('/again');
        $this->get('/again')->assertOk()->assertSee('action="/tray/ready"', false)
            ->assertSee('value="Typed &lt;late&gt;"', false)->assertSee('name="fields[a][1]"', false)
            ->assertDontSee('secret')->assertDontSee('stale');
        // Of another's making, or of a page's own script, nothing is kept.
        $this->flushSession();
        $this->actingAs($this->maren);
        foreach (['https://evil.example', 'http://cards.quillfern.example:8080', 'null', ''] as $from) {
            $late($from)->assertStatus(419);
        }
        $this->post('/cards/1/undo', [], ['Origin' => 'https://cards.quillfern.example', 'HX-Request' => 'true'])
            ->assertStatus(419);
        $this->get('/again')->assertSee('Nothing waits');
        auth()->logout();
        $late('https://cards.quillfern.example')->assertRedirect('/sign-in');
        $this->get('/sign-in')->assertSee('What you sent is kept');
        $late('https://cards.quillfern.example', '/sign-in')->assertRedirect('/sign-in');
        $this->post('/sign-in', [
            'email' => 'maren@quillfern.example', 'password' => 'garden-gate-9', '_token' => session()->token(),
        ])->assertRedirect('/again');
        $this->get('/again')->assertSee('Typed &lt;late&gt;', false);
        $this->post('/again/drop', ['_token' => session()->token()])->assertRedirect('/cards');
        $this->get('/again')->assertSee('Nothing waits');
        // What was sent once more is not offered again.
        $late('https://cards.quillfern.example')->assertRedirect('/again');
        $this->post('/tray/ready', ['name' => 'N', 'subject' => 'S', 'body' => 'B', '_token' => session()->token()])
            ->assertRedirect();
        $this->get('/again')->assertSee('Nothing waits');
    }

    public function test_what_a_page_asks_for_by_itself_gives_a_stranger_no_session(): void
    {
        config(['session.driver' => 'file']);
        $this->assertNotSame([], $this->get('/cards')->headers->getCookies());
        auth()->logout();
        $this->flushSession();
        $id = $this->card->id;
        $edit = $this->post("/cards/$id/undo", ['revision' => 1], ['HX-Request' => 'true'])->assertRedirect('/sign-in');
        $frame = $this->get("/cards/$id/sheet")->assertRedirect('/sign-in');
        foreach ([$edit, $frame] as $answer) {
            $names = array_map(fn (Cookie $cookie) => $cookie->getName(), $answer->headers->getCookies());
            $this->assertNotContains('inky_card', $names);
        }
        $this->assertNotSame([], $this->get('/sign-in')->headers->getCookies());
    }

    public function test_a_full_disk_says_so_and_keeps_nothing_by_halves(): void
    {
        Route::get('/full', fn () => throw new \ErrorException('fwrite(): No space left on device'));
        $this->get('/full')->assertStatus(507)->assertSee('disk of this server is full');
        // Where a folder should be stands a file: nothing can be written there either.
        $root = sys_get_temp_dir().'/inky-full-'.bin2hex(random_bytes(6));
        mkdir($root);
        touch("$root/originals");
        Storage::set('pictures', Storage::build(['driver' => 'local', 'root' => $root, 'throw' => true]));
        $this->post('/pictures', ['files' => [UploadedFile::fake()->createWithContent('me.jpg', self::jpeg())]])
            ->assertStatus(422)->assertSee('no room left');
        $this->assertSame(["$root/originals"], glob("$root/*"));
        File::deleteDirectory($root);
        $this->assertSame(0, $this->workspace->pictures()->count());
    }

    public function test_a_request_by_another_name_is_not_answered_with_links_to_it(): void
    {
        auth()->logout();
        foreach (['evil.example', 'cards.quillfern.example.evil.example', 'evil.example:80'] as $host) {
            $answer = $this->get("http://$host/sign-in");
            $this->assertSame([421, false], [$answer->status(), str_contains((string) $answer->getContent(), 'evil')]);
        }
        foreach (['127.0.0.1:8080', 'localhost', 'CARDS.quillfern.example:8443', '[::1]:80'] as $host) {
            $this->get("http://$host/sign-in")->assertOk()->assertHeaderMissing('Strict-Transport-Security');
        }
        $this->get('https://cards.quillfern.example/sign-in')->assertHeader('Strict-Transport-Security');
    }

    public function test_pages_load_nothing_from_elsewhere_and_run_nothing_written_into_them(): void
    {
        $id = $this->card->id;
        foreach (
            [
                '/cards', '/cards/start', "/cards/$id", "/cards/$id?piece=p3", "/cards/$id/hand-over",
                "/cards/$id/hand-over?inside=1", '/nowhere',
            ] as $path
        ) {
            $page = $this->get($path);
            $policy = (string) $page->headers->get('Content-Security-Policy');
            $this->assertStringContainsString("script-src 'self';", $policy);
            $this->assertStringNotContainsString('unsafe', $policy);
            $html = (string) $page->getContent();
            $this->assertDoesNotMatchRegularExpression(
                '#<script(?![^>]*src="/)|<[^>]* on\w+="|<style|<link[^>]+href="(?!/)|<(img|script)[^>]+src="(?!/)#',
                $html,
                $path,
            );
            $this->assertDoesNotMatchRegularExpression(
                '#<[^>]* style="#',
                (string) preg_replace('/data-html="[^"]*"|<textarea.*?<\/textarea>/s', '', $html),
                $path,
            );
        }
        $sheet = $this->get("/cards/$id/sheet");
        $this->assertStringContainsString(
            "default-src 'none'; style-src 'self' 'unsafe-inline'",
            (string) $sheet->headers->get('Content-Security-Policy'),
        );
        $this->assertStringContainsString('sandbox', (string) $sheet->headers->get('Content-Security-Policy'));
    }

    public function test_a_forged_form_is_refused(): void
    {
        $this->app['env'] = 'production';
        $this->post("/cards/{$this->card->id}/name", ['name' => 'Forged', 'revision' => 1])->assertStatus(419);
        $this->assertSame('Test', $this->card->refresh()->name);
    }

    public function test_a_card_starts_from_each_starter_with_the_maker_in_it(): void
    {
        foreach (Starters::all() as $key => $starter) {
            $this->post('/cards', ['starter' => $key])->assertRedirect();
            $card = StoredCard::query()->latest('id')->firstOrFail();
            $this->get("/cards/$card->id")->assertOk()->assertSee('Maren Oakhollow')->assertSee('sample');
            $this->get("/cards/$card->id/sheet")->assertOk()->assertSee('Maren Oakhollow');
            $this->get("/starters/$key/drawing")->assertOk()->assertHeader('Content-Type', 'image/webp');
        }
        $this->post('/cards', ['starter' => 'none-such'])->assertNotFound();
    }

    public function test_the_list_of_cards_pages(): void
    {
        foreach (range(1, 14) as $number) {
            StoredCard::start($this->workspace, Samples::card(['name' => "Card $number."]), $this->maren, 'Started');
        }
        $this->get('/cards')->assertSee('Card 14.')->assertDontSee('Card 2.')->assertSee('page 1 of 2');
        $this->get('/cards?page=2')->assertSee('Card 2.')->assertDontSee('Card 14.');
    }

    public function test_handing_over_gives_the_export_itself(): void
    {
        $page = $this->get("/cards/{$this->card->id}/hand-over")->assertOk()->assertSee('Copy the card');
        $this->assertStringNotContainsString('data-piece', (string) $page->getContent());
        $file = $this->get("/cards/{$this->card->id}/hand-over/file")->assertOk();
        $this->assertStringStartsWith(
            'attachment; filename="test.html"',
            (string) $file->headers->get('Content-Disposition'),
        );
        $html = (string) $file->getContent();
        $this->assertStringStartsWith('<!DOCTYPE html><html lang="en"', $html);
        $this->assertSame(3, preg_match_all('#<img src="data:image/png;base64,#', $html));
        $this->assertSame(0, preg_match_all('#src="(?!data:)#', $html));
    }

    public function test_what_a_form_had_to_say_is_not_lost_to_frames_asked_for_meanwhile(): void
    {
        $this->post('/tray', []);
        foreach (['sheet', 'findings', 'tuning', 'proof/word-desktop/reading'] as $aside) {
            $this->get("/cards/{$this->card->id}/$aside")->assertOk();
        }
        $this->get('/tray')->assertSee('Choose a message saved as .eml');
        $this->get('/tray')->assertDontSee('Choose a message saved as .eml');
    }

    public function test_an_edit_leaves_an_unchanged_session_alone_and_keeps_it_from_running_out(): void
    {
        $this->freezeSecond();
        $this->get('/cards')->assertOk();
        $edit = function (string $text): int {
            $head = $this->card->fresh()?->head;
            $this->withHeader('HX-Request', 'true')
                ->post("/cards/{$this->card->id}/pieces/p3", ['revision' => $head, 'fields' => ['text' => $text]])
                ->assertOk();

            return (int) session('_kept');
        };
        $kept = (int) session('_kept');
        $this->travel(50)->seconds();
        $this->assertSame($kept, $edit('Planting lead'));
        $this->travel(20)->seconds();
        $this->assertSame($kept + 70, $edit('Head gardener'));
        // What a page has to say waits for the page.
        session()->flash('told', 'Something to say');
        session()->save();
        $edit('Principal designer');
        $this->assertSame('Something to say', session('told'));
    }

    public function test_every_destination_is_chosen_and_its_artifact_is_taken(): void
    {
        foreach (Destination::all() as $key => $to) {
            $this->get("/cards/{$this->card->id}/hand-over?to=$key")
                ->assertOk()
                ->assertSee($to->label)
                ->assertSee($to->steps[0]);
            $this->assertSame(
                $to->isMarkup(),
                str_contains(
                    (string) $this->get("/cards/{$this->card->id}/hand-over?to=$key")->content(),
                    'What each way costs',
                ),
            );
            $this->get("/cards/{$this->card->id}/hand-over/directions/$key")
                ->assertOk()
                ->assertSee($to->steps[0]);
            $file = $this->get("/cards/{$this->card->id}/hand-over/file?as=$to->takes");
            $to->takes === 'ics' ? $file->assertStatus(422)->assertSee('no event with a day') : $file->assertOk();
            if ($to->takes === 'png') {
                $this->assertSame('image/png', getimagesizefromstring((string) $file->getContent())['mime'] ?? '');
            }
            if ($to->takes === 'folder' || $to->takes === 'fragment') {
                $path = (string) tempnam(sys_get_temp_dir(), 'zip');
                file_put_contents($path, (string) $file->getContent());
                $zip = new \ZipArchive;
                $this->assertTrue($zip->open($path));
                $this->assertGreaterThanOrEqual(2, $zip->numFiles);
                $this->assertSame(0, preg_match('~(?:^/|\.\.)~', (string) $zip->getNameIndex(0)));
                unlink($path);
            }
        }
        // Pictures that travel are those baked before; one lost or cut short on the disk is baked again.
        $page = (string) $this->get("/cards/{$this->card->id}/hand-over/file?as=page")->getContent();
        foreach (Library::disk()->allFiles('variants') as $number => $path) {
            $number % 2 === 0 ? Library::disk()->delete($path) : Library::disk()->put($path, 'cut short');
        }
        $this->assertTrue($page === $this->get("/cards/{$this->card->id}/hand-over/file?as=page")->getContent());
        $this->get("/cards/{$this->card->id}/hand-over?to=the-moon")->assertOk()->assertSee('Any mail program');
        $this->get("/cards/{$this->card->id}/hand-over/directions/the-moon")->assertNotFound();
    }

    public function test_a_firm_adds_a_film_and_a_word_to_directions_wherever_they_go(): void
    {
        $at = "/cards/{$this->card->id}/hand-over";
        foreach (
            [
                ['film' => 'javascript:alert(1)', 'note' => 'Ask Tobiah'],
                ['film' => 'no film', 'note' => 'Ask Tobiah'],
                ['film' => '', 'note' => 'Ask Tobiah '.str_repeat('again ', 60)],
            ] as $bad
        ) {
            $this->post("$at/directions/gmail", $bad)->assertRedirect();
            $this->get("$at?to=gmail")
                ->assertSee('aria-invalid="true"', false)
                ->assertSee('Ask Tobiah')
                ->assertSee('<details id="house-note" class="house-note"  open', false);
        }
        $this->assertDatabaseCount('house_notes', 0);
        $this->post("$at/directions/gmail", [
            'film' => 'films.quillfern.example/card',
            'note' => 'Ask Tobiah <when> stuck',
        ])->assertSessionHas('note_refused');
        $this->post("$at/directions/gmail", [
            'film' => 'films.quillfern.example/card',
            'note' => 'Ask Tobiah when stuck',
        ]);
        $this->get("$at?to=gmail")
            ->assertSee('A film of these steps: https://films.quillfern.example/card')
            ->assertSee('Ask Tobiah when stuck');
        $this->get("$at/directions/gmail")
            ->assertSee('href="https://films.quillfern.example/card"', false)
            ->assertSee('Ask Tobiah when stuck');
        $this->get("$at?to=iphone")->assertDontSee('Ask Tobiah');
        $this->post("$at/directions/yahoo", ['film' => '', 'note' => 'Ask Maren', 'all' => '1']);
        foreach (['gmail', 'iphone', 'any'] as $to) {
            $this->get("$at?to=$to")->assertSee('Ask Maren')->assertDontSee('Ask Tobiah');
        }
        preg_match('~data-code="https?://[^/]+([^"]+)"~', (string) $this->get("$at?to=iphone")->content(), $phone);
        $this->get(html_entity_decode($phone[1] ?? ''))->assertSee('Ask Maren');
        $this->post("$at/directions/the-moon", [])->assertNotFound();
    }

    public function test_a_phone_opens_a_card_by_its_address_alone_for_a_day(): void
    {
        $page = (string) $this->get("/cards/{$this->card->id}/hand-over?to=iphone")->assertOk()->content();
        $address = html_entity_decode((string) preg_replace('~^.*data-code="https?://[^/]+([^"]+)".*$~s', '$1', $page));
        auth()->logout();
        $phone = $this->get($address)
            ->assertOk()
            ->assertSee('Copy the card')
            ->assertSee('Copy its words alone')
            ->assertHeader('X-Robots-Tag', 'noindex')
            ->assertDontSee('/cards/'.$this->card->id, false);
        $this->get(
            html_entity_decode(
                (string) preg_replace('~^.*<iframe id="sheet" src="([^"]+)".*$~s', '$1', (string) $phone->content()),
            ),
        )
            ->assertOk()
            ->assertSee('Maren');
        $other = str_replace("/phone/{$this->card->id}", '/phone/'.($this->card->id + 1), $address);
        $forms = html_entity_decode((string) $phone->content());
        $whole = (string) preg_replace('~^.*href="([^"]+whole=1[^"]+)".*$~s', '$1', $forms);
        foreach (
            [[$address, 'Principal designer', 'LinkedIn'], [$whole, 'LinkedIn', 'A line nobody wrote']] as [$form,
                $there, $not]
        ) {
            $this->get($form)->assertOk()->assertSee($there)->assertDontSee($not)->assertSee('short, for a phone');
        }
        // Neither form outlives the address it was opened by.
        parse_str((string) parse_url($whole, PHP_URL_QUERY), $query);
        parse_str((string) parse_url($address, PHP_URL_QUERY), $first);
        $this->assertSame($first['expires'], $query['expires']);
        foreach (
            [
                $address.'&whole=1', $other, $address.'0', "/phone/{$this->card->id}",
                "/phone/{$this->card->id}/sheet?".parse_url($address, PHP_URL_QUERY),
            ] as $forged
        ) {
            $this->get($forged)->assertStatus(410)->assertSee('run out')->assertDontSee('Maren');
        }
        $this->travel(25)->hours();
        $this->get($address)->assertStatus(410);
        $this->travelBack();
        $this->card->forceFill(['archived_at' => now()])->save();
        $this->get($address)->assertStatus(410);
    }

    public function test_every_pictogram_and_mark_ships(): void
    {
        $sprite = (string) file_get_contents(public_path('vendor/icons.svg'));
        foreach (Kinds::all() as $kind) {
            $this->assertStringContainsString("id=\"{$kind->icon()}\"", $sprite);
        }
        foreach (ProfileDirectory::marks() as $mark) {
            $this->assertFileExists(public_path("marks/$mark.svg"));
        }
    }

    /** Where a web server in front knows nothing of editions, the application answers. */
    public function test_files_are_kept_under_the_edition_they_are_of(): void
    {
        $page = (string) $this->get('/cards/'.$this->card->id)->getContent();
        preg_match_all('~(?:href|src)="(/v/[0-9a-f]{12}/[^"#]+)~', $page, $files);
        $this->assertGreaterThan(8, count(array_unique($files[1])));
        $this->assertDoesNotMatchRegularExpression('~(?:href|src)="/(?:css|js|vendor|marks)/~', $page);
        foreach (array_unique($files[1]) as $file) {
            $response = $this->get($file);
            $this->assertSame(200, $response->getStatusCode(), $file);
            $this->assertStringContainsString('immutable', (string) $response->headers->get('Cache-Control'), $file);
        }
        [, , $edition] = explode('/', $files[1][0]);
        $this->assertStringContainsString(
            'no-cache', (string) $this->get('/v/0123456789ab/css/app.css')->headers->get('Cache-Control'),
        );
        foreach (['index.php', 'css/none.css', '../.env', '../resources/vendor.js', 'css/../../package.js'] as $none) {
            $this->get("/v/$edition/$none")->assertNotFound();
        }
    }

    public function test_a_member_is_added_from_the_console(): void
    {
        $this->assertSame(
            2,
            Artisan::call('inky:member', ['email' => 'nobody', '--workspace' => 'W', '--name' => 'N']),
        );
        $this->assertSame(
            0,
            Artisan::call('inky:member', [
                'email' => 'wren@hedge.example',
                '--workspace' => 'Hedge & Co',
                '--name' => 'Wren Hazeldine',
                '--new-workspace' => true,
            ]),
        );
        $password = trim((string) strrchr(Artisan::output(), ' '));
        auth()->logout();
        $this->post('/sign-in', ['email' => 'wren@hedge.example', 'password' => $password])->assertRedirect('/cards');
        $this->get('/cards')->assertOk()->assertSee('Hedge &amp; Co', false)->assertSee('No card yet');
        $this->assertSame(
            0,
            Artisan::call('inky:member', ['email' => 'wren@hedge.example', '--workspace' => 'Quillfern']),
        );
        $this->assertSame(2, $this->workspace->members()->count());
        // What is done twice, or misspelt, or forgotten, says so.
        $wren = ['email' => 'wren@hedge.example'];
        $say = function (array $with): string {
            Artisan::call('inky:member', $with);

            return Artisan::output();
        };
        $this->assertStringContainsString('already: nothing', $say($wren + ['--workspace' => 'Quillfern']));
        $this->assertStringContainsString('no workspace Quilfern', $say($wren + ['--workspace' => 'Quilfern']));
        $this->assertSame(2, Workspace::query()->count());
        $new = trim((string) preg_replace('/.*password (\w+) .*/s', '$1', $say($wren + ['--new-password' => true])));
        $this->assertStringContainsString('Nobody', $say(['email' => 'who@a.example', '--new-password' => true]));
        auth()->logout();
        $this->post('/sign-in', ['email' => 'wren@hedge.example', 'password' => $password])->assertStatus(422);
        $this->post('/sign-in', ['email' => 'wren@hedge.example', 'password' => $new])->assertRedirect('/cards');
    }

    public function test_what_is_served_in_earnest_is_not_open_to_whoever_read_the_source(): void
    {
        auth()->logout();
        User::query()->delete();
        config(['inky.demo' => false]);
        $prepare = fn (): array => [Artisan::call('inky:prepare'), Artisan::output()];
        [$code, $says] = $prepare();
        $this->assertSame([0, 0], [$code, User::query()->count()]);
        $this->assertStringContainsString('inky:member', $says);
        config(['inky.demo' => true]);
        $this->assertSame(0, $prepare()[0]);
        config(['inky.demo' => false]);
        [$code, $says] = $prepare();
        $this->assertSame(1, $code);
        $this->assertStringContainsString('published password', $says);
        Artisan::call('inky:member', ['email' => 'maren@quillfern.example', '--new-password' => true]);
        $this->assertSame(0, $prepare()[0]);
    }

    public function test_the_demo_loads_once(): void
    {
        auth()->logout();
        User::query()->delete();
        foreach ([1, 2] as $time) {
            Artisan::call('inky:prepare');
            $this->assertSame(
                9,
                StoredCard::query()->where('last', 1)->whereNull('house_id')
                    ->where('workspace_id', '!=', $this->workspace->id)->count(),
            );
        }
    }

    /** @return iterable<string, array{array<string, string>, string, int, string}> */
    public static function compositions(): iterable
    {
        $card = CardJson::encode(Samples::card());
        $data = CardJson::encode(
            Samples::card([
                'pieces' => [
                    [
                        'id' => 'a',
                        'kind' => 'headshot',
                        'fields' => ['picture' => 'data:image/jpeg;base64,'.base64_encode(self::jpeg())],
                    ],
                ],
            ]),
        );
        yield 'html' => [
            [], $card, 0,
            '#^<table.*Maren Oakhollow.*src="https://cards\.quillfern\.example/p/[0-9a-f]{64}\.png".*</table>\n$#s',
        ];
        yield 'text' => [['--as' => 'text'], $card, 0, '#^Maren Oakhollow\nPrincipal designer#'];
        yield 'page inline' => [
            ['--as' => 'page', '--pictures' => 'inline'], $card, 0, '#^<!DOCTYPE html>.*src="data:image/png#s',
        ];
        yield 'data: picture hosted' => [[], $data, 0, '#src="https://cards\.quillfern\.example/p/[0-9a-f]{64}\.png"#'];
        yield 'bad card' => [
            [],
            '{"format":"inky-card/1","name":"N","pieces":'
                .'[{"id":"a","kind":"web","fields":{"address":"javascript:1"}}]}',
            2,
            '#^/pieces/0/fields/address: [^\n]+\.\n$#',
        ];
        yield 'no JSON' => [[], '', 2, '#^This is not a JSON document: [^\n]+\n$#'];
        yield 'missing picture' => [
            ['--pictures' => 'inline'], str_replace('portrait-office', 'portrait-nobody', $card), 2,
            '#^There is no sample picture[^\n]+\n$#',
        ];
        yield 'odd option' => [['--as' => 'pdf'], $card, 2, '#^/as: Choose html, text or page\.\n$#'];
    }

    /** @param  array<string, string>  $options */
    #[DataProvider('compositions')]
    public function test_the_console_composes_a_document(
        array $options,
        string $document,
        int $code,
        string $pattern,
    ): void {
        $file = (string) tempnam(sys_get_temp_dir(), 'card');
        file_put_contents($file, $document);
        $this->assertSame($code, Artisan::call('inky:compose', ['card' => $file] + $options));
        $this->assertMatchesRegularExpression($pattern, Artisan::output());
        unlink($file);
    }

    public function test_the_console_measures_cards_and_lists_starters(): void
    {
        $file = (string) tempnam(sys_get_temp_dir(), 'card');
        Artisan::call('inky:starters', ['--json' => true]);
        $starters = json_decode(Artisan::output(), true);
        $this->assertSame(array_keys(Starters::all()), array_keys($starters));
        file_put_contents($file, json_encode($starters['tidemark']));
        $this->assertSame(0, Artisan::call('inky:measure', ['card' => $file]));
        $measured = json_decode(Artisan::output(), true);
        $this->assertSame([320, 480, 600], array_column($measured, 'viewport'));
        $this->assertSame(0, $measured[2]['overflow']);
        $this->assertSame(104, $measured[2]['pieces']['p1']['width']);
        $this->assertSame(0, Artisan::call('inky:measure', ['card' => $file, '--width' => '200']));
        $this->assertGreaterThan(0, json_decode(Artisan::output(), true)[0]['overflow']);
        $this->assertSame(2, Artisan::call('inky:measure', ['card' => $file, '--width' => 'wide']));
        unlink($file);
    }

    public function test_the_console_reads_standard_input_and_complains_on_standard_error(): void
    {
        $run = function (string $input): Process {
            $process = new Process([PHP_BINARY, base_path('artisan'), 'inky:compose', '-', '--as=text'], input: $input);
            $process->run();

            return $process;
        };
        $good = $run(CardJson::encode(Samples::card()));
        $this->assertSame([0, ''], [$good->getExitCode(), $good->getErrorOutput()]);
        $this->assertStringStartsWith("Maren Oakhollow\n", $good->getOutput());
        $bad = $run('{"name":"N"}');
        $this->assertSame(
            [2, '', 1],
            [$bad->getExitCode(), $bad->getOutput(), substr_count($bad->getErrorOutput(), "\n")],
        );
    }
}
