<?php

declare(strict_types=1);

namespace App\PottingDays\Models;

use Illuminate\Database\Eloquent\Model;

/**
 * What was bought for a potting day: it lies on the shelf as a delivery.
 *
 * @property int        $id
 * @property int        $potting_day_id
 * @property int        $component_id
 * @property int        $lot_id
 * @property float      $litres
 * @property float|null $price
 */
final class DayPurchase extends Model
{
    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['litres' => 'float', 'price' => 'float'];
    }
}
