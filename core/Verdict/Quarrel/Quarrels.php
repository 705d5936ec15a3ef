<?php

declare(strict_types=1);

namespace Zolbek\Core\Verdict\Quarrel;

/**
 * Where growers disagree and the question comes up here: what each school would have in this very pot, climate and habit. Figures only; the neutral words are
 * told elsewhere under the same codes.
 */
final readonly class Quarrels
{
    public const CODES = [
        'organic_share', 'loam_base', 'soft_clay', 'light_filler', 'pumice', 'all_lava', 'drainage_layer', 'sieve_all', 'pack_it', 'mix_wet', 'watering_in', 'how_wet', 'roots_off',
        'wash_roots', 'old_soil', 'crown_and_root', 'fit_mix_or_watering', 'watering_rule', 'feeding_rhythm', 'feed_where', 'ball_lifted', 'planting_depth', 'fixing', 'fertiliser',
        'seal_cuts', 'cover_collected', 'when', 'new_or_reused', 'oversize_pot',
    ];

    /** What the other school would bring, by the key of its component. */
    public const STAND_INS = ['bark' => 'composted-bark-fine-2-8-mm', 'loam' => 'loam-screened-6-mm', 'granule' => 'akadama-type-clay-granule-2-6-mm', 'pumice' => 'pumice-3-6-mm', 'lava' => 'lava-scoria-3-6-mm', 'chip' => 'granite-chip-4-8-mm'];

    private Variation $try;

    public function __construct(private Occasion $at)
    {
        $this->try = new Variation($at);
    }

    /** @return list<array{code: string, figures: array<string, float|string|null>}> in the order of CODES */
    public function all(): array
    {
        $found = [
            ...(new AboutMaterials($this->at, $this->try))->all(), ...(new AboutPot($this->at, $this->try))->all(), ...(new AboutWatering($this->at, $this->try))->all(),
            ...(new AboutRoots($this->at))->all(), ...(new AboutFeedAndTime($this->at))->all(),
        ];
        $list = [];
        foreach (self::CODES as $code) {
            if (isset($found[$code])) {
                $list[] = ['code' => $code, 'figures' => $found[$code]];
            }
        }

        return $list;
    }
}
