<?php

declare(strict_types=1);

namespace App\PottingDays;

use App\Blend\VerdictRow;
use App\Plants\PlantSituation;
use App\Plants\Standing;
use App\PottingDays\Models\DayPlant;
use App\PottingDays\Models\PottingDay;
use Zolbek\Core\Course\Ageing\AgedPot;
use Zolbek\Core\Course\Ageing\Forecast;
use Zolbek\Core\Place\Container\PotShape;
use Zolbek\Core\Place\Container\RunThroughSpeed;
use Zolbek\Core\Place\Setup\Setup;
use Zolbek\Core\Verdict\Fit\Assessment;
use Zolbek\Core\Verdict\Fit\Criterion;
use Zolbek\Core\Work\Aftercare\Task;
use Zolbek\Core\Work\PottingDay\DayPotNeeds;

/** One entry of a day looked at closely: each figure in its band, and what would mend it. Schema EntryJudgement of the API. */
final readonly class JudgementDocument
{
    private const LEVELS = 12;

    public function __construct(private PlantSituation $situations, private Standing $standings, private EntryCare $care) {}

    /** @return array<string, mixed>|null null where it cannot be worked out */
    public function of(PottingDay $day, DayPlant $entry): ?array
    {
        $needs = Assembly::ofOne($day, $entry, $this->situations, $this->standings)->sums->pots[$entry->id] ?? null;
        if ($needs === null) {
            return null;
        }
        $setup = $needs->share->setup;
        $assessment = new Assessment($setup);
        $seconds = $assessment->runThrough->seconds;
        $years = $assessment->find(Criterion::Years)?->value;
        [$fast, $slow] = $years === null ? [null, null] : Forecast::range($setup);

        return [
            'rating' => $assessment->rating->value,
            'fit' => $assessment->fit,
            'verdicts' => array_map(VerdictRow::of(...), $assessment->verdicts),
            'pot' => ['limited_by_holes' => $assessment->runThrough->limitedByHoles, 'run_through_speed' => $seconds === null ? null : RunThroughSpeed::of($seconds)->value],
            'water' => $assessment->water === null ? null : ['habit_h' => $assessment->water->demand->habitH, 'interval_h' => $assessment->water->drought->intervalH, 'still_open' => $assessment->water->drought->stillOpen],
            'planned_years' => $setup->targets()->plannedYears,
            'years' => $years === null ? null : ['value' => $years >= Forecast::HORIZON ? null : $years, 'fast' => $fast, 'slow' => $slow, 'drop_cm' => (new AgedPot($setup, min(Forecast::HORIZON, $setup->targets()->plannedYears)))->levelDropCm],
            'care' => $entry->isPotted() ? [] : $this->care($day, $entry, $needs, $assessment),
            'living_soil' => $entry->isPotted() ? [] : LivingSoil::of($entry),
            'section' => self::section($setup),
            'mends' => $entry->isPotted() ? [] : (new EntryMends($day, $this->situations, $this->standings))->of($entry, $needs, $assessment),
        ];
    }

    /** @return list<array<string, mixed>> what will be looked after once it is potted so, on the day that is planned */
    private function care(PottingDay $day, DayPlant $entry, DayPotNeeds $needs, Assessment $assessment): array
    {
        $tasks = $this->care->of($entry, new Actual(rootsCutShare: $entry->plan->rootsCutShare), $day->planned_on, EntryWind::of($entry, $needs), $assessment->water?->drought->intervalH);

        return array_map(static fn(Task $task): array => EntryCare::document($task, $entry->plan), $tasks);
    }

    /** @return array<string, mixed> schema PlantingSection */
    private static function section(Setup $setup): array
    {
        $pot = $setup->pot;

        return [
            'is_rectangle' => $pot->shape === PotShape::Rectangular,
            'depth_cm' => $pot->depthCm,
            'surface_cm' => $pot->depthCm - $setup->headspaceCm,
            'outline' => array_map(static function (int $i) use ($pot): array {
                $z = $pot->depthCm * ($i / self::LEVELS) ** 2;

                return ['z_cm' => $z, 'width_cm' => $pot->widthCm($z), 'breadth_cm' => $pot->breadthCm($z)];
            }, range(0, self::LEVELS)),
        ];
    }
}
