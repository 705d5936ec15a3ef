<?php

declare(strict_types=1);

namespace App\Outcomes;

use App\Plants\Models\Plant;
use App\Plants\Outlook;
use App\Plants\StandsIn;
use Illuminate\Support\Carbon;
use Zolbek\Core\Basis\Statistics\Slope;
use Zolbek\Core\Work\Outcome\Survival;

/** A plant in a version of a recipe, from the day it was potted to the day it was potted again, died or left; and what came of it. */
final readonly class Stay
{
    /**
     * @param string|null                                     $endedBy  repotted, died or given_away; null where it still stands there
     * @param list<string>|null                               $findings at the roots when somebody looked next; null where nobody did
     * @param list<array{on: string, text: string}>           $complaints
     */
    public function __construct(
        public Plant $plant,
        public StandsIn $in,
        public Carbon $from,
        public ?Carbon $until,
        public ?string $endedBy,
        public string $place,
        public string $person,
        public Survival $survival,
        public ?array $findings,
        public ?float $runThroughS,
        public array $complaints,
        public ?Slope $trunk,
    ) {}

    public function isNow(): bool
    {
        return $this->endedBy === null;
    }

    public function depthCm(): float
    {
        return $this->in->container()->depthCm;
    }

    /** Years that it stood there, or has stood there so far. */
    public function years(): float
    {
        return Outlook::yearsFrom($this->from, $this->until ?? Carbon::today());
    }
}
