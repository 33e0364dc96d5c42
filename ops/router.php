<?php

declare(strict_types=1);

// For PHP's own web server: files of the build as they are, everything else to the application.
const TYPES = [
    'css' => 'text/css',
    'js' => 'text/javascript',
    'json' => 'application/json',
    'png' => 'image/png',
    'svg' => 'image/svg+xml',
    'webmanifest' => 'application/manifest+json',
    'woff2' => 'font/woff2',
];

$build = dirname(__DIR__) . '/public/build/';
$path = (string) parse_url((string) $_SERVER['REQUEST_URI'], PHP_URL_PATH);
$file = realpath(dirname(__DIR__) . '/public' . $path);
$type = TYPES[pathinfo((string) $file, PATHINFO_EXTENSION)] ?? null;
if (false !== $file && null !== $type && str_starts_with($file, (string) realpath($build) . '/')) {
    header("Content-Type: $type");
    header('Content-Length: ' . filesize($file));
    header('X-Content-Type-Options: nosniff');
    readfile($file);

    return true;
}
$_SERVER['SCRIPT_NAME'] = '/index.php';
$_SERVER['SCRIPT_FILENAME'] = dirname(__DIR__) . '/public/index.php';
require dirname(__DIR__) . '/public/index.php';
