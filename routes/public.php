<?php

use App\Http\Controllers\GoController;
use App\Http\Controllers\SeasonalController;
use App\Http\Controllers\VariantController;
use Illuminate\Support\Facades\Route;

/*
 * Answered without session or cookies: mail clients fetch these.
 */
Route::get('/p/{hash}.{extension}', VariantController::class)
    ->where(['hash' => '[0-9a-f]{64}', 'extension' => 'png|jpg|gif'])
    ->name('variant');
Route::get('/s/{hash}.png', SeasonalController::class)->where('hash', '[0-9a-f]{64}')->name('seasonal');
Route::get('/go/{token}', GoController::class)->where('token', '[0-9A-Za-z_-]{11,24}')->name('go');

if (config('inky.bench')) {
    Route::get('/bench/public', fn () => 'ok');
}
