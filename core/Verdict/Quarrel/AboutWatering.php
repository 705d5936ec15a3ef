<?php

declare(strict_types=1);

namespace Zolbek\Core\Verdict\Quarrel;

use Zolbek\Core\Verdict\Fit\Criterion;
use Zolbek\Core\Verdict\Fit\Level;

/** How wet it is kept and when it is watered. */
final readonly class AboutWatering
{
    public function __construct(private Occasion $at, private Variation $try) {}

    /** @return array<string, array<string, float|string|null>> */
    public function all(): array
    {
        $water = $this->at->now->water;
        $limit = $this->at->situation->targets->tensionLimitCm;
        $setup = $this->at->setup;
        $found = [
            'how_wet' => ['limit' => $limit, 'litres' => $setup->waterL(0.0) - $setup->waterL($limit), 'other_litres' => $setup->waterL(0.0) - $setup->waterL($limit / 4.0)],
            'watering_in' => ['waits' => $setup->group->waitsForWounds() ? 'yes' : 'no'],
        ];
        if ($this->try->organic() > 0.1) {
            $found['mix_wet'] = ['share' => $this->try->organic()];
        }
        if ($water !== null) {
            $found['watering_rule'] = ['interval_h' => $water->hottestIntervalH(), 'spring_h' => $water->intervalH(($water->climate->hottestMonth + 9) % 12), 'habit_h' => $water->demand->habitH];
            if ($this->at->now->find(Criterion::Drought)?->level !== Level::Good) {
                $found['fit_mix_or_watering'] = ['drought' => $water->drought->degree, 'interval_h' => $water->hottestIntervalH(), 'habit_h' => $water->demand->habitH];
            }
        }

        return $found;
    }
}
