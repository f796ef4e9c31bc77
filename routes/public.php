<?php

use App\Http\Controllers\VariantController;
use Illuminate\Support\Facades\Route;

/*
 * Answered without session or cookies: mail clients fetch these.
 */
Route::get('/p/{hash}.{extension}', VariantController::class)
    ->where(['hash' => '[0-9a-f]{64}', 'extension' => 'png|jpg|gif'])
    ->name('variant');
