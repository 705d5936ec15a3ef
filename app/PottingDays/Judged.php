<?php

declare(strict_types=1);

namespace App\PottingDays;

use Zolbek\Core\Question\Evaluation\Answer;
use Zolbek\Core\Verdict\Fit\Assessment;
use Zolbek\Core\Work\PottingDay\DayPotNeeds;

/** How what each plant of a day is potted into suits it. Plants that are alike, in the same mix and pot, are judged once. */
final class Judged
{
    /** @var array<string, Assessment> */
    private array $assessments = [];

    /** @var array<string, array{assessment: array<string, mixed>, worst: array{criterion: string, level: string, value: float|null}}> */
    private array $documents = [];

    /** @param string $key of the entry, see EntryKey */
    public function assessment(string $key, DayPotNeeds $needs): Assessment
    {
        return $this->assessments[$key] ??= new Assessment($needs->share->setup);
    }

    /** @return array{assessment: array<string, mixed>, worst: array{criterion: string, level: string, value: float|null}} parts of schema DayEntry */
    public function document(string $key, DayPotNeeds $needs): array
    {
        if (! isset($this->documents[$key])) {
            $assessment = $this->assessment($key, $needs);
            $worst = $assessment->verdicts[0];
            $this->documents[$key] = ['assessment' => Answer::assessment($assessment), 'worst' => ['criterion' => $worst->criterion->value, 'level' => $worst->level->value, 'value' => $worst->value]];
        }

        return $this->documents[$key];
    }
}
