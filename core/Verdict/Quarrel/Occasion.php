<?php

declare(strict_types=1);

namespace Zolbek\Core\Verdict\Quarrel;

use Zolbek\Core\Mix\Material\Material;
use Zolbek\Core\Place\Plant\GrowthStage;
use Zolbek\Core\Place\Plant\Purpose;
use Zolbek\Core\Place\Setup\Setup;
use Zolbek\Core\Place\Setup\Situation;
use Zolbek\Core\Verdict\Fit\Assessment;

/** A mix in its pot as it was judged, and what the other schools would bring to it. */
final readonly class Occasion
{
    public Setup $setup;

    /** @param array<string, Material> $standIns by the name that Quarrels::STAND_INS has for them */
    public function __construct(public Assessment $now, public Situation $situation, public array $standIns, public ?Purpose $purpose = null, public ?GrowthStage $stage = null)
    {
        $this->setup = $now->setup;
    }
}
