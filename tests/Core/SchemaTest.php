<?php

namespace Tests\Core;

use InkyCard\Card\Arrangement\Arrangement;
use InkyCard\Card\CardJson;
use InkyCard\Card\Kind\Kinds;
use InkyCard\Card\Starter\Starters;
use InkyCard\Type\FontStack;
use Opis\JsonSchema\Validator;
use PHPUnit\Framework\TestCase;

/** docs/card.schema.json says of documents what the core does. */
final class SchemaTest extends TestCase
{
    private static function schema(): \stdClass
    {
        return json_decode(
            (string) file_get_contents(dirname(__DIR__, 2).'/docs/card.schema.json'), false, 64, JSON_THROW_ON_ERROR,
        );
    }

    public function test_what_the_core_writes_is_valid(): void
    {
        $validator = new Validator;
        $schema = self::schema();
        $cards = array_map(fn ($starter) => $starter->sample(), Starters::all());
        foreach (range(1, 120) as $seed) {
            $cards["seed $seed"] = CardJson::read(Samples::document($seed));
        }
        foreach ($cards as $name => $card) {
            $result = $validator->validate(json_decode(CardJson::encode($card)), $schema);
            $this->assertTrue(
                $result->isValid(),
                $name.': '.json_encode($result->error()?->args()).' '
                    .implode('/', $result->error()?->data()->fullPath() ?? []),
            );
        }
    }

    public function test_what_the_core_refuses_for_its_shape_is_invalid(): void
    {
        $validator = new Validator;
        $schema = self::schema();
        $may = 0;
        foreach (CardTest::badDocuments() as $name => [$json]) {
            $document = json_decode($json);
            // Addresses, markup and unique ids are rules a schema does not tell.
            if (
                $document === null
                || preg_match(
                    '/script|javascript|link among|two of one|control|nested|day of the calendar|no end/',
                    (string) $name,
                )
            ) {
                $may++;

                continue;
            }
            $this->assertFalse($validator->validate($document, $schema)->isValid(), (string) $name);
        }
        $this->assertLessThan(16, $may);
    }

    /** Whatever a document holds beside what is known comes back as it was, and the schema says the same of both. */
    public function test_documents_of_any_shape_come_back_as_they_were(): void
    {
        $validator = new Validator;
        $schema = self::schema();
        foreach (range(1, 1000) as $seed) {
            $document = self::strewn(json_decode(json_encode(Samples::document($seed)) ?: ''));
            $given = (string) json_encode($document);
            $once = CardJson::encode(CardJson::decode($given));
            $this->assertSame($once, CardJson::encode(CardJson::decode($once)), $given);
            $this->assertSame($once, CardJson::encode(CardJson::restore($once)), $given);
            if ($seed % 5 === 0) {
                foreach ([$given, $once] as $json) {
                    $result = $validator->validate(json_decode($json), $schema);
                    $this->assertTrue($result->isValid(), json_encode($result->error()?->args())." $json");
                }
            }
            $this->assertSame([], self::lost($document, json_decode($once)), $once);
        }
    }

    /** Keys nobody knows in every object, some of which look like lists or numbers. */
    private static function strewn(\stdClass $object): \stdClass
    {
        foreach (get_object_vars($object) as $key => $value) {
            if ($value instanceof \stdClass && $key !== 'later') {
                $object->{$key} = self::strewn($value);
            } elseif ($key === 'pieces') {
                array_map(self::strewn(...), $value);
            }
        }
        $odd = [
            new \stdClass, [], (object) ['0' => 'a', '1' => []], [[], new \stdClass], '', 0, false, 1.5, "é\u{2028}",
        ];
        foreach (['0123', '7', 'x-new', ''] as $key) {
            if (mt_rand(0, 3) === 0) {
                $object->{$key === '' ? '_' : $key} = $odd[mt_rand(0, count($odd) - 1)];
            }
        }

        return $object;
    }

    /** @return list<string> unknown keys that did not come back as they were */
    private static function lost(\stdClass $one, \stdClass $other, string $path = ''): array
    {
        $lost = [];
        foreach (get_object_vars($one) as $key => $value) {
            $there = $other->{$key} ?? null;
            if (in_array((string) $key, ['0123', '7', 'x-new', '_'], true)) {
                json_encode($value) === json_encode($there) || $lost[] = "$path/$key";
            } elseif ($value instanceof \stdClass && $there instanceof \stdClass) {
                array_push($lost, ...self::lost($value, $there, "$path/$key"));
            } elseif ($key === 'pieces') {
                foreach ($value as $at => $piece) {
                    array_push($lost, ...self::lost($piece, $there[$at], "$path/pieces/$at"));
                }
            }
        }

        return $lost;
    }

    public function test_its_lists_are_the_cores_own(): void
    {
        $schema = self::schema();
        $this->assertEqualsCanonicalizing(array_keys(Kinds::all()), $schema->{'$defs'}->piece->properties->kind->enum);
        $this->assertSame([...array_keys(Arrangement::all()), null], $schema->properties->arrangement->enum);
        $this->assertSame(array_column(FontStack::all(), 'key'), $schema->{'$defs'}->typeface->anyOf[0]->enum);
        foreach ($schema->{'$defs'}->piece->allOf as $rule) {
            $kind = Kinds::of($rule->if->properties->kind->const);
            $this->assertEqualsCanonicalizing(
                array_keys($kind->accept([], 'GB')),
                array_keys((array) $rule->then->properties->fields->properties),
                $kind->key(),
            );
        }
    }
}
