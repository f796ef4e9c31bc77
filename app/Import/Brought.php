<?php

namespace App\Import;

use App\Clicks\CountedLinks;
use App\Models\Workspace;
use App\Outside\SafeHttpClient;
use App\Pictures\Library;
use App\Tray\MimeMessage;
use App\Words\Words;
use Illuminate\Support\Facades\Cache;
use InkyCard\Card\CardJson;
use InkyCard\Import\BroughtLook;
use InkyCard\Import\ContactSource;
use InkyCard\Import\Fact;
use InkyCard\Import\HtmlSource;
use InkyCard\Import\PageSource;
use InkyCard\Import\SourceKind;
use InkyCard\Import\TableSource;
use InkyCard\Import\TextSource;
use InkyCard\Markup\HtmlWriter;
use InkyCard\Markup\MailDocument;
use InkyCard\Refusal;
use InkyCard\Type\Script;

/** What somebody brought to start a card from: kept for a while, until its lines are confirmed. */
final readonly class Brought
{
    /** Bytes. */
    public const MOST = 5_000_000;

    /** Kinds whose words say what language it is in. */
    private const WORDS = ['name', 'role', 'company', 'department', 'tagline', 'closing', 'line', 'notice', 'address'];

    private const KEPT = 7200;

    /** Seconds all its pictures may take. */
    private const PATIENCE = 20;

    public static function tooLarge(): Refusal
    {
        return Refusal::because('This file is over 5 MB: bring the signature alone.');
    }

    /**
     * By what it is, whatever its name says: a contact, a message, a public page, HTML, a row of a table or text.
     *
     * @return list<Fact>
     *
     * @throws Refusal
     */
    public static function facts(string $bytes, string $country): array
    {
        return match (self::kind($bytes)) {
            SourceKind::Contact => ContactSource::facts($bytes, $country),
            SourceKind::Message => self::message($bytes, $country),
            SourceKind::Workbook => Workbook::table($bytes)->facts($country),
            SourceKind::Page => PageSource::facts($bytes, $country),
            SourceKind::Table => TableSource::csv($bytes)?->facts($country) ?? [],
            SourceKind::Html => HtmlSource::facts($bytes, $country, CountedLinks::behind(...)),
            SourceKind::Text => TextSource::facts($bytes, $country),
        };
    }

    /** How it looked, where what was brought has a look. */
    public static function look(string $bytes): BroughtLook
    {
        return match (self::kind($bytes)) {
            SourceKind::Html => BroughtLook::of($bytes),
            SourceKind::Message => BroughtLook::of(MimeMessage::foreign($bytes)->shown()),
            default => BroughtLook::none(),
        };
    }

    /** @return list<Fact> @throws Refusal */
    private static function message(string $bytes, string $country): array
    {
        $received = MimeMessage::foreign($bytes);

        return $received->html() !== ''
            ? HtmlSource::facts($received->shown(), $country, CountedLinks::behind(...))
            : TextSource::facts($received->text(), $country);
    }

    /**
     * A card document of these facts.
     *
     * @param  list<Fact>  $facts
     * @param  array<string, mixed>  $more  keys of the document
     * @return array<string, mixed>
     */
    public static function document(array $facts, string $country, array $more = []): array
    {
        $name = '';
        $pieces = [];
        foreach ($facts as $index => $fact) {
            $name = $name === '' && $fact->kind === 'name' ? (string) $fact->fields['text'] : $name;
            $pieces[] = ['id' => 'p'.($index + 1), 'kind' => $fact->kind, 'fields' => $fact->fields];
        }

        return $more + [
            'format' => CardJson::FORMAT,
            'name' => mb_strimwidth($name === '' ? 'Brought in' : "$name — brought in", 0, 80), 'country' => $country,
            'lang' => Script::otherThan('en', implode(' ', array_merge(...array_map(
                fn (Fact $fact) => array_values(array_filter($fact->fields, is_string(...))),
                array_filter($facts, fn (Fact $fact) => in_array($fact->kind, self::WORDS, true)),
            )))) ?? 'en',
            'pieces' => $pieces,
        ];
    }

    /**
     * Facts with their pictures kept here, whatever becomes of where they were.
     *
     * @param  list<Fact>  $facts
     * @return array{list<Fact>, list<string>} facts; a sentence for every picture that stays where it is
     */
    public static function keepPictures(
        array $facts,
        Workspace $workspace,
        Library $library,
        SafeHttpClient $outside,
    ): array {
        $left = [];
        $until = microtime(true) + self::PATIENCE;
        foreach ($facts as $index => $fact) {
            $ref = $fact->fields['picture'] ?? '';
            if (! is_string($ref) || preg_match('/^(?:https?|data):/', $ref) !== 1) {
                continue;
            }
            try {
                $picture = $library->takeIn($workspace, $outside, $ref, max(0.1, min(8, $until - microtime(true))));
                $facts[$index] = new Fact(
                    $fact->kind,
                    ['picture' => $picture->ref()]
                        + (isset($fact->fields['ratio']) ? ['ratio' => round($picture->ratio(), 4)] : [])
                        + $fact->fields,
                    $fact->confidence,
                    $fact->source,
                );
            } catch (Refusal $refusal) {
                // One carried inside has nowhere to stay.
                if (str_starts_with($ref, 'data:')) {
                    unset($facts[$index]);
                }
                $left[] = str_starts_with($ref, 'data:')
                    ? 'A picture is left out: '.Words::of($refusal)
                    : 'The picture from '.parse_url($ref, PHP_URL_HOST).' still comes from there: '
                        .Words::of($refusal);
            }
        }

        return [array_values($facts), array_values(array_unique($left))];
    }

    /**
     * A person's public page, with where it stood as HTML says that.
     *
     * @throws Refusal
     */
    public static function page(SafeHttpClient $outside, string $address): string
    {
        $fetched = $outside->fetch($address, self::MOST - 3000)->found();
        if (! PageSource::speaks($fetched->bytes)) {
            throw Refusal::because(PageSource::NOTHING);
        }

        return preg_match('/<base\b[^>]*href/i', $fetched->bytes) === 1
            ? $fetched->bytes
            : '<base href="'.e($fetched->address).'">'.$fetched->bytes;
    }

    /** Keeps it for the member who brought it; gives back its number. */
    public static function keep(string $bytes, int $user): string
    {
        $id = bin2hex(random_bytes(12));
        Cache::put("brought.$user.$id", base64_encode($bytes), self::KEPT);

        return $id;
    }

    public static function find(string $id, int $user): ?string
    {
        $kept = Cache::get("brought.$user.$id");

        return is_string($kept) ? (string) base64_decode($kept) : null;
    }

    /** As it looked, without what runs. */
    public static function shown(string $bytes): string
    {
        $kind = self::kind($bytes);
        $received = $kind === SourceKind::Message ? MimeMessage::foreign($bytes) : null;
        $html = match ($kind) {
            SourceKind::Message => $received?->shown() ?? '',
            SourceKind::Page, SourceKind::Html => $bytes,
            default => '',
        };
        if ($html !== '') {
            return HtmlWriter::write(MailDocument::parse($html)->body);
        }
        $text = $kind === SourceKind::Workbook ? 'A workbook: its first sheet is read.' : $received?->text() ?? $bytes;

        return '<pre style="white-space:pre-wrap;font:13px/19px monospace;margin:0">'
            .e(mb_strimwidth(mb_scrub($text), 0, 20_000, '…')).'</pre>';
    }

    /** @throws Refusal */
    private static function kind(string $bytes): SourceKind
    {
        return strlen($bytes) >= self::MOST ? throw self::tooLarge() : SourceKind::of($bytes);
    }
}
