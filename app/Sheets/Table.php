<?php

declare(strict_types=1);

namespace App\Sheets;

use Zolbek\Core\Basis\Input\Refused;

/**
 * A file as a header and rows of texts: ODS or XLSX, or CSV in UTF-8, with or without a byte-order mark; comma, semicolon or tab, whichever the header uses most.
 */
final readonly class Table
{
    public const FORMATS = ['csv', 'ods', 'xlsx'];
    public const MOST_BYTES = 32_000_000;
    public const MOST_ROWS = 100_000;
    private const MOST_COLUMNS = 100;
    private const MARK = "\xEF\xBB\xBF";

    /**
     * @param list<string>                $header
     * @param array<int, list<string>>    $rows  by line of the file
     */
    private function __construct(public array $header, public array $rows) {}

    /** @throws Refused field "file" when it is no such file, empty, or too large */
    public static function parse(string $bytes): self
    {
        if (strlen($bytes) > self::MOST_BYTES) {
            throw Refused::because('file', 'file_size', strlen($bytes), ['max' => self::MOST_BYTES / 1_000_000]);
        }
        $rows = Workbook::isOne($bytes) ? Workbook::rows($bytes) : self::csv($bytes);
        $header = array_shift($rows) ?? [];
        if (count($rows) > self::MOST_ROWS) {
            throw Refused::because('file', 'file_rows', count($rows), ['max' => self::MOST_ROWS]);
        }
        if ($rows === []) {
            throw Refused::because('file', 'file_empty');
        }
        if (count($header) > self::MOST_COLUMNS) {
            throw Refused::because('file', 'file_columns', count($header), ['max' => self::MOST_COLUMNS]);
        }

        // line 1 is the header
        return new self(array_map(trim(...), $header), array_combine(range(2, count($rows) + 1), $rows));
    }

    /**
     * @param list<string>                      $header
     * @param iterable<list<string|float|null>> $rows
     *
     * @throws Refused field "as" where it is too large for a spreadsheet
     */
    public static function write(array $header, iterable $rows, string $format = 'csv'): string
    {
        if ($format !== 'csv') {
            return Workbook::write($format, $header, $rows);
        }
        $stream = fopen('php://temp', 'r+') ?: throw new \RuntimeException('No temporary stream.');
        fwrite($stream, self::MARK);
        fputcsv($stream, $header, ',', '"', '');
        foreach ($rows as $row) {
            fputcsv($stream, array_map(self::cell(...), $row), ',', '"', '');
        }
        rewind($stream);
        $text = stream_get_contents($stream);
        fclose($stream);

        return $text === false ? '' : $text;
    }

    /** @return list<list<string>> */
    private static function csv(string $bytes): array
    {
        if (str_starts_with($bytes, self::MARK)) {
            $bytes = substr($bytes, strlen(self::MARK));
        }
        if (trim($bytes) === '') {
            throw Refused::because('file', 'file_empty');
        }
        if (! mb_check_encoding($bytes, 'UTF-8') || str_contains($bytes, "\0")) {
            throw Refused::because('file', 'file_encoding');
        }
        $lines = substr_count(trim($bytes), "\n");
        if ($lines > self::MOST_ROWS * 20) {
            throw Refused::because('file', 'file_rows', $lines, ['max' => self::MOST_ROWS]);
        }

        $bytes = str_replace(["\r\n", "\r"], "\n", $bytes);
        $delimiter = self::delimiter($bytes);
        self::closed($bytes, $delimiter);

        return self::rows($bytes, $delimiter);
    }

    /**
     * Field by field, as rows() reads them: one that begins with a quotation mark goes to the one that closes it; a mark further on, such as that of inches, is itself.
     *
     * @throws Refused field "file" naming the row in which a quotation mark is opened and never closed
     */
    private static function closed(string $bytes, string $delimiter): void
    {
        $length = strlen($bytes);
        for ($at = 0; $at < $length; ++$at) {
            $at += strspn($bytes, $delimiter === "\t" ? ' ' : " \t", $at);
            if (($bytes[$at] ?? '') === '"') {
                $opened = $at;
                do {
                    $end = strpos($bytes, '"', $at + 1);
                    if ($end === false) {
                        throw Refused::because('file', 'csv_quote', null, ['row' => substr_count($bytes, "\n", 0, $opened) + 1]);
                    }
                    $isDoubled = ($bytes[$end + 1] ?? '') === '"';
                    $at = $isDoubled ? $end + 1 : $end;
                } while ($isDoubled);
            }
            $at += strcspn($bytes, $delimiter."\n", $at);
        }
    }

    /** A text that a spreadsheet would take for a formula gets an apostrophe before it. */
    private static function cell(string|float|null $value): string
    {
        if (is_float($value)) {
            return (string) $value;
        }

        return $value !== null && preg_match("/^[=+@\t\r-]/", $value) === 1 ? "'".$value : (string) $value;
    }

    private static function delimiter(string $bytes): string
    {
        $first = strtok($bytes, "\r\n") ?: '';
        $counts = array_map(static fn(string $delimiter): int => substr_count($first, $delimiter), [',' => ',', ';' => ';', "\t" => "\t"]);
        arsort($counts);

        return (string) array_key_first($counts);
    }

    /** @return list<list<string>> lines with nothing in them left out */
    private static function rows(string $bytes, string $delimiter): array
    {
        $stream = fopen('php://temp', 'r+') ?: throw new \RuntimeException('No temporary stream.');
        fwrite($stream, $bytes);
        rewind($stream);
        $rows = [];
        while (($row = fgetcsv($stream, null, $delimiter, '"', '')) !== false) {
            $texts = array_map(static fn(?string $cell): string => trim((string) $cell), $row);
            if (array_filter($texts, static fn(string $text): bool => $text !== '') !== []) {
                $rows[] = $texts;
            }
            if (count($rows) > self::MOST_ROWS + 1) {
                throw Refused::because('file', 'file_rows', max(count($rows) - 1, substr_count(trim($bytes), "\n")), ['max' => self::MOST_ROWS]);
            }
        }
        fclose($stream);

        return $rows;
    }
}
