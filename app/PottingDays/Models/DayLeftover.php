<?php

declare(strict_types=1);

namespace App\PottingDays\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Carbon;

/**
 * How a mix of a day came out: mixed + more = used + left + lost. What was left lies in a bin of its own.
 *
 * @property int      $id
 * @property int      $potting_day_id
 * @property int      $recipe_id
 * @property float    $net_l        what the pots were reckoned to take, without spare
 * @property float    $mixed_l
 * @property float    $used_l
 * @property float    $left_l
 * @property float    $lost_l
 * @property float    $more_l       that were there though nobody mixed them: heaped scoops, or a load that was not ticked
 * @property int|null $component_id the bin
 * @property Carbon   $closed_at
 */
final class DayLeftover extends Model
{
    public $timestamps = false;

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['net_l' => 'float', 'mixed_l' => 'float', 'used_l' => 'float', 'left_l' => 'float', 'lost_l' => 'float', 'more_l' => 'float', 'closed_at' => 'datetime'];
    }
}
