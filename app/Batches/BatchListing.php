<?php

declare(strict_types=1);

namespace App\Batches;

use App\Batches\Models\Batch;
use App\Sheets\Column;
use App\Sheets\Listing;

/** Saved batches as they were worked out then: one row for each component of each. */
final readonly class BatchListing implements Listing
{
    public function columns(): array
    {
        return [
            new Column('batch', 'batch'),
            new Column('made_on', 'made_on', unit: 'YYYY-MM-DD'),
            new Column('mixed_on', 'mixed_on', unit: 'YYYY-MM-DD'),
            new Column('mixed_by', 'mixed_by'),
            new Column('pot', 'pot'),
            new Column('pots', 'pots', Column::NUMBER),
            new Column('component', 'component'),
            new Column('share', 'share', Column::NUMBER),
            new Column('litres', 'litres', Column::NUMBER, 'L'),
            new Column('from_bin', 'from_bin', Column::NUMBER, 'L'),
            new Column('mass', 'mass', Column::NUMBER, 'kg'),
            new Column('cost', 'cost', Column::NUMBER),
            new Column('note', 'note'),
        ];
    }

    public function all(): iterable
    {
        foreach (Batch::query()->lazyById(200) as $batch) {
            foreach (KeptResult::of($batch->result, $batch->inputs)['lines'] as $line) {
                yield [
                    'batch' => $batch->name, 'made_on' => $batch->made_at->toDateString(), 'mixed_on' => $batch->mixed_at?->toDateString(), 'mixed_by' => $batch->mixed_by, 'pot' => $batch->pot_name,
                    'pots' => $batch->pots, 'component' => $line['name'], 'share' => $line['share'], 'litres' => $line['scooped_l'] + $line['layer_l'], 'from_bin' => $line['gross_l'], 'mass' => $line['mass_kg'],
                    'cost' => $line['cost'], 'note' => $batch->note,
                ];
            }
        }
    }
}
