<?php

declare(strict_types=1);

namespace App\Plants;

use App\Plants\Models\Plant;
use Zolbek\Core\Course\Ageing\Forecast;
use Zolbek\Core\Place\Container\RunThrough;

/** What the model says of plants in what they stand or stood in: the same for those that are alike, and for so many different ones at most, so that no page waits for long. */
final class StoodFigures
{
    private const MOST = 60;

    /** @var array<string, array{years: float|null, seconds: float|null}> by what stands in what */
    private array $known = [];

    public function __construct(private readonly Outlook $outlook) {}

    /** @return array{years: float|null, seconds: float|null}|null years until it fails, null beyond the horizon; seconds until water has run through; nothing where it is one too many */
    public function of(Plant $plant, StandsIn $in): ?array
    {
        $key = implode('|', [$in->recipeId, $in->recipeVersion, $in->pot['id'], $plant->plant_group, $plant->site_id, $plant->exposure]);
        if (! isset($this->known[$key]) && count($this->known) < self::MOST) {
            $setup = $this->outlook->setupIn($plant, $in);
            $this->known[$key] = ['years' => Forecast::failure($setup), 'seconds' => (new RunThrough($setup->zone, $setup->substrate, $setup->holes))->seconds];
        }

        return $this->known[$key] ?? null;
    }
}
