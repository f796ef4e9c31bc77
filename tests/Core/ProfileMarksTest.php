<?php

namespace Tests\Core;

use InkyCard\Card\Card;
use InkyCard\Card\CardJson;
use InkyCard\Card\Edit\ChangeLinks;
use InkyCard\Colour\Colour;
use InkyCard\Link\Pictograms;
use InkyCard\Link\ProfileDirectory;
use InkyCard\Link\Trade;
use InkyCard\Picture\Mark;
use InkyCard\Picture\Shape;
use InkyCard\Refusal;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Kinds of profile links, their marks, and what is done to a row of them. */
final class ProfileMarksTest extends TestCase
{
    public function test_every_trade_has_kinds_of_its_own_and_each_says_where_to_find_ones_own(): void
    {
        $kinds = ProfileDirectory::all();
        $this->assertGreaterThanOrEqual(260, count($kinds));
        $counts = array_count_values(array_merge(...array_column(array_values($kinds), 'trades')));
        $this->assertEqualsCanonicalizing(array_column(Trade::cases(), 'value'), array_keys($counts));
        $this->assertGreaterThanOrEqual(8, min([99, ...array_values($counts)]));
        foreach ($kinds as $key => $kind) {
            $this->assertSame($kind['hosts'] !== [], ProfileDirectory::find($key) !== '', $key);
            $this->assertNotFalse(preg_match("\x01{$kind['path']}\x01u", '/'), $key);
        }
    }

    /** At 20 px, as a list or a small card shows them; how unlike two are is counted in pixels. */
    public function test_no_two_kinds_of_a_trade_look_alike(): void
    {
        $kinds = array_values(ProfileDirectory::all());
        $looks = self::drawn(array_column($kinds, 'mark'));
        $alike = [];
        foreach (Trade::cases() as $trade) {
            $of = array_keys(array_filter($kinds, fn (array $kind) => in_array($trade->value, $kind['trades'], true)));
            foreach ($of as $at => $one) {
                foreach (array_slice($of, $at + 1) as $other) {
                    $differ = (int) round(array_sum(array_map(
                        fn (int $a, int $b) => abs($a - $b) / 255, $looks[$one], $looks[$other],
                    )));
                    if ($differ < 9) {
                        $alike[] = "$differ $trade->value: {$kinds[$one]['label']} and {$kinds[$other]['label']}";
                    }
                }
            }
        }
        $this->assertSame([], $alike);
    }

    /**
     * @param  list<string>  $marks
     * @return list<list<int>> lightness of 20 x 20 pixels each
     */
    private static function drawn(array $marks): array
    {
        $svg = '';
        foreach ($marks as $at => $mark) {
            $one = new Mark($mark, Shape::Round, 20, Colour::hex('#000000'), Colour::hex('#ffffff'));
            $svg .= $one->svg((string) file_get_contents(__DIR__."/../../public/marks/$mark.svg"), $at * 40);
        }
        $file = (string) tempnam(sys_get_temp_dir(), 'marks');
        file_put_contents($file, '<svg xmlns="http://www.w3.org/2000/svg" width="'.(count($marks) * 40)
            ."\" height=\"40\">$svg</svg>");
        exec('rsvg-convert -u -w '.(count($marks) * 20).' -h 20 '.escapeshellarg($file).' -o '
            .escapeshellarg("$file.png"));
        $image = imagecreatefrompng("$file.png") ?: self::fail('nothing was drawn');
        array_map(unlink(...), [$file, "$file.png"]);

        return array_map(function (int $at) use ($image): array {
            $pixels = [];
            for ($i = 0; $i < 400; $i++) {
                $pixels[] = (int) imagecolorat($image, $at * 20 + $i % 20, intdiv($i, 20)) >> 8 & 255;
            }

            return $pixels;
        }, array_keys($marks));
    }

    public function test_a_row_of_links_is_made_in_steps(): void
    {
        $card = self::card();
        $do = function (ChangeLinks $edit) use (&$card): array {
            $card = CardJson::decode(CardJson::encode($edit->apply($card)));

            return $card->piece('p')->lines('links');
        };
        $all = $do(ChangeLinks::add('p', "tiktok quillfern\nhttps://www.instagram.com/quillfern/?igsh=1\n"
            .'Work: quillfern.example/work'));
        $this->assertCount(4, $all);
        $this->assertCount(4, $do(ChangeLinks::add('p', 'instagram.com/quillfern')), 'known already');
        $this->assertSame([$all[3], $all[0], $all[1], $all[2]], $do(ChangeLinks::place('p', $all[3], 0)));
        $this->assertSame([$all[0], $all[3], $all[1], $all[2]], $do(ChangeLinks::move('p', $all[0], -1)));
        $this->assertSame($all[0], $do(ChangeLinks::move('p', $all[0], -1))[0], 'no further up');
        $do(ChangeLinks::mark('p', $all[3], 'flower1'));
        $named = $do(ChangeLinks::name('p', $all[3], 'Gardens'));
        $this->assertContains('Gardens: https://quillfern.example/work', $named);
        $named = $card->piece('p')->kind->profiles($card->piece('p'))[1];
        $this->assertSame(['Gardens', 'flower1'], [$named->label, $named->mark], 'a new name keeps the mark');
        $do(ChangeLinks::remove('p', 'Gardens: https://quillfern.example/work'));
        $this->assertSame([], $card->piece('p')->pairs('marks'), 'a link takes its mark along');
    }

    /** @return iterable<string, array{ChangeLinks, string}> */
    public static function impossible(): iterable
    {
        $line = 'https://www.linkedin.com/in/maren';
        yield 'a line that is gone' => [ChangeLinks::remove('p', 'https://gone.example'), 'no longer in the row'];
        yield 'another piece' => [ChangeLinks::remove('n', $line), 'shows no profiles'];
        yield 'no address' => [ChangeLinks::add('p', 'hello there'), 'profile address'];
        yield 'nothing' => [ChangeLinks::add('p', null), 'text'];
        yield 'a mark that is none' => [ChangeLinks::mark('p', $line, '../../etc'), 'pictograms or a picture'];
        yield 'a mark from elsewhere' => [ChangeLinks::mark('p', $line, 'https://a.example/b.png'), 'pictograms or a'];
        yield 'a name with a colon' => [ChangeLinks::name('p', $line, 'a: b'), 'no colon'];
        yield 'too many' => [ChangeLinks::add('p', implode("\n", array_map(
            fn (int $n) => "https://a$n.example/x", range(1, 24),
        ))), 'room for 24'];
    }

    #[DataProvider('impossible')]
    public function test_what_cannot_be_done_is_said(ChangeLinks $edit, string $says): void
    {
        $this->expectException(Refusal::class);
        $this->expectExceptionMessageMatches('/'.preg_quote($says, '/').'/');
        $edit->apply(self::card());
    }

    public function test_pictograms_are_there_to_be_baked(): void
    {
        foreach (array_merge(...array_values(Pictograms::all())) as $name) {
            $this->assertFileExists(__DIR__."/../../public/marks/$name.svg");
        }
    }

    private static function card(): Card
    {
        return CardJson::read(['format' => CardJson::FORMAT, 'name' => 'A card', 'pieces' => [
            ['id' => 'n', 'kind' => 'name', 'fields' => ['text' => 'Maren']],
            ['id' => 'p', 'kind' => 'profiles', 'fields' => ['links' => ['linkedin.com/in/maren']]],
        ]]);
    }
}
