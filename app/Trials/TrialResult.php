<?php

declare(strict_types=1);

namespace App\Trials;

use App\Trials\Models\Trial;
use App\Trials\Models\TrialPlant;
use App\Trials\Models\TrialValue;
use Zolbek\Core\Basis\Input\Refused;
use Zolbek\Core\Basis\Statistics\Holm;
use Zolbek\Core\Basis\Statistics\Sample;
use Zolbek\Core\Work\Trial\BlockPermutation;
use Zolbek\Core\Work\Trial\GroupSize;

/**
 * What a trial came to: schema TrialResult of the API, kept with it when it is ended.
 *
 * @phpstan-type Arm array{code: string, label: string, n: int, lost: int, mean: float|null, deviation: float|null, values: list<float>}
 * @phpstan-type Pair array{one: string, other: string, difference: float, low: float|null, high: float|null, p: float, arrangements: int|null, as_far: int, corrected_p: float, told: bool}
 * @phpstan-type Result array{day: string, first_day: string|null, arms: list<Arm>, pairs: list<Pair>, seen: float|null}
 */
final class TrialResult
{
    /** @return Result|null null where nothing was measured yet */
    public static function of(Trial $trial): ?array
    {
        $day = self::lastDay($trial);
        if ($day === null) {
            return null;
        }
        $first = $trial->from_start ? $trial->days[0] : null;
        if ($first === $day) {
            return null;
        }
        $values = $of = [];
        foreach ($trial->plants as $plant) {
            $value = self::value($plant, $day, $first);
            if ($value !== null && $plant->lost_on === null && $plant->arm !== null) {
                $values[$plant->id] = $value;
                $of[$plant->arm][] = $value;
            }
        }
        $arms = $samples = [];
        foreach ($trial->arms as $i => $arm) {
            $own = $of[$i] ?? [];
            $samples[] = $sample = Sample::of($own);
            $arms[] = [
                'code' => $arm['code'], 'label' => $arm['label'], 'n' => count($own), 'lost' => $trial->plants->where('arm', $i)->whereNotNull('lost_on')->count(), 'mean' => $sample?->mean, 'deviation' => $sample?->deviation, 'values' => $own,
            ];
        }

        return ['day' => $day, 'first_day' => $first, 'arms' => $arms, 'pairs' => self::pairs($trial, $values), 'seen' => self::seen($samples)];
    }

    /** The last day on which anything was measured at a plant that is left. */
    private static function lastDay(Trial $trial): ?string
    {
        $days = [];
        foreach ($trial->plants as $plant) {
            foreach ($plant->lost_on === null ? $plant->values : [] as $value) {
                $days[] = $value->measured_on->toDateString();
            }
        }

        return $days === [] ? null : max($days);
    }

    private static function value(TrialPlant $plant, string $day, ?string $first): ?float
    {
        $on = static fn(string $of): ?float => $plant->values->first(static fn(TrialValue $value): bool => $value->measured_on->toDateString() === $of)?->value;
        $last = $on($day);
        $before = $first === null ? 0.0 : $on($first);

        return $last === null || $before === null ? null : $last - $before;
    }

    /**
     * Every two of what was tried, and the chance made up for how many there are.
     *
     * @param array<int, float> $values by id of the trial's plant
     *
     * @return list<Pair>
     */
    private static function pairs(Trial $trial, array $values): array
    {
        $pairs = [];
        for ($i = 0; $i < count($trial->arms); ++$i) {
            for ($j = $i + 1; $j < count($trial->arms); ++$j) {
                $blocks = [];
                foreach ($trial->plants as $plant) {
                    if (isset($values[$plant->id]) && ($plant->arm === $i || $plant->arm === $j)) {
                        $blocks[$plant->block] ??= ['one' => [], 'other' => []];
                        $blocks[$plant->block][$plant->arm === $i ? 'one' : 'other'][] = $values[$plant->id];
                    }
                }
                try {
                    $found = new BlockPermutation(array_values($blocks), $trial->seed ?? 1);
                } catch (Refused) {
                    continue;
                }
                $pairs[] = [$trial->arms[$i]['code'], $trial->arms[$j]['code'], $found];
            }
        }
        $corrected = (new Holm(array_map(static fn(array $pair): float => $pair[2]->p, $pairs)))->corrected;

        return array_map(static fn(array $pair, float $chance): array => [
            'one' => $pair[0], 'other' => $pair[1], 'difference' => $pair[2]->difference, 'low' => $pair[2]->low, 'high' => $pair[2]->high, 'p' => $pair[2]->p, 'arrangements' => $pair[2]->arrangements, 'as_far' => $pair[2]->asFar,
            'corrected_p' => $chance, 'told' => $chance <= Holm::TOLD,
        ], $pairs, $corrected);
    }

    /**
     * The smallest difference that so many plants would have shown.
     *
     * @param list<Sample|null> $samples
     */
    private static function seen(array $samples): ?float
    {
        $least = min([PHP_INT_MAX, ...array_map(static fn(?Sample $sample): int => $sample->n ?? 0, $samples)]);
        $deviation = Sample::pooled(array_filter($samples));

        return $deviation === null || $least < 2 ? null : GroupSize::seenWith($least) * $deviation;
    }
}
