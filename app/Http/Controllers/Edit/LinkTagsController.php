<?php

namespace App\Http\Controllers\Edit;

use Illuminate\Http\Request;
use InkyCard\Card\Edit;
use Symfony\Component\HttpFoundation\Response;

/** Campaign tags and counted clicks. */
final class LinkTagsController extends AbstractEditController
{
    public function tags(Request $request, int $card): Response
    {
        return $this->change(
            $request, $card, '', fn () => new Edit\TagLinks($request->boolean('on') ? $request->array('tags') : null),
        );
    }

    public function tag(Request $request, int $card): Response
    {
        return $this->change(
            $request, $card, '', fn () => new Edit\TagLink(self::string($request, 'link'), $request->boolean('on')),
        );
    }

    public function count(Request $request, int $card): Response
    {
        return $this->change($request, $card, '', fn () => new Edit\CountClicks($request->boolean('on')));
    }
}
