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

    public function test_its_lists_are_the_cores_own(): void
    {
        $schema = self::schema();
        $this->assertEqualsCanonicalizing(array_keys(Kinds::all()), $schema->{'$defs'}->piece->properties->kind->enum);
        $this->assertSame(array_keys(Arrangement::all()), $schema->properties->arrangement->enum);
        $this->assertSame(array_column(FontStack::all(), 'key'), $schema->{'$defs'}->style->properties->typeface->enum);
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
