<?php

use App\Api\Problem;
use App\Directory\DirectoryAnswer;
use App\Http\Middleware\ContentPolicy;
use App\Http\Middleware\InWorkspace;
use App\Http\Middleware\KnownHost;
use App\Http\Middleware\PatientSignIn;
use App\Http\Middleware\ReadsSession;
use App\Http\Middleware\SpeaksLanguage;
use App\Http\Middleware\StartSession;
use App\Http\Middleware\ValidateToken;
use App\Http\SentAgain;
use Illuminate\Foundation\Application;
use Illuminate\Foundation\Configuration\Exceptions;
use Illuminate\Foundation\Configuration\Middleware;
use Illuminate\Http\Exceptions\PostTooLargeException;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Route;
use InkyCard\Refusal;
use Symfony\Component\HttpKernel\Exception\HttpException;

// Settings count from the moment they are changed, not from the last time somebody remembered to clear a cache.
$cached = __DIR__.'/cache/config.php';
if (is_file($cached) && filemtime($cached) < max((int) @filemtime(dirname(__DIR__).'/.env'), 0)) {
    @unlink($cached);
}

return Application::configure(basePath: dirname(__DIR__))
    ->withRouting(
        web: __DIR__.'/../routes/web.php',
        api: __DIR__.'/../routes/api.php',
        apiPrefix: 'api/v1',
        commands: __DIR__.'/../routes/console.php',
        health: '/up',
        then: function (): void {
            Route::group([], base_path('routes/public.php'));
            Route::group([], base_path('routes/scim.php'));
        },
    )
    ->withMiddleware(function (Middleware $middleware): void {
        $middleware->append(ContentPolicy::class);
        $middleware->prepend([KnownHost::class, PatientSignIn::class]);
        $middleware->web(replace: [
            Illuminate\Session\Middleware\StartSession::class => StartSession::class,
            Illuminate\Foundation\Http\Middleware\ValidateCsrfToken::class => ValidateToken::class,
        ]);
        $middleware->web(append: [SpeaksLanguage::class]);
        $middleware->alias([
            'language' => SpeaksLanguage::class, 'workspace' => InWorkspace::class, 'reads' => ReadsSession::class,
        ]);
        $middleware->redirectGuestsTo(fn () => route('sign-in'));
        $middleware->redirectUsersTo(fn () => route('cards'));
        // Fields are cleaned by the core, which says what it did not accept.
        $middleware->remove([Illuminate\Foundation\Http\Middleware\ConvertEmptyStringsToNull::class]);
    })
    ->withExceptions(function (Exceptions $exceptions): void {
        $exceptions->render(Problem::answer(...));
        $exceptions->render(DirectoryAnswer::fault(...));
        // A body over the server's own limit arrives without fields: all that can be said is why.
        $exceptions->render(
            fn (PostTooLargeException $tooLarge, Request $request) => response(
                view('errors.plain', [
                    'title' => 'Too large',
                    'sentence' => 'What you sent is over 64 MB in all. A picture may have 10 MB, a message 20 MB: go '
                        .'back and choose less.',
                ]),
                413,
            ),
        );
        $exceptions->render(fn (HttpException $expired, Request $request) => $expired->getStatusCode() === 419
            ? SentAgain::answer($request)
            : null);
        // A full disk shows wherever something is written, in the words of whoever wrote: nothing was half kept.
        $exceptions->render(fn (Throwable $fault) => Problem::isNoRoom($fault) ? response(view('errors.plain', [
            'title' => 'No room left',
            'sentence' => 'The disk of this server is full: nothing of this was kept. Tell whoever looks after it, and '
                .'send it again then.',
        ]), 507) : null);
        // Edits answer beside the field; elsewhere, as where a picture is gone, the sentence is the page.
        $exceptions->dontReport(Refusal::class);
        $exceptions->render(fn (Refusal $refusal, Request $request) => response(
            view('errors.plain', ['title' => 'This does not work yet', 'sentence' => $refusal->getMessage()]), 422,
        ));
    })
    ->create();
