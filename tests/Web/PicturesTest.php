<?php

namespace Tests\Web;

use App\Models\BulkChange;
use App\Models\StoredCard;
use App\Models\StoredPicture;
use App\Pictures\Library;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\DB;
use InkyCard\Card\CardJson;
use InkyCard\Layout\PictureFit;
use PHPUnit\Framework\Attributes\DataProvider;

final class PicturesTest extends WebTestCase
{
    public function test_several_files_are_taken_and_each_bad_one_gets_its_sentence(): void
    {
        $file = fn (string $name, string $bytes) => UploadedFile::fake()->createWithContent($name, $bytes);
        $this->post('/pictures', [
            'files' => [
                $file('garden.jpg', self::jpeg()),
                $file(
                    'logo.svg',
                    '<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 9 9"><circle cx="4" cy="4" r="4" '
                        .'fill="red"/></svg>',
                ),
                $file('plan.pdf', '%PDF-1.7'),
                $file('half.jpg', substr(self::jpeg(), 0, 900)),
            ],
        ])
            ->assertStatus(422)
            ->assertSee('plan.pdf: This file is a PDF')
            ->assertSee('half.jpg: This picture did not arrive whole')
            ->assertSee('garden.jpg');
        $this->assertSame(['garden.jpg', 'logo.svg'], StoredPicture::query()->orderBy('id')->pluck('name')->all());
        $this->post('/pictures', ['files' => [$file('again.jpg', self::jpeg())]], ['Accept' => 'application/json'])
            ->assertOk()
            ->assertSee('picture-tile');
        $this->assertSame(2, StoredPicture::query()->count(), 'the same picture is kept once');
        $this->post('/pictures', [])->assertStatus(422)->assertSee('Choose one picture');
        $this->get('/pictures?find=gard')->assertSee('garden.jpg')->assertDontSee('logo.svg');
        $this->get('/pictures?find=%25')->assertDontSee('garden.jpg');
    }

    /** @return iterable<string, array{string, string}> address => part of its sentence */
    public static function addresses(): iterable
    {
        yield 'web page' => ['quillfern.example/share/abc', 'shows a web page, not a picture'];
        yield 'missing' => ['pictures.quillfern.example/missing', 'error 404'];
        yield 'led inside' => ['http://quillfern.example/inward', 'private network|full host name|is not one'];
        yield 'circle' => ['https://quillfern.example/circle', 'in a circle'];
        yield 'too much' => ['https://quillfern.example/endless', 'over 10 MB'];
        yield 'itself' => ['http://127.0.0.1/', 'private network|not one a reader can open'];
        yield 'by another name' => ['http://localhost:8000/', 'private network|not one a reader can open'];
        yield 'IPv6' => ['http://[::1]/', 'private network|not one a reader can open'];
        yield 'metadata' => ['http://169.254.169.254/latest', 'private network|not one a reader can open'];
        yield 'file' => ['file:///etc/passwd', 'must start with https'];
        yield 'sign-in' => ['https://a:b@quillfern.example/x', 'sign-in name'];
        yield 'nothing' => ['', 'address'];
    }

    #[DataProvider('addresses')]
    public function test_bad_addresses_get_a_sentence_and_nothing_is_stored(string $address, string $sentence): void
    {
        $answer = $this->post('/pictures/fetch', ['address' => $address])->assertStatus(422);
        preg_match('/id="error-address"[^>]*>([^<]*)/', (string) $answer->content(), $told);
        $this->assertMatchesRegularExpression("/$sentence/", $told[1] ?? '');
        $this->assertSame([0, []], [StoredPicture::query()->count(), Library::disk()->allFiles()]);
    }

    public function test_a_picture_at_an_address_is_kept_here(): void
    {
        $this->post('/pictures/fetch', ['address' => 'pictures.quillfern.example/spring'])->assertRedirect('/pictures');
        $this->assertSame(960, StoredPicture::query()->sole()->width);
    }

    public function test_on_the_bench_a_picture_comes_from_an_address_and_is_cropped_for_one_card(): void
    {
        $this->fill('p1', ['from' => 'pictures.quillfern.example/spring', 'whole' => '1'])->assertOk();
        $picture = StoredPicture::query()->sole();
        $on = fn () => CardJson::decode($this->stored())->piece('p1');
        $this->assertSame($picture->ref(), $on()->text('picture'));
        foreach (self::addresses() as [$address, $sentence]) {
            $answer = $this->fill('p1', ['from' => $address])->assertStatus(422);
            preg_match('/id="error-p1-picture"[^>]*>([^<]*)/', (string) $answer->content(), $told);
            $this->assertMatchesRegularExpression("/$sentence/", $told[1] ?? '');
        }
        $this->get("/cards/{$this->card->id}/pieces/p1/crop")->assertOk()->assertSee('alone, in headshot');
        $this->fill('p1', ['part' => ['x' => 0.25, 'y' => 0, 'width' => 0.5, 'height' => 1]])->assertOk();
        $this->assertStringStartsWith("$picture->hash#0.25,0,0.5,1", substr($on()->text('picture'), 8));
        $this->assertSame('', $picture->fresh()?->framing, 'the picture itself is as it was');
        $this->fill('p1', ['part' => ['x' => 'left']])->assertStatus(422)->assertSee('given in numbers');
        // Nothing of the library is on it.
        $this->fill('p2', ['part' => ['x' => 0]])->assertStatus(422)->assertSee('Only a picture of the library');
        $this->get("/cards/{$this->card->id}/pieces/p2/crop")->assertNotFound();
    }

    public function test_a_crop_is_kept_put_on_the_cards_and_taken_back(): void
    {
        $picture = $this->bring();
        $this->fill('p1', ['pick' => $picture->id])->assertOk();
        $plain = $this->stored();
        $this->post("/pictures/$picture->id", [
            'part' => [
                'x' => 0.1, 'y' => '0.2', 'width' => 0.5, 'height' => 0.5, 'turn' => 90, 'focusX' => 0.3,
                'focusY' => 0.4,
            ],
            'alt' => 'Maren by the pond',
            'rights' => 'Ours',
            'everywhere' => 1,
        ])->assertRedirect();
        $this->assertStringContainsString("picture:$picture->hash#0.1,0.2,0.5,0.5,90,0.3,0.4", $this->stored());
        $this->get("/cards/{$this->card->id}/sheet")->assertOk();
        $this->post('/sweeps/'.BulkChange::query()->sole()->id.'/undo');
        $this->assertSame($plain, $this->stored());
        // The next use starts with the part and the words.
        $this->fill('p1', ['pick' => $picture->id]);
        $this->assertStringContainsString('#0.1,0.2', $this->stored());
        $this->assertStringContainsString('Maren by the pond', $this->stored());
        $this->get("/pictures/$picture->id")->assertSee($this->card->name)->assertSee('Maren by the pond');
        foreach ([['part' => ['x' => 'left']], ['alt' => '<b>']] as $bad) {
            $this->post("/pictures/$picture->id", $bad)->assertStatus(422)->assertSee('role="alert"', false);
        }
        $this->get(
            "/pictures/$picture->id/preview?part[x]=0&part[width]=0.5&shape=arch&tone=grey&width=96&height=96&outline"
                .'=1',
        )
            ->assertOk()
            ->assertHeader('X-Why', 'PNG, as parts of it are clear');
        $this->get("/pictures/$picture->id/preview?shape=star&tone=grey&width=96&height=96")->assertStatus(422);
        $this->get("/pictures/$picture->id/preview?shape=round&tone=natural&width=9999999&height=96")->assertStatus(
            422,
        );
    }

    public function test_a_picture_is_replaced_everywhere_keeping_place_and_size(): void
    {
        $old = $this->bring();
        $this->fill('p1', ['pick' => $old->id, 'fields' => ['size' => 120]]);
        $this->post("/pictures/$old->id/replace", [
            'file' => UploadedFile::fake()->createWithContent('new.jpg', self::jpeg(500, 400)),
        ])->assertSessionHas('sweep');
        $new = StoredPicture::query()->latest('id')->firstOrFail();
        $piece = CardJson::decode($this->stored())->piece('p1');
        $this->assertSame(["picture:$new->hash", 120], [$piece->text('picture'), $piece->fields['size']]);
        $this->post('/sweeps/'.BulkChange::query()->sole()->id.'/undo');
        $this->assertStringContainsString($old->hash, $this->stored());
        $this->post("/pictures/$old->id/replace", [
            'file' => UploadedFile::fake()->createWithContent('same.jpg', self::jpeg()),
        ])
            ->assertStatus(422)
            ->assertSee('the same picture');
        $this->post("/pictures/$old->id/replace", [])->assertStatus(422);
        // Put away, it stays on the card, and can be brought back.
        $this->post("/pictures/$old->id/remove");
        $this->get('/pictures')->assertSee('Bring it back')->assertDontSee('id="picture-'.$old->id.'"', false);
        $this->get("/cards/{$this->card->id}/hand-over")->assertOk();
        $this->post("/pictures/$old->id/restore");
        $this->get('/pictures')->assertSee('id="picture-'.$old->id.'"', false);
    }

    public function test_a_written_name_is_drawn_set_or_photographed_and_shown_in_the_cards_ink(): void
    {
        $this->get('/pictures/hand')->assertOk();
        $this->post('/pictures/hand', [
            'way' => 'drawn',
            'strokes' => '[[[10,20,0],[60,10,40],[120,70,90]],[[130,20,200],[140,60,260]]]',
        ])->assertRedirect();
        $this->post('/pictures/hand', ['way' => 'set', 'words' => 'Maren & Co', 'face' => 'caveat'])->assertRedirect();
        $paper = imagecreatetruecolor(400, 200);
        imagefill($paper, 0, 0, 0xE8E4DA);
        imagesetthickness($paper, 5);
        imageline($paper, 60, 60, 300, 130, 0x101030);
        ob_start();
        imagejpeg($paper);
        $this->post('/pictures/hand', [
            'way' => 'photographed',
            'photo' => UploadedFile::fake()->createWithContent('p.jpg', (string) ob_get_clean()),
        ])->assertRedirect();
        $this->assertSame(
            [true, true, true],
            StoredPicture::query()->orderBy('id')->get()->map(fn (StoredPicture $picture) => $picture->hand)->all(),
        );
        foreach (
            [
                ['way' => 'drawn', 'strokes' => '[]'], ['way' => 'set', 'words' => '', 'face' => 'caveat'],
                ['way' => 'set', 'words' => '苏海', 'face' => 'caveat'],
                ['way' => 'set', 'words' => 'M', 'face' => '../x'], ['way' => 'photographed'], [],
            ] as $bad
        ) {
            $this->post('/pictures/hand', $bad)->assertStatus(422)->assertSee('role="alert"', false);
        }
        $drawn = StoredPicture::query()->orderBy('id')->firstOrFail();
        $this->post("/cards/{$this->card->id}/pieces", ['revision' => $this->current(), 'kind' => 'closing']);
        $closing = collect(CardJson::decode($this->stored())->pieces)->firstOrFail(
            fn ($piece) => $piece->kind->key() === 'closing',
        );
        $this->fill($closing->id, [
            'pick' => $drawn->id,
            'fields' => ['phrase' => 'Warmly,', 'moving' => 'once'],
        ])->assertOk();
        $sheet = (string) $this->get("/cards/{$this->card->id}/sheet")->content();
        $this->assertMatchesRegularExpression('#/p/[0-9a-f]{64}\.gif#', $sheet);
        preg_match('#/p/[0-9a-f]{64}\.gif#', $sheet, $gif);
        $this->get($gif[0] ?? '')->assertOk()->assertHeader('Content-Type', 'image/gif');
        $this->get("/cards/{$this->card->id}/pictures?piece=$closing->id")->assertSee('value="'.$drawn->id.'"', false);
        $this->get("/cards/{$this->card->id}/pictures?piece=p1")->assertDontSee('value="'.$drawn->id.'"', false);
    }

    public function test_a_headshot_stays_as_tall_as_its_text_when_lines_change(): void
    {
        $this->fill('p1', ['pick' => $this->bring()->id, 'fields' => ['fit' => 'text', 'size' => 48]]);
        $fit = fn (): PictureFit => PictureFit::of(CardJson::decode($this->stored()))
            ?? self::fail('no headshot beside text');
        $this->assertSame($fit()->best, $fit()->picture);
        $before = $fit()->picture;
        $this->post("/cards/{$this->card->id}/pieces/p6/shown", ['revision' => $this->current(), 'shown' => 0]);
        $this->assertSame($fit()->best, $fit()->picture);
        $this->assertLessThan($before, $fit()->picture);
    }

    public function test_lost_files_are_baked_again_and_orphans_removed(): void
    {
        $picture = $this->bring();
        $this->fill('p1', ['pick' => $picture->id, 'fields' => ['tone' => 'tint', 'outline' => 'light']]);
        $this->get("/cards/{$this->card->id}/sheet");
        $row = DB::table('picture_variants')->where('recipe', 'like', '%tint%')->first();
        $path = 'variants/'.substr((string) $row?->hash, 0, 2)."/$row?->hash.$row?->extension";
        Library::disk()->delete($path);
        Library::disk()->put('variants/00/orphan.png', 'x');
        touch(Library::disk()->path('variants/00/orphan.png'), time() - 9000);
        Artisan::call('inky:pictures', ['--check' => true]);
        $found = json_decode(Artisan::output(), true);
        $this->assertSame(
            [1, 1, [], []],
            [
                $found['variants_baked_again'], $found['orphans_removed'], $found['originals_missing'],
                $found['variants_lost'],
            ],
        );
        $this->assertSame($row?->hash, hash('sha256', (string) Library::disk()->get($path)));
        $this->get("/p/$row?->hash.$row?->extension")
            ->assertOk()
            ->assertHeader('Cache-Control', 'immutable, max-age=31536000, public')
            ->assertHeader('ETag', "\"$row?->hash\"");
        Library::disk()->delete(Library::path($picture->hash, $picture->extension));
        $this->assertSame(1, Artisan::call('inky:pictures', ['--check' => true]));
        $this->assertStringContainsString($picture->name, Artisan::output());
    }

    public function test_inks_contrast_and_bakes_on_the_console(): void
    {
        $folder = sys_get_temp_dir().'/inky-console-'.bin2hex(random_bytes(4));
        mkdir($folder);
        file_put_contents(
            "$folder/logo.svg",
            '<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 40 40"><circle cx="20" cy="20" r="14" '
                .'fill="#7a3f5a"/></svg>',
        );
        file_put_contents(
            "$folder/recipe.json",
            '{"width":40,"height":40,"shape":"round","tone":"grey","part":"0.1,0.1,0.8,0.8,0,0.5,0.5"}',
        );
        $run = function (string $command, array $with): mixed {
            $code = Artisan::call($command, $with);

            return $code === 0 ? json_decode(Artisan::output(), true) : [$code, trim(Artisan::output())];
        };
        $this->assertSame('#7a3f5a', $run('inky:inks', ['logo' => "$folder/logo.svg"])['inks']['accent'] ?? null);
        $this->assertSame(
            [21, true],
            [
                ($run('inky:contrast', ['ink' => 'black', 'background' => 'rgb(255 255 255)'])['unchanged'] ?? [])[
                    'ratio'
                ] ?? 0,
                $run('inky:contrast', ['ink' => 'black', 'background' => '#fff'])['soft']['reads'] ?? null,
            ],
        );
        $baked = $run('inky:bake', [
            'picture' => "$folder/logo.svg",
            'recipe' => "$folder/recipe.json",
            '--out' => "$folder/out.png",
        ]);
        $this->assertSame([80, hash_file('sha256', "$folder/out.png")], [$baked['width'] ?? 0, $baked['sha256'] ?? '']);
        foreach (
            [
                ['inky:contrast', ['ink' => 'blackish', 'background' => 'white'], 'ink: Write the colour'],
                ['inky:inks', ['logo' => "$folder/recipe.json"], 'not a picture'],
                ['inky:inks', ['logo' => "$folder/none"], 'There is no file'],
                [
                    'inky:bake',
                    ['picture' => "$folder/logo.svg", 'recipe' => "$folder/logo.svg", '--out' => "$folder/x"],
                    'no JSON object',
                ],
                [
                    'inky:bake',
                    ['picture' => "$folder/logo.svg", 'recipe' => "$folder/recipe.json", '--out' => "$folder/none/x"],
                    'cannot be written',
                ],
                ['inky:bake', ['picture' => "$folder/logo.svg", 'recipe' => "$folder/recipe.json"], '--out=FILE'],
            ] as [$command, $with, $sentence]
        ) {
            [$code, $told] = $run($command, $with);
            $this->assertSame(2, $code);
            $this->assertStringContainsString($sentence, $told);
        }
        array_map(unlink(...), glob("$folder/*") ?: []);
        rmdir($folder);
    }

    public function test_pictures_of_others_do_not_exist_here(): void
    {
        $picture = $this->bring();
        $other = \App\Models\Workspace::create(['name' => 'Other', 'web' => '', 'country' => 'GB']);
        $picture->forceFill(['workspace_id' => $other->id])->save();
        foreach (['', '/file', '/preview'] as $path) {
            $this->get("/pictures/$picture->id$path")->assertNotFound();
        }
        $this->get("/pictures/$picture->hash/thumb")->assertNotFound();
        $this->fill('p1', ['pick' => $picture->id])->assertStatus(422);
    }

    private function bring(): StoredPicture
    {
        $this->post('/pictures', ['files' => [UploadedFile::fake()->createWithContent('maren.jpg', self::jpeg())]]);

        return StoredPicture::query()->latest('id')->firstOrFail();
    }

    private function current(): int
    {
        return (int) StoredCard::query()->whereKey($this->card->id)->value('head');
    }

    /**
     * @param  array<string, mixed>  $form
     * @return \Illuminate\Testing\TestResponse<\Illuminate\Http\Response>
     */
    private function fill(string $piece, array $form): \Illuminate\Testing\TestResponse
    {
        return $this->post("/cards/{$this->card->id}/pieces/$piece", $form + ['revision' => $this->current()], [
            'HX-Request' => 'true',
        ]);
    }
}
