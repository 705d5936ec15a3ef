<?php

declare(strict_types=1);

namespace App\Bench\Actions;

use App\Bench\Models\BenchTest;
use App\Common\Author;
use App\Pots\Models\Pot;
use App\Recipes\Models\Recipe;
use App\Shelf\Models\Component;
use App\Shelf\Models\Lot;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Carbon;
use Zolbek\Core\Basis\Input\Fields;
use Zolbek\Core\Basis\Input\Refusal;
use Zolbek\Core\Basis\Input\Refusals;
use Zolbek\Core\Basis\Input\Refused;
use Zolbek\Core\Work\BenchTest\TestKind;

/** Begins a test of a component, of a delivery of it, or of a finished mix. */
final readonly class StartBenchTest
{
    private const FIELDS = ['kind', 'component_id', 'lot_id', 'recipe_id', 'pot_id', 'person'];

    /**
     * @param array<mixed> $input
     *
     * @throws Refused naming each field and what it may be
     */
    public function __invoke(array $input): BenchTest
    {
        $refusals = new Refusals();
        $fields = Fields::of($input, self::FIELDS, $refusals);
        $kind = TestKind::tryFrom((string) $fields->oneOf('kind', array_column(TestKind::cases(), 'value')));
        $person = Author::of($fields);
        $lot = self::found($fields, 'lot_id', Lot::class, 'lot_missing', $refusals);
        $component = $lot instanceof Lot ? $lot->component : self::found($fields, 'component_id', Component::class, 'component_missing', $refusals);
        $recipe = self::found($fields, 'recipe_id', Recipe::class, 'recipe_missing', $refusals);
        $pot = self::found($fields, 'pot_id', Pot::class, 'pot_missing', $refusals);
        if (! $refusals->any() && ($component === null) === ($recipe === null)) {
            $refusals->add(new Refusal('component_id', 'test_subject'));
        }
        $isMix = $recipe !== null || ($component instanceof Component && $component->isMix());
        if ($kind !== null && ! $refusals->any() && ! ($isMix ? $kind->suitsMix() : $kind->suitsComponent())) {
            $refusals->add(new Refusal('kind', $isMix ? 'test_not_of_mix' : 'test_not_of_component', $kind->value));
        }
        $refusals->throwIfAny();
        assert($kind !== null);

        return BenchTest::query()->create([
            'kind' => $kind,
            'component_id' => $component?->getKey(),
            'lot_id' => $lot?->getKey(),
            'recipe_id' => $recipe?->getKey(),
            'pot_id' => $pot?->getKey(),
            'name' => trim(implode(', ', array_filter([$component?->getAttribute('name') ?? $recipe?->getAttribute('name'), $lot?->getAttribute('name')]))),
            'person' => $person,
            'readings' => ['setup' => (object) [], 'rounds' => []],
            'overrides' => [],
            'started_at' => Carbon::now(),
        ])->refresh();
    }

    /**
     * @template T of Model
     *
     * @param class-string<T> $model
     *
     * @return T|null
     */
    private static function found(Fields $fields, string $field, string $model, string $rule, Refusals $refusals): ?Model
    {
        if (! $fields->has($field)) {
            return null;
        }
        $id = $fields->integer($field, 1, PHP_INT_MAX);
        $found = $id > 0 ? $model::query()->find($id) : null;
        if ($found === null && $id > 0) {
            $refusals->add(new Refusal($field, $rule, $id));
        }

        return $found;
    }
}
