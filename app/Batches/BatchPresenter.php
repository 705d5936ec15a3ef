<?php

declare(strict_types=1);

namespace App\Batches;

use App\Batches\Models\Batch;
use App\Shelf\Actions\TakeFromShelf;

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

    /** @return array<string, mixed> */
    public static function present(Batch $batch): array
    {
        // an empty map reads back from its column as a list
        $inputs = array_key_exists('lots', $batch->inputs) ? [...$batch->inputs, 'lots' => (object) $batch->inputs['lots']] : $batch->inputs;

        return [...self::summary($batch), 'inputs' => $inputs, 'result' => KeptResult::of($batch->result, $batch->inputs), 'taken' => $batch->taken ?? [], 'used_cost' => $batch->taken === null ? null : TakeFromShelf::worth($batch->taken)];
    }
}
