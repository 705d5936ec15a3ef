<?php

declare(strict_types=1);

namespace App\PottingDays;

use App\Plants\KeptSoil;
use App\Plants\PlantSituation;
use App\Plants\Standing;
use App\PottingDays\Models\DayPlant;
use Illuminate\Support\Carbon;
use Zolbek\Core\Course\Ageing\OldSoil;
use Zolbek\Core\Mix\Substrate\NurserySoil;
use Zolbek\Core\Mix\Substrate\Portion;
use Zolbek\Core\Mix\Substrate\Substrate;
use Zolbek\Core\Place\Plant\PlantGroup;

/** What the balls of a day are of, what of it is worked in or laid along a wall, and how much of it stood in the old pot. Those of plants that are alike are worked out once. */
final class OldSoils
{
    /** @var array<string, KeptSoil> by its word */
    private array $typical = [];

    /** @var array<string, KeptSoil> by the key of the entry */
    private array $soils = [];

    /** @var array<string, Portion> by the key of the soil */
    private array $portions = [];

    public function __construct(private readonly Carbon $on, private readonly PlantSituation $situations, private readonly Standing $standings, private readonly StoodBefore $before) {}

    /** @param string $key of the entry, see EntryKey */
    public function of(DayPlant $entry, string $key): KeptSoil
    {
        return $this->soils[$key] ??= $this->find($entry);
    }

    /** As it lies. */
    public function substrate(KeptSoil $soil): Substrate
    {
        return $this->standings->substrate($soil);
    }

    /** As it is worked into new mix. */
    public function portion(KeptSoil $soil): Portion
    {
        return $this->portions[$soil->key()] ??= OldSoil::portion($soil->blend(), $soil->years);
    }

    /** Litres that the pot held in which it stood; null where nobody wrote it down. */
    public function stoodL(DayPlant $entry): ?float
    {
        [$standing] = $this->before->entry($entry);
        if ($standing === null) {
            return null;
        }
        $pot = $standing->container();

        return $pot->volumeL(0.0, max(0.0, $pot->depthCm - $standing->headspaceCm - $standing->topDressingCm));
    }

    private function find(DayPlant $entry): KeptSoil
    {
        [$standing] = $this->before->entry($entry);
        $named = NurserySoil::tryFrom($entry->plan->ballSoil);
        if ($named !== null || $standing === null) {
            $named ??= NurserySoil::Unknown;

            return $this->typical[$named->value] ??= KeptSoil::typical($named);
        }

        return KeptSoil::stood(
            $standing,
            $this->before->years($entry, $this->on),
            $this->standings->setup($standing, PlantGroup::from($entry->plant->plant_group), $this->situations->of($entry->plant))->ageing,
        );
    }
}
