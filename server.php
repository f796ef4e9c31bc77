<?php

/*
 * Router for PHP's built-in server (bin/start): files of public/ with their
 * type, an ETag and gzip; everything else goes to the application. A web
 * server in front does the same by its own configuration.
 */

$path = rawurldecode((string) parse_url($_SERVER['REQUEST_URI'], PHP_URL_PATH));
// A baked picture is for ever what its address says, so its file is sent without asking the application.
if (
    preg_match('#^/p/(([0-9a-f]{2})[0-9a-f]{62})\.(png|jpg|gif)$#D', $path, $match)
    && is_file(
        $file
            = (getenv('PICTURE_ROOT') ?: __DIR__.'/storage/app/pictures')."/variants/$match[2]/$match[1].$match[3]",
    )
) {
    header('Content-Type: '.['jpg' => 'image/jpeg', 'png' => 'image/png', 'gif' => 'image/gif'][$match[3]]);
    header('X-Content-Type-Options: nosniff');
    header('Cache-Control: public, max-age=31536000, immutable');
    header("ETag: \"$match[1]\"");
    if (($_SERVER['HTTP_IF_NONE_MATCH'] ?? '') === "\"$match[1]\"") {
        http_response_code(304);

        return;
    }
    header('Content-Length: '.filesize($file));
    if ($_SERVER['REQUEST_METHOD'] !== 'HEAD') {
        readfile($file);
    }

    return;
}
// What a hosted place shows holds until its next change: see App\Banners\HeldAnswers.
if (str_starts_with($path, '/b/')) {
    $held = json_decode((string) @file_get_contents(
        __DIR__.'/storage/framework/places/'.hash('sha256', $path).'.json',
    ), true);
    $left = (int) ($held['until'] ?? 0) - time();
    if ($left > 0 && is_file($held['file'])) {
        header('Content-Type: '.$held['type']);
        header('X-Content-Type-Options: nosniff');
        header("Cache-Control: max-age=$left, public");
        header("ETag: \"{$held['tag']}\"");
        if (($_SERVER['HTTP_IF_NONE_MATCH'] ?? '') === "\"{$held['tag']}\"") {
            http_response_code(304);

            return;
        }
        header('Content-Length: '.filesize($held['file']));
        if ($_SERVER['REQUEST_METHOD'] !== 'HEAD') {
            readfile($held['file']);
        }

        return;
    }
}
// The address of a file of public/ begins with what all of them were when the settings were read: see config/app.php.
// What has changed since is not kept under it.
$editioned = preg_match('#^/v/[0-9a-f]{12}(/.+)$#D', $path, $match) === 1;
$path = $editioned ? $match[1] : $path;
$type = (require __DIR__.'/bootstrap/assets.php')[pathinfo($path, PATHINFO_EXTENSION)] ?? null;
$file = $type === null || str_contains($path, '..') || str_contains($path, "\0") ? null : __DIR__.'/public'.$path;

if ($file === null || ! is_file($file)) {
    if (str_contains($_SERVER['HTTP_ACCEPT_ENCODING'] ?? '', 'gzip')) {
        ob_start(function (string $body): string {
            if (preg_grep('#^content-type: text/html#i', headers_list()) === [] || strlen($body) < 1000) {
                return $body;
            }
            header('Content-Encoding: gzip');
            header('Vary: Accept-Encoding', false);

            return (string) gzencode($body, 5);
        });
    }
    $_SERVER['SCRIPT_NAME'] = '/index.php';
    $_SERVER['SCRIPT_FILENAME'] = __DIR__.'/public/index.php';
    require __DIR__.'/public/index.php';

    return;
}

$changed = (int) filemtime($file);
$read = (int) @filemtime(getenv('APP_CONFIG_CACHE') ?: __DIR__.'/bootstrap/cache/config.php');
header("Content-Security-Policy: default-src 'none'");
header('Referrer-Policy: same-origin');
$packed = ! str_ends_with($file, '.woff2') && str_contains($_SERVER['HTTP_ACCEPT_ENCODING'] ?? '', 'gzip');
$tag = sprintf('"%x-%x%s"', $changed, (int) filesize($file), $packed ? '-gz' : '');
header('Content-Type: '.$type);
header('X-Content-Type-Options: nosniff');
header('Cache-Control: public, '.($editioned && $changed <= $read ? 'max-age=31536000, immutable' : 'no-cache'));
header('Vary: Accept-Encoding');
header('ETag: '.$tag);
if (($_SERVER['HTTP_IF_NONE_MATCH'] ?? '') === $tag) {
    http_response_code(304);

    return;
}
$bytes = (string) file_get_contents($file);
if ($packed) {
    $bytes = (string) gzencode($bytes, 9);
    header('Content-Encoding: gzip');
}
header('Content-Length: '.strlen($bytes));
if ($_SERVER['REQUEST_METHOD'] !== 'HEAD') {
    echo $bytes;
}
