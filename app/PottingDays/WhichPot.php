<?php

declare(strict_types=1);

namespace App\PottingDays;

use App\Blend\PotOffer;
use App\Plants\PlantSituation;
use App\Plants\Proportions;
use App\Plants\Standing;
use App\Pots\Models\Pot;
use App\PottingDays\Models\DayPlant;
use App\PottingDays\Models\PottingDay;
use Zolbek\Core\Verdict\Fit\Assessment;

/** Which pot for a plant of a day and its ball: those of the yard that are nearest in size, best first, and what to buy where none is free. Schema WhichPot of the API. */
final readonly class WhichPot
{
    /** Looked at in full. */
    private const MOST = 16;

    /** Room beside and beneath a ball in a pot that is to be bought, cm. */
    private const ROOM_CM = 1.5;
    private const BENEATH_CM = 1.5;

    public function __construct(private PlantSituation $situations, private Standing $standings) {}

    /** @return array{pots: list<array<string, mixed>>, buy: array<string, float>|null} */
    public function of(PottingDay $day, DayPlant $entry): array
    {
        $rules = Proportions::rules();
        $litres = max(0.05, $entry->pot->toCore()->volumeL(0.0, $entry->pot->depth));
        $offers = array_values(array_filter(array_map(
            fn(array $near): ?PotOffer => $this->offer($day, $entry, $near[0], $near[1], $rules),
            array_slice(FreePots::near($entry, $litres), 0, self::MOST),
        )));
        $own = $entry->plant->pot?->toCore();
        $ball = $entry->plan->ball;
        $isOne = array_filter($offers, static fn(PotOffer $offer): bool => $offer->isGood()) !== [];

        return [
            'pots' => PotOffer::ranked($offers, $own?->volumeL(0.0, $own->depthCm)),
            'buy' => $isOne || $ball === null ? null : [
                'length_cm' => $ball['length_cm'] + 2.0 * self::ROOM_CM, 'width_cm' => $ball['width_cm'] + 2.0 * self::ROOM_CM,
                'depth_cm' => ($entry->plan->layer['thickness_cm'] ?? 0.0) + self::BENEATH_CM + $ball['height_cm'] + $entry->plan->collarCm + $entry->plan->headspaceCm - ($entry->plan->overCm() ?? 0.0),
            ],
        ];
    }

    /**
     * @param array<string, float> $rules of proportion
     *
     * @return PotOffer|null null where nothing of it can be worked out
     */
    private function offer(PottingDay $day, DayPlant $entry, Pot $pot, int $free, array $rules): ?PotOffer
    {
        $candidate = clone $entry;
        $candidate->fill(['pot_id' => $pot->id])->setRelation('pot', $pot);
        // what was typed for another pot is nothing to this one
        $candidate->plan = $entry->plan->with(['bed_cm' => null, 'mound_cm' => null, ...$entry->plan->height === null ? ['height' => ['how' => 'flush', 'cm' => 0.0]] : []]);
        $needs = Assembly::ofOne($day, $candidate, $this->situations, $this->standings)->sums->pots[$candidate->id] ?? null;
        if ($needs === null) {
            return null;
        }
        $setup = $needs->share->setup;

        return new PotOffer(
            $pot,
            $free,
            $entry->count,
            $pot->id === $entry->plant->pot_id,
            new Assessment($setup, withYears: false),
            $needs->newMixL,
            $needs->weights()->wetKg,
            EntryFit::of($candidate, $needs)?->room(),
            EntryWind::of($candidate, $needs),
            Proportions::of($entry->plant, $setup->pot, $rules),
        );
    }
}
