<?php

namespace App\Http\Controllers\Scim;

use App\Directory\DirectoryAnswer;
use App\Directory\DirectoryGroups;
use App\Directory\DirectoryList;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;

/** Groups of people, as directories have them. */
final class GroupController extends ScimController
{
    public function index(Request $request): JsonResponse
    {
        return $this->groups($request)->list(DirectoryList::asked($request));
    }

    public function store(Request $request): JsonResponse
    {
        return DirectoryAnswer::of($this->groups($request)->create(self::sent($request)), 201);
    }

    public function show(Request $request, int $group): JsonResponse
    {
        return DirectoryAnswer::of($this->groups($request)->show($group, DirectoryList::asked($request)));
    }

    public function replace(Request $request, int $group): JsonResponse
    {
        return DirectoryAnswer::of($this->groups($request)->having($group)->replace($group, self::sent($request)));
    }

    /** Without content: a group may have thousands of members, and one is changed. */
    public function patch(Request $request, int $group): Response
    {
        $this->groups($request)->having($group)->patch($group, self::sent($request));

        return response()->noContent();
    }

    public function remove(Request $request, int $group): Response
    {
        $this->groups($request)->remove($group);

        return response()->noContent();
    }

    private function groups(Request $request): DirectoryGroups
    {
        return new DirectoryGroups($this->workspace, self::member($request));
    }
}
