<?php

namespace Tests\Core;

use InkyCard\Card\Card;
use InkyCard\Card\Edit\FillPiece;
use InkyCard\Compose\HtmlComposer;
use InkyCard\Compose\PlainTextComposer;
use InkyCard\Layout\Sheet;
use InkyCard\Picture\Baked;
use InkyCard\Refusal;
use InkyCard\Stamp\CardParts;
use InkyCard\Stamp\LeftAlone;
use InkyCard\Stamp\MailMessage;
use InkyCard\Stamp\NoPlace;
use InkyCard\Stamp\Stamper;
use InkyCard\Verification\ExpectedCard;
use InkyCard\Verification\ReceivedMessage;
use InkyCard\Verification\Verified;
use InkyCard\Verification\Verifier;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use ZBateson\MailMimeParser\IMessage;
use ZBateson\MailMimeParser\Message as Parsed;
use ZBateson\MailMimeParser\Message\IMessagePart;

/** Cards put into messages on their way out: read back by another parser, and held against what was there. */
final class StampTest extends TestCase
{
    private const FROM = 'maren@quillfern.example';

    private const HEAD = "From: \"Oakhollow, Maren\" <Maren@Quillfern.example>\r\nTo: perrin@dovecote.example\r\n"
        ."Subject: =?utf-8?q?Pl=C3=A4ne?=\r\n";

    /** What is quoted, as programs mark it: HTML, text. */
    private const QUOTES = [
        'none' => ['', ''],
        'cited' => [
            '<div class="cite">On Tue, 24 Nov 2026, perrin@dovecote.example wrote:</div><blockquote type="cite"><p>Are '
                .'they ordered?</p></blockquote>',
            "On Tue, 24 Nov 2026, perrin@dovecote.example wrote:\r\n> Are they ordered?\r\n",
        ],
        'ruled' => [
            '<div style="border:none;border-top:solid #E1E1E1 1.0pt"><p><b>From:</b> Perrin &lt;perrin@dovecote.example'
                .'&gt;<br><b>Sent:</b> Tuesday</p></div><p>Are they ordered?</p>',
            "From: Perrin <perrin@dovecote.example>\r\nSent: Tuesday\r\n\r\nAre they ordered?\r\n",
        ],
        'bare' => [
            'Am 24.11.2026 um 10:12 schrieb Perrin &lt;perrin@dovecote.example&gt;:<br><blockquote>Are they ordered?'
                .'</blockquote>',
            "Am 24.11.2026 um 10:12 schrieb Perrin <perrin@dovecote.example>:\r\n> Are they ordered?\r\n",
        ],
    ];

    /** @return iterable<string, array{string, string, string}> shape, encoding, character set */
    public static function shapes(): iterable
    {
        foreach (['text', 'html', 'alternative', 'mixed', 'related', 'apple'] as $shape) {
            foreach (['7bit', '8bit', 'quoted-printable', 'base64'] as $encoding) {
                foreach (['us-ascii', 'utf-8', 'iso-8859-1', 'windows-1252', 'iso-2022-jp', 'shift_jis'] as $charset) {
                    if ($encoding !== '7bit' || in_array($charset, ['us-ascii', 'iso-2022-jp'], true)) {
                        yield "$shape $encoding $charset" => [$shape, $encoding, $charset];
                    }
                }
            }
        }
    }

    #[DataProvider('shapes')]
    public function test_a_card_stands_above_what_is_quoted_and_all_else_is_as_it_was(
        string $shape, string $encoding, string $charset,
    ): void {
        foreach (array_keys(self::QUOTES) as $number => $quote) {
            foreach (["\r\n", "\n"] as $eol) {
                // Each with pictures of its own half the time: what they do has nothing to do with how lines end.
                foreach ([($number + strlen($eol)) % 2 === 0 ? [] : self::files()] as $files) {
                    $bytes = str_replace("\r\n", $eol, self::message($shape, $encoding, $charset, $quote));
                    $card = self::parts(Samples::card(), $files);
                    $stamped = (new Stamper(MailMessage::read($bytes), $card))->stamp();
                    $this->assertCarries($bytes, $stamped, $card, $files);
                    // Once is enough: the verifier finds it, whatever way it was written.
                    $this->assertContains(self::verdict($stamped, Samples::card()), ['verified', 'plain'], $quote);
                }
            }
        }
    }

    /** @param  array<string, Baked>  $files */
    private function assertCarries(string $bytes, string $stamped, CardParts $card, array $files): void
    {
        [$was, $is] = [Parsed::from($bytes, false), Parsed::from($stamped, false)];
        $eol = str_contains($bytes, "\r\n") ? "\r\n" : "\n";
        $this->assertSame($eol === "\r\n" ? 0 : substr_count($stamped, "\n"), preg_match_all('/(?<!\r)\n/', $stamped));
        foreach (['From', 'To', 'Subject', 'X-Odd'] as $name) {
            $this->assertSame($was->getHeader($name)?->getRawValue(), $is->getHeader($name)?->getRawValue());
        }
        foreach ([[$was->getHtmlContent(), $is->getHtmlContent()], [$was->getTextContent(), $is->getTextContent()]] as [
            $before, $after,
        ]) {
            if ($before !== null) {
                // What was there is there, in two pieces around the card.
                $at = 0;
                while ($at < strlen($before) && $before[$at] === ($after[$at] ?? '')) {
                    $at++;
                }
                $rest = substr($before, $at);
                $this->assertTrue($rest === '' || str_ends_with((string) $after, $rest), "$stamped\n---\n$rest");
                $quoted = strcspn((string) $after, "\0");
                foreach (['wrote:', 'From:', 'schrieb', '&gt; Are'] as $sign) {
                    $quoted = min($quoted, strpos((string) $after, $sign) ?: $quoted);
                }
                $this->assertLessThan($quoted, strpos((string) $after, 'Maren Oakhollow'));
                $this->assertGreaterThan(strpos((string) $after, 'ordered,'),
                    strpos((string) $after, 'Maren Oakhollow'));
            }
        }
        $this->assertEqualsCanonicalizing([
            ...self::attached($was),
            ...$was->getHtmlPart() === null ? []
                : array_map(fn (Baked $file): string => $file->bytes, array_values($files)),
        ], self::attached($is));
        foreach (preg_split('/\r?\n/', $stamped) ?: [] as $line) {
            $this->assertLessThanOrEqual(998, strlen($line));
        }
        if (! preg_match('/[\x80-\xff]/', $bytes)) {
            $this->assertDoesNotMatchRegularExpression('/[\x80-\xff]/', $stamped);
        }
    }

    #[DataProvider('shapes')]
    public function test_an_older_card_makes_room_and_the_writers_own_words_stay(
        string $shape, string $encoding, string $charset,
    ): void {
        $old = (new FillPiece('p3', ['text' => 'Head gardener']))->apply(Samples::card());
        foreach (['none', 'ruled'] as $quote) {
            $bytes = self::message($shape, $encoding, $charset, $quote);
            $carrying = (new Stamper(MailMessage::read($bytes), self::parts($old, self::files('x'))))->stamp();
            $this->assertSame('Head gardener', $this->seen($carrying));
            $stamped = (new Stamper(MailMessage::read($carrying), self::parts(Samples::card(), self::files())))
                ->stamp(ExpectedCard::card(1, $old, Samples::pictures()));
            $this->assertSame('Principal designer', $this->seen($stamped));
            // As if the older one had never been there.
            $fresh = (new Stamper(MailMessage::read($bytes), self::parts(Samples::card(), self::files())))->stamp();
            [$fresh, $stamped] = [Parsed::from($fresh, false), Parsed::from($stamped, false)];
            $this->assertSame($fresh->getTextContent(), $stamped->getTextContent());
            $this->assertSame($fresh->getHtmlContent(), $stamped->getHtmlContent());
            $this->assertCount(count($fresh->getAllAttachmentParts()), $stamped->getAllAttachmentParts());
        }
    }

    private function seen(string $bytes): string
    {
        $message = Parsed::from($bytes, false);
        $words = $message->getHtmlContent().$message->getTextContent();

        return implode(' ', array_unique(preg_match_all('/Head gardener|Principal designer/', $words, $found) > 0
            ? $found[0] : []));
    }

    public function test_what_reads_below_its_quote_and_odd_markup_find_their_place(): void
    {
        $below = '<blockquote>Are they?</blockquote><p>They are ordered,</p>';
        $attributed = '<p>On 24 Nov, perrin@dovecote.example wrote:</p>'.$below;
        foreach ([
            [$below, '</p>', ''], [$attributed, '</p>', ''],
            ['<p>They are ordered,<p>yours', 'yours', ''],
            ['They are ordered,<br>On 24 Nov, perrin@dovecote.example wrote:<blockquote>a</blockquote>', '<br>',
                'On 24'],
            ['<!-- <p> --><p title="a > b">They are ordered,</p><!--[if mso]></p><![endif]--></BODY></html >', ']-->',
                '</BODY>'],
            ['<div>They are ordered,<div id=x><br></div><div id=q><hr>From: perrin@dovecote.example<br>x</div></div>',
                '</div>', '<div id=q>'],
        ] as [$html, $before, $behind]) {
            $bytes = self::HEAD."Content-Type: text/html; charset=utf-8\r\n\r\n$html";
            $stamped = (new Stamper(MailMessage::read($bytes), self::parts(Samples::card())))->stamp();
            $this->assertStringContainsString("$before<br><table", $stamped, $html);
            $this->assertMatchesRegularExpression(
                '~</table\s*>'.($behind === '' ? '' : '(?:<br>)?'.preg_quote($behind, '~')).'~',
                $stamped, $html);
        }
    }

    /** @return iterable<string, array{string, ?LeftAlone}> */
    public static function untouched(): iterable
    {
        $head = fn (string $more, string $type = 'text/plain', string $body = 'Words.'): string => self::HEAD
            ."{$more}Content-Type: $type\r\n\r\n$body\r\n";
        $parts = fn (string $inner): string => "--b\r\nContent-Type: text/plain\r\n\r\nWords.\r\n--b\r\n$inner\r\n\r\n"
            ."x\r\n--b--";
        yield 'signed' => [$head('', 'multipart/signed; boundary=b', $parts('Content-Type: application/pgp-signature')),
            LeftAlone::Signed];
        yield 'signed within' => [$head('', 'multipart/mixed; boundary=b', $parts(
            "Content-Type: multipart/signed; boundary=c\r\n\r\n--c\r\n\r\na\r\n--c--",
        )), LeftAlone::Signed];
        yield 'signed opaquely' => [$head('', 'application/pkcs7-mime; smime-type=signed-data'), LeftAlone::Signed];
        yield 'signed by its server' => [$head("DKIM-Signature: v=1; a=rsa-sha256\r\n"), LeftAlone::Signed];
        yield 'signed in words' => [$head('', 'text/plain', "-----BEGIN PGP SIGNED MESSAGE-----\r\nHash: a"),
            LeftAlone::Signed];
        yield 'encrypted' => [$head('', 'multipart/encrypted; boundary=b', $parts('Content-Type: a/b')),
            LeftAlone::Encrypted];
        yield 'encrypted for certificates' => [$head('', 'application/x-pkcs7-mime; smime-type="enveloped-data"'),
            LeftAlone::Encrypted];
        yield 'encrypted in words' => [$head('', 'text/plain', "Hm\r\n-----BEGIN PGP MESSAGE-----\r\nx"),
            LeftAlone::Encrypted];
        yield 'invitation' => [$head('', 'multipart/alternative; boundary=b', $parts(
            'Content-Type: text/calendar; method=REQUEST',
        )), LeftAlone::Calendar];
        yield 'absence' => [$head("Auto-Submitted: auto-replied\r\n"), LeftAlone::Automatic];
        yield 'absence of old' => [$head("Precedence: auto_reply\r\n"), LeftAlone::Automatic];
        yield 'report' => [$head('', 'multipart/report; boundary=b', $parts('Content-Type: message/delivery-status')),
            LeftAlone::Automatic];
        yield 'list' => [$head("List-Id: <plants.quillfern.example>\r\n"), LeftAlone::Mailing];
        yield 'mailing' => [$head("Precedence: bulk\r\n"), LeftAlone::Mailing];
        yield 'passed on as it is' => [$head("Resent-From: a@b.example\r\n"), LeftAlone::PassedOn];
        yield 'file alone' => [$head('', 'application/pdf'), LeftAlone::Wordless];
        yield 'words in UTF-16' => [$head('', 'text/plain; charset=utf-16'), LeftAlone::Odd];
        yield 'encoding nobody knows' => [$head("Content-Transfer-Encoding: x-uue\r\n"), LeftAlone::Odd];
        yield 'answered by hand' => [$head("Auto-Submitted: no\r\n"), null];
    }

    #[DataProvider('untouched')]
    public function test_what_nothing_is_put_into_says_why(string $bytes, ?LeftAlone $why): void
    {
        $this->assertSame($why, LeftAlone::why(MailMessage::read($bytes)));
        $this->assertSame(self::FROM, MailMessage::read($bytes)->from());
    }

    public function test_any_bytes_are_stamped_rightly_or_left(): void
    {
        mt_srand(20261129);
        $card = self::parts(Samples::card(), self::files());
        $done = 0;
        for ($try = 0; $try < 400; $try++) {
            $shapes = array_values(iterator_to_array(self::shapes()));
            $shape = $shapes[mt_rand(0, count($shapes) - 1)];
            $bytes = self::message(...[...$shape, array_keys(self::QUOTES)[mt_rand(0, 3)]]);
            for ($harm = mt_rand(0, 3); $harm > 0; $harm--) {
                $at = mt_rand(0, strlen($bytes) - 2);
                $bytes = substr_replace($bytes,
                    ['', "\0", '<', '"', "\r\n\r\n", '--b', '=', '&', "\xff"][mt_rand(0, 8)],
                    $at, mt_rand(0, 40));
            }
            try {
                $message = MailMessage::read($bytes);
                $stamped = LeftAlone::why($message) === null ? (new Stamper($message, $card))->stamp() : $bytes;
            } catch (NoPlace|Refusal) {
                continue;
            }
            $done += $stamped === $bytes ? 0 : 1;
            // All that is not ASCII, and no sign more than the card's, is still there in order.
            $this->assertGreaterThanOrEqual(0, strlen($stamped) - strlen($bytes), "try $try");
            MailMessage::read($stamped);
        }
        $this->assertGreaterThan(200, $done);
    }

    /** @return list<string> */
    private static function attached(IMessage $message): array
    {
        return array_map(
            fn (IMessagePart $part): string => (string) $part->getBinaryContentStream()?->getContents(),
            array_values($message->getAllAttachmentParts()),
        );
    }

    private static function verdict(string $bytes, Card $card): string
    {
        $message = MailMessage::read($bytes)->received();

        return self::verified($card, $message)->verdict;
    }

    private static function verified(Card $card, ReceivedMessage $message): Verified
    {
        return Verifier::verify(ExpectedCard::card(2, $card, Samples::pictures()), [], $message);
    }

    /** @return array<string, Baked> */
    private static function files(string $of = ''): array
    {
        return ["p$of@quillfern.example" => new Baked("\x89PNG$of", 'png', 1, 1)];
    }

    /** @param  array<string, Baked>  $files */
    private static function parts(Card $card, array $files = []): CardParts
    {
        $html = (new HtmlComposer(Samples::pictures()))->compose(Sheet::of($card));
        foreach (array_keys($files) as $id) {
            $html = (string) preg_replace('~src="[^"]+"~', "src=\"cid:$id\"", $html, 1);
        }

        return new CardParts($html, PlainTextComposer::compose(Sheet::of($card)), $files);
    }

    private static function message(string $shape, string $encoding, string $charset, string $quote): string
    {
        [$html, $text] = self::QUOTES[$quote];
        $words = ['us-ascii' => 'a', 'iso-2022-jp' => '注文', 'shift_jis' => '注文'][$charset] ?? 'Zoë — 5 €';
        $words = $charset === 'iso-8859-1' ? 'Zoë' : $words;
        $written = fn (string $type, string $utf8): string => self::part($type, $charset, $encoding, $utf8);
        $html = $written('html', "<html><head><style>p > a{}</style></head><body><p>They are ordered, $words &amp; "
            ."co.</p>\r\n$html</body></html>\r\n");
        $text = $written('plain', "They are ordered, $words & co.\r\n\r\n$text");
        $file = "Content-Type: application/pdf; name=\"a.pdf\"\r\nContent-Disposition: attachment; filename=a.pdf\r\n"
            ."Content-Transfer-Encoding: base64\r\n\r\nJVBERi0xLjQK\r\n";
        $picture = str_replace(['application/pdf', 'a.pdf', 'attachment'], ['image/png', 'a.png', 'inline'], $file);
        $multipart = fn (string $type, string $mark, string ...$parts): string => "Content-Type: multipart/$type; "
            ."boundary=\"$mark\"\r\n\r\nPreamble\r\n".implode('', array_map(
                fn (string $part): string => "--$mark\r\n$part\r\n", $parts,
            ))."--$mark--\r\n";

        return self::HEAD."X-Odd:  kept \r\n  as it is\r\nMIME-Version: 1.0\r\n".match ($shape) {
            'text' => $text,
            'html' => $html,
            'alternative' => $multipart('alternative', 'b', $text, $html),
            'mixed' => $multipart('mixed', 'b', $multipart('alternative', 'b2', $text, $html), $file),
            'related' => $multipart('alternative', 'b', $text, $multipart('related', 'b=3', $html, $picture)),
            default => $multipart('alternative', 'b', $text, $multipart('mixed', 'c', $html, $file)),
        };
    }

    private static function part(string $type, string $charset, string $encoding, string $utf8): string
    {
        $bytes = (string) iconv('UTF-8', $charset, $utf8);

        return "Content-Type: text/$type; charset=$charset\r\nContent-Transfer-Encoding: $encoding\r\n\r\n".match (
            $encoding) {
            'base64' => chunk_split(base64_encode($bytes)),
            'quoted-printable' => quoted_printable_encode($bytes),
            default => $bytes,
        };
    }
}
