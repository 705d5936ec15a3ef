<?php

declare(strict_types=1);

namespace App\Diary;

use App\Common\SaidHere;

/** A line of the diary: schema DiaryLine. */
final class DiaryLine
{
    /**
     * @param array<string, mixed> $row
     *
     * @return array<string, mixed>
     */
    public static function of(array $row): array
    {
        $text = static fn(string $name): string => is_string($row[$name]) ? $row[$name] : '';

        return [
            'kind' => $text('kind'),
            'id' => (int) $row['id'],
            'on' => substr($text('at'), 0, 10),
            'time' => strlen($text('at')) > 10 && ! str_ends_with($text('at'), ' 00:00:00') ? substr($text('at'), 11, 5) : null,
            'sub' => $text('sub'),
            'name' => SaidHere::text($text('name')),
            'of' => $text('of'),
            'person' => $text('person'),
            'place' => $text('place'),
            'litres' => is_numeric($row['litres']) ? (float) $row['litres'] : null,
            'note' => $text('note'),
            'link' => (int) $row['link'],
        ];
    }
}
