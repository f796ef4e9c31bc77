<?php

use App\Http\Controllers\Public\AssetController;
use App\Http\Controllers\Public\ClickController;
use App\Http\Controllers\Public\EventController;
use App\Http\Controllers\Public\PhoneController;
use App\Http\Controllers\Public\PlaceController;
use App\Http\Controllers\Public\SeasonalController;
use App\Http\Controllers\Public\VariantController;
use App\Http\Controllers\Public\WayOutController;
use App\StandIns\JmapStandIn;
use App\StandIns\OpenIdStandIn;
use App\StandIns\SenderStandIn;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Route;
use Illuminate\Support\Str;

/*
 * Answered without session or cookies: mail clients fetch these, and phones nobody is signed in on.
 */
Route::get('/v/{edition}/{file}', AssetController::class)
    ->where(['edition' => '[0-9a-f]{12}', 'file' => AssetController::FILE])->name('asset');
Route::get('/p/{hash}.{extension}', VariantController::class)
    ->where(['hash' => '[0-9a-f]{64}', 'extension' => 'png|jpg|gif'])
    ->name('variant');
Route::get('/s/{hash}.png', SeasonalController::class)->where('hash', '[0-9a-f]{64}')->name('seasonal');
Route::get('/go/{token}', ClickController::class)->where('token', '[0-9A-Za-z_-]{11,24}')->name('go');
Route::get('/b/{signature}/{place}', [PlaceController::class, 'picture'])
    ->where(['signature' => '[0-9A-Za-z_-]{10}', 'place' => '[0-9]{1,15}/[A-Za-z0-9_-]{1,40}'])->name('place');
Route::get('/to/{signature}/{place}', [PlaceController::class, 'link'])
    ->where(['signature' => '[0-9A-Za-z_-]{10}', 'place' => '[0-9]{1,15}/[A-Za-z0-9_-]{1,40}'])->name('place.link');
Route::get('/e/{signature}/{card}/{piece}.ics', EventController::class)
    ->where(['signature' => '[0-9A-Za-z_-]{10}', 'card' => '[0-9]{1,15}', 'piece' => '[A-Za-z0-9_-]{1,40}'])
    ->name('event');

// A card on the phone it goes to, by an address that runs out.
Route::get('/phone/{card}', [PhoneController::class, 'show'])->where('card', '[0-9]{1,15}')->middleware('language')
    ->name('phone');
Route::get('/phone/{card}/sheet', [PhoneController::class, 'sheet'])->where('card', '[0-9]{1,15}')->name('phone.sheet');

// The stand-in mailbox, for any JMAP client on this machine.
if (config('inky.stand_ins')) {
    $by = fn (Closure $standIn, string $below = '') => function (Request $request) use ($standIn, $below) {
        [$status, $body] = $standIn(
            trim(Str::after(trim($request->path(), '/'), $below), '/'),
            (string) $request->header('Authorization'),
            $request->isMethod('POST') ? (string) $request->getContent() : null,
        );

        return response()->json($body, $status);
    };
    $answer = $by(JmapStandIn::answer(...));
    Route::get('/.well-known/jmap', $answer);
    Route::get('/stand-ins/jmap/session', $answer);
    Route::post('/stand-ins/jmap/api', $answer);
    // The stand-in that says who somebody is.
    Route::match(['get', 'post'], '/stand-ins/openid/{path}', function (Request $request, string $path) {
        $given = array_filter($request->all(), is_string(...));
        [$status, $body] = OpenIdStandIn::answer($path, $given, (string) $request->header('Authorization'));

        return match (true) {
            $status === 302 => redirect()->away($body['to']),
            $path === 'authorize' && $status === 200 => response(view('stand-in-openid', ['asked' => $given])),
            default => response()->json($body, $status),
        };
    })->where('path', 'authorize|token|keys|\.well-known/openid-configuration');
    // The stand-in for a sending system.
    Route::match(['get', 'post'], '/stand-ins/sender/{path}', $by(SenderStandIn::answer(...), 'stand-ins/sender/'))
        ->where('path', 'v1/[a-z0-9/]{1,80}');
}

// Ways out of messages of campaigns, which outlive the campaign.
Route::prefix('/out/{token}')->middleware('language')->where([
    'token' => '[A-Za-z0-9]{24}', 'position' => '[0-9]{1,3}',
])->group(function () {
    Route::get('/', [WayOutController::class, 'show'])->name('way-out');
    Route::post('/', [WayOutController::class, 'leave']);
    Route::get('/view/{position}', [WayOutController::class, 'view']);
});

if (config('inky.bench')) {
    Route::get('/bench/public', fn () => 'ok');
}
