<?php

declare(strict_types=1);

namespace App\Plants\Models;

use App\Common\Archivable;
use App\Common\Field;
use App\Plants\FertiliserFields;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Carbon;
use Zolbek\Core\Work\Feeding\FertiliserLabel;

/**
 * A fertiliser by its label.
 *
 * @property int         $id
 * @property string      $name
 * @property string      $form           one of FORMS
 * @property float       $n_percent
 * @property float       $p2o5_percent
 * @property float       $k2o_percent
 * @property float       $label_g_l      of mix, or of water for a liquid
 * @property float|null  $surface_g_l    of pot, where it is laid on top; null where the label has no such rate
 * @property float|null  $price_per_kg
 * @property float|null  $longevity_days of a slow-release grain, at 21 degC
 * @property string      $note
 * @property Carbon|null $archived_at
 */
final class Fertiliser extends Model
{
    use Archivable;

    public const FORMS = ['slow_release', 'granule', 'liquid'];

    public function toCore(): FertiliserLabel
    {
        return new FertiliserLabel($this->n_percent, $this->p2o5_percent, $this->k2o_percent, $this->label_g_l, $this->surface_g_l);
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return [...Field::casts(FertiliserFields::all()), 'archived_at' => 'datetime'];
    }
}
