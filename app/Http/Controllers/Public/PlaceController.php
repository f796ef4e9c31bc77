<?php

namespace App\Http\Controllers\Public;

use App\Banners\Due;
use App\Banners\DueBanner;
use App\Banners\HeldAnswers;
use App\Clicks\CountedLinks;
use App\Clicks\Noted;
use App\Clicks\Token;
use App\Models\StoredBanner;
use App\Pictures\BannerPress;
use App\Pictures\Library;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\DB;
use InkyCard\Banner\BannerSize;
use InkyCard\Picture\Baked;

/** A hosted place: the picture that is due, and where it leads. Both answer for good. */
final class PlaceController
{
    /** What a collapsed place shows: clear, and so wide that it is lower than a pixel. */
    private const CLEAR = [600, 1];

    public function picture(Request $request, BannerPress $press, string $signature, string $place): Response
    {
        $due = $this->due($signature, $place);
        if ($due->file !== null && ! $due->fits) {
            // A place of a size no banner was drawn for yet.
            rescue(fn () => StoredBanner::query()->find($due->banner)?->printFor($press, $this->size($place)));
            $due = Due::at($place, now()->getTimestamp()) ?? $due;
        }
        [$bytes, $type] = $due->file === null ? [self::clear(), 'image/png']
            : [(string) Library::disk()->get($due->file->path()), Baked::mime($due->file->extension)];
        $until = min($due->until, now()->getTimestamp() + HeldAnswers::HOLDS);
        $tag = hash('xxh128', $bytes);
        if ($due->file !== null && Library::disk()->path($due->file->path()) !== '') {
            HeldAnswers::hold($request->getPathInfo(), [
                'file' => Library::disk()->path($due->file->path()), 'type' => $type, 'tag' => $tag, 'until' => $until,
            ]);
        }
        $response = response($bytes, 200, ['Content-Type' => $type, 'X-Content-Type-Options' => 'nosniff'])
            ->setEtag($tag)
            ->setCache(['public' => true, 'max_age' => max(0, $until - now()->getTimestamp())]);
        $response->isNotModified($request);

        return $response;
    }

    public function link(Request $request, string $signature, string $place): Response
    {
        $due = $this->due($signature, $place);
        $address = $due->address ?? $this->home($place);
        if ($address === null) {
            return response(view('errors.plain', [
                'title' => __('Nothing is on at the moment'),
                'sentence' => __('What this link led to is over, and nothing else is on yet.'),
            ]), 404);
        }
        if ($due->address !== null) {
            $clicks = DB::connection(config('inky.clicks_connection'));
            Noted::click($clicks, $request, CountedLinks::ofPlace($clicks, $place, $due->banner, $due->name, $address));
        }

        return new Response('', 302, [
            'Location' => $address, 'Cache-Control' => 'no-store', 'X-Robots-Tag' => 'noindex',
            'Referrer-Policy' => 'no-referrer',
        ]);
    }

    private function due(string $signature, string $place): DueBanner
    {
        return (Token::isPlace($signature, $place) ? Due::at($place, now()->getTimestamp()) : null) ?? abort(404);
    }

    private function size(string $place): BannerSize
    {
        [$card, $piece] = explode('/', $place);
        $row = DB::table('places')->where(['card_id' => (int) $card, 'piece' => $piece])->first();

        return new BannerSize((int) $row?->width, (int) $row?->height);
    }

    /** Where a place leads that shows nothing: the workspace's own site. */
    private function home(string $place): ?string
    {
        $web = DB::table('places')->join('workspaces', 'workspaces.id', 'workspace_id')
            ->where('card_id', (int) $place)->value('web');

        return is_string($web) && $web !== '' ? $web : null;
    }

    private static function clear(): string
    {
        $clear = imagecreate(...self::CLEAR);
        imagecolortransparent($clear, imagecolorallocate($clear, 255, 255, 255) ?: 0);
        ob_start();
        imagepng($clear, null, 9);

        return (string) ob_get_clean();
    }
}
