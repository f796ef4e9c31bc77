<?php

namespace Tests\Web;

use App\Clicks\CountedLinks;
use App\Clicks\Token;
use App\Jobs\SweepWorkspaces;
use App\Keeping\ActionLog;
use App\Models\StoredCard;
use App\Models\User;
use App\Models\Workspace;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Route as Routes;
use InkyCard\Card\Edit\CountClicks;

/** A workspace is set up, watched, and closed by its owner. */
final class SettingsTest extends WebTestCase
{
    public function test_what_it_is_called_and_where_it_is(): void
    {
        $this->get('/settings')->assertOk()->assertSee('Europe/London')->assertSee('no line of ours');
        $good = [
            'name' => 'Quillfern Ltd', 'web' => 'quillfern.example', 'country' => 'NZ', 'zone' => 'Pacific/Auckland',
        ];
        foreach (['name' => ' ', 'web' => 'javascript:x', 'zone' => 'Mars/Base'] as $field => $bad) {
            $this->post('/settings', [$field => $bad] + $good)->assertSessionHasErrors($field);
        }
        $this->assertSame('Quillfern', $this->workspace->refresh()->name);
        $this->post('/settings', $good)->assertSessionHas('told');
        $this->assertSame(['Quillfern Ltd', 'https://quillfern.example', 'NZ', 'Pacific/Auckland'], array_values(
            $this->workspace->refresh()->only(['name', 'web', 'country', 'zone']),
        ));
        config(['mail.default' => 'tray']);
        $this->post('/settings/mail')->assertRedirect('/tray');
        $this->assertSame('A test from Inky Card', DB::table('tray_messages')->value('subject'));
        $this->post('/settings/check')->assertSessionHas('told');
        config(['inky.public_url' => 'http://127.0.0.1:9']);
        $this->followingRedirects()->post('/settings/check')->assertSee('Readers do not reach');
    }

    public function test_what_was_done_is_written_down_by_whom(): void
    {
        $ida = User::create(['name' => '=Ida', 'email' => 'ida@quillfern.example', 'password' => 'x']);
        $this->workspace->members()->attach($ida, ['role' => 'maker']);
        $fill = fn (int $revision, string $text) => $this->withHeader('HX-Request', 'true')
            ->post("/cards/{$this->card->id}/pieces/p2", ['revision' => $revision, 'fields' => ['text' => $text]]);
        $fill(1, 'One');
        $fill(2, 'Two');
        $this->flushHeaders();
        $this->post('/footers', ['card' => $this->card->id]);
        $this->post('/members', ['email' => 'x', 'role' => 'maker']);
        $this->actingAs($ida)->post('/footers/'.DB::table('footers')->value('id').'/give');
        $this->post('/members', ['email' => 'y@z.example', 'role' => 'maker'])->assertForbidden();
        $this->get('/cards');
        $this->actingAs($this->maren);
        $entries = DB::table('log_entries')->orderBy('id')->get(['who', 'words', 'object', 'times']);
        $this->assertSame([
            ['Maren Oakhollow', 'worked on a card', 'card'], ['Maren Oakhollow', 'began a footer', 'footer'],
        ], array_slice($entries->map(fn ($one) => [$one->who, $one->words, $one->object])->all(), 0, 2));
        $this->assertSame('=Ida', $entries->last()?->who);
        $this->get('/settings/log')->assertOk()->assertSee('worked on a card')->assertSee('gave out a footer');
        $this->get("/settings/log?who=$ida->id")->assertDontSee('worked on a card')->assertSee('gave out a footer');
        $this->get("/settings/log?object=card&id={$this->card->id}")->assertSee('worked on')->assertDontSee('gave out');
        $csv = (string) $this->get('/settings/log/file')->streamedContent();
        $this->assertStringContainsString("'=Ida", $csv);
        $this->travel(401)->days();
        $this->assertGreaterThan(2, ActionLog::forget());
    }

    /** Whatever is done has words: no route of a workspace that changes something is told by a bare name. */
    public function test_every_route_that_changes_something_has_words(): void
    {
        foreach (Routes::getRoutes()->getRoutes() as $route) {
            if (in_array('workspace', $route->gatherMiddleware(), true) && in_array('POST', $route->methods(), true)) {
                $this->assertNotSame('', (string) $route->getName(), $route->uri().' has no name');
            }
        }
    }

    public function test_it_closes_after_thirty_days_unless_somebody_minds(): void
    {
        $this->card->edit(1, new CountClicks(true), $this->maren);
        CountedLinks::sheet($this->card->refresh(), $this->card->document());
        $link = (int) DB::table('tracked_links')->value('id');
        $this->post('/settings/close', ['name' => 'quillfern'])->assertSessionHasErrors('closing');
        $close = fn (bool $answers) => $this->post('/settings/close', [
            'name' => 'Quillfern', 'answers' => (int) $answers,
        ])->assertRedirect('/settings');
        $close(true);
        $this->get('/settings')->assertSee('It closes on')->assertDontSee('Its name, to be sure');
        $this->travel(29)->days();
        (new SweepWorkspaces)->handle();
        $this->get('/cards')->assertOk();
        $this->post('/settings/reopen');
        $this->travel(2)->days();
        (new SweepWorkspaces)->handle();
        $this->get('/cards')->assertOk();
        $close(true);
        $this->travel(31)->days();
        (new SweepWorkspaces)->handle();
        $this->actingAs($this->maren->unsetRelations())->get('/cards')->assertForbidden();
        $this->get('/go/'.Token::of($link))->assertRedirect();
        $this->workspace->members()->attach($this->maren);
        $this->actingAs($this->maren->unsetRelations());
        $close(false);
        $this->travel(31)->days();
        (new SweepWorkspaces)->handle();
        $this->get('/go/'.Token::of($link))->assertStatus(404);
        $this->assertSame([0, 0], [StoredCard::query()->count(), Workspace::query()->count()]);
    }
}
