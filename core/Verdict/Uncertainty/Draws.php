<?php

declare(strict_types=1);

namespace Zolbek\Core\Verdict\Uncertainty;

use Zolbek\Core\Basis\Input\Refused;
use Zolbek\Core\Basis\Numerics\Normal;
use Zolbek\Core\Basis\Numerics\Quantile;
use Zolbek\Core\Course\Ageing\Forecast;
use Zolbek\Core\Mix\Material\Material;
use Zolbek\Core\Place\Setup\Setup;

/**
 * The figures of a pot with every property and every constant of the model moved at once, over and over: what first order cannot tell, where a figure bends or has a floor.
 *
 *     z of each from the normal distribution, independent;  range of a figure: the values below which 16 % and 84 % of the draws lie
 *
 * Whoever asks passes the numbers from 0 to 1 in, drawn by chance from a seed or spread evenly (EvenPoints). What cannot be moved so far is moved half as far, a pot that cannot be is left out. Years are the horizon where
 * a pot lasts longer. Source: Guide to the Expression of Uncertainty in Measurement, Supplement 1 (JCGM 101:2008). Check: of one standard uncertainty alone the range is the
 * figure at z -0.9945 and 0.9945.
 */
final readonly class Draws
{
    private const LOW = 0.16;
    private const HIGH = 0.84;

    /** @var array<string, list<float>> by figure, ascending */
    public array $of;

    /**
     * @param callable(Material): array<string, string> $bases basis of each property of a component
     * @param callable(int, int): float                 $unit  number from 0 to 1 for a draw and what moves in it
     */
    public function __construct(Setup $setup, callable $bases, int $draws, callable $unit, bool $withYears = true)
    {
        $steps = [];
        foreach ($setup->substrate->blend->components as $component) {
            $steps[$component->key] = PropertyStep::of($component, $bases($component));
        }
        $errors = ModelError::steps($setup);
        $of = [];
        for ($draw = 1; $draw <= $draws; ++$draw) {
            $what = 0;
            $z = static function () use ($unit, $draw, &$what): float {
                return Normal::quantile($unit($draw, $what++));
            };
            $model = $setup->model;
            foreach ($errors as $step) {
                $model = $step($model, $z());
            }
            try {
                $moved = [];
                foreach ($setup->substrate->blend->components as $component) {
                    $moved[$component->key] = $component;
                    foreach ($steps[$component->key] as $step) {
                        $moved[$component->key] = PropertyStep::held($step, $moved[$component->key], $z());
                    }
                }
                $portions = array_map(static function (array $portion) use ($moved): array {
                    foreach ($moved as $key => $by) {
                        $portion[0] = $portion[0]->replaced($key, $by);
                    }

                    return $portion;
                }, $setup->portions);
                $then = $setup->with(portions: $portions, model: $model);
                $figures = [...Propagation::figures($then), ...Propagation::byPace($then), ...$withYears ? ['years' => Forecast::failure($then) ?? Forecast::HORIZON] : []];
            } catch (Refused) {
                continue;
            }
            foreach ($figures as $figure => $value) {
                if ($value !== null) {
                    $of[$figure][] = $value;
                }
            }
        }
        $this->of = array_map(static function (array $values): array {
            sort($values);

            return $values;
        }, $of);
    }

    /** @return array{float, float}|null from where to where two thirds of the draws lie; null for what no draw has */
    public function range(string $figure): ?array
    {
        $values = $this->of[$figure] ?? [];

        return $values === [] ? null : [Quantile::sorted($values, self::LOW), Quantile::sorted($values, self::HIGH)];
    }
}
