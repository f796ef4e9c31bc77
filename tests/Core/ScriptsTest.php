<?php

namespace Tests\Core;

use InkyCard\Card\Card;
use InkyCard\Card\CardJson;
use InkyCard\Card\Edit\FillPiece;
use InkyCard\Card\Kind\Field;
use InkyCard\Card\Kind\Kinds;
use InkyCard\Compose\HtmlComposer;
use InkyCard\Compose\PlainTextComposer;
use InkyCard\Handover\ContactCard;
use InkyCard\Handover\Parcel;
use InkyCard\Import\ContactSource;
use InkyCard\Import\HtmlSource;
use InkyCard\Import\TextSource;
use InkyCard\Layout\Sheet;
use InkyCard\Markup\MailDocument;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Sabre\VObject\Document;

/** Words of every script come out of every field, and of every way in and out, letter by letter. */
final class ScriptsTest extends TestCase
{
    /** With the bytes 0x85 and 0xA0 in them, which are white space to what reads single bytes. */
    private const WORDS = [
        'Århus', 'Spółka', 'их', '本公司', 'عام', 'Voilà', 'Łódź', 'Ελλάδα', 'नमस्ते', 'ภาษาไทย', '대한민국', 'Straße',
        'Žluťoučký',
    ];

    /** Letters in one word of a run. */
    private const LONG = 24;

    /** @return iterable<string, array{string, Field, bool}> kind, field, whether it takes several lines */
    public static function fields(): iterable
    {
        foreach (Kinds::all() as $key => $kind) {
            foreach ($kind->fields() as $field) {
                $several = in_array($field->input, ['paragraphs', 'sentences'], true);
                if (($several || in_array($field->input, ['text', 'sentence'], true)) && $key !== 'initials') {
                    yield "$key $field->name" => [$key, $field, $several && $key !== 'html'];
                }
            }
        }
    }

    #[DataProvider('fields')]
    public function test_a_field_keeps_every_letter(string $kind, Field $field, bool $several): void
    {
        $lost = [];
        $take = function (string $given) use ($kind, $field, &$lost): void {
            $kept = Kinds::of($kind)->accept([$field->name => $given], 'GB')[$field->name];
            $kept = is_array($kept) ? implode("\n", $kept) : $kept;
            $kept === $given || $lost[] = $given;
        };
        foreach (self::words() as $word) {
            $take($word);
        }
        $several && $take(implode("\n", array_slice(self::WORDS, 0, 3)));
        $this->assertSame([], $lost);
    }

    /** @return iterable<string, array{\Closure(string): string}> words on a card => what a reader gets of them */
    public static function ways(): iterable
    {
        $card = fn (string $words): Card => Samples::card(['name' => $words, 'pieces' => [
            ['id' => 'p1', 'kind' => 'name', 'fields' => ['text' => $words]],
            ['id' => 'p2', 'kind' => 'company', 'fields' => ['text' => $words]],
        ]]);
        $parcel = fn (Card $card): Parcel => new Parcel(
            $card, Samples::pictures(), fn () => throw new \LogicException, new \DateTimeImmutable('2026-11-25'), '',
            fn (string $svg) => $svg,
        );
        $all = fn (array $facts): string => implode("\n", array_merge(
            ...array_map(fn ($fact) => array_filter($fact->fields, is_string(...)), $facts),
        ));
        $composer = new HtmlComposer(Samples::pictures());
        $seen = fn (Card $card): string => MailDocument::parse($composer->compose(Sheet::of($card)))->body->words();
        yield 'HTML' => [fn (string $it) => $seen($card($it))];
        yield 'plain text' => [fn (string $it) => PlainTextComposer::compose(Sheet::of($card($it)))];
        yield 'JSON' => [fn (string $it) => CardJson::decode(CardJson::encode($card($it)))->pieces[0]->text('text')];
        yield 'a change told' => [fn (string $it) => (new FillPiece('p1', ['text' => $it]))->words($card('Other'))];
        $contact = fn (Card $card): string => ContactCard::text($parcel($card), Document::VCARD40);
        yield 'contact' => [fn (string $it) => $all(ContactSource::facts($contact($card($it)), 'GB'))];
        yield 'text read in' => [fn (string $it) => $all(TextSource::facts("$it\nmaren@quillfern.example", 'GB'))];
        yield 'HTML read in' => [fn (string $it) => $all(HtmlSource::facts("<p>$it<br>maren@x.example</p>", 'GB'))];
    }

    /** @param  \Closure(string): string  $through */
    #[DataProvider('ways')]
    public function test_every_way_keeps_every_letter(\Closure $through): void
    {
        $lost = [];
        foreach (self::words() as $word) {
            str_contains($through($word), $word) || $lost[] = $word;
        }
        $this->assertSame([], $lost);
    }

    /** @return list<string> one of each word above, and every letter of the basic plane in words of its script */
    private static function words(): array
    {
        static $words = [];
        if ($words === []) {
            $words = self::WORDS;
            preg_match_all('/\p{L}/u', implode('', array_map(
                fn (int $code) => $code >= 0xD800 && $code < 0xE000 ? ' ' : mb_chr($code), range(0x80, 0xFFFD),
            )), $letters);
            // Every 8th syllable and ideograph, of which there are tens of thousands; every letter of the others.
            $few = array_filter($letters[0], fn (string $it) => mb_ord($it) % 8 === 5 || mb_ord($it) < 0x3000);
            foreach (array_chunk($few, self::LONG) as $chunk) {
                $words[] = (string) \Normalizer::normalize(implode('', $chunk));
            }
        }

        return $words;
    }
}
