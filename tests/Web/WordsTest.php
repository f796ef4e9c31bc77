<?php

namespace Tests\Web;

use App\Words\Catalogue;
use App\Words\Locality;
use App\Words\Moments;
use App\Words\PhpWords;
use App\Words\PseudoLanguage;
use App\Words\ScriptWords;
use App\Words\TemplateWords;
use App\Words\Words;
use Illuminate\Support\Facades\App;
use Illuminate\Support\Facades\Blade;
use Illuminate\Support\Facades\File;
use Illuminate\Support\Number;
use Illuminate\Support\ViewErrorBag;
use InkyCard\Refusal;
use InkyCard\Said;
use PHPUnit\Framework\Attributes\DataProvider;

/** Words are found where they stand, listed in the language file, and said in the language of who reads them. */
final class WordsTest extends WebTestCase
{
    protected function setUp(): void
    {
        parent::setUp();
        $compiled = sys_get_temp_dir().'/inky-words-'.getmypid();
        File::ensureDirectoryExists($compiled);
        $this->beforeApplicationDestroyed(fn () => File::deleteDirectory($compiled));
        config(['inky.pseudo' => true, 'view.compiled' => $compiled]);
    }

    public function test_the_language_file_lists_all_words(): void
    {
        $this->assertSame(
            Catalogue::json(), File::get(Words::file(Words::SOURCE)), 'bring it up to date: php artisan inky:words',
        );
    }

    /** @return iterable<string, array{string, list<string>, string}> template, its messages, what it becomes */
    public static function templates(): iterable
    {
        yield 'a sentence' => ['<p>Kept  for
            good.</p>', ['Kept for good.'], '<p>[Kept for good.]</p>'];
        yield 'what is echoed' => ['<p>Kept until {{ $day }}: go on</p>', ['Kept until :1: go on'],
            '<p>[Kept until {{ $day }}: go on]</p>'];
        yield 'what is marked up' => ['<p><b>{{ $n }}</b> of <a href="/x">all</a></p>', ['<1>:1</1> of <2>all</2>'],
            '<p>[<b>{{ $n }}</b> of <a href="/x">all</a>]</p>'];
        yield 'marks around it' => ['<h1><span class="x">Cards</span></h1>', ['Cards'],
            '<h1><span class="x">[Cards]</span></h1>'];
        yield 'beside one another' => ['<p><a>Copy</a> <a>Take</a></p>', ['Copy', 'Take'],
            '<p><a>[Copy]</a> <a>[Take]</a></p>'];
        yield 'choices in an echo' => ['{{ $a ? \'One\' : "Two $b" }}', ['One', 'Two :1'],
            '{{ $a ? (\'[One]\') : (\'[Two \'.($b).\']\') }}'];
        yield 'attributes' => ['<input placeholder="Find {{ $what }}" name="find">', ['Find :1'],
            '<input placeholder="[Find {{ $what }}]" name="find">'];
        yield 'attributes of ours' => ['<x-typed label="Web address" :help="\'As \'.$it" name="web" />',
            ['Web address', 'As :1'], '<x-typed label="[Web address]" :help="(\'[As \'.($it).\']\')" name="web" />'];
        yield 'directives' => ['@if ($a > 1)Two @else One @endif', ['Two', 'One'],
            '@if ($a > 1)[Two] @else [One] @endif'];
        yield 'signs of templates' => ['<p>Fish &amp; chips</p>', ['Fish & chips'], '<p>[Fish &amp; chips]</p>'];
        foreach (['<script>say("It")</script>', '<p translate="no">Inky Card</p>', '{{-- No word --}}', '@csrf',
            '<a href="{{ route(\'some page\') }}" class="{{ $a ? \'is on\' : \'\' }}">{{ $name }}</a>', '<b>12</b>, 3',
            '@include(\'cards.in-use\', [\'use\' => 1])', '{{ $a === \'some thing\' ? $b : $c }}'] as $none) {
            yield $none => [$none, [], $none];
        }
    }

    /** @param  list<string>  $messages */
    #[DataProvider('templates')]
    public function test_words_of_a_template(string $template, array $messages, string $rewritten): void
    {
        $this->assertSame($messages, TemplateWords::of($template));
        $this->assertSame($rewritten, TemplateWords::rewritten($template, fn (string $said) => "[$said]"));
        // Said as it stands, it is the same page.
        $same = fn (string $html) => preg_replace('/\s+/', ' ', Blade::render($html, [
            'a' => 2, 'b' => 3, 'c' => 4, 'n' => 5, 'day' => 'May', 'what' => 'it', 'name' => 'x',
        ]));
        if (! preg_match('/x-typed|include|route|csrf/', $template)) {
            $this->assertSame($same($template), $same(TemplateWords::rewritten($template, fn (string $said) => $said)));
        }
    }

    public function test_another_language_may_put_the_parts_in_another_order(): void
    {
        $turned = fn (string $message) => ['<1>:1</1> of :2' => ':2 & <1>@:1</1>'][$message] ?? $message;
        $this->assertSame(
            '<p>{{ $all }} &amp; <b>&#64;{{ $n }}</b></p>',
            TemplateWords::rewritten('<p><b>{{ $n }}</b> of {{ $all }}</p>', $turned),
        );
    }

    public function test_a_language_file_says_words_and_runs_nothing(): void
    {
        $evil = fn (): string => '{{ 6 * 7 }}{!! 6 * 7 !!}<?php echo 6 * 7; ?>@php(print 6 * 7)"\'<b>';
        foreach (['<p>Kept</p>', '<p title="Kept">{{ $a ? "Kept" : "x" }}</p>',
            '<x-typed name="x" label="Kept" :help="\'Kept\'" />'] as $template) {
            view()->share('errors', new ViewErrorBag);
            $html = Blade::render(TemplateWords::rewritten($template, $evil), ['a' => 1]);
            $this->assertStringNotContainsString('42', $html);
            $this->assertStringNotContainsString('<b>', $html);
        }
    }

    public function test_every_template_compiles_in_other_languages(): void
    {
        foreach ([PseudoLanguage::LONGER, PseudoLanguage::TURNED] as $language) {
            App::setLocale($language);
            foreach (File::allFiles(resource_path('views')) as $file) {
                token_get_all(Blade::compileString($file->getContents()), TOKEN_PARSE);
            }
        }
        $this->assertGreaterThan(150, count(File::allFiles(resource_path('views'))));
    }

    public function test_words_in_code_and_scripts(): void
    {
        $this->assertSame(['Kept.', ':count card|:count cards', 'No :what.', 'A', 'x: :y'], PhpWords::named(
            '<?php __("Kept."); trans_choice(\':count card\'.\'|:count cards\', 2); '
                .'Refusal::because("No :what.", "", [1]); Words::of("A"); Said::of("x: :y"); other("B"); __($c);',
        ));
        $script = "words('It is'); words('it\\'s', { n }); say('x'); swords('y')";
        $this->assertSame(['It is', "it's"], ScriptWords::of($script));
    }

    public function test_refusals_and_sentences_with_values_are_said_in_the_language_of_the_page(): void
    {
        $refusal = Refusal::because('There is room for :max links here.', '/links', ['max' => 9]);
        $this->assertSame('There is room for 9 links here.', $refusal->getMessage());
        $this->assertSame($refusal->getMessage(), Words::of($refusal));
        App::setLocale(PseudoLanguage::LONGER);
        $this->assertStringStartsWith('⟦Ţĥéŕé îš ŕööɱ ƒöŕ 9', Words::of($refusal));
        $this->assertStringStartsWith('⟦Ţĥéŕé', __($refusal->said));
        $within = Said::of(':pieces calls open :short.', ['pieces' => Said::of('Cards'), 'short' => 'a.example']);
        $this->assertSame('Cards calls open a.example.', (string) $within);
        $this->assertStringContainsString('⟦Çåŕđš öñ⟧', Words::of($within));
        // What somebody typed is no word of ours, whatever it says.
        $this->assertStringContainsString(' Cards.', Words::of(Said::of(':pieces calls open :short.', [
            'pieces' => 'x', 'short' => 'Cards',
        ])));
        $this->assertSame('What stands in no file', __('What stands in no file'));
        $counted = fn (int $count) => trans_choice(':count card|:count cards', $count);
        $this->assertSame(['⟦1 çåŕđ', '⟦2 çåŕđš'], [
            mb_substr($counted(1), 0, 7), mb_substr($counted(2), 0, 8),
        ]);
    }

    /** @return iterable<string, array{string, string, string, string}> region, zone, a moment, a number */
    public static function places(): iterable
    {
        yield 'Britain in summer' => ['en-GB', 'Europe/London', '14 Jul 2026, 10:05', '1,234.5'];
        yield 'New York' => ['en-US', 'America/New_York', 'Jul 14, 2026, 5:05 AM', '1,234.5'];
        yield 'Germany' => ['de-DE', 'Europe/Berlin', '14. Juli 2026, 11:05', '1.234,5'];
        yield 'Japan' => ['ja-JP', 'Asia/Tokyo', '2026年7月14日 18:05', '1,234.5'];
    }

    #[DataProvider('places')]
    public function test_days_and_numbers_as_where_their_reader_is(
        string $region, string $zone, string $moment, string $number,
    ): void {
        $this->maren->forceFill(['region' => $region, 'zone' => $zone])->save();
        $this->get('/account')->assertSee("data-region=\"$region\"", false)->assertSee("data-zone=\"$zone\"", false);
        $this->assertSame($moment, str_replace("\u{202F}", ' ', Moments::at('2026-07-14 09:05:00')));
        $this->assertSame($number, Number::format(1234.5, 1));
        // A day is the same day everywhere.
        $this->assertStringContainsString('14', Moments::day('2026-07-14'));
    }

    public function test_a_member_chooses_what_pages_are_in(): void
    {
        $this->get('/cards')->assertSee('<html lang="en" dir="ltr"', false)->assertSee('Start a card');
        $chosen = ['language' => PseudoLanguage::TURNED, 'region' => 'fr-CA', 'zone' => ''];
        $this->post('/account/language', ['zone' => 'Nowhere'] + $chosen)->assertSessionHasErrors('zone');
        $this->post('/account/language', $chosen)->assertSessionHasNoErrors();
        $this->actingAs($this->maren->fresh() ?? $this->maren);
        $this->get('/cards')->assertSee('<html lang="en-x-turned" dir="rtl" data-region="fr-CA"', false)
            ->assertDontSee('Start a card')->assertSee('id="words"', false);
        $this->post('/account/language', ['language' => 'xx', 'region' => 'zz', 'zone' => 'Asia/Tokyo']);
        $this->assertSame(['', '', 'Asia/Tokyo'], [
            $this->maren->refresh()->language, $this->maren->region, $this->maren->zone,
        ]);
    }

    public function test_what_a_browser_asks_for_is_looked_for_among_ours(): void
    {
        $this->assertSame('en', Words::suiting(['de_AT', 'fr']));
        $this->assertSame('en', Words::suiting(['en-AU']));
        $this->assertSame('en', Words::suiting([]));
        $this->assertSame('en-US', Locality::of(request(), null, null)->region, 'what a browser of there asks for');
        $this->assertSame(['rtl', 'ltr'], [(new Locality('he'))->direction(), (new Locality('de'))->direction()]);
    }
}
