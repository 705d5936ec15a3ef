<?php

declare(strict_types=1);

namespace Zolbek\Core\Verdict\Uncertainty;

use Zolbek\Core\Mix\Material\MaterialKind;
use Zolbek\Core\Place\Setup\ModelConstants;
use Zolbek\Core\Place\Setup\Setup;

/**
 * What the model itself may be wrong by, one standard deviation each, beside what is not known of the components.
 *
 *     ln median head   0.25 of loose grains to 0.50 of compressible ones (linear in their share of the envelope volume); ln run-through 0.4 to 0.8
 *     compaction 1.0 (none where a shrink of this mix was measured), canopy 30 % (10 % where it was given), hot day 15 %, refill 0.08, leaching 0.10
 *     pCO2, ageing, wash-out   each a factor: 3, 2, 2;   fines weight of bark 0.15, see Propagation
 *
 * Source: model revision (g). Check: pumice alone has 0.25 in ln of its median head, peat alone 0.50.
 */
final class ModelError
{
    public const FINES_WEIGHT = 0.15;
    public const HEAD = 'model_head';
    public const RUN_THROUGH = 'model_run_through';
    public const COMPACTION = 'model_compaction';
    public const CANOPY = 'model_canopy';
    public const HOT_DAY = 'model_hot_day';
    public const REFILL = 'model_refill';
    public const LEACHING = 'model_leaching';
    public const PCO2 = 'model_pco2';
    public const AGEING = 'model_ageing';
    public const WASH_OUT = 'model_wash_out';
    private const ESTIMATED_CANOPY = 0.30;
    private const GIVEN_CANOPY = 0.10;

    /** @return array<string, array{ModelConstants, ModelConstants}> the constants a step up and a step down, by what is uncertain */
    public static function of(Setup $setup): array
    {
        $moves = [];
        foreach (self::steps($setup) as $error => $step) {
            $moves[$error] = [$step($setup->model, 1.0), $step($setup->model, -1.0)];
        }

        return $moves;
    }

    /**
     * The constants moved by so many of their standard uncertainties, by what is uncertain.
     *
     * @return array<string, callable(ModelConstants, float): ModelConstants>
     */
    public static function steps(Setup $setup): array
    {
        $soft = $setup->substrate->blend->shareOfKind(static fn(MaterialKind $kind): bool => $kind->isCompressible());
        $head = exp(0.25 + 0.25 * $soft);
        $run = exp(0.4 + 0.4 * $soft);
        $steps = [
            self::HEAD => static fn(ModelConstants $of, float $z): ModelConstants => $of->with(head: $of->head * $head ** $z),
            self::RUN_THROUGH => static fn(ModelConstants $of, float $z): ModelConstants => $of->with(runThrough: $of->runThrough * $run ** $z),
        ];
        if ($setup->compactionIndex === null) {
            $steps[self::COMPACTION] = static fn(ModelConstants $of, float $z): ModelConstants => $of->with(compaction: $of->compaction + $z);
        }
        if ($setup->situation?->climate !== null) {
            $canopy = $setup->situation->plant->canopyM2 === null ? self::ESTIMATED_CANOPY : self::GIVEN_CANOPY;
            $steps += [
                self::CANOPY => static fn(ModelConstants $of, float $z): ModelConstants => $of->with(canopy: $of->canopy * max(0.0, 1.0 + $canopy * $z)),
                self::HOT_DAY => static fn(ModelConstants $of, float $z): ModelConstants => $of->with(hotDay: $of->hotDay * max(0.0, 1.0 + 0.15 * $z)),
                self::REFILL => static fn(ModelConstants $of, float $z): ModelConstants => $of->with(refill: min(1.0, max(0.05, $of->refill + 0.08 * $z))),
                self::LEACHING => static fn(ModelConstants $of, float $z): ModelConstants => $of->with(leaching: min(0.9, max(0.0, $of->leaching + 0.10 * $z))),
                self::PCO2 => static fn(ModelConstants $of, float $z): ModelConstants => $of->with(pco2Atm: $of->pco2Atm * 3.0 ** $z),
            ];
        }

        $steps += [
            self::AGEING => static fn(ModelConstants $of, float $z): ModelConstants => $of->with(ageing: $of->ageing * 2.0 ** $z),
            self::WASH_OUT => static fn(ModelConstants $of, float $z): ModelConstants => $of->with(washOut: $of->washOut * 2.0 ** $z),
        ];

        // where a yard's tests say more, less of it is left
        return array_combine(array_keys($steps), array_map(static fn(string $error, callable $step): callable => static fn(ModelConstants $of, float $z): ModelConstants => $step($of, $z * ($of->left[$error] ?? 1.0)), array_keys($steps), $steps));
    }
}
