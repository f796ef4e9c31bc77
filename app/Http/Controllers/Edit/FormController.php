<?php

namespace App\Http\Controllers\Edit;

use App\Pictures\Drawings;
use Illuminate\Contracts\View\View;
use Illuminate\Http\Request;
use InkyCard\Card\Arrangement\Arrangement;
use InkyCard\Card\Edit\ShapeForm;
use InkyCard\Card\Form;
use Symfony\Component\HttpFoundation\Response;

/** The forms of a card side by side: whole, under replies, on phones (need E03). */
final class FormController extends AbstractEditController
{
    public function index(int $card): View
    {
        $card = $this->card($card);

        return view('cards.forms', [
            'card' => $card, 'document' => $card->document(), 'for' => Form::FOR,
            'arrangements' => array_map(fn (Arrangement $one) => $one->label, Arrangement::all()),
        ]);
    }

    public function drawing(Drawings $drawings, int $card, string $form): Response
    {
        return $drawings->response($this->card($card)->document()->inForm($form));
    }

    public function shape(Request $request, int $card, string $form, string $how): Response
    {
        return $this->change($request, $card, '', fn () => match ($how) {
            'begin' => ShapeForm::begin($form),
            'remove' => ShapeForm::drop($form),
            'arrange' => ShapeForm::arrange($form, self::string($request, 'arrangement')),
            default => ShapeForm::show($form, self::string($request, 'piece'), $request->boolean('shown')),
        }, whole: true);
    }
}
