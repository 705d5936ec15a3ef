<?php

declare(strict_types=1);

namespace App\Files;

use App\Common\LogBook;
use App\Files\Backup\Copies;
use App\Files\Backup\DataFolder;
use App\Plants\PhotoStore;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;

/** How the installation is, for its owner. */
final class Status
{
    private const COPIES_TOLD = 5;
    private const DAYS = 7;

    /** @return array<string, mixed> schema Status */
    public static function now(): array
    {
        $data = DataFolder::here();
        $pictures = array_filter(glob(PhotoStore::folder().'/*') ?: [], is_file(...));
        $today = LogBook::counts(1);
        $week = LogBook::counts(self::DAYS);

        return [
            'version' => config('app.version'),
            'tables' => (string) DB::table('migrations')->orderByDesc('id')->value('migration'),
            'data_bytes' => array_sum(array_map(filesize(...), $data->databaseFiles())),
            'pictures' => count($pictures),
            'pictures_bytes' => array_sum(array_map(filesize(...), $pictures)),
            'free_bytes' => is_dir($data->path()) ? (int) disk_free_space($data->path()) : null,
            'copies' => array_map(static fn(string $file): array => ['name' => basename($file), 'made_at' => Carbon::createFromTimestamp((int) filemtime($file))->toIso8601String(), 'bytes' => (int) filesize($file)], array_slice(Copies::all($data), 0, self::COPIES_TOLD)),
            'errors_today' => $today['errors'], 'errors_week' => $week['errors'], 'slow_today' => $today['slow'], 'slow_week' => $week['slow'], 'slow_ms' => LogBook::SLOW_MS,
            'workers' => (int) (getenv('ZOLBEK_WORKERS') ?: getenv('PHP_CLI_SERVER_WORKERS') ?: 1),
            'clock_behind' => Clock::behind($data)?->toIso8601String(),
            'network' => config('people.network') === true ? config('people.address') : null,
        ];
    }
}
