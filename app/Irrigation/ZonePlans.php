<?php

declare(strict_types=1);

namespace App\Irrigation;

use App\Irrigation\Models\IrrigationZone;
use App\Plants\Models\Plant;
use App\Plants\WaterNow;
use App\Plants\WaterStates;
use Zolbek\Core\Course\Days\LeafCourse;
use Zolbek\Core\Course\Days\PotRun;
use Zolbek\Core\Place\Climate\Climate;
use Zolbek\Core\Place\Climate\Season;
use Zolbek\Core\Place\Setup\ModelConstants;
use Zolbek\Core\Place\Weather\Date;
use Zolbek\Core\Place\Weather\MeanDays;
use Zolbek\Core\Work\Irrigation\ZonePlan;
use Zolbek\Core\Work\Irrigation\ZonePot;

/** Minutes and times of a zone by season: in each the month that evaporates most, its mean days 1.3 times as hot, and its leaves. */
final class ZonePlans
{
    private const A_YEAR = '2027-01-01';

    public function __construct(private readonly WaterStates $states) {}

    /**
     * @return array{plans: array<string, ZonePlan>, unknown: list<array{id: int, number: string, name: string}>} by season; plants of which nobody knows what they stand in
     */
    public function of(IrrigationZone $zone): array
    {
        $plants = $zone->plants->loadMissing(['species', 'site', 'pot']);
        $states = $this->states->of($plants);
        $uses = $unknown = [];
        foreach ($plants as $plant) {
            $now = $states[$plant->id] ?? null;
            $climate = $now?->setup->situation?->climate;
            if ($now === null || $climate === null) {
                $unknown[] = ['id' => $plant->id, 'number' => $plant->number, 'name' => $plant->name];
            } else {
                $uses[$plant->id] = [$plant, $now, self::bySeason($now, $climate)];
            }
        }
        $plans = [];
        foreach ($uses === [] ? [] : Season::cases() as $season) {
            $pots = array_map(static fn(array $use): ZonePot => new ZonePot($use[0]->number, $use[1]->litres->easyL(), $use[2][$season->value] ?? 0.0, self::emitters($use[0])), array_values($uses));
            $plans[$season->value] = new ZonePlan($pots, $zone->rate_l_h, $zone->uniformity);
        }

        return ['plans' => $plans, 'unknown' => $unknown];
    }

    public static function emitters(Plant $plant): int
    {
        $emitters = $plant->getRelation('pivot')->getAttribute('emitters');

        return is_numeric($emitters) ? (int) $emitters : 1;
    }

    /** @return array<string, float> litres a day by season, of one pot */
    private static function bySeason(WaterNow $now, Climate $climate): array
    {
        $first = Date::number(self::A_YEAR);
        $weather = MeanDays::of($climate)->weather($first, 365);
        [$wanted] = (new PotRun($weather, LeafCourse::of($weather, $climate)))->asked($now->pot->with(phi: exp($now->logPhi), seen: []));
        $use = [];
        foreach (Season::cases() as $season) {
            $most = 0.0;
            foreach ($climate->et0MmDay as $month => $et0) {
                if ($climate->season($month) === $season) {
                    $days = array_intersect_key($wanted, array_flip(array_keys($weather->month, $month, true)));
                    $most = max($most, array_sum($days) / max(1, count($days)));
                }
            }
            $use[$season->value] = ModelConstants::HOT_DAY * $most;
        }

        return $use;
    }
}
