<?php

declare(strict_types=1);

namespace App\Common;

use RuntimeException;

/** The secret of one installation, beside its data: what its cookies are sealed with. Made once, readable by its owner alone. */
final class InstallationKey
{
    private const FILE = 'key';

    /** Null where none was made yet. */
    public static function read(string $folder): ?string
    {
        $file = $folder.'/'.self::FILE;
        $key = is_file($file) ? trim((string) file_get_contents($file)) : '';

        return $key === '' ? null : $key;
    }

    public static function make(string $folder): void
    {
        if (self::read($folder) !== null) {
            return;
        }
        $draft = tempnam($folder, self::FILE);
        if ($draft === false || file_put_contents($draft, 'base64:'.base64_encode(random_bytes(32))) === false || ! chmod($draft, 0o600) || ! rename($draft, $folder.'/'.self::FILE)) {
            throw new RuntimeException("No key could be written to $folder.");
        }
    }
}
