<?php

namespace Tests\Web;

use App\Auth\Devices;
use App\Auth\Passwords;
use App\Auth\Totp;
use App\Models\User;
use App\Models\Workspace;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\Cache;
use Illuminate\Support\Facades\DB;
use InkyCard\Refusal;
use PHPUnit\Framework\Attributes\DataProvider;

/** How members sign in, what they change about themselves, and how they come and go. */
final class AccountsTest extends WebTestCase
{
    protected function setUp(): void
    {
        parent::setUp();
        config(['mail.default' => 'tray']);
        Cache::flush();
    }

    private function signOut(): void
    {
        Auth::logout();
        $this->flushSession();
        $this->app['auth']->forgetGuards();
    }

    private function signedIn(): ?int
    {
        $this->app['auth']->forgetGuards();

        return $this->get('/account')->getStatusCode() === 200 ? (int) Auth::id() : null;
    }

    public function test_a_link_in_a_message_signs_in_once(): void
    {
        $this->signOut();
        $this->post('/sign-in/send', ['email' => 'nobody@quillfern.example'])->assertOk()->assertSee('on its way');
        $this->assertSame(0, DB::table('tray_messages')->count(), 'nobody is told whether somebody is a member');
        $this->post('/sign-in/send', ['email' => 'no address'])->assertStatus(422);
        $this->post('/sign-in/send', ['email' => 'maren@quillfern.example'])->assertOk()->assertSee('on its way');
        $link = $this->link();
        // What opens links by itself signs nobody in, nor uses it up.
        $this->get($link)->assertOk()->assertSee('Sign in as Maren Oakhollow');
        $this->get($link.'0')->assertStatus(410)->assertSee('not whole');
        $this->get(str_replace('/link/', '/link/9', $link))->assertStatus(410);
        $this->assertNull($this->signedIn());
        $this->post($link)->assertRedirect();
        $this->assertSame($this->maren->id, $this->signedIn());
        $this->signOut();
        $this->post($link)->assertStatus(410)->assertSee('used already');
        $this->post('/sign-in/send', ['email' => 'maren@quillfern.example']);
        $this->travel(31)->minutes();
        $this->post($this->link())->assertStatus(410)->assertSee('run out');
        for ($time = 0; $time < 6; $time++) {
            $last = $this->post('/sign-in/send', ['email' => 'maren@quillfern.example']);
        }
        $last->assertStatus(422)->assertSee('wait an hour');
    }

    public function test_a_forgotten_password_is_replaced_after_a_link_and_ends_other_sessions(): void
    {
        $this->signOut();
        $this->post('/sign-in', ['email' => 'maren@quillfern.example', 'password' => 'garden-gate-9']);
        $elsewhere = (int) session(Devices::KEY);
        $this->assertGreaterThan(0, $elsewhere);
        $this->post('/account/password', ['old' => 'wrong', 'password' => 'seven tall pear trees'])
            ->assertSessionHasErrors('password');
        $this->signOut();
        $this->post('/sign-in/send', ['email' => 'maren@quillfern.example']);
        $this->post($this->link());
        $this->get('/account')->assertDontSee('The one you have')->assertSee('Sign out there');
        $this->post('/account/password', ['password' => 'pear trees'])->assertSessionHasErrors('password');
        $this->post('/account/password', ['password' => 'seven tall pear trees'])->assertSessionHas('told');
        $this->assertNotNull(DB::table('devices')->where('id', $elsewhere)->value('ended_at'));
        $this->get('/account')->assertSee('The one you have');
        $here = session()->all();
        $this->flushSession();
        $this->app['auth']->forgetGuards();
        $this->withSession([Auth::guard('web')->getName() => $this->maren->id, Devices::KEY => $elsewhere]);
        $this->assertNull($this->signedIn(), 'signed out from another device');
        $this->flushSession();
        $this->withSession($here);
        $this->assertSame($this->maren->id, $this->signedIn());
        $this->signOut();
        $this->post('/sign-in', ['email' => 'maren@quillfern.example', 'password' => 'seven tall pear trees'])
            ->assertRedirect('/cards');
    }

    /** @return iterable<string, array{string, bool}> */
    public static function passwords(): iterable
    {
        yield 'short' => ['garden-gate-9', false];
        yield 'words' => ['seven tall pear trees', true];
        yield 'other script' => ['семь высоких груш', true];
        yield 'one sign' => [str_repeat('a', 20), false];
        yield 'known' => ['passwordpassword', false];
        yield 'known, doubled' => ['qwertyuiopqwertyuiop', false];
        yield 'their name' => ['MarenOakhollow2', false];
        yield 'the product' => ['inkycardinkycard', false];
        yield 'long' => [str_repeat('pear tree ', 30), false];
        yield 'none types it' => ["seven tall\0pear trees", false];
    }

    #[DataProvider('passwords')]
    public function test_passwords_are_long_and_not_known(string $password, bool $good): void
    {
        try {
            Passwords::check($password, $this->maren);
            $this->assertTrue($good);
        } catch (Refusal) {
            $this->assertFalse($good);
        }
    }

    /** RFC 6238, appendix B: SHA-1, eight digits. */
    public function test_codes_by_time_are_those_of_the_standard(): void
    {
        foreach ([59 => '94287082', 1111111109 => '07081804', 1111111111 => '14050471', 1234567890 => '89005924',
            2000000000 => '69279037', 20000000000 => '65353130'] as $moment => $code) {
            $this->assertSame($code, Totp::code('12345678901234567890', intdiv($moment, 30), 8));
        }
        $this->assertSame(1, Totp::step('GEZDGNBVGY3TQOJQGEZDGNBVGY3TQOJQ', '287082', 59, 0));
        $this->assertNull(Totp::step('GEZDGNBVGY3TQOJQGEZDGNBVGY3TQOJQ', '287082', 59, 1), 'once');
        $this->assertNull(Totp::step('GEZDGNBVGY3TQOJQGEZDGNBVGY3TQOJQ', '287082', 149, 0), 'late');
    }

    public function test_a_second_step_is_asked_for_and_codes_count_once(): void
    {
        // Codes go by half minutes: none begins between two requests.
        $this->travelTo(now()->startOfMinute()->addSeconds(5));
        $this->get('/account/second')->assertOk()->assertSee('otpauth://totp/');
        $key = (string) session('second.key');
        $code = fn (int $ahead = 0): string => (function (string $key, int $step): string {
            $bits = implode('', array_map(fn (string $letter) => str_pad(
                decbin((int) strpos('ABCDEFGHIJKLMNOPQRSTUVWXYZ234567', $letter)), 5, '0', STR_PAD_LEFT,
            ), str_split($key)));

            $bytes = array_map(fn (string $byte) => chr((int) bindec($byte)), str_split($bits, 8));

            return Totp::code(implode('', $bytes), $step);
        })($key, intdiv(now()->getTimestamp(), 30) + $ahead);
        $this->post('/account/second', ['code' => '000000'])->assertSessionHasErrors('code');
        $shown = $this->post('/account/second', ['code' => $code()])->assertOk()->assertSee('Codes to keep');
        preg_match_all('~<li>([a-z0-9]{5}-[a-z0-9]{5})</li>~', (string) $shown->getContent(), $kept);
        $this->assertCount(8, $kept[1]);
        $this->assertStringNotContainsString($key, (string) DB::table('users')->value('second'), 'enciphered');
        $in = fn () => $this->post('/sign-in', ['email' => 'maren@quillfern.example', 'password' => 'garden-gate-9'])
            ->assertRedirect('/sign-in/second');
        $this->signOut();
        $in();
        $this->assertNull($this->signedIn(), 'not yet');
        $this->post('/sign-in/second', ['code' => $code()])->assertStatus(422)->assertSee('no code of now');
        $this->post('/sign-in/second', ['code' => $code(1)])->assertRedirect('/account');
        $this->assertSame($this->maren->id, $this->signedIn());
        foreach ([302, 422] as $status) {
            $this->signOut();
            $in();
            $this->post('/sign-in/second', ['code' => strtoupper($kept[1][0])])->assertStatus($status);
        }
        for ($try = 0; $try < 6; $try++) {
            $last = $this->post('/sign-in/second', ['code' => '111111']);
        }
        $last->assertStatus(429);
        // A link does not go round it.
        $this->signOut();
        $this->post('/sign-in/send', ['email' => 'maren@quillfern.example']);
        $this->post($this->link())->assertRedirect('/sign-in/second');
        $this->travel(2)->minutes();
        $this->post('/sign-in/second', ['code' => $kept[1][1]])->assertRedirect('/cards');
        $this->post('/account/second/end', ['code' => 'no'])->assertSessionHasErrors('code');
        $this->post('/account/second/end', ['code' => $kept[1][2]]);
        $this->assertNull($this->maren->refresh()->second);
    }

    public function test_another_address_counts_when_both_have_said_so(): void
    {
        $this->post('/account/address', ['email' => 'maren@oakhollow.example'])->assertSessionHas('told');
        $this->assertSame(2, DB::table('tray_messages')->count());
        [$new, $old] = [$this->link(), $this->link(1)];
        $this->post($new)->assertOk()->assertSee('One has said so');
        $this->post($new)->assertStatus(410);
        $this->assertSame('maren@quillfern.example', $this->maren->refresh()->email);
        User::create(['name' => 'Faster', 'email' => 'maren@oakhollow.example', 'password' => 'x']);
        $this->post($old)->assertStatus(410)->assertSee('Somebody else');
        DB::table('users')->where('name', 'Faster')->delete();
        $this->post('/account/address', ['email' => 'maren@oakhollow.example']);
        $this->post($this->link());
        $this->post($this->link(1))->assertOk()->assertSee('It is changed');
        $this->assertSame('maren@oakhollow.example', $this->maren->refresh()->email);
        $this->post('/account/address', ['email' => 'maren@oakhollow.example'])->assertSessionHasErrors('email');
        $this->post('/account/name', ['name' => ' '])->assertSessionHasErrors('name');
        $this->post('/account/name', ['name' => 'Maren O.'])->assertSessionHas('told');
    }

    public function test_somebody_is_asked_to_come_and_comes(): void
    {
        $invite = fn (string $email, string $role = 'maker') => $this->post('/members', compact('email', 'role'));
        $invite('none')->assertSessionHasErrors('email');
        $invite('maren@quillfern.example')->assertSessionHasErrors('email');
        $invite('ida@quillfern.example', 'king')->assertSessionHasErrors('email');
        $invite('Ida@Quillfern.example', 'reader')->assertSessionHas('told');
        $first = $this->link();
        $this->travel(1)->minutes();
        $invite('ida@quillfern.example');
        $link = $this->link();
        $this->assertSame(1, DB::table('invitations')->count(), 'two to one address are one');
        $this->get('/members')->assertOk()->assertSee('ida@quillfern.example')->assertSee('invited as maker');
        $this->signOut();
        $this->get($first)->assertStatus(410)->assertSee('newer invitation');
        $this->get($link)->assertOk()->assertSee('Come to Quillfern')->assertSee('What you are called');
        $this->post($link, ['name' => ''])->assertStatus(422)->assertSee('Say what you are called');
        $this->post($link, ['name' => 'Ida Marshfield'])->assertRedirect('/cards');
        $this->get('/cards')->assertOk()->assertSee('Quillfern');
        $this->get('/members')->assertForbidden()->assertSee('ask one of its owners');
        $this->post($link, ['name' => 'Ida'])->assertStatus(410)->assertSee('taken up or withdrawn');
        $this->actingAs($this->maren);
        $invite('tom@quillfern.example');
        $link = $this->link();
        $this->post('/members/invitations/'.DB::table('invitations')->value('id').'/withdraw')->assertRedirect();
        $this->post($link, ['name' => 'Tom'])->assertStatus(410);
        $invite('kit@quillfern.example');
        $this->travel(15)->days();
        $this->get($this->link())->assertStatus(410)->assertSee('run out');
    }

    public function test_somebody_always_owns_a_workspace(): void
    {
        $ida = User::create(['name' => 'Ida', 'email' => 'ida@quillfern.example', 'password' => 'x']);
        $this->workspace->members()->attach($ida, ['role' => 'maker']);
        foreach (['role' => 'reader', 'remove' => null] as $what => $role) {
            $this->followingRedirects()->post("/members/{$this->maren->id}/$what", ['role' => $role])
                ->assertSee('is the only owner');
        }
        $this->post("/members/$ida->id/role", ['role' => 'owner'])->assertSessionHas('told');
        $this->post("/members/{$this->maren->id}/remove")->assertRedirect('/cards');
        $this->assertSame([$ida->id], $this->workspace->members()->pluck('users.id')->all());
        $this->actingAs($this->maren->refresh()->unsetRelations())->get('/cards')->assertForbidden()
            ->assertSee('no workspace yet');
    }

    public function test_the_demo_lets_one_look_through_the_eyes_of_others(): void
    {
        $ida = User::create(['name' => 'Ida', 'email' => 'ida@quillfern.example', 'password' => 'x']);
        $this->post('/eyes', ['member' => $ida->id])->assertNotFound();
        config(['inky.demo' => true]);
        $this->post('/eyes', ['member' => $ida->id])->assertNotFound();
        $this->workspace->members()->attach($ida, ['role' => 'reader']);
        $this->get('/cards')->assertSee('through the eyes of')->assertSee('Ida, reader');
        $this->post('/eyes', ['member' => $ida->id])->assertRedirect('/cards');
        $this->assertSame($ida->id, $this->signedIn());
        $this->maren->forceFill(['email' => 'maren@oakhollow.test'])->save();
        $this->post('/eyes', ['member' => $this->maren->id])->assertNotFound();
        $this->maren->forceFill(['email' => 'maren@quillfern.example'])->save();
        config(['inky.demo' => false]);
        $this->post('/eyes', ['member' => $this->maren->id])->assertNotFound();
    }

    /** As it is asked for by a session: with the zone that was chosen, and the workspace that was opened. */
    public function test_the_workspace_of_a_session_has_all_that_was_set(): void
    {
        $other = Workspace::create(['name' => 'Oakhollow', 'web' => '', 'country' => 'NZ']);
        $other->members()->attach($this->maren, ['role' => 'reader']);
        $other->forceFill(['zone' => 'Pacific/Auckland', 'evergreen_id' => 7])->save();
        $this->post("/workspaces/$other->id/open")->assertRedirect('/cards');
        $user = Auth::createUserProvider('users')?->retrieveById($this->maren->id);
        $this->assertInstanceOf(User::class, $user);
        $this->assertSame('Pacific/Auckland', $user->workspace()?->clock());
        // Whatever column there will be: one that is forgotten counts for nothing on every page.
        $all = $other->refresh()->getAttributes();
        unset($all['created_at'], $all['updated_at']);
        $this->assertEqualsCanonicalizing($all, $user->workspace()->getAttributes());
        $this->assertSame('reader', $user->role()?->value);
        $this->actingAs($user)->get('/cards')->assertSee('Oakhollow');
        $this->post('/workspaces/999/open')->assertNotFound();
    }
}
