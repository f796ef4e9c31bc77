<?php

namespace Tests\Web;

use App\Models\StoredCard;
use Illuminate\Http\UploadedFile;
use Illuminate\Testing\TestResponse;
use InkyCard\Brand\InkRole;
use InkyCard\Card\Arrangement\Arrangement;
use InkyCard\Card\Kind\Kinds;
use PHPUnit\Framework\Attributes\DataProvider;

/** Styling, arranging and adding through the bench's forms, where every value comes as text. */
final class StyleTest extends WebTestCase
{
    /**
     * @param  array<string, mixed>  $data
     * @return TestResponse<\Symfony\Component\HttpFoundation\Response>
     */
    private function send(string $path, array $data = []): TestResponse
    {
        return $this->post(
            "/cards/{$this->card->id}$path",
            $data + ['revision' => StoredCard::query()->findOrFail($this->card->id)->head],
            ['HX-Request' => 'true'],
        );
    }

    /** @return iterable<string, array{array<string, mixed>, string}> */
    public static function badStyles(): iterable
    {
        yield 'size' => [['sizes' => ['name' => '99']], 'sizes name'];
        yield 'no number' => [['sizes' => ['text' => 'big']], 'sizes text'];
        yield 'line height' => [['gaps' => ['leading' => '9']], 'line height'];
        yield 'negative gap' => [['gaps' => ['lines' => '-1']], 'gaps lines'];
        yield 'colour' => [['inks' => ['link' => 'url(x)']], 'hexadecimal'];
        yield 'ground' => [['ground' => ['shown' => 'perhaps']], 'true or false'];
        yield 'symbols' => [['symbols' => ['shape' => 'star']], 'Symbols are'];
        yield 'typeface' => [['typeface' => 'Papyrus'], 'typefaces'];
        yield 'a list' => [['rule' => ['1']], 'JSON object'];
    }

    /** @param  array<string, mixed>  $style */
    #[DataProvider('badStyles')]
    public function test_a_bad_style_is_told_beside_the_style_and_changes_nothing(array $style, string $because): void
    {
        $before = $this->stored();
        $html = html_entity_decode(
            (string) $this->send('/style', ['style' => $style])
                ->assertStatus(422)
                ->getContent(),
            ENT_QUOTES,
        );
        $this->assertMatchesRegularExpression('/id="error-style"[^>]*>[^<]*'.$because.'/', $html);
        $this->assertSame($before, $this->stored());
    }

    public function test_numbers_of_a_form_are_kept_as_numbers_and_only_what_the_form_has(): void
    {
        $this->send('/style', [
            'style' => [
                'sizes' => ['name' => '22', 'text' => '12.5'], 'gaps' => ['lines' => '4', 'leading' => '1.5'],
                'rule' => ['width' => '0'], 'button' => ['radius' => '8', 'wide' => '24'],
                'symbols' => ['shape' => 'round'], 'ground' => ['shown' => '1'], 'aura' => ['deep' => 'yes'],
            ],
        ])
            ->assertOk()
            ->assertSee('id="tuning"', false);
        $style = json_decode($this->stored(), true)['style'];
        $this->assertSame(['name' => 22, 'text' => 12.5], $style['sizes']);
        $this->assertSame(
            [4, 1.5, 0, 8, 24, 'round'],
            [
                $style['gaps']['lines'], $style['gaps']['leading'], $style['rule']['width'], $style['button']['radius'],
                $style['button']['wide'], $style['symbols']['shape'],
            ],
        );
        $this->assertArrayNotHasKey('aura', $style);
        $this->get("/cards/{$this->card->id}/sheet")
            ->assertSee('font:bold 22px', false)
            ->assertSee('alt="Phone"', false);
    }

    public function test_every_arrangement_and_kind_can_be_chosen_on_the_bench(): void
    {
        foreach (Arrangement::all() as $key => $arrangement) {
            $answer = $this->send('/arrangement', ['arrangement' => $key])
                ->assertOk()
                ->assertSee('id="arrangement"', false);
            // Pieces that stay where they are and are not seen are told apart from those that are.
            $this->assertSame(
                ['reply' => 2, 'words-only' => 1, 'single-line' => 1][$key] ?? 0,
                substr_count((string) $answer->content(), 'not in this arrangement'),
                $key,
            );
            $this->assertSame($key, StoredCard::query()->findOrFail($this->card->id)->document()->arrangement->key);
        }
        $this->send('/arrangement', ['arrangement' => 'spiral'])->assertStatus(422);
        foreach (array_keys(Kinds::all()) as $key) {
            $this->send('/pieces', ['kind' => $key])->assertOk()->assertSee('Kept.');
        }
        $pieces = StoredCard::query()->findOrFail($this->card->id)->document()->pieces;
        foreach (array_slice($pieces, -count(Kinds::all())) as $piece) {
            $this->get("/cards/{$this->card->id}?piece={$piece->id}")
                ->assertOk()
                ->assertSee("id=\"piece-{$piece->id}\"", false)
                ->assertSee($piece->kind->purpose());
        }
    }

    public function test_a_logo_keeps_the_proportion_of_its_picture(): void
    {
        $this->send('/pieces', ['kind' => 'logo']);
        $this->send('/pieces/p10', [
            'fields' => ['width' => '120', 'ratio' => '7'],
            'upload' => UploadedFile::fake()->createWithContent('logo.jpg', self::jpeg(400, 100)),
        ])->assertOk();
        $logo = StoredCard::query()->findOrFail($this->card->id)->document()->piece('p10');
        $this->assertSame([120, 0.25], [$logo->fields['width'], $logo->fields['ratio']]);
        $this->get("/cards/{$this->card->id}/sheet")->assertSee('width="120" height="30"', false);
    }

    public function test_an_edit_that_changes_nothing_leaves_redo_where_it_was(): void
    {
        $this->send('/pieces/p3', ['fields' => ['text' => 'Planting lead']]);
        $this->send('/undo')->assertSee('data-redo="1"', false);
        $this->send('/pieces/p3', ['fields' => ['text' => 'Principal designer']])
            ->assertOk()
            ->assertSee('data-redo="1"', false);
        $this->send('/pieces/p3', ['fields' => ['text' => 'Another']])->assertSee('data-redo="0"', false);
    }

    public function test_a_headshot_is_offered_the_height_of_its_text(): void
    {
        $page = $this->get("/cards/{$this->card->id}?piece=p1")->assertSee('px tall, the picture 96.');
        $this->assertSame(
            1,
            preg_match(
                '/name="fields\[size\]" value="(\d+)">\s*<button class="btn-words">/',
                (string) $page->getContent(),
                $best,
            ),
        );
        $this->send('/pieces/p1', ['fields' => ['size' => $best[1] ?? ''], 'whole' => '1', 'open' => 'p1'])->assertOk();
        $this->get("/cards/{$this->card->id}?piece=p1")->assertDontSee('Match them');
    }

    public function test_an_ink_is_typed_as_a_code_and_the_mail_piece_takes_a_known_address_in_one_press(): void
    {
        $card = "/cards/{$this->card->id}";
        $style = fn (string $code) => $this->withHeader('HX-Request', 'true')->post("$card/style", [
            'revision' => StoredCard::query()->findOrFail($this->card->id)->head,
            'style' => ['codes' => ['accent' => $code]],
        ]);
        $style('oklch(0.5 0.1 150)')->assertOk();
        $accent = fn (): string => StoredCard::query()->findOrFail($this->card->id)->document()->style
            ->ink(InkRole::Accent)->hex;
        $mixed = $accent();
        $this->assertMatchesRegularExpression('/^#[0-9a-f]{6}$/', $mixed);
        $style('rgb(1 2 3)')->assertOk();
        $this->assertSame('#010203', $accent());
        $style('greenish')->assertStatus(422);
        $this->assertSame('#010203', $accent());
        $this->post('/brand/lines', ['number' => 1, 'lines' => ['email' => 'hello@quillfern.example']]);
        $this->post('/brand/change', ['number' => 2]);
        $this->get($card)->assertSee('Take the firm’s:')->assertSee('hello@quillfern.example');
    }
}
