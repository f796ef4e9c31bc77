<?php

namespace Tests\Web;

use App\Auth\Ability;
use App\Auth\Access;
use App\Auth\Role;
use App\Models\User;
use Illuminate\Routing\Route;
use Illuminate\Support\Facades\Route as Routes;
use PHPUnit\Framework\Attributes\DataProvider;

/** What somebody is in a workspace decides what they can do there, on every route, and what pages offer them. */
final class AccessTest extends WebTestCase
{
    /** @return iterable<string, array{Role}> */
    public static function roles(): iterable
    {
        foreach (Role::cases() as $role) {
            yield $role->value => [$role];
        }
    }

    #[DataProvider('roles')]
    public function test_every_route_asks_what_its_table_says(Role $role): void
    {
        $tried = 0;
        foreach (self::inside() as $route) {
            foreach (array_diff($route->methods(), ['HEAD']) as $method) {
                // Nothing there: whoever may is told so, whoever may not is told that first.
                $uri = '/'.preg_replace_callback('/\{(\w+)\}/', fn (array $name) => self::value(
                    $name[1], $route->wheres[$name[1]] ?? '.*',
                ), $route->uri());
                $this->assertSame(
                    $route->getName(), Routes::getRoutes()->match(request()->create($uri, $method))->getName(), $uri,
                );
                $this->isForPrograms($route) ? $this->asProgram($this->member($role), $this->workspace)
                    : $this->actingAs($this->member($role));
                $status = $this->json($method, $uri)->getStatusCode();
                $may = $role->may(Access::of($route));
                $this->assertSame(! $may, $status === 403, "$method $uri as $role->value: $status");
                $tried++;
            }
        }
        $this->assertGreaterThan(180, $tried);
    }

    /** @return iterable<string, array{Role, string, Ability}> some of it once more, so that it is no test of itself */
    public static function table(): iterable
    {
        foreach ([
            'cards' => 'see', 'clicks' => 'see', 'proof' => 'see', 'hand-over' => 'hand-over', 'tray' => 'hand-over',
            'cards.place' => 'people', 'recipients' => 'make', 'bench' => 'make', 'edit.fill' => 'make',
            'brand' => 'make', 'campaign.send' => 'make', 'members' => 'run', 'members.role' => 'run',
            'programs.store' => 'run', 'api.cards' => 'see', 'api.card.replace' => 'make', 'api.people' => 'people',
            'api.card.taken' => 'hand-over', 'api.pictures' => 'make',
        ] as $name => $ability) {
            foreach (Role::cases() as $role) {
                yield "$name $role->value" => [$role, $name, Ability::from($ability)];
            }
        }
    }

    #[DataProvider('table')]
    public function test_the_table_is_as_it_was_meant(Role $role, string $name, Ability $ability): void
    {
        $this->assertSame($ability, Access::of(Routes::getRoutes()->getByName($name)));
        $this->assertSame(match ($role) {
            Role::Owner => true, Role::Maker => $ability !== Ability::Run,
            Role::Coordinator => in_array($ability->value, ['see', 'hand-over', 'people'], true),
            Role::Reader => $ability === Ability::See,
        }, $role->may($ability));
        $row = "| `{$ability->value}` | {$ability->says()} |";
        $this->assertStringContainsString($row, (string) file_get_contents(base_path('docs/keeping.md')));
    }

    /** No door is dead: what a page leads to is for whoever it is shown to. */
    #[DataProvider('roles')]
    public function test_pages_offer_nothing_that_is_refused(Role $role): void
    {
        $this->actingAs($this->member($role));
        foreach ([
            '/cards', "/cards/{$this->card->id}/proof", "/cards/{$this->card->id}/proof/word-desktop", '/clicks',
            "/cards/{$this->card->id}/hand-over", '/tray', '/tray/write', '/placements', '/campaigns/recipients',
            '/account', '/find?q=maren', "/cards/{$this->card->id}/links",
        ] as $page) {
            $answer = $this->get($page);
            if ($answer->getStatusCode() === 403) {
                continue;
            }
            $answer->assertOk();
            preg_match_all('~<(a|form|button|iframe)\b[^>]*?\b(?:href|action|formaction|src)="([^"#]+)~',
                (string) $answer->getContent(), $found, PREG_SET_ORDER);
            foreach ($found as [, $tag, $address]) {
                $path = (string) parse_url(html_entity_decode($address), PHP_URL_PATH);
                $host = parse_url($address, PHP_URL_HOST);
                if (! str_starts_with($path, '/') || is_file(public_path($path))
                    || ! in_array($host, [null, 'cards.quillfern.example', 'localhost'], true)) {
                    continue;
                }
                $method = $tag === 'a' || $tag === 'iframe' ? 'GET' : 'POST';
                $route = rescue(
                    fn () => Routes::getRoutes()->match(request()->create($path, $method)),
                    fn () => Routes::getRoutes()->match(request()->create($path)), false,
                );
                $this->assertTrue(
                    ! in_array('workspace', $route->gatherMiddleware(), true) || $role->may(Access::of($route)),
                    "$page offers a {$role->value} $path ({$route->getName()})",
                );
            }
        }
    }

    private function isForPrograms(Route $route): bool
    {
        return in_array('auth:sanctum', $route->gatherMiddleware(), true);
    }

    private static function value(string $name, string $pattern): string
    {
        $some = ['999999', explode('|', $pattern)[0], 'p2', 'skerry.plain', str_repeat('0', 26), str_repeat('a', 24),
            str_repeat('a', 64)];
        foreach ($some as $value) {
            if (preg_match("~^(?:$pattern)$~D", $value) === 1) {
                return $value;
            }
        }
        self::fail("nothing fits $name: $pattern");
    }

    private function member(Role $role): User
    {
        $user = User::query()->firstOrCreate(['email' => "$role->value@quillfern.example"], [
            'name' => ucfirst($role->value), 'password' => 'garden-gate-9',
        ]);
        $this->workspace->members()->syncWithoutDetaching([$user->id => ['role' => $role->value]]);

        return $user->fresh() ?? $user;
    }

    /** @return list<Route> */
    private static function inside(): array
    {
        return array_values(array_filter(
            Routes::getRoutes()->getRoutes(),
            fn (Route $route) => in_array('workspace', $route->gatherMiddleware(), true),
        ));
    }
}
