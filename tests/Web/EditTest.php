<?php

namespace Tests\Web;

use App\Exceptions\StaleRevision;
use App\Models\StoredCard;
use App\Models\StoredPicture;
use App\Models\User;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\DB;
use Illuminate\Testing\TestResponse;
use InkyCard\Card\Edit\FillPiece;
use PHPUnit\Framework\Attributes\DataProvider;
use Symfony\Component\Process\Process;
use Tests\Core\PictureTest;
use Tests\Core\Samples;

final class EditTest extends WebTestCase
{
    /**
     * @param  array<string, mixed>  $data
     * @return TestResponse<\Symfony\Component\HttpFoundation\Response>
     */
    private function send(string $path, array $data = [], bool $htmx = true): TestResponse
    {
        return $this->post(
            "/cards/{$this->card->id}$path",
            $data + ['revision' => StoredCard::query()->findOrFail($this->card->id)->head],
            $htmx ? ['HX-Request' => 'true'] : [],
        );
    }

    public function test_an_edit_is_kept_as_a_revision_and_answers_with_all_that_changed(): void
    {
        $this->send('/pieces/p3', ['fields' => ['text' => 'Planting lead'], 'open' => 'p3'])->assertOk()
            ->assertSee('id="face-p3"', false)->assertSee('data-revision="2"', false)
            ->assertSee('id="sheet-source"', false)->assertSee('Planting lead')->assertSee('id="gauge-width"', false)
            ->assertSee('id="advice"', false)->assertSee('Kept. Role set to Planting lead.');
        $this->assertSame(['Started', 'Role set to Planting lead'], $this->card->revisions()->pluck('words')->all());
        // The same again changes nothing and leaves no revision.
        $this->send('/pieces/p3', ['fields' => ['text' => 'Planting lead']])->assertOk();
        $this->assertSame(2, $this->card->revisions()->count());
    }

    public function test_an_edit_asked_for_twice_is_made_once(): void
    {
        $piece = fn (): int => count(json_decode($this->stored(), true)['pieces']);
        $before = $piece();
        $ask = fn (string $path, string $number, int $seen): TestResponse => $this->post(
            "/cards/{$this->card->id}$path", ['revision' => $seen, 'kind' => 'tagline', 'up' => 1],
            ['HX-Request' => 'true', 'X-Edit' => $number],
        );
        foreach ([1, 1, 1] as $seen) {
            $ask('/pieces', 'edit-number-1', $seen)->assertOk()->assertSee('data-revision="2"', false);
        }
        $this->assertSame($before + 1, $piece());
        foreach (['edit-number-2', 'edit-number-2'] as $number) {
            $ask('/undo', $number, 2)->assertOk()->assertSee('data-revision="1"', false);
        }
        $this->assertSame($before, $piece());
        // Another of the same revision is no answer lost: somebody was faster.
        $ask('/redo', 'edit-number-3', 2)->assertStatus(409);
        // What is no number is none, and is made every time.
        $ask('/pieces', 'no number; at all', 1)->assertOk();
        $ask('/pieces', 'no number; at all', 1)->assertStatus(409);
    }

    public function test_a_stay_in_a_field_that_ends_as_it_began_leaves_no_revision(): void
    {
        $role = fn (): string => json_decode($this->stored(), true)['pieces'][2]['fields']['text'];
        $was = $role();
        foreach (['x', 'xy', $was] as $text) {
            $this->send('/pieces/p3', ['fields' => ['text' => $text], 'burst' => 'a'])->assertOk();
        }
        $this->assertSame([1], $this->card->revisions()->pluck('number')->all());
        $this->send('/pieces/p3', ['fields' => ['text' => 'z'], 'burst' => 'a'])->assertOk();
        $this->send('/undo')->assertOk();
        $this->assertSame($was, $role());
    }

    public function test_every_kind_of_edit_round_trips_through_undo_and_redo(): void
    {
        $edits = [
            ['/pieces/p2', ['fields' => ['text' => 'Isolde']]],
            ['/pieces/p2/shown', ['shown' => 0]],
            ['/pieces/p5/move', ['up' => 1]],
            ['/pieces/p3/tuning', ['tuning' => ['ink' => 'accent', 'size' => '15', 'joined' => '1']]],
            ['/pieces/p9/remove', []],
            ['/pieces', ['kind' => 'tagline']],
            ['/name', ['name' => 'Spring']],
            ['/style', ['style' => ['typeface' => 'georgia', 'inks' => ['accent' => '#336699']]]],
        ];
        $states = [$this->stored()];
        foreach ($edits as [$path, $data]) {
            $this->send($path, $data)->assertOk();
            $states[] = $this->stored();
        }
        $this->assertCount(count($edits) + 1, array_unique($states));
        foreach (array_reverse(array_slice($states, 0, -1)) as $state) {
            $this->send('/undo')->assertOk();
            $this->assertSame($state, $this->stored());
        }
        $this->assertFalse($this->card->refresh()->canUndo());
        foreach (array_slice($states, 1) as $state) {
            $this->send('/redo')->assertOk();
            $this->assertSame($state, $this->stored());
        }
        $this->assertSame('Spring', $this->card->refresh()->name);
        $this->send('/undo');
        $this->send('/name', ['name' => 'Another way']);
        $this->send('/redo')->assertOk();
        $this->assertSame('Another way', $this->card->refresh()->name, 'redo does not leave the newer branch');
    }

    public function test_what_was_typed_in_one_stay_in_a_field_is_undone_in_one_step(): void
    {
        foreach ([['P', 'a'], ['Pl', 'a'], ['Plants', 'a'], ['Plants and paths', 'b']] as [$text, $burst]) {
            $this->send('/pieces/p3', ['fields' => ['text' => $text], 'burst' => $burst])->assertOk();
        }
        $role = fn () => StoredCard::query()->findOrFail($this->card->id)->document()->piece('p3')->text('text');
        $went = [];
        foreach (['undo', 'undo', 'redo', 'redo'] as $way) {
            $this->send("/$way")->assertOk();
            $went[] = $role();
        }
        $this->assertSame(['Plants', 'Principal designer', 'Plants', 'Plants and paths'], $went);
        $this->assertSame(3, $this->card->revisions()->count(), 'one stay is one revision');
    }

    public function test_a_stale_edit_is_refused_with_both_versions_and_overwrites_nothing(): void
    {
        $this->send('/pieces/p3', ['fields' => ['text' => 'Theirs']]);
        $kept = $this->stored();
        $mine = ['fields' => ['text' => 'Mine'], 'revision' => 1];
        $this->send('/pieces/p3', $mine)
            ->assertConflict()
            ->assertSee('id="conflict"', false)
            ->assertSee('Theirs')
            ->assertSee('Mine');
        $this->send('/pieces/p3', $mine, htmx: false)
            ->assertConflict()
            ->assertSee('Theirs')
            ->assertSee('Mine')
            ->assertSee('Running order');
        foreach (['/undo', '/redo', '/pieces/p3/remove', '/name'] as $path) {
            foreach ([1, [2], '2x', '', '99999999999999999999'] as $seen) {
                $this->send($path, ['revision' => $seen, 'name' => 'x'])->assertConflict();
            }
        }
        $this->send('/pieces/none', ['fields' => ['text' => 'x']])->assertStatus(422);
        $this->assertSame($kept, $this->stored());
        // A copy read before the other's edit is refused at the lock as well.
        $late = StoredCard::query()->findOrFail($this->card->id);
        $late->revision();
        $this->send('/pieces/p3', ['fields' => ['text' => 'Third']]);
        $this->expectException(StaleRevision::class);
        $late->edit(2, new FillPiece('p3', ['text' => 'Late']), null);
    }

    public function test_it_works_by_plain_form_posts_too(): void
    {
        $this->send('/pieces/p3', ['fields' => ['text' => 'Planting lead']], htmx: false)->assertRedirect(
            "/cards/{$this->card->id}?piece=p3",
        );
        $this->send('/pieces/p7', ['fields' => ['address' => 'javascript:alert(1)']], htmx: false)
            ->assertStatus(422)
            ->assertSee('must start with https')
            ->assertSee('value="javascript:alert(1)"', false);
        $this->send('/samples/hide', ['back' => 'hand-over'], htmx: false)->assertRedirect(
            "/cards/{$this->card->id}/hand-over",
        );
    }

    /** @return iterable<string, array{string, array<string, mixed>, string}> */
    public static function badFields(): iterable
    {
        yield 'name of 5,000' => ['p2', ['text' => str_repeat('x', 5000)], 'p2-text'];
        yield 'no UTF-8' => ['p2', ['text' => "Ma\xffren"], 'p2-text'];
        foreach (
            [
                'p2' => 'text', 'p3' => 'text', 'p4' => 'text', 'p5' => 'number', 'p6' => 'address', 'p7' => 'address',
                'p8' => 'links', 'p9' => 'words', 'p1' => 'alt',
            ] as $piece => $field
        ) {
            yield "script in $piece" => [$piece, [$field => '<script>alert(1)</script>'], "$piece-$field"];
        }
        yield 'javascript' => ['p7', ['address' => 'javascript:alert(1)'], 'p7-address'];
        yield 'javascript on the button' => ['p9', ['address' => 'javascript:alert(1)'], 'p9-address'];
        yield 'an array for text' => ['p2', ['text' => ['a']], 'p2-text'];
        yield 'size' => ['p1', ['size' => '1e9'], 'p1-size'];
    }

    /** @param  array<string, mixed>  $fields */
    #[DataProvider('badFields')]
    public function test_bad_input_gets_a_sentence_beside_its_field_and_the_card_stays(
        string $piece,
        array $fields,
        string $place,
    ): void {
        $before = $this->stored();
        $html = (string) $this->send("/pieces/$piece", ['fields' => $fields])->assertStatus(422)->getContent();
        $this->assertMatchesRegularExpression('/id="error-'.$place.'"[^>]*>[A-Z][^<]{10,200}\.</', $html);
        $this->send("/pieces/$piece", ['fields' => $fields], htmx: false)->assertStatus(422);
        $this->assertSame($before, $this->stored());
        $this->assertSame(1, $this->card->revisions()->count());
    }

    /** @return iterable<string, array{string}> */
    public static function badFiles(): iterable
    {
        yield 'not a picture' => ['plain words'];
        yield '0 bytes' => [''];
        yield '30,000 × 30,000' => [PictureTest::png(30_000, 30_000)];
        yield 'an SVG' => ['<svg xmlns="http://www.w3.org/2000/svg" onload="alert(1)"/>'];
        yield 'a web page' => ['<html><script>alert(1)</script></html>'];
        yield '20 MB' => [str_repeat("\xff\xd8\xff\0", 5_000_000)];
    }

    #[DataProvider('badFiles')]
    public function test_what_is_no_picture_is_refused_beside_its_field(string $bytes): void
    {
        $html = (string) $this->send('/pieces/p1', [
            'upload' => UploadedFile::fake()->createWithContent('me.png', $bytes),
        ])
            ->assertStatus(422)
            ->getContent();
        $this->assertMatchesRegularExpression('/id="error-p1-picture"[^>]*>[A-Z][^<]{10,200}\.</', $html);
        $this->assertSame([1, 0], [$this->card->revisions()->count(), StoredPicture::query()->count()]);
    }

    public function test_an_uploaded_headshot_is_on_the_card_and_is_served_for_ever(): void
    {
        $this->send('/pieces/p1', [
            'upload' => UploadedFile::fake()->createWithContent('me.jpg', self::jpeg()),
        ])->assertOk();
        $this->assertSame(
            1,
            preg_match(
                '#/p/([0-9a-f]{64})\.(png|jpg)#',
                (string) $this->get("/cards/{$this->card->id}/sheet")->getContent(),
                $found,
            ),
        );
        assert(isset($found[1]));
        $answer = $this->get($found[0])
            ->assertOk()
            ->assertHeader('Content-Type', 'image/png')
            ->assertHeader('ETag', "\"$found[1]\"");
        $this->assertSame($found[1], hash('sha256', (string) $answer->getContent()));
        $this->assertSame(
            ['immutable', 'max-age=31536000', 'public'],
            collect(explode(', ', (string) $answer->headers->get('Cache-Control')))->sort()->values()->all(),
        );
        $this->assertFalse($answer->headers->has('Set-Cookie'));
        $this->get($found[0], ['If-None-Match' => "\"$found[1]\""])->assertStatus(304);
        // Lost from the disk, it is baked again, byte for byte.
        $disk = \Illuminate\Support\Facades\Storage::disk('pictures');
        $disk->deleteDirectory('variants');
        $this->assertSame($answer->getContent(), $this->get($found[0])->assertOk()->getContent());
        $this->get('/p/'.str_repeat('0', 64).'.png')->assertNotFound();
    }

    public function test_a_card_whose_picture_is_gone_can_be_opened_and_mended_but_not_handed_over(): void
    {
        $lost = $this->workspace->pictures()->create(['hash' => str_repeat('0', 64), 'extension' => 'png', 'width' => 9,
            'height' => 9, 'bytes' => 9, 'name' => 'lost']);
        $this->card->edit(1, new FillPiece('p1', ['picture' => $lost->ref()]), null);
        $this->get("/cards/{$this->card->id}")->assertOk();
        $this->get("/cards/{$this->card->id}/sheet")->assertOk()->assertSee('src=""', false);
        foreach (['', '/file', '?inside=1'] as $way) {
            $this->get("/cards/{$this->card->id}/hand-over$way")->assertStatus(422)->assertSee('upload it again');
        }
        $this->send('/pieces/p1', ['fields' => ['picture' => 'sample:portrait-office']])->assertOk();
        $this->assertStringContainsString('picture:000', $this->stored(), 'a form does not name pictures');
        $this->send('/pieces/p1', [
            'upload' => UploadedFile::fake()->createWithContent('me.jpg', self::jpeg()),
        ])->assertOk();
        $this->get("/cards/{$this->card->id}/hand-over")->assertOk();
    }

    public function test_writers_at_once_wait_for_each_other_and_lose_nothing(): void
    {
        $file = (string) tempnam(sys_get_temp_dir(), 'inky');
        $script = <<<'PHP'
        require getcwd().'/vendor/autoload.php';
        (require getcwd().'/bootstrap/app.php')->make(Illuminate\Contracts\Console\Kernel::class)->bootstrap();
        for ($n = 0; $n < 25; $n++) {
            do {
                $card = App\Models\StoredCard::query()->firstOrFail();
                try {
                    $edit = new InkyCard\Card\Edit\FillPiece('p3', ['text' => getmypid()." $n"]);
                    $card->edit($card->head, $edit, null);
                    break;
                } catch (App\Exceptions\StaleRevision) {
                }
            } while (true);
        }
        PHP;
        $environment = ['DB_DATABASE' => $file];
        $run = fn (string ...$command) => new Process([PHP_BINARY, ...$command], base_path(), $environment);
        $run('artisan', 'inky:prepare')->mustRun();
        $writers = [$run('-r', $script), $run('-r', $script), $run('-r', $script)];
        array_map(fn (Process $writer) => $writer->start(), $writers);
        foreach ($writers as $writer) {
            $this->assertSame([0, ''], [$writer->wait(), $writer->getErrorOutput()]);
        }
        $kept = (new \PDO("sqlite:$file"))->query('select count(*), max(number) from card_revisions where card_id = 1');
        $this->assertSame([76, 76], array_map('intval', $kept ? (array) $kept->fetch(\PDO::FETCH_NUM) : []));
        array_map('unlink', glob("$file*") ?: []);
    }

    public function test_only_members_reach_a_card(): void
    {
        $stranger = User::create(['name' => 'S', 'email' => 's@elsewhere.example', 'password' => 'x']);
        $id = $this->card->id;
        $paths = [
            "/cards/$id", "/cards/$id/sheet", "/cards/$id/tuning", "/cards/$id/hand-over", "/cards/$id/hand-over/file",
        ];
        $this->actingAs($stranger)->get('/cards')->assertForbidden();
        \App\Models\Workspace::create(['name' => 'Elsewhere'])->members()->attach($stranger);
        foreach ($paths as $path) {
            $this->get($path)->assertNotFound();
        }
        $this->send('/pieces/p2', ['fields' => ['text' => 'Taken']])->assertNotFound();
        auth()->logout();
        foreach ([...$paths, '/cards', '/cards/start'] as $path) {
            $this->get($path)->assertRedirect('/sign-in');
        }
        $this->send('/pieces/p2', ['fields' => ['text' => 'Taken']])->assertRedirect('/sign-in');
        $this->assertSame(1, DB::table('card_revisions')->count());
    }

    public function test_pieces_are_placed_copied_assigned_and_tuned_together(): void
    {
        $piece = fn (string $id) => StoredCard::query()->findOrFail($this->card->id)->document()->piece($id);
        $this->send('/pieces/p6/place', ['zone' => 'before', 'before' => ''])->assertOk();
        $this->assertSame('before', $piece('p6')->zone->value);
        $this->send('/pieces/p3/copy')->assertOk();
        $this->assertCount(
            count(Samples::card()->pieces) + 1,
            StoredCard::query()->findOrFail($this->card->id)->document()->pieces,
        );
        $this->send('/pieces/p3/assign', ['by' => 'us'])
            ->assertOk()
            ->assertSee('locked');
        $this->assertSame('us', $piece('p3')->filledBy->value);
        $this->send('/tuning', [
            'pieces' => ['p2', 'p3', 'p1'],
            'several' => ['ink' => 'quiet', 'size' => '15', 'bold' => '', 'gap' => ''],
        ])->assertOk();
        // Each takes what it has: a headshot has no ink.
        $this->assertSame(
            ['quiet', 'quiet', null, 15.0],
            [
                $piece('p2')->tuning->ink?->value, $piece('p3')->tuning->ink?->value, $piece('p1')->tuning->ink,
                $piece('p3')->tuning->size,
            ],
        );
        $before = $this->stored();
        foreach (
            [
                ['/pieces/p6/place', ['zone' => 'sky'], 'There is no such place'],
                ['/pieces/p3/assign', ['by' => 'nobody'], 'filled by us'],
                ['/tuning', ['pieces' => [], 'several' => ['ink' => 'quiet']], 'Choose pieces'],
                ['/tuning', ['pieces' => ['p2'], 'several' => ['size' => '900']], 'number of pixels'],
                ['/tuning', ['pieces' => ['p99', ['x']], 'several' => ['ink' => 'quiet']], 'no longer on the card'],
            ] as [$path, $form, $sentence]
        ) {
            $this->send($path, $form)->assertStatus(422)->assertSee($sentence);
        }
        $this->assertSame($before, $this->stored());
    }

    public function test_an_answer_brings_what_changed_and_nothing_the_page_has(): void
    {
        $page = (string) $this->get("/cards/{$this->card->id}?piece=p3")->content();
        preg_match('/id="dark-source" hidden data-key="(\w+)"/', $page, $key);
        preg_match_all('/id="gauge-\w+"[^>]* data-key="(\w+)"/', $page, $gauges);
        $answer = (string) $this->send('/pieces/p3', [
            'fields' => ['text' => 'Planting lead'],
            'open' => 'p3',
            'dark' => $key[1] ?? '',
            'gauges' => implode(' ', $gauges[1]),
        ])
            ->assertOk()
            ->content();
        $this->assertLessThan(40_000, strlen($answer));
        foreach (
            [
                'id="sheet-source"', 'id="gauge-width"', 'id="face-p3"', 'id="advice"', 'id="kept"',
                'Kept. Role set to Planting lead.',
            ] as $part
        ) {
            $this->assertStringContainsString($part, $answer);
        }
        foreach (['id="dark-source"', 'id="order"', 'id="tuning"', 'id="gauge-pictures"', 'id="in-use"'] as $part) {
            $this->assertStringNotContainsString($part, $answer);
        }
        // A new ink brings new colours, and the gauge of the faintest text with them.
        $this->send('/style', ['style' => ['inks' => ['accent' => '#402060']]] + [
            'dark' => $key[1] ?? '', 'gauges' => implode(' ', $gauges[1]),
        ])
            ->assertOk()
            ->assertSee('id="dark-source"', false)->assertSee('id="gauge-faintest"', false)
            ->assertDontSee('id="gauge-height"', false);
        $this->send('/style', ['gauges' => ['x']])->assertOk()->assertSee('id="gauge-height"', false);
        // Somebody who was late can see what is different.
        $this->send('/pieces/p3', ['fields' => ['text' => 'Mine'], 'revision' => '1'])
            ->assertConflict()
            ->assertSee('/history/compare?one=1', false);
        $this->get("/cards/{$this->card->id}/history/compare?one=1&other=3")
            ->assertOk()
            ->assertSee('Planting lead')
            ->assertSee('#402060');
    }

    /** Answered late, or to somebody signed out, it would take the place of the session and token there are. */
    public function test_what_a_page_asks_for_by_itself_hands_out_neither_session_nor_token(): void
    {
        $names = fn ($answer): array => array_map(
            fn ($cookie) => $cookie->getName(), $answer->headers->getCookies(),
        );
        $card = "/cards/{$this->card->id}";
        $this->assertContains('XSRF-TOKEN', $names($this->get($card)));
        $this->assertNotContains('XSRF-TOKEN', $names($this->get("$card/sheet")));
        $edit = fn () => $this->withHeader('HX-Request', 'true')->post("$card/pieces/p2", [
            'revision' => $this->card->refresh()->head, 'fields' => ['text' => 'A'.$this->card->head],
        ]);
        $edit();
        $this->assertSame([], $names($edit()->assertOk()), 'nothing of the session changed');
        auth()->logout();
        $this->assertSame([], $names($this->get("$card/findings")));
    }
}
