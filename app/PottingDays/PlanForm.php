<?php

declare(strict_types=1);

namespace App\PottingDays;

use App\Plants\KeptSoil;
use App\Plants\Models\Fertiliser;
use App\Shelf\Models\Component;
use Zolbek\Core\Basis\Input\Fields;
use Zolbek\Core\Basis\Input\Refusal;
use Zolbek\Core\Basis\Input\Refusals;
use Zolbek\Core\Mix\Substrate\NurserySoil;
use Zolbek\Core\Place\Container\BallTreatment;
use Zolbek\Core\Place\Container\Container;
use Zolbek\Core\Place\Site\Surface;
use Zolbek\Core\Work\Aftercare\Done;
use Zolbek\Core\Work\Aftercare\TaskKind;
use Zolbek\Core\Work\Feeding\FeedingSchool;
use Zolbek\Core\Work\PottingDay\FirstWater;

/** How one plant of a potting day is to be potted, read field by field: a change names only some. */
final class PlanForm
{
    private const MOST_EXTRAS = 6;
    private const STEEPEST_DEG = 85.0;
    private const MOST_MONTHS = 60;

    /**
     * Reads the fields that are there, each for itself.
     *
     * @param array<string, mixed> $input
     *
     * @return array<string, mixed>
     */
    public static function read(array $input, Refusals $refusals, string $path): array
    {
        $start = (new Plan())->jsonSerialize();
        $fields = Fields::of($input, array_keys($start), $refusals, $path);
        $read = [];
        foreach (array_keys($input) as $name) {
            if (array_key_exists($name, $start)) {
                $read[$name] = $fields->raw($name) === null && $start[$name] !== null ? $start[$name] : self::field($name, $fields, $refusals);
            }
        }
        if (! $refusals->any()) {
            self::checkRecords((new Plan())->with($read), $refusals, $path);
        }

        return $read;
    }

    private static function field(string $name, Fields $fields, Refusals $refusals): mixed
    {
        $path = $fields->path.'.'.$name;
        $inside = static fn(string ...$known): Fields => Fields::of($fields->raw($name), array_values($known), $refusals, $path);

        return match ($name) {
            'extras' => self::extras($fields->raw('extras'), $refusals, $path),
            'ball' => $fields->has('ball') ? array_combine(['length_cm', 'width_cm', 'height_cm'], array_map(static fn(string $size): float => $inside('length_cm', 'width_cm', 'height_cm')->number($size, 0.1, Container::LONGEST_CM), ['length_cm', 'width_cm', 'height_cm'])) : null,
            'treatment' => $fields->oneOf($name, array_column(BallTreatment::cases(), 'value')),
            'bed_cm', 'mound_cm' => $fields->has($name) ? $fields->number($name, 0, Container::LONGEST_CM) : null,
            'headspace_cm' => $fields->number($name, 0, Container::LONGEST_CM),
            'ball_soil' => $fields->oneOf($name, [KeptSoil::AS_STOOD, ...NurserySoil::words()]),
            'care_off' => self::careOff($fields->raw($name), $refusals, $path),
            'lower' => $fields->has($name) ? self::lower($inside('cm', 'months')) : null,
            'height' => self::height($inside('how', 'cm')),
            'placing' => self::placing($inside('x_cm', 'y_cm', 'turn_deg')),
            'lean' => $fields->has($name) ? self::towards($inside('deg', 'to'), 'deg', self::STEEPEST_DEG) : null,
            'slope' => $fields->has($name) ? self::towards($inside('cm', 'to'), 'cm', Container::LONGEST_CM) : null,
            'collar_cm' => $fields->number($name, -Container::LONGEST_CM, Container::LONGEST_CM),
            'objects_l' => $fields->number($name, 0, 10_000),
            'layer' => $fields->has($name) ? self::material($inside('component_id', 'thickness_cm'), 'thickness_cm') : null,
            'dressing' => $fields->has($name) ? self::material($inside('component_id', 'cm'), 'cm') : null,
            'wall' => $fields->has($name) ? self::wall($inside('kind', 'component_id', 'thickness_cm')) : null,
            'hole_cover_id' => $fields->has($name) ? $fields->integer($name, 1, PHP_INT_MAX) : null,
            'old_soil_share' => $fields->number($name, 0, 0.9),
            'surface' => $fields->oneOf($name, array_column(Surface::cases(), 'value')),
            'fertiliser' => $fields->has($name) ? self::fertiliser($inside('id', 'share', 'where')) : null,
            'feeding' => $fields->oneOf($name, array_column(FeedingSchool::cases(), 'value')),
            'fixing' => $fields->oneOf($name, Done::FIXINGS),
            'stones_days' => $fields->integer($name, 1, 730),
            'roots_cut_share', 'crown_cut_share' => $fields->number($name, 0, 1),
            'first_water_days' => $fields->has($name) ? $fields->integer($name, 0, FirstWater::MOST_DAYS) : null,
            default => $fields->text($name, 1000, ''),
        };
    }

    /** @return list<array{kind: string, why: string}> */
    private static function careOff(mixed $input, Refusals $refusals, string $path): array
    {
        $kinds = array_column(array_filter(TaskKind::cases(), static fn(TaskKind $kind): bool => $kind !== TaskKind::Own), 'value');
        if (! is_array($input) || ! array_is_list($input) || count($input) > count($kinds)) {
            $refusals->add(new Refusal($path, 'list_of_most', $input, ['max' => count($kinds)]));

            return [];
        }

        return array_map(static function (int $i, mixed $row) use ($kinds, $refusals, $path): array {
            $fields = Fields::of($row, ['kind', 'why'], $refusals, $path.'.'.$i);

            return ['kind' => $fields->oneOf('kind', $kinds) ?? '', 'why' => $fields->text('why', 200)];
        }, array_keys($input), $input);
    }

    /** @return array{cm: float, months: int}|null null where it is by nothing */
    private static function lower(Fields $fields): ?array
    {
        $cm = $fields->number('cm', 0, 50);
        $months = $fields->integer('months', 1, self::MOST_MONTHS, 12);

        return $cm > 0.0 ? ['cm' => $cm, 'months' => $months] : null;
    }

    /** @return array{how: string, cm: float} */
    private static function height(Fields $fields): array
    {
        $how = $fields->oneOf('how', Plan::HEIGHTS) ?? 'flush';

        return ['how' => $how, 'cm' => $how === 'flush' ? 0.0 : $fields->number('cm', 0, Container::LONGEST_CM)];
    }

    /** @return array{x_cm: float, y_cm: float, turn_deg: float} */
    private static function placing(Fields $fields): array
    {
        $off = static fn(string $name): float => $fields->number($name, -Container::LONGEST_CM / 2.0, Container::LONGEST_CM / 2.0, 0);

        return ['x_cm' => $off('x_cm'), 'y_cm' => $off('y_cm'), 'turn_deg' => $fields->number('turn_deg', -180, 180, 0)];
    }

    /** @return array<string, float|string>|null null where it is none */
    private static function towards(Fields $fields, string $size, float $most): ?array
    {
        $much = $fields->number($size, 0, $most);

        return $much <= 0.0 ? null : [$size => $much, 'to' => $fields->oneOf('to', Plan::SIDES) ?? 'front'];
    }

    /** @return list<array{component_id: int, litres: float}> */
    private static function extras(mixed $input, Refusals $refusals, string $path): array
    {
        if (! is_array($input) || ! array_is_list($input) || count($input) > self::MOST_EXTRAS) {
            $refusals->add(new Refusal($path, 'list_of_most', $input, ['max' => self::MOST_EXTRAS]));

            return [];
        }

        return array_map(static function (int $i, mixed $row) use ($refusals, $path): array {
            $fields = Fields::of($row, ['component_id', 'litres'], $refusals, $path.'.'.$i);

            return ['component_id' => $fields->integer('component_id', 1, PHP_INT_MAX), 'litres' => $fields->numberAbove('litres', 0, 1000)];
        }, array_keys($input), $input);
    }

    /** @return array<string, float|int> */
    private static function material(Fields $fields, string $size): array
    {
        return ['component_id' => $fields->integer('component_id', 1, PHP_INT_MAX), $size => $fields->numberAbove($size, 0, Container::LONGEST_CM)];
    }

    /** @return array{kind: string, component_id: int|null, thickness_cm: float} */
    private static function wall(Fields $fields): array
    {
        $kind = $fields->oneOf('kind', ['moss', 'old_soil']) ?? 'moss';

        return ['kind' => $kind, 'component_id' => $kind === 'moss' ? $fields->integer('component_id', 1, PHP_INT_MAX) : null, 'thickness_cm' => $fields->numberAbove('thickness_cm', 0, 50)];
    }

    /** @return array{id: int, share: float, where: string} */
    private static function fertiliser(Fields $fields): array
    {
        return ['id' => $fields->integer('id', 1, PHP_INT_MAX), 'share' => $fields->numberAbove('share', 0, 1, 1), 'where' => $fields->oneOf('where', Plan::WHERE, 'mixed') ?? 'mixed'];
    }

    private static function checkRecords(Plan $plan, Refusals $refusals, string $path): void
    {
        $ids = $plan->componentIds();
        $found = $ids === [] ? [] : Component::query()->findMany(array_values($ids))->keyBy('id')->all();
        foreach ($ids as $at => $id) {
            $component = $found[$id] ?? null;
            if ($component === null) {
                $refusals->add(new Refusal($path.'.'.$at, 'component_missing', $id));
            } elseif ($component->isArchived()) {
                $refusals->add(new Refusal($path.'.'.$at, 'component_archived', $id, ['name' => $component->name]));
            } elseif ($component->isMix() && ! str_starts_with($at, 'extras')) {
                $refusals->add(new Refusal($path.'.'.$at, 'layer_mix', $component->name));
            }
        }
        $id = $plan->fertiliser['id'] ?? 0;
        $fertiliser = $id > 0 ? Fertiliser::query()->whereKey($id)->first() : null;
        if ($id > 0 && $fertiliser === null) {
            $refusals->add(new Refusal($path.'.fertiliser.id', 'fertiliser_missing', $id));
        } elseif ($fertiliser !== null && ($plan->fertiliser['where'] ?? '') === 'top' && $fertiliser->surface_g_l === null) {
            $refusals->add(new Refusal($path.'.fertiliser.where', 'no_surface_rate', $fertiliser->name));
        }
    }
}
