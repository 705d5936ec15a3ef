<?php

declare(strict_types=1);

namespace App\Trials;

use App\Trials\Models\Trial;
use App\Trials\Models\TrialPlant;
use App\Trials\Models\TrialValue;
use Zolbek\Core\Basis\Input\Refused;
use Zolbek\Core\Basis\Statistics\Sample;
use Zolbek\Core\Work\Trial\BlockPermutation;
use Zolbek\Core\Work\Trial\GroupSize;

/** What a trial came to: schema TrialResult of the API, kept with it when it is ended. */
final class TrialResult
{
    /** @return array<string, mixed>|null null where nothing was measured yet */
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
        $arms = [];
        foreach ($trial->arms as $i => $arm) {
            $own = $of[$i] ?? [];
            $sample = Sample::of($own);
            $arms[] = [
                'code' => $arm['code'], 'label' => $arm['label'], 'n' => count($own), 'lost' => $trial->plants->where('arm', $i)->whereNotNull('lost_on')->count(), 'mean' => $sample?->mean, 'deviation' => $sample?->deviation, 'values' => $own,
            ];
        }

        return ['day' => $day, 'first_day' => $first, 'arms' => $arms, 'pairs' => self::pairs($trial, $values), 'seen' => self::seen($arms)];
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
     * Every two of what was tried, and the chance corrected for how many there are (Holm): the smallest times their number, the next times one less, none below the one before.
     *
     * @param array<int, float> $values by id of the trial's plant
     *
     * @return list<array<string, mixed>>
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
                $pairs[] = [
                    'one' => $trial->arms[$i]['code'], 'other' => $trial->arms[$j]['code'], 'difference' => $found->difference, 'low' => $found->low, 'high' => $found->high, 'p' => $found->p, 'arrangements' => $found->arrangements,
                    'as_far' => $found->asFar,
                ];
            }
        }

        return self::corrected($pairs);
    }

    /**
     * @param list<array<string, mixed>> $pairs
     *
     * @return list<array<string, mixed>>
     */
    private static function corrected(array $pairs): array
    {
        $order = array_keys($pairs);
        usort($order, static fn(int $a, int $b): int => $pairs[$a]['p'] <=> $pairs[$b]['p']);
        $last = 0.0;
        foreach ($order as $rank => $i) {
            $last = max($last, min(1.0, (count($pairs) - $rank) * $pairs[$i]['p']));
            $pairs[$i]['corrected_p'] = $last;
            $pairs[$i]['told'] = $last <= 0.05;
        }

        return $pairs;
    }

    /**
     * The smallest difference that so many plants would have shown.
     *
     * @param list<array<string, mixed>> $arms
     */
    private static function seen(array $arms): ?float
    {
        $left = 0;
        $squares = 0.0;
        $least = PHP_INT_MAX;
        foreach ($arms as $arm) {
            $least = min($least, $arm['n']);
            if ($arm['deviation'] !== null) {
                $squares += ($arm['n'] - 1) * $arm['deviation'] ** 2;
                $left += $arm['n'] - 1;
            }
        }

        return $left === 0 || $least < 2 ? null : GroupSize::seenWith($least) * sqrt($squares / $left);
    }
}
