<?php

declare(strict_types=1);

namespace App\Plants;

use App\Plants\Models\Plant;
use App\Plants\Models\PlantEvent;
use Illuminate\Support\Carbon;
use Zolbek\Core\Course\Days\PotStand;
use Zolbek\Core\Course\Days\Quarters;
use Zolbek\Core\Course\Days\SeasonPot;
use Zolbek\Core\Course\Water\Demand;
use Zolbek\Core\Place\Plant\Crown;
use Zolbek\Core\Place\Plant\GrowthStage;
use Zolbek\Core\Place\Setup\Setup;
use Zolbek\Core\Place\Setup\Situation;
use Zolbek\Core\Place\Site\Exposure;
use Zolbek\Core\Place\Weather\Date;

/** Plants of the collection as their days see them: pot and mix as they are by now, place and winter quarters, what was seen, how long ago roots were cut, what was found of their use. */
final class SeasonPots
{
    /** Days after which a ball is taken to be as wet as its mix. */
    public const BALL_UNSEEN_DAYS = 365;

    /** @var array<int, float|null> share of roots cut, by plant, of those that were potted lately */
    private array $cut = [];

    public function __construct(private readonly Outlook $outlook) {}

    /**
     * Null where nobody wrote down what it stands in, or where.
     *
     * @param Setup|null $setup of it, where it is known already
     * @param int        $years for how many it will be asked
     */
    public function of(Plant $plant, ?Setup $setup = null, int $years = 0, ?Carbon $now = null): ?SeasonPot
    {
        $setup ??= $this->outlook->setup($plant);
        $situation = $setup?->situation;
        if ($setup === null || $situation?->climate === null) {
            return null;
        }
        $age = floor(2.0 * (Outlook::years($plant, $now) ?? 0.0)) / 2.0;
        $ages = array_map(static fn(int $half): float => $age + $half / 2.0, range(0, max(0, 2 * $years - 1)));
        $demand = new Demand($setup, $situation, $situation->climate);
        $pot = SeasonPot::of($setup, $situation, $demand, $ages);

        return $pot->with(
            quarters: self::quarters($plant, $setup, $situation),
            phi: exp($plant->use_log ?? 0.0),
            seen: $plant->stage === null || $plant->stage_seen_on === null ? [] : [Date::number($plant->stage_seen_on->toDateString()) => GrowthStage::from($plant->stage)],
            potted: $this->potted($plant, $situation, $now ?? Carbon::now()),
        );
    }

    /** Where it is brought for the winter; null where it stays. */
    private static function quarters(Plant $plant, Setup $setup, Situation $situation): ?Quarters
    {
        if ($plant->quarters_from === null || $plant->quarters_to === null || $plant->quarters_from === $plant->quarters_to || $situation->climate === null) {
            return null;
        }
        $there = $situation->with(place: $situation->place->with(exposure: Exposure::from($plant->quarters_exposure), rainReaches: ! $plant->quarters_roofed));

        return new Quarters(Date::dayOfYear($plant->quarters_from), Date::dayOfYear($plant->quarters_to), PotStand::at($setup, $there, $situation->climate));
    }

    /** @return array{int, float}|null day on which roots were cut in the last weeks, and what was left of their uptake */
    private function potted(Plant $plant, Situation $situation, Carbon $now): ?array
    {
        if ($plant->potted_on === null || ! self::isFresh($plant, $now)) {
            return null;
        }
        $this->lookUp([$plant], $now);
        $cut = $this->cut[$plant->id] ?? null;

        return $cut === null ? null : [Date::number($plant->potted_on->toDateString()), (new Crown(leaf: $situation->plant->leaf, rootsCut: $cut))->recovery()];
    }

    /**
     * How much of their roots was cut, of those that were potted lately: asked once for all of them.
     *
     * @param iterable<Plant> $plants
     */
    public function lookUp(iterable $plants, Carbon $now): void
    {
        $ids = [];
        foreach ($plants as $plant) {
            if (! array_key_exists($plant->id, $this->cut) && self::isFresh($plant, $now)) {
                $ids[] = $plant->id;
                $this->cut[$plant->id] = null;
            }
        }
        if ($ids === []) {
            return;
        }
        $query = PlantEvent::query()->whereIn('plant_id', $ids)->where('kind', 'potted');
        $query->orderBy('happened_on');
        $query->orderBy('id');
        foreach ($query->get() as $event) {
            $this->cut[$event->plant_id] = $event->data->rootsCutShare();
        }
    }

    private static function isFresh(Plant $plant, Carbon $now): bool
    {
        return $plant->potted_on !== null && $plant->potted_on->diffInWeeks($now) < Crown::WEEKS_TO_RECOVER;
    }
}
