<?php

declare(strict_types=1);

namespace Zolbek\Core\Batching;

use Zolbek\Core\Fit\Setup;
use Zolbek\Core\Input\Refused;

/**
 * One load of base mix for a day, and what it becomes for the plants that get something extra.
 *
 *     base for a pot with an extra: b with  yield(b, extra) (b + extra) = net volume of the pot
 *
 * Litres loose. The yield is that of the very mixture, so b is found in a few steps. Source: conservation of volume; model section 11.
 * Check: an extra of 0 L leaves the base as it is.
 */
final readonly class BaseWithExtras
{
    private const STEPS = 12;

    /** Loose litres of base mix for one pot without an extra. */
    public float $basePerPotL;

    /** Loose litres of base mix for the whole day, spare included. */
    public float $baseL;

    /** @var list<array{extra: Extra, base_l: float, setup: Setup}> what a pot with each extra gets, and the setup it makes */
    public array $variants;

    /** @var array<string, float> litres to have of each extra, by key of the portion, spare included */
    public array $extrasL;

    /**
     * @param list<Extra> $extras
     * @param int         $plainPots pots that get the base mix alone
     * @param float       $spare     share mixed on top
     *
     * @throws Refused field "extras.<n>.litres" when an extra alone fills the pot
     */
    public function __construct(Setup $base, array $extras, int $plainPots, float $spare = BatchOrder::DEFAULT_SPARE)
    {
        $scooped = array_sum(array_column($base->portions, 1));
        $perScooped = $base->newMixL() / $base->substrate->yield / $base->loosePerScooped;
        $this->basePerPotL = $perScooped;
        $total = $plainPots * $perScooped;
        $variants = [];
        $litres = [];
        foreach ($extras as $i => $extra) {
            [$baseL, $setup] = self::balance($base, $extra, $scooped, $perScooped, 'extras.'.$i.'.litres');
            $variants[] = ['extra' => $extra, 'base_l' => $baseL, 'setup' => $setup];
            $total += $extra->pots * $baseL;
            $litres[$extra->portion->key] = ($litres[$extra->portion->key] ?? 0.0) + $extra->pots * $extra->litresPerPot * (1.0 + $spare);
        }
        $this->variants = $variants;
        $this->extrasL = $litres;
        $this->baseL = $total * (1.0 + $spare);
    }

    /** @return array{float, Setup} */
    private static function balance(Setup $base, Extra $extra, float $scooped, float $perPot, string $field): array
    {
        $baseL = max(0.0, $perPot - $extra->litresPerPot);
        $setup = $base;
        for ($step = 0; $step < self::STEPS; ++$step) {
            if ($baseL <= 0.0) {
                throw Refused::because($field, 'extra_fills_pot', $extra->litresPerPot, ['max' => round($perPot, 3)]);
            }
            $portions = [];
            $there = 0.0;
            foreach ($base->portions as [$portion, $parts]) {
                $portions[$portion->key] = [$portion, $parts / $scooped * $baseL];
                $there += $portion->key === $extra->portion->key ? $parts / $scooped * $baseL : 0.0;
            }
            $portions[$extra->portion->key] = [$extra->portion, $there + $extra->litresPerPot];
            $setup = $base->with(portions: array_values($portions));
            $holds = $setup->newMixL() / $setup->substrate->yield / $setup->loosePerScooped;
            $next = $baseL + ($holds - $baseL - $extra->litresPerPot);
            if (abs($next - $baseL) < 1e-9) {
                break;
            }
            $baseL = $next;
        }

        return [$baseL, $setup];
    }
}
