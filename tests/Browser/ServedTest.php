<?php

declare(strict_types=1);

// what the server gives to a browser as files

/** @return array{int, array<string, string>, string} status, headers by lower-case name, body */
function served(string $path): array
{
    $body = (string) @file_get_contents(test()->address().$path, context: stream_context_create(['http' => ['ignore_errors' => true]]));
    $status = (int) explode(' ', $http_response_header[0] ?? ' 0')[1];
    $headers = [];
    foreach (array_slice($http_response_header ?? [], 1) as $line) {
        [$name, $value] = explode(': ', $line, 2) + [1 => ''];
        $headers[strtolower($name)] = $value;
    }

    return [$status, $headers, $body];
}

test('files named after what is in them are kept by a browser, pages are asked for each time', function (): void {
    [, $page, $html] = served('/bins');
    preg_match_all('#/build/assets/[^"]+\.(js|css)#', $html, $files);
    expect($files[0])->not->toBeEmpty();
    foreach ($files[0] as $i => $file) {
        [$status, $headers, $body] = served($file);
        expect($status)->toBe(200)->and($headers['cache-control'])->toBe('public, max-age=31536000, immutable')
            ->and($headers['content-type'])->toStartWith(['js' => 'text/javascript', 'css' => 'text/css'][$files[1][$i]])
            ->and($headers['x-content-type-options'])->toBe('nosniff')->and($headers['content-length'])->toBe((string) strlen($body))
            ->and($body)->toBe(file_get_contents(dirname(__DIR__, 2).'/public'.$file));
    }
    expect($page['cache-control'] ?? '')->not->toContain('max-age=31536000');
});

test('nothing beside the built front end is given away', function (string $path): void {
    [, , $body] = served($path);
    expect($body)->not->toContain('"laravel/framework"')->and($body)->not->toContain('SQLite format 3')->and($body)->not->toContain('<?php');
})->with([
    '/composer.json', '/../composer.json', '/build/assets/../../../composer.json', '/build/assets/..%2f..%2f..%2fcomposer.json', '/build/assets/%2e%2e/%2e%2e/%2e%2e/composer.json',
    '/server.php', '/../server.php', '/storage/data/demo.sqlite', '/build/assets/..%5c..%5ccomposer.json', '/build/assets/x.js%00/../../../composer.json',
]);
