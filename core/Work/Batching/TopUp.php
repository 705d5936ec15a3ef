<?php

declare(strict_types=1);

namespace Zolbek\Core\Work\Batching;

use Zolbek\Core\Basis\Input\Refused;

/**
 * What to add to a tub so that it holds the wanted recipe, from what is in it already.
 *
 *     T = max over the recipe of e_i P / p_i, or a wanted total;   add_i = T p_i / P - e_i
 *
 * e_i litres in the tub, p_i parts, P their sum. A component that is in the tub but not in the recipe cannot be taken out by adding: its remaining share
 * of all is told. Source: proportion. Check: 6 and 2 L of a recipe 1:1:1 need 4 L of the second, 6 L of the third:
 * total 18 L.
 */
final readonly class TopUp
{
    /** Litres of the recipe when it is right. */
    public float $recipeL;

    /** Litres in the tub then, foreign leftovers counted. */
    public float $totalL;

    /** The least that the recipe can come to with what is there. */
    public float $leastL;

    /** @var array<string, float> litres to add, by key */
    public array $add;

    /** @var array<string, float> share of all of what does not belong, by key */
    public array $foreign;

    /**
     * @param array<string, float> $parts   of the recipe, by key; all above 0
     * @param array<string, float> $there   litres in the tub, by key, without what is picked out by hand first
     * @param float|null           $wantedL litres of the recipe that are wanted
     *
     * @throws Refused field "wanted_l" when there is more of a component than so much of the recipe holds
     */
    public function __construct(array $parts, array $there, ?float $wantedL = null)
    {
        $sum = array_sum($parts);
        $least = 0.0;
        foreach ($parts as $key => $part) {
            $least = max($least, ($there[$key] ?? 0.0) * $sum / $part);
        }
        $this->leastL = $least;
        $this->recipeL = max($least, $wantedL ?? $least);
        if ($wantedL !== null && $wantedL < $least - 1e-9) {
            throw Refused::because('wanted_l', 'top_up_least', $wantedL, ['min' => round($least, 3)]);
        }
        $add = [];
        foreach ($parts as $key => $part) {
            $add[$key] = max(0.0, $this->recipeL * $part / $sum - ($there[$key] ?? 0.0));
        }
        $this->add = $add;
        $foreign = array_diff_key($there, $parts);
        $this->totalL = $this->recipeL + array_sum($foreign);
        $this->foreign = array_map(fn(float $litres): float => $this->totalL > 0.0 ? $litres / $this->totalL : 0.0, $foreign);
    }
}
