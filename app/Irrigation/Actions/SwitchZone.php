<?php

declare(strict_types=1);

namespace App\Irrigation\Actions;

use App\Instruments\InstrumentFault;
use App\Instruments\IrrigationController;
use App\Irrigation\Models\IrrigationZone;
use App\Irrigation\ZonePlans;
use App\Plants\Actions\CheckMoisture;
use App\Plants\WaterStates;
use Illuminate\Support\Facades\DB;
use Zolbek\Core\Basis\Input\Fields;
use Zolbek\Core\Basis\Input\Refusals;
use Zolbek\Core\Basis\Input\Refused;
use Zolbek\Core\Place\Climate\Season;

/** What a person's tap has the controller do: take the plan of a season, open a zone for some minutes, or shut it. */
final readonly class SwitchZone
{
    private const MOST_MINUTES = 600.0;

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
     * Opens it now; what each pot is given is written down with it.
     *
     * @param array<mixed> $input `{minutes, person}`
     *
     * @throws Refused fields "minutes", "controller"
     */
    public function run(IrrigationZone $zone, array $input): void
    {
        $refusals = new Refusals();
        $fields = Fields::of($input, ['minutes', 'person'], $refusals);
        $minutes = $fields->numberAbove('minutes', 0, self::MOST_MINUTES);
        $refusals->throwIfAny();
        $this->heard(fn() => $this->controller->open($zone->id, $minutes));
        $thought = $this->states->of($zone->plants->loadMissing(['species', 'site', 'pot']));
        DB::transaction(function () use ($zone, $minutes, $input, $thought): void {
            foreach ($zone->plants as $plant) {
                $given = $minutes / 60.0 * $zone->rate_l_h * ZonePlans::emitters($plant);
                ($this->check)($plant, ['method' => 'round', 'verdict' => 'water', 'given_l' => $given, ...array_intersect_key($input, ['person' => 0])], null, $thought[$plant->id] ?? false);
            }
        });
    }

    /** @throws Refused field "controller" */
    public function shut(IrrigationZone $zone): void
    {
        $this->heard(fn() => $this->controller->open($zone->id, 0.0));
    }

    /** @param callable(): void $say */
    private function heard(callable $say): void
    {
        try {
            $say();
        } catch (InstrumentFault $fault) {
            throw Refused::because('controller', 'controller_silent', $fault->fault);
        }
    }
}
