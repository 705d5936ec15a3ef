<?php

declare(strict_types=1);

namespace App\Sheets;

use PhpOffice\PhpSpreadsheet\Cell\Cell;
use PhpOffice\PhpSpreadsheet\Cell\Coordinate;
use PhpOffice\PhpSpreadsheet\Cell\DataType;
use PhpOffice\PhpSpreadsheet\IOFactory;
use PhpOffice\PhpSpreadsheet\Shared\Date;
use PhpOffice\PhpSpreadsheet\Spreadsheet;
use PhpOffice\PhpSpreadsheet\Worksheet\Row;
use ZipArchive;
use Zolbek\Core\Basis\Input\Refused;

/** A spreadsheet file, ODS or XLSX, of which the first sheet is read and written: texts stay texts, and of a formula the value counts that was stored with it. */
final class Workbook
{
    /** What a sheet may hold to be read or written in one go; what is larger goes as CSV. */
    public const MOST_CELLS = 250_000;

    public const TYPES = ['ods' => 'application/vnd.oasis.opendocument.spreadsheet', 'xlsx' => 'application/vnd.openxmlformats-officedocument.spreadsheetml.sheet'];
    private const MOST_UNPACKED = 200_000_000;
    private const MOST_FILES = 500;

    public static function isOne(string $bytes): bool
    {
        return str_starts_with($bytes, "PK\x03\x04");
    }

    /**
     * @return list<list<string>> rows of texts; numbers with a point, days as yyyy-mm-dd
     *
     * @throws Refused field "file" when it is no such file, or too large
     */
    public static function rows(string $bytes): array
    {
        $file = (string) tempnam(sys_get_temp_dir(), 'zolbek-sheet-');
        try {
            file_put_contents($file, $bytes);
            $reader = IOFactory::createReader(self::type($file));
            $reader->setReadEmptyCells(false)->setIncludeCharts(false);
            $sheet = $reader->load($file)->getSheet(0);
            $cells = $sheet->getHighestDataRow() * Coordinate::columnIndexFromString($sheet->getHighestDataColumn());
            if ($cells > self::MOST_CELLS) {
                throw Refused::because('file', 'file_cells', $cells, ['max' => self::MOST_CELLS]);
            }
            $rows = [];
            foreach ($sheet->getRowIterator() as $row) {
                $rows[] = self::texts($row);
            }

            return array_values(array_filter($rows, static fn(array $row): bool => implode('', $row) !== ''));
        } catch (Refused $refused) {
            throw $refused;
        } catch (\Throwable $fault) {
            throw Refused::because('file', 'file_workbook', null, ['why' => mb_substr($fault->getMessage(), 0, 120)]);
        } finally {
            unlink($file);
        }
    }

    /**
     * @param list<string>                      $header
     * @param iterable<list<string|float|null>> $rows
     *
     * @throws Refused field "as" when it is too large for a sheet
     */
    public static function write(string $format, array $header, iterable $rows): string
    {
        $book = new Spreadsheet();
        $sheet = $book->getActiveSheet();
        $line = 0;
        foreach ([$header, ...$rows] as $row) {
            ++$line;
            if ($line * count($header) > self::MOST_CELLS) {
                throw Refused::because('as', 'file_cells', $line * count($header), ['max' => self::MOST_CELLS]);
            }
            foreach ($row as $column => $value) {
                if ($value !== null && $value !== '') {
                    $sheet->setCellValueExplicit([$column + 1, $line], $value, is_float($value) ? DataType::TYPE_NUMERIC : DataType::TYPE_STRING);
                }
            }
        }
        $sheet->freezePane('A2');
        $file = (string) tempnam(sys_get_temp_dir(), 'zolbek-sheet-');
        IOFactory::createWriter($book, ucfirst($format))->save($file);
        $bytes = (string) file_get_contents($file);
        unlink($file);

        return $bytes;
    }

    /** @return list<string> */
    private static function texts(Row $row): array
    {
        $texts = [];
        foreach ($row->getCellIterator() as $cell) {
            $texts[] = self::text($cell);
        }

        return $texts;
    }

    private static function text(Cell $cell): string
    {
        $value = $cell->isFormula() ? $cell->getOldCalculatedValue() : $cell->getValue();

        return match (true) {
            is_bool($value) => (string) (int) $value,
            is_int($value), is_float($value) => Date::isDateTime($cell, $value) ? Date::excelToDateTimeObject($value)->format('Y-m-d') : (string) $value,
            // a text is no formula, whatever it begins with
            is_scalar($value), $value instanceof \Stringable => preg_match('/^[=+@]|^-[^\d.,]/', (string) $value) === 1 ? "'".$value : trim((string) $value),
            default => '',
        };
    }

    /** @throws Refused where it is neither, or far larger unpacked than it looks */
    private static function type(string $file): string
    {
        $zip = new ZipArchive();
        if ($zip->open($file, ZipArchive::RDONLY) !== true) {
            throw Refused::because('file', 'file_workbook', null, ['why' => 'zip']);
        }
        $unpacked = 0;
        for ($i = 0; $i < $zip->numFiles; ++$i) {
            $unpacked += $zip->statIndex($i)['size'] ?? 0;
        }
        if ($unpacked > self::MOST_UNPACKED || $zip->numFiles > self::MOST_FILES) {
            throw Refused::because('file', 'file_size', $unpacked, ['max' => self::MOST_UNPACKED / 1_000_000]);
        }
        $type = match (true) {
            trim((string) $zip->getFromName('mimetype', 100)) === self::TYPES['ods'] => 'Ods',
            $zip->locateName('xl/workbook.xml') !== false => 'Xlsx',
            default => throw Refused::because('file', 'file_workbook', null, ['why' => 'neither ODS nor XLSX']),
        };
        $zip->close();

        return $type;
    }
}
