<?php

declare(strict_types=1);

namespace App\Irrigation;

use App\Instruments\InstrumentFault;
use App\Instruments\IrrigationController;
use App\Irrigation\Models\IrrigationZone;
use App\Plants\Models\Plant;
use App\Situations\Models\Site;
use Illuminate\Support\Carbon;
use Zolbek\Core\Place\Climate\Season;
use Zolbek\Core\Work\Irrigation\ZonePlan;

/** An irrigation zone with its pots, its plan by season and what the controller has of it: schema Zone of the API. */
final readonly class ZoneDocument
{
    public function __construct(private ZonePlans $plans, private IrrigationController $controller) {}

    /** @return array<string, mixed> of a list */
    public static function row(IrrigationZone $zone): array
    {
        return ['id' => $zone->id, ...$zone->only(['revision', ...array_keys(ZoneFields::all())]), 'pots' => (int) ($zone->plants_count ?? $zone->plants->count()), 'archived' => $zone->isArchived()];
    }

    /** @return array<string, mixed> */
    public function of(IrrigationZone $zone): array
    {
        ['plans' => $plans, 'unknown' => $unknown] = $this->plans->of($zone);
        try {
            $valve = $this->controller->valve($zone->id);
        } catch (InstrumentFault) {
            $valve = null;
        }

        return [
            ...self::row($zone),
            'season' => self::seasonNow($zone)->value,
            'plants' => array_values($zone->plants->map(static fn(Plant $plant): array => ['id' => $plant->id, ...$plant->only(['number', 'name', 'place']), 'pot' => $plant->pot?->name, 'emitters' => ZonePlans::emitters($plant)])->all()),
            'plans' => array_map(self::plan(...), array_keys($plans), $plans),
            'unknown' => $unknown,
            'valve' => $valve,
        ];
    }

    /** Of the place at which its first pot stands. */
    public static function seasonNow(IrrigationZone $zone): Season
    {
        $site = $zone->plants->pluck('site')->whereInstanceOf(Site::class)->first();

        return $site instanceof Site ? $site->climate()->season(Carbon::now()->month - 1) : Season::ofMonth(Carbon::now()->month - 1);
    }

    /** @return array<string, mixed> */
    private static function plan(string $season, ZonePlan $plan): array
    {
        return [
            'season' => $season, 'every_h' => $plan->everyH, 'minutes' => $plan->minutes, 'thirstiest' => $plan->pots[$plan->thirstiest]['name'] ?? null,
            'wettest' => $plan->wettest === null ? null : $plan->pots[$plan->wettest]['name'] ?? null, 'pots' => $plan->pots,
        ];
    }
}
