<?php

declare(strict_types=1);

namespace App\Plants\Actions;

use App\Common\Author;
use App\Plants\Carried;
use App\Plants\Models\MoistureCheck;
use App\Plants\Models\Plant;
use App\Plants\WaterStates;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;
use Zolbek\Core\Basis\Input\Fields;
use Zolbek\Core\Basis\Input\Refusals;
use Zolbek\Core\Basis\Input\Refused;

/** What a dry-down has found of a plant's use is kept with it, or forgotten: from then on its days are reckoned with that. */
final readonly class KeepUse
{
    public const FEWEST = 5;

    public function __construct(private WaterStates $states, private WritePlantEvent $write) {}

    /**
     * @param array<mixed> $input `{keep}`
     *
     * @throws Refused field "keep" where it was not weighed often enough since it was watered
     */
    public function __invoke(Plant $plant, array $input): Plant
    {
        $refusals = new Refusals();
        $keep = Fields::of($input, ['keep', 'person'], $refusals)->flag('keep', true);
        $refusals->throwIfAny();

        return DB::transaction(function () use ($plant, $keep): Plant {
            $plant->refresh()->load(['species', 'site', 'pot']);
            if (! $keep) {
                $plant->fill(['use_log' => null, 'use_spread' => null, 'use_found_on' => null])->save();

                return $plant;
            }
            $now = $this->states->one($plant);
            $weighed = $now?->wateredAt === null ? 0 : self::weighings($plant, $now->wateredAt);
            if ($now?->state === null || $weighed < self::FEWEST) {
                throw Refused::because('keep', 'weighed_too_seldom', $weighed, ['least' => self::FEWEST]);
            }
            $plant->fill(['use_log' => $now->state->logPhi, 'use_spread' => sqrt($now->state->varPhi), 'use_found_on' => Carbon::today()->toDateString()])->save();
            ($this->write)($plant, 'note', Carbon::today(), '', new Carried(['use' => $now->state->phi(), 'use_spread' => sqrt($now->state->varPhi), 'weighings' => $weighed]), Author::name());

            return $plant;
        });
    }

    /** Weighings since it was watered. */
    public static function weighings(Plant $plant, Carbon $since): int
    {
        $query = MoistureCheck::query()->where('plant_id', $plant->id)->where('method', 'weight');
        $query->where('verdict', 'look');
        $query->where('checked_at', '>=', $since);
        $query->whereNotNull('reading');

        return $query->count();
    }
}
