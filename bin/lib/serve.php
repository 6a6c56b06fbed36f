<?php

declare(strict_types=1);

/*
 * Router of PHP's own web server, started in public/: what the build has made never changes under its name, so that
 * browsers keep it, as deploy/nginx.conf has it; all else is as Laravel has it.
 */

const TYPES = ['css' => 'text/css', 'js' => 'text/javascript', 'woff2' => 'font/woff2'];

$path = (string) parse_url((string) $_SERVER['REQUEST_URI'], PHP_URL_PATH);
$type = TYPES[pathinfo($path, PATHINFO_EXTENSION)] ?? null;
if ($type !== null && preg_match('~^/build/assets/[\w-]+\.\w+$~', $path) === 1 && is_file(".{$path}")) {
    header("Content-Type: {$type}");
    header('Cache-Control: public, max-age=31536000, immutable');
    readfile(".{$path}");

    return true;
}

return require dirname(__DIR__, 2) . '/vendor/laravel/framework/src/Illuminate/Foundation/resources/server.php';
