<?php

declare(strict_types=1);

// For PHP's own server: static files with proper headers, everything else to the application.
$uri = $_SERVER['REQUEST_URI'] ?? '/';
$path = parse_url(is_string($uri) ? $uri : '/', PHP_URL_PATH);
$root = dirname(__DIR__) . '/public';
// A NUL in a path is no file.
$file = is_string($path) && !str_contains(rawurldecode($path), "\0") ? realpath($root . rawurldecode($path)) : false;
// By the door for phones nothing is handed out unasked: the application lets in, or does not.
$isPhone = '' !== (string) getenv('IRON_LATCH_DOOR');
if (!$isPhone && false !== $file && str_starts_with($file, $root . '/') && is_file($file) && !str_ends_with($file, '.php')) {
    $types = [
        'css' => 'text/css',
        'js' => 'text/javascript',
        'svg' => 'image/svg+xml',
        'woff2' => 'font/woff2',
        'json' => 'application/json',
        'txt' => 'text/plain',
        'png' => 'image/png',
    ];
    header('Content-Type: ' . ($types[pathinfo($file, PATHINFO_EXTENSION)] ?? 'application/octet-stream'));
    header("Content-Security-Policy: default-src 'none'; frame-ancestors 'none'");
    foreach ((array) require dirname(__DIR__) . '/config/headers.php' as $name => $value) {
        header($name . ': ' . (is_string($value) ? $value : ''));
    }
    header('Cache-Control: ' . (1 === preg_match('/-[0-9a-f]{10}\.\w+$/', $file) ? 'public, max-age=31536000, immutable' : 'no-cache'));
    header('Vary: Accept-Encoding');
    $accepted = $_SERVER['HTTP_ACCEPT_ENCODING'] ?? '';
    $isPacked = is_string($accepted) && str_contains($accepted, 'gzip') && is_file($file . '.gz');
    if ($isPacked) {
        header('Content-Encoding: gzip');
    }
    readfile($isPacked ? $file . '.gz' : $file);

    return true;
}
// Pages are packed on their way, as lightly as it goes: a phone gets an eighth of them for a millisecond.
ini_set('zlib.output_compression_level', '1');
ini_set('zlib.output_compression', '1');
$_SERVER['SCRIPT_NAME'] = '/index.php';
$_SERVER['SCRIPT_FILENAME'] = $root . '/index.php';
require $root . '/index.php';
