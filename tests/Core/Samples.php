<?php

namespace Tests\Core;

use InkyCard\Card\Arrangement\Arrangement;
use InkyCard\Card\Card;
use InkyCard\Card\CardJson;
use InkyCard\Card\Content\PictureBlock;
use InkyCard\Card\Kind\Kinds;
use InkyCard\Card\Kind\Zone;
use InkyCard\Compose\PictureSources;

/** Cards for tests. */
final class Samples
{
    /** @param  array<string, mixed>  $more  keys of the card document */
    public static function card(array $more = []): Card
    {
        return CardJson::read(
            $more + [
                'format' => CardJson::FORMAT,
                'name' => 'Test',
                'pieces' => [
                    ['id' => 'p1', 'kind' => 'headshot', 'fields' => ['picture' => 'sample:portrait-office']],
                    ['id' => 'p2', 'kind' => 'name', 'fields' => ['text' => 'Maren Oakhollow']],
                    ['id' => 'p3', 'kind' => 'role', 'fields' => ['text' => 'Principal designer']],
                    ['id' => 'p4', 'kind' => 'company', 'joined' => ' · ', 'fields' => ['text' => 'Quillfern & Co']],
                    ['id' => 'p5', 'kind' => 'phone', 'fields' => ['number' => '01632 960147', 'sort' => 'office']],
                    ['id' => 'p6', 'kind' => 'email', 'fields' => ['address' => 'maren@quillfern.example']],
                    ['id' => 'p7', 'kind' => 'web', 'fields' => ['address' => 'quillfern.example/visits/']],
                    [
                        'id' => 'p8',
                        'kind' => 'profiles',
                        'fields' => ['links' => ['linkedin.com/in/maren', 'Portfolio: quillfern.example/work']],
                    ],
                    [
                        'id' => 'p9', 'kind' => 'button', 'joined' => '',
                        'fields' => ['words' => 'Book a visit', 'address' => 'quillfern.example/book'],
                    ],
                ],
            ],
        );
    }

    /**
     * A random but acceptable card document; the same for the same seed.
     *
     * @return array<string, mixed>
     */
    public static function document(int $seed): array
    {
        mt_srand($seed);
        $pick = fn (array $of) => $of[mt_rand(0, count($of) - 1)];
        $words = fn () => $pick([
            'Maren Oakhollow', 'O\'Brien & "Sons"', 'דנה לוי', '山田 太郎', 'Zoë 🌱 Ängström', 'a < b > c',
            str_repeat('Long surname ', 4), '', "e\u{301}clair", '100 %',
        ]);
        $fields = fn (string $kind) => match ($kind) {
            'phone' => [
                'number' => $pick(['+44 1632 960147', '01632 960148 ext 12', '']),
                'sort' => $pick(['', 'mobile', 'office']),
            ],
            'email' => ['address' => $pick(['maren@quillfern.example', 'a+b@quillfern.example', ''])],
            'web' => [
                'address' => $pick(['quillfern.example', 'https://quillfern.example/a?b=1&c="2"#d', '']),
                'words' => $words(),
            ],
            'headshot' => [
                'picture' => $pick(['sample:portrait-office', 'https://quillfern.example/me.png', '']),
                'alt' => $words(), 'size' => mt_rand(48, 160), 'shape' => $pick(['round', 'rounded', 'square']),
            ],
            'profiles' => [
                'links' => array_slice(
                    ['linkedin.com/in/x', 'Shop & co: quillfern.example/shop', 'x.com/abc'],
                    0,
                    mt_rand(0, 3),
                ),
            ],
            'button' => ['words' => $pick(['Book "now" & save', '']), 'address' => 'quillfern.example/book'],
            'address' => ['text' => $words(), 'map' => $pick(['', 'quillfern.example/map'])],
            'line' => [
                'value' => $words(),
                'label' => $pick(['', 'Open']),
                'address' => $pick(['', 'quillfern.example/x']),
            ],
            'logo', 'picture', 'banner', 'video', 'closing' => [
                'picture' => $pick(['sample:portrait-office', '']), 'width' => mt_rand(120, 160),
                'ratio' => mt_rand(2, 30) / 10, 'address' => $pick(['', 'quillfern.example/x']), 'phrase' => $words(),
            ],
            'textlink', 'booking', 'conference', 'payment', 'event', 'offer' => [
                'words' => $words(), 'address' => $pick(['', 'quillfern.example/x']),
                'form' => $pick(['button', 'link', 'underlined']), 'starts' => $pick(['', '2027-05-22']),
                'ends' => $pick(['', '2027-03-14']),
            ],
            'post' => ['title' => $words(), 'address' => 'quillfern.example/new', 'lead' => $words()],
            'quote' => ['text' => $words(), 'by' => $words(), 'address' => $pick(['', 'quillfern.example/x'])],
            'notice' => [
                'text' => "One & two.\n\n".$words(),
                'documents' => $pick([[], ['Notice: quillfern.example/n.pdf']]),
            ],
            'html' => [
                'html' => $pick([
                    '',
                    '<b onclick="x()">Bold</b> & <script>bad()</script>',
                    '<p style="color:#123456;position:fixed">Words</p>',
                    '<a href="https://quillfern.example/a?b=1&c=2">L</a><a style="font-size:12px" '
                        .'href="javascript:x">M</a><img src=x><img src="https://quillfern.example/a.png" width="9" '
                        .'height="9">',
                ]),
            ],
            default => ['text' => $words()],
        };
        $pieces = [];
        foreach (range(1, mt_rand(1, 14)) as $number) {
            $kind = $pick(array_keys(Kinds::all()));
            $pieces[] = array_filter(
                [
                    'id' => "p$number",
                    'kind' => $kind,
                    'zone' => $pick(Zone::cases())->value,
                    'fields' => $fields($kind) + ['later' => ['x' => mt_rand(0, 9)]],
                    'joined' => $pick([null, null, ' · ', '']),
                    'sample' => $pick([null, true]),
                    'shown' => $pick([null, null, false]),
                    'tuning' => $pick([
                        null,
                        ['ink' => 'link', 'size' => 14.5],
                        ['gap' => 7, 'bold' => true, 'glow' => 1],
                        ['face' => $pick(['palatino', 'Futura, Verdana, sans-serif']), 'call' => [
                            'words' => $pick(['paper', null]), 'radius' => $pick([0, 24]), 'symbol' => 'telephone',
                            'side' => $pick(['start', 'end']), 'outlined' => $pick([true, false]), 'shine' => 1,
                        ]],
                    ]),
                    'mood' => $pick([null, 'new key']),
                ],
                fn ($value) => $value !== null,
            );
        }

        return [
            'format' => CardJson::FORMAT,
            'name' => "Card $seed",
            'lang' => $pick(['en', 'he', 'ja']),
            'country' => 'GB',
            'arrangement' => $pick(array_keys(Arrangement::all())),
            'style' => [
                'typeface' => $pick(['verdana', 'trebuchet']), 'rule' => ['width' => mt_rand(0, 4)],
                'symbols' => ['shape' => $pick(['none', 'none', 'bare', 'round'])],
                'gaps' => ['lines' => mt_rand(0, 5), 'leading' => $pick([1.4, 1.6])],
                'button' => ['word' => $pick([true, false])], 'ground' => ['shown' => $pick([true, false, false])],
                'aura' => ['deep' => true],
            ],
            'tags' => $pick([
                null,
                [
                    'campaign' => $words(), 'patterns' => ['term' => $pick(['', '{person} {card}'])], 'off' => ['p2'],
                    'since' => 1,
                ],
            ]),
            'pieces' => $pieces,
            'forms' => $pick([null, ['reply' => ['without' => ['p1', 'p3'], 'arrangement' => 'reply', 'dim' => 1]]]),
            'future' => ['a' => [1, 2]],
        ];
    }

    public static function pictures(): PictureSources
    {
        return new class implements PictureSources
        {
            public function prepare(array $pictures): void
            {
            }

            public function source(PictureBlock $picture): string
            {
                return is_string($picture->source)
                    ? $picture->source
                    : 'https://cards.quillfern.example/p/'.hash('sha256', $picture->source->key()).'.png';
            }
        };
    }
}
