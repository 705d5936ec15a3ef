<?php

declare(strict_types=1);

namespace App\Bench;

use App\Bench\Models\BenchTest;
use Zolbek\Core\Work\BenchTest\Reading;
use Zolbek\Core\Work\BenchTest\Step;
use Zolbek\Core\Work\BenchTest\TestKind;

/** Tests of the bench as the API shows them: schemas BenchPlan, BenchTestSummary and BenchTest. */
final class BenchPresenter
{
    /** @return array<string, mixed> */
    public static function plan(TestKind $kind): array
    {
        $plan = $kind->plan();

        return [
            'kind' => $kind->value,
            'begin' => $kind->isPlaceToBegin(),
            'suits_component' => $kind->suitsComponent(),
            'suits_mix' => $kind->suitsMix(),
            'tools' => $plan->tools,
            'minutes' => $plan->minutes,
            'wait_minutes' => $plan->waitMinutes,
            'rounds' => $plan->rounds,
            'cautions' => $plan->cautions,
            'steps' => array_map(static fn(Step $step): array => ['code' => $step->code, 'setup' => $step->setup, 'rounds' => $step->rounds, 'wait_s' => $step->waitS], $plan->steps),
            'readings' => array_map(static fn(Reading $reading): array => [
                'name' => $reading->name,
                'type' => $reading->type,
                'unit' => $reading->unit,
                'instrument' => $reading->instrument?->value,
                'optional' => $reading->optional,
                'choices' => $reading->choices,
            ], [...array_values($plan->setup), ...array_values($plan->round)]),
        ];
    }

    /** @return array<string, mixed> */
    public static function summary(BenchTest $test): array
    {
        return [
            'id' => $test->id,
            'kind' => $test->kind->value,
            ...$test->only(['status', 'name', 'person', 'component_id', 'lot_id', 'recipe_id', 'pot_id', 'in_use', 'note']),
            'started_at' => $test->started_at->toIso8601String(),
            'finished_at' => $test->finished_at?->toIso8601String(),
            'figures' => array_map(static fn(array $figure): array => ['name' => $figure['name'], 'mean' => $figure['mean'], 'uncertainty' => $figure['uncertainty'], 'n' => $figure['n']], $test->result['figures'] ?? []),
            'findings' => (object) ($test->result['findings'] ?? []),
            'compared' => $test->result['compared'] ?? [],
        ];
    }

    /** @return array<string, mixed> */
    public static function present(BenchTest $test): array
    {
        $result = $test->status === BenchTest::FINISHED && $test->result !== null ? $test->result : (new TestDocument($test))->toArray();

        return [
            ...self::summary($test),
            'step' => $test->step,
            'waiting_since' => $test->waiting_since?->toIso8601String(),
            'pot_name' => $test->pot?->name,
            'plan' => self::plan($test->kind),
            'readings' => [
                'setup' => (object) ($test->readings['setup'] ?? []),
                'rounds' => array_map(static fn(mixed $round): object => (object) $round, $test->readings['rounds'] ?? []),
                'sources' => (object) ($test->readings['sources'] ?? []),
            ],
            'overrides' => (object) $test->overrides,
            'result' => [...$result, 'findings' => (object) ($result['findings'] ?? [])],
        ];
    }
}
