<?php

declare(strict_types=1);

namespace App\Trials\Models;

use App\Common\Archivable;
use App\Common\Stamped;
use App\Trials\TrialResult;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Support\Carbon;

/**
 * A question that plants are to answer: what is tried on them, how they are given out, what is measured and when.
 *
 * @phpstan-import-type Result from TrialResult
 *
 * @property int                        $id
 * @property string                     $name
 * @property string                     $question
 * @property string                     $varies     one of VARIES
 * @property list<array{label: string, recipe_id: int|null, pot_id: int|null, code: string}> $arms
 * @property string                     $measure    one of MEASURES
 * @property string                     $unit       where it is something of one's own
 * @property bool                       $from_start whether what was measured on the first day is taken off
 * @property list<string>               $days       on which it is measured
 * @property string                     $blocking   how plants that are alike are put together, see Assignment
 * @property bool                       $blinded    codes in place of names until the end
 * @property int|null                   $seed       of the chance that gave them out
 * @property string                     $state      planned, running or ended
 * @property Carbon|null                $begun_on
 * @property Carbon|null                $ended_on
 * @property Carbon|null                $opened_on  on which the codes were looked up before the end
 * @property string                     $opened_by
 * @property Result|null                $result     as it was worked out when it was ended
 * @property string                     $conclusion
 * @property Collection<int, TrialPlant> $plants
 * @property Carbon|null                $archived_at
 * @property int|null                   $plants_count where they were only counted
 */
final class Trial extends Model
{
    use Archivable;
    use Stamped;

    public const VARIES = ['mix', 'pot', 'watering', 'treatment'];
    public const MEASURES = ['trunk_mm', 'height_cm', 'canopy_cm', 'score', 'run_through_s', 'days_dry', 'other'];
    public const PLANNED = 'planned';
    public const RUNNING = 'running';
    public const ENDED = 'ended';

    /** @return HasMany<TrialPlant, $this> */
    public function plants(): HasMany
    {
        $plants = $this->hasMany(TrialPlant::class);
        $plants->orderBy('block');
        $plants->orderBy('id');

        return $plants;
    }

    /** Whether names of what was tried are hidden: those who judge know codes only. */
    public function isHidden(): bool
    {
        return $this->blinded && $this->state === self::RUNNING && $this->opened_on === null;
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return [
            'arms' => 'array', 'from_start' => 'boolean', 'days' => 'array', 'blinded' => 'boolean', 'seed' => 'integer', 'begun_on' => 'date', 'ended_on' => 'date', 'opened_on' => 'date', 'result' => 'array',
            'archived_at' => 'datetime',
        ];
    }
}
