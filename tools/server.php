<?php

declare(strict_types=1);

/* The router of PHP's own server: files of public/ with the same headers as every page, all else to the application. */

$path = urldecode((string) parse_url($_SERVER['REQUEST_URI'], PHP_URL_PATH));
$public = dirname(__DIR__).'/public';
$file = realpath($public.$path);
$types = [
    'css' => 'text/css; charset=utf-8',
    'js' => 'text/javascript; charset=utf-8',
    'svg' => 'image/svg+xml',
    'png' => 'image/png',
    'woff2' => 'font/woff2',
    'json' => 'application/json',
    'webmanifest' => 'application/manifest+json',
    'txt' => 'text/plain; charset=utf-8',
];
$type = $types[pathinfo((string) $file, PATHINFO_EXTENSION)] ?? null;
if ($file !== false && $type !== null && is_file($file) && str_starts_with($file, $public.'/')) {
    header("Content-Type: $type");
    header('X-Content-Type-Options: nosniff');
    header('X-Frame-Options: DENY');
    header('Referrer-Policy: same-origin');
    // A worker asks under the policy of its own script.
    header(
        'Content-Security-Policy: '.
            ($type === $types['js'] ? "default-src 'self'" : "default-src 'none'; style-src 'self'").
            "; frame-ancestors 'none'",
    );
    // What the build names by its content never changes.
    header(
        'Cache-Control: '.
            (str_starts_with($path, '/build/assets/') ? 'public, max-age=31536000, immutable' : 'no-cache'),
    );
    header('Content-Length: '.filesize($file));
    if ($_SERVER['REQUEST_METHOD'] !== 'HEAD') {
        readfile($file);
    }

    return;
}
require $public.'/index.php';
