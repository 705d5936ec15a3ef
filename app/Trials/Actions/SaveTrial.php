<?php

declare(strict_types=1);

namespace App\Trials\Actions;

use App\Common\Day;
use App\Plants\Models\Plant;
use App\Pots\Models\Pot;
use App\Recipes\Models\Recipe;
use App\Trials\Models\Trial;
use App\Trials\Models\TrialPlant;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;
use Zolbek\Core\Basis\Input\Fields;
use Zolbek\Core\Basis\Input\Refusal;
use Zolbek\Core\Basis\Input\Refusals;
use Zolbek\Core\Basis\Input\Refused;
use Zolbek\Core\Work\Trial\Assignment;

/** Plans a trial or changes it. Once it has begun what is tried, and on whom, stays as it is: only its words and the days that are still to come change. */
final readonly class SaveTrial
{
    public const FIELDS = ['name', 'question', 'varies', 'arms', 'measure', 'unit', 'from_start', 'days', 'blocking', 'blinded', 'plants', 'conclusion'];
    public const MOST_PLANTS = 400;
    private const AFTER_BEGIN = ['name', 'question', 'days', 'conclusion'];
    private const ARMS = [2, 6];
    private const MOST_DAYS = 40;

    /**
     * @param array<mixed> $input
     *
     * @throws Refused naming each field and what it may be
     */
    public function __invoke(Trial $trial, array $input): Trial
    {
        $refusals = new Refusals();
        $fields = Fields::of($input, self::FIELDS, $refusals);
        $values = [
            'name' => $fields->text('name', 120),
            'question' => $fields->text('question', 2000, ''),
            'varies' => $fields->oneOf('varies', Trial::VARIES, 'mix'),
            'measure' => $fields->oneOf('measure', Trial::MEASURES, 'trunk_mm'),
            'unit' => $fields->text('unit', 20, ''),
            'from_start' => $fields->flag('from_start', false),
            'blocking' => $fields->oneOf('blocking', Assignment::BLOCKINGS, 'bench'),
            'blinded' => $fields->flag('blinded', false),
            'conclusion' => $fields->text('conclusion', 4000, ''),
        ];
        $values['arms'] = self::arms($fields->raw('arms'), (string) $values['varies'], $refusals);
        $values['days'] = self::days($fields->raw('days'), $refusals);
        $plants = self::plants($fields->raw('plants'), count($values['arms']), $refusals);
        if ($values['from_start'] && ! $refusals->any() && count($values['days']) < 2) {
            $refusals->add(new Refusal('days', 'two_days_needed'));
        }
        if ($values['name'] !== '' && Trial::query()->where('name', $values['name'])->whereKeyNot($trial->id ?? 0)->exists()) {
            $refusals->add(new Refusal('name', 'name_taken', $values['name']));
        }
        $refusals->throwIfAny();

        return DB::transaction(static function () use ($trial, $values, $plants): Trial {
            if ($trial->exists) {
                $trial->refresh();
            }
            $values['arms'] = self::coded($trial, $values['arms']);
            $trial->fill($values);
            if (($trial->state ?? Trial::PLANNED) !== Trial::PLANNED) {
                self::mustBeSame($trial, $plants);
                self::keepMeasured($trial, $values['days']);
                $trial->save();

                return $trial->refresh();
            }
            if ($trial->exists && ! $trial->isDirty()) {
                $trial->stamp('plants');
            }
            $trial->save();
            $trial->plants()->whereNotIn('plant_id', $plants)->delete();
            foreach (array_diff($plants, $trial->plants()->pluck('plant_id')->all()) as $id) {
                TrialPlant::query()->create(['trial_id' => $trial->id, 'plant_id' => $id]);
            }

            return $trial->refresh();
        });
    }

    /** @return list<array{label: string, recipe_id: int|null, pot_id: int|null}> */
    private static function arms(mixed $rows, string $varies, Refusals $refusals): array
    {
        if (! is_array($rows) || ! array_is_list($rows) || count($rows) < self::ARMS[0] || count($rows) > self::ARMS[1]) {
            $refusals->add(new Refusal('arms', 'between_many', is_array($rows) ? count($rows) : $rows, ['min' => self::ARMS[0], 'max' => self::ARMS[1]]));

            return [];
        }
        $arms = $labels = [];
        foreach ($rows as $i => $row) {
            $fields = Fields::of($row, ['label', 'recipe_id', 'pot_id'], $refusals, 'arms.'.$i);
            $recipe = self::named($fields, 'recipe_id', 'recipe_missing', Recipe::class, $i, $refusals);
            $pot = self::named($fields, 'pot_id', 'pot_missing', Pot::class, $i, $refusals);
            $label = trim($fields->text('label', 120, ''));
            $label = $label !== '' ? $label : (match ($varies) {
                'mix' => $recipe?->name, 'pot' => $pot?->name, default => null,
            } ?? '');
            if ($label === '') {
                $refusals->add(new Refusal("arms.$i.label", 'required'));
            } elseif (in_array(mb_strtolower($label), $labels, true)) {
                $refusals->add(new Refusal("arms.$i.label", 'name_taken', $label));
            }
            $labels[] = mb_strtolower($label);
            $arms[] = ['label' => $label, 'recipe_id' => $recipe?->id, 'pot_id' => $pot?->id];
        }

        return $arms;
    }

    /**
     * @template T of Recipe|Pot
     *
     * @param class-string<T> $model
     *
     * @return T|null
     */
    private static function named(Fields $fields, string $name, string $rule, string $model, int $i, Refusals $refusals): Recipe|Pot|null
    {
        $id = $fields->has($name) ? $fields->integer($name, 1, PHP_INT_MAX) : 0;
        $found = $id > 0 ? $model::query()->find($id) : null;
        if ($id > 0 && $found === null) {
            $refusals->add(new Refusal("arms.$i.$name", $rule, $id));
        }

        return $found;
    }

    /** @return list<string> in their order, each once */
    private static function days(mixed $rows, Refusals $refusals): array
    {
        if (! is_array($rows) || ! array_is_list($rows) || $rows === [] || count($rows) > self::MOST_DAYS) {
            $refusals->add(new Refusal('days', 'list_of_most', $rows, ['max' => self::MOST_DAYS]));

            return [];
        }
        $days = [];
        foreach ($rows as $i => $row) {
            $day = Day::required(Fields::of(['days.'.$i => $row], ['days.'.$i], $refusals), 'days.'.$i, $refusals);
            if ($day !== null) {
                $days[] = $day->toDateString();
            }
        }
        $days = array_values(array_unique($days));
        sort($days);

        return $days;
    }

    /** @return list<int> */
    private static function plants(mixed $rows, int $arms, Refusals $refusals): array
    {
        if (! is_array($rows) || ! array_is_list($rows) || count($rows) > self::MOST_PLANTS || array_filter($rows, static fn(mixed $id): bool => ! is_int($id)) !== []) {
            $refusals->add(new Refusal('plants', 'list_of_most', $rows, ['max' => self::MOST_PLANTS]));

            return [];
        }
        $ids = array_values(array_unique($rows));
        $known = Plant::query()->whereKey($ids)->pluck('id')->all();
        foreach (array_diff($ids, $known) as $i => $id) {
            $refusals->add(new Refusal('plants.'.$i, 'plant_missing', $id));
        }
        if ($arms > 0 && count($ids) < 2 * $arms) {
            $refusals->add(new Refusal('plants', 'plants_too_few', count($ids), ['min' => 2 * $arms]));
        }

        return $ids;
    }

    /**
     * A code for each, that says nothing of what it is and stays with it.
     *
     * @param list<array{label: string, recipe_id: int|null, pot_id: int|null}> $arms
     *
     * @return list<array{label: string, recipe_id: int|null, pot_id: int|null, code: string}>
     */
    private static function coded(Trial $trial, array $arms): array
    {
        $free = array_values(array_diff(['K', 'M', 'R', 'T', 'V', 'W', 'X', 'Z'], array_column($trial->arms ?? [], 'code')));
        shuffle($free);
        $known = array_column($trial->arms ?? [], 'code', 'label');

        return array_map(static function (array $arm) use ($known, &$free): array {
            return [...$arm, 'code' => $known[$arm['label']] ?? (string) array_shift($free)];
        }, $arms);
    }

    /**
     * @param list<int> $plants
     *
     * @throws Refused naming each field that cannot be changed any more
     */
    private static function mustBeSame(Trial $trial, array $plants): void
    {
        $refusals = new Refusals();
        foreach (array_diff(array_keys($trial->getDirty()), self::AFTER_BEGIN) as $name) {
            $refusals->add(new Refusal($name, 'trial_begun'));
        }
        $is = $trial->plants()->pluck('plant_id')->all();
        if (array_diff($is, $plants) !== [] || array_diff($plants, $is) !== []) {
            $refusals->add(new Refusal('plants', 'trial_begun'));
        }
        $refusals->throwIfAny();
    }

    /**
     * @param list<string> $days
     *
     * @throws Refused field "days", where one on which was measured is left out
     */
    private static function keepMeasured(Trial $trial, array $days): void
    {
        $measured = DB::table('trial_values')->join('trial_plants', 'trial_plants.id', '=', 'trial_plant_id')->where('trial_id', $trial->id)->distinct()->pluck('measured_on');
        foreach ($measured as $day) {
            $on = Carbon::parse((string) $day)->toDateString();
            if (! in_array($on, $days, true)) {
                throw Refused::because('days', 'day_measured', $on);
            }
        }
    }
}
