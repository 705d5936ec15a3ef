<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Carbon;
use Zolbek\Core\Batching\Stock;
use Zolbek\Core\Component\Component as CoreComponent;
use Zolbek\Core\Component\ComponentReader;

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
 * @property string                       $colour
 * @property float                        $stock_l
 * @property float|null                   $pack_l
 * @property float|null                   $pack_price
 * @property string                       $note
 * @property Carbon|null                  $archived_at
 */
final class Component extends Model
{
    use Archivable;

    public const HAZARDS = ['dust', 'compost', 'sphagnum', 'vermiculite'];

    public function toCore(): CoreComponent
    {
        return ComponentReader::read($this->description(), $this->residual_packing);
    }

    /** @return array<string, mixed> the component in the open exchange format */
    public function description(): array
    {
        $properties = ['key' => $this->key, 'name' => $this->name, 'kind' => $this->kind, 'basis' => $this->basis];
        foreach (ComponentReader::PROPERTIES as $property) {
            $value = $this->getAttribute($property);
            if ($value !== null) {
                $properties[$property] = $value;
            }
        }

        return [...$properties, 'dust_hazard' => in_array('dust', $this->hazards, true)];
    }

    public function stock(): Stock
    {
        return new Stock($this->stock_l, $this->pack_l, $this->pack_price);
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return [
            'is_reference' => 'boolean',
            'sieve' => 'array',
            'hazards' => 'array',
            'archived_at' => 'datetime',
            ...array_fill_keys(array_values(array_diff(ComponentReader::PROPERTIES, ['sieve'])), 'float'),
            'residual_packing' => 'float',
            'stock_l' => 'float',
            'pack_l' => 'float',
            'pack_price' => 'float',
        ];
    }
}
