<?php

declare(strict_types=1);

namespace App\Season;

use App\Plants\Models\Plant;
use App\Plants\SeasonPots;
use App\Plants\WaterStates;
use App\Weather\SiteWeather;
use Zolbek\Core\Basis\Input\Fields;
use Zolbek\Core\Basis\Input\Refusals;
use Zolbek\Core\Basis\Input\Refused;
use Zolbek\Core\Course\Days\ComingBy;
use Zolbek\Core\Course\Days\PotDays;
use Zolbek\Core\Course\Days\WeatherRuns;
use Zolbek\Core\Course\Days\YearBands;
use Zolbek\Core\Place\Climate\Climate;
use Zolbek\Core\Place\Weather\Weather;

/** The plants of a place, or all, through a year under one way of watering: who wants most, and the litres that it takes by month. Schema PlaceYear of the API. */
final readonly class PlaceYearDocument
{
    private const DAYS = 365;
    private const RUNS = 5;

    public function __construct(private WaterStates $states, private SeasonPots $pots) {}

    /**
     * @param array<mixed> $input `{place, coming}`
     *
     * @return array<string, mixed>
     *
     * @throws Refused naming each field and what it may be
     */
    public function of(array $input): array
    {
        $refusals = new Refusals();
        $fields = Fields::of($input, ['place', 'coming'], $refusals);
        $place = $fields->has('place') ? $fields->text('place', 100, '') : null;
        $coming = SeasonForm::coming($fields->raw('coming'), $refusals, 'coming');
        $refusals->throwIfAny();
        [$total, $found] = RoundPlants::driest($place);
        $states = $this->states->of($found);
        $rows = $bySite = [];
        $litres = array_fill(0, 12, 0.0);
        foreach ($found as $plant) {
            $now = $states[$plant->id] ?? null;
            $climate = $now?->setup->situation?->climate;
            $pot = $now === null ? null : $this->pots->of($plant, $now->setup, years: 1);
            if ($now === null || $climate === null || $pot === null || $plant->site === null) {
                continue;
            }
            $runs = $bySite[$plant->site->id] ??= self::weather($climate);
            $days = $runs->through($pot->with(phi: exp($now->logPhi)), $coming ?? ComingBy::habit($now->setup->situation->habit), $now->state?->waterL);
            $rows[] = self::row($plant, new YearBands($days));
            foreach (self::byMonth($days, $runs->first()) as $month => $given) {
                $litres[$month] = ($litres[$month] ?? 0.0) + $plant->many() * $given;
            }
        }
        usort($rows, static fn(array $a, array $b): int => [-$a['want_days'], -$a['wet_days'], $a['number']] <=> [-$b['want_days'], -$b['wet_days'], $b['number']]);

        return ['runs' => self::RUNS, 'total' => $total, 'unknown' => $found->count() - count($rows), 'given_l' => $litres, 'plants' => $rows];
    }

    private static function weather(Climate $climate): WeatherRuns
    {
        return WeatherRuns::of($climate, SiteWeather::today(), self::DAYS, self::RUNS, SeasonForm::SEED);
    }

    /** @return array{id: int, number: string, want_days: float, wet_days: float, ...} */
    private static function row(Plant $plant, YearBands $bands): array
    {
        return [
            'id' => $plant->id, 'number' => $plant->number, 'name' => $plant->name, 'place' => $plant->place, 'count' => $plant->count, 'pot' => $plant->pot?->name,
            'want_days' => $bands->sums['want_days'][1], 'longest_want' => $bands->sums['longest_want'][1], 'wet_days' => $bands->sums['wet_days'][1], 'waterings' => $bands->sums['waterings'][1],
            'given_l' => $plant->many() * $bands->sums['given_l'][1], 'drained_l' => $plant->many() * $bands->sums['drained_l'][1],
        ];
    }

    /**
     * Litres given in each month, the mean of the years.
     *
     * @param non-empty-list<PotDays> $runs
     *
     * @return array<int, float>
     */
    private static function byMonth(array $runs, Weather $weather): array
    {
        $litres = [];
        foreach ($runs as $run) {
            foreach ($run->given as $i => $given) {
                $month = $weather->month[$i] ?? 0;
                $litres[$month] = ($litres[$month] ?? 0.0) + $given / count($runs);
            }
        }

        return $litres;
    }
}
