<?php

declare(strict_types=1);

namespace App\Shelf\Models;

use App\Calibration\InUse;
use App\Common\Archivable;
use App\Shelf\Measured;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Support\Carbon;
use Zolbek\Core\Mix\Material\Material;
use Zolbek\Core\Mix\Material\MaterialReader;
use Zolbek\Core\Mix\Material\Stock;
use Zolbek\Core\Work\BenchTest\MeasuredOverTypical;

/**
 * A delivery of a component: its date, price and what is left of it, and what tests found of this very delivery.
 *
 * @property int                  $id
 * @property int                  $component_id
 * @property Component            $component
 * @property string               $name
 * @property Carbon               $delivered_on
 * @property float                $quantity_l
 * @property float                $stock_l
 * @property float|null           $price            of the whole delivery
 * @property array<string, mixed> $measured         see Measured
 * @property float|null           $measured_packing residual packing with what was measured
 * @property string               $note
 * @property Carbon|null          $held_at          since when nothing is taken of it
 * @property string               $held_note        why
 * @property Carbon|null          $archived_at
 */
final class Lot extends Model
{
    use Archivable;

    /** @return BelongsTo<Component, $this> */
    public function component(): BelongsTo
    {
        return $this->belongsTo(Component::class);
    }

    /** Whether litres of it can be taken. */
    public function isOffered(): bool
    {
        return $this->held_at === null && ! $this->isArchived();
    }

    /** The component as this delivery of it is. */
    public function toCore(Component $component): Material
    {
        $isMeasured = $component->basis === 'measured' || isset($component->measured['properties']['internal_water']) || isset($this->measured['properties']['internal_water']);

        return InUse::now()->material(MaterialReader::read($this->description($component), $this->measured_packing ?? $component->packing()), $isMeasured);
    }

    /** @return array<string, mixed> the component in the open exchange format, with what was measured of this delivery */
    public function description(Component $component): array
    {
        return MeasuredOverTypical::lay($component->description(), Measured::properties($this->measured));
    }

    public function pricePerL(): ?float
    {
        return $this->price === null ? null : $this->price / $this->quantity_l;
    }

    public function stock(Component $component): Stock
    {
        return new Stock($this->stock_l, $component->pack_l, $component->pack_price, $this->pricePerL());
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return [
            'delivered_on' => 'date', 'quantity_l' => 'float', 'stock_l' => 'float', 'price' => 'float', 'measured' => 'array',
            'measured_packing' => 'float', 'held_at' => 'datetime', 'archived_at' => 'datetime',
        ];
    }
}
