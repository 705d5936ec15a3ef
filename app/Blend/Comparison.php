<?php

declare(strict_types=1);

namespace App\Blend;

use Zolbek\Core\Basis\Input\Fields;
use Zolbek\Core\Basis\Input\Refusal;
use Zolbek\Core\Basis\Input\Refusals;
use Zolbek\Core\Basis\Input\Refused;
use Zolbek\Core\Place\Setup\Setup;

/**
 * Two to twelve mixes, versions, pots or places side by side: schema Comparison of the API. Differences that matter come first, each against the first of them.
 */
final class Comparison
{
    private const FEWEST = 2;
    public const MOST = 12;

    /**
     * @param array<mixed> $input "items": each with a label and a question of the Blend screen
     *
     * @return array<string, mixed>
     *
     * @throws Refused naming the field and what it may be
     */
    public static function of(array $input): array
    {
        $refusals = new Refusals();
        $raw = Fields::of($input, ['items'], $refusals)->raw('items');
        if (! is_array($raw) || ! array_is_list($raw) || count($raw) < self::FEWEST || count($raw) > self::MOST) {
            throw Refused::because('items', 'compare_items', is_array($raw) ? count($raw) : $raw, ['min' => self::FEWEST, 'max' => self::MOST]);
        }
        $labels = $forms = [];
        foreach ($raw as $i => $item) {
            $fields = Fields::of($item, ['label', 'question'], $refusals, 'items.'.$i);
            $labels[] = $fields->text('label', 120);
            $question = $fields->raw('question');
            if (! is_array($question)) {
                $refusals->add(new Refusal('items.'.$i.'.question', 'object', $question));
                continue;
            }
            $forms[] = $refusals->during('items.'.$i.'.question', static fn(): BlendForm => BlendForm::read($question));
        }
        $refusals->throwIfAny();
        $forms = array_values(array_filter($forms));
        $figures = array_map(static fn(BlendForm $form): array => Figures::of($form->setup, MixPrice::perLooseL($form->setup, $form)), $forms);

        $evaluations = array_map(static fn(BlendForm $form): array => (new EvaluationDocument($form, [], [], withMends: false))->toArray(), $forms);

        return [
            'items' => array_map(static fn(BlendForm $form, int $i): array => [
                'label' => $labels[$i],
                'pot_name' => $form->pot->name,
                'plant_group' => $form->setup->group->value,
                'species_name' => $form->situation?->species?->name,
                'site_name' => $form->situation?->site?->name,
                'habit_h' => $evaluations[$i]['water']['habit_h'] ?? null,
                'figures' => $figures[$i],
                'evaluation' => $evaluations[$i],
            ], $forms, array_keys($forms)),
            'differences' => self::differences($figures),
            'marks' => (object) Marks::of($figures, array_column($evaluations, 'verdicts')),
            'same_pot' => count(array_unique(array_map(static fn(BlendForm $form): int => $form->pot->id, $forms))) === 1,
            'same_mix' => count(array_unique(array_map(static fn(BlendForm $form): string => self::mixOf($form->setup), $forms))) === 1,
        ];
    }

    /**
     * @param list<array<string, float|string|null>> $figures
     *
     * @return list<array{figure: string, item: int, from: float, to: float, weight: float}> the weightiest first
     */
    private static function differences(array $figures): array
    {
        $found = [];
        foreach (array_slice($figures, 1) as $i => $those) {
            foreach ([...array_keys(Marks::STEPS), ...array_keys(Marks::SHARES)] as $name) {
                [$from, $to] = [$figures[0][$name] ?? null, $those[$name] ?? null];
                if (! is_float($from) || ! is_float($to)) {
                    continue;
                }
                $step = Marks::STEPS[$name] ?? (Marks::SHARES[$name] ?? 1.0) * max(1e-9, abs($from));
                $weight = abs($to - $from) / $step;
                if ($weight >= 1.0) {
                    $found[] = ['figure' => $name, 'item' => $i + 1, 'from' => $from, 'to' => $to, 'weight' => $weight];
                }
            }
        }
        usort($found, static fn(array $a, array $b): int => $b['weight'] <=> $a['weight']);

        return $found;
    }

    private static function mixOf(Setup $setup): string
    {
        return (string) json_encode(array_map(static fn(float $share): float => round($share, 9), $setup->substrate->blend->volumeShares()));
    }
}
