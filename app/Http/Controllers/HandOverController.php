<?php

namespace App\Http\Controllers;

use App\Clicks\CountedLinks;
use App\Pictures\HostedPictures;
use App\Pictures\InlinePictures;
use Illuminate\Contracts\View\View;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Str;
use InkyCard\Compose\HtmlComposer;
use InkyCard\Compose\Pictures;
use InkyCard\Compose\PlainTextComposer;
use InkyCard\Layout\Sheet;

/** Handing a card over: copied as seen, copied as source, or as a file. */
final class HandOverController extends Controller
{
    public function show(Request $request, int $card): View
    {
        $card = $this->card($card);
        $document = $card->document();
        $inside = $request->boolean('inside');

        return view('hand-over.show', [
            'card' => $card,
            'document' => $document,
            'inside' => $inside,
            'html' => (new HtmlComposer(self::pictures($inside)))->compose(CountedLinks::sheet($card, $document)),
            'text' => PlainTextComposer::compose(Sheet::of($document)),
            'base' => HostedPictures::publicBase(),
        ]);
    }

    /** A self-contained HTML file, its pictures inside. */
    public function file(int $card): Response
    {
        $card = $this->card($card);
        $document = $card->document();
        $name = Str::slug($document->name) ?: 'card';

        return response((new HtmlComposer(self::pictures(inside: true)))->page(CountedLinks::sheet($card, $document)), 200, [
            'Content-Type' => 'text/html; charset=utf-8',
            'Content-Disposition' => "attachment; filename=\"$name.html\"",
        ]);
    }

    private static function pictures(bool $inside): Pictures
    {
        return $inside
            ? app(InlinePictures::class)
            : HostedPictures::forExport();
    }
}
