<?php

declare(strict_types=1);

use App\Http\SafeHeaders;
use Bench\FirstLoad;
use Tests\Browser\Session;

pest()->group('job');

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

test('the first page takes few files, and no more than a weak line in the yard carries', function (): void {
    [, , $html] = served('/');
    // the look of the packages' parts before all that changes it
    expect(preg_match('#<link rel="stylesheet"[^>]*/build/assets/(\w+)-#', $html, $first))->toBe(1)->and($first[1])->toBe('antd');
    expect(preg_match_all('#/build/assets/[^"]+\.(js|css)#', $html))->toBeLessThan(20)
        ->and(FirstLoad::measure(dirname(__DIR__, 2).'/public/build'))->toBeLessThan(400_000);
});

test('nothing beside the built front end is given away', function (string $path): void {
    [, , $body] = served($path);
    expect($body)->not->toContain('"laravel/framework"')->and($body)->not->toContain('SQLite format 3')->and($body)->not->toContain('<?php');
})->with([
    '/composer.json', '/../composer.json', '/build/assets/../../../composer.json', '/build/assets/..%2f..%2f..%2fcomposer.json', '/build/assets/%2e%2e/%2e%2e/%2e%2e/composer.json',
    '/server.php', '/../server.php', '/storage/data/demo.sqlite', '/build/assets/..%5c..%5ccomposer.json', '/build/assets/x.js%00/../../../composer.json',
]);

test('six helpers who take from one heap at once are served one after the other, and no more is taken than lies there', function (): void {
    $all = curl_multi_init();
    $asked = array_map(static function () use ($all): CurlHandle {
        $one = curl_init(test()->address().'/api/v1/components/1/movements');
        curl_setopt_array($one, [CURLOPT_RETURNTRANSFER => true, CURLOPT_POSTFIELDS => '{"kind":"used","litres":60}', CURLOPT_HTTPHEADER => ['Content-Type: application/json', 'Accept: application/json', ...Session::headers(test()->address())]]);
        curl_multi_add_handle($all, $one);

        return $one;
    }, range(1, 6));
    do {
        curl_multi_exec($all, $running);
        curl_multi_select($all, 0.2);
    } while ($running > 0);
    $answers = array_count_values(array_map(static fn(CurlHandle $one): int => curl_getinfo($one, CURLINFO_RESPONSE_CODE), $asked));
    // 210 L lie there: three times 60 L, and then no more
    expect($answers)->toEqualCanonicalizing([201 => 3, 422 => 3])->and($answers[201])->toBe(3)->and($answers[422])->toBe(3);
    expect(json_decode(served('/api/v1/components/1')[2], true)['stock_l'])->toEqualWithDelta(30.0, 1e-6);
});

test('no name of somebody else that leads here is answered, for files as little as for questions, and nobody is told what runs here', function (string $path): void {
    preg_match('#/build/assets/[^"]+\.js#', served('/bins')[2], $file);
    $ask = static function (string $host) use ($path, $file): array {
        $one = curl_init(test()->address().($path === 'a file' ? $file[0] : $path));
        curl_setopt_array($one, [CURLOPT_RETURNTRANSFER => true, CURLOPT_HEADER => true, CURLOPT_HTTPHEADER => ['Host: '.$host]]);
        $answer = (string) curl_exec($one);

        return [curl_getinfo($one, CURLINFO_RESPONSE_CODE), $answer];
    };
    [$status, $answer] = $ask('localhost:8321');
    expect($status)->toBe(200)->and(strtolower($answer))->not->toContain('x-powered-by')->and($answer)->toContain('X-Content-Type-Options: nosniff');
    foreach (['zolbek.example', '127.0.0.1.example:8321', 'localhost.example', ''] as $host) {
        expect($ask($host)[0])->toBe(400, $host);
    }
})->with(['a file', '/bins', '/api/v1/meta']);

test('pages and answers carry the rules for the browser', function (string $path): void {
    [, $headers] = served($path);
    foreach (SafeHeaders::HEADERS as $name => $value) {
        expect($headers[strtolower($name)] ?? '')->toBe($value);
    }
})->with(['/', '/bins', '/api/v1/meta', '/api/v1/nothing']);
