<?php

declare(strict_types=1);

// For PHP's own web server: files of the build as they are, everything else to the application.
$path = parse_url((string) $_SERVER['REQUEST_URI'], PHP_URL_PATH);
if (is_string($path) && str_starts_with($path, '/build/') && is_file(__DIR__ . '/../public' . $path)) {
    return false;
}
$_SERVER['SCRIPT_NAME'] = '/index.php';
$_SERVER['SCRIPT_FILENAME'] = dirname(__DIR__) . '/public/index.php';
require dirname(__DIR__) . '/public/index.php';
