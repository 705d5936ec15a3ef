<?php

declare(strict_types=1);

namespace App\Search;

use App\Plants\Models\Plant;
use App\Plants\PlantSituation;
use App\Recipes\Models\Recipe;
use App\Recipes\RecipePortions;
use App\Shelf\Models\Component;
use Zolbek\Core\Mix\Material\Material;
use Zolbek\Core\Verdict\Fit\Assessment;
use Zolbek\Core\Verdict\Fit\Verdict;
use Zolbek\Core\Verdict\Uncertainty\Propagation;
use Zolbek\Core\Work\BenchTest\Settles;
use Zolbek\Core\Work\BenchTest\TestKind;

/**
 * Which single bench test would settle most verdicts of the recipes in use: those that may as well be on another level now, and could not be once it was done.
 * A recipe is looked at where plants stand in it, each pot and place of them once. Schema NextTests of the API.
 */
final class NextTests
{
    private const MOST_PLANTS = 500;
    private const MOST_RECIPES = 12;
    private const MOST_PLACES = 2;
    private const TOLD = 5;

    private int $open = 0;

    /** @var array<string, array{subject: Component|Recipe, kind: TestKind, settles: int, narrows: float, recipes: array<string, true>}> */
    private array $tests = [];

    public function __construct(private readonly PlantSituation $situations) {}

    /** @return array{open: int, recipes: int, data: list<array<string, mixed>>} */
    public function document(): array
    {
        $query = Plant::query()->whereNotNull('recipe_id')->whereNotNull('pot_id');
        $query->whereNull('archived_at')->orderByDesc('id')->limit(self::MOST_PLANTS);
        $recipes = Plant::query()->with(['species', 'site', 'pot'])->findMany($query->pluck('id')->all())->sortByDesc('id')->groupBy('recipe_id')->take(self::MOST_RECIPES);
        $known = Recipe::query()->with('parts.component')->findMany($recipes->keys()->all())->keyBy('id');
        foreach ($recipes as $id => $plants) {
            $recipe = $known[$id] ?? throw new \LogicException('A plant stands in a recipe that there is.');
            foreach ($plants->unique(static fn(Plant $plant): string => $plant->pot_id.'|'.$plant->plant_group.'|'.$plant->site_id)->take(self::MOST_PLACES) as $plant) {
                $this->look($recipe, $plant);
            }
        }
        $tests = array_values($this->tests);
        usort($tests, static fn(array $a, array $b): int => [$b['settles'], $b['narrows']] <=> [$a['settles'], $a['narrows']]);

        $open = max(1, $this->open);

        return [
            'open' => $this->open,
            'recipes' => $known->count(),
            'data' => array_map(static fn(array $test): array => [
                'component_id' => $test['subject'] instanceof Component ? $test['subject']->id : null, 'recipe_id' => $test['subject'] instanceof Recipe ? $test['subject']->id : null, 'name' => $test['subject']->name, 'kind' => $test['kind']->value,
                'minutes' => $test['kind']->plan()->minutes, 'wait_minutes' => $test['kind']->plan()->waitMinutes, 'tools' => $test['kind']->plan()->tools,
                'settles' => $test['settles'], 'narrows' => $test['narrows'] / $open, 'recipes' => array_keys($test['recipes']),
            ], array_slice($tests, 0, self::TOLD)),
        ];
    }

    private function look(Recipe $recipe, Plant $plant): void
    {
        $pot = $plant->pot;
        if ($pot === null) {
            return;
        }
        $records = [];
        foreach ($recipe->parts as $part) {
            $records[$part->component->key] = $part->component;
        }
        $bases = static fn(Material $material): array => ($records[$material->key] ?? null)?->bases() ?? [];
        $assessment = new Assessment($this->situations->setup($plant, $pot, RecipePortions::of($recipe)), withYears: false);
        $sure = new Propagation($assessment->setup, $bases);
        $open = array_values(array_filter($assessment->verdicts, static fn(Verdict $verdict): bool => $verdict->criterion->noteWeight() === null && $verdict->isClose($sure->ofCriterion($verdict->criterion))));
        $this->open += count($open);
        foreach ($open as $verdict) {
            $figure = Propagation::figureOf($verdict->criterion);
            foreach ($assessment->setup->substrate->blend->components as $material) {
                $record = $records[$material->key] ?? null;
                foreach (TestKind::cases() as $kind) {
                    if ($record !== null && $kind->suitsComponent()) {
                        $this->count($record, $kind, $recipe, $verdict, $sure->of[$figure] ?? 0.0, Settles::after($sure, $figure, $material, $kind, $bases($material)));
                    }
                }
            }
            $this->count($recipe, TestKind::MixShrink, $recipe, $verdict, $sure->of[$figure] ?? 0.0, Settles::afterMix($sure, $figure, TestKind::MixShrink));
        }
    }

    private function count(Component|Recipe $subject, TestKind $kind, Recipe $recipe, Verdict $verdict, float $now, float $then): void
    {
        if ($then >= $now) {
            return;
        }
        $test = $this->tests[$subject::class.$subject->id.$kind->value] ?? ['subject' => $subject, 'kind' => $kind, 'settles' => 0, 'narrows' => 0.0, 'recipes' => []];
        $test['settles'] += $verdict->isClose($then) ? 0 : 1;
        $test['narrows'] += 1.0 - ($then / $now) ** 2;
        $test['recipes'][$recipe->name] = true;
        $this->tests[$subject::class.$subject->id.$kind->value] = $test;
    }
}
