<?php

namespace App\Providers;

use App\Words\Locality;
use App\Words\Moments;
use App\Words\TemplateCompiler;
use App\Words\Words;
use App\Words\WordTranslator;
use Illuminate\Foundation\AliasLoader;
use Illuminate\Foundation\Application;
use Illuminate\Support\ServiceProvider;
use Illuminate\View\DynamicComponent;

/** Pages, mails and refusals in the language of who reads them. */
final class WordsProvider extends ServiceProvider
{
    public function register(): void
    {
        $this->app->singleton('blade.compiler', function (Application $app): TemplateCompiler {
            $compiler = new TemplateCompiler($app->make('files'), (string) config('view.compiled'));
            $compiler->component('dynamic-component', DynamicComponent::class);

            return $compiler;
        });
        $this->app->extend('translator', fn (mixed $given, Application $app): WordTranslator => new WordTranslator(
            $app->make('translation.loader'), Words::SOURCE,
        ));
    }

    public function boot(): void
    {
        AliasLoader::getInstance()->alias('Moments', Moments::class);
        $this->app->scopedIf(Locality::class, fn (): Locality => new Locality);
    }
}
