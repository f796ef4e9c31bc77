<?php

namespace InkyCard\Import;

use InkyCard\Card\Kind\Kinds;
use InkyCard\Link\CampaignTags;
use InkyCard\Link\LinkAction;
use InkyCard\Link\ProfileDirectory;
use InkyCard\Link\Wrapped;
use InkyCard\Markup\Element;
use InkyCard\Markup\MailDocument;
use InkyCard\Refusal;
use Sabre\VObject\Component\VCard;
use Sabre\VObject\ParseException;
use Sabre\VObject\Property;
use Sabre\VObject\Reader;

/**
 * Reads a signature somebody has already, as HTML of any making, as text or
 * as a contact, into facts with a confidence each. Nothing is dropped
 * silently: what is nothing else is a line of its own, with little confidence.
 */
final class ReadIn
{
    /** Bytes. */
    private const MOST = 2_000_000;

    private const MOST_TEXT = 20_000;

    /** A firm's name that its domain confirms. */
    private const FIRM = 0.92;

    /** What a contact says of itself is hardly wrong. */
    private const STATED = 0.98;

    private const BLOCKS = [
        'br', 'p', 'div', 'tr', 'td', 'th', 'table', 'li', 'ul', 'ol', 'hr', 'h1', 'h2', 'h3', 'h4', 'h5', 'h6',
        'blockquote', 'pre', 'img', 'dd', 'dt', 'address', 'center',
    ];

    private const PHONE = '/(?<![\w.+-])(\+?\(?\d[\d ().\/\x{2013}-]{6,18}\d(?:\s*(?:ext|x|durchwahl'
        .'|dw)\.?\s*\d{1,6})?)(?![\w@])/iu';

    /** Behind a name, often in brackets. */
    private const PRONOUNS = '~[(\[]?\b((?:she|he|they|ze|xe|fae|sie'
        .'|er)\s?/\s?(?:\p{L}{2,6})(?:\s?/\s?\p{L}{2,7})?)[)\]]?\s*$~iu';

    private const MAIL = '/[\w.+\'-]+@[\p{L}\w-]+(?:\.[\p{L}\w-]+)+/u';

    private const SITE = '~(?<![@\w.-])(?:https?://)?(?:www\.)?[\p{L}\w-]+(?:\.[\p{L}\w-]+)*\.(?:com|org|net|example'
        .'|co\.uk|de|fr|eu|io|studio|design|shop|info|biz|uk|ch|at|nl|se|no|dk|es|it|pt|pl|ie|us|ca|au|nz)(?:/[^\s|,;<>]*)?(?![\w@])~iu';

    private const LABELS = [
        'mobile' => '/\b(?:m|mob|mobile|cell|handy|mobil)\s*[.:]?\s*$/iu', 'fax' => '/\b(?:f|fax)\s*[.:]?\s*$/iu',
        'direct' => '/\b(?:d|dd|ddi|direct|durchwahl)\s*[.:]?\s*$/iu',
        'office' => '/\b(?:o|office|büro|switchboard|main)\s*[.:]?\s*$/iu',
    ];

    private const LABEL = '/^(?:[\p{So}\p{Sm}•·|]|(?:e-?mail|mail|web(?:site|seite)?|url|site|tel(?:efon|ephone)?'
        .'|phone|call|mob(?:ile|il)?|cell|handy|fax|find us|follow '
        .'(?:me|us))(?![\p{L}\p{N}])|(?:direct|office|büro|address)(?=\s*[:.|]|\s*$)|[aemtpwfdo](?=\s*[:.|]'
        .'|\s*$))[\s.:|]*/iu';

    /** Kinds by the headings tables have for them. */
    private const COLUMNS = [
        'first' => '/^(?:first|given)[ _-]?name$|^vorname$/i',
        'last' => '/^(?:last|family|sur)[ _-]?name$|^nachname$/i',
        'name' => '/^(?:full[ _-]?)?name$/i',
        'pronouns' => '/^pronouns$/i',
        'role' => '/^(?:role|position|funktion|(?:job[ _-]?)?title)$/i',
        'department' => '/^(?:department|team|abteilung)$/i',
        'company' => '/^(?:company|firm|firma|organi[sz]ation|employer)$/i',
        'mobile' => '/^(?:mobile|cell|handy)(?:[ _-]?(?:phone|number))?$/i',
        'fax' => '/^fax$/i',
        'direct' => '/^direct(?:[ _-]?(?:line|dial))?$/i',
        'phone' => '/^(?:(?:work|office|business)[ _-]?)?(?:tele)?(?:phone|fon)(?:[ _-]?number)?$|^tel\.?$/i',
        'email' => '/^(?:e-?mail|mail)(?:[ _-]?address)?$/i',
        'url' => '/^(?:web(?:[ _-]?site)?|url|home[ _-]?page|linkedin|instagram|facebook|youtube|mastodon'
            .'|profile)(?:[ _-]?(?:url|link))?$/i',
        'address' => '/^(?:(?:street|office|postal)[ _-]?)?address$|^adresse$/i',
        'tagline' => '/^(?:tagline|slogan)$/i',
        'licence' => '/^licen[cs]e(?:[ _-]?(?:number|no))?$/i',
    ];

    private const CLOSING = '/^(?:best|thanks|thank you|gruß|lg)$|^(?:kind(?:est)?|best|warm(?:est)?'
        .'|many)? ?(?:regards|wishes|thanks)\b|^(?:yours|sincerely|cheers|warmly|cordially|mit freundlichen|viele '
        .'grüße|cordialement)\b/iu';

    /** A few words and a comma: a closing nobody has in a list, if a name follows. */
    private const GREETING = '/^\p{L}[\p{L}\'’-]*(?: [\p{L}\'’-]+){0,3},$/u';

    private const ROLE = '/\b(?:director|manager|designer|lead|head|chief|officer|ceo|cto|cfo|coo|founder|co-?founder'
        .'|owner|partner|principal|senior|junior|consultant|engineer|developer|architect|lawyer|solicitor|attorney|paralegal|associate|assistant|executive|president|chair|coordinator|specialist|analyst|adviser|advisor|agent|broker|realtor|teacher|professor|lecturer|doctor|nurse|therapist|physio\w*|surveyor|accountant|bookkeeper|editor|writer|producer|photographer|artist|chef|gardener|planner|buyer|clerk|administrator|marketing|sales|support|care|accounts|research\w*|scientist|geschäftsführer\w*|leiter\w*|trainee|apprentice|intern|volunteer|secretary|receptionist|guide|baker|joiner|plumber|electrician|carpenter|mason|potter|florist)\b/iu';

    private const COMPANY = '/\b(?:ltd|limited|llc|llp|inc|gmbh|ag|kg|plc|co|company|group|studio|studios|partners'
        .'|agency|associates|consulting|solutions|services|university|college|school|institute|council|trust|foundation|clinic|practice|academy|museum|theat(?:re|er)|library|hospital|farm|brewery|orchestra|laborator(?:y|ies)|verein|stiftung|universität|hochschule|bakery|works|workshop|garage|gallery|hotel|kitchen|nursery|press|books|bank|collective|society|association|& sons?|& co)\b\.?/iu';

    private const DEPARTMENT = '/\b(?:department|dept|division|faculty|institute|school|team|unit|section|abteilung'
        .'|referat|fakultät|institut)\b/iu';

    private const LICENCE = '/\b(?:licen[cs]ed?|register(?:ed)?|registration|reg\.? ?no|member no|authorised|vat'
        .'|ust-?id|company no|charity no)\b/iu';

    private const SMALL = '/\b(?:confidential|intended (?:solely|only|for)|addressee|privileged|unauthori[sz]ed'
        .'|disclaimer|virus|think before|environment|printing this|vertraulich)\b/iu';

    /**
     * @param  string  $country  ISO 3166-1 alpha-2, for phone numbers without a country
     * @param  (\Closure(string): string)|null  $leads  address of a link => where it leads, where that is known
     * @return list<Fact> in the order they stood, profiles as one
     *
     * @throws Refusal when there is nothing in it
     */
    public static function html(string $html, string $country, ?\Closure $leads = null): array
    {
        // Pictures inside stand apart while the rest is taken apart: they are most of its bytes and none of its words.
        $inside = [];
        $html = (string) preg_replace_callback(
            '~data:image/[a-z.+-]+;base64,[A-Za-z0-9+/=\s]++~i',
            function (array $match) use (&$inside): string {
                $inside[] = (string) preg_replace('/\s+/', '', $match[0]);

                return 'cid:inside.'.(count($inside) - 1);
            }, $html);
        if (strlen($html) > self::MOST) {
            throw Refusal::because('That is too much: bring the signature alone.');
        }
        $rows = self::rows($html, $leads ?? fn (string $href) => $href);
        foreach ($rows as &$row) {
            foreach ($row['images'] as &$image) {
                $image[0]
                    = preg_match('~^cid:inside\.(\d+)$~D', $image[0], $match) === 1
                        ? $inside[(int) $match[1]] ?? ''
                        : $image[0];
            }
        }

        return self::facts($rows, $country);
    }

    /** @return list<Fact> @throws Refusal */
    public static function text(string $text, string $country): array
    {
        if (strlen($text) > self::MOST_TEXT) {
            throw Refusal::because('That is too much text: bring the signature alone.');
        }
        $rows = [];
        foreach (preg_split('/\R/u', mb_scrub($text)) ?: [] as $line) {
            $rows[] = [
                'text' => self::plain($line), 'links' => [], 'images' => [], 'size' => 13.0, 'bold' => false,
                'button' => false,
            ];
        }

        return self::facts($rows, $country);
    }

    /** @return list<Fact> @throws Refusal when it is no contact */
    public static function contact(string $vcard, string $country): array
    {
        try {
            $card = Reader::read($vcard, Reader::OPTION_FORGIVING | Reader::OPTION_IGNORE_INVALID_LINES);
        } catch (ParseException) {
            throw Refusal::because('This is no contact: export it from your address book as .vcf.');
        }
        if (! $card instanceof VCard) {
            throw Refusal::because('This is no contact: export it from your address book as .vcf.');
        }
        $said = [];
        foreach (['FN' => 'name', 'TITLE' => 'role', 'NOTE' => 'tagline'] as $property => $kind) {
            foreach (array_slice($card->select($property), 0, 1) as $value) {
                $said[] = [$kind, (string) $value, self::STATED];
            }
        }
        foreach ($card->select('ORG') as $property) {
            foreach (
                array_slice(array_values(array_filter(array_map(trim(...), $property->getParts()))), 0, 2) as $index => $part
            ) {
                $said[] = [$index === 0 ? 'company' : 'department', $part, self::STATED];
            }
        }
        foreach ($card->select('TEL') as $property) {
            $types = strtolower((string) ($property['TYPE'] ?? ''));
            $said[] = [
                'phone', (string) preg_replace('/;ext=/i', ' ext ', (string) $property), self::STATED,
                str_contains($types, 'cell') ? 'mobile' : (str_contains($types, 'fax') ? 'fax' : ''),
            ];
        }
        foreach (['EMAIL' => 'email', 'URL' => 'url', 'X-SOCIALPROFILE' => 'url'] as $property => $kind) {
            foreach ($card->select($property) as $value) {
                $said[] = [$kind, trim((string) $value), self::STATED];
            }
        }
        foreach (['PHOTO' => 'headshot', 'LOGO' => 'logo'] as $property => $kind) {
            foreach (array_slice($card->select($property), 0, 1) as $value) {
                $said[] = [$kind, self::carried($value), self::STATED];
            }
        }
        foreach ($card->select('ADR') as $property) {
            $said[] = [
                'address',
                implode(', ', array_filter(array_map(trim(...), $property->getParts()))),
                self::STATED,
            ];
        }

        return self::stated($said, $country) ?: throw Refusal::because('This contact says nothing a card could show.');
    }

    /** A contact's picture as an address or a data: URI; RFC 2426 carries the bytes themselves. */
    private static function carried(Property $property): string
    {
        $value = (string) $property;
        $type = $property instanceof Property\Binary ? (new \finfo(FILEINFO_MIME_TYPE))->buffer($value) : '';

        return $property instanceof Property\Binary ? "data:$type;base64,".base64_encode($value) : trim($value);
    }

    /**
     * One row of a table (RFC 4180, or with semicolons or tabs), its headings above it.
     *
     * @return list<Fact>
     *
     * @throws Refusal
     */
    public static function row(string $csv, string $country): array
    {
        [$headings, $row] = self::table($csv) ?? throw Refusal::because('This is no table with a row of headings.');
        $said = $name = [];
        foreach ($headings as $column => $heading) {
            $value = self::plain($row[$column] ?? '');
            $kind = self::column($heading);
            if ($value !== '' && ($kind === 'first' || $kind === 'last')) {
                $name[$kind] = $value;
            } elseif ($value !== '') {
                $said[] = match ($kind) {
                    'mobile', 'fax', 'direct' => ['phone', $value, self::STATED, $kind],
                    '' => ['line', trim($heading) === '' ? $value : trim($heading).": $value", 0.4],
                    default => [$kind, $value, self::STATED],
                };
            }
        }
        if ($name !== [] && ! in_array('name', array_column($said, 0), true)) {
            $said[] = ['name', trim(($name['first'] ?? '').' '.($name['last'] ?? '')), self::STATED];
        }

        return self::ordered(self::stated($said, $country))
            ?: throw Refusal::because('There is nothing under its headings.');
    }

    /**
     * Headings and the row under them, where some text is such a table: of the
     * headings at least two are known.
     *
     * @return array{list<string>, list<string>}|null
     *
     * @throws Refusal for several rows
     */
    public static function table(string $csv): ?array
    {
        $csv = ltrim(mb_scrub(substr($csv, 0, self::MOST)), "\u{FEFF}\r\n ");
        $first = (string) strtok($csv, "\r\n");
        $counts = array_map(fn (string $mark) => substr_count($first, $mark), [',' => ',', ';' => ';', "\t" => "\t"]);
        arsort($counts);
        if (reset($counts) === 0) {
            return null;
        }
        // In memory alone.
        $lines = new \SplTempFileObject(-1);
        $lines->fwrite($csv);
        $lines->rewind();
        $rows = [];
        while (count($rows) < 3 && ! $lines->eof()) {
            $row = array_map(strval(...), $lines->fgetcsv((string) key($counts), '"', '') ?: []);
            implode('', $row) === '' || $rows[] = $row;
        }
        if (count($rows) < 2
            || count(array_filter($rows[0], fn (string $heading) => self::column($heading) !== '')) < 2) {
            return null;
        }
        if (count($rows) > 2) {
            throw Refusal::because('Several people are in this table: bring the headings and one row.');
        }

        return [$rows[0], $rows[1]];
    }

    /** What a column holds, by its heading; empty for one not known. */
    private static function column(string $heading): string
    {
        foreach (self::COLUMNS as $kind => $pattern) {
            if (preg_match($pattern, self::plain($heading)) === 1) {
                return $kind;
            }
        }

        return '';
    }

    /**
     * A person's or firm's public page, by what it states for machines.
     *
     * @param  string  $address  where it stood
     * @return list<Fact>
     *
     * @throws Refusal when it states nothing
     */
    public static function page(string $html, string $country, string $address = ''): array
    {
        return self::ordered(self::stated(PublicPage::said(substr($html, 0, self::MOST), $address), $country))
            ?: throw Refusal::because(
                'This page states nothing of a person for machines to read: copy its lines and paste them.',
            );
    }

    /**
     * @param  list<array{0: string, 1: string, 2: float, 3?: string}>  $said  kind or `url`, value, confidence, sort of
     *                                                                         a phone
     * @return list<Fact>
     */
    private static function stated(array $said, string $country): array
    {
        $facts = $links = [];
        foreach ($said as $one) {
            [$kind, $value, $confidence] = $one;
            if ($kind === 'url' && self::isProfile($value)) {
                $links[ProfileDirectory::line($value)] = $confidence;

                continue;
            }
            $fact
                = self::accepted(
                    $kind === 'url' ? 'web' : $kind,
                    match ($kind) {
                        'phone' => ['number' => (string) preg_replace('/^tel:/i', '', $value), 'sort' => $one[3] ?? ''],
                        'email' => ['address' => (string) preg_replace('/^mailto:|\?.*$/i', '', $value)],
                        'url' => ['address' => $value],
                        'line' => ['value' => self::plain($value)],
                        'headshot', 'logo' => ['picture' => $value],
                        default => ['text' => self::plain($value)],
                    },
                    $country,
                    $confidence,
                    $value,
                )
                ?? (str_starts_with($value, 'data:')
                    ? null
                    : self::accepted(
                        'line', ['value' => self::plain($value)], $country, min(0.5, $confidence), $value,
                    ));
            if ($fact !== null) {
                $facts[$fact->kind.json_encode($fact->fields)] ??= $fact;
            }
        }
        $profiles
            = $links === []
                ? null
                : self::accepted(
                    'profiles', ['links' => array_keys($links)], $country, max($links),
                    implode(' ', array_keys($links)),
                );

        return [...array_values($facts), ...($profiles === null ? [] : [$profiles])];
    }

    /**
     * Lines of words with what stands on each.
     *
     * @param  \Closure(string): string  $leads
     * @return list<array{text: string, links: list<array{string, string}>, images: list<array{string, string, int, int, string}>, size: float, bold: bool, button: bool}>
     */
    private static function rows(string $html, \Closure $leads): array
    {
        $rows = [];
        /**
         * @var array{text: string, links: list<array{string, string}>, images: list<array{string, string, int, int,
         *     string}>, size: float, bold: bool, button: bool} $empty
         */
        $empty = ['text' => '', 'links' => [], 'images' => [], 'size' => 0.0, 'bold' => false, 'button' => false];
        $row = $empty;
        $close = function () use (&$rows, &$row, $empty): void {
            $row['text'] = self::plain($row['text']);
            if ($row['text'] !== '' || $row['links'] !== [] || $row['images'] !== []) {
                $rows[] = $row;
            }
            $row = $empty;
        };
        /**
         * @var list<array{Element|string|null, float, bool, bool, string}> $open node or a mark, size, bold, on a
         *     background, address it leads to
         */
        $open = [[MailDocument::parse($html)->body, 13.0, false, false, '']];
        while (($entry = array_pop($open)) !== null) {
            [$node, $size, $bold, $background, $href] = $entry;
            if ($node === null) {
                $close();
            } elseif (is_string($node)) {
                if (self::plain($node) !== '') {
                    $row['size'] = max($row['size'], $size);
                    $row['bold'] = $row['bold'] || $bold;
                    if ($href !== '') {
                        $row['links'][] = [$href, self::plain($node)];
                        $row['button'] = $row['button'] || $background;
                    }
                }
                $row['text'] .= $node;
            } else {
                $block = in_array($node->name, self::BLOCKS, true);
                if ($block) {
                    $close();
                }
                if ($node->name === 'a') {
                    $href = $leads(trim($node->attributes['href'] ?? ''));
                    // What a gateway put around it is no part of the signature; a page of a network may well name
                    // another.
                    $inner = Wrapped::inner($href);
                    $href = CampaignTags::off($inner !== $href && self::isProfile($href) ? $href : $inner);
                }
                if ($node->name === 'img') {
                    $side = fn (string $name): int => (int) (preg_match(
                        '/\d+/',
                        $node->attributes[$name] ?? (string) $node->property($name),
                        $match,
                    ) === 1
                        ? $match[0]
                        : 0);
                    $row['images'][] = [
                        Wrapped::inner($node->attributes['src'] ?? ''), self::plain($node->attributes['alt'] ?? ''),
                        $side('width'), $side('height'), $href,
                    ];
                }
                $size = self::size($node) ?? $size;
                $bold
                    = $bold
                    || in_array($node->name, ['b', 'strong', 'h1', 'h2', 'h3', 'th'], true)
                    || preg_match(
                        '/bold|[6-9]00/',
                        (string) ($node->property('font-weight') ?? $node->property('font')),
                    ) === 1;
                $colour
                    = $node->attributes['bgcolor']
                    ?? ($node->property('background-color') ?? ($node->property('background') ?? ''));
                $background
                    = $background
                    || ($colour !== '' && preg_match('/^(?:#f{3}|#f{6}|white|transparent|none)\b/i', $colour) !== 1);
                $open[] = [$block ? null : '', $size, $bold, $background, ''];
                for ($index = count($node->children) - 1; $index >= 0; $index--) {
                    $open[] = [$node->children[$index], $size, $bold, $background, $href];
                }
            }
        }
        $close();

        return $rows;
    }

    private static function size(Element $node): ?float
    {
        $value
            = $node->property('font-size')
            ?? (preg_match('~(\d*\.?\d+(?:px|pt|em))~', (string) $node->property('font'), $match) === 1
                ? $match[1]
                : null);
        if ($value !== null && preg_match('/^(\d*\.?\d+)(px|pt|em|rem)/', $value, $match) === 1) {
            return (float) $match[1] * ['px' => 1, 'pt' => 4 / 3, 'em' => 13, 'rem' => 16][$match[2]];
        }

        return ['h1' => 24.0, 'h2' => 20.0, 'h3' => 17.0, 'big' => 16.0][$node->name]
            ?? (isset($node->attributes['size'])
                ? ['1' => 10.0, '2' => 13.0, '3' => 16.0, '4' => 18.0, '5' => 24.0][$node->attributes['size']] ?? null
                : null);
    }

    /**
     * @param  list<array{text: string, links: list<array{string, string}>, images: list<array{string, string, int, int, string}>, size: float, bold: bool, button: bool}>  $rows
     * @return list<Fact>
     */
    private static function facts(array $rows, string $country): array
    {
        $facts = $seen = $profiles = $words = [];
        $add = function (string $kind, array $fields, float $confidence, string $source) use (
            &$facts,
            &$seen,
            $country,
        ): bool {
            $fact = self::accepted($kind, $fields, $country, $confidence, $source);
            $key
                = $fact === null
                    ? ''
                    : $kind
                        .json_encode(
                            array_intersect_key($fact->fields, [
                                'address' => 0, 'number' => 0, 'text' => 0, 'phrase' => 0, 'picture' => 0, 'value' => 0,
                            ]),
                        );
            if ($fact === null || isset($seen[$key])) {
                return $fact !== null;
            }
            $seen[$key] = true;
            $facts[] = $fact;

            return true;
        };
        foreach ($rows as $row) {
            foreach ($row['images'] as [$source, $alt, $width, $height, $href]) {
                if ($href !== '' && self::isProfile($href)) {
                    $profiles[] = $href;
                } elseif (preg_match('~^(?:https?:|data:image/)~i', $source) === 1
                    && max([$width, $height] = self::sides($source, $width, $height)) > 40) {
                    $square = $height > 0 && $width / max(1, $height) > 0.7 && $width / max(1, $height) < 1.4;
                    $kind
                        = $width >= 300
                            ? 'banner'
                            : (preg_match('/logo/i', "$alt $source") === 1 || ! $square
                                ? 'logo'
                                : 'headshot');
                    $ratio = $width > 0 && $height > 0 ? $height / $width : 1;
                    $add(
                        $kind,
                        ['picture' => $source, 'alt' => $alt, 'address' => str_starts_with($href, 'http') ? $href : '']
                            + ($kind === 'headshot'
                                ? ['size' => max(48, min(160, $width ?: 96))]
                                : [
                                    'width' => max(
                                        $kind === 'banner' ? 120 : 40,
                                        min($kind === 'banner' ? 600 : 240, $width ?: 120),
                                    ),
                                    'ratio' => $ratio,
                                ]),
                        0.7,
                        $alt !== '' ? $alt : $source,
                    );
                } elseif ($href !== '' && str_starts_with($href, 'http')) {
                    $profiles[] = ($alt !== '' && mb_strlen($alt) <= 40 ? "$alt: " : '').$href;
                }
            }
            $rest = $row['text'];
            foreach ($row['links'] as [$href, $label]) {
                $opens = LinkAction::of($href);
                $taken = match (true) {
                    $opens === LinkAction::Message => $add(
                        'email', ['address' => strtok(rawurldecode(substr($href, 7)), '?') ?: ''], 0.97, $label,
                    ),
                    $opens === LinkAction::Call => $add(
                        'phone',
                        ['number' => rawurldecode(substr($href, 4)), 'sort' => self::sort($row['text'], $label)], 0.97,
                        $label,
                    ),
                    $opens === LinkAction::Map => $add('address', ['text' => $label, 'map' => $href], 0.9, $label),
                    ! str_starts_with($href, 'http') => false,
                    self::isProfile($href) => (bool) ($profiles[] = $href),
                    preg_match(self::SITE, $label) === 1 && ! str_contains(trim($label), ' ') => $add(
                        'web', ['address' => $href], 0.95, $label,
                    ),
                    default => $add(
                        $row['button'] ? 'button' : 'textlink',
                        ['words' => $label, 'address' => $href, 'form' => $row['button'] ? 'button' : 'link'], 0.8,
                        $label,
                    ),
                };
                $rest = $taken ? self::without($rest, $label) : $rest;
            }
            foreach (preg_split('/\s[|•·–—]\s|\s{3,}/u', $rest) ?: [] as $part) {
                $part = self::out($part, $country, $add, $profiles);
                if ($part !== '') {
                    // Text that was wrapped goes on in small letters.
                    $before = array_key_last($words);
                    if ($before !== null && mb_strlen($words[$before][0]) > 55
                        && preg_match('/^\p{Ll}/u', $part) === 1) {
                        $words[$before][0] .= ' '.$part;
                    } else {
                        $words[] = [$part, $row['size'], $row['bold']];
                    }
                }
            }
        }
        self::words($words, $facts, $add);
        if ($profiles !== []) {
            $add(
                'profiles', ['links' => array_values(array_unique($profiles)), 'form' => 'marks'], 0.9,
                implode(' ', $profiles),
            );
        }

        return $facts === []
            ? throw Refusal::because('There is nothing in it that a card could show: bring the lines of a signature.')
            : self::ordered($facts);
    }

    /**
     * Takes mail addresses, sites and numbers out of a stretch of words; gives back what is left.
     *
     * @param  \Closure(string, array<string, mixed>, float, string): bool  $add
     * @param  list<string>  $profiles  added to
     */
    private static function out(string $part, string $country, \Closure $add, array &$profiles): string
    {
        // A closing keeps its comma, and so does what may be one.
        if (mb_strlen($part) > 200 || preg_match(self::CLOSING, trim($part)) === 1
            || preg_match(self::GREETING, trim($part)) === 1) {
            return trim($part);
        }
        $part = (string) preg_replace_callback(
            self::PRONOUNS,
            fn (array $match) => $add('pronouns', ['text' => $match[1]], 0.95, $match[1]) ? ' ' : $match[0],
            $part,
        );
        $part = (string) preg_replace_callback(
            self::MAIL,
            fn (array $match) => $add('email', ['address' => rtrim($match[0], '.')], 0.93, $match[0]) ? ' ' : $match[0],
            $part,
        );
        $part = (string) preg_replace_callback(
            self::SITE,
            function (array $match) use ($add, &$profiles): string {
                $site = rtrim($match[0], '.,');
                if (self::isProfile($site)) {
                    $profiles[] = $site;

                    return ' ';
                }

                return $add('web', ['address' => $site], 0.9, $site) ? ' ' : $match[0];
            }, $part);
        if (preg_match(self::LICENCE, $part) !== 1) {
            // A number of a register is none to dial.
            $before = $part;
            $part = (string) preg_replace_callback(
                self::PHONE,
                fn (array $match) => $add(
                    'phone',
                    ['number' => $match[1][0], 'sort' => self::sort(substr($before, 0, $match[1][1]), '')],
                    str_starts_with($match[1][0], '+') ? 0.95 : 0.85,
                    $match[1][0],
                )
                    ? ' '
                    : $match[0][0],
                $part,
                -1,
                $count,
                PREG_OFFSET_CAPTURE,
            );
        }
        do {
            $before = $part;
            $part = trim((string) preg_replace([self::LABEL, '/[\s|•·,;:–—-]+$/u', '/^[\s|•·,;:–—-]+/u'], '', $part));
        } while ($part !== $before && $part !== '');

        return preg_match(
            '/^(?:tel|phone|mobile|mob|cell|fax|email|e-mail|mail|web|website|office|direct|and|or|call|[a-z])$/iu',
            $part,
        ) === 1 || preg_match('/[\p{L}\p{N}]/u', $part) !== 1
            ? ''
            : $part;
    }

    /**
     * Lines that are words alone: who, what, where, and the small print.
     *
     * @param  list<array{string, float, bool}>  $words  text, type size, bold
     * @param  list<Fact>  $facts
     * @param  \Closure(string, array<string, mixed>, float, string): bool  $add
     */
    private static function words(array $words, array $facts, \Closure $add): void
    {
        $domain = '';
        foreach ($facts as $fact) {
            $domain = $domain !== '' ? $domain : match ($fact->kind) {
                'email' => (string) substr((string) strrchr((string) $fact->fields['address'], '@'), 1),
                'web' => (string) parse_url((string) $fact->fields['address'], PHP_URL_HOST),
                default => '',
            };
        }
        $firm = (string) preg_replace('/^www\.|\..*$/', '', $domain);
        $local = '';
        foreach ($facts as $fact) {
            $local
                = $fact->kind === 'email' && $local === ''
                    ? (string) strstr((string) $fact->fields['address'], '@', true)
                    : $local;
        }
        $best = null;
        $most = 0.0;
        foreach ($words as $index => [$text, $size, $bold]) {
            $score = self::nameScore($text, $index, $size, $bold, $local);
            if ($score > $most) {
                [$best, $most] = [$index, $score];
            }
        }
        // Where a line is surely a firm's, none is guessed to be.
        $named = array_filter(
            $words,
            fn (array $line) => self::isCompany($line[0], $firm) > 0 && mb_strlen($line[0]) < 60
                && preg_match('/\d/', $line[0]) !== 1
                && preg_match(self::ROLE, $line[0]) !== 1
                && preg_match(self::LICENCE, $line[0]) !== 1
                && preg_match(self::SMALL, $line[0]) !== 1,
        );
        $taken = [];
        foreach ($words as $index => [$text, $size]) {
            if ($index === $best && $most >= 2) {
                // Title and firm often follow the name behind a comma.
                [$name, $more] = explode(',', $text, 2) + [1 => ''];
                $add('name', ['text' => trim($name)], min(0.97, 0.5 + $most / 12), $text);
                if (trim($more) !== '') {
                    preg_match(self::ROLE, $more) === 1
                        ? $add('role', ['text' => trim($more)], 0.85, $text)
                        : $add('credentials', ['text' => trim($more)], 0.7, $text);
                    $taken['role'] = preg_match(self::ROLE, $more) === 1 ? true : $taken['role'] ?? null;
                }

                continue;
            }
            // "Role, Firm" and "Role at Firm" are two facts.
            if (! isset($taken['company'], $taken['role'])
                && preg_match('/^(.{3,60}?)(?:,\s+|\s+(?:at|@|bei)\s+)(\p{Lu}.{2,60})$/u', $text, $pair) === 1
                && preg_match(self::ROLE, $pair[1]) === 1 && preg_match(self::ROLE, $pair[2]) !== 1
                && preg_match('/\d/', $text) !== 1) {
                $add('role', ['text' => $pair[1]], 0.8, $text);
                $pair[2] = rtrim($pair[2], ', ');
                // Where a surer firm stands on a line of its own, this is a part of it.
                $part = $named !== [] && self::isCompany($pair[2], $firm) < self::FIRM ? 'department' : 'company';
                $add($part, ['text' => $pair[2]], 0.75, $text);
                $taken = ['role' => true, $part => true] + $taken;

                continue;
            }
            $company = self::isCompany($text, $firm);
            [$kind, $confidence] = match (true) {
                preg_match(self::CLOSING, $text) === 1 => ['closing', 0.9],
                $best !== null && $index < $best && preg_match(self::GREETING, $text) === 1 && $company === 0.0
                    && preg_match(self::ROLE, $text) !== 1 => ['closing', 0.75],
                mb_strlen($text) > 110 || preg_match(self::SMALL, $text) === 1 => ['notice', 0.9],
                preg_match(self::LICENCE, $text) === 1 => ['licence', 0.8],
                preg_match('/^\(?(?:she|he|they)\s*\/\s*(?:her|him|them)/i', $text) === 1 => ['pronouns', 0.95],
                preg_match('/\d/', $text) === 1
                    && preg_match(
                        '/,|\b[A-Z]{1,2}\d{1,2}[A-Z]? ?\d[A-Z]{2}\b|\b\d{4,5}\b|\b(?:street|st|road|rd|lane|ln|avenue'
                            .'|ave|square|way|drive|floor|suite|straße|str|platz|weg|rue|p\.?o\.? box)\b/iu',
                        $text,
                    ) === 1 => ['address', 0.85],
                ! isset($taken['department']) && $company < self::FIRM && preg_match(self::DEPARTMENT, $text) === 1
                    && array_diff_key($named, [$index => true]) !== [] => ['department', 0.7],
                ! isset($taken['company']) && $company > 0
                    && ! (preg_match(self::ROLE, $text) === 1 && $company < self::FIRM && ! isset($taken['role'])) => ['company', $company],
                ! isset($taken['role']) && preg_match(self::ROLE, $text) === 1 => ['role', 0.85],
                ! isset($taken['role']) && $best !== null && $index === $best + 1 && mb_strlen($text) < 60 => [
                    'role',
                    0.55,
                ],
                ! isset($taken['tagline']) && $best !== null && $index > $best && $index <= $best + 4
                    && preg_match('/^\p{Lu}[^\p{Lu}\d]+$/u', $text) === 1
                    && preg_match('/^\S+(?: \S+){3,8}$/u', $text) === 1 => ['tagline', 0.55],
                ! isset($taken['company']) && $named === [] && $best !== null && $index <= $best + 2
                    && mb_strlen($text) < 50 => ['company', 0.5],
                default => ['line', 0.35],
            };
            $taken[$kind] = true;
            $text = $kind === 'closing' ? $text : rtrim($text, ', ');
            $add(
                $kind,
                match ($kind) {
                    'closing' => ['phrase' => $text],
                    'line' => ['value' => mb_strimwidth($text, 0, 150, '…')],
                    default => ['text' => $text],
                },
                $confidence,
                $text,
            );
        }
    }

    /**
     * @param  string  $firm  first label of the domain its mail or site is at
     * @return float how sure it is that this is a firm's name; 0 for none
     */
    private static function isCompany(string $text, string $firm): float
    {
        $plain = (string) preg_replace('/[^a-z0-9]/', '', mb_strtolower($text));
        $firm = (string) preg_replace('/[^a-z0-9]/', '', $firm);

        return $firm !== '' && mb_strlen($plain) >= 3
            && (str_contains($plain, $firm) || (mb_strlen($plain) >= 4 && str_starts_with($firm, $plain)))
            ? self::FIRM
            : (preg_match(self::COMPANY, $text) === 1
                ? 0.8
                : 0.0);
    }

    private static function nameScore(string $text, int $index, float $size, bool $bold, string $local): float
    {
        $name = trim(explode(',', $text)[0]);
        $count = count(preg_split('/\s+/u', $name) ?: []);
        if (mb_strlen($name) > 50 || $count > 5 || preg_match('/\d|[@:\/]/', $name) === 1
            || preg_match(self::CLOSING, $name) === 1 || preg_match('/\p{L}/u', $name) !== 1) {
            return 0;
        }
        $parts = array_filter(
            preg_split('/[^\p{L}]+/u', mb_strtolower($name)) ?: [],
            fn (string $part) => mb_strlen($part) > 2,
        );
        $spoken = array_filter(
            $parts,
            fn (string $part) => str_contains(
                $local,
                (string) preg_replace(
                    '/[^a-z]/',
                    '',
                    (string) transliterator_transliterate('Any-Latin; Latin-ASCII; Lower()', $part),
                )
                ?: '-',
            ),
        );

        return max(0, 4 - $index) * 0.7
            + ($count >= 2 && $count <= 4 ? 1.5 : 0)
            + ($size > 15 ? 1.5 : 0) + ($bold ? 1 : 0)
            + 2 * count($spoken)
            + (preg_match('/^(?:(?:dr|prof|mr|mrs|ms|mx)\.? )?(?:\p{Lu}[\p{L}\'’.-]*\s*){2,4}$/u', $name) === 1 ? 1 : 0)
            - (preg_match(self::COMPANY, $name) === 1 ? 3 : 0)
            - (preg_match(self::ROLE, $name) === 1 ? 2.5 : 0)
            - ($count === 1 ? 1 : 0);
    }

    /**
     * As its tag says; where that says nothing, as the picture inside it says.
     *
     * @return array{int, int} CSS px
     */
    private static function sides(string $source, int $width, int $height): array
    {
        if (max($width, $height) > 0 || ! str_starts_with($source, 'data:')) {
            return [$width, $height];
        }
        $size = @getimagesizefromstring((string) base64_decode((string) substr((string) strstr($source, ','), 1)));

        return $size === false ? [0, 0] : [$size[0], $size[1]];
    }

    private static function sort(string $around, string $label): string
    {
        $before = $label === '' ? $around : (string) strstr($around, $label, true);
        foreach (self::LABELS as $sort => $pattern) {
            if (preg_match($pattern, $before) === 1) {
                return $sort;
            }
        }

        return '';
    }

    private static function isProfile(string $address): bool
    {
        try {
            $link = ProfileDirectory::read($address);

            return $link->handle !== '' && $link->kind !== 'other' && ! str_starts_with($link->kind, 'purpose-');
        } catch (Refusal) {
            return false;
        }
    }

    private static function without(string $text, string $part): string
    {
        $at = $part === '' ? false : strpos($text, $part);

        return $at === false ? $text : substr_replace($text, ' ', $at, strlen($part));
    }

    private static function plain(string $text): string
    {
        return trim(
            (string) preg_replace(
                ['/[\x{200B}-\x{200D}\x{2060}\x{FEFF}\x{AD}\x00-\x08\x0e-\x1f]/u', '/[^\S\n]*\n\s*|[ \t\x{A0}]+/u'],
                ['', ' '],
                mb_scrub($text, 'UTF-8'),
            ),
        );
    }

    /** @param  array<string, mixed>  $fields */
    private static function accepted(
        string $kind,
        array $fields,
        string $country,
        float $confidence,
        string $source,
    ): ?Fact {
        try {
            $piece = Kinds::of($kind);

            return new Fact($kind, $piece->accept($fields, $country), $confidence, mb_strimwidth($source, 0, 200, '…'));
        } catch (Refusal) {
            return null;
        }
    }

    /**
     * @param  list<Fact>  $facts
     * @return list<Fact> as they usually stand on a card
     */
    private static function ordered(array $facts): array
    {
        $order = array_flip([
            'closing', 'headshot', 'logo', 'name', 'pronouns', 'credentials', 'role', 'department', 'company',
            'tagline', 'phone', 'email', 'web', 'address', 'licence', 'line', 'profiles', 'button', 'textlink',
            'banner', 'notice',
        ]);
        usort($facts, fn (Fact $one, Fact $other) => ($order[$one->kind] ?? 99) <=> ($order[$other->kind] ?? 99));

        return $facts;
    }
}
