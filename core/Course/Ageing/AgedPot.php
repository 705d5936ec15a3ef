<?php

declare(strict_types=1);

namespace Zolbek\Core\Course\Ageing;

use Zolbek\Core\Mix\Substrate\Substrate;
use Zolbek\Core\Place\Container\RootZone;
use Zolbek\Core\Place\Container\RunThrough;
use Zolbek\Core\Place\Plant\RootVigour;
use Zolbek\Core\Place\Setup\Setup;

/**
 * A pot after so many years, taken as topped up to its level: the mix and its drainage layer aged, roots in what was air and free water.
 *
 *     air(t) = a max(0, 1 - r(t)/(a + w))      a = theta(0) - mean theta, w = eps mean S over the root zone, r roots (see RootVigour)
 *     level drop = (1 - yield(t)/yield(0)) H   as if never topped up
 *     reserve g = min((air - f)/(low - f), (345 s - run-through)/300),  f = 2/3 of the low end of the plant's band
 *
 * It fails its plant where g is not above 0: where air has fallen to two thirds of the least that the plant wants, or 2 cm of water take 345 s, four margins
 * beyond what is free. Without an outlet it has no reserve. Source: model section 8, revision (b), (h). Check: even clay, pumice and lava in an oval tray on a
 * hill after one year: air 0.1746108658 without roots, 0.1627483334 with.
 */
final readonly class AgedPot
{
    /** Share of the low end of the air band at which a plant fails. */
    private const FAILS_AT = 2.0 / 3.0;
    private const FAILS_RUN_THROUGH_S = 345.0;
    private const RUN_THROUGH_SPAN_S = 300.0;

    public float $air;
    public float $airWithoutRoots;
    public ?float $runThroughS;
    public float $levelDropCm;
    public Substrate $substrate;

    /** g. */
    public float $reserve;

    private RootZone $zone;

    public function __construct(Setup $setup, public float $years)
    {
        $this->substrate = $setup->substrateAfter($years);
        $zone = $this->zone = $setup->zoneAfter($years);
        $retention = $this->substrate->retention;
        $waterL = $zone->waterL($retention);
        $air = $retention->saturated - $waterL / $zone->volumeL;
        $roots = ($setup->situation->vigour ?? RootVigour::Middling)->share($years);
        $this->airWithoutRoots = $air;
        $this->air = $roots <= 0.0 ? $air : $air * max(0.0, 1.0 - $roots / ($air + $zone->freeWaterL($retention) / $zone->volumeL));
        $seconds = (new RunThrough($zone, $this->substrate, $setup->holes, $setup->holeCover))->seconds;
        $this->runThroughS = $seconds === null ? null : $seconds * $setup->model->runThrough;
        $this->levelDropCm = max(0.0, 1.0 - $this->substrate->yield / $setup->substrate->yield) * ($zone->topCm - $zone->bottomCm);
        $low = $setup->targets()->air->low;
        $fails = self::failsBelow($low);
        $this->reserve = min(
            ($this->air - $fails) / ($low - $fails),
            $this->runThroughS === null ? -1.0 : (self::FAILS_RUN_THROUGH_S - $this->runThroughS) / self::RUN_THROUGH_SPAN_S,
        );
    }

    /** Litres given up from 0 to 50 cm. */
    public function easyL(): float
    {
        return $this->zone->waterL($this->substrate->retention) - $this->zone->waterL($this->substrate->retention, 50.0);
    }

    public function fails(): bool
    {
        return $this->reserve <= 0.0;
    }

    /** Air at which a plant fails that wants at least so much. */
    public static function failsBelow(float $lowAir): float
    {
        return self::FAILS_AT * $lowAir;
    }
}
