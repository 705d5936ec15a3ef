<?php

declare(strict_types=1);

// Router for PHP's own web server: files of the built front end as they are, everything else through the application.

$path = rawurldecode((string) parse_url($_SERVER['REQUEST_URI'], PHP_URL_PATH));
if ($path !== '/' && is_file(__DIR__.'/public'.$path)) {
    return false;
}

require __DIR__.'/public/index.php';
