<?php

declare(strict_types=1);

// Asks the application in this process, as whatever user it runs: one question a line of the arguments, METHOD PATH JSON; tells status and message. See DiskTest.

use Illuminate\Contracts\Http\Kernel;
use Illuminate\Http\Request;

require dirname(__DIR__, 2).'/vendor/autoload.php';
$app = require dirname(__DIR__, 2).'/bootstrap/app.php';
$kernel = $app->make(Kernel::class);
foreach (array_slice($argv, 1) as $question) {
    [$method, $path, $body] = explode(' ', $question, 3) + [2 => ''];
    $request = Request::create('http://127.0.0.1/api/v1/'.$path, $method, server: ['CONTENT_TYPE' => 'application/json', 'HTTP_ACCEPT' => 'application/json'], content: $body);
    $answer = $kernel->handle($request);
    fwrite(STDOUT, $answer->getStatusCode().' '.(json_decode((string) $answer->getContent(), true)['message'] ?? '')."\n");
}
