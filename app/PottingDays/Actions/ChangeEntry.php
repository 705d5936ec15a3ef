<?php

declare(strict_types=1);

namespace App\PottingDays\Actions;

use App\Common\Same;
use App\Pots\Models\Pot;
use App\PottingDays\EntryHeight;
use App\PottingDays\Models\DayPlant;
use App\PottingDays\Models\PottingDay;
use App\PottingDays\PlanForm;
use App\Recipes\Models\Recipe;
use App\Recipes\Rinsed;
use Illuminate\Support\Facades\DB;
use Zolbek\Core\Basis\Input\Fields;
use Zolbek\Core\Basis\Input\Refusal;
use Zolbek\Core\Basis\Input\Refusals;
use Zolbek\Core\Place\Container\PlantingHeight;

/**
 * Changes single fields of a plant's entry on a potting day. Two helpers can work on one entry: a change is refused only where the other one changed that very
 * field since it was read.
 */
final readonly class ChangeEntry
{
    private const OWN = ['recipe_id', 'pot_id', 'helper', 'position'];

    public function __construct(private Rinsed $rinsed) {}

    /**
     * @param array<mixed> $input `{revision, changes: {field: value}}`; `rinse` names a component of its mix and a size, and puts it into the recipe that is rinsed so
     *
     * @throws \Throwable Refused, naming each field and what it may be
     */
    public function __invoke(PottingDay $day, DayPlant $entry, array $input): DayPlant
    {
        return DB::transaction(function () use ($day, $entry, $input): DayPlant {
            $day->refresh()->mustBeOpen('changes');
            $entry->refresh();
            $refusals = new Refusals();
            $fields = Fields::of($input, ['revision', 'changes'], $refusals);
            $revision = $fields->integer('revision', 1, $entry->revision);
            $changes = is_array($fields->raw('changes')) ? $fields->raw('changes') : [];
            if (isset($changes['rinse'])) {
                $changes['recipe_id'] = $this->rinse($entry, $changes['rinse'], $refusals);
                unset($changes['rinse']);
            }
            $plan = array_diff_key($changes, array_flip(self::OWN));
            $own = self::own(Fields::of(array_intersect_key($changes, array_flip(self::OWN)) ?: ['helper' => $entry->helper], self::OWN, $refusals, 'changes'), $changes, $refusals);
            $new = [...$own, ...PlanForm::read($plan, $refusals, 'changes')];
            if ($entry->isPotted()) {
                $refusals->add(new Refusal('changes', 'entry_done', $entry->state));
            }
            $refusals->throwIfAny();

            $now = [...$entry->plan->jsonSerialize(), ...$entry->only(self::OWN)];
            foreach ($new as $field => $value) {
                if (Same::values($now[$field], $value)) {
                    unset($new[$field]);
                } elseif (($entry->stamps[$field] ?? 0) > $revision) {
                    $refusals->add(new Refusal('changes.'.$field, 'changed_elsewhere', $now[$field]));
                }
            }
            $refusals->throwIfAny();
            if ($new === []) {
                return $entry;
            }
            $entry->revision += 1;
            $entry->stamps = [...$entry->stamps, ...array_fill_keys(array_keys($new), $entry->revision)];
            $entry->fill(array_intersect_key($new, array_flip(self::OWN)))->unsetRelation('pot');
            $entry->plan = $entry->plan->with(array_diff_key($new, array_flip(self::OWN)));
            // another pot or ball may leave a bed that was typed without sense: that is told with the entry, not refused
            if (array_intersect(array_keys($new), EntryHeight::FIELDS) !== []) {
                $refusals->during('changes', static fn(): ?PlantingHeight => EntryHeight::of($entry));
                $refusals->throwIfAny();
            }
            $entry->save();

            return $entry;
        });
    }

    /** @return int id of the recipe that is rinsed so */
    private function rinse(DayPlant $entry, mixed $input, Refusals $refusals): int
    {
        $fields = Fields::of($input, ['component_id', 'mm'], $refusals, 'changes.rinse');
        $component = $fields->integer('component_id', 1, PHP_INT_MAX);
        $mm = $fields->number('mm', 0.02, 100);
        $refusals->throwIfAny();

        return ($this->rinsed)($entry->recipe, $component, $mm)->id;
    }

    /**
     * @param array<mixed> $changes
     *
     * @return array{recipe_id?: int, pot_id?: int, helper?: string, position?: int}
     */
    private static function own(Fields $fields, array $changes, Refusals $refusals): array
    {
        $own = [];
        foreach (['recipe_id' => [Recipe::class, 'recipe_missing'], 'pot_id' => [Pot::class, 'pot_missing']] as $name => [$model, $rule]) {
            if (array_key_exists($name, $changes)) {
                $id = $fields->integer($name, 1, PHP_INT_MAX);
                if ($id > 0 && ! $model::query()->whereKey($id)->exists()) {
                    $refusals->add(new Refusal('changes.'.$name, $rule, $id));
                }
                $own[$name] = $id;
            }
        }
        if (array_key_exists('helper', $changes)) {
            $own['helper'] = $fields->text('helper', 60, '');
        }
        if (array_key_exists('position', $changes)) {
            $own['position'] = $fields->integer('position', 1, 1_000_000);
        }

        return $own;
    }
}
