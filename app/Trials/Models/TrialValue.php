<?php

declare(strict_types=1);

namespace App\Trials\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Carbon;

/**
 * What was measured at a plant of a trial on one of its days.
 *
 * @property int    $id
 * @property int    $trial_plant_id
 * @property Carbon $measured_on
 * @property float  $value
 * @property string $person
 */
final class TrialValue extends Model
{
    public $timestamps = false;

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['measured_on' => 'date', 'value' => 'float'];
    }
}
