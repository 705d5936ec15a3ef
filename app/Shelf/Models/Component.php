<?php

declare(strict_types=1);

namespace App\Shelf\Models;

use App\Calibration\InUse;
use App\Common\Archivable;
use App\Common\SaidHere;
use App\Common\Stamped;
use App\Shelf\Measured;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Casts\Attribute;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Database\Eloquent\Relations\Relation;
use Illuminate\Support\Carbon;
use Zolbek\Core\Mix\Material\Material;
use Zolbek\Core\Mix\Material\MaterialReader;
use Zolbek\Core\Mix\Material\Stock;
use Zolbek\Core\Work\BenchTest\MeasuredOverTypical;

/**
 * A component on the shelf: its properties, and what is in stock of it.
 *
 * @property int                          $id
 * @property string                       $key
 * @property string                       $name
 * @property string                       $kind
 * @property bool                         $is_reference
 * @property string                       $basis        typical, supplier or measured
 * @property float                        $bulk_density
 * @property float                        $residual_packing found from the properties when they were saved
 * @property array<array-key, int|float>  $sieve
 * @property list<string>                 $hazards
 * @property list<string>                 $other_names      of one's own, beside those that ship, see OtherNames
 * @property string                       $colour
 * @property float                        $stock_l
 * @property float|null                   $pack_l
 * @property float|null                   $pack_price
 * @property float|null                   $price_per_l      what a litre of a leftover cost
 * @property float|null                   $low_l            mark below which it runs low
 * @property array<string, mixed>         $measured         what tests found, see Measured
 * @property float|null                   $measured_packing residual packing with that
 * @property string                       $source           one of SOURCES
 * @property float|null                   $reclaimed_years  in a pot before
 * @property float|null                   $sieved_mm        on which a reclaimed mix was sieved
 * @property Collection<int, Lot>         $lotsLeft
 * @property Collection<int, ComponentPart> $mixParts       of a premix or a reclaimed mix
 * @property Collection<int, Lot> $lots    deliveries
 * @property string                       $note
 * @property Carbon|null                  $archived_at
 */
final class Component extends Model
{
    use Archivable;
    use Stamped;

    public const SOURCES = ['material', 'premix', 'reclaimed'];

    public const HAZARDS = ['dust', 'compost', 'sphagnum', 'vermiculite'];

    public function toCore(): Material
    {
        return InUse::now()->material(MaterialReader::read($this->description(), $this->packing()), $this->basis === 'measured' || isset($this->measured['properties']['internal_water']));
    }

    /** Residual packing of the component as it is evaluated. */
    public function packing(): float
    {
        return $this->measured_packing ?? $this->residual_packing;
    }

    /**
     * @param array<string, mixed> $more properties that a delivery of it was measured in
     *
     * @return array<string, string> by property on what it rests: typical, supplier or measured
     */
    public function bases(array $more = []): array
    {
        $measured = $more + ($this->measured['properties'] ?? []);

        return array_combine(MaterialReader::PROPERTIES, array_map(fn(string $property): string => isset($measured[$property]) ? 'measured' : $this->basis, MaterialReader::PROPERTIES));
    }

    /** @return array<string, mixed> the component in the open exchange format, with what tests found */
    public function description(): array
    {
        return MeasuredOverTypical::lay($this->typical(), Measured::properties($this->measured));
    }

    /** @return array<string, mixed> the component in the open exchange format, without any test */
    public function typical(): array
    {
        $properties = ['key' => $this->key, 'name' => $this->name, 'kind' => $this->kind, 'basis' => $this->basis];
        foreach (MaterialReader::PROPERTIES as $property) {
            $value = $this->getAttribute($property);
            if ($value !== null) {
                $properties[$property] = $value;
            }
        }

        return [...$properties, 'dust_hazard' => in_array('dust', $this->hazards, true)];
    }

    /** @return HasMany<Lot, $this> */
    public function lots(): HasMany
    {
        return $this->hasMany(Lot::class);
    }

    /**
     * With its deliveries that are kept: of those on the page alone, however long the list is.
     *
     * @param Builder<Component> $query
     */
    public static function withDeliveries(Builder $query): void
    {
        $query->with(['lots' => static fn(Relation $lots) => $lots->whereNull('archived_at')->select(['id', 'component_id', 'stock_l', 'held_at', 'delivered_on'])]);
    }

    /** @return HasMany<ComponentPart, $this> */
    public function mixParts(): HasMany
    {
        $parts = $this->hasMany(ComponentPart::class, 'mix_id');
        $parts->orderBy('position');

        return $parts;
    }

    public function isMix(): bool
    {
        return ($this->attributes['source'] ?? 'material') !== 'material';
    }

    public function stock(): Stock
    {
        // of what is left of its deliveries only what is offered counts, and prices it, where they came with it
        $left = [];
        $kept = 0.0;
        foreach ($this->relationLoaded('lotsLeft') ? $this->lotsLeft : [] as $lot) {
            if ($lot->isOffered()) {
                $left[] = ['litres' => $lot->stock_l, 'per_l' => $lot->pricePerL()];
            } else {
                $kept += $lot->stock_l;
            }
        }

        return new Stock(max(0.0, $this->stock_l - $kept), $this->pack_l, $this->pack_price, $this->price_per_l, $left);
    }

    /** @return HasMany<Lot, $this> deliveries of which something is left, in the order in which they are drawn */
    public function lotsLeft(): HasMany
    {
        $lots = $this->hasMany(Lot::class);
        $lots->where('stock_l', '>', 0);
        $lots->orderBy('delivered_on');
        $lots->orderBy('id');

        return $lots;
    }

    protected function name(): Attribute
    {
        return SaidHere::column();
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return [
            'is_reference' => 'boolean',
            'sieve' => 'array',
            'hazards' => 'array',
            'other_names' => 'json:unicode',
            'archived_at' => 'datetime',
            ...array_fill_keys(array_values(array_diff(MaterialReader::PROPERTIES, ['sieve'])), 'float'),
            'residual_packing' => 'float',
            'stock_l' => 'float',
            'pack_l' => 'float',
            'pack_price' => 'float',
            'low_l' => 'float',
            'price_per_l' => 'float',
            'measured' => 'array',
            'measured_packing' => 'float',
            'reclaimed_years' => 'float',
            'sieved_mm' => 'float',
        ];
    }
}
