<?php

declare(strict_types=1);

namespace Zolbek\Core\Work\Batching;

use Zolbek\Core\Basis\Input\Refused;
use Zolbek\Core\Mix\Substrate\Portion;
use Zolbek\Core\Place\Setup\Setup;

/**
 * What one pot takes of a base mix beside extras of its own: b litres with  yield(b, extras) (b + extras) = net volume of the pot.
 *
 * Litres loose, as scooped. The yield is that of the very mixture, so b is found in a few steps. Source: conservation of volume; model section 11.
 * Check: without extras b is net / yield.
 */
final readonly class PotShare
{
    private const STEPS = 12;

    public float $baseL;
    public Setup $setup;

    /**
     * @param list<array{Portion, float}> $extras litres of each, for this pot
     * @param string                      $field  at which a refusal stands
     * @param float                       $moreL  of mix that stands over the root zone, in a mound or a slope
     *
     * @throws Refused at the field, when the extras alone fill the pot
     */
    public function __construct(Setup $base, array $extras, string $field = 'extras', float $moreL = 0.0)
    {
        $scooped = array_sum(array_column($base->portions, 1));
        $perPot = ($base->newMixL() + $moreL) / $base->substrate->yield / $base->loosePerScooped;
        $extraL = array_sum(array_column($extras, 1));
        if ($extraL <= 0.0) {
            $this->baseL = $perPot;
            $this->setup = $base;

            return;
        }
        $baseL = max(0.0, $perPot - $extraL);
        $setup = $base;
        for ($step = 0; $step < self::STEPS; ++$step) {
            if ($baseL <= 0.0) {
                throw Refused::because($field, 'extra_fills_pot', $extraL, ['max' => round($perPot, 3)]);
            }
            $portions = [];
            foreach ($base->portions as [$portion, $parts]) {
                $portions[$portion->key] = [$portion, $parts / $scooped * $baseL];
            }
            foreach ($extras as [$portion, $litres]) {
                $portions[$portion->key] = [$portion, ($portions[$portion->key][1] ?? 0.0) + $litres];
            }
            $setup = $base->with(portions: array_values($portions));
            $holds = ($setup->newMixL() + $moreL) / $setup->substrate->yield / $setup->loosePerScooped;
            $next = $holds - $extraL;
            $isSettled = abs($next - $baseL) < 1e-9;
            $baseL = $next;
            if ($isSettled) {
                break;
            }
        }
        $this->baseL = $baseL;
        $this->setup = $setup;
    }
}
