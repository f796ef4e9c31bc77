<?php

namespace Tests\Core;

use InkyCard\Card\Card;
use InkyCard\Card\CardJson;
use InkyCard\Card\Edit\TimePiece;
use InkyCard\Compose\HtmlComposer;
use InkyCard\Compose\PlainTextComposer;
use InkyCard\Handover\Destination;
use InkyCard\Handover\FrozenPictures;
use InkyCard\Handover\RightUntil;
use InkyCard\Layout\Sheet;
use InkyCard\Refusal;
use InkyCard\Time\Day;
use InkyCard\Time\Window;
use InkyCard\Verification\ExpectedCard;
use InkyCard\Verification\ReceivedMessage;
use InkyCard\Verification\Verifier;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Pieces that are on a card on some days alone (need O03). */
final class DatedPieceTest extends TestCase
{
    private static function day(string $iso): Day
    {
        return Day::parse($iso);
    }

    private static function dated(string $id, ?string $from, ?string $until, ?Card $card = null): Card
    {
        return (new TimePiece($id, Window::parse($from, $until)))->apply($card ?? Samples::card());
    }

    private static function text(Card $card, string $day): string
    {
        return PlainTextComposer::compose(Sheet::of($card->on(self::day($day))));
    }

    public function test_what_is_said_holds_on_every_day_until_the_day_that_is_named(): void
    {
        for ($seed = 1; $seed <= 60; $seed++) {
            mt_srand($seed);
            $card = Samples::card();
            $start = self::day('2027-02-20');
            foreach (['p3', 'p5', 'p9'] as $id) {
                $from = mt_rand(0, 2) === 0 ? null : $start->plus(mt_rand(0, 12));
                $until = mt_rand(0, 2) === 0 ? null : ($from ?? $start)->plus(mt_rand(0, 8));
                $card = self::dated($id, $from?->iso, $until?->iso, $card);
            }
            $this->assertSame(CardJson::encode($card), CardJson::encode(CardJson::decode(CardJson::encode($card))));
            $last = $card->rightUntil($start);
            for ($day = $start; $day->until($start->plus(30)) > 0; $day = $day->plus(1)) {
                if ($last !== null && $last->isBefore($day)) {
                    $this->assertNotSame(
                        self::text($card, $day->plus(-1)->iso), self::text($card, $day->iso), "$seed {$day->iso}",
                    );
                    $this->assertNotSame([], $card->changingOn($day));
                    $last = $card->rightUntil($day);
                } elseif ($day != $start) {
                    $this->assertSame(self::text($card, $day->plus(-1)->iso), self::text($card, $day->iso));
                    $this->assertSame([], $card->changingOn($day), "$seed {$day->iso}");
                }
            }
            $this->assertNull($last, "$seed: nothing is announced that does not come");
        }
    }

    public function test_a_piece_comes_and_goes_with_all_it_says_and_its_row_says_why(): void
    {
        $card = self::dated('p9', '2027-03-01', '2027-03-14');
        $days = ['2027-02-28' => false, '2027-03-01' => true, '2027-03-14' => true, '2027-03-15' => false];
        foreach ($days as $day => $there) {
            $this->assertSame($there, str_contains(self::text($card, $day), 'Book a visit'), $day);
            $html = (new HtmlComposer(Samples::pictures()))->compose(Sheet::of($card->on(self::day($day))));
            $this->assertSame($there, str_contains($html, 'quillfern.example/book'), $day);
        }
        $says = fn (string $day): string => $card->on(self::day($day))->absence($card->piece('p9'));
        $this->assertSame('Not on the card yet: its first day is 1 March 2027.', $says('2027-02-01'));
        $this->assertSame('', $says('2027-03-02'));
        $this->assertSame('No longer on the card: its last day was 14 March 2027.', $says('2027-03-20'));
        $this->assertSame(
            'Right until 14 March 2027. On 15 March 2027 the call to action comes off: hand the card over again '
                .'then.',
            RightUntil::says($card, self::day('2027-03-05')),
        );
        $before = RightUntil::says($card, self::day('2027-02-05'));
        $this->assertStringContainsString('the call to action comes on', $before);
        $this->assertSame('', RightUntil::says($card, self::day('2027-04-05')));
    }

    public function test_an_offer_ends_with_its_own_last_day_whatever_its_window_says(): void
    {
        $card = Samples::card(['pieces' => [
            ['id' => 'p1', 'kind' => 'name', 'fields' => ['text' => 'Maren Oakhollow']],
            ['id' => 'p2', 'kind' => 'offer', 'window' => ['from' => '2027-03-01', 'until' => '2027-05-01'],
                'fields' => ['words' => 'A plan', 'address' => 'quillfern.example/plan', 'ends' => '2027-03-31']],
        ]]);
        $this->assertSame('2027-03-31', $card->rightUntil(self::day('2027-03-10'))?->iso);
        $this->assertStringNotContainsString('A plan', self::text($card, '2027-04-01'));
        $this->assertStringContainsString('A plan', self::text($card, '2027-03-31'));
    }

    /** @return iterable<string, array{mixed, string}> window, where it is refused */
    public static function wrong(): iterable
    {
        yield 'last before first' => [['from' => '2027-03-14', 'until' => '2027-03-13'], '/pieces/0/window/until'];
        yield 'no day' => [['from' => '2027-02-30'], '/pieces/0/window/from'];
        yield 'a number' => [['until' => 20270301], '/pieces/0/window/until'];
        yield 'no object' => ['2027-03-01', '/pieces/0/window'];
    }

    #[DataProvider('wrong')]
    public function test_days_that_are_none_are_refused_where_they_stand(mixed $window, string $where): void
    {
        try {
            Samples::card(['pieces' => [
                ['id' => 'p1', 'kind' => 'name', 'fields' => ['text' => 'Maren'], 'window' => $window],
            ]]);
            $this->fail('It was taken.');
        } catch (Refusal $refusal) {
            $this->assertSame($where, $refusal->path);
        }
    }

    public function test_a_message_with_what_is_over_is_told_from_the_card_as_it_is(): void
    {
        $card = self::dated('p9', null, '2027-03-14');
        $expected = fn (string $day, ?string $until = null): ExpectedCard => ExpectedCard::card(
            3, $card->on(self::day($day)), Samples::pictures(), until: $until === null ? null : self::day($until),
        );
        $then = $expected('2027-03-10', '2027-03-14');
        $old = Verifier::verify($expected('2027-03-20'), [$then], ReceivedMessage::of($then->html, '', ''));
        $this->assertSame('old', $old->verdict);
        $this->assertStringContainsString('right until 14 March 2027', implode(' ', $old->says()));
        $now = $expected('2027-03-20');
        $verified = Verifier::verify($now, [$then], ReceivedMessage::of($now->html, '', ''));
        $this->assertSame('verified', $verified->verdict);
    }

    public function test_a_place_whose_picture_travels_says_when_that_ends(): void
    {
        $card = Samples::card(['pieces' => [['id' => 'p1', 'kind' => 'place']]]);
        $says = fn (string $to): string => FrozenPictures::says(
            $card, Destination::of($to), false, self::day('2027-03-01'), self::day('2027-03-14'),
        );
        $this->assertStringContainsString('also after 14 March 2027', $says('message'));
        $this->assertSame('', $says('campaign'));
    }
}
