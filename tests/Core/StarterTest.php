<?php

namespace Tests\Core;

use InkyCard\Brand\Brand;
use InkyCard\Card\Card;
use InkyCard\Card\CardJson;
use InkyCard\Card\Starter\Starter;
use InkyCard\Card\Starter\Starters;
use InkyCard\Compose\HtmlComposer;
use InkyCard\Layout\Impression;
use InkyCard\Layout\Sheet;
use InkyCard\Limits;
use InkyCard\Proof\Finding;
use InkyCard\Proof\Proof;
use InkyCard\Proof\Subject;
use InkyCard\Time\Day;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** The house of starters: how many, how far apart, how good in whose inks and letters. */
final class StarterTest extends TestCase
{
    /** Two that look nearer to each other than this (see Impression) are one starter. */
    private const APART = 0.04;

    /** Inks a starter is begun in; null for its own. */
    private const BRANDS = [
        'own' => null,
        'dark' => ['body' => '#f1f1ec', 'accent' => '#e0b252', 'quiet' => '#a9b0b8', 'link' => '#8fc7ff',
            'paper' => '#14181d'],
        'pale' => ['body' => '#4a4a4a', 'accent' => '#b78a9c', 'quiet' => '#7a7a7a', 'link' => '#5a7fa0',
            'paper' => '#fbf7f2'],
    ];

    /** What stands in Arabic for the words of a starter. */
    private const ARABIC = [
        'name' => 'سلمى الورد', 'role' => 'مهندسة حدائق', 'company' => 'استوديو الحديقة', 'tagline' => 'حدائق لأرضكم',
        'department' => 'قسم التصميم', 'address' => 'شارع الوادي 2', 'pronouns' => 'هي',
    ];

    public function test_there_are_starters_for_every_kind_of_work(): void
    {
        $starters = Starters::all();
        $this->assertGreaterThanOrEqual(48, count($starters));
        $this->assertGreaterThanOrEqual(24, count(array_unique(array_merge(...array_map(
            fn (Starter $one) => array_column($one->fields, 'value'), array_values($starters),
        )))));
        $this->assertGreaterThanOrEqual(20, count(array_unique(array_map(
            fn (Starter $one) => $one->sample()->arrangement->key, array_values($starters),
        ))));
    }

    /** In their own inks and all in those of one brand: then they differ by layout, weight and proportion alone. */
    public function test_no_two_starters_look_alike(): void
    {
        $brand = Brand::of([]);
        foreach ([
            'own' => fn (Starter $one): Card => $one->sample(),
            'brand' => fn (Starter $one): Card => $one->begin('', '', $brand),
        ] as $inks => $card) {
            $all = array_map(fn (Starter $one) => Impression::of(Sheet::of($card($one))), Starters::all());
            $near = [];
            foreach ($all as $one => $impression) {
                foreach ($all as $other => $against) {
                    if ($one < $other && $impression->distance($against) < self::APART) {
                        $near[] = "$inks: $one and $other, ".round($impression->distance($against), 3);
                    }
                }
            }
            $this->assertSame([], $near);
        }
    }

    /** @return iterable<string, array{Starter, string, bool}> starter, inks, whether its words are Arabic */
    public static function begun(): iterable
    {
        foreach (Starters::all() as $key => $starter) {
            foreach (array_keys(self::BRANDS) as $inks) {
                yield "$key, $inks" => [$starter, $inks, false];
            }
            yield "$key, Arabic" => [$starter, 'own', true];
        }
    }

    #[DataProvider('begun')]
    public function test_every_starter_proofs_well(Starter $starter, string $inks, bool $arabic): void
    {
        $own = $starter->sample()->style->full();
        $brand = Brand::of(['inks' => self::BRANDS[$inks] ?? $own['inks'], 'typeface' => $own['typeface']]);
        $document = json_decode(CardJson::encode($starter->begin('', '', $brand)), true);
        // Begun, filled in, and shown to whoever asks for pages of its trade.
        unset($document['starter']);
        foreach ($document['pieces'] as &$piece) {
            unset($piece['sample']);
            if ($arabic && isset(self::ARABIC[$piece['kind']])) {
                $piece['fields']['text'] = self::ARABIC[$piece['kind']];
            }
        }
        $card = CardJson::read(($arabic ? ['lang' => 'ar'] : []) + $document);
        $proof = Proof::of(new Subject($card, $brand, Day::parse('2026-11-25'), Samples::pictures()));
        $this->assertGreaterThanOrEqual(96, $proof->score(), implode("\n", array_map(
            fn (Finding $finding) => "$finding->check: $finding->says", $proof->findings,
        )));
        $html = (new HtmlComposer(Samples::pictures()))->compose(Sheet::of($card));
        $this->assertLessThan(Limits::CODE, strlen($html));
    }
}
