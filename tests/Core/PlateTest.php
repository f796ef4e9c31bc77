<?php

namespace Tests\Core;

use InkyCard\Card\Card;
use InkyCard\Card\CardJson;
use InkyCard\Card\Piece;
use InkyCard\Compose\HtmlComposer;
use InkyCard\Compose\Plate;
use InkyCard\Layout\Sheet;
use InkyCard\Roster\Person;
use PHPUnit\Framework\TestCase;

final class PlateTest extends TestCase
{
    public function test_a_stamped_plate_equals_the_composed_card_byte_for_byte(): void
    {
        $pairs = 0;
        $filled = 0;
        foreach (range(1, 250) as $seed) {
            $document = Samples::document($seed);
            foreach ($document['pieces'] as $index => $piece) {
                $document['pieces'][$index]['filledBy'] = ['us', 'person', 'free'][$index % 3];
            }
            $card = CardJson::read($document);
            $plate = Plate::of($card, Samples::pictures());
            foreach (range(1, 8) as $other) {
                $person = $this->person($card, $seed * 10 + $other);
                $filled += count($person);
                $expected = (new HtmlComposer(Samples::pictures()))->compose(
                    Sheet::of(
                        $card->with([
                            'pieces' => array_map(
                                fn (Piece $piece) => isset($person[$piece->id])
                                    ? $piece->with(['fields' => $person[$piece->id]])
                                    : $piece,
                                $card->pieces,
                            ),
                        ]),
                    ),
                );
                $this->assertSame($expected, $plate->stamp(new Person("$other", '', $person)),
                    "card $seed, person $other");
                $pairs++;
            }
        }
        $this->assertSame(2000, $pairs);
        $this->assertGreaterThan(3000, $filled);
    }

    /**
     * Values of a person for the blanks, taken from pieces of the same kind on other cards.
     *
     * @return array<string, array<string, mixed>>
     */
    private function person(Card $card, int $seed): array
    {
        static $stock = [];
        if ($stock === []) {
            foreach (range(1, 150) as $number) {
                foreach (CardJson::read(Samples::document(5000 + $number))->pieces as $piece) {
                    $stock[$piece->kind->key()][] = $piece->fields;
                }
            }
        }
        mt_srand($seed);
        $person = [];
        foreach ($card->pieces as $piece) {
            if ($piece->filledBy->value !== 'us' && mt_rand(0, 4) > 0) {
                $choices = $stock[$piece->kind->key()];
                $person[$piece->id] = $choices[mt_rand(0, count($choices) - 1)];
            }
        }

        return $person;
    }
}
