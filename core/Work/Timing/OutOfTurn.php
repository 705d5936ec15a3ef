<?php

declare(strict_types=1);

namespace Zolbek\Core\Work\Timing;

use Zolbek\Core\Place\Plant\GrowthStage;
use Zolbek\Core\Work\Inspection\Health;

/**
 * The gentlest path when a plant must be seen to at once, whatever the season: what to do, and what to leave undone.
 *
 * Source: practice. Check: a tree blown over keeps its ball whole; rotting roots are cut to sound wood and the old soil goes.
 */
final readonly class OutOfTurn
{
    public const CAUSES = ['blown_over', 'pot_broken', 'roots_rotting'];

    /** @var list<string> */
    public array $steps;

    /** @var list<string> */
    public array $leave;

    public function __construct(string $cause, Health $health, ?GrowthStage $stage, bool $frostToCome)
    {
        $rots = $cause === 'roots_rotting';
        $inLeaf = in_array($stage, [GrowthStage::LeafBreak, GrowthStage::Growing, GrowthStage::AfterFlower], true);
        $this->steps = array_values(array_filter([
            'keep_moist',
            $rots ? 'cut_rot' : 'ball_whole',
            $rots ? 'wash_rot' : null,
            $cause === 'pot_broken' ? 'same_size' : null,
            $cause === 'blown_over' ? 'check_roots' : null,
            $rots ? 'airy_small' : 'fill_gaps',
            'fix_firm',
            $rots ? 'water_sparing' : 'water_once',
            $inLeaf ? 'shade_mist' : 'out_of_sun',
            $frostToCome ? 'frost_free' : null,
        ]));
        $this->leave = array_values(array_filter([
            $rots ? null : 'no_root_cut',
            'no_crown_cut',
            'no_feed',
            $rots ? 'no_old_soil' : 'no_washing',
            $health === Health::Well ? null : 'no_wiring',
            'no_bigger_pot',
        ]));
    }
}
