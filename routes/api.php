<?php

use App\Http\Controllers\Api\AskApiController;
use App\Http\Controllers\Api\CardApiController;
use App\Http\Controllers\Api\ClicksApiController;
use App\Http\Controllers\Api\DescriptionController;
use App\Http\Controllers\Api\PeopleApiController;
use App\Http\Controllers\Api\PictureApiController;
use App\Http\Controllers\Api\ShelfApiController;
use Illuminate\Support\Facades\Route;

/*
 * What programs ask, with a token of a workspace. Described in docs/openapi.json, which a test holds against these.
 */
Route::get('/openapi.json', DescriptionController::class)->name('api.description');

Route::middleware(['auth:sanctum', 'workspace', 'throttle:api'])->name('api.')->where([
    'card' => '[0-9]{1,15}', 'picture' => '[0-9]{1,15}', 'starter' => '[a-z0-9-]{2,40}', 'client' => '[a-z0-9-]{3,30}',
    'destination' => '[a-z0-9-]{2,30}', 'situation' => 'new|reply|campaign', 'email' => '[^/\s]{3,254}',
])->group(function () {
    Route::get('/', [ShelfApiController::class, 'me'])->name('me');
    Route::get('/starters', [ShelfApiController::class, 'starters'])->name('starters');
    Route::get('/starters/{starter}', [ShelfApiController::class, 'starter'])->name('starter');
    Route::post('/starters/{starter}/cards', [CardApiController::class, 'begin'])->name('cards.begin');
    Route::get('/destinations', [ShelfApiController::class, 'destinations'])->name('destinations');
    Route::get('/stand-ins', [ShelfApiController::class, 'standIns'])->name('stand-ins');

    Route::get('/cards', [CardApiController::class, 'index'])->name('cards');
    Route::post('/cards', [CardApiController::class, 'store'])->name('cards.store');
    Route::get('/cards/{card}', [CardApiController::class, 'show'])->name('card');
    Route::put('/cards/{card}', [CardApiController::class, 'replace'])->name('card.replace');
    Route::delete('/cards/{card}', [CardApiController::class, 'archive'])->name('card.archive');
    Route::post('/cards/{card}/restore', [CardApiController::class, 'restore'])->name('card.restore');
    Route::post('/cards/{card}/copies', [CardApiController::class, 'copy'])->name('card.copy');
    Route::get('/cards/{card}/revisions', [CardApiController::class, 'revisions'])->name('card.revisions');
    Route::get('/cards/{card}/proof', [CardApiController::class, 'proof'])->name('card.proof');
    Route::get('/cards/{card}/composed', [CardApiController::class, 'composed'])->name('card.composed');
    Route::post('/cards/{card}/hand-over/{destination}', [CardApiController::class, 'handOver'])->name('card.taken');

    Route::get('/pictures', [PictureApiController::class, 'index'])->name('pictures');
    Route::post('/pictures', [PictureApiController::class, 'store'])->name('pictures.store');
    Route::get('/pictures/{picture}', [PictureApiController::class, 'show'])->name('picture');
    Route::patch('/pictures/{picture}', [PictureApiController::class, 'change'])->name('picture.update');
    Route::delete('/pictures/{picture}', [PictureApiController::class, 'remove'])->name('picture.remove');
    Route::post('/pictures/{picture}/restore', [PictureApiController::class, 'restore'])->name('picture.restore');
    Route::get('/pictures/{picture}/file', [PictureApiController::class, 'file'])->name('picture.file');

    Route::get('/people', [PeopleApiController::class, 'index'])->name('people');
    Route::get('/clicks', ClicksApiController::class)->name('clicks');
    Route::get('/placements', [PeopleApiController::class, 'placements'])->name('placements');
    Route::put('/placements/{email}/{situation}', [PeopleApiController::class, 'put'])->name('placements.put');
    Route::delete('/placements/{email}/{situation}', [PeopleApiController::class, 'take'])->name('placements.remove');

    Route::name('ask.')->group(function () {
        Route::post('/compose', [AskApiController::class, 'compose'])->name('compose');
        Route::post('/measure', [AskApiController::class, 'measure'])->name('measure');
        Route::post('/proof', [AskApiController::class, 'proof'])->name('proof');
        Route::post('/hand-over/{destination}', [AskApiController::class, 'handOver'])->name('hand-over');
        Route::post('/read-as/{client}', [AskApiController::class, 'readAs'])->name('read-as');
        Route::post('/read-in', [AskApiController::class, 'readIn'])->name('read-in');
        Route::post('/verify', [AskApiController::class, 'verify'])->name('verify');
        Route::post('/links', [AskApiController::class, 'links'])->name('links');
        Route::get('/contrast', [AskApiController::class, 'contrast'])->name('contrast');
        Route::post('/inks', [AskApiController::class, 'inks'])->name('inks');
        Route::post('/bake', [AskApiController::class, 'bake'])->name('bake');
    });
});
