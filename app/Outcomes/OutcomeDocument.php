<?php

declare(strict_types=1);

namespace App\Outcomes;

use Zolbek\Core\Basis\Statistics\ShareDifference;
use Zolbek\Core\Basis\Statistics\Wilson;
use Zolbek\Core\Work\Outcome\WhatElseDiffered;

/** How a mix turned out, alone or beside another one: schema MixOutcome of the API. */
final readonly class OutcomeDocument
{
    private const MOST_PLANTS = 200;

    public function __construct(private OutcomeSums $sums) {}

    /** @return array<string, mixed> */
    public function of(OutcomeQuestion $asked): array
    {
        $all = Stays::of($asked->recipe->id);
        $stays = $asked->keep($all);
        $beside = $asked->beside === null ? null : $asked->keep(Stays::of($asked->beside->id), isBeside: true);
        $under = [];
        foreach ($stays as $stay) {
            $under[$asked->under($stay)][] = $stay;
        }
        ksort($under, SORT_NATURAL);

        return [
            'recipe' => ['id' => $asked->recipe->id, 'name' => $asked->recipe->name],
            'sums' => $this->sums->of($stays),
            'by' => array_map(fn(string|int $word, array $some): array => ['word' => (string) $word, 'sums' => $this->sums->of($some)], array_keys($under), $under),
            'choices' => self::choices($all),
            'plants' => array_map(fn(Stay $stay): array => $this->row($stay), array_slice($stays, 0, self::MOST_PLANTS)),
            'left_out' => max(0, count($stays) - self::MOST_PLANTS),
            'beside' => $asked->beside === null || $beside === null ? null : [
                'recipe' => ['id' => $asked->beside->id, 'name' => $asked->beside->name],
                'sums' => $this->sums->of($beside),
                'differences' => self::differences($stays, $beside),
                'otherwise' => WhatElseDiffered::between(array_map(self::attributes(...), $stays), array_map(self::attributes(...), $beside)),
                'alike' => self::alike($stays, $beside),
            ],
        ];
    }

    /** @return array<string, mixed> schema OutcomePlant */
    public function row(Stay $stay): array
    {
        return [
            'plant_id' => $stay->plant->id, 'number' => $stay->plant->number, 'name' => $stay->plant->name, 'species' => $stay->plant->species?->name, 'place' => $stay->place, 'version' => $stay->in->recipeVersion,
            'pot' => $stay->in->pot['name'], 'depth_cm' => $stay->depthCm(), 'from' => $stay->from->toDateString(), 'until' => $stay->until?->toDateString(), 'ended_by' => $stay->endedBy, 'years' => $stay->years(),
            'forecast_years' => $this->sums->forecast($stay), 'six_weeks' => $stay->survival->sixWeeks, 'year' => $stay->survival->year, 'trunk_mm_year' => $stay->trunk?->perYear, 'trunk_error' => $stay->trunk?->error, 'run_through_s' => $stay->runThroughS,
            'findings' => $stay->findings ?? [],
        ];
    }

    /**
     * @param list<Stay> $all
     *
     * @return array<string, mixed> what can be asked for
     */
    private static function choices(array $all): array
    {
        $species = [];
        foreach ($all as $stay) {
            if ($stay->plant->species !== null) {
                $species[$stay->plant->species->id] = ['id' => $stay->plant->species->id, 'name' => $stay->plant->species->name];
            }
        }
        $each = static function (callable $of) use ($all): array {
            $words = array_values(array_unique(array_map($of, $all)));
            sort($words);

            return array_values(array_filter($words, static fn(mixed $word): bool => $word !== ''));
        };

        return [
            'versions' => $each(static fn(Stay $stay): int => $stay->in->recipeVersion), 'species' => array_values($species), 'places' => $each(static fn(Stay $stay): string => $stay->place),
            'years' => $each(static fn(Stay $stay): int => $stay->from->year), 'depths' => $each(OutcomeQuestion::depth(...)),
        ];
    }

    /** @return array<string, string|float|null> what is set beside that of other plants */
    private static function attributes(Stay $stay): array
    {
        return [
            'species' => $stay->plant->species?->name, 'place' => $stay->place, 'exposure' => $stay->plant->exposure, 'pot' => $stay->in->pot['name'], 'person' => $stay->person,
            'depth_cm' => $stay->depthCm(), 'year' => (float) $stay->from->year, 'trunk_mm' => $stay->plant->trunk_mm,
        ];
    }

    /**
     * @param list<Stay> $one
     * @param list<Stay> $other
     *
     * @return list<array<string, mixed>>
     */
    private static function differences(array $one, array $other): array
    {
        $rows = [];
        foreach (['took' => self::tookOf(...), 'died_year' => self::diedOf(...)] as $what => $of) {
            [$a, $b] = [$of($one), $of($other)];
            if ($a !== null && $b !== null) {
                $found = new ShareDifference($a, $b);
                $rows[] = ['what' => $what, 'difference' => $found->difference, 'low' => $found->low, 'high' => $found->high, 'told' => $found->isTold()];
            }
        }

        return $rows;
    }

    /** @param list<Stay> $stays */
    private static function tookOf(array $stays): ?Wilson
    {
        $looked = array_filter($stays, static fn(Stay $stay): bool => $stay->survival->sixWeeks !== null);

        return $looked === [] ? null : new Wilson(count(array_filter($looked, static fn(Stay $stay): bool => $stay->survival->sixWeeks === 'took')), count($looked));
    }

    /** @param list<Stay> $stays */
    private static function diedOf(array $stays): ?Wilson
    {
        $known = array_filter($stays, static fn(Stay $stay): bool => $stay->survival->year !== null);

        return $known === [] ? null : new Wilson(count(array_filter($known, static fn(Stay $stay): bool => $stay->survival->year === 'died')), count($known));
    }

    /**
     * The same, of plants of one kind at one place alone, where both mixes have some.
     *
     * @param list<Stay> $one
     * @param list<Stay> $other
     *
     * @return list<array<string, mixed>>
     */
    private static function alike(array $one, array $other): array
    {
        $group = static function (array $stays): array {
            $groups = [];
            foreach ($stays as $stay) {
                $groups[($stay->plant->species->name ?? '').'|'.$stay->place][] = $stay;
            }

            return $groups;
        };
        [$a, $b] = [$group($one), $group($other)];
        $rows = [];
        foreach (array_intersect_key($a, $b) as $key => $some) {
            [$species, $place] = explode('|', $key, 2);
            [$took, $there] = [self::tookOf($some), self::tookOf($b[$key])];
            if ($took !== null && $there !== null) {
                $rows[] = ['species' => $species, 'place' => $place, 'one' => OutcomeSums::share($took->hits, $took->cases), 'other' => OutcomeSums::share($there->hits, $there->cases)];
            }
        }

        return $rows;
    }
}
