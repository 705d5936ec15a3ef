<?php

declare(strict_types=1);

namespace Zolbek\Core\Work\WaterRound;

use Zolbek\Core\Course\Water\PotLitres;
use Zolbek\Core\Course\Water\StickLook;
use Zolbek\Core\Place\Setup\Setup;

/**
 * What somebody or something says of the water in a pot: litres z, and how sure that is.
 *
 *     weight    z = W(0) - (full - kg)/0.998        R = 2 (0.01 + 0.005 kg)^2 + (0.03 (W(0) - Wx))^2
 *     probe     z = theta V                         R = (0.05 V)^2
 *     stick     z = (low + high)/2                  R = (high - low)^2/12 + (0.05 (W(0) - Wx))^2
 *     due       z = W(limit) + 0.2 (W(0) - W(limit))                     R = (0.25 (W(0) - W(limit)))^2        "watered, it was due"
 *     waited    z = max(W, W(limit) + 0.5 (W(0) - W(limit)))             R as due                              W what was predicted
 *
 * Litres, kg; full is the weight of the same pot after its last thorough watering. Source: the season model, section 5; variances judged. Check: W(0) 1, W(limit) 0.6,
 * Wx 0.2: 2.55 kg of a pot of 3.2 kg are 0.348697395 L, R 0.001611125.
 */
final readonly class WaterReading
{
    private const WATER_KG_L = 0.998;

    private function __construct(public float $waterL, public float $variance) {}

    public static function weight(PotLitres $pot, float $fullKg, float $kg): self
    {
        return new self($pot->fullL - ($fullKg - $kg) / self::WATER_KG_L, 2.0 * (0.01 + 0.005 * $kg) ** 2 + (0.03 * ($pot->fullL - $pot->lockedL)) ** 2);
    }

    /** @param float $theta water by volume, 0..1 */
    public static function probe(PotLitres $pot, float $theta): self
    {
        return new self($theta * $pot->volumeL, (0.05 * $pot->volumeL) ** 2);
    }

    /** Litres between which a stick's look says that it lies. */
    public static function between(PotLitres $pot, float $lowL, float $highL): self
    {
        return new self(($lowL + $highL) / 2.0, ($highL - $lowL) ** 2 / 12.0 + (0.05 * ($pot->fullL - $pot->lockedL)) ** 2);
    }

    /**
     * A stick that was pushed in so deep.
     *
     * @param float $depthCm below the surface
     */
    public static function stick(Setup $setup, PotLitres $pot, StickLook $look, float $depthCm): self
    {
        $z = max($setup->zone->bottomCm, $setup->zone->topCm - $depthCm);
        $here = $setup->zone->suctionCm($z);
        [$from, $to] = $look->between($setup->targets()->tensionLimitCm);
        $litres = static fn(float $suction): float => min($pot->fullL, $setup->waterL(max(0.0, $suction - $here)));
        $low = is_finite($to) ? $litres($to) : $pot->lockedL;

        return self::between($pot, max($pot->lockedL, $low), $look === StickLook::Wet ? $pot->fullL : $litres($from));
    }

    public static function due(PotLitres $pot): self
    {
        return new self($pot->limitL + 0.2 * $pot->easyL(), (0.25 * $pot->easyL()) ** 2);
    }

    public static function waited(PotLitres $pot, float $predictedL): self
    {
        return new self(max($predictedL, $pot->limitL + 0.5 * $pot->easyL()), (0.25 * $pot->easyL()) ** 2);
    }
}
