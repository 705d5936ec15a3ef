<?php

declare(strict_types=1);

namespace App\Plants\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Carbon;

/**
 * A look at how wet a pot is, and what was decided: water or wait.
 *
 * @property int         $id
 * @property int         $plant_id
 * @property Carbon      $checked_at
 * @property string      $method      one of METHODS
 * @property float|null  $reading     kg by hand, % of a probe
 * @property string|null $look        how a stick looked, see StickLook
 * @property float|null  $depth_cm    how deep
 * @property string      $verdict     water, wait, or look: nothing but a reading
 * @property float|null  $given_l     what was given; null through and through
 * @property bool        $dunked
 * @property float|null  $wet_kg      what it weighed when it had drained after its watering
 * @property float|null  $thought_l   what was thought to be in it before this was said
 * @property float|null  $thought_sd_l and how sure that was
 * @property float|null  $said_l      what this says is in it
 * @property float|null  $hours_since the watering before; null for the first
 * @property string      $person
 */
final class MoistureCheck extends Model
{
    public const METHODS = ['stick', 'weight', 'probe', 'eye', 'round'];
    public const VERDICTS = ['water', 'wait', 'look'];

    /** For how long a tap may be taken back. */
    public const TAKEN_BACK_HOURS = 24;

    /** The last ones of a plant that still count. */
    private const COUNTED = 30;

    /**
     * The last ones of each plant since it was potted.
     *
     * @param iterable<Plant> $plants
     *
     * @return array<int, list<self>> by plant, oldest first
     */
    public static function sincePotted(iterable $plants): array
    {
        $potted = [];
        foreach ($plants as $plant) {
            $potted[$plant->id] = $plant->potted_on;
        }
        $ranked = self::query()->selectRaw('*, row_number() over (partition by plant_id order by checked_at desc, id desc) as place')->whereIn('plant_id', array_keys($potted));
        $query = self::query();
        $query->fromSub($ranked, 'ranked');
        $query->where('place', '<=', self::COUNTED);
        $query->orderBy('checked_at');
        $query->orderBy('id');
        $found = [];
        foreach ($query->get() as $check) {
            $since = $potted[$check->plant_id];
            if ($since === null || $check->checked_at->gte($since)) {
                $found[$check->plant_id][] = $check;
            }
        }

        return $found;
    }

    /**
     * What they teach of how long water lasts.
     *
     * @param list<self> $checks oldest first
     *
     * @return list<array{verdict: string, hours: float}>
     */
    public static function lessons(array $checks): array
    {
        $timed = array_filter($checks, static fn(self $check): bool => $check->hours_since !== null && $check->verdict !== 'look');

        return array_values(array_map(static fn(self $check): array => ['verdict' => $check->verdict, 'hours' => (float) $check->hours_since], $timed));
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return [
            'checked_at' => 'datetime', 'reading' => 'float', 'hours_since' => 'float', 'depth_cm' => 'float', 'given_l' => 'float', 'dunked' => 'boolean', 'wet_kg' => 'float',
            'thought_l' => 'float', 'thought_sd_l' => 'float', 'said_l' => 'float',
        ];
    }
}
