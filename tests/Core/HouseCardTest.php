<?php

namespace Tests\Core;

use InkyCard\Card\Card;
use InkyCard\Card\CardJson;
use InkyCard\Card\FilledBy;
use InkyCard\Compose\HtmlComposer;
use InkyCard\Compose\Plate;
use InkyCard\House\HouseCard;
use InkyCard\House\Own;
use InkyCard\Layout\Sheet;
use InkyCard\Refusal;
use InkyCard\Roster\Profile;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** A card a group follows, and each person's of it. */
final class HouseCardTest extends TestCase
{
    private const MAREN = [
        'name' => 'Maren Oakhollow', 'role' => 'Principal', 'addresses' => ['maren@quillfern.example'],
        'mobile' => '+44 1632 960147', 'office' => '+44 1632 960100', 'licence' => 'GD-20417', 'pronouns' => 'she/her',
        'profiles' => ['https://github.com/maren-oakhollow'], 'hand' => 'sample:hand', 'portrait' => 'sample:portrait',
    ];

    public function test_a_plate_makes_everybodys_card_as_composing_it_alone_does(): void
    {
        foreach (range(1, 150) as $seed) {
            mt_srand($seed);
            $document = Samples::document($seed);
            foreach ($document['pieces'] as $index => $piece) {
                $document['pieces'][$index]['filledBy'] = FilledBy::cases()[mt_rand(0, 3)]->value;
            }
            $house = HouseCard::of(CardJson::read($document));
            $plate = Plate::of($house->card, Samples::pictures());
            foreach (range(1, 6) as $other) {
                $profile = self::somebody($seed * 10 + $other);
                $own = self::own($house, CardJson::read(Samples::document($seed + 1000 + $other)));
                $this->assertSame(
                    (new HtmlComposer(Samples::pictures()))->compose(Sheet::of($house->cardFor($profile, $own))),
                    $plate->stamp($house->holder("$other", $profile, $own)), "card $seed, person $other",
                );
            }
        }
    }

    public function test_what_the_firm_fills_in_speaks_of_its_holder_too(): void
    {
        $house = HouseCard::of(CardJson::read(['format' => 'inky-card/1', 'name' => 'House', 'pieces' => [
            ['id' => 'n', 'kind' => 'name', 'fields' => ['text' => 'Somebody'], 'filledBy' => 'must'],
            ['id' => 'h', 'kind' => 'headshot', 'fields' => ['picture' => 'sample:portrait'], 'filledBy' => 'us'],
            ['id' => 'c', 'kind' => 'closing', 'fields' => ['picture' => 'sample:hand'], 'filledBy' => 'us'],
        ]]));
        $plate = Plate::of($house->card, Samples::pictures());
        foreach (['Ada Reed', 'Ida Wren'] as $name) {
            $html = $plate->stamp($house->holder('1', Profile::of(['name' => $name], 'GB'), Own::nothing()));
            $this->assertStringContainsString("alt=\"Portrait of $name\"", $html);
            $this->assertStringContainsString("alt=\"$name\"", $html);
        }
    }

    /** @return iterable<string, array{array<string, mixed>, string, list<string>}> */
    public static function pieces(): iterable
    {
        $is = fn (string $kind, array $fields, string $by): array => [
            'id' => 'p', 'kind' => $kind, 'fields' => $fields, 'filledBy' => $by,
        ];
        yield 'locked' => [$is('role', ['text' => 'Gardener'], 'us'), 'Gardener', []];
        yield 'a blank, known' => [$is('role', ['text' => 'Gardener'], 'person'), 'Principal', []];
        yield 'a blank, not known' => [$is('department', ['text' => 'Office'], 'person'), '', []];
        yield 'a blank that must be filled' => [$is('department', ['text' => 'Office'], 'must'), '', ['p']];
        yield 'free' => [$is('role', ['text' => 'Gardener'], 'free'), 'Gardener', []];
        yield 'of two numbers the mobile' => [
            $is('phone', ['number' => '+44 1632 960999', 'sort' => 'mobile'], 'must'), '+44 1632 960147', [],
        ];
        yield 'a number without a label' => [$is('phone', ['number' => ''], 'person'), '+44 1632 960147', []];
        yield 'a direct one is not known' => [$is('phone', ['number' => '', 'sort' => 'direct'], 'must'), '', ['p']];
        yield 'the firm’s address' => [
            $is('email', ['address' => 'hello@quillfern.example'], 'us'), 'hello@quillfern.example', [],
        ];
        yield 'their own address' => [
            $is('email', ['address' => 'hello@quillfern.example'], 'person'), 'maren@quillfern.example', [],
        ];
        yield 'what no profile knows' => [
            $is('button', ['text' => 'Book a visit', 'address' => 'https://quillfern.example/book'], 'must'), '', ['p'],
        ];
        yield 'a closing keeps its phrase' => [$is('closing', ['phrase' => 'Warmly,'], 'person'), 'Warmly,', []];
        yield 'profile links' => [
            $is('profiles', ['links' => ['https://quillfern.example/studio']], 'must'), 'GitHub', [],
        ];
        yield 'a licence' => [$is('licence', ['text' => ''], 'must'), 'GD-20417', []];
    }

    /**
     * @param  array<string, mixed>  $piece
     * @param  list<string>  $lacking
     */
    #[DataProvider('pieces')]
    public function test_what_stands_on_a_card(array $piece, string $says, array $lacking): void
    {
        $house = HouseCard::of(self::card($piece));
        $maren = Profile::of(self::MAREN, 'GB');
        $this->assertSame($says, $house->cardFor($maren, Own::nothing())->piece('p')->summary());
        $this->assertSame($lacking, array_column($house->lacking($maren, Own::nothing()), 'id'));
    }

    public function test_a_number_is_written_as_the_house_card_writes_numbers(): void
    {
        $house = HouseCard::of(self::card(['id' => 'p', 'kind' => 'phone', 'filledBy' => 'person', 'fields' => [
            'number' => '+44 1632 960999', 'sort' => 'mobile', 'form' => 'national',
        ]]));
        $piece = $house->cardFor(Profile::of(self::MAREN, 'GB'), Own::nothing())->piece('p');
        $this->assertSame(['01632 960147', 'mobile'], [$piece->text('national'), $piece->text('sort')]);
        // What follows from a number of their own is of that, though the house's says the same.
        $own = Own::nothing()->filling($house->card, 'p', ['number' => '+44 1632 960999']);
        $this->assertSame('01632 960999', $house->cardFor(Profile::of(self::MAREN, 'GB'), $own)->piece('p')
            ->text('national'));
    }

    public function test_somebodys_own_words_go_before_and_can_be_taken_back(): void
    {
        $card = CardJson::read(['format' => 'inky-card/1', 'name' => 'House', 'country' => 'GB', 'pieces' => [
            ['id' => 'a', 'kind' => 'role', 'fields' => ['text' => 'Gardener'], 'filledBy' => 'free'],
            ['id' => 'b', 'kind' => 'role', 'fields' => [], 'filledBy' => 'person'],
            ['id' => 'c', 'kind' => 'company', 'fields' => ['text' => 'Quillfern'], 'filledBy' => 'us'],
            ['id' => 'd', 'kind' => 'tagline', 'fields' => ['text' => 'Not yet'], 'shown' => false],
        ]]);
        $maren = Profile::of(self::MAREN, 'GB');
        $own = Own::nothing()->filling($card, 'a', ['text' => 'Rosarian'])->filling($card, 'b', ['text' => 'Head']);
        $card2 = HouseCard::of($card)->cardFor($maren, $own);
        $this->assertSame(['Rosarian', 'Head'], [$card2->piece('a')->summary(), $card2->piece('b')->summary()]);
        $hidden = $own->showing($card, 'a', false);
        $this->assertFalse(HouseCard::of($card)->cardFor($maren, $hidden)->piece('a')->shown);
        $kept = Own::restore((array) json_decode((string) json_encode($hidden->toArray()), true), $card);
        $this->assertEquals($hidden, $kept);
        $this->assertSame('Principal', HouseCard::of($card)->cardFor($maren, $own->without('b'))->piece('b')
            ->summary());
        // What the firm locks later is the firm's.
        $locked = $card->replacing($card->piece('a')->with(['filledBy' => FilledBy::Us]));
        $this->assertSame(['b'], array_keys(Own::restore(['fields' => $own->fields, 'hidden' => ['a']], $locked)
            ->fields));
        foreach (['c', 'd', 'nowhere'] as $closed) {
            foreach (['filling' => [['text' => 'Mine']], 'showing' => [false]] as $do => $with) {
                try {
                    $own->$do($card, $closed, ...$with);
                    $this->fail("$do $closed");
                } catch (Refusal $refusal) {
                    $this->assertMatchesRegularExpression('/everybody|no longer on/', $refusal->getMessage());
                }
            }
        }
        $this->expectExceptionMessage('leaving it empty');
        $own->showing($card, 'b', false);
    }

    public function test_an_own_value_changes_no_look(): void
    {
        $card = self::card(['id' => 'p', 'kind' => 'headshot', 'filledBy' => 'person', 'fields' => [
            'picture' => 'sample:portrait', 'shape' => 'round', 'size' => 96,
        ]]);
        $own = Own::nothing()->filling($card, 'p', ['alt' => 'Me', 'shape' => 'square', 'size' => 160, 'x' => 'y']);
        $piece = HouseCard::of($card)->cardFor(Profile::of(self::MAREN, 'GB'), $own)->piece('p');
        $this->assertSame(['Me', 'round', '96'], [$piece->text('alt'), $piece->text('shape'), $piece->text('size')]);
        $this->expectException(Refusal::class);
        Own::nothing()->filling($card, 'p', ['picture' => 'javascript:1']);
    }

    /** @param  array<string, mixed>  $piece */
    private static function card(array $piece): Card
    {
        return CardJson::read(['format' => 'inky-card/1', 'name' => 'House', 'country' => 'GB', 'pieces' => [$piece]]);
    }

    private static function somebody(int $seed): Profile
    {
        mt_srand($seed);
        $all = self::MAREN + [
            'department' => 'Design < & more', 'credentials' => 'MSc 2019', 'direct' => '+44 1632 960111',
        ];
        $facts = array_filter($all, fn (): bool => mt_rand(0, 2) > 0);

        return Profile::of($facts + ['name' => "Ida\u{2019}s & Co. $seed < 3"], 'GB');
    }

    /** Something of another card for some of what is open. */
    private static function own(HouseCard $house, Card $other): Own
    {
        $own = Own::nothing();
        foreach ($house->open() as $piece) {
            foreach ($other->pieces as $theirs) {
                if ($theirs->kind === $piece->kind && mt_rand(0, 1) === 1) {
                    $own = $own->filling($house->card, $piece->id, $theirs->fields);
                }
            }
            if ($piece->filledBy === FilledBy::Free && $piece->kind->fields()[0]->says() && mt_rand(0, 3) === 0) {
                $own = $own->showing($house->card, $piece->id, false);
            }
        }

        return $own;
    }
}
