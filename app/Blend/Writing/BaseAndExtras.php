<?php

declare(strict_types=1);

namespace App\Blend\Writing;

use App\Blend\BlendForm;
use App\Recipes\PartsForm;
use App\Shelf\Portions;
use Zolbek\Core\Basis\Input\Fields;
use Zolbek\Core\Basis\Input\Refusal;
use Zolbek\Core\Basis\Input\Refusals;
use Zolbek\Core\Basis\Input\Refused;
use Zolbek\Core\Verdict\Fit\Assessment;
use Zolbek\Core\Verdict\Fit\Criterion;
use Zolbek\Core\Work\Batching\BaseWithExtras;
use Zolbek\Core\Work\Batching\BatchOrder;
use Zolbek\Core\Work\Batching\Extra;

/** A base for the day and what some pots get extra: schema ExtrasPlan. */
final class BaseAndExtras
{
    private const MOST_EXTRAS = 20;

    /**
     * @param array<mixed> $input the question of the Blend screen with "plain_pots", "spare" and "extras"
     *
     * @return array<string, mixed>
     *
     * @throws Refused naming the field and what it may be
     */
    public static function of(array $input): array
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
}
