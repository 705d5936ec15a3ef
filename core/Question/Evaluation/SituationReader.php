<?php

declare(strict_types=1);

namespace Zolbek\Core\Question\Evaluation;

use Zolbek\Core\Basis\Input\Fields;
use Zolbek\Core\Basis\Input\Refusal;
use Zolbek\Core\Basis\Input\Refusals;
use Zolbek\Core\Course\Water\Drought;
use Zolbek\Core\Place\Climate\Climate;
use Zolbek\Core\Place\Climate\MonthClimate;
use Zolbek\Core\Place\Plant\Crown;
use Zolbek\Core\Place\Plant\Leaf;
use Zolbek\Core\Place\Plant\PlantGroup;
use Zolbek\Core\Place\Plant\Purpose;
use Zolbek\Core\Place\Plant\RootVigour;
use Zolbek\Core\Place\Plant\Targets;
use Zolbek\Core\Place\Setup\Situation;
use Zolbek\Core\Place\Site\Exposure;
use Zolbek\Core\Place\Site\Place;
use Zolbek\Core\Place\Site\Stand;
use Zolbek\Core\Place\Site\Surface;
use Zolbek\Core\Place\Watering\Feed;
use Zolbek\Core\Place\Watering\WateringHabit;
use Zolbek\Core\Place\Watering\WateringMethod;

/**
 * The situation of the open exchange format: plant, site, stand and care, as docs/evaluate.md lists them with their words, units and limits.
 *
 * Figures of the plant go before those of its species, those before those of its group; the purpose shifts all of them. null counts as left out.
 */
final readonly class SituationReader
{
    private const FIELDS = [
        'species', 'plant_group', 'air_low', 'air_high', 'ph_low', 'ph_high', 'tension_limit_cm', 'years_young', 'leaf', 'vigour', 'evergreen', 'site', 'exposure', 'stand',
        'purpose', 'method', 'surface', 'habit_h', 'alkalinity_mg_l', 'feed_acidity_mg_l', 'feed_acidity_mmol_l_year', 'canopy_m2', 'rain_reaches', 'winter_shelter', 'limed_to',
        'pot_weight_kg', 'tree_weight_kg',
    ];

    /** What a plant may be said to want: its limits after species and group have filled the gaps. */
    private const LIMITS = [
        'air_low' => [0.01, 0.9], 'air_high' => [0.01, 0.9], 'ph_low' => [3.0, 9.5], 'ph_high' => [3.0, 9.5], 'tension_limit_cm' => [10.0, 10_000.0], 'years_young' => [0.5, 20.0],
    ];

    /** @param array<string, float> $limedTo pH by component key */
    private function __construct(
        public PlantGroup $group,
        public Situation $situation,
        public array $limedTo,
        public float $potWeightKg,
        public float $treeWeightKg,
    ) {}

    /**
     * @param callable(): array<string, array<string, mixed>> $species the library of plants by key, asked for only where one is named
     */
    public static function read(mixed $input, callable $species, Refusals $refusals): ?self
    {
        $fields = Fields::of($input, self::FIELDS, $refusals, 'situation');
        $plant = self::species($fields, $species, $refusals);
        $group = $fields->has('plant_group') || ! $fields->has('species') ? $fields->oneOf('plant_group', PlantGroup::words()) : null;
        $word = static fn(string $name, array $cases, string $usual): string => $fields->oneOf($name, array_values(array_filter(array_column($cases, 'value'), is_string(...))), $usual) ?? $usual;
        $text = static fn(string $name, string $usual): string => is_string($plant[$name] ?? null) ? $plant[$name] : $usual;
        $leaf = $word('leaf', Leaf::cases(), $text('leaf', Leaf::Middling->value));
        $vigour = $word('vigour', RootVigour::cases(), $text('vigour', RootVigour::Middling->value));
        $evergreen = $fields->flag('evergreen', ! is_bool($plant['evergreen'] ?? null) || $plant['evergreen']);
        $exposure = $word('exposure', Exposure::cases(), Exposure::FullSun->value);
        $stand = $word('stand', Stand::cases(), Stand::Bench->value);
        $purpose = Purpose::from($word('purpose', Purpose::cases(), Purpose::GrowOn->value));
        $method = $word('method', WateringMethod::cases(), WateringMethod::Can->value);
        $surface = $word('surface', Surface::cases(), Surface::Bare->value);
        $habit = $fields->number('habit_h', 1, Drought::LONGEST_H, 24);
        [$climate, $hardness] = self::site($fields, $refusals);
        $alkalinity = $fields->number('alkalinity_mg_l', 0, 1000, $hardness);
        $feedMg = $fields->number('feed_acidity_mg_l', 0, 1000, 0);
        $feedMmol = $fields->number('feed_acidity_mmol_l_year', 0, 500, Feed::Usual->mmolLYear());
        $canopy = $fields->has('canopy_m2') ? $fields->number('canopy_m2', 0.0001, 1000) : null;
        $rain = $fields->flag('rain_reaches', true);
        $shelter = $fields->flag('winter_shelter', false);
        $weights = [$fields->number('pot_weight_kg', 0, 5000, 0), $fields->number('tree_weight_kg', 0, 5000, 0)];
        $group = $plant === [] ? ($group === null ? null : PlantGroup::from($group)) : PlantGroup::from($text('plant_group', PlantGroup::Desert->value));
        $wants = $group === null ? [] : self::wants($fields, $plant, $group, $refusals);
        $limed = self::limed($fields, $refusals);
        if ($group === null || $climate === null || $refusals->any()) {
            return null;
        }

        return new self(
            $group,
            new Situation(
                Targets::of($group, $wants, $purpose),
                $climate,
                new Place(Exposure::from($exposure), rainReaches: $rain, stand: Stand::from($stand), winterShelter: $shelter),
                new Crown($canopy, Leaf::from($leaf), $evergreen, weeksSince: Crown::WEEKS_TO_RECOVER),
                Surface::from($surface),
                new WateringHabit($habit, $habit, $habit, $habit, WateringMethod::from($method)),
                $alkalinity,
                RootVigour::from($vigour),
                purpose: $purpose,
                feedAcidityMgL: $feedMg,
                feedAcidityMmolLYear: $feedMmol,
            ),
            $limed,
            $weights[0],
            $weights[1],
        );
    }

    /**
     * pH that components are limed to, by key, where the document says so rightly.
     *
     * @return array<string, float>
     */
    public static function limedIn(mixed $input): array
    {
        $limed = [];
        foreach (is_array($input) && is_array($input['limed_to'] ?? null) ? $input['limed_to'] : [] as $key => $ph) {
            if ((is_int($ph) || is_float($ph)) && $ph >= 3.0 && $ph <= 9.0) {
                $limed[(string) $key] = (float) $ph;
            }
        }

        return $limed;
    }

    /**
     * @param callable(): array<string, array<string, mixed>> $species
     *
     * @return array<string, mixed> empty where none is named
     */
    private static function species(Fields $fields, callable $species, Refusals $refusals): array
    {
        if (! $fields->has('species')) {
            return [];
        }
        $library = $species();
        $key = $fields->raw('species');
        if (! is_string($key) || ! isset($library[$key])) {
            $refusals->add(new Refusal('situation.species', 'species_unknown', $key, ['known' => implode(', ', array_keys($library))]));

            return [];
        }

        return $library[$key];
    }

    /**
     * @param array<string, mixed> $species
     *
     * @return array<'air_high'|'air_low'|'ph_high'|'ph_low'|'tension_limit_cm'|'years_young', float>
     */
    private static function wants(Fields $fields, array $species, PlantGroup $group, Refusals $refusals): array
    {
        $usual = [
            'air_low' => $group->air()->low, 'air_high' => $group->air()->high, 'ph_low' => $group->ph()->low, 'ph_high' => $group->ph()->high,
            'tension_limit_cm' => $group->tensionLimitCm(), 'years_young' => $group->replaceYears()[0],
        ];
        $wants = $usual;
        foreach (self::LIMITS as $name => [$min, $max]) {
            $own = $species[$name] ?? null;
            $wants[$name] = $fields->has($name) ? $fields->number($name, $min, $max) : (is_int($own) || is_float($own) ? (float) $own : $usual[$name]);
        }
        foreach (['air', 'ph'] as $of) {
            if ($wants[$of.'_low'] >= $wants[$of.'_high']) {
                $refusals->add($fields->has($of.'_low')
                    ? new Refusal('situation.'.$of.'_low', 'band_order_low', $wants[$of.'_low'], ['max' => $wants[$of.'_high']])
                    : new Refusal('situation.'.$of.'_high', 'band_order', $wants[$of.'_high'], ['min' => $wants[$of.'_low']]));
            }
        }

        return $wants;
    }

    /** @return array{?Climate, ?float} climate, and lime in the water of the site */
    private static function site(Fields $fields, Refusals $refusals): array
    {
        if (! $fields->has('site')) {
            $refusals->add(new Refusal('situation.site', 'required'));

            return [null, null];
        }
        $site = Fields::of($fields->raw('site'), ['latitude', 'altitude_m', 'alkalinity_mg_l', 'months'], $refusals, 'situation.site');
        $latitude = $site->number('latitude', -90, 90);
        $altitude = $site->number('altitude_m', -500, 9000, 0);
        $hardness = $site->has('alkalinity_mg_l') ? $site->number('alkalinity_mg_l', 0, 1000) : null;
        $rows = $site->raw('months');
        if (! is_array($rows) || ! array_is_list($rows) || count($rows) !== 12) {
            $refusals->add(new Refusal('situation.site.months', 'twelve_months', is_array($rows) ? count($rows) : $rows));

            return [null, $hardness];
        }
        $months = array_map(static fn(int $i, mixed $row): ?MonthClimate => self::month($row, 'situation.site.months.'.$i, $refusals), array_keys($rows), $rows);
        $known = array_values(array_filter($months));

        return [count($known) === 12 && ! is_nan($latitude) && ! is_nan($altitude) ? new Climate($latitude, $altitude, $known) : null, $hardness];
    }

    private static function month(mixed $row, string $path, Refusals $refusals): ?MonthClimate
    {
        if (! is_array($row) || ! array_is_list($row) || count($row) !== 3) {
            $refusals->add(new Refusal($path, 'month_triple', $row));

            return null;
        }
        $fields = Fields::of(array_combine(['tmin', 'tmax', 'rain_mm'], $row), ['tmin', 'tmax', 'rain_mm'], $refusals, $path);
        [$min, $max, $rain] = [$fields->number('tmin', -60, 60), $fields->number('tmax', -60, 60), $fields->number('rain_mm', 0, 3000)];
        if ($max <= $min) {
            $refusals->add(new Refusal($path.'.tmax', 'tmax_below_tmin', $max, ['min' => $min]));
        }

        return is_nan($min + $max + $rain) || $max <= $min ? null : new MonthClimate($min, $max, $rain);
    }

    /** @return array<string, float> */
    private static function limed(Fields $fields, Refusals $refusals): array
    {
        $raw = $fields->raw('limed_to');
        if ($raw === null || $raw === []) {
            return [];
        }
        if (! is_array($raw) || array_is_list($raw)) {
            $refusals->add(new Refusal('situation.limed_to', 'object', $raw));

            return [];
        }
        $keys = array_map(strval(...), array_keys($raw));
        $limed = Fields::of($raw, $keys, $refusals, 'situation.limed_to');

        return array_combine($keys, array_map(static fn(string $key): float => $limed->number($key, 3, 9), $keys));
    }
}
