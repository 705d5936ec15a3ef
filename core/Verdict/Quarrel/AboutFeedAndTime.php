<?php

declare(strict_types=1);

namespace Zolbek\Core\Verdict\Quarrel;

use Zolbek\Core\Course\Ageing\AgedPot;
use Zolbek\Core\Mix\Chemistry\CationExchange;

/** How it is fed, when it is potted, and whether an old mix will do. */
final readonly class AboutFeedAndTime
{
    public function __construct(private Occasion $at) {}

    /** @return array<string, array<string, float|string|null>> */
    public function all(): array
    {
        $setup = $this->at->setup;
        $cec = (new CationExchange($setup->substrate))->cecCmolL;
        $wakes = $this->at->situation->climate?->warmsPast($setup->group->wakesAtC());
        $aged = new AgedPot($setup, 1.0);

        return [
            'feeding_rhythm' => ['cec' => $cec],
            'feed_where' => ['cec' => $cec],
            'fertiliser' => ['cec' => $cec, 'litres' => $setup->newMixL()],
            'when' => ['day' => $wakes === null ? null : (float) $wakes, 'stage' => $this->at->stage?->value],
            'new_or_reused' => ['air' => Variation::air($setup), 'other_air' => $aged->air, 'drop' => $aged->levelDropCm],
        ];
    }
}
