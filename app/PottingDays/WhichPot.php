<?php

declare(strict_types=1);

namespace App\PottingDays;

use App\Plants\PlantSituation;
use App\Plants\Proportions;
use App\Plants\Standing;
use App\Pots\Models\Pot;
use App\PottingDays\Models\DayPlant;
use App\PottingDays\Models\PottingDay;
use Zolbek\Core\Place\Container\Toppling;
use Zolbek\Core\Verdict\Fit\Assessment;
use Zolbek\Core\Verdict\Fit\Level;
use Zolbek\Core\Verdict\Fit\Rating;
use Zolbek\Core\Verdict\Fit\Verdict;

/**
 * Which pot for a plant and its ball: those of the yard that are nearest in size, best first, with what each offers and why it misses. Free ones stand before others, those into
 * which the ball goes before those where it does not, then by the word of the judgement, by how many figures miss, and by how near they come to the rules of proportion.
 * Schema WhichPot of the API.
 *
 * @phpstan-import-type Gusts from ToppleDocument
 */
final readonly class WhichPot
{
    /** Looked at in full. */
    private const MOST = 16;

    /** A pot counts as a size larger from so many times the litres on. */
    private const LARGER = 1.15;

    /** Room beside and beneath a ball in a pot that is to be bought, cm. */
    private const ROOM_CM = 1.5;
    private const BENEATH_CM = 1.5;

    public function __construct(private PlantSituation $situations, private Standing $standings) {}

    /** @return array{pots: list<array<string, mixed>>, buy: array<string, float>|null} */
    public function of(PottingDay $day, DayPlant $entry): array
    {
        $rows = [];
        $rules = Proportions::rules();
        $litres = max(0.05, $entry->pot->toCore()->volumeL(0.0, $entry->pot->depth));
        foreach (array_slice(FreePots::near($entry, $litres), 0, self::MOST) as [$pot, $free]) {
            $row = $this->row($day, $entry, $pot, $free, $rules);
            if ($row !== null) {
                $rows[] = $row;
            }
        }
        usort($rows, static fn(array $a, array $b): int => $a['rank'] <=> $b['rank']);
        $own = $entry->plant->pot?->toCore();
        $larger = $own === null ? [] : array_filter($rows, static fn(array $row): bool => $row['fits'] && $row['free'] >= $entry->count && $row['pot_l'] >= self::LARGER * $own->volumeL(0.0, $own->depthCm));
        $oneUp = $larger === [] ? null : min(array_column($larger, 'pot_l'));
        $ball = $entry->plan->ball;
        $isOne = array_filter($rows, static fn(array $row): bool => $row['free'] >= $entry->count && $row['fits']) !== [];

        return [
            'pots' => array_map(static fn(array $row): array => [...array_diff_key($row, ['rank' => 0]), 'one_size_up' => $row['pot_l'] === $oneUp], $rows),
            'buy' => $isOne || $ball === null ? null : [
                'length_cm' => $ball['length_cm'] + 2.0 * self::ROOM_CM, 'width_cm' => $ball['width_cm'] + 2.0 * self::ROOM_CM,
                'depth_cm' => ($entry->plan->layer['thickness_cm'] ?? 0.0) + self::BENEATH_CM + $ball['height_cm'] + $entry->plan->collarCm + $entry->plan->headspaceCm - ($entry->plan->overCm() ?? 0.0),
            ],
        ];
    }

    /**
     * @param array<string, float> $rules of proportion
     *
     * @return array<string, mixed>|null null where nothing of it can be worked out
     */
    private function row(PottingDay $day, DayPlant $entry, Pot $pot, int $free, array $rules): ?array
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
        $assessment = new Assessment($setup, withYears: false);
        $fit = EntryFit::of($candidate, $needs);
        $shape = $fit?->document();
        $topple = ToppleDocument::ofNeeds($candidate, $needs);
        $misses = self::misses($entry, $assessment, $shape, $topple, $free);
        $proportions = Proportions::of($entry->plant, $setup->pot, $rules);
        $off = array_sum(array_map(static fn(array $rule): float => abs(log(max(0.1, $rule['is_cm']) / max(0.1, $rule['should_cm']))), $proportions));

        return [
            'id' => $pot->id, 'name' => $pot->name, 'place' => $pot->place, 'free' => $free, 'is_own' => $pot->id === $entry->plant->pot_id,
            'pot_l' => $setup->pot->volumeL(0.0, $setup->pot->depthCm), 'new_mix_l' => $needs->newMixL, 'fits' => $fit?->fits() ?? true,
            'beside_cm' => $shape === null ? null : min($shape['beside_cm'], $shape['across_cm']), 'beneath_cm' => $shape['bed_cm'] ?? null, 'thin_cm' => $shape['thin_cm'] ?? null,
            'air' => $setup->substrate->retention->saturated - $setup->zone->waterL($setup->substrate->retention) / $setup->zone->volumeL,
            'dries_h' => $assessment->water?->drought->intervalH, 'wet_kg' => $needs->weights()->wetKg, 'gust_ms' => $topple['dry_ms'] ?? null,
            'rating' => $assessment->rating->value, 'proportions' => $proportions, 'misses' => $misses,
            'rank' => [$free >= $entry->count ? 0 : 1, $fit?->fits() === false ? 1 : 0, $assessment->rating->rank(), count($misses), $off],
        ];
    }

    /**
     * @param array<string, float|bool>|null   $fit
     * @param Gusts|null $topple
     *
     * @return list<string> words for what speaks against it
     */
    private static function misses(DayPlant $entry, Assessment $assessment, ?array $fit, ?array $topple, int $free): array
    {
        $of = array_filter($assessment->verdicts, static fn(Verdict $verdict): bool => $verdict->level === Level::Stop || ($verdict->level === Level::Mind && $assessment->rating !== Rating::Good));

        return array_values(array_unique([
            ...$free < $entry->count ? ['not_free'] : [],
            ...$fit === null || $fit['fits'] ? [] : [min($fit['beside_cm'], $fit['across_cm']) >= 0.0 && $fit['thin_cm'] > 0.0 ? 'too_shallow' : 'too_narrow'],
            ...$topple !== null && $topple['dry_ms'] < Toppling::GALE_MS ? ['topples'] : [],
            ...array_values(array_map(static fn(Verdict $verdict): string => $verdict->criterion->value, $of)),
        ]));
    }
}
