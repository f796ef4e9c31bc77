<?php

namespace Tests\Core;

use InkyCard\Card\Kind\Kinds;
use InkyCard\Import\TextSource;
use InkyCard\Link\ProfileDirectory;
use InkyCard\Link\ProfileText;
use PHPUnit\Framework\TestCase;

/** Names on networks as people write them: the network's word settles it, on the bench and where a signature is read. */
final class NamedHandleTest extends TestCase
{
    private const LINES = [
        '{N}: {h}', '{N} {h}', '{N} @{h}', '{N}: @{h}', '{N} - {h}', '{N} – @{h}', '{N}  →  {h}', '{N}={h}',
        '@{h} on {N}',
        '{h} ({N})', 'Find me on {N}: {h}', 'Follow us on {N} @{h}!', 'my {N} handle is {h}', '{N} user name: {h}',
    ];

    /**
     * @return array<string, array{string, string, bool}> word => kind, its address for a name, whether names with a dot
     *     are had there; an empty address is words to copy
     */
    private static function networks(): array
    {
        return [
            'Instagram' => ['instagram', 'https://www.instagram.com/%s', true],
            'IG' => ['instagram', 'https://www.instagram.com/%s', true],
            'insta' => ['instagram', 'https://www.instagram.com/%s', true],
            'Facebook' => ['facebook', 'https://www.facebook.com/%s', true],
            'fb' => ['facebook', 'https://www.facebook.com/%s', true],
            'LinkedIn' => ['linkedin', 'https://www.linkedin.com/in/%s', false],
            'Linked In' => ['linkedin', 'https://www.linkedin.com/in/%s', false],
            'TikTok' => ['tiktok', 'https://www.tiktok.com/@%s', true],
            'tik tok' => ['tiktok', 'https://www.tiktok.com/@%s', true],
            'X' => ['x', 'https://x.com/%s', false],
            'Twitter' => ['x', 'https://x.com/%s', false],
            'YouTube' => ['youtube', 'https://www.youtube.com/@%s', true],
            'Threads' => ['threads', 'https://www.threads.com/@%s', true],
            'Bluesky' => ['bluesky', 'https://bsky.app/profile/%s', true],
            'Pinterest' => ['pinterest', 'https://www.pinterest.com/%s/', false],
            'Snapchat' => ['snapchat', 'https://www.snapchat.com/add/%s', true],
            'Medium' => ['medium', 'https://medium.com/@%s', true],
            'Telegram' => ['telegram', 'https://t.me/%s', false],
            'GitHub' => ['github', 'https://github.com/%s', false],
            'Behance' => ['behance', 'https://www.behance.net/%s', false],
            'Etsy' => ['etsy', 'https://www.etsy.com/shop/%s', false],
            'SoundCloud' => ['soundcloud', 'https://soundcloud.com/%s', false],
            'Substack' => ['substack', 'https://%s.substack.com', false],
            'Signal' => ['signal', '', true],
            'Discord' => ['discord', '', true],
            'WeChat' => ['wechat', '', true],
            'Skype' => ['skype', '', true],
        ];
    }

    /** @return list<array{string, string, string}> line, kind, address or, for words, `Label: name` */
    private static function lines(): array
    {
        $lines = [];
        foreach (self::networks() as $word => [$kind, $address, $dots]) {
            foreach (self::LINES as $number => $line) {
                $name = ['quillfern', $dots ? 'maren.oak' : 'marenoak', 'maren_oak7'][$number % 3];
                $name = $kind === 'bluesky' ? "$name.bsky.social" : $name;
                $hyphens = in_array($kind, ['substack', 'pinterest', 'github', 'linkedin'], true);
                $name = $hyphens ? strtr($name, '_', '-') : $name;
                $lines[] = [
                    strtr($line, ['{N}' => $word, '{h}' => $name]), $kind,
                    $address === '' ? ProfileDirectory::all()[$kind]['label'].": $name" : sprintf($address, $name),
                ];
            }
        }

        return [
            ...$lines,
            ['WhatsApp 07700 900123', 'whatsapp', 'https://wa.me/447700900123'],
            ['WhatsApp: +44 7700 900123', 'whatsapp', 'https://wa.me/447700900123'],
            ['07700 900123 (WhatsApp)', 'whatsapp', 'https://wa.me/447700900123'],
            ['Viber +44 7700 900123', 'viber', 'Viber: +44 7700 900123'],
            ['Mastodon: maren@fosstodon.org', 'mastodon', 'https://fosstodon.org/@maren'],
            ['@maren@fosstodon.org', 'mastodon', 'https://fosstodon.org/@maren'],
            ['@maren.bsky.social', 'bluesky', 'https://bsky.app/profile/maren.bsky.social'],
            ['Discord: maren#1234', 'discord', 'Discord: maren#1234'],
            ['Matrix @maren:quillfern.example', 'matrix', 'https://matrix.to/#/@maren:quillfern.example'],
            ['LINE ID: quillfern', 'line', 'https://line.me/R/ti/p/~quillfern'],
        ];
    }

    public function test_the_networks_word_settles_what_a_name_is(): void
    {
        $lines = self::lines();
        $this->assertGreaterThan(300, count($lines));
        $missed = [];
        foreach ($lines as [$line, $kind, $as]) {
            $found = ProfileText::sort($line, 'GB')['links'];
            [$link] = $found + [['kind' => '', 'as' => '']];
            [$link['kind'], $link['as'], count($found)] === [$kind, $as, 1] || $missed[] = "$line: $link[as]";
            // What is kept is read again as it was.
            $this->assertSame($link['as'], $link['as'] === '' ? '' : ProfileDirectory::line($link['as']), $line);
        }
        $this->assertLessThanOrEqual(0.01 * count($lines), count($missed), implode("\n", $missed));
    }

    public function test_several_of_a_line_are_told_apart_and_words_are_no_names(): void
    {
        $as = fn (string $line): array => array_column(ProfileText::sort($line, 'GB')['links'], 'as');
        $this->assertSame(
            ['https://www.instagram.com/maren', 'https://www.tiktok.com/@maren'], $as('@maren on Instagram and TikTok'),
        );
        $this->assertSame(
            ['https://www.instagram.com/a.b', 'https://www.tiktok.com/@c', 'https://www.linkedin.com/in/d'],
            $as('IG: a.b, TikTok: @c; linkedin.com/in/d'),
        );
        $this->assertSame(
            ['https://www.instagram.com/a.b', 'https://www.facebook.com/c'], $as('Instagram | a.b | Facebook | c'),
        );
        foreach ([
            'We are on Instagram', 'Instagram is great today', 'words alone', 'See you at the bar',
            'Zoom', 'maren@quillfern.example', 'Facebook, Instagram, LinkedIn', 'Teams meeting on Tuesday',
        ] as $words) {
            $this->assertSame([], $as($words), $words);
        }
    }

    /** In a signature the same lines are profiles, and what speaks of something else is none. */
    public function test_names_are_read_in_from_a_signature(): void
    {
        $facts = TextSource::facts(
            "Maren Oakhollow\nLine manager\nQuillfern Garden Studio\nInstagram: maren.oak\nTikTok @quillfern\n"
                ."Signal: maren.01\nWhatsApp 07700 900123\nTeams and Zoom on request\n", 'GB',
        );
        $profiles = array_values(array_filter($facts, fn ($fact) => $fact->kind === 'profiles'))[0];
        $links = $profiles->fields['links'];
        $this->assertSame([
            'https://www.instagram.com/maren.oak', 'https://www.tiktok.com/@quillfern', 'Signal: maren.01',
            'https://wa.me/447700900123',
        ], $links);
        $this->assertContains('Line manager', array_map(fn ($fact) => $fact->fields['text'] ?? '', $facts));
    }

    public function test_a_name_without_an_address_is_words_on_the_card(): void
    {
        $kind = Kinds::of('profiles');
        $accepted = $kind->accept(['links' => "Signal maren.01\ninstagram.com/quillfern"], 'GB');
        $this->assertSame(['Signal: maren.01', 'https://www.instagram.com/quillfern'], $accepted['links']);
        foreach (['marks', 'words', 'buttons'] as $form) {
            $card = Samples::card(['pieces' => [
                ['id' => 'p1', 'kind' => 'profiles', 'fields' => ['form' => $form] + $accepted],
            ]]);
            $blocks = $card->content($card->pieces[0]);
            $runs = array_merge(...array_map(fn ($block) => $block->runs(), $blocks));
            $words = implode(' ', array_column($runs, 'text'));
            $this->assertStringContainsString('Signal maren.01', $words, $form);
            $links = array_merge(...array_map(fn ($block) => array_column($block->links(), 'href'), $blocks));
            $this->assertSame(['https://www.instagram.com/quillfern'], $links, $form);
        }
    }
}
