<?php

declare(strict_types=1);

namespace App\Irrigation\Actions;

use App\Instruments\InstrumentFault;
use App\Instruments\IrrigationController;
use App\Irrigation\Models\IrrigationZone;
use App\Irrigation\ZonePlans;
use App\Plants\Actions\CheckMoisture;
use App\Plants\Models\MoistureCheck;
use App\Plants\WaterStates;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;
use Zolbek\Core\Basis\Input\Fields;
use Zolbek\Core\Basis\Input\Refusals;
use Zolbek\Core\Basis\Input\Refused;
use Zolbek\Core\Place\Climate\Season;

/** What a person's tap has the controller do: take the plan of a season, open a zone for some minutes, or shut it. */
final readonly class SwitchZone
{
    private const MOST_MINUTES = 600.0;

    /** What the controller's clock and ours may differ by. */
    private const CLOCKS_APART_S = 3.0;

    public function __construct(private IrrigationController $controller, private ZonePlans $plans, private CheckMoisture $check, private WaterStates $states) {}

    /**
     * @param array<mixed> $input `{season}`
     *
     * @throws Refused fields "season", "controller"
     */
    public function program(IrrigationZone $zone, array $input): void
    {
        $refusals = new Refusals();
        $season = Fields::of($input, ['season'], $refusals)->oneOf('season', array_column(Season::cases(), 'value'));
        $refusals->throwIfAny();
        $plan = $this->plans->of($zone)['plans'][$season ?? ''] ?? throw Refused::because('pots', 'zone_empty');
        $this->heard(fn() => $this->controller->program($zone->id, $plan->everyH, $plan->minutes));
    }

    /**
     * Opens it now; what each pot is given is written down with it, or neither is done.
     *
     * @param array<mixed> $input `{minutes, person}`
     *
     * @throws Refused fields "minutes", also where it is open already, and "controller"
     */
    public function run(IrrigationZone $zone, array $input): void
    {
        $refusals = new Refusals();
        $fields = Fields::of($input, ['minutes', 'person'], $refusals);
        $minutes = $fields->numberAbove('minutes', 0, self::MOST_MINUTES);
        $refusals->throwIfAny();
        DB::transaction(function () use ($zone, $minutes, $input): void {
            $until = $this->openUntil($zone);
            if ($until !== null) {
                throw Refused::because('minutes', 'zone_open', $minutes, ['until' => $until->format('H:i')]);
            }
            $thought = $this->states->of($zone->plants->loadMissing(['species', 'site', 'pot']));
            foreach ($zone->plants as $plant) {
                $given = $minutes / 60.0 * $zone->rate_l_h * ZonePlans::emitters($plant);
                ($this->check)($plant, ['method' => 'round', 'verdict' => 'water', 'given_l' => $given, ...array_intersect_key($input, ['person' => 0])], null, $thought[$plant->id] ?? false);
            }
            $this->heard(fn() => $this->controller->open($zone->id, $minutes));
        });
    }

    /**
     * Shuts it; what was not given any more is taken off what was written down.
     *
     * @throws Refused field "controller"
     */
    public function shut(IrrigationZone $zone): void
    {
        $until = $this->openUntil($zone);
        $this->heard(fn() => $this->controller->open($zone->id, 0.0));
        if ($until !== null) {
            DB::transaction(static fn() => self::ranShort($zone, $until));
        }
    }

    private static function ranShort(IrrigationZone $zone, Carbon $until): void
    {
        $now = Carbon::now();
        $query = MoistureCheck::query();
        $query->whereIn('plant_id', $zone->plants->modelKeys());
        $query->where('method', 'round');
        $query->whereNotNull('given_l');
        $query->whereBetween('checked_at', [$until->copy()->subMinutes((int) self::MOST_MINUTES), $now]);
        $checks = $query->get()->groupBy('plant_id');
        foreach ($zone->plants as $plant) {
            $perS = $zone->rate_l_h * ZonePlans::emitters($plant) / 3600.0;
            foreach ($checks[$plant->id] ?? [] as $check) {
                $planned = abs($check->checked_at->diffInSeconds($until));
                // no other can that somebody poured meanwhile
                if (abs($check->given_l - $perS * $planned) <= self::CLOCKS_APART_S * $perS) {
                    $ran = abs($check->checked_at->diffInSeconds($now));
                    $ran < 1.0 ? $check->delete() : $check->fill(['given_l' => $perS * $ran])->save();
                }
            }
        }
    }

    /** @throws Refused field "controller" */
    private function openUntil(IrrigationZone $zone): ?Carbon
    {
        $until = $this->heard(fn(): ?string => $this->controller->valve($zone->id)['open_until']);

        return $until === null ? null : Carbon::parse($until);
    }

    /**
     * @template T
     *
     * @param callable(): T $say
     *
     * @return T
     *
     * @throws Refused field "controller"
     */
    private function heard(callable $say): mixed
    {
        try {
            return $say();
        } catch (InstrumentFault $fault) {
            throw Refused::because('controller', 'controller_silent', $fault->fault);
        }
    }
}
