<?php

declare(strict_types=1);

namespace Zolbek\Core\Verdict\Calibration;

use Zolbek\Core\Mix\Material\MaterialKind;
use Zolbek\Core\Mix\Material\StandardUncertainty;
use Zolbek\Core\Place\Setup\ModelConstants;

/**
 * What a yard's own tests say the model is off by: a factor each, 1 where nothing is known.
 *
 *     capillary  of the median head;  compaction  of the index, as a shift of 7 (f - 1);  use  of the canopy that drinks;  crumbling  of the pace of ageing;  inner water  of each kind
 *     priors, standard deviation of ln f: capillary 0.25, compaction 1/7, use 0.30, crumbling ln 2, inner water what a typical figure of the kind is uncertain by
 *
 * Source: model revision (g), whose errors are the priors. Check: a capillary factor of 0.8 and a compaction of 1.1 are a head of 0.8 and a shift of 0.7.
 */
final readonly class Factors
{
    public const CAPILLARY = 'capillary';
    public const COMPACTION = 'compaction';
    public const USE = 'use';
    public const CRUMBLING = 'crumbling';

    /** Before the kind of a material. */
    public const INNER_WATER = 'inner_water:';

    /** Compaction index of a mix as it usually settles, about which its factor turns. */
    private const USUAL_INDEX = 7.0;

    /** @param array<string, float> $of factors by name, those that are 1 left out */
    public function __construct(public array $of = []) {}

    /** Standard deviation of the logarithm of a factor before anything is measured. */
    public static function prior(string $name): float
    {
        return match ($name) {
            self::CAPILLARY => 0.25,
            self::COMPACTION => 1.0 / self::USUAL_INDEX,
            self::USE => 0.30,
            self::CRUMBLING => M_LN2,
            default => StandardUncertainty::typicalShare(MaterialKind::tryFrom(substr($name, strlen(self::INNER_WATER)))),
        };
    }

    /** What is left of the uncertainty that a factor had before, of 1. */
    public static function left(string $name, float $spread): float
    {
        return min(1.0, $spread / self::prior($name));
    }

    /** @return list<string> every factor that there is */
    public static function names(): array
    {
        return [self::CAPILLARY, self::COMPACTION, self::USE, self::CRUMBLING, ...array_map(static fn(MaterialKind $kind): string => self::INNER_WATER.$kind->value, MaterialKind::cases())];
    }

    public function factor(string $name): float
    {
        return $this->of[$name] ?? 1.0;
    }

    public function innerWater(MaterialKind $kind): float
    {
        return $this->factor(self::INNER_WATER.$kind->value);
    }

    /**
     * The constants of the model with them.
     *
     * @param array<string, float> $left what is left of the model's own uncertainty, by what is uncertain, see ModelError
     */
    public function constants(array $left = []): ModelConstants
    {
        return new ModelConstants(
            head: $this->factor(self::CAPILLARY),
            compaction: self::USUAL_INDEX * ($this->factor(self::COMPACTION) - 1.0),
            canopy: $this->factor(self::USE),
            ageing: $this->factor(self::CRUMBLING),
            left: $left,
        );
    }
}
