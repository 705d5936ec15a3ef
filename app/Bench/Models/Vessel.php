<?php

declare(strict_types=1);

namespace App\Bench\Models;

use App\Bench\VesselFields;
use App\Common\Archivable;
use App\Common\Field;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Carbon;

/**
 * A scoop or a tub of one's own, its volume typed or found by weighing the water that it holds.
 *
 * @property int         $id
 * @property string      $name
 * @property string      $kind        scoop or tub
 * @property float       $volume_l
 * @property float|null  $water_g     mass of the water that fills it, where it was calibrated
 * @property string      $note
 * @property Carbon|null $archived_at
 */
final class Vessel extends Model
{
    use Archivable;

    public const KINDS = ['scoop', 'tub'];

    /** Share of its volume up to which a scoop counts as one of a size. */
    private const SAME = 0.005;

    /** What the scoop of that size is called; null where none is in use. */
    public static function scoopOf(float $litres): ?string
    {
        $query = self::query();
        $query->where('kind', 'scoop');
        $query->whereNull('archived_at');
        $query->whereBetween('volume_l', [$litres * (1.0 - self::SAME), $litres * (1.0 + self::SAME)]);
        $query->orderBy('id');

        return $query->value('name');
    }

    /** @return list<float> volumes of the scoops in use that are smaller */
    public static function scoopsBelow(float $litres): array
    {
        $query = self::query();
        $query->where('kind', 'scoop');
        $query->whereNull('archived_at');
        $query->where('volume_l', '<', $litres);
        $query->distinct();

        return array_values(array_map(floatval(...), $query->pluck('volume_l')->all()));
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return [...Field::casts(VesselFields::all()), 'archived_at' => 'datetime'];
    }
}
