<?php

declare(strict_types=1);

namespace Zolbek\Core\Work\Aftercare;

use DateTimeImmutable;
use Zolbek\Core\Place\Climate\StormGust;
use Zolbek\Core\Place\Container\BallTreatment;
use Zolbek\Core\Place\Plant\PlantGroup;
use Zolbek\Core\Place\Plant\Purpose;
use Zolbek\Core\Place\Site\Exposure;
use Zolbek\Core\Work\Feeding\FeedingSchool;
use Zolbek\Core\Work\Inspection\Finding;
use Zolbek\Core\Work\Inspection\Health;

/** What was done to a plant on its potting day, as far as aftercare depends on it. */
final readonly class Done
{
    public const FIXINGS = ['wire', 'stones', 'none'];

    /**
     * @param list<Finding> $findings
     * @param float|null    $slowReleaseDays longevity of a charge in the mix
     * @param bool          $inLeaf          whether it has leaves that let water go
     * @param Exposure      $exposure        of the place where it stands in the end
     * @param float|null    $gustMs          that it stands as it is fixed, see Windthrow; null where that is not known
     * @param float         $lowerCm         by which the surface is lowered over the months that follow, to bring out roots
     * @param float         $stormMs         gust that is to be reckoned with where it stands, see StormGust
     * @param float|null    $intervalH       between two waterings, as worked out
     */
    public function __construct(
        public DateTimeImmutable $on,
        public PlantGroup $group,
        public float $rootsCut = 0.0,
        public BallTreatment $treatment = BallTreatment::Teased,
        public bool $inLeaf = false,
        public Health $health = Health::Well,
        public string $fixing = 'none',
        public int $stonesOffAfterDays = CarePlan::STONES_DAYS,
        public int $firstWaterAfterDays = 0,
        public ?float $slowReleaseDays = null,
        public FeedingSchool $feeding = FeedingSchool::None,
        public array $findings = [],
        public bool $sheltered = false,
        public Exposure $exposure = Exposure::FullSun,
        public Purpose $purpose = Purpose::GrowOn,
        public bool $hasMoss = false,
        public ?float $gustMs = null,
        public ?float $intervalH = null,
        public float $lowerCm = 0.0,
        public int $lowerMonths = 0,
        public float $stormMs = StormGust::GALE_MS,
    ) {}
}
