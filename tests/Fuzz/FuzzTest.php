<?php

namespace Tests\Fuzz;

use App\Tray\MimeMessage;
use InkyCard\Import\ContactSource;
use InkyCard\Import\HtmlSource;
use InkyCard\Import\PageSource;
use InkyCard\Import\SourceKind;
use InkyCard\Import\TextSource;
use InkyCard\Link\CampaignTags;
use InkyCard\Link\MailAddress;
use InkyCard\Link\PhoneNumber;
use InkyCard\Link\ProfileText;
use InkyCard\Link\Target;
use InkyCard\Link\Verdict;
use InkyCard\Link\WebAddress;
use InkyCard\Link\Wrapped;
use InkyCard\MailClient\MailClient;
use InkyCard\MailClient\Reader;
use InkyCard\Markup\OwnMarkup;
use InkyCard\Picture\Intake;
use InkyCard\Picture\PictureRef;
use InkyCard\Refusal;
use InkyCard\Verification\ReceivedMessage;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/**
 * Whatever comes from outside is read or refused with a sentence: in bounded time and memory, linear in its size.
 * FUZZ_EVERY takes every so many of 5,000 shapes; bin/test fuzz takes all.
 */
final class FuzzTest extends TestCase
{
    /** Shapes by sort. */
    private const SHAPES = ['html' => 2600, 'message' => 800, 'contact' => 600, 'address' => 600, 'picture' => 400];

    /** Bytes; one in ten is of the largest. */
    private const SIZES = [2_000_000, 300, 2_000, 5_000, 5_000, 10_000, 20_000, 20_000, 50_000, 200_000];

    /** Seconds and megabytes for one, on a machine that does LOOPS a second. */
    private const SECONDS = 2.0;

    private const MEGABYTES = 96;

    private const LOOPS = 40_000_000;

    /** How much longer twice as much may take, where it takes long enough to be told from chance, seconds. */
    private const GROWS = 3.5;

    private const TOLD = 0.15;

    private static float $seconds;

    public static function setUpBeforeClass(): void
    {
        self::$seconds = self::seconds();
    }

    /** What one may take on this machine as busy as it is now. */
    private static function seconds(): float
    {
        $started = hrtime(true);
        for ($number = 0, $sum = 0; $number < self::LOOPS / 10; $number++) {
            $sum += $number % 7;
        }

        return self::SECONDS * max(1, (hrtime(true) - $started) / 1e8);
    }

    /** @return iterable<string, array{string}> */
    public static function sorts(): iterable
    {
        foreach (array_keys(self::SHAPES) as $sort) {
            yield $sort => [$sort];
        }
    }

    #[DataProvider('sorts')]
    public function test_whatever_comes_is_read_or_refused_in_bounds(string $sort): void
    {
        $readers = self::readers($sort);
        $every = max(1, (int) (getenv('FUZZ_EVERY') ?: 20));
        $read = 0;
        for ($number = 0; $number < self::SHAPES[$sort]; $number += $every) {
            $shape = self::shape($sort, $number);
            $reader = array_keys($readers)[$number % count($readers)];
            [$seconds, $megabytes] = self::measured($readers[$reader], $shape);
            // The machine is shared: what took too long once is taken again, beside what it does in that moment.
            for ($again = 0, $most = self::$seconds; $again < 3 && $seconds >= $most; $again++) {
                $most = self::seconds();
                $seconds = self::measured($readers[$reader], $shape)[0];
            }
            $which = "$reader of $sort $number: ".json_encode(substr($shape, 0, 60), JSON_INVALID_UTF8_SUBSTITUTE);
            $this->assertLessThan($most, $seconds, "seconds, $which");
            $this->assertLessThan(self::MEGABYTES, $megabytes, "megabytes, $which");
            $read++;
        }
        $this->assertSame((int) ceil(self::SHAPES[$sort] / $every), $read);
    }

    public function test_twice_as_much_takes_about_twice_as_long(): void
    {
        $told = 0;
        $every = max(1, (int) (getenv('FUZZ_EVERY') ?: 20));
        foreach (['html', 'message', 'contact'] as $sort) {
            foreach (self::readers($sort) as $name => $reader) {
                for ($number = 0; $number < Shapes::count($sort); $number += $every) {
                    [$whole] = self::measured($reader, Shapes::of($sort, $number, 2_000_000));
                    if ($whole > self::TOLD) {
                        [$half] = self::measured($reader, Shapes::of($sort, $number, 1_000_000));
                        // Something else on the machine may be in the way of one of both: then it is not, later on.
                        for ($again = 0; $again < 8 && $whole / $half >= self::GROWS; $again++) {
                            $whole = min($whole, self::measured($reader, Shapes::of($sort, $number, 2_000_000))[0]);
                            $half = min($half, self::measured($reader, Shapes::of($sort, $number, 1_000_000))[0]);
                        }
                        $grows = $whole / $half;
                        if ($grows >= self::GROWS) {
                            // Over 2 MB memory comes from the system, page by page: a step, and none on the way on.
                            $grows = self::measured($reader, Shapes::of($sort, $number, 4_000_000))[0] / $whole;
                        }
                        $this->assertLessThan(self::GROWS, $grows, "$name of $sort $number");
                        $told++;
                    }
                }
            }
        }
        $this->assertGreaterThanOrEqual(0, $told);
    }

    private static function shape(string $sort, int $number): string
    {
        if ($sort === 'picture') {
            return Shapes::picture($number);
        }

        return Shapes::of($sort, $number, $number < Shapes::count($sort) ? self::SIZES[0] : self::SIZES[$number % 10]);
    }

    /**
     * @param  \Closure(string): mixed  $reader
     * @return array{float, float} seconds it took, and MB at its highest above those before
     */
    private static function measured(\Closure $reader, string $shape): array
    {
        gc_collect_cycles();
        gc_mem_caches();
        // The library's trees are not among what PHP counts: the system says what was taken at most (proc(5)).
        $counted = @file_put_contents('/proc/self/clear_refs', '5') !== false;
        $before = $counted ? self::resident('VmRSS') : memory_get_usage();
        memory_reset_peak_usage();
        $started = hrtime(true);
        try {
            $reader($shape);
        } catch (Refusal) {
            // With a sentence, as it should be.
        }
        $seconds = (hrtime(true) - $started) / 1e9;

        return [$seconds, (($counted ? self::resident('VmHWM') : memory_get_peak_usage()) - $before) / 1_048_576];
    }

    private static function resident(string $what): int
    {
        preg_match("/^$what:\s+(\d+)/m", (string) file_get_contents('/proc/self/status'), $found);

        return 1024 * (int) ($found[1] ?? 0);
    }

    /** @return array<string, \Closure(string): mixed> what reads a sort, by name */
    private static function readers(string $sort): array
    {
        $clients = array_values(MailClient::all());

        return match ($sort) {
            'html' => [
                'reader' => fn (string $html) => Reader::read($clients[crc32($html) % count($clients)], $html)
                    ->html(true),
                'bringing in' => fn (string $html) => HtmlSource::facts($html, 'GB'),
                'a page' => fn (string $html) => PageSource::facts($html, 'GB', 'https://a.example/'),
                'what it is' => SourceKind::of(...),
                'verifying' => fn (string $html) => ReceivedMessage::of($html, $html, 'a@b.example'),
                'own HTML' => OwnMarkup::clean(...),
                'text' => fn (string $text) => TextSource::facts($text, 'GB'),
            ],
            'message' => ['a message' => self::message(...)],
            'contact' => ['a contact' => fn (string $contact) => ContactSource::facts($contact, 'GB')],
            'address' => [
                'an address' => fn (string $given) => WebAddress::parse($given)->short(),
                'a redirect' => fn (string $given) => WebAddress::absolute($given, 'https://a.example/b/'),
                'a base' => fn (string $given) => WebAddress::absolute('a', $given),
                'a target' => fn (string $given) => Target::parse($given, 'GB'),
                'a mail address' => MailAddress::parse(...),
                'a number' => fn (string $given) => PhoneNumber::parse($given, 'GB'),
                'profiles' => fn (string $given) => ProfileText::sort(substr($given, 0, 5_000)),
                'a gateway' => Wrapped::inner(...),
                'tags' => fn (string $given) => CampaignTags::off(substr($given, 0, 5_000)),
                'a verdict' => fn (string $given) => Verdict::of('https://a.example', 200, $given, $given),
                'a picture' => PictureRef::parse(...),
            ],
            default => ['a picture' => Intake::take(...)],
        };
    }

    /** @return list<mixed> */
    private static function message(string $raw): array
    {
        $message = MimeMessage::foreign($raw);

        return [
            $message->from(), $message->to(), $message->subject(), $message->headers(), $message->parts(),
            ReceivedMessage::of($message->html(), $message->text(), $message->from()), $message->shown(),
        ];
    }
}
