<?php

declare(strict_types=1);

// Router for PHP's own web server: files of the built front end as they are, everything else through the application.

const TYPES = ['js' => 'text/javascript', 'css' => 'text/css', 'woff2' => 'font/woff2', 'woff' => 'font/woff', 'svg' => 'image/svg+xml', 'png' => 'image/png'];

// only under the names of this machine: a name of somebody else's that leads here is no way in, not for files either
if (preg_match('/^(?:127\.0\.0\.1|localhost)(?::\d+)?$/', $_SERVER['HTTP_HOST'] ?? '') !== 1) {
    http_response_code(400);

    return true;
}
header_remove('X-Powered-By');
// what a phone asks for that has it on its home screen
const AROUND = ['/manifest.webmanifest' => 'application/manifest+json', '/sw.js' => 'text/javascript', '/icons/zolbek-180.png' => 'image/png', '/icons/zolbek-192.png' => 'image/png', '/icons/zolbek-512.png' => 'image/png'];
$path = rawurldecode((string) parse_url($_SERVER['REQUEST_URI'], PHP_URL_PATH));
if (preg_match('#^/build/assets/([A-Za-z0-9_-]+(?:\.[A-Za-z0-9_-]+)*\.([a-z0-9]+))$#', $path, $named) === 1 && isset(TYPES[$named[2]]) && is_file(__DIR__.'/public/build/assets/'.$named[1])) {
    // named after what is in them: a browser keeps them, read and compiled, for as long as they are asked for
    header('Content-Type: '.TYPES[$named[2]].($named[2] === 'js' || $named[2] === 'css' ? '; charset=utf-8' : ''));
    header('Cache-Control: public, max-age=31536000, immutable');
    header('X-Content-Type-Options: nosniff');
    header('Content-Length: '.filesize(__DIR__.'/public/build/assets/'.$named[1]));
    if ($_SERVER['REQUEST_METHOD'] !== 'HEAD') {
        readfile(__DIR__.'/public/build/assets/'.$named[1]);
    }

    return true;
}
if (isset(AROUND[$path])) {
    header('Content-Type: '.AROUND[$path]);
    header('Cache-Control: no-cache');
    header('X-Content-Type-Options: nosniff');
    readfile(__DIR__.'/public'.$path);

    return true;
}
require __DIR__.'/public/index.php';
