<?php

namespace App\Providers;

use App\Api\AccessToken;
use App\Auth\Ability;
use App\Auth\Devices;
use App\Auth\Members;
use App\Auth\OpenId;
use App\Database\ImmediateSqliteConnection;
use App\Models\User;
use App\Outside\SafeHttpClient;
use App\Pictures\Rasterizer;
use App\StandIns\WebStandIn;
use App\Tray\TrayTransport;
use GuzzleHttp\Client;
use GuzzleHttp\ClientInterface;
use Illuminate\Auth\Events\Login;
use Illuminate\Database\Connection;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Foundation\Application;
use Illuminate\Http\Middleware\TrustProxies;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\Event;
use Illuminate\Support\Facades\Gate;
use Illuminate\Support\Facades\Mail;
use Illuminate\Support\Facades\RateLimiter;
use Illuminate\Support\ServiceProvider;
use Laravel\Sanctum\Events\TokenAuthenticated;
use Laravel\Sanctum\Sanctum;
use Symfony\Component\HttpClient\HttpClient;
use Symfony\Component\HttpClient\NoPrivateNetworkHttpClient;
use Symfony\Component\HttpFoundation\IpUtils;

final class AppServiceProvider extends ServiceProvider
{
    public function register(): void
    {
        Connection::resolverFor(
            'sqlite',
            fn ($pdo, $database, $prefix, $config) => new ImmediateSqliteConnection($pdo, $database, $prefix, $config),
        );
        $this->app->singleton(SafeHttpClient::class, self::outside(...));
        // To the provider that is configured, wherever it stands.
        $this->app->when(OpenId::class)->needs(ClientInterface::class)
            ->give(fn () => new Client(['timeout' => 8, 'connect_timeout' => 4, 'allow_redirects' => false]));
    }

    private static function outside(Application $app): SafeHttpClient
    {
        $private = [...IpUtils::PRIVATE_SUBNETS, ...SafeHttpClient::INSIDE];
        $real = new NoPrivateNetworkHttpClient(HttpClient::create(), $private);

        return new SafeHttpClient(
            config('inky.stand_ins') ? new WebStandIn($real, $app->make(Rasterizer::class)) : $real,
        );
    }

    private static function programs(): void
    {
        Sanctum::usePersonalAccessTokenModel(AccessToken::class);
        Sanctum::authenticateAccessTokensUsing(AccessToken::lets(...));
        Event::listen(TokenAuthenticated::class, AccessToken::used(...));
        RateLimiter::for('api', AccessToken::limit(...));
    }

    public function boot(): void
    {
        self::programs();
        TrustProxies::at(config('inky.proxies'));
        Mail::extend('tray', fn () => new TrayTransport());
        Auth::provider(
            'members',
            fn (Application $app, array $config) => new Members($app->make('hash'), $config['model']),
        );
        Event::listen(Login::class, fn (Login $login) => $login->user instanceof User && request()->hasSession()
            && Devices::begin($login->user));
        foreach (Ability::cases() as $ability) {
            Gate::define($ability->value, fn (User $user): bool => $user->may($ability));
        }
        Model::preventLazyLoading(! $this->app->isProduction());
        Model::preventSilentlyDiscardingAttributes(! $this->app->isProduction());
    }
}
