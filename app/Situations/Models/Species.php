<?php

declare(strict_types=1);

namespace App\Situations\Models;

use App\Common\Archivable;
use App\Common\Field;
use App\Common\SaidHere;
use App\Common\Stamped;
use App\Situations\SpeciesFields;
use Illuminate\Database\Eloquent\Casts\Attribute;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Carbon;

/**
 * A plant by its kind: its group, and what it wants otherwise than its group. One that nobody can name stands for a habit.
 *
 * @property int         $id
 * @property string      $key
 * @property string      $name
 * @property string      $botanical
 * @property string      $plant_group
 * @property string      $leaf
 * @property bool        $evergreen
 * @property bool        $unidentified
 * @property bool        $is_reference
 * @property string      $vigour      how fast its roots fill a pot
 * @property float|null  $air_low
 * @property float|null  $air_high
 * @property float|null  $ph_low
 * @property float|null  $ph_high
 * @property float|null  $tension_limit_cm
 * @property float|null  $years_young
 * @property float|null  $years_old
 * @property string      $reason      in one line
 * @property Carbon|null $archived_at
 */
final class Species extends Model
{
    use Archivable;
    use Stamped;

    protected $table = 'species';

    /** @return array<string, float|null> what it wants otherwise than its group */
    public function overrides(): array
    {
        return [
            'air_low' => $this->air_low, 'air_high' => $this->air_high, 'ph_low' => $this->ph_low, 'ph_high' => $this->ph_high,
            'tension_limit_cm' => $this->tension_limit_cm, 'years_young' => $this->years_young, 'years_old' => $this->years_old,
        ];
    }

    protected function name(): Attribute
    {
        return SaidHere::column();
    }

    protected function reason(): Attribute
    {
        return SaidHere::column();
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['is_reference' => 'boolean', 'archived_at' => 'datetime', ...Field::casts(SpeciesFields::all())];
    }
}
