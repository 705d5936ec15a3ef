<?php

declare(strict_types=1);

namespace App\Blend;

use App\Recipes\PartsForm;
use App\Shelf\Models\Component;
use App\Shelf\Portions;
use Zolbek\Core\Basis\Input\Fields;
use Zolbek\Core\Basis\Input\Refusal;
use Zolbek\Core\Basis\Input\Refusals;
use Zolbek\Core\Basis\Input\Refused;
use Zolbek\Core\Question\Writing\NameMatch;
use Zolbek\Core\Question\Writing\RecipeText;
use Zolbek\Core\Verdict\Fit\Assessment;
use Zolbek\Core\Verdict\Fit\Criterion;
use Zolbek\Core\Work\Batching\BaseWithExtras;
use Zolbek\Core\Work\Batching\BatchOrder;
use Zolbek\Core\Work\Batching\Extra;
use Zolbek\Core\Work\Batching\TopUp;

/** Writing a mix as people do: read from words, expanded from a premix, made out of what is in the tub, a base with extras. */
final class WritingDesk
{
    private const MOST_NAMES = 5000;
    private const MOST_EXTRAS = 20;

    /**
     * A recipe in words, as rows of the mix.
     *
     * @param array<mixed> $input
     *
     * @return array<string, mixed>
     *
     * @throws Refused field "text"
     */
    public static function read(array $input): array
    {
        $refusals = new Refusals();
        $text = Fields::of($input, ['text'], $refusals)->text('text', 500);
        $refusals->throwIfAny();
        $read = new RecipeText($text);
        $query = Component::query();
        $query->whereNull('archived_at')->orderByDesc('stock_l')->orderBy('name')->limit(self::MOST_NAMES);
        $names = $inStock = [];
        foreach ($query->get(['id', 'name', 'stock_l']) as $component) {
            $names[$component->id] = $component->name;
            if ($component->stock_l > 0.0) {
                $inStock[$component->id] = $component->name;
            }
        }
        $ids = [];
        foreach ($read->lines as $line) {
            // what is at hand is what is meant
            $id = NameMatch::best($line['words'], $inStock) ?? NameMatch::best($line['words'], $names);
            if ($id === null) {
                $refusals->add(new Refusal('text', 'name_unmatched', $line['words']));
            } else {
                $ids[$id] = ($ids[$id] ?? 0.0) + $line['amount'];
            }
        }
        $refusals->throwIfAny();
        $found = Component::query()->findMany(array_keys($ids))->keyBy('id');

        return [
            'notation' => $read->notation,
            'sum' => array_sum($ids),
            'rows' => array_map(static fn(int $id): array => self::row($found[$id] ?? throw Refused::because('text', 'name_unmatched', $id), $ids[$id]), array_keys($ids)),
        ];
    }

    /**
     * A premix or reclaimed mix as rows of what it is made of, coming to the same mix.
     *
     * @param array<mixed> $input
     *
     * @return array<string, mixed>
     *
     * @throws Refused field "component_id" or "amount"
     */
    public static function expand(array $input): array
    {
        $refusals = new Refusals();
        $fields = Fields::of($input, ['component_id', 'amount'], $refusals);
        $found = PartsForm::components([$fields->integer('component_id', 1, PHP_INT_MAX)], ['component_id'], $refusals);
        $amount = $fields->numberAbove('amount', 0, 1e6);
        $refusals->throwIfAny();
        $mix = array_values($found)[0];
        if ($mix->source !== 'premix') {
            throw Refused::because('component_id', 'not_a_premix', $mix->name);
        }
        Portions::load([$mix]);
        $shelf = new Portions();
        $rows = [];
        foreach ($shelf->of($mix)->contents as [$component, $litres]) {
            $record = $shelf->record($component->key);
            if ($record === null || $record->key !== $component->key) {
                throw Refused::because('component_id', 'not_a_premix', $mix->name);
            }
            $rows[] = self::row($record, $amount * $litres);
        }

        return ['rows' => $rows];
    }

    /**
     * What to add to a tub.
     *
     * @param array<mixed> $input "parts" wanted, "there" with litres and the share picked out by hand, "wanted_l"
     *
     * @return array<string, mixed>
     *
     * @throws Refused naming the field and what it may be
     */
    public static function topUp(array $input): array
    {
        $refusals = new Refusals();
        $fields = Fields::of($input, ['parts', 'there', 'wanted_l'], $refusals);
        $wanted = $fields->has('wanted_l') ? $fields->numberAbove('wanted_l', 0, 100_000) : null;
        $parts = PartsForm::read($fields->raw('parts'), $refusals);
        $raw = $fields->raw('there');
        if (! is_array($raw) || ! array_is_list($raw)) {
            $refusals->add(new Refusal('there', 'list', $raw));
            $raw = [];
        }
        $ids = $paths = $litres = $removed = [];
        foreach ($raw as $i => $row) {
            $line = Fields::of($row, ['component_id', 'litres', 'removed_share'], $refusals, 'there.'.$i);
            $id = $line->integer('component_id', 1, PHP_INT_MAX);
            if (isset($litres[$id])) {
                $refusals->add(new Refusal('there.'.$i.'.component_id', 'component_twice', $id));
            }
            [$ids[], $paths[]] = [$id, 'there.'.$i.'.component_id'];
            $litres[$id] = $line->number('litres', 0, 100_000);
            $removed[$id] = $line->number('removed_share', 0, 1, 0);
        }
        $there = $ids === [] ? [] : PartsForm::components($ids, $paths, $refusals);
        $refusals->throwIfAny();
        $amounts = [];
        foreach ($parts->rows as $row) {
            if ($row['parts'] > 0.0) {
                $amounts['#'.$row['component_id']] = $row['parts'];
            }
        }
        $keyed = static function (array $values): array {
            $by = [];
            foreach ($values as $id => $value) {
                $by['#'.$id] = $value;
            }

            return $by;
        };
        $top = new TopUp($amounts, $keyed($litres), $keyed($removed), $wanted);
        $all = $parts->components + $there;
        $line = static fn(string $key, float $value, string $as): array => ['component_id' => (int) substr($key, 1), 'name' => $all[(int) substr($key, 1)]->name, $as => $value];

        return [
            'recipe_l' => $top->recipeL,
            'total_l' => $top->totalL,
            'least_l' => $top->leastL,
            'add' => array_map(static fn(string $key): array => $line($key, $top->add[$key], 'litres'), array_keys($top->add)),
            'foreign' => array_map(static fn(string $key): array => $line($key, $top->foreign[$key], 'share'), array_keys(array_filter($top->foreign))),
        ];
    }

    /**
     * A base for the day and what some pots get extra.
     *
     * @param array<mixed> $input the question of the Blend screen with "plain_pots", "spare" and "extras"
     *
     * @return array<string, mixed>
     *
     * @throws Refused naming the field and what it may be
     */
    public static function extras(array $input): array
    {
        $form = BlendForm::read($input, ['plain_pots', 'spare', 'extras']);
        $refusals = new Refusals();
        $fields = Fields::of(array_intersect_key($input, array_flip(['plain_pots', 'spare', 'extras'])) + ['extras' => null], ['plain_pots', 'spare', 'extras'], $refusals);
        $plain = $fields->integer('plain_pots', 0, 10_000, 0);
        $spare = $fields->number('spare', 0, 1, BatchOrder::DEFAULT_SPARE);
        $raw = $fields->raw('extras');
        if (! is_array($raw) || ! array_is_list($raw) || $raw === [] || count($raw) > self::MOST_EXTRAS) {
            $refusals->add(new Refusal('extras', 'extras_list', is_array($raw) ? count($raw) : $raw, ['max' => self::MOST_EXTRAS]));
            $raw = [];
        }
        $rows = $ids = $paths = [];
        foreach ($raw as $i => $row) {
            $line = Fields::of($row, ['label', 'pots', 'component_id', 'litres', 'handfuls'], $refusals, 'extras.'.$i);
            $ids[] = $line->integer('component_id', 1, PHP_INT_MAX);
            $paths[] = 'extras.'.$i.'.component_id';
            $rows[] = [
                $line->text('label', 80),
                $line->integer('pots', 1, 10_000),
                $line->has('handfuls') ? $line->number('handfuls', 0, 1000) * Extra::HANDFUL_L : $line->number('litres', 0, 10_000),
            ];
        }
        $components = $ids === [] ? [] : PartsForm::components($ids, $paths, $refusals);
        $refusals->throwIfAny();
        Portions::load($components);
        $shelf = new Portions();
        $extras = array_map(static fn(array $row, int $id): Extra => new Extra($row[0], $row[1], $shelf->of($components[$id]), $row[2]), $rows, $ids);
        $day = new BaseWithExtras($form->setup, $extras, $plain, $spare);
        $byKey = [];
        foreach ($components as $component) {
            $byKey[$component->key] = $component;
        }
        $base = new Assessment($form->setup, withYears: false);

        return [
            'base_l' => $day->baseL,
            'base_per_pot_l' => $day->basePerPotL,
            'plain_pots' => $plain,
            'air' => $base->verdict(Criterion::Air)->value,
            'interval_h' => $base->water?->hottestIntervalH(),
            'fit' => $base->fit,
            'variants' => array_map(static function (array $variant) use ($byKey): array {
                $assessment = new Assessment($variant['setup'], withYears: false);
                $extra = $variant['extra'];

                return [
                    'label' => $extra->label,
                    'pots' => $extra->pots,
                    'component_name' => $byKey[$extra->portion->key]->name,
                    'litres' => $extra->litresPerPot,
                    'base_l' => $variant['base_l'],
                    'share' => $extra->litresPerPot / ($extra->litresPerPot + $variant['base_l']),
                    'air' => $assessment->verdict(Criterion::Air)->value,
                    'interval_h' => $assessment->water?->hottestIntervalH(),
                    'fit' => $assessment->fit,
                ];
            }, $day->variants),
            'extras' => array_map(static fn(string $key): array => ['name' => $byKey[$key]->name, 'litres' => $day->extrasL[$key], 'stock_l' => $byKey[$key]->stock_l], array_keys($day->extrasL)),
        ];
    }

    /** @return array<string, mixed> schema WrittenRow */
    private static function row(Component $component, float $amount): array
    {
        return ['component_id' => $component->id, 'name' => $component->name, 'kind' => $component->kind, 'colour' => $component->colour, 'source' => $component->source, 'amount' => $amount];
    }
}
