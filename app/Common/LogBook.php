<?php

declare(strict_types=1);

namespace App\Common;

use Illuminate\Database\Events\QueryExecuted;
use Illuminate\Log\Logger;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\Log;
use Monolog\Handler\FormattableHandlerInterface;
use Monolog\Logger as Monolog;

/** The log in the data folder: how it is written, and how often something went wrong or was slow. */
final class LogBook
{
    /** From how long on a question to the database is slow. */
    public const SLOW_MS = 250;

    public static function folder(string $database): string
    {
        return str_starts_with($database, ':') ? storage_path('logs') : dirname($database).'/logs';
    }

    public function __invoke(Logger $logger): void
    {
        $book = $logger->getLogger();
        foreach ($book instanceof Monolog ? $book->getHandlers() : [] as $handler) {
            if ($handler instanceof FormattableHandlerInterface) {
                $handler->setFormatter(new LogLine());
            }
        }
    }

    public static function slow(QueryExecuted $query): void
    {
        if ($query->time >= self::SLOW_MS) {
            Log::warning('slow', ['sql' => $query->sql, 'ms' => $query->time]);
        }
    }

    /** @return array{errors: int, slow: int} of the last days, today among them */
    public static function counts(int $days): array
    {
        $counts = ['errors' => 0, 'slow' => 0];
        for ($i = 0; $i < $days; ++$i) {
            $file = dirname((string) config('logging.channels.book.path')).'/zolbek-'.Carbon::today()->subDays($i)->toDateString().'.log';
            $lines = is_file($file) ? fopen($file, 'r') : false;
            while ($lines !== false && ($line = fgets($lines)) !== false) {
                $counts['slow'] += (int) str_contains($line, ' warning slow ');
                $counts['errors'] += preg_match('/^\S+ (?:error|critical|alert|emergency) /', $line);
            }
        }

        return $counts;
    }
}
