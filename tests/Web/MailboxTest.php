<?php

namespace Tests\Web;

use App\Jmap\Identity;
use App\Jmap\Mailbox;
use App\Outside\SafeHttpClient;
use InkyCard\Refusal;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Symfony\Component\HttpClient\MockHttpClient;
use Symfony\Component\HttpClient\Response\MockResponse;

/** The JMAP client against servers that answer well, oddly, and not at all (RFC 8620, 8621). */
final class MailboxTest extends TestCase
{
    private const SESSION = [
        'apiUrl' => 'https://api.post.example/jmap',
        'primaryAccounts' => ['urn:ietf:params:jmap:submission' => 'a1'],
    ];

    /** @var list<array{string, string, array<string, mixed>}> method, address, options of every request */
    private array $asked = [];

    public function test_it_asks_as_the_standard_has_it(): void
    {
        $mailbox = $this->mailbox([
            self::SESSION,
            self::responses('Identity/get', [
                'list' => [
                    [
                        'id' => 'i1', 'name' => 'Maren', 'email' => 'maren@post.example',
                        'htmlSignature' => '<p>Old</p>', 'textSignature' => 'Old',
                    ],
                    ['id' => 'i2', 'email' => 'hello@post.example', 'htmlSignature' => null],
                    ['id' => 7, 'email' => 'odd@post.example'],
                    'odd',
                ],
            ]),
            self::responses('Identity/set', ['updated' => ['i1' => null]]),
        ]);
        $this->assertEquals([
            new Identity('i1', 'Maren', 'maren@post.example', '<p>Old</p>', 'Old'),
            new Identity('i2', '', 'hello@post.example', '', ''),
        ], $mailbox->identities());
        $mailbox->place('i1', '<p>Grüße</p>', 'Grüße');
        $this->assertSame([
            ['GET', 'https://post.example/.well-known/jmap'],
            ['POST', 'https://api.post.example/jmap'],
            ['POST', 'https://api.post.example/jmap'],
        ], array_map(fn (array $request) => [$request[0], $request[1]], $this->asked));
        foreach ($this->asked as [, , $options]) {
            $this->assertSame(['Authorization: Bearer secret-token'], $options['normalized_headers']['authorization']);
        }
        $this->assertSame(
            [
                'using' => ['urn:ietf:params:jmap:core', 'urn:ietf:params:jmap:submission'],
                'methodCalls' => [
                    [
                        'Identity/set',
                        [
                            'accountId' => 'a1',
                            'update' => ['i1' => ['htmlSignature' => '<p>Grüße</p>', 'textSignature' => 'Grüße']],
                        ],
                        'a',
                    ],
                ],
            ],
            json_decode($this->asked[2][2]['body'], true),
        );
    }

    /**
     * @return iterable<string, array{array<mixed>|string, int, string, string}> session, status, field, part of the
     *     sentence
     */
    public static function odd(): iterable
    {
        yield 'no JSON' => ['<html>', 200, 'server', 'no JMAP'];
        yield 'a number' => ['7', 200, 'server', 'no JMAP'];
        yield 'nothing' => ['', 200, 'server', 'no JMAP'];
        yield 'an error' => [[], 500, 'server', 'answered with 500'];
        yield 'not found' => [[], 404, 'server', 'answered with 404'];
        yield 'not known' => [[], 401, 'token', 'does not know this token'];
        yield 'not allowed' => [[], 403, 'token', 'may not change signatures'];
        yield 'no account' => [
            ['apiUrl' => 'https://post.example/api', 'primaryAccounts' => []], 200, 'server',
            'cannot change signatures',
        ];
        yield 'accounts of another kind' => [
            ['primaryAccounts' => 'many'] + self::SESSION, 200, 'server', 'cannot change signatures',
        ];
        yield 'an account that is no word' => [
            ['primaryAccounts' => ['urn:ietf:params:jmap:submission' => ['a1']]] + self::SESSION, 200, 'server',
            'cannot change signatures',
        ];
        yield 'calls without encryption' => [
            ['apiUrl' => 'http://post.example/api'] + self::SESSION, 200, 'server', 'cannot change signatures',
        ];
        yield 'calls to a file' => [
            ['apiUrl' => 'file:///etc/passwd'] + self::SESSION, 200, 'server', 'cannot change signatures',
        ];
        yield 'deeper than it may be' => [str_repeat('[', 100).str_repeat(']', 100), 200, 'server', 'no JMAP'];
        yield 'more than it may be' => [str_repeat('x', 1_100_000), 200, 'server', 'over 1 MB'];
    }

    /** @param  array<mixed>|string  $session */
    #[DataProvider('odd')]
    public function test_an_odd_server_gets_a_sentence_beside_its_field(
        array|string $session,
        int $status,
        string $field,
        string $sentence,
    ): void {
        try {
            $this->mailbox([$session], $status);
            $this->fail('opened');
        } catch (Refusal $refusal) {
            $this->assertSame($field, $refusal->field());
            $this->assertStringContainsString($sentence, $refusal->getMessage());
        }
    }

    /** @return iterable<string, array{array<mixed>, string}> answer to Identity/set => part of the sentence */
    public static function refusals(): iterable
    {
        yield 'gone' => [
            self::responses('Identity/set', ['notUpdated' => ['i1' => ['type' => 'notFound']]]),
            'not in the mailbox any more',
        ];
        yield 'forbidden' => [
            self::responses('Identity/set', ['notUpdated' => ['i1' => ['type' => 'forbidden']]]),
            'may not change',
        ];
        yield 'too large' => [
            self::responses('Identity/set', ['notUpdated' => ['i1' => ['type' => 'tooLarge']]]),
            'too long',
        ];
        yield 'for a reason of its own' => [
            self::responses('Identity/set', ['notUpdated' => ['i1' => ['type' => 'singleton']]]),
            'did not take it (singleton)',
        ];
        yield 'another was changed' => [
            self::responses('Identity/set', ['updated' => ['i2' => null]]),
            'did not take it.',
        ];
        yield 'nothing is said' => [self::responses('Identity/set', ['updated' => null]), 'did not take it.'];
        yield 'an error of the method' => [
            self::responses('error', ['type' => 'accountReadOnly']),
            '(accountReadOnly)',
        ];
        yield 'another method' => [self::responses('Email/get', []), 'otherwise than JMAP'];
        yield 'no responses' => [['sessionState' => '0'], 'otherwise than JMAP'];
        yield 'responses of another kind' => [['methodResponses' => ['Identity/set']], 'otherwise than JMAP'];
    }

    /** @param  array<mixed>  $answer */
    #[DataProvider('refusals')]
    public function test_what_is_not_taken_is_said(array $answer, string $sentence): void
    {
        $mailbox = $this->mailbox([self::SESSION, $answer]);
        $this->expectException(Refusal::class);
        $this->expectExceptionMessage($sentence);
        $mailbox->place('i1', '<p>New</p>', 'New');
    }

    /**
     * @return iterable<string, array{string, bool}> where the session resource is passed on to, whether that is
     *     followed
     */
    public static function redirects(): iterable
    {
        yield 'on the same host' => ['https://post.example/session', true];
        yield 'to another port' => ['https://post.example:8443/session', false];
        yield 'to a path' => ['/session', true];
        yield 'to another host' => ['https://elsewhere.example/session', false];
        yield 'to one that begins alike' => ['https://post.example.elsewhere.example/session', false];
        yield 'without encryption' => ['http://post.example/session', false];
    }

    /** As Cyrus 3.6 answered: its session names a path, its one identity has no address, and it lacks Identity/set. */
    public function test_a_server_that_only_shows_signatures_is_read_and_said_to(): void
    {
        $mailbox = $this->mailbox([
            ['apiUrl' => '/jmap/', 'primaryAccounts' => ['urn:ietf:params:jmap:submission' => 'maren']] + self::SESSION,
            self::responses('Identity/get', ['list' => [['id' => 'maren', 'name' => '', 'email' => '']]]),
            self::responses('error', ['type' => 'unknownMethod']),
        ]);
        $this->assertEquals([new Identity('maren', '', 'maren', '', '')], $mailbox->identities());
        $this->assertSame('https://post.example/jmap/', $this->asked[1][1]);
        $this->expectExceptionMessage('cannot change them over JMAP: its server lacks Identity/set');
        $mailbox->place('maren', '<p>x</p>', 'x');
    }

    #[DataProvider('redirects')]
    public function test_a_token_goes_to_no_other_host(string $to, bool $followed): void
    {
        $client = new MockHttpClient(function (string $method, string $address, array $options) use ($to) {
            $this->asked[] = [$method, $address, $options];

            return count($this->asked) === 1
                ? new MockResponse('', ['http_code' => 302, 'response_headers' => ["location: $to"]])
                : new MockResponse((string) json_encode(self::SESSION));
        });
        try {
            Mailbox::open(new SafeHttpClient($client), 'post.example', 'secret-token');
            $this->assertTrue($followed);
        } catch (Refusal $refusal) {
            $this->assertFalse($followed, $refusal->getMessage());
            $this->assertStringContainsString('passes on to another', $refusal->getMessage());
        }
        $this->assertCount($followed ? 2 : 1, $this->asked);
    }

    /** @return iterable<string, array{mixed, mixed, string}> server, token, field */
    public static function bad(): iterable
    {
        yield 'no server' => ['', 'secret-token', 'server'];
        yield 'a list for a server' => [['post.example'], 'secret-token', 'server'];
        yield 'no encryption' => ['http://post.example', 'secret-token', 'server'];
        yield 'a script' => ['javascript:alert(1)', 'secret-token', 'server'];
        yield 'no token' => ['post.example', '', 'token'];
        yield 'a list for a token' => ['post.example', ['secret-token'], 'token'];
        yield 'a token with a line end' => ['post.example', "secret\r\nX-Other: 1", 'token'];
        yield 'a token without end' => ['post.example', str_repeat('a', 1001), 'token'];
    }

    #[DataProvider('bad')]
    public function test_bad_fields_are_refused_before_anybody_is_asked(
        mixed $server,
        mixed $token,
        string $field,
    ): void {
        try {
            Mailbox::open(new SafeHttpClient(new MockHttpClient(fn () => $this->fail('asked'))), $server, $token);
            $this->fail('opened');
        } catch (Refusal $refusal) {
            $this->assertSame($field, $refusal->field());
        }
    }

    /** @param  list<array<mixed>|string>  $answers  one after another */
    private function mailbox(array $answers, int $status = 200): Mailbox
    {
        return Mailbox::open(
            new SafeHttpClient(
                new MockHttpClient(function (string $method, string $address, array $options) use (&$answers, $status) {
                    $this->asked[] = [$method, $address, $options];
                    $answer = array_shift($answers);

                    return new MockResponse(is_string($answer) ? $answer : (string) json_encode($answer), [
                        'http_code' => $status,
                    ]);
                }),
            ),
            'post.example',
            'secret-token',
        );
    }

    /**
     * @param  array<string, mixed>  $arguments
     * @return array<string, mixed>
     */
    private static function responses(string $method, array $arguments): array
    {
        return ['methodResponses' => [[$method, $arguments, 'a']], 'sessionState' => '0'];
    }
}
