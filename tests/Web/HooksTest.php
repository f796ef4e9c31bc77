<?php

namespace Tests\Web;

use App\Clicks\CountedLinks;
use App\Handover\InUse;
use App\Hooks\Hooks;
use App\Hooks\MakeHookCall;
use App\Jobs\ForgetClicks;
use App\Models\StoredCard;
use App\Outside\SafeHttpClient;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Queue;
use InkyCard\Card\Edit\CountClicks;
use InkyCard\Card\Edit\RenameCard;
use InkyCard\Handover\Destination;
use StandardWebhooks\Webhook;
use Symfony\Component\HttpClient\MockHttpClient;
use Symfony\Component\HttpClient\Response\MockResponse;

/** Addresses are told what happens, signed, once where they answer and again where they do not; and what is forgotten. */
final class HooksTest extends WebTestCase
{
    /** @var list<array{array<string, string>, string}> headers by name and body of each call */
    private array $calls = [];

    /** @var list<int> what is answered, one after another; 200 after that */
    private array $answers = [];

    protected function setUp(): void
    {
        parent::setUp();
        Queue::fake();
        $this->workspace->members()->updateExistingPivot($this->maren->id, ['role' => 'owner']);
        $this->app->instance(SafeHttpClient::class, new SafeHttpClient(new MockHttpClient(
            function (string $method, string $url, array $options): MockResponse {
                $headers = [];
                foreach ($options['headers'] as $header) {
                    [$name, $value] = explode(': ', $header, 2);
                    $headers[strtolower($name)] = $value;
                }
                $this->calls[] = [$headers, (string) $options['body']];

                return new MockResponse('', ['http_code' => array_shift($this->answers) ?? 200]);
            },
        )));
    }

    private function hook(string ...$events): string
    {
        $this->post('/settings/programs/hooks', ['address' => 'https://shop.quillfern.example/in', 'events' => $events])
            ->assertSessionHasNoErrors();

        return (string) session('secret');
    }

    /** What waits, as the worker comes to it. */
    private function work(): void
    {
        foreach (DB::table('hook_calls')->where('state', 'waits')->orderBy('id')->pluck('id') as $call) {
            $this->app->call([new MakeHookCall((int) $call), 'handle']);
        }
    }

    private function state(): string
    {
        return (string) DB::table('hook_calls')->orderByDesc('id')->value('state');
    }

    public function test_a_card_is_told_of_once_it_rests_and_by_whom_can_be_proved(): void
    {
        $secret = $this->hook('card.changed', 'card.archived', 'card.taken');
        $this->get('/settings/programs')->assertSee($secret);
        $this->card->edit(1, new RenameCard('Early'), $this->maren);
        $this->travel(30)->seconds();
        $this->card->edit(2, new RenameCard('Late'), $this->maren);
        $this->travel(45)->seconds();
        $this->work();
        $this->assertSame([], $this->calls, 'it has not rested for a minute');
        $this->travel(20)->seconds();
        $this->work();
        $this->assertCount(1, $this->calls);
        [$headers, $body] = $this->calls[0];
        $this->travelBack();
        $told = (new Webhook($secret))->verify($body, $headers);
        $this->assertSame('card.changed', $told['type']);
        $this->assertSame(['card' => $this->card->id, 'name' => 'Late', 'revision' => 3], $told['data']);
        StoredCard::archive($this->workspace, [$this->card->id]);
        StoredCard::archive($this->workspace, [$this->card->id]);
        InUse::by($this->card, Destination::of('any'));
        $this->work();
        $this->assertSame(['card.archived', 'card.taken'], array_map(
            fn (array $call) => json_decode($call[1])->type, array_slice($this->calls, 1),
        ));
        $this->get('/settings/programs')->assertSee('It answered 200.')->assertDontSee($secret);
    }

    public function test_what_does_not_answer_is_told_again_and_given_up_in_the_end(): void
    {
        $this->hook('card.archived');
        $this->answers = [500, 302, 503];
        StoredCard::archive($this->workspace, [$this->card->id]);
        $this->work();
        $this->assertSame('waits', $this->state());
        $this->work();
        $this->assertCount(1, $this->calls, 'not before its time');
        $this->travel(61)->seconds();
        $this->work();
        $this->travel(301)->seconds();
        $this->work();
        $this->travel(1)->hours();
        $this->work();
        $this->assertSame('told', $this->state());
        $this->assertCount(1, array_unique(array_map(fn (array $call) => $call[0]['webhook-id'], $this->calls)));
        $this->answers = [410];
        StoredCard::archive($this->workspace, [$this->card->id], away: false);
        StoredCard::archive($this->workspace, [$this->card->id]);
        $this->work();
        $this->assertSame('given up', $this->state());
        $this->get('/settings/programs')->assertSee('stopped');
        $told = count($this->calls);
        StoredCard::archive($this->workspace, [$this->card->id], away: false);
        StoredCard::archive($this->workspace, [$this->card->id]);
        $this->work();
        $this->assertCount($told, $this->calls);
        $hook = (int) DB::table('hooks')->value('id');
        $this->post("/settings/programs/hooks/$hook/turn", ['on' => '1']);
        $this->post("/settings/programs/hooks/$hook/test");
        $this->work();
        $this->assertCount($told + 1, $this->calls);
        $this->answers = array_fill(0, 20, 500);
        $this->post("/settings/programs/hooks/$hook/test");
        for ($days = 0; $days < 9; $days++) {
            $this->work();
            $this->travel(1)->days();
        }
        $this->assertSame('given up', $this->state());
        $this->post("/settings/programs/hooks/$hook/turn", ['on' => '1']);
        $this->post("/settings/programs/hooks/$hook/remove");
        $this->assertSame(1, DB::table('hooks')->count(), 'one that is at work is stopped first');
        $this->post("/settings/programs/hooks/$hook/turn", ['on' => '0']);
        $this->post("/settings/programs/hooks/$hook/remove");
        $this->assertSame(0, DB::table('hook_calls')->count());
    }

    public function test_addresses_that_are_none(): void
    {
        foreach (['http://shop.quillfern.example/', 'nothing', 'https://', 'ftp://a.example/'] as $address) {
            $this->post('/settings/programs/hooks', ['address' => $address, 'events' => ['card.changed']])
                ->assertSessionHasErrors('address');
        }
        $this->post('/settings/programs/hooks', ['address' => 'https://a.example/', 'events' => ['test', 'x']])
            ->assertSessionHasErrors('address');
        foreach (range(1, 21) as $time) {
            $answer = $this->post('/settings/programs/hooks', ['address' => "https://a.example/$time",
                'events' => ['card.changed']]);
        }
        $answer->assertSessionHasErrors('address');
        $this->assertCount(20, Hooks::of($this->workspace));
    }

    public function test_clicks_are_kept_as_long_as_it_was_chosen(): void
    {
        $this->card->edit(1, new CountClicks(true), $this->maren);
        CountedLinks::sheet($this->card, $this->card->document());
        $click = fn (int $days, ?string $filtered) => DB::table('clicks')->insert([
            'tracked_link_id' => DB::table('tracked_links')->value('id'), 'visitor' => 'a', 'filtered' => $filtered,
            'at' => (string) now()->subDays($days),
        ]);
        foreach ([1, 29, 40, 100, 400] as $days) {
            $click($days, null);
            $click($days, 'prefetch');
        }
        $left = fn () => [DB::table('clicks')->whereNull('filtered')->count(),
            DB::table('clicks')->whereNotNull('filtered')->count()];
        (new ForgetClicks)->handle();
        $this->assertSame([5, 5], $left());
        $this->post('/settings/forget', ['keep_clicks' => '365', 'keep_requests' => '30'])->assertRedirect();
        Queue::assertPushed(ForgetClicks::class);
        (new ForgetClicks)->handle();
        $this->assertSame([4, 2], $left());
        $this->post('/settings/forget', ['keep_clicks' => '-1', 'keep_requests' => '7']);
        $this->assertSame([0, 0], [$this->workspace->refresh()->keep_clicks, $this->workspace->keep_requests]);
    }
}
