<?php

declare(strict_types=1);

namespace Zolbek\Core\Course\Days;

use Zolbek\Core\Course\Water\Demand;
use Zolbek\Core\Course\Water\PotLitres;
use Zolbek\Core\Place\Plant\Crown;
use Zolbek\Core\Place\Plant\GrowthStage;
use Zolbek\Core\Place\Plant\PlantGroup;
use Zolbek\Core\Place\Setup\Setup;
use Zolbek\Core\Place\Setup\Situation;

/**
 * A plant in a pot in its place, as its days see it.
 *
 * Source: the season model, section 2. Check: of a pot that nobody aged there is one entry of litres, and it serves every half-year.
 */
final readonly class SeasonPot
{
    /** Days for which a stage holds that was seen. */
    public const SEEN_HOLDS_DAYS = 30;

    /**
     * @param non-empty-list<PotLitres> $litres   from the first day on, by half-years
     * @param float                     $crownM2  canopy seen from above, which rain runs off
     * @param float                     $phi      what the plant is known to use over what is computed
     * @param array<int, GrowthStage>   $seen     by number of the day, see Date
     * @param array{int, float}|null    $potted   number of the day, and what its roots took up of it then, 0.2 to 1
     */
    public function __construct(
        public array $litres,
        public PlantGroup $group,
        public bool $evergreen,
        public float $crownM2,
        public PotStand $stand,
        public ?Quarters $quarters = null,
        public float $phi = 1.0,
        public array $seen = [],
        public ?array $potted = null,
    ) {}

    /**
     * @param list<float> $ages years of the mix at the beginning of each half-year
     */
    public static function of(Setup $setup, Situation $situation, Demand $demand, array $ages = [0.0], float $rainShare = 1.0): self
    {
        return new self(
            array_map(static fn(float $years): PotLitres => PotLitres::of($setup, $years), $ages === [] ? [0.0] : $ages),
            $setup->group,
            $situation->plant->evergreen,
            $demand->canopyM2,
            new PotStand($demand->use, $situation->place, $rainShare),
        );
    }

    /**
     * @param list<PotLitres>|null         $litres
     * @param array<int, GrowthStage>|null $seen
     * @param array{int, float}|null       $potted
     */
    public function with(?array $litres = null, ?PotStand $stand = null, ?Quarters $quarters = null, ?float $phi = null, ?array $seen = null, ?array $potted = null): self
    {
        return new self(
            $litres === null || $litres === [] ? $this->litres : $litres,
            $this->group,
            $this->evergreen,
            $this->crownM2,
            $stand ?? $this->stand,
            $quarters ?? $this->quarters,
            $phi ?? $this->phi,
            $seen ?? $this->seen,
            $potted ?? $this->potted,
        );
    }

    /** The litres of a day of the course, 0 the first. */
    public function litresOn(int $day): PotLitres
    {
        return $this->litres[min(count($this->litres) - 1, intdiv(2 * $day, 365))] ?? $this->litres[0];
    }

    /** Of what was potted so many days ago, share of what leaves want that roots take up. */
    public function recovery(int $dayNumber): float
    {
        if ($this->potted === null || $dayNumber < $this->potted[0]) {
            return 1.0;
        }

        return $this->potted[1] + (1.0 - $this->potted[1]) * min(1.0, ($dayNumber - $this->potted[0]) / (7.0 * Crown::WEEKS_TO_RECOVER));
    }

    /** @return array<int, GrowthStage> stages that were seen, each on the days of its thirty that come before the next one */
    public function seenByDay(): array
    {
        $seen = $this->seen;
        ksort($seen);
        $byDay = [];
        foreach ($seen as $from => $stage) {
            $byDay = array_filter($byDay, static fn(int $day): bool => $day < $from, ARRAY_FILTER_USE_KEY);
            for ($day = $from; $day < $from + self::SEEN_HOLDS_DAYS; ++$day) {
                $byDay[$day] = $stage;
            }
        }

        return $byDay;
    }
}
