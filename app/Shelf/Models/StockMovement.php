<?php

declare(strict_types=1);

namespace App\Shelf\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Carbon;

/**
 * Litres that came onto the shelf or left it, and what stood there afterwards. Never changed; a mistake is put right by another one.
 *
 * @property int         $id
 * @property int         $component_id
 * @property int|null    $lot_id
 * @property string      $kind          one of KINDS
 * @property float       $litres        below 0 for what left
 * @property float       $stock_after_l of the component
 * @property string      $note
 * @property Carbon      $moved_at
 */
final class StockMovement extends Model
{
    public const KINDS = ['delivery', 'count', 'used', 'lost', 'returned'];

    public $timestamps = false;

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['litres' => 'float', 'stock_after_l' => 'float', 'moved_at' => 'datetime'];
    }
}
