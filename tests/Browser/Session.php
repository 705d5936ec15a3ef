<?php

declare(strict_types=1);

namespace Tests\Browser;

use RuntimeException;

/** The session of a program that is no page: it asks for a token, and sends it with its cookie along with every write. */
final class Session
{
    /** @var array<string, list<string>> headers by address */
    private static array $known = [];

    /** @return list<string> headers of a write to the application at an address */
    public static function headers(string $address): array
    {
        return self::$known[$address] ??= self::begin($address);
    }

    /** @return list<string> */
    private static function begin(string $address): array
    {
        $answer = (string) file_get_contents($address.'/api/v1/session');
        $cookies = array_values(preg_grep('/^Set-Cookie: /i', $http_response_header) ?: []);
        $token = json_decode($answer, true)['token'] ?? throw new RuntimeException($answer);

        return ['Cookie: '.strtok(substr($cookies[0] ?? '', strlen('Set-Cookie: ')), ';'), 'X-CSRF-TOKEN: '.$token];
    }
}
