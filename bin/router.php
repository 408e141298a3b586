<?php

declare(strict_types=1);

// Front door for PHP's built-in server: built files with long-lived caching and their compressed twin, all else to the application.

(static function (): void {
    $path = rawurldecode(parse_url((string) ($_SERVER['REQUEST_URI'] ?? '/'), PHP_URL_PATH) ?: '/');
    $file = realpath(__DIR__.'/../public'.$path);
    $public = realpath(__DIR__.'/../public');
    $types = ['js' => 'text/javascript', 'css' => 'text/css', 'woff2' => 'font/woff2', 'svg' => 'image/svg+xml', 'png' => 'image/png', 'json' => 'application/json', 'txt' => 'text/plain', 'webmanifest' => 'application/manifest+json'];
    $type = $types[pathinfo($path, PATHINFO_EXTENSION)] ?? null;
    if ($file === false || $type === null || ! is_file($file) || ! str_starts_with($file, $public.DIRECTORY_SEPARATOR)) {
        require __DIR__.'/../public/index.php';

        return;
    }
    header('Content-Type: '.$type.(str_starts_with($type, 'text/') ? '; charset=utf-8' : ''));
    header('X-Content-Type-Options: nosniff');
    header('Cache-Control: '.(str_starts_with($path, '/build/assets/') ? 'public, max-age=31536000, immutable' : 'no-cache'));
    if (is_file($file.'.gz') && str_contains((string) ($_SERVER['HTTP_ACCEPT_ENCODING'] ?? ''), 'gzip')) {
        header('Content-Encoding: gzip');
        header('Vary: Accept-Encoding');
        $file .= '.gz';
    }
    header('Content-Length: '.filesize($file));
    readfile($file);
})();
