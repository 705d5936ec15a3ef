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
        $model = $setup->model;
        $soft = $setup->substrate->blend->shareOfKind(static fn(MaterialKind $kind): bool => $kind->isCompressible());
        $head = exp(0.25 + 0.25 * $soft);
        $run = exp(0.4 + 0.4 * $soft);
        $steps = [
            self::HEAD => [$model->with(head: $model->head * $head), $model->with(head: $model->head / $head)],
            self::RUN_THROUGH => [$model->with(runThrough: $model->runThrough * $run), $model->with(runThrough: $model->runThrough / $run)],
        ];
        if ($setup->compactionIndex === null) {
            $steps[self::COMPACTION] = [$model->with(compaction: $model->compaction + 1.0), $model->with(compaction: $model->compaction - 1.0)];
        }
        if ($setup->situation?->climate !== null) {
            $canopy = $setup->situation->plant->canopyM2 === null ? self::ESTIMATED_CANOPY : self::GIVEN_CANOPY;
            $steps += [
                self::CANOPY => [$model->with(canopy: $model->canopy * (1.0 + $canopy)), $model->with(canopy: $model->canopy * (1.0 - $canopy))],
                self::HOT_DAY => [$model->with(hotDay: $model->hotDay * 1.15), $model->with(hotDay: $model->hotDay * 0.85)],
                self::REFILL => [$model->with(refill: $model->refill + 0.08), $model->with(refill: $model->refill - 0.08)],
                self::LEACHING => [$model->with(leaching: $model->leaching + 0.10), $model->with(leaching: $model->leaching - 0.10)],
                self::PCO2 => [$model->with(pco2Atm: $model->pco2Atm * 3.0), $model->with(pco2Atm: $model->pco2Atm / 3.0)],
            ];
        }

        return $steps + [
            self::AGEING => [$model->with(ageing: $model->ageing * 2.0), $model->with(ageing: $model->ageing / 2.0)],
            self::WASH_OUT => [$model->with(washOut: $model->washOut * 2.0), $model->with(washOut: $model->washOut / 2.0)],
        ];
    }
}
