<?php

namespace App\Http\Controllers\Public;

use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\BinaryFileResponse;

/** A file of public/ under the edition in its address, where the web server in front knows no rule for those. */
final class AssetController
{
    /** Names of files under folders, none of which begins with a dot. */
    public const FILE = '(?:[\w-][\w.-]*/)*[\w-][\w.-]*\.(?:css|js|svg|woff2)';

    public function __invoke(Request $request, string $edition, string $file): BinaryFileResponse
    {
        $path = public_path($file);
        abort_unless(is_file($path), 404);
        $types = require base_path('bootstrap/assets.php');
        $response = response()->file($path, ['Content-Type' => $types[pathinfo($path, PATHINFO_EXTENSION)]]);
        // Of another edition than the pages of now: it may be another file by then.
        $now = require base_path('bootstrap/edition.php');
        $response->setCache($now === $edition
            ? ['public' => true, 'max_age' => 31536000, 'immutable' => true] : ['public' => true, 'no_cache' => true]);
        $response->isNotModified($request);

        return $response;
    }
}
