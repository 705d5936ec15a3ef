<?php

declare(strict_types=1);

namespace Zolbek\Core\Verdict\Quarrel;

use Zolbek\Core\Course\Ageing\AgedPot;
use Zolbek\Core\Mix\Chemistry\CationExchange;

/** How it is fed, when it is potted, and whether an old mix will do. Source: the two schools of each question, practice. */
final readonly class AboutFeedAndTime
{
    /** Exchange capacity below which feed is hardly held, cmol/L. Source: practice, a starting figure. Check: pumice alone holds little. */
    private const LITTLE_CMOL_L = 5.0;

    public function __construct(private Occasion $at) {}

    /** @return array<string, array<string, float|string|null>> */
    public function all(): array
    {
        $setup = $this->at->setup;
        $cec = (new CationExchange($setup->substrate))->cecCmolL;
        $wakes = $this->at->situation->climate?->warmsPast($setup->group->wakesAtC());
        $aged = new AgedPot($setup, 1.0);
        $feed = ['cec' => $cec, 'holds' => $cec < self::LITTLE_CMOL_L ? 'little' : 'enough'];

        return [
            'feeding_rhythm' => $feed,
            'feed_where' => $feed,
            'fertiliser' => [...$feed, 'litres' => $setup->newMixL()],
            'when' => ['day' => $wakes === null ? null : (float) $wakes, 'stage' => $this->at->stage?->value],
            'new_or_reused' => ['air' => Variation::air($setup), 'other_air' => $aged->air, 'drop' => $aged->levelDropCm],
        ];
    }
}
