<?php

declare(strict_types=1);

namespace App\PottingDays;

use App\PottingDays\Models\DayPlant;
use Zolbek\Core\Question\Evaluation\Answer;
use Zolbek\Core\Verdict\Fit\Assessment;
use Zolbek\Core\Work\PottingDay\DayPotNeeds;

/** How what each plant of a day is potted into suits it. Plants that are alike, in the same mix and pot, are judged once. */
final class Judged
{
    /** Of a plan what nothing is judged by. */
    private const NOT_JUDGED = ['feeding' => 0, 'fixing' => 0, 'stones_days' => 0, 'crown_cut_share' => 0, 'first_water_days' => 0, 'note' => 0, 'fertiliser' => 0];

    /** Of a plant what it is judged by. */
    private const JUDGED_BY = ['plant_group', 'species_id', 'site_id', 'exposure', 'stand', 'winter_shelter', 'canopy_cm', 'vigour', 'purpose', 'feed', 'planned_years', 'year_started', 'weight_kg'];

    /** @var array<string, Assessment> */
    private array $assessments = [];

    public function assessment(DayPlant $entry, DayPotNeeds $needs): Assessment
    {
        return $this->assessments[self::key($entry)] ??= new Assessment($needs->share->setup);
    }

    /** @return array{assessment: array<string, mixed>, worst: array{criterion: string, level: string, value: float|null}} parts of schema DayEntry */
    public function document(DayPlant $entry, DayPotNeeds $needs): array
    {
        $assessment = $this->assessment($entry, $needs);
        $worst = $assessment->verdicts[0];

        return ['assessment' => Answer::assessment($assessment), 'worst' => ['criterion' => $worst->criterion->value, 'level' => $worst->level->value, 'value' => $worst->value]];
    }

    private static function key(DayPlant $entry): string
    {
        $plan = $entry->plan;
        // what stays of it is its own
        $old = $plan->ball === null && $plan->wall === null ? null : [$entry->plant->standing, $entry->plant->potted_on];

        return md5(serialize([$entry->recipe_id, $entry->pot_id, array_diff_key($plan->jsonSerialize(), self::NOT_JUDGED), $entry->plant->only(self::JUDGED_BY), $old]));
    }
}
