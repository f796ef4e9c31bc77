<?php

namespace Tests\Core;

use InkyCard\Refusal;
use InkyCard\Rollout\Progress;
use InkyCard\Rollout\Reminders;
use InkyCard\Rollout\Step;
use InkyCard\Rollout\Wording;
use InkyCard\Time\Day;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** How far people are, and when they are reminded. */
final class RolloutTest extends TestCase
{
    public function test_a_step_stands_for_those_before_it(): void
    {
        $nobody = new Progress([]);
        $this->assertSame([0, Step::Told, false], [$nobody->last(), $nobody->next(), $nobody->isDone()]);
        // Took it from their page, without ever being seen to fill in.
        $took = new Progress(['asked' => 'x', 'took' => 'y']);
        $this->assertSame([4, Step::Tested, true], [$took->last(), $took->next(), $took->has(Step::Filled)]);
        $all = ['verified' => 'z'];
        $this->assertTrue((new Progress($all))->isDone());
        $redo = new Progress($all, isRefused: true);
        $this->assertSame([5, Step::Verified, false], [$redo->last(), $redo->next(), $redo->isDone()]);
        $this->assertTrue((new Progress([], isExcused: true))->isDone());
    }

    /** @return iterable<string, array{string, int, ?string}> last written to, times reminded, next; Berlin */
    public static function reminders(): iterable
    {
        yield 'three days on' => ['2027-03-01 14:00', 0, '2027-03-04 09:00'];
        yield 'written to at night' => ['2027-03-01 23:30', 0, '2027-03-04 09:00'];
        yield 'not at the weekend' => ['2027-03-03 10:00', 1, '2027-03-08 09:00'];
        yield 'over a clock change' => ['2027-03-26 10:00', 1, '2027-03-29 09:00'];
        yield 'on the day itself' => ['2027-03-30 10:00', 2, '2027-03-31 09:00'];
        yield 'no more after it' => ['2027-03-31 09:00', 2, null];
        yield 'often enough' => ['2027-03-01 10:00', Reminders::MOST, null];
    }

    #[DataProvider('reminders')]
    public function test_who_is_missing_is_reminded_by_day(string $last, int $times, ?string $next): void
    {
        $zone = new \DateTimeZone('Europe/Berlin');
        $reminders = new Reminders(3, Day::parse('2027-03-31'), 'Europe/Berlin');
        $at = $reminders->next((new \DateTimeImmutable($last, $zone))->getTimestamp(), $times);
        $this->assertSame($next, $at === null ? null : (new \DateTimeImmutable("@$at"))->setTimezone($zone)
            ->format('Y-m-d H:i'));
        $this->assertTrue($at === null || $reminders->isOpen($at));
    }

    public function test_nobody_is_written_to_at_night_or_at_the_weekend(): void
    {
        $reminders = new Reminders(1, Day::parse('2027-12-31'), 'Pacific/Auckland');
        for ($hour = 0; $hour < 24 * 366; $hour++) {
            $at = 1_798_750_800 + $hour * 3600;
            $there = (new \DateTimeImmutable("@$at"))->setTimezone(new \DateTimeZone('Pacific/Auckland'));
            $isWork = (int) $there->format('N') < 6 && (int) $there->format('G') >= 9 && (int) $there->format('G') < 17;
            $this->assertSame($isWork, $reminders->isOpen($at), $there->format('D H:i'));
        }
    }

    public function test_messages_fill_their_blanks_and_leave_empty_lines_out(): void
    {
        $wording = Wording::of('[tag]: your card', "Dear [name],\n\n[page]\n\nFilm: [film]\nHelp: [help]", ['page']);
        $this->assertSame(['Spring: your card', "Dear Ada,\n\nhttps://x.example/a\n\nHelp: me@x.example\n"],
            $wording->filled(['tag' => 'Spring', 'name' => 'Ada', 'page' => 'https://x.example/a', 'film' => '',
                'help' => 'me@x.example']));
        foreach ([['', 'x'], ['x', ' '], ['x', '[nane]'], ['x', 'no page'], ['x', str_repeat('a', 5000)],
            ["x\x07", '[page]'], [[], '[page]']] as [$subject, $body]) {
            try {
                Wording::of($subject, $body, ['page']);
                $this->fail(json_encode([$subject, $body]) ?: '');
            } catch (Refusal $refusal) {
                $this->assertContains($refusal->path, ['/subject', '/body']);
            }
        }
    }
}
