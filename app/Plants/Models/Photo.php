<?php

declare(strict_types=1);

namespace App\Plants\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Carbon;

/**
 * A picture of a plant, from one's own files.
 *
 * @property int      $id
 * @property int      $plant_id
 * @property int|null $day_plant_id
 * @property string   $subject  one of SUBJECTS
 * @property Carbon   $taken_on
 * @property string   $caption
 * @property string   $file     name in the folder of pictures
 * @property string   $mime
 * @property int      $bytes
 * @property int      $width
 * @property int      $height
 */
final class Photo extends Model
{
    public const SUBJECTS = ['whole', 'roots', 'surface', 'other'];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['taken_on' => 'date'];
    }
}
