<?php

declare(strict_types=1);

namespace App\Sheets;

use JsonException;
use Opis\JsonSchema\Errors\ErrorFormatter;
use Opis\JsonSchema\Validator;
use Zolbek\Core\Basis\Input\Refused;

/** A JSON file of one of our formats, held against its schema. */
final class SchemaFile
{
    public const MOST_BYTES = 32_000_000;

    /**
     * @return array<string, mixed>
     *
     * @throws Refused naming what in the file is not as its format says
     */
    public static function read(string $text, string $format, int $version, string $schema): array
    {
        if (strlen($text) > self::MOST_BYTES) {
            throw Refused::because('file', 'file_size', strlen($text), ['max' => self::MOST_BYTES / 1_000_000]);
        }
        try {
            $file = json_decode($text, true, 32, JSON_THROW_ON_ERROR);
            $loose = json_decode($text, false, 32, JSON_THROW_ON_ERROR);
        } catch (JsonException $fault) {
            throw Refused::because('file', 'body_json', null, ['why' => $fault->getMessage()]);
        }
        if (! is_array($file) || ($file['format'] ?? null) !== $format) {
            throw Refused::because('file', 'file_format', $file['format'] ?? null, ['format' => $format]);
        }
        if (($file['version'] ?? null) !== $version) {
            throw Refused::because('file', 'file_version', $file['version'] ?? null, ['max' => $version]);
        }
        $result = (new Validator())->validate($loose, (string) file_get_contents(base_path('api/'.$schema)));
        $error = $result->error();
        if ($error !== null) {
            $found = (new ErrorFormatter())->formatKeyed($error);
            $path = (string) array_key_first($found);

            throw Refused::because(trim(str_replace('/', '.', $path), '.'), 'file_schema', null, ['why' => implode('; ', array_merge(...array_values($found)))]);
        }

        return $file;
    }
}
