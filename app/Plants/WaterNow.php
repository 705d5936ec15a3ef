<?php

declare(strict_types=1);

namespace App\Plants;

use Illuminate\Support\Carbon;
use Zolbek\Core\Course\Days\SeasonPot;
use Zolbek\Core\Course\Water\PotLitres;
use Zolbek\Core\Place\Setup\Setup;
use Zolbek\Core\Work\WaterRound\HoursLeft;
use Zolbek\Core\Work\WaterRound\PotState;

/** What is thought to be in a plant's pot at a moment, and what it will want. */
final readonly class WaterNow
{
    public PotLitres $litres;

    /** Hours until it begins to suffer, without rain; null where that is further off than is looked. */
    public ?float $leftH;

    /** Hours that a watering lasts in the days to come, of a pot that was due; null where that is further off than is looked. */
    public ?float $lastsH;

    /** The same with what is computed of its use. */
    public ?float $plainH;

    /**
     * @param PotState|null $state   null where nobody ever said when it was watered
     * @param float         $logPhi  what is known of its use over what is computed, as a logarithm
     * @param list<float>   $demands L of each of the next days, the first from now, at phi = 1
     * @param float|null    $fullKg  what it weighed when it had drained after its last thorough watering
     * @param int           $filled  days since its last watering whose weather nobody measured
     */
    public function __construct(
        public Setup $setup,
        public SeasonPot $pot,
        public ?PotState $state,
        public float $logPhi,
        public array $demands,
        public ?Carbon $wateredAt,
        public ?float $fullKg,
        public int $readings,
        public int $filled,
    ) {
        $this->litres = $pot->litres[0];
        $phi = exp($logPhi);
        $wanted = array_map(static fn(float $demand): float => $demand * $phi, $demands);
        $watered = $this->litres->limitL + $this->litres->restoresL($this->litres->limitL);
        $this->leftH = $state === null ? null : HoursLeft::of($this->litres, $state->waterL, $wanted);
        $this->lastsH = HoursLeft::of($this->litres, $watered, $wanted);
        $this->plainH = HoursLeft::of($this->litres, $watered, $demands);
    }

    /** Litres that a thorough watering takes now; of one that nobody knows, as if it were due. */
    public function roundL(): float
    {
        return $this->litres->roundL($this->state->waterL ?? $this->litres->limitL);
    }

    public function isDoubtful(): bool
    {
        return $this->state === null || $this->state->isDoubtful($this->litres);
    }
}
