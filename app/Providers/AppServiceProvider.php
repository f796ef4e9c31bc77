<?php

namespace App\Providers;

use App\Auth\Members;
use App\Database\ImmediateSqliteConnection;
use Illuminate\Database\Connection;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Foundation\Application;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\ServiceProvider;

final class AppServiceProvider extends ServiceProvider
{
    public function register(): void
    {
        Connection::resolverFor('sqlite', fn ($pdo, $database, $prefix, $config) => new ImmediateSqliteConnection($pdo, $database, $prefix, $config));
    }

    public function boot(): void
    {
        Auth::provider('members', fn (Application $app, array $config) => new Members($app->make('hash'), $config['model']));
        Model::preventLazyLoading(! $this->app->isProduction());
        Model::preventSilentlyDiscardingAttributes(! $this->app->isProduction());
    }
}
