<?php

declare(strict_types=1);

namespace App\Plants;

use App\Plants\Models\MoistureCheck;
use Illuminate\Support\Carbon;
use Zolbek\Core\Course\Water\PotLitres;
use Zolbek\Core\Course\Water\StickLook;
use Zolbek\Core\Place\Setup\Setup;
use Zolbek\Core\Work\WaterRound\PotState;
use Zolbek\Core\Work\WaterRound\WaterReading;

/**
 * One pot from a watering on: what is thought to be in it, moved on by days and corrected by what is said. Where nothing was said for four times as long as its water
 * lasted, as far off as its use may be thought, it was watered without a word, and nobody knows when.
 */
final class PotReplay
{
    /** Nobody comes more often than that without saying so. */
    private const SHORTEST_DAYS = 0.5;

    private const LONGER = 3.0;

    public int $readings = 0;

    /** Days since something was said, before and after it began to be in want. */
    private float $easyDays = 0.0;
    private float $wantDays = 0.0;

    public function __construct(private readonly Setup $setup, private readonly PotLitres $litres, public PotState $state, public Carbon $wateredAt, public ?float $fullKg) {}

    /** @param float $demandL of the whole day, at phi = 1 */
    public function goesBy(float $demandL, float $share): void
    {
        $wanted = $demandL * $share * $this->state->phi();
        $above = max(0.0, $this->state->waterL - $this->litres->limitL);
        $easy = $share * ($wanted > 0.0 ? min(1.0, $above / $wanted) : ($above > 0.0 ? 1.0 : 0.0));
        $this->easyDays += $easy;
        $this->wantDays += $share - $easy;
        $this->state = $this->state->day($this->litres, $demandL, $share);
    }

    public function rains(float $litres): void
    {
        $this->state = $this->state->entering($this->litres, $litres);
        if ($this->state->waterL > $this->litres->limitL) {
            $this->wantDays = 0.0;
        }
    }

    public function isHeardOf(): bool
    {
        return $this->wantDays <= self::LONGER * max(self::SHORTEST_DAYS, $this->easyDays);
    }

    public function hears(MoistureCheck $check): void
    {
        if (! $this->isHeardOf()) {
            // anything may be in it; what is known of its use stays
            $easy = $this->litres->easyL();
            $this->state = $check->verdict === 'water' && $check->given_l === null
                ? PotState::full($this->litres, $this->state->logPhi, sqrt($this->state->varPhi))
                : new PotState($this->litres->limitL + 0.5 * $easy, $this->state->logPhi, (0.5 * $easy) ** 2, 0.0, $this->state->varPhi);
        } else {
            $said = self::says($this->setup, $this->litres, $check, $this->fullKg, $this->state->waterL);
            if ($said !== null) {
                ++$this->readings;
                $this->state = $this->state->reading($this->litres, $said);
            }
        }
        if ($check->verdict === 'water') {
            $this->state = $this->state->entering($this->litres, $check->given_l, $check->dunked);
            $this->wateredAt = $check->checked_at;
            $this->fullKg = $check->wet_kg ?? $this->fullKg;
        }
        $this->easyDays = $this->wantDays = 0.0;
    }

    /** What a look at the pot says of it; null where it says nothing, such as a round in which all are watered. */
    public static function says(Setup $setup, PotLitres $litres, MoistureCheck $check, ?float $fullKg, float $thoughtL): ?WaterReading
    {
        $look = $check->look === null ? null : StickLook::tryFrom($check->look);

        return match (true) {
            $check->method === 'weight' && $check->reading !== null && $fullKg !== null => WaterReading::weight($litres, $fullKg, $check->reading),
            $check->method === 'probe' && $check->reading !== null => WaterReading::probe($litres, $check->reading / 100.0),
            $look !== null && $check->depth_cm !== null => WaterReading::stick($setup, $litres, $look, $check->depth_cm),
            $check->method === 'round' || $check->verdict === 'look' => null,
            $check->verdict === 'water' => WaterReading::due($litres),
            default => WaterReading::waited($litres, $thoughtL),
        };
    }
}
