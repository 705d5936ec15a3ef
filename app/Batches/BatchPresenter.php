<?php

declare(strict_types=1);

namespace App\Batches;

use App\Batches\Models\Batch;

/** A saved batch as the API shows it: schemas BatchSummary and Batch. */
final class BatchPresenter
{
    /** @return array<string, mixed> */
    public static function summary(Batch $batch): array
    {
        return [
            'id' => $batch->id,
            ...$batch->only(['name', 'recipe_id', 'recipe_version', 'pot_name', 'pots', 'loose_l', 'note', 'mixed_by']),
            'made_at' => $batch->made_at->toIso8601String(),
            'mixed_at' => $batch->mixed_at?->toIso8601String(),
        ];
    }

    /** @param list<array{component_id: int, lot_id: int|null, litres: float, cost?: float|null}> $taken */
    private static function cost(array $taken): ?float
    {
        $costs = array_map(static fn(array $part): ?float => $part['cost'] ?? null, $taken);

        return $costs === [] || in_array(null, $costs, true) ? null : array_sum($costs);
    }

    /** @return array<string, mixed> */
    public static function present(Batch $batch): array
    {
        // an empty map reads back from its column as a list
        $inputs = array_key_exists('lots', $batch->inputs) ? [...$batch->inputs, 'lots' => (object) $batch->inputs['lots']] : $batch->inputs;

        return [...self::summary($batch), 'inputs' => $inputs, 'result' => KeptResult::of($batch->result, $batch->inputs), 'taken' => $batch->taken ?? [], 'used_cost' => self::cost($batch->taken ?? [])];
    }
}
