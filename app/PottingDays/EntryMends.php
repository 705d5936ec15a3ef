<?php

declare(strict_types=1);

namespace App\PottingDays;

use App\Plants\PlantSituation;
use App\Plants\Standing;
use App\Pots\Models\Pot;
use App\PottingDays\Models\DayPlant;
use App\PottingDays\Models\PottingDay;
use App\Recipes\Models\Recipe;
use App\Recipes\Rinsed;
use Zolbek\Core\Verdict\Change\ChangeKind;
use Zolbek\Core\Verdict\Fit\Assessment;
use Zolbek\Core\Verdict\Fit\Level;
use Zolbek\Core\Verdict\Fit\Verdict;
use Zolbek\Core\Verdict\Mending\Remedy;
use Zolbek\Core\Work\PottingDay\DayPotNeeds;

/**
 * What would mend an entry there and then, each worked out in full: another free pot in which its ball fits, another mix of the yard, its own rinsed, no layer. Up to two, of
 * different kinds, that make it better by a word, or bring what is worst nearer to its band at the cost of nothing.
 */
final class EntryMends
{
    private const MOST = 2;

    /** How many pots and mixes are looked at, the nearest in litres and the newest first. */
    private const MOST_POTS = 12;
    private const MOST_MIXES = 12;

    /** Of those how many in full. */
    private const LIKELIEST = 3;

    private const NEARER = 0.05;

    public function __construct(private readonly PottingDay $day, private readonly PlantSituation $situations, private readonly Standing $standings) {}

    /** @return list<array<string, mixed>> schema EntryMend, best first */
    public function of(DayPlant $entry, DayPotNeeds $needs, Assessment $now): array
    {
        if ($now->verdicts[0]->level === Level::Good) {
            return [];
        }
        $found = array_filter([
            $this->best($now, 'other_pot', array_map(fn(Pot $pot): array => [$this->changed($entry, ['pot_id' => $pot->id])->setRelation('pot', $pot), ['pot_id' => $pot->id], $pot->name], $this->pots($entry, $needs))),
            $this->best($now, 'other_mix', array_map(fn(Recipe $recipe): array => [$this->changed($entry, ['recipe_id' => $recipe->id])->setRelation('recipe', $recipe), ['recipe_id' => $recipe->id], $recipe->name], $this->mixes($entry))),
            self::isRinsedFor($now->verdicts[0]) ? $this->best($now, 'rinse', $this->rinsed($entry)) : null,
            $entry->plan->layer === null ? null : $this->best($now, 'no_layer', [[$this->changed($entry, [], ['layer' => null]), ['layer' => null], null]]),
        ]);
        usort($found, static fn(array $a, array $b): int => $a['rank'] <=> $b['rank']);

        return array_map(static fn(array $mend): array => array_diff_key($mend, ['rank' => 0]), array_slice($found, 0, self::MOST));
    }

    /**
     * @param list<array{DayPlant, array<string, mixed>, string|null}> $candidates it with something changed, what was, and what that is called
     *
     * @return array<string, mixed>|null
     */
    private function best(Assessment $now, string $kind, array $candidates): ?array
    {
        $likely = [];
        foreach ($candidates as [$candidate, $changes, $name]) {
            $needs = $this->needs($candidate);
            if ($needs !== null) {
                $then = new Assessment($needs->share->setup, withYears: false);
                $likely[] = [self::rank($candidate, $then), $candidate, $needs, ['kind' => $kind, 'name' => $name, 'changes' => $changes]];
            }
        }
        usort($likely, static fn(array $a, array $b): int => $a[0] <=> $b[0]);
        $best = null;
        foreach (array_slice($likely, 0, self::LIKELIEST) as [, $candidate, $needs, $what]) {
            $then = new Assessment($needs->share->setup);
            $rank = self::rank($candidate, $then);
            if (self::isBetter($now, $then) && ($best === null || $rank < $best['rank'])) {
                $best = ['rank' => $rank, ...$what, ...self::figures($then, $now)];
            }
        }

        return $best;
    }

    /** @return array{int, int, float} best first; of mixes that are as good by a word, one that is meant for such plants */
    private static function rank(DayPlant $candidate, Assessment $then): array
    {
        return [$then->rating->rank(), $candidate->recipe->plant_group === $candidate->plant->plant_group ? 0 : 1, -$then->fit];
    }

    private static function isBetter(Assessment $now, Assessment $then): bool
    {
        if ($then->rating->rank() !== $now->rating->rank()) {
            return $then->rating->rank() < $now->rating->rank();
        }
        $worst = $now->verdicts[0];
        $after = $then->find($worst->criterion);

        return $then->fit > $now->fit && $after !== null && $worst->marginsOutside - $after->marginsOutside >= self::NEARER && self::worsens($now, $then) === [];
    }

    /** @return array<string, mixed> */
    private static function figures(Assessment $then, Assessment $now): array
    {
        $worst = $now->verdicts[0]->criterion;

        return ['criterion' => $worst->value, 'value' => $then->find($worst)?->value, 'rating' => $then->rating->value, 'fit' => $then->fit, 'worsens' => self::worsens($now, $then)];
    }

    /** @return list<string> criteria beside the worst that leave their band, or move further out of it */
    private static function worsens(Assessment $now, Assessment $then): array
    {
        $worse = array_filter(array_slice($now->verdicts, 1), static fn(Verdict $verdict): bool => ($then->find($verdict->criterion)->marginsOutside ?? 0.0) > $verdict->marginsOutside + self::NEARER);

        return array_values(array_map(static fn(Verdict $verdict): string => $verdict->criterion->value, $worse));
    }

    /** What it takes so; null where it cannot be done or its ball does not fit. */
    private function needs(DayPlant $candidate): ?DayPotNeeds
    {
        $needs = Assembly::ofOne($this->day, $candidate, $this->situations, $this->standings)->sums->pots[$candidate->id] ?? null;

        return $needs === null || EntryFit::of($candidate, $needs)?->fits() === false ? null : $needs;
    }

    /**
     * @param array<string, int>   $own
     * @param array<string, mixed> $plan
     */
    private function changed(DayPlant $entry, array $own, array $plan = []): DayPlant
    {
        $changed = clone $entry;
        $changed->fill($own);
        $changed->plan = $entry->plan->with($plan);

        return $changed;
    }

    /** @return list<Pot> that are free, nearest in litres first */
    private function pots(DayPlant $entry, DayPotNeeds $needs): array
    {
        $free = array_filter(FreePots::near($entry, $needs->pot->setup->zone->volumeL), static fn(array $each): bool => $each[0]->id !== $entry->pot_id && $each[1] >= $entry->count);

        return array_slice(array_column($free, 0), 0, self::MOST_POTS);
    }

    /** Whether rinsing is what anybody would do for it. */
    private static function isRinsedFor(Verdict $worst): bool
    {
        return Remedy::rank($worst->criterion, ChangeKind::Rinse, $worst->value !== null && $worst->value < $worst->band->low) !== null;
    }

    /** @return list<array{DayPlant, array<string, mixed>, string}> it in its own mix, of which one component is rinsed */
    private function rinsed(DayPlant $entry): array
    {
        return array_map(fn(array $way): array => [
            $this->changed($entry, [])->setRelation('recipe', Rinsed::asIf($entry->recipe, ...$way)),
            ['rinse' => ['component_id' => $way[0]->component_id, 'mm' => $way[1]]],
            $way[0]->component->name,
        ], Rinsed::ways($entry->recipe));
    }

    /** @return list<Recipe> for plants of its group first, then those of the day */
    private function mixes(DayPlant $entry): array
    {
        $query = Recipe::query();
        $query->whereNull('archived_at')->where('id', '!=', $entry->recipe_id);
        $query->orderByRaw('plant_group = ? desc', [$entry->plant->plant_group])->orderByDesc('id')->limit(self::MOST_MIXES);

        return array_values($query->with('parts.component')->get()->all());
    }
}
