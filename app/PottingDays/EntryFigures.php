<?php

declare(strict_types=1);

namespace App\PottingDays;

use App\Blend\LayersDocument;
use App\Blend\ToppleDocument;
use App\Plants\InspectionForm;
use App\Plants\Outlook;
use App\PottingDays\Models\DayPlant;
use Zolbek\Core\Mix\Chemistry\CationExchange;
use Zolbek\Core\Place\Container\BallWater;
use Zolbek\Core\Place\Container\Holes;
use Zolbek\Core\Place\Container\RunThrough;
use Zolbek\Core\Place\Setup\Setup;
use Zolbek\Core\Place\Site\Surface;
use Zolbek\Core\Verdict\Fit\Judge;
use Zolbek\Core\Work\Feeding\SlowRelease;
use Zolbek\Core\Work\PottingDay\DayPotNeeds;
use Zolbek\Core\Work\PottingDay\FirstWater;
use Zolbek\Core\Work\PottingDay\MeshPieces;
use Zolbek\Core\Work\PottingDay\TieWire;
use Zolbek\Core\Work\PottingDay\WorkTime;

/** What is worked out for one plant of a day: schema EntryFigures of the API. */
final class EntryFigures
{
    /** @var array<string, array<string, mixed>> of the pot, by key of the entry */
    private array $alike = [];

    public function __construct(private readonly Assembly $assembly, private readonly Outlook $outlook, private readonly float $pace) {}

    /** Minutes at a usual pace. */
    public static function plainMinutes(DayPlant $entry, DayPotNeeds $needs): float
    {
        $plan = $entry->plan;

        return WorkTime::minutes($needs->pot->setup->zone->volumeL, $plan->treatment, $plan->fixing, $plan->crownCutShare > 0.0);
    }

    /** @return array<string, mixed> */
    public function of(DayPlant $entry, DayPotNeeds $needs): array
    {
        $plan = $entry->plan;
        $setup = $needs->share->setup;
        $ball = $plan->ball;
        $trunk = $entry->plant->trunk_mm ?? 20.0;
        $wire = $plan->fixing === 'wire' ? new TieWire($setup->pot, $trunk, $ball['length_cm'] ?? $setup->pot->widthCm($setup->pot->depthCm) / 2.0, $ball['height_cm'] ?? $setup->pot->depthCm / 2.0) : null;
        $season = $this->outlook->season($entry->plant, $this->assembly->day->planned_on);

        $ofPot = $this->alike[$this->assembly->keys[$entry->id]] ??= $this->ofPot($entry, $needs);
        $stands = EntryWind::of($entry, $needs, $ofPot['fit']['collar_cm'] ?? $setup->zone->topCm, $ofPot['wet_kg']);

        return [
            ...$ofPot,
            'old_out_l' => $this->oldOutL($entry, $setup),
            'topple' => $stands === null ? null : ToppleDocument::of($stands),
            'wire' => $wire === null ? null : ['gauge_mm' => $wire->gaugeMm, 'wires' => $wire->wires, 'length_cm' => $wire->lengthCm, 'through' => match (true) {
                $entry->pot->wall === 'net' => 'net',
                $entry->pot->tie_holes >= 2 => 'tie_holes',
                default => 'outlets',
            }],
            'fertiliser' => $this->fertiliser($plan, $needs->newMixL, $setup->zone->volumeL, $needs),
            'first_water_days' => (new FirstWater($setup->group, $plan->rootsCutShare, $plan->firstWaterDays))->afterDays,
            'waits_for_wounds' => $setup->group->waitsForWounds(),
            'minutes' => $this->pace * self::plainMinutes($entry, $needs),
            'season' => ['window' => $season->window->value, 'reasons' => InspectionForm::reasons($season->reasons)],
        ];
    }

    /** @return array<string, mixed> what is the same for plants that are alike */
    private function ofPot(DayPlant $entry, DayPotNeeds $needs): array
    {
        $plan = $entry->plan;
        $setup = $needs->share->setup;
        $zone = $setup->zone;
        $waterL = $setup->waterL(0.0);
        $weights = $needs->weights();
        // a net is lined, not covered hole by hole
        $mesh = new MeshPieces($entry->pot->isNet() ? Holes::of(0, 1.0, 1.0) : $setup->holes);

        return [
            'pot_l' => $zone->volumeL,
            'new_mix_l' => $needs->newMixL,
            'base_l' => $needs->baseL,
            'poured_l' => $needs->baseL * $this->assembly->pouredYield($entry->recipe),
            'old_soil_l' => $needs->share->baseL - $needs->baseL,
            'layer_l' => $needs->layerL,
            'dressing_l' => $needs->dressingL,
            'wall_l' => $needs->wallL,
            'wall_soil_l' => ($plan->wall['kind'] ?? null) === 'old_soil' ? $setup->filling->wallL ?? 0.0 : 0.0,
            'cover_l' => $needs->coverL,
            'moss_cm2' => $plan->surface === Surface::Moss ? $needs->surfaceCm2 : 0.0,
            'air' => $setup->substrate->retention->saturated - $zone->waterL($setup->substrate->retention) / $zone->volumeL,
            'water_l' => $waterL,
            'mix_water_l' => $setup->filling?->waterOf()[0] ?? $waterL,
            'ball' => $this->ball($entry, $needs),
            'wet_kg' => $weights->wetKg,
            'two_to_lift' => $weights->wetKg > Judge::LIFT_ONE_KG,
            // without the gaps in it, which new mix fills
            'old_ball_l' => $setup->filling === null ? 0.0 : (1.0 - ($setup->filling->ball?->gapShare() ?? 0.0)) * $setup->filling->ballL,
            'fit' => EntryFit::of($entry, $needs)?->document(),
            'mesh' => ['pieces' => $mesh->pieces, 'side_cm' => $mesh->sideCm],
            'run_through_s' => (new RunThrough($zone, $setup->substrate, $setup->holes, $setup->holeCover))->seconds,
            'layers' => LayersDocument::of($setup, $needs->pot->dressing, $entry->pot->openingMm()),
        ];
    }

    /** Old mix that comes out of the pot it stood in, litres as it lay there; null where nobody wrote down what that is. */
    private function oldOutL(DayPlant $entry, Setup $setup): ?float
    {
        $stood = $this->assembly->oldSoils->stoodL($entry);
        $ball = $setup->filling?->ball;

        return $stood === null ? null : max(0.0, $stood - ($setup->filling->ballL ?? 0.0) * (1.0 - ($ball?->gapShare() ?? 0.0)));
    }

    /** @return array<string, float|string>|null what the ball is of, and its water and air beside those of the mix round it; null without one */
    private function ball(DayPlant $entry, DayPotNeeds $needs): ?array
    {
        $filling = $needs->share->setup->filling;
        $ball = $filling?->ball;
        if ($filling === null || $ball === null) {
            return null;
        }
        $soil = $this->assembly->soil($entry);
        $water = new BallWater($filling, $ball);

        return ['of' => $soil->of, 'mix' => $soil->mix, 'years' => $soil->years, 'litres' => $water->litres, 'water_l' => $water->waterL, 'theta' => $water->theta, 'theta_around' => $water->thetaAround, 'air' => $water->air, 'stays' => $water->stays];
    }

    /**
     * By the label into what is mixed, not into the ball that is kept; or on top, by what the label allows for the pot.
     *
     * @return array<string, float|string|null>|null
     */
    private function fertiliser(Plan $plan, float $newMixL, float $potL, DayPotNeeds $needs): ?array
    {
        $fertiliser = $this->assembly->fertilisers[$plan->fertiliser['id'] ?? 0] ?? null;
        if ($plan->fertiliser === null || $fertiliser === null || $fertiliser->form === 'liquid') {
            return null;
        }
        $core = $fertiliser->toCore();
        // a label from which the rate was taken since: into the mix
        $where = $core->surfaceGL === null ? 'mixed' : $plan->fertiliser['where'];
        $grams = $where === 'top' ? $core->gramsOnTop($potL, $plan->fertiliser['share']) : $core->grams($newMixL, $plan->fertiliser['share']);

        return ['name' => $fertiliser->name, 'where' => $where, 'grams' => $grams, 'cost' => $fertiliser->price_per_kg === null ? null : $fertiliser->price_per_kg * $grams / 1000.0, ...$core->elements($grams), 'washed_out_share' => SlowRelease::washOutShare((new CationExchange($needs->share->setup->substrate))->cecCmolL)];
    }
}
