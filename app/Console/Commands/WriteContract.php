<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Console\Contract;
use Illuminate\Console\Command;

/** `npm run contract`: puts into api/openapi.json what code describes of it. */
final class WriteContract extends Command
{
    protected $signature = 'zolbek:contract';

    protected $description = 'Write what code describes into the contract of the API';

    public function handle(): int
    {
        $file = base_path('api/openapi.json');
        $document = json_decode((string) file_get_contents($file), true, 64, JSON_THROW_ON_ERROR);
        file_put_contents($file, json_encode(Contract::described($document), JSON_THROW_ON_ERROR | JSON_UNESCAPED_SLASHES | JSON_UNESCAPED_UNICODE | JSON_PRESERVE_ZERO_FRACTION)."\n");

        return self::SUCCESS;
    }
}
