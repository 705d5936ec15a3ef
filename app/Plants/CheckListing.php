<?php

declare(strict_types=1);

namespace App\Plants;

use App\Plants\Models\MoistureCheck;
use App\Sheets\Column;
use App\Sheets\Listing;

/** Checks of moisture: one row for each. */
final readonly class CheckListing implements Listing
{
    public function columns(): array
    {
        return [
            new Column('plant', 'plant'),
            new Column('at', 'at'),
            new Column('method', 'method'),
            new Column('reading', 'reading', Column::NUMBER),
            new Column('verdict', 'verdict'),
            new Column('hours_since', 'hours_since', Column::NUMBER, 'h'),
            new Column('person', 'person'),
        ];
    }

    public function all(): iterable
    {
        $query = MoistureCheck::query();
        $query->join('plants', 'plants.id', '=', 'moisture_checks.plant_id')->select(['moisture_checks.*', 'plants.number as plant_number']);
        foreach ($query->lazyById(500, 'moisture_checks.id', 'id') as $check) {
            yield [
                'plant' => $check->getAttribute('plant_number'), 'at' => $check->checked_at->toIso8601String(), 'method' => $check->method, 'reading' => $check->reading, 'verdict' => $check->verdict,
                'hours_since' => $check->hours_since, 'person' => $check->person,
            ];
        }
    }
}
