<?php

declare(strict_types=1);

namespace App\Season;

use App\Blend\BlendForm;
use App\Plants\Models\Plant;
use App\Plants\Outlook;
use App\Plants\SeasonPots;
use App\Plants\WaterStates;
use App\Situations\Models\Site;
use App\Weather\SiteWeather;
use Zolbek\Core\Basis\Input\Fields;
use Zolbek\Core\Basis\Input\Refusals;
use Zolbek\Core\Basis\Input\Refused;
use Zolbek\Core\Course\Days\ComingBy;
use Zolbek\Core\Course\Days\PotStand;
use Zolbek\Core\Course\Days\Quarters;
use Zolbek\Core\Course\Days\SeasonPot;
use Zolbek\Core\Course\Days\WeatherRuns;
use Zolbek\Core\Course\Water\Demand;
use Zolbek\Core\Place\Climate\Climate;
use Zolbek\Core\Place\Setup\Setup;
use Zolbek\Core\Place\Setup\Situation;
use Zolbek\Core\Place\Site\Exposure;
use Zolbek\Core\Place\Weather\Date;

/** A question about a pot through its days: a plant of the collection, or a mix in a pot as Blend asks about it; from when, how it is watered, where it stands in winter. */
final readonly class SeasonForm
{
    public const SEED = 2027;
    private const FEWEST_RUNS = 10;
    private const MOST_HOURS = 2160.0;

    private function __construct(
        public SeasonPot $pot,
        public Setup $setup,
        public Situation $situation,
        public Climate $climate,
        public ComingBy $coming,
        public int $first,
        public int $runs,
        public ?Plant $plant,
        public ?Site $site,
        public ?float $startL,
        public float $ageYears,
        public float $chargeG,
        public float $longevityDays,
        public bool $ballUnseen,
    ) {}

    /**
     * @param array<mixed> $input `{plant_id}` or the fields of BlendForm, and `season`
     *
     * @throws Refused naming each field and what it may be
     */
    public static function read(array $input, SeasonPots $pots, WaterStates $states): self
    {
        $refusals = new Refusals();
        $season = Fields::of($input['season'] ?? ['runs' => WeatherRuns::MANY], ['from', 'runs', 'coming', 'quarters', 'charge_g', 'longevity_days'], $refusals, 'season');
        $from = $season->has('from') ? $refusals->during('season', static fn(): int => Date::number($season->text('from', 10), 'from')) : SiteWeather::today();
        $runs = $season->integer('runs', self::FEWEST_RUNS, WeatherRuns::MANY, WeatherRuns::MANY);
        $charge = $season->number('charge_g', 0, 10_000, 0);
        $longevity = $season->number('longevity_days', 1, 1000, 150);
        $quarters = $season->has('quarters') ? self::quartersOf($season->raw('quarters'), $refusals) : null;
        $coming = self::coming($season->raw('coming'), $refusals);
        $refusals->throwIfAny();
        $plant = isset($input['plant_id']) ? self::plant($input) : null;
        if ($plant !== null) {
            $now = $states->one($plant);
            $setup = $now?->setup;
            $pot = $setup === null ? null : $pots->of($plant, $setup, years: 1);
            $age = Outlook::years($plant) ?? 0.0;
            $startL = $from === SiteWeather::today() ? $now?->state?->waterL : null;
            $pot = $pot?->with(phi: exp($now->logPhi ?? 0.0));
        } else {
            $form = BlendForm::read($input, ['season']);
            [$setup, $pot, $age, $startL] = [$form->setup, null, 0.0, null];
        }
        $situation = $setup?->situation;
        $climate = $situation?->climate;
        if ($setup === null || $situation === null || $climate === null || $from === null) {
            throw $plant === null ? Refused::because('situation.site_id', 'required') : Refused::because('plant_id', 'pot_without_model', $plant->number);
        }
        $pot ??= SeasonPot::of($setup, $situation, new Demand($setup, $situation, $climate), [0.0, 0.5]);
        if ($quarters !== null) {
            [$begin, $end, $exposure, $roofed] = $quarters;
            $there = $situation->with(place: $situation->place->with(exposure: $exposure, rainReaches: ! $roofed));
            $pot = $pot->with(quarters: new Quarters($begin, $end, PotStand::at($setup, $there, $climate)));
        }

        return new self(
            $pot,
            $setup,
            $situation,
            $climate,
            $coming ?? ComingBy::habit($situation->habit),
            $from,
            $runs,
            $plant,
            $plant?->site,
            $startL,
            $age,
            $charge,
            $longevity,
            $setup->filling?->ball !== null && $age < 1.0,
        );
    }

    /**
     * @param array<mixed> $input
     *
     * @throws Refused field "plant_id"
     */
    public static function plant(array $input): Plant
    {
        $id = $input['plant_id'] ?? null;
        $query = RoundPlants::of();
        $query->with(['species', 'site', 'pot']);

        return (is_int($id) ? $query->find($id) : null) ?? throw Refused::because('plant_id', 'plant_missing', $id);
    }

    /** @return array{int, int, Exposure, bool}|null */
    private static function quartersOf(mixed $input, Refusals $refusals): ?array
    {
        $fields = Fields::of($input, ['from', 'to', 'exposure', 'roofed'], $refusals, 'season.quarters');
        $day = static fn(string $name): ?int => $refusals->during('season.quarters', static fn(): int => Date::dayOfYear($fields->text($name, 5), $name));
        $from = $day('from');
        $to = $day('to');
        $exposure = $fields->oneOf('exposure', array_column(Exposure::cases(), 'value'), Exposure::Shade->value);
        $roofed = $fields->flag('roofed', false);

        return $from === null || $to === null || $exposure === null || $from === $to ? null : [$from, $to, Exposure::from($exposure), $roofed];
    }

    /** Null where nothing is said. */
    public static function coming(mixed $input, Refusals $refusals, string $path = 'season.coming'): ?ComingBy
    {
        if ($input === null) {
            return null;
        }
        $fields = Fields::of($input, ['kind', 'spring_h', 'summer_h', 'autumn_h', 'winter_h', 'skip_above', 'at', 'looks', 'given_l', 'dunked'], $refusals, $path);
        $kind = $fields->oneOf('kind', ['every', 'share', 'need', 'never'], 'every');
        $hours = static fn(string $name): ?float => $fields->has($name) ? $fields->number($name, 1, self::MOST_HOURS) : null;
        $looks = $fields->integer('looks', 1, 4, 1);
        $skip = $fields->has('skip_above') ? $fields->number('skip_above', 0, 1) : null;
        $at = $fields->number('at', 0, 1, 0.3);
        $every = ComingBy::every($hours('spring_h'), $hours('summer_h'), $hours('autumn_h'), $hours('winter_h'), $skip);

        $by = match ($kind) {
            'share' => ComingBy::share($at, $looks),
            'need' => ComingBy::need($looks),
            'never' => ComingBy::never(),
            default => $every,
        };

        return $by->giving($fields->optionalAbove('given_l', 0, 1000), $fields->flag('dunked', false));
    }
}
