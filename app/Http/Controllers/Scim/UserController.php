<?php

namespace App\Http\Controllers\Scim;

use App\Directory\DirectoryAnswer;
use App\Directory\DirectoryList;
use App\Directory\DirectoryUsers;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;

/** People, as directories have them. */
final class UserController extends ScimController
{
    public function index(Request $request): JsonResponse
    {
        return $this->users($request)->list(DirectoryList::asked($request));
    }

    public function store(Request $request): JsonResponse
    {
        return DirectoryAnswer::of($this->users($request)->create(self::sent($request)), 201);
    }

    public function show(Request $request, string $person): JsonResponse
    {
        return DirectoryAnswer::of($this->users($request)->show($person, DirectoryList::asked($request)));
    }

    public function replace(Request $request, string $person): JsonResponse
    {
        return DirectoryAnswer::of($this->users($request)->having($person)->replace($person, self::sent($request)));
    }

    public function patch(Request $request, string $person): JsonResponse
    {
        return DirectoryAnswer::of($this->users($request)->having($person)->patch($person, self::sent($request)));
    }

    public function remove(Request $request, string $person): Response
    {
        $this->users($request)->remove($person);

        return response()->noContent();
    }

    private function users(Request $request): DirectoryUsers
    {
        return new DirectoryUsers($this->workspace, self::member($request));
    }
}
