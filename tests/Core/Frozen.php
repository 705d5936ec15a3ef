<?php

declare(strict_types=1);

namespace Tests\Core;

use Zolbek\Core\Basis\Input\Refusals;
use Zolbek\Core\Course\Ageing\AgedPot;
use Zolbek\Core\Course\Ageing\Forecast;
use Zolbek\Core\Course\Ageing\Reclaimed;
use Zolbek\Core\Mix\Blending\Blend;
use Zolbek\Core\Mix\Chemistry\CationExchange;
use Zolbek\Core\Mix\Chemistry\Salts;
use Zolbek\Core\Mix\Material\KeptMaterial;
use Zolbek\Core\Mix\Material\Material;
use Zolbek\Core\Mix\Material\MaterialReader;
use Zolbek\Core\Mix\Preparation\PanTail;
use Zolbek\Core\Mix\Preparation\Preparation;
use Zolbek\Core\Mix\Preparation\Screenings;
use Zolbek\Core\Mix\Substrate\Portion;
use Zolbek\Core\Mix\Substrate\Substrate;
use Zolbek\Core\Place\Climate\Climate;
use Zolbek\Core\Place\Climate\DailyClimate;
use Zolbek\Core\Place\Container\BallTreatment;
use Zolbek\Core\Place\Container\Contents;
use Zolbek\Core\Place\Container\DepthBudget;
use Zolbek\Core\Place\Container\RootBall;
use Zolbek\Core\Place\Container\TippedPot;
use Zolbek\Core\Place\Container\WallZone;
use Zolbek\Core\Place\Plant\GrowthStage;
use Zolbek\Core\Place\Setup\Setup;
use Zolbek\Core\Question\Evaluation\Answer;
use Zolbek\Core\Verdict\Change\Change;
use Zolbek\Core\Verdict\Change\Changes;
use Zolbek\Core\Verdict\Fit\Assessment;
use Zolbek\Core\Verdict\Fit\Quality;
use Zolbek\Core\Verdict\Fit\Verdict;
use Zolbek\Core\Verdict\Mending\Mend;
use Zolbek\Core\Verdict\Mending\MendSearch;
use Zolbek\Core\Verdict\Quarrel\Occasion;
use Zolbek\Core\Verdict\Quarrel\Quarrels;
use Zolbek\Core\Work\Inspection\Advice;
use Zolbek\Core\Work\Inspection\Finding;
use Zolbek\Core\Work\Inspection\Health;
use Zolbek\Core\Work\Inspection\OldMix;

/** What the core says of the shipped materials and of practice cases, figure by figure: none of it may move unless somebody means it to. */
final class Frozen
{
    /** @return array<string, callable(): mixed> what is told, by what it is of */
    public static function told(): array
    {
        $told = [];
        foreach (Shipped::rawComponents() as $raw) {
            $told['material '.$raw['key']] = static fn(): array => self::material(MaterialReader::read($raw));
        }
        foreach (['s01', 's05', 's10', 's16', 's18', 's24', 't03', 't10'] as $id) {
            $told['case '.$id] = static fn(): array => self::setup(Shipped::setup($id));
            $told['changes '.$id] = static fn(): array => self::changes(Shipped::assessment($id));
        }
        foreach (['s01', 's10', 't03'] as $id) {
            $told['mends '.$id] = static fn(): array => self::mends(Shipped::assessment($id));
            $told['quarrels '.$id] = static fn(): array => self::quarrels(Shipped::assessment($id));
        }
        foreach (['hill', 'coast'] as $site) {
            $told['climate '.$site] = static fn(): array => self::climate(self::place(Shipped::site($site)));
        }
        $told['salts'] = static fn(): array => array_map(static fn(float $ec): array => [$ec, Salts::inSlurry($ec)->value, Salts::inWater($ec)->value], [0.0, 0.2, 0.25, 0.26, 0.5, 0.7, 0.71, 0.75, 0.76, 1.0, 1.5, 2.0, 2.25, 2.26, 3.0, 3.1, 4.0, 9.0]);
        $told['stages'] = static fn(): array => array_map(static fn(GrowthStage $stage): array => [$stage->value, $stage->cropCoefficient(true), $stage->cropCoefficient(false)], GrowthStage::cases());

        return $told + FrozenWork::told();
    }

    /** @return array<string, mixed> */
    private static function material(Material $material): array
    {
        $blend = new Blend([[$material, 1.0]]);
        $prepared = Preparation::read(['screen_lo_mm' => 2, 'screen_hi_mm' => 5], new Refusals(), '');
        $rinsed = Preparation::read(['rinse_mm' => 1, 'wet' => 'day_before', 'limed_to_ph' => 6], new Refusals(), '');
        $screenings = new Screenings($material, $prepared, 10.0);
        $washed = new Screenings($material, $rinsed, 10.0);
        $tail = PanTail::of($material);

        return [
            'kept' => KeptMaterial::keep($material),
            'kept_again' => KeptMaterial::keep(KeptMaterial::read(json_decode((string) json_encode(KeptMaterial::keep($material)), true))) === KeptMaterial::keep($material),
            'qualities' => array_map(static fn(Quality $quality): string => $quality->value.($quality->isWelcome() ? ' +' : ''), Quality::of($material)),
            'substrate' => Answer::substrate(new Substrate($blend)),
            'poured' => Answer::substrate(new Substrate($blend, 4.1)),
            'aged' => Answer::substrate(new Substrate($blend, null, 3.0)),
            'cec' => (new CationExchange(new Substrate($blend)))->cecCmolL,
            'screenings' => [$screenings->fineL, $screenings->coarseL, $washed->fineL, $washed->coarseL],
            'preparation' => [$prepared->toArray(), $rinsed->toArray()],
            'tail' => $tail === null ? null : get_object_vars($tail),
            'reclaimed' => self::reclaimed($material),
            'portion' => Portion::of($material, 'other', 0.7)->keptShare,
        ];
    }

    /** @return array<string, mixed> */
    private static function reclaimed(Material $material): array
    {
        [$then, $left] = Reclaimed::of($material, 2.5);

        return [$left, $then->key, $then->bulkDensity, $then->particleDensity, $then->hydraulicSizeMm, $then->medianMm(), $then->residualPacking];
    }

    /** @return array<string, mixed> */
    private static function setup(Setup $setup): array
    {
        $assessment = new Assessment($setup);
        $old = $setup->substrateAfter(3.0);
        $contents = new Contents(RootBall::ofShare($setup->zone, 0.25, BallTreatment::Combed, $old), null, new WallZone($old, 0.5), 0.02 * $setup->zone->volumeL, 0.5, 0.2, 0.3);
        $filled = new Setup($setup->portions, $setup->pot, $setup->holes, $setup->group, $setup->headspaceCm, 0.3, null, 1.2, 0.7, null, null, $setup->situation, $contents, tipDeg: 10.0);
        $budget = new DepthBudget($filled->zone, $contents, 0.8);
        $tipped = new TippedPot($setup->zone, $setup->substrate->retention, 20.0);
        $aged = new AgedPot($setup, 2.0);
        $mix = new OldMix($setup, 4.0, [Finding::Sludge]);
        $water = $assessment->water;

        return [
            'verdicts' => array_map(static fn(Verdict $verdict): array => [$verdict->criterion->value, $verdict->value, $verdict->band->low, is_finite($verdict->band->high) ? $verdict->band->high : null, $verdict->level->value, $verdict->desirability, $verdict->marginsOutside, $verdict->kills()], $assessment->verdicts),
            'rating' => [$assessment->rating->value, $assessment->fit, $assessment->weights->wetKg, $assessment->runThrough->seconds, $assessment->runThrough->limitedByHoles],
            'water' => $water === null ? null : [$water->demand->useLDay, $water->withinReachL, $water->hottestIntervalH(), $water->demand->habitH, $water->shortDays(false), $water->shortDays(true), $water->drought->degree, $water->demand->canopyM2, $water->demand->givenLYear, $water->demand->drainedLYear, array_map($water->intervalH(...), range(0, 11)), $water->intervalAtStageH(3, GrowthStage::LeafBreak)],
            'filled' => [$filled->filling?->newMixL, $filled->filling?->ballL, $filled->filling?->wallL, $filled->waterL(0.0), $filled->waterL(100.0), $filled->filling?->dryKg(), $filled->filling?->ballAndAround()],
            'filled_rating' => [(new Assessment($filled, withYears: false))->fit, (new Assessment($filled, withYears: false))->weights->wetKg],
            'budget' => get_object_vars($budget),
            'tipped' => [$tipped->waterL, $tipped->letsOutL],
            'aged' => [$aged->air, $aged->levelDropCm, $aged->runThroughS, $aged->fails()],
            'range' => Forecast::range($setup),
            'old' => [$mix->verdict, $mix->finesNow, $mix->finesThen, $mix->airNow, $mix->airThen, array_map(static fn(object $reason): array => get_object_vars($reason), $mix->reasons)],
            'advice' => array_map(static fn(Health $health): array => get_object_vars(new Advice([Finding::Sludge, Finding::Circling], 0.3, $health, true)), Health::cases()),
            'setups' => [$setup->with(potWeightKg: 2.0)->potWeightKg, $setup->with(topDressingCm: 0.2)->topDressingCm, $setup->with(compactionIndex: 5.0)->substrate->packingDensity],
        ];
    }

    /** @param array<string, mixed> $site */
    private static function place(array $site): Climate
    {
        $months = array_map(static fn(array $month): array => ['tmin' => $month[0], 'tmax' => $month[1], 'rain_mm' => $month[2]], $site['months']);

        return Climate::read(['latitude' => $site['latitude'], 'altitude_m' => $site['altitude_m'], 'months' => $months]);
    }

    /** @return list<mixed> */
    private static function changes(Assessment $now): array
    {
        $shelf = array_map(static fn(string $key): Material => MaterialReader::read(array_column(Shipped::rawComponents(), null, 'key')[$key]), ['pumice-3-6-mm', 'lava-scoria-3-6-mm', 'sphagnum-peat', 'perlite-2-5-mm', 'granite-chip-4-8-mm']);

        return array_map(static fn(Change $change): array => [$change->kind, $change->size, $change->by, $change->componentKey, $change->to, $change->setup->drainedL], (new Changes($now, $shelf))->all());
    }

    /** @return array<string, mixed> */
    private static function mends(Assessment $now): array
    {
        $search = new MendSearch($now, [MaterialReader::read(array_column(Shipped::rawComponents(), null, 'key')['pumice-3-6-mm'])]);
        $mends = [];
        foreach ($now->verdicts as $verdict) {
            $mends[$verdict->criterion->value] = array_map(static fn(Mend $mend): array => [$mend->change->kind, $mend->change->by, $mend->value, $mend->suffices, array_map(static fn(object $each): string => $each->value, $mend->worsens)], $search->for($verdict->criterion));
        }

        return $mends;
    }

    /** @return list<mixed> */
    private static function quarrels(Assessment $now): array
    {
        $raw = array_column(Shipped::rawComponents(), null, 'key');
        $standIns = array_map(static fn(string $key): Material => MaterialReader::read($raw[$key]), Quarrels::STAND_INS);
        assert($now->setup->situation !== null);

        return (new Quarrels(new Occasion($now, $now->setup->situation, $standIns)))->all();
    }

    /** @return array<string, mixed> */
    private static function climate(Climate $climate): array
    {
        $daily = new DailyClimate($climate);

        return [
            'et0' => $climate->et0MmDay, 'hottest' => $climate->hottestMonth, 'frosts' => array_map($climate->frostNights(...), range(0, 11)), 'mean' => $climate->meanC,
            'days' => array_map(static fn(int $day): array => [$day, $daily->meanC($day), $daily->tMin($day), $daily->frostNights($day, 28)], [1, 15, 46, 60, 100, 166, 200, 227, 300, 349, 365]),
            'turns' => [$daily->lastFrost, $daily->firstFrost, $daily->endOfHeat, $daily->coldestNights(), $daily->warming(6.0), $daily->warming(15.0)],
            'seasons' => array_map(static fn(int $month): string => $climate->season($month)->value, range(0, 11)),
        ];
    }
}
