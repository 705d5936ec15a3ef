<?php

declare(strict_types=1);

namespace Zolbek\Core\Place\Setup;

use Zolbek\Core\Place\Climate\StormGust;
use Zolbek\Core\Place\Container\Container;
use Zolbek\Core\Place\Container\PotShape;
use Zolbek\Core\Place\Container\Toppling;
use Zolbek\Core\Place\Site\Wind;

/**
 * The gusts that a plant in its pot stands, m/s, tied in and held by nothing or by stones, beside the gust that is to be reckoned with where it stands.
 *
 * Tied in, all of it stands on the foot of the pot, nearly dry with 0.7 of its easy water gone; a bowl stands on no more than it is wide a tenth up. Held by nothing, plant and
 * ball stand on the foot of the ball. Source: see Toppling and StormGust; the shares are starting figures. Check: its gusts are those of Toppling with the same weights.
 */
final readonly class Windthrow
{
    /** Of its water, what is gone when it is watered late. */
    private const DRIED = 0.7;

    /** Of its depth, where a bowl is as wide as its foot. */
    private const FOOT_AT = 0.1;

    public float $wetMs;
    public float $dryMs;

    /** Null where there is no ball to stand on. */
    public ?float $looseMs;
    public ?float $stonesMs;

    /** To be reckoned with there. */
    public float $stormMs;

    /** Kilograms at its foot that it lacks to stand that, nearly dry. */
    public float $lacksKg;

    /**
     * @param float $heightCm of the plant over its collar, above 0
     * @param float $canopyCm breadth of its crown, above 0
     * @param float $collarCm over what the pot stands on
     * @param float $wetKg    all of it after watering
     */
    public function __construct(Setup $setup, float $heightCm, float $canopyCm, float $collarCm, float $wetKg)
    {
        $tied = new Toppling($heightCm, $canopyCm, $collarCm, self::footCm($setup->pot));
        $dryKg = $wetKg - self::DRIED * $setup->waterL(0.0);
        $this->stormMs = StormGust::ms($setup->situation?->climate, $setup->situation->place->wind ?? Wind::Usual);
        $this->wetMs = $tied->gustMs($wetKg);
        $this->dryMs = $tied->gustMs($dryKg);
        $this->lacksKg = $tied->lacksKg($dryKg, $this->stormMs);
        $filling = $setup->filling;
        $ball = $filling?->ball;
        if ($filling === null || $ball === null) {
            $this->looseMs = $this->stonesMs = null;

            return;
        }
        $loose = new Toppling($heightCm, $canopyCm, $ball->heightCm, min($ball->lengthCm, $ball->widthCm));
        $looseKg = $setup->treeWeightKg + (1.0 - $ball->gapShare()) * $filling->ballL * $ball->substrate->bulkDensity + $filling->waterOf()[1];
        $this->looseMs = $loose->gustMs($looseKg);
        $this->stonesMs = $loose->gustMs($looseKg + Toppling::STONES_SHARE * $wetKg);
    }

    /** What holds it in the end: none, stones or wire. */
    public function least(): string
    {
        return match (true) {
            $this->looseMs !== null && $this->looseMs >= $this->stormMs => 'none',
            $this->stonesMs !== null && $this->stonesMs >= $this->stormMs => 'stones',
            default => 'wire',
        };
    }

    private static function footCm(Container $pot): float
    {
        $z = $pot->shape === PotShape::Bowl ? self::FOOT_AT * $pot->depthCm : 0.0;

        return min($pot->widthCm($z), $pot->breadthCm($z));
    }
}
