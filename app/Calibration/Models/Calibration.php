<?php

declare(strict_types=1);

namespace App\Calibration\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Carbon;

/**
 * Factors of the model as the yard's own tests had them on a day. Kept for ever; one of them may be in use.
 *
 * @property int                                                       $id
 * @property Carbon                                                    $made_at
 * @property string                                                    $person
 * @property array<string, array{factor: float, spread: float}>        $factors  by name
 * @property list<array{key: string, figure: string, before: float, after: float}> $tests with ln of measured over computed
 * @property bool                                                      $in_use
 * @property list<array{on: bool, at: string, by: string}>             $switched
 */
final class Calibration extends Model
{
    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['made_at' => 'datetime', 'factors' => 'array', 'tests' => 'array', 'in_use' => 'boolean', 'switched' => 'array'];
    }
}
