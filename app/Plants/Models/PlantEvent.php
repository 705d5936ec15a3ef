<?php

declare(strict_types=1);

namespace App\Plants\Models;

use App\Common\AsKept;
use App\Plants\Carried;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Carbon;

/**
 * Something that happened to a plant. It is written once and keeps the values of its day.
 *
 * @property int                  $id
 * @property int                  $plant_id
 * @property string               $kind        one of KINDS
 * @property Carbon               $happened_on
 * @property string               $person
 * @property string               $text
 * @property Carried              $data        what it carries beside its words
 */
final class PlantEvent extends Model
{
    public const KINDS = ['potted', 'inspected', 'out_of_turn', 'stage', 'health', 'moved', 'note', 'offspring', 'came_from', 'given_away', 'died', 'snoozed', 'override', 'task_done', 'task_skipped', 'outcome', 'saved_soil', 'complaint'];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['happened_on' => 'date', 'data' => AsKept::class.':'.Carried::class];
    }
}
