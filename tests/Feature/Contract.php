<?php

declare(strict_types=1);

namespace Tests\Feature;

use Illuminate\Testing\TestResponse;
use Opis\JsonSchema\Errors\ErrorFormatter;
use Opis\JsonSchema\Validator;
use RuntimeException;

/** Holds answers against the OpenAPI document. */
final class Contract
{
    private const ID = 'https://zolbek.invalid/openapi.json';

    private static ?Validator $validator = null;

    public static function check(TestResponse $response, string $schema): void
    {
        self::holds((string) $response->getContent(), $schema);
    }

    public static function holds(string $json, string $schema): void
    {
        $result = self::validator()->validate(json_decode($json), self::ID.'#/components/schemas/'.$schema);
        $error = $result->error();
        expect($error === null ? '' : json_encode((new ErrorFormatter())->format($error)))->toBe('');
    }

    /** @return array<string, mixed> */
    public static function document(): array
    {
        $text = file_get_contents(base_path('api/openapi.json')) ?: throw new RuntimeException('api/openapi.json is missing');

        return json_decode($text, true, 64, JSON_THROW_ON_ERROR);
    }

    private static function validator(): Validator
    {
        if (self::$validator === null) {
            self::$validator = new Validator();
            $document = json_decode((string) json_encode([...self::document(), '$id' => self::ID]));
            self::$validator->resolver()?->registerRaw($document, self::ID);
        }

        return self::$validator;
    }
}
