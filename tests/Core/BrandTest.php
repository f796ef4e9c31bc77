<?php

namespace Tests\Core;

use InkyCard\Brand\Brand;
use InkyCard\Brand\BrandJson;
use InkyCard\Brand\InkMatrix;
use InkyCard\Card\Arrangement\Arrangement;
use InkyCard\Card\Card;
use InkyCard\Card\CardJson;
use InkyCard\Card\Difference;
use InkyCard\Card\Edit\FillPiece;
use InkyCard\Card\Edit\FollowBrand;
use InkyCard\Card\Edit\MeetRules;
use InkyCard\Card\Edit\Restyle;
use InkyCard\Card\Edit\ShowPiece;
use InkyCard\Card\MissingCompliance;
use InkyCard\Colour\Colour;
use InkyCard\Refusal;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class BrandTest extends TestCase
{
    /** @return iterable<string, array{array<string, mixed>, string}> part => where it is refused */
    public static function bad(): iterable
    {
        yield 'ink' => [['inks' => ['accent' => 'rgba(1,2,3,.5)']], '/inks/accent'];
        yield 'inks' => [['inks' => 'red'], '/inks'];
        yield 'typeface' => [['typeface' => 'papyrus'], '/typeface'];
        yield 'size' => [['sizes' => ['text' => 99]], '/sizes/text'];
        yield 'logo' => [['logos' => ['light' => ['picture' => 'file:///etc/passwd']]], '/logos/light'];
        yield 'logo ratio' => [['logos' => ['light' => ['picture' => 'sample:x', 'ratio' => NAN]]], '/logos/light'];
        yield 'phone' => [['lines' => ['phone' => '12']], '/lines/phone'];
        yield 'web' => [['lines' => ['web' => 'javascript:x']], '/lines/web'];
        yield 'profiles' => [['lines' => ['profiles' => ['data:text/html,x']]], '/lines/profiles'];
        yield 'nameless notice' => [['notices' => [['text' => 'Words']]], '/notices/0/name'];
        yield 'empty notice' => [['notices' => [['name' => 'N']]], '/notices/0/text'];
        yield 'twins' => [
            ['notices' => [['name' => 'N', 'text' => 'a'], ['name' => 'N', 'text' => 'b']]],
            '/notices/1/name',
        ];
        yield 'rule for an unknown notice' => [['rules' => [['trade' => 'T', 'notices' => ['N']]]], '/rules/0/notices'];
        yield 'rule for no name' => [['rules' => [['trade' => 'T', 'notices' => [['N']]]]], '/rules/0/notices'];
        yield 'rule for nothing' => [['rules' => [['trade' => 'T']]], '/rules/0/licence'];
        yield 'country' => [['country' => 'gb'], '/country'];
    }

    /** @param  array<string, mixed>  $document */
    #[DataProvider('bad')]
    public function test_bad_brands_are_refused_where_they_are_bad(array $document, string $path): void
    {
        try {
            Brand::of($document);
            $this->fail('accepted');
        } catch (Refusal $refusal) {
            $this->assertSame($path, $refusal->path);
        }
    }

    public function test_a_brand_document_comes_back_as_it_was_and_keeps_what_it_does_not_know(): void
    {
        $json = BrandJson::encode(self::brand(['later' => ['a' => 1]]));
        $this->assertSame($json, BrandJson::encode(BrandJson::decode($json)));
        $this->assertStringContainsString('"later":{"a":1}', $json);
        $this->expectException(Refusal::class);
        BrandJson::decode('{"format":"inky-card/1"}');
    }

    public function test_cards_follow_what_they_have_of_the_brand_and_keep_what_is_their_own(): void
    {
        $from = self::brand();
        $card = (new Restyle([
            'inks' => ['quiet' => '#444444'] + array_map(fn (Colour $ink) => $ink->hex, $from->inks),
            'typeface' => 'verdana',
        ]))->apply(self::card());
        $to = $from->with([
            'inks' => ['accent' => '#111177', 'quiet' => '#555555'] + $from->toArray()['inks'],
            'lines' => [
                'company' => 'Quillfern & Daughters',
                'profiles' => ['https://www.instagram.com/quillfern', 'Plants: https://quillfern.example/plants'],
            ] + $from->toArray()['lines'],
        ]);
        $edit = new FollowBrand($from, $to);
        $this->assertTrue($edit->touches($card));
        $after = $edit->apply($card);
        $inks = $after->style->toArray()['inks'];
        $this->assertSame(['#111177', '#444444'], [$inks['accent'], $inks['quiet']]);
        $this->assertSame('Quillfern & Daughters', $after->piece('p3')->text('text'));
        // The person's own number is not the firm's, and their own network stays where it was.
        $this->assertSame('+44 1632 960147', $after->piece('p4')->text('number'));
        $this->assertSame(
            [
                'https://www.linkedin.com/in/maren',
                'https://www.instagram.com/quillfern',
                'Plants: https://quillfern.example/plants',
            ],
            $after->piece('p5')->fields['links'],
        );
        $this->assertSame('Brand: accent ink, company, profile links changed', $edit->words($card));
        $this->assertSame([], Difference::between($card, $edit->back()->apply($after)));
        $this->assertFalse($edit->touches($after));
        $this->assertFalse((new FollowBrand($from, $from))->touches($card));
    }

    /**
     * @return iterable<string, array{string, string, string, string}> kind, field, line of the brand, what it becomes
     */
    public static function lines(): iterable
    {
        yield 'company' => ['company', 'text', 'company', 'Quillfern & Daughters'];
        yield 'address' => ['address', 'text', 'address', '9 Fern Lane, Eddersby'];
        yield 'map' => ['address', 'map', 'map', 'https://maps.example/9'];
        yield 'phone' => ['phone', 'number', 'phone', '+44 1632 960999'];
        yield 'mail' => ['email', 'address', 'email', 'hello@quillfern.example'];
        yield 'site' => ['web', 'address', 'web', 'https://new.quillfern.example'];
    }

    #[DataProvider('lines')]
    public function test_every_line_of_the_brand_is_followed_where_a_card_has_it(
        string $kind,
        string $field,
        string $line,
        string $becomes,
    ): void {
        $lines = [
            'company' => 'Quillfern', 'address' => '1 Fern Lane', 'map' => 'https://maps.example/1',
            'phone' => '+44 1632 960001', 'email' => 'studio@quillfern.example', 'web' => 'https://quillfern.example',
        ];
        $from = Brand::of(['lines' => $lines]);
        $to = Brand::of(['lines' => [$line => $becomes] + $lines]);
        $held = fn (string $value): Card => CardJson::read([
            'format' => CardJson::FORMAT, 'name' => 'Follows', 'pieces' => [['id' => 'a', 'kind' => $kind, 'fields' => [
                $field => $value,
            ] + ($kind === 'address' ? ['text' => '1 Fern Lane'] : [])]],
        ]);
        $after = (new FollowBrand($from, $to))->apply($held($lines[$line]))->piece('a');
        $this->assertSame($becomes, $after->text($field));
        $own = $held(str_replace(['0001', 'ern'], ['0002', 'ernhill'], $lines[$line] === 'https://maps.example/1'
            ? 'https://maps.example/own' : $lines[$line]));
        $this->assertSame($own->piece('a')->fields, (new FollowBrand($from, $to))->apply($own)->piece('a')->fields);
    }

    public function test_a_map_left_to_a_search_follows_with_its_address_alone(): void
    {
        $from = Brand::of(['lines' => ['address' => '1 Fern Lane']]);
        $to = Brand::of(['lines' => ['address' => '9 Fern Lane', 'map' => 'https://maps.example/9']]);
        foreach (['1 Fern Lane' => 'https://maps.example/9', '2 Own Road' => ''] as $address => $map) {
            $card = CardJson::read(['format' => CardJson::FORMAT, 'name' => 'Map', 'pieces' => [
                ['id' => 'a', 'kind' => 'address', 'fields' => ['text' => $address]],
            ]]);
            $this->assertSame($map, (new FollowBrand($from, $to))->apply($card)->piece('a')->text('map'));
        }
    }

    public function test_the_matrix_says_what_reads_and_what_would(): void
    {
        $brand = self::brand()->with([
            'inks' => [
                'body' => '#222222', 'accent' => '#f0a080', 'quiet' => '#5a5a5a', 'link' => '#1f5fa8',
                'paper' => '#ffffff',
            ],
        ]);
        $cells = InkMatrix::of($brand);
        $this->assertCount(60, $cells);
        $failing = array_filter($cells, fn (InkMatrix $cell) => $cell->used && ! $cell->reads());
        $this->assertNotEmpty($failing);
        foreach ($failing as $cell) {
            $nearest = $cell->nearest($brand);
            $this->assertNotNull($nearest);
            $mended = $brand->with([
                'inks' => [$cell->yields()->value => $nearest->hex] + $brand->toArray()['inks'],
            ]);
            $this->assertTrue(
                array_values(
                    array_filter(
                        InkMatrix::of($mended),
                        fn (InkMatrix $other) => [$other->page, $other->text, $other->on] === [
                            $cell->page,
                            $cell->text,
                            $cell->on,
                        ],
                    ),
                )[0]->reads(),
            );
        }
        $near = $brand->nearest(Colour::hex('#1f5ea9'));
        $this->assertSame('link', $near['role']->value);
        $this->assertLessThan(0.02, $near['distance']);
    }

    public function test_trade_rules_name_what_a_card_lacks_and_notices_can_be_put_on(): void
    {
        $brand = self::brand();
        $card = self::card();
        $lacks = MissingCompliance::missing($card, $brand);
        $this->assertTrue($lacks?->licence);
        $this->assertSame(['Client notice'], array_column($lacks->notices, 'name'));
        $edit = new MeetRules($brand);
        $met = (new FillPiece('p6', ['text' => 'GD-1']))->apply($edit->apply($card));
        $this->assertNull(MissingCompliance::missing($met, $brand));
        $this->assertFalse($edit->touches($met));
        $this->assertEquals($card->pieces, $edit->back()->apply($edit->apply($card))->pieces);
        // So is one the arrangement has no place for: it comes with one that has, and not a second time.
        $reply = $met->with(['arrangement' => Arrangement::of('reply')]);
        $this->assertSame(
            ['Client notice'],
            array_column(MissingCompliance::missing($reply, $brand)->notices ?? [], 'name'),
        );
        $this->assertNull(MissingCompliance::missing($edit->apply($reply), $brand));
        $this->assertEquals($reply->pieces, $edit->apply($reply)->pieces);
        // Hidden is as good as missing; another role is not bound.
        $this->assertTrue(MissingCompliance::missing((new ShowPiece('p6', false))->apply($met), $brand)?->licence);
        $this->assertNull(
            MissingCompliance::missing((new FillPiece('p2', ['text' => 'Client care']))->apply($card), $brand),
        );
    }

    /** @param  array<string, mixed>  $more */
    private static function brand(array $more = []): Brand
    {
        return Brand::of(
            [
                'lines' => [
                    'company' => 'Quillfern',
                    'phone' => '+44 1632 960100',
                    'profiles' => ['instagram.com/quillfern_old'],
                ],
                'notices' => [
                    [
                        'name' => 'Client notice',
                        'text' => 'For its reader alone.',
                        'documents' => 'Notice: quillfern.example/notice.pdf',
                    ],
                ],
                'rules' => [
                    ['trade' => 'Designers', 'role' => 'DESIGNER', 'licence' => '1', 'notices' => ['Client notice']],
                ],
            ] + $more,
        );
    }

    private static function card(): Card
    {
        $piece = fn (int $n, string $kind, array $fields) => ['id' => "p$n", 'kind' => $kind, 'fields' => $fields];
        $pieces = [
            $piece(2, 'role', ['text' => 'Garden designer']), $piece(3, 'company', ['text' => 'Quillfern']),
            $piece(4, 'phone', ['number' => '+44 1632 960147']),
            $piece(5, 'profiles', ['links' => ['linkedin.com/in/maren', 'instagram.com/quillfern_old']]),
            $piece(6, 'licence', []),
        ];

        return CardJson::read(['format' => CardJson::FORMAT, 'name' => 'Card', 'pieces' => $pieces]);
    }
}
