<?php

declare(strict_types=1);

namespace Zolbek\Core\Verdict\Quarrel;

use Zolbek\Core\Place\Plant\Crown;
use Zolbek\Core\Place\Plant\Purpose;

/** What is done to the roots and the ball. */
final readonly class AboutRoots
{
    public function __construct(private Occasion $at) {}

    /** @return array<string, array<string, float|string|null>> */
    public function all(): array
    {
        $plant = $this->at->situation->plant;
        $setup = $this->at->setup;
        $found = [];
        if ($plant->rootsCut > 0.0) {
            $half = new Crown($plant->canopyM2, $plant->leaf, $plant->evergreen, 0.5);
            $found['roots_off'] = ['cut' => $plant->rootsCut, 'recovery' => (new Crown($plant->canopyM2, $plant->leaf, $plant->evergreen, $plant->rootsCut))->recovery(), 'other_recovery' => $half->recovery()];
            $found['crown_and_root'] = ['cut' => $plant->rootsCut];
            $found['seal_cuts'] = ['cut' => $plant->rootsCut];
        }
        $filling = $setup->filling;
        if ($filling?->ball !== null) {
            [$ball, $around] = $filling->ballAndAround();
            $found['wash_roots'] = ['litres' => 0.45 * $filling->ballL, 'other_litres' => 0.10 * $filling->ballL, 'gap' => $filling->ball->gapShare()];
            $found['old_soil'] = ['ball' => $ball, 'around' => $around, 'litres' => $filling->newMixL, 'other_litres' => $setup->zone->volumeL];
            $found['ball_lifted'] = ['ball' => $ball];
            $found['planting_depth'] = ['collar' => $setup->contents->collarCm ?? 0.0];
        }
        if ($this->at->purpose === Purpose::NewlyCollected) {
            $found['cover_collected'] = ['recovery' => $plant->recovery()];
        }

        return $found;
    }
}
