<?php

namespace Tests\Web;

use App\Api\AccessToken;
use App\Api\Description;
use App\Auth\Ability;
use App\Auth\Access;
use Illuminate\Routing\Route;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Route as Routes;
use Illuminate\Testing\TestResponse;
use InkyCard\Card\CardJson;
use Opis\JsonSchema\Validator;
use PHPUnit\Framework\Attributes\DataProvider;
use Symfony\Component\HttpFoundation\Response;
use Tests\Core\Samples;

/** What programs are answered is what docs/openapi.json says, and nothing goes without a token that is good for it. */
final class ApiTest extends WebTestCase
{
    private const OPENAPI = 'https://spec.openapis.org/oas/3.1/schema/2021-04-15';

    protected function setUp(): void
    {
        parent::setUp();
        $this->workspace->members()->updateExistingPivot($this->maren->id, ['role' => 'owner']);
        $this->asProgram($this->maren, $this->workspace);
    }

    public function test_the_description_is_openapi_and_says_every_route_with_what_it_asks(): void
    {
        $document = self::described();
        // The OpenAPI Initiative's (Apache-2.0), with its dynamic references written out and references that are
        // relative let pass, as its later editions do.
        $validator = new Validator;
        $validator->parser()->setOption('allowDefaults', false);
        $validator->resolver()?->registerRaw(
            (string) file_get_contents(base_path('tests/openapi-3.1.schema.json')), self::OPENAPI,
        );
        $this->assertTrue($validator->validate(Description::document(), self::OPENAPI)->isValid());
        $described = $there = [];
        foreach ($document['paths'] as $path => $operations) {
            foreach ($operations as $method => $operation) {
                $described[strtoupper($method).' '.$path] = $operation['security'][0]['token'][0] ?? null;
            }
        }
        foreach (Routes::getRoutes()->getRoutes() as $route) {
            if (str_starts_with($route->uri(), 'api/v1')) {
                $path = '/'.ltrim(substr($route->uri(), strlen('api/v1')), '/');
                $there[$route->methods()[0].' '.$path] = self::asks($route);
            }
        }
        ksort($described);
        ksort($there);
        $this->assertSame($there, $described);
        $this->getJson('/api/v1/openapi.json')->assertOk()->assertJsonPath('openapi', '3.1.0');
    }

    private static function asks(Route $route): ?string
    {
        return in_array('auth:sanctum', $route->gatherMiddleware(), true) ? Access::of($route)->value : null;
    }

    /** @return iterable<string, array{string, string, string, mixed, int}> path, path as described, method, body */
    public static function requests(): iterable
    {
        $card = fn () => json_decode(CardJson::encode(Samples::card()), true);
        foreach ([
            'GET /', 'GET /starters', 'GET /destinations', 'GET /stand-ins', 'GET /cards', 'GET /cards?find=maren',
            'GET /pictures', 'GET /people', 'GET /placements', 'GET /clicks', 'GET /clicks?by=person&days=90',
            'GET /clicks?by=piece', 'GET /contrast?ink=%23fff&background=white',
        ] as $get) {
            $path = substr($get, 4);
            yield $get => [$path, strtok($path, '?'), 'GET', null, 200];
        }
        foreach (['', '/revisions', '/proof', '/proof?client=word-desktop'] as $of) {
            yield "GET /cards/1$of" => ["/cards/{card}$of", '/cards/{card}'.strtok("$of?", '?'), 'GET', null, 200];
        }
        yield 'starter' => ['/starters/skerry', '/starters/{starter}', 'GET', null, 200];
        yield 'begun' => ['/starters/skerry/cards', '/starters/{starter}/cards', 'POST', [
            'holder' => 'Tobias Fenwick', 'email' => 'tobias@quillfern.example',
        ], 201];
        yield 'added' => ['/cards', '/cards', 'POST', $card, 201];
        yield 'copied' => ['/cards/{card}/copies', '/cards/{card}/copies', 'POST', ['holder' => 'Ines'], 201];
        yield 'restored' => ['/cards/{card}/restore', '/cards/{card}/restore', 'POST', [], 200];
        yield 'measured' => ['/measure?width=400', '/measure', 'POST', $card, 200];
        yield 'proof' => ['/proof', '/proof', 'POST', fn () => ['card' => $card()], 200];
        yield 'proof of one' => ['/proof?client=plain-text', '/proof', 'POST', fn () => ['card' => $card()], 200];
        yield 'links' => ['/links', '/links', 'POST', 'quillfern.example', 200];
        yield 'read in' => ['/read-in', '/read-in', 'POST', "Maren Oakhollow\nPlanting lead\n020 7946 0018", 200];
        yield 'changes' => ['/read-as/plain-text?as=changes', '/read-as/{client}', 'POST', '<p><b>x</b></p>', 200];
        yield 'verified' => ['/verify', '/verify', 'POST', fn () => [
            'message' => "From: a@b.example\r\nSubject: x\r\n\r\nHello\r\n", 'card' => $card(), 'older' => [$card()],
        ], 200];
        yield 'inks' => ['/inks', '/inks', 'POST', self::jpeg(...), 200];
        yield 'picture' => ['/pictures?name=garden.jpg', '/pictures', 'POST', self::jpeg(...), 201];
        foreach (['/cards' => [], '/proof' => ['card' => 3], '/verify' => ['message' => 'x'],
            '/measure?width=x' => fn () => $card(), '/starters/skerry/cards' => ['email' => 'no'],
            '/inks' => 'no picture', '/read-as/nobody' => 'x', '/pictures' => ['address' => 'http://10.0.0.1/x.png'],
            '/compose?as=pdf' => $card] as $path => $body) {
            $described = strtok($path, '?');
            $described = strtr((string) $described, ['/skerry' => '/{starter}', '/nobody' => '/{client}']);
            yield "refused $path" => [$path, $described, 'POST', $body, 422];
        }
        yield 'clicks of a fortnight' => ['/clicks?days=14', '/clicks', 'GET', null, 422];
        yield 'no card' => ['/cards/999', '/cards/{card}', 'GET', null, 404];
        yield 'blindly' => ['/cards/{card}', '/cards/{card}', 'PUT', $card, 428];
    }

    #[DataProvider('requests')]
    public function test_what_is_answered_is_as_described(
        string $path, string $described, string $method, mixed $body, int $status,
    ): void {
        $answer = $this->ask($method, strtr($path, ['{card}' => (string) $this->card->id]), $body);
        $this->assertSame($status, $answer->getStatusCode(), (string) $answer->getContent());
        $document = self::described();
        $operation = $document['paths'][$described][strtolower($method)];
        $said = $operation['responses'][$status] ?? $this->fail("$status is not described");
        $said = isset($said['$ref']) ? $document['components']['responses']['Problem'] : $said;
        $type = strtok((string) $answer->headers->get('Content-Type'), ';');
        $schema = $said['content'][$type]['schema'] ?? $this->fail("$type is not described");
        // Other parts of the description are meant from where they stand.
        $all = (object) json_decode((string) json_encode([
            '$id' => 'urn:described', 'components' => Description::document()->components, 'schema' => $schema,
            '$ref' => '#/schema',
        ]));
        $validator = new Validator;
        $outcome = $validator->validate(json_decode((string) $answer->getContent()), $all);
        $this->assertTrue($outcome->isValid(), (string) $answer->getContent().' '.$outcome->error());
        $status < 400 || $this->assertSame($status, $answer->json('status'));
    }

    public function test_a_card_is_replaced_only_from_the_revision_it_was_made_from(): void
    {
        $url = "/api/v1/cards/{$this->card->id}";
        $got = $this->getJson($url)->assertOk();
        $document = $got->json('document');
        $document['name'] = 'Late summer';
        $put = fn (string $tag) => $this->putJson($url, $document, ['If-Match' => $tag]);
        $tag = (string) $got->headers->get('ETag');
        $put($tag)->assertOk()->assertJsonPath('revision', 2)->assertJsonPath('document.name', 'Late summer');
        $put($tag)->assertStatus(412)->assertJsonPath('title', 'Precondition Failed');
        $this->assertSame(2, $this->card->refresh()->last);
        $this->deleteJson($url)->assertNoContent();
        $this->assertSame([], $this->getJson('/api/v1/cards')->json('data'));
        $this->assertCount(1, $this->getJson('/api/v1/cards?archived=true')->json('data'));
        $this->postJson("$url/restore")->assertOk();
        $this->assertSame('Maren Oakhollow, by Test', DB::table('log_entries')->orderBy('id')->value('who'));
    }

    public function test_files_and_placements(): void
    {
        $url = "/api/v1/cards/{$this->card->id}";
        $this->get("$url/composed?as=text")->assertOk()->assertSee('Maren Oakhollow');
        $this->get("$url/composed?as=page&pictures=inline")->assertOk()->assertSee('<!DOCTYPE html>', false);
        $this->post("$url/hand-over/apple-mail")->assertOk();
        $this->assertSame(1, $this->card->refresh()->taken_times);
        $this->assertStringStartsWith('<', (string) $this->ask('POST', '/compose', json_decode(
            CardJson::encode(Samples::card()), true,
        ))->assertOk()->getContent());
        $put = ['card' => $this->card->id];
        $this->putJson('/api/v1/placements/maren@quillfern.example/new', $put)->assertNoContent();
        $this->putJson('/api/v1/placements/nobody/new', $put)->assertStatus(422);
        $this->putJson('/api/v1/placements/maren@quillfern.example/new', ['card' => 'x'])
            ->assertStatus(422)->assertJsonPath('pointer', '/card');
        $this->getJson('/api/v1/placements')->assertJsonPath('data.0.cards.new', $this->card->id);
        $this->deleteJson('/api/v1/placements/maren@quillfern.example/new')->assertNoContent();
        $this->deleteJson('/api/v1/placements/maren@quillfern.example/new')->assertNotFound();
        $picture = $this->ask('POST', '/pictures?name=a.jpg', self::jpeg(...))->assertCreated()->json('id');
        $this->patchJson("/api/v1/pictures/$picture", ['alt' => 'A hedge'])->assertJsonPath('alt', 'A hedge');
        $this->get("/api/v1/pictures/$picture/file")->assertOk();
        $this->deleteJson("/api/v1/pictures/$picture")->assertNoContent();
        $this->assertSame([], $this->getJson('/api/v1/pictures')->json('data'));
        $recipe = rawurlencode((string) json_encode(['width' => 40, 'height' => 40, 'shape' => 'round']));
        $this->ask('POST', "/bake?recipe=$recipe", self::jpeg(...))->assertOk();
    }

    /** Only a token, only as long as it is good, only for what it is given and its member may. */
    public function test_what_a_token_is_good_for(): void
    {
        $fresh = fn () => $this->app->make('auth')->forgetGuards();
        $ask = function (string $path, int $status) use ($fresh): TestResponse {
            $fresh();

            return $this->getJson("/api/v1$path")->assertStatus($status);
        };
        $this->asProgram($this->maren, $this->workspace, Ability::See);
        $ask('/', 200)->assertJsonPath('abilities', ['see'])->assertJsonPath('role', 'owner');
        $ask('/people', 403)->assertHeader('Content-Type', 'application/problem+json');
        $this->asProgram($this->maren, $this->workspace);
        $ask('/people', 200);
        $this->workspace->members()->updateExistingPivot($this->maren->id, ['role' => 'reader']);
        $ask('/people', 403);
        $ask('/cards', 200);
        $this->assertNotNull(AccessToken::query()->latest('id')->value('last_used_at'));
        $this->travel(2)->days();
        $ask('/cards', 401)->assertHeader('WWW-Authenticate', 'Bearer');
        $this->travelBack();
        $this->workspace->members()->detach($this->maren->id);
        $ask('/cards', 401);
        $this->withToken('1|inky_none');
        $ask('/cards', 401);
        // A session is no way in: another site's page has none of its tokens.
        $this->flushHeaders()->actingAs($this->maren, 'web');
        $this->getJson('/api/v1/cards')->assertUnauthorized();
    }

    public function test_each_token_has_so_many_requests(): void
    {
        config(['inky.api_rate' => 2]);
        foreach ([200, 200, 429] as $status) {
            $answer = $this->getJson('/api/v1/')->assertStatus($status);
        }
        $this->assertGreaterThan(0, (int) $answer->headers->get('Retry-After'));
        $this->asProgram($this->maren, $this->workspace)->getJson('/api/v1/')->assertOk();
    }

    public function test_tokens_are_made_shown_once_and_ended(): void
    {
        $this->flushHeaders()->actingAs($this->maren);
        $this->post('/settings/programs', ['token' => 'Joiners', 'abilities' => []])
            ->assertSessionHasErrors('token');
        $this->post('/settings/programs', [
            'token' => 'Joiners', 'abilities' => ['see', 'run', 'make'], 'days' => '30',
        ])->assertRedirect();
        $shown = (string) session('shown');
        $this->get('/settings/programs')->assertSee($shown)->assertSee('see, make');
        $this->get('/settings/programs')->assertDontSee($shown);
        $this->assertDatabaseMissing('personal_access_tokens', ['token' => $shown]);
        $token = AccessToken::query()->where('name', 'Joiners')->sole();
        $this->assertSame(['see', 'make'], $token->abilities);
        $this->post("/settings/programs/$token->id/end")->assertRedirect();
        $this->withToken($shown)->getJson('/api/v1/cards')->assertUnauthorized();
    }

    /** @return TestResponse<Response> */
    private function ask(string $method, string $path, mixed $body = null): TestResponse
    {
        $body = $body instanceof \Closure ? $body() : $body;
        $isText = is_string($body);

        return $this->call($method, "/api/v1$path", [], [], [], $this->transformHeadersToServerVars([
            'Content-Type' => $isText ? 'application/octet-stream' : 'application/json', 'Accept' => '*/*',
        ] + $this->defaultHeaders), $isText ? $body : (string) json_encode($body ?? new \stdClass));
    }

    /** @return array<string, mixed> */
    private static function described(): array
    {
        return (array) json_decode((string) json_encode(Description::document()), true);
    }
}
