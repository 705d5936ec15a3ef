<?php

declare(strict_types=1);

namespace App\Batches;

use App\Batches\Models\Batch;
use Zolbek\Core\Verdict\Fit\Assessment;

/** A saved batch as the API shows it: schemas BatchSummary and Batch. */
final class BatchPresenter
{
    /** @return array<string, mixed> */
    public static function summary(Batch $batch): array
    {
        return [
            'id' => $batch->id,
            ...$batch->only(['name', 'recipe_id', 'recipe_version', 'pot_name', 'pots', 'loose_l', 'note']),
            'made_at' => $batch->made_at->toIso8601String(),
        ];
    }

    /** @return array<string, mixed> */
    public static function present(Batch $batch): array
    {
        // an empty map reads back from its column as a list
        $inputs = array_key_exists('lots', $batch->inputs) ? [...$batch->inputs, 'lots' => (object) $batch->inputs['lots']] : $batch->inputs;

        // batches from before this was kept with them
        $result = ['two_to_lift' => $batch->result['wet_pot_kg'] > Assessment::LIFT_ONE_KG, ...$batch->result];

        return [...self::summary($batch), 'inputs' => $inputs, 'result' => $result];
    }
}
