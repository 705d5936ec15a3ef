<?php

declare(strict_types=1);

use App\Common\InstallationKey;
use App\Http\SafeHeaders;
use App\Shelf\Models\Component;
use Tests\Feature\ApiRoutes;
use Tests\Feature\Collection;
use Tests\Feature\Contract;
use Tests\Feature\Yard;

// who may ask what, and what every answer tells a browser

/** As served: the framework lets writes of tests pass without a token. */
function served(): void
{
    app()['env'] = 'production';
}

test('every route that changes something asks for the token of its session', function (): void {
    served();
    $writes = 0;
    foreach (ApiRoutes::all() as $route) {
        foreach (array_diff($route->methods(), ['GET', 'HEAD', 'OPTIONS']) as $method) {
            ++$writes;
            expect($route->gatherMiddleware())->toContain('api');
            foreach ([[], ['X-CSRF-TOKEN' => 'guessed'], ['X-XSRF-TOKEN' => 'guessed']] as $headers) {
                $this->json($method, ApiRoutes::address($route), [], $headers)->assertStatus(419);
            }
        }
    }
    expect($writes)->toBeGreaterThan(60);
});

test('a write with the token of its session is taken, with that of another one it is not', function (): void {
    served();
    $first = $this->getJson('/api/v1/session')->assertOk()->assertHeader('Cache-Control', 'no-store, private');
    Contract::check($first, 'Session');
    $token = $first->json('token');
    $this->postJson('/api/v1/sites', [...Yard::site(), 'name' => 'Mine'], ['X-CSRF-TOKEN' => $token])->assertCreated();
    $this->flushSession();
    $this->postJson('/api/v1/sites', [...Yard::site(), 'name' => 'Not mine'], ['X-CSRF-TOKEN' => $token])->assertStatus(419)->assertJsonPath('errors', []);
});

test('the cookie of a session is for pages of this site alone and no script reads it; behind TLS it stays there', function (): void {
    served();
    $cookieOf = fn(string $address) => collect($this->get($address)->assertOk()->headers->getCookies());
    $plain = $cookieOf('http://127.0.0.1/api/v1/session');
    expect($plain)->toHaveCount(1)->and($plain[0]->isHttpOnly())->toBeTrue()->and($plain[0]->getSameSite())->toBe('strict')->and($plain[0]->isSecure())->toBeFalse()->and($plain[0]->getPath())->toBe('/')
        ->and($cookieOf('https://127.0.0.1/api/v1/session')[0]->isSecure())->toBeTrue();
});

test('every answer tells the browser what it may do with it', function (string $address, int $status): void {
    $answer = $this->get($address);
    expect($answer->getStatusCode())->toBe($status);
    foreach (SafeHeaders::HEADERS as $name => $value) {
        $answer->assertHeader($name, $value);
    }
    expect($answer->headers->has('X-Powered-By'))->toBeFalse();
})->with([['/api/v1/meta', 200], ['/api/v1/plants/77777', 404], ['/api/v1/nowhere', 404], ['/api/v1/plants?page=x', 422], ['/api/v1/exports/components', 200]]);

test('scripts are files of the application, and nobody holds it in a frame', function (): void {
    $rules = [];
    foreach (explode('; ', SafeHeaders::HEADERS['Content-Security-Policy']) as $rule) {
        [$name, $sources] = explode(' ', $rule, 2);
        $rules[$name] = $sources;
    }
    expect($rules['script-src'])->toBe("'self'")->and($rules['default-src'])->toBe("'self'")->and($rules['frame-ancestors'])->toBe("'none'")->and($rules['object-src'])->toBe("'none'");
});

test('a name of somebody else that leads here is refused', function (string $host, int $status): void {
    served();
    expect($this->get("http://$host/api/v1/meta")->getStatusCode())->toBe($status);
})->with([['127.0.0.1', 200], ['localhost:8321', 200], ['zolbek.example', 400], ['127.0.0.1.example', 400], ['localhost.example:8321', 400]]);

test('a list, an object or signs of a terminal behind the question mark are refused by name, wherever they are asked', function (string $bad): void {
    $asked = 0;
    foreach (ApiRoutes::all() as $route) {
        if (in_array('GET', $route->methods(), true)) {
            ++$asked;
            $answer = $this->getJson(ApiRoutes::address($route).'?'.$bad);
            expect($answer->getStatusCode())->toBe(422, $route->uri());
            Contract::check($answer, 'Problem');
            expect($answer->json('errors.0.path'))->toBe('search');
        }
    }
    expect($asked)->toBeGreaterThan(40);
})->with(['search[]=a', 'search[x][y]=a', 'search=a%00b', 'search=a%1b%5b2J', 'search=%ff%fe']);

test('a name with nothing behind it asks for nothing', function (): void {
    $this->getJson('/api/v1/components?search=')->assertOk();
    $this->getJson('/api/v1/components?search')->assertOk();
});

test('what cannot be seen is not taken into a record, so it reaches no file', function (string $name, bool $taken): void {
    $answer = $this->postJson('/api/v1/plants', Collection::input(['name' => $name]));
    expect($answer->getStatusCode())->toBe($taken ? 201 : 422);
    $taken || expect($answer->json('errors.0.path'))->toBe('name')->and($answer->json('errors.0.rule'))->toBe('text_control');
})->with([["Gate\x1b[31m pine", false], ["Gate\x00pine", false], ["Gate\x7fpine", false], ["Gate\u{85}pine", false], ["Gate\u{FFFF}pine", false], ["Gate\tpine", true], ['Gate pine – Kiefer, 松', true]]);

test('a table with a quotation mark that is never closed is refused at its row, and nothing of it is taken', function (): void {
    $columns = 'name,kind,bulk_density';
    $send = fn(string $csv) => $this->call('POST', '/api/v1/imports/components', [], [], [], ['CONTENT_TYPE' => 'text/csv', 'HTTP_ACCEPT' => 'application/json'], $csv);
    $before = Component::query()->count();
    foreach (["$columns\nFirst,bark,0.2\n\"Second,bark,0.2\nThird,bark,0.2\n" => '3', "$columns\nFirst,bark,0.2\n\"Of two\nlines\",bark,0.2\nx,\"y,0.2" => '5'] as $csv => $row) {
        $answer = $send($csv)->assertUnprocessable();
        expect($answer->json('errors.0.rule'))->toBe('csv_quote')->and($answer->json('message'))->toContain("row $row ");
    }
    // inches are no quotation
    $inches = $send("$columns\nPots of 5\" and 6\",bark,0.2\n9\" deep,\"bark\",0.2\n");
    expect(array_column($inches->json('rows'), 'name'))->toBe(['Pots of 5" and 6"', '9" deep']);
    // a mark that is doubled, and one that opens and closes over two lines, are none
    expect($send("$columns\n\"The \"\"grey\"\" one\",bark,0.2\n")->json('errors.0.rule'))->not->toBe('csv_quote');
    expect(Component::query()->count())->toBe($before);
});

test('the key of an installation is made once, beside its data, for its owner alone', function (): void {
    $folder = sys_get_temp_dir().'/zolbek-key-'.getmypid();
    mkdir($folder);
    try {
        expect(InstallationKey::read($folder))->toBeNull();
        InstallationKey::make($folder);
        $key = (string) InstallationKey::read($folder);
        expect(strlen((string) base64_decode(substr($key, 7), true)))->toBe(32)->and(fileperms($folder.'/key') & 0o777)->toBe(0o600);
        InstallationKey::make($folder);
        expect(InstallationKey::read($folder))->toBe($key)->and(glob($folder.'/*'))->toHaveCount(1);
    } finally {
        array_map(unlink(...), glob($folder.'/*') ?: []);
        rmdir($folder);
    }
});
