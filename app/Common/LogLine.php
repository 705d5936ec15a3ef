<?php

declare(strict_types=1);

namespace App\Common;

use Monolog\Formatter\FormatterInterface;
use Monolog\LogRecord;
use PDOException;
use Throwable;

/**
 * A line of the log: when, how bad, what kind of fault, where in the program, what was asked. No message of a fault, for those quote what was typed; no value of a question to the
 * database.
 */
final class LogLine implements FormatterInterface
{
    private const LONGEST_SQL = 300;

    public function format(LogRecord $record): string
    {
        $fault = $record->context['exception'] ?? null;
        $told = match (true) {
            $fault instanceof Throwable => self::fault($fault),
            isset($record->context['sql'], $record->context['ms']) => 'slow '.(int) $record->context['ms'].' ms '.self::plain((string) $record->context['sql']),
            default => 'note',
        };
        $asked = $record->context['asked'] ?? '';

        return rtrim($record->datetime->format('c').' '.strtolower($record->level->getName()).' '.$told.' '.(is_string($asked) ? $asked : ''))."\n";
    }

    /** @param array<LogRecord> $records */
    public function formatBatch(array $records): string
    {
        return implode('', array_map($this->format(...), $records));
    }

    private static function fault(Throwable $fault): string
    {
        $chain = [];
        for ($each = $fault; $each !== null; $each = $each->getPrevious()) {
            $chain[] = $each::class.($each instanceof PDOException ? ' '.implode('/', array_slice($each->errorInfo ?? [$each->getCode()], 0, 2)) : '').' at '.self::place($each);
        }

        return implode(' < ', $chain);
    }

    private static function place(Throwable $fault): string
    {
        return str_replace(base_path().'/', '', $fault->getFile()).':'.$fault->getLine();
    }

    /** A question to the database without what stands in it. */
    private static function plain(string $sql): string
    {
        return mb_strimwidth((string) preg_replace(["/'(?:[^']|'')*'/", '/\b\d+(?:\.\d+)?\b/', '/\s+/'], ['?', '?', ' '], $sql), 0, self::LONGEST_SQL, '…');
    }
}
