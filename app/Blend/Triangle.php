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
use Zolbek\Core\Course\Ageing\Forecast;
use Zolbek\Core\Mix\Substrate\Portion;
use Zolbek\Core\Place\Setup\Setup;
use Zolbek\Core\Verdict\Fit\Assessment;

/** All mixes of three components in one pot, by steps: schema TriangleView of the API. */
final class Triangle
{
    private const DEFAULT_STEPS = 16;
    private const MOST_STEPS = 30;

    /**
     * @param array<mixed> $input the question of the Blend screen with "corners", three ids of components, "figure" and "steps"
     *
     * @return array<string, mixed>
     *
     * @throws Refused naming the field and what it may be
     */
    public static function of(array $input): array
    {
        $form = BlendForm::read($input, ['corners', 'figure', 'steps']);
        $refusals = new Refusals();
        $fields = Fields::of(array_intersect_key($input, array_flip(['corners', 'figure', 'steps'])) + ['corners' => null], ['corners', 'figure', 'steps'], $refusals);
        $steps = $fields->integer('steps', 2, self::MOST_STEPS, self::DEFAULT_STEPS);
        $figure = $fields->oneOf('figure', Figures::NAMES, 'air');
        $ids = $fields->raw('corners');
        if (! is_array($ids) || ! array_is_list($ids) || count($ids) !== 3 || count(array_unique(array_filter($ids, is_int(...)))) !== 3) {
            $refusals->add(new Refusal('corners', 'three_corners', $ids));
            $ids = [];
        }
        $corners = $ids === [] ? [] : PartsForm::components($ids, ['corners.0', 'corners.1', 'corners.2'], $refusals);
        $refusals->throwIfAny();
        $corners = array_map(static fn(int $id): Component => $corners[$id], $ids);
        Portions::load($corners);
        $shelf = new Portions();
        $portions = array_map(static fn(Component $corner) => $shelf->of($corner), $corners);
        $points = [];
        for ($i = 0; $i <= $steps; ++$i) {
            for ($j = 0; $j <= $steps - $i; ++$j) {
                $parts = [$i / $steps, $j / $steps, ($steps - $i - $j) / $steps];
                $made = [];
                foreach ($portions as $corner => $portion) {
                    if ($parts[$corner] > 0) {
                        $made[] = [$portion, (float) $parts[$corner]];
                    }
                }
                $points[] = ['parts' => $parts, 'value' => self::value($form->setup, $made, (string) $figure, $corners)];
            }
        }

        return [
            'corners' => array_map(static fn(Component $corner): array => ['component_id' => $corner->id, 'name' => $corner->name, 'kind' => $corner->kind, 'colour' => $corner->colour], $corners),
            'figure' => $figure,
            'steps' => $steps,
            'points' => $points,
        ];
    }

    /**
     * @param list<array{Portion, float}> $portions
     * @param list<Component>                                   $corners
     */
    private static function value(Setup $setup, array $portions, string $figure, array $corners): ?float
    {
        try {
            $then = $setup->withPortions($portions);
            $price = MixPrice::of($then, static function ($portion) use ($corners): ?float {
                foreach ($corners as $corner) {
                    if ($corner->key === $portion->key) {
                        return $corner->stock()->pricePerL();
                    }
                }

                return null;
            });

            return $figure === 'years' ? Forecast::failure($then) ?? Forecast::HORIZON : Figures::quick(new Assessment($then, withYears: false), $price)[$figure];
        } catch (Refused) {
            return null;
        }
    }
}
