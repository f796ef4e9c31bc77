<?php

use App\Http\Controllers\Scim\AboutController;
use App\Http\Controllers\Scim\GroupController;
use App\Http\Controllers\Scim\UserController;
use Illuminate\Support\Facades\Route;

/*
 * What directories ask, with a token of a workspace that may look after people: SCIM 2.0 (RFC 7643, RFC 7644).
 */
Route::middleware(['auth:sanctum', 'workspace', 'throttle:api'])->prefix('/scim/v2')->name('scim.')->where([
    'person' => '[0-9A-Za-z]{26}', 'group' => '[0-9]{1,15}',
])->group(function () {
    Route::get('/ServiceProviderConfig', [AboutController::class, 'config'])->name('config');
    Route::get('/ResourceTypes', [AboutController::class, 'types'])->name('types');
    Route::get('/Schemas', [AboutController::class, 'schemas'])->name('schemas');

    Route::get('/Users', [UserController::class, 'index'])->name('users');
    Route::post('/Users', [UserController::class, 'store'])->name('users.store');
    Route::get('/Users/{person}', [UserController::class, 'show'])->name('user');
    Route::put('/Users/{person}', [UserController::class, 'replace'])->name('user.replace');
    Route::patch('/Users/{person}', [UserController::class, 'patch'])->name('user.patch');
    Route::delete('/Users/{person}', [UserController::class, 'remove'])->name('user.remove');

    Route::get('/Groups', [GroupController::class, 'index'])->name('groups');
    Route::post('/Groups', [GroupController::class, 'store'])->name('groups.store');
    Route::get('/Groups/{group}', [GroupController::class, 'show'])->name('group');
    Route::put('/Groups/{group}', [GroupController::class, 'replace'])->name('group.replace');
    Route::patch('/Groups/{group}', [GroupController::class, 'patch'])->name('group.patch');
    Route::delete('/Groups/{group}', [GroupController::class, 'remove'])->name('group.remove');
});
