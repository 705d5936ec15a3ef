<?php

declare(strict_types=1);

namespace App\Season;

use App\Weather\Models\WeatherDay;
use App\Weather\SiteWeather;
use Zolbek\Core\Basis\Numerics\Quantile;
use Zolbek\Core\Course\Days\ComingBy;
use Zolbek\Core\Course\Days\LeafCourse;
use Zolbek\Core\Course\Days\LimeAndFeed;
use Zolbek\Core\Course\Days\PotDays;
use Zolbek\Core\Course\Days\PotRun;
use Zolbek\Core\Course\Days\PotStand;
use Zolbek\Core\Course\Days\SeasonPot;
use Zolbek\Core\Course\Days\WeatherRuns;
use Zolbek\Core\Course\Days\YearBands;
use Zolbek\Core\Course\Reaction\ReactionCourse;
use Zolbek\Core\Course\Water\Demand;
use Zolbek\Core\Course\Water\PotLitres;
use Zolbek\Core\Mix\Chemistry\CationExchange;
use Zolbek\Core\Mix\Chemistry\Reaction;
use Zolbek\Core\Place\Climate\Season;
use Zolbek\Core\Place\Weather\Date;
use Zolbek\Core\Place\Weather\Weather;

/** A pot through a year, as it would go in most years, in one of them, and as it went: schema SeasonYear of the API. */
final readonly class YearDocument
{
    private const DAYS = 365;
    private const TIP_DEG = 25.0;
    private const FEW_RUNS = 20;

    /** How many days must have been measured before it is told how a year went. */
    private const LEAST_MEASURED = 14;

    public function __construct(private SiteWeather $weather) {}

    /** @return array<string, mixed> */
    public function of(SeasonForm $ask): array
    {
        $runs = WeatherRuns::of($ask->climate, $ask->first, self::DAYS, $ask->runs, SeasonForm::SEED);
        $days = $runs->through($ask->pot, $ask->coming, $ask->startL);
        $bands = new YearBands($days);
        $litres = $ask->pot->litres[0];
        [$ph, $feed] = $this->chemistry($ask, $runs);

        return [
            'from' => Date::of($ask->first),
            'runs' => $ask->runs,
            'pot' => ['full_l' => $litres->fullL, 'limit_l' => $litres->limitL, 'locked_l' => $litres->lockedL, 'wet_l' => $litres->wetL, 'volume_l' => $litres->volumeL],
            'good_to' => $ask->pot->group->drought()->high,
            'low' => array_column($bands->water, 0),
            'middle' => array_column($bands->water, 1),
            'high' => array_column($bands->water, 2),
            'want' => $bands->want,
            'watered' => $bands->watered,
            'sums' => $bands->sums,
            'lost_share' => $bands->lost,
            'one' => self::one($days[0], $runs->first(), $ph),
            'ph' => $ph === [] ? null : ['first' => $ph[0], 'last' => $ph[count($ph) - 1], 'low' => min($ph), 'high' => max($ph)],
            'feed' => $feed === null ? null : ['charge_g' => $ask->chargeG, 'leached_g' => $feed->leachedG, 'taken_g' => $feed->takenG, 'left_g' => $feed->leftG + $feed->poolG],
            'latest' => self::latest($ask, $runs->few(self::FEW_RUNS)),
            'wet' => $bands->sums['wet_days'][1] < 1.0 ? [] : self::drier($ask, $runs->few(self::FEW_RUNS)),
            'was' => $this->was($ask),
            'ball_unseen' => $ask->ballUnseen,
        ];
    }

    /**
     * One year of the many, day by day.
     *
     * @param list<float> $ph
     *
     * @return array<string, mixed>
     */
    private static function one(PotDays $days, Weather $weather, array $ph): array
    {
        return [
            'tmin' => $weather->tMin, 'tmax' => $weather->tMax, 'rain_mm' => $weather->rainMm, 'water_l' => $days->water, 'demand_l' => $days->demand, 'used_l' => $days->used, 'degree' => $days->degree, 'given_l' => $days->given,
            'rain_l' => $days->rain, 'drained_l' => $days->drained, 'ph' => $ph,
        ];
    }

    /**
     * How often it must be watered at least, by season: the middle of some years.
     *
     * @return list<array{season: string, every_days: float|null, waterings: float, litres: float}>
     */
    private static function latest(SeasonForm $ask, WeatherRuns $runs): array
    {
        $all = $runs->through($ask->pot, ComingBy::need(3), $ask->startL);
        $weather = $runs->first();
        $rows = [];
        foreach (Season::cases() as $season) {
            $in = array_keys(array_filter($weather->month, static fn(int $month): bool => $ask->climate->season($month) === $season));
            $times = array_map(static fn(PotDays $days): float => (float) array_sum(array_intersect_key($days->waterings, array_flip($in))), $all);
            $litres = array_map(static fn(PotDays $days): float => array_sum(array_intersect_key($days->given, array_flip($in))), $all);
            $middle = Quantile::of($times, 0.5);
            $rows[] = ['season' => $season->value, 'every_days' => $middle > 0.0 ? count($in) / $middle : null, 'waterings' => $middle, 'litres' => Quantile::of($litres, 0.5)];
        }

        return $rows;
    }

    /**
     * What a roof over it, or tipping it, does to days on which its feet stand wet.
     *
     * @return list<array{what: string, wet_days: float, want_days: float}>
     */
    private static function drier(SeasonForm $ask, WeatherRuns $runs): array
    {
        $roofed = $ask->situation->with(place: $ask->situation->place->with(rainReaches: false));
        $tipped = PotLitres::of($ask->setup->with(tipDeg: self::TIP_DEG), $ask->ageYears);
        $of = static function (string $what, SeasonPot $pot) use ($runs, $ask): array {
            $bands = new YearBands($runs->through($pot, $ask->coming, $ask->startL));

            return ['what' => $what, 'wet_days' => $bands->sums['wet_days'][1], 'want_days' => $bands->sums['want_days'][1]];
        };

        return [$of('as_it_is', $ask->pot), $of('roof', $ask->pot->with(stand: PotStand::at($ask->setup, $roofed, $ask->climate))), $of('tip', $ask->pot->with(litres: [$tipped]))];
    }

    /**
     * The reaction of the mix through one year, and what became of a charge; from where it stands by its age.
     *
     * @return array{list<float>, LimeAndFeed|null}
     */
    private function chemistry(SeasonForm $ask, WeatherRuns $runs): array
    {
        $blend = $ask->setup->substrate->blend;
        if (Reaction::ph($blend) === null && $ask->chargeG <= 0.0) {
            return [[], null];
        }
        $buffer = (new CationExchange($ask->setup->substrate))->bufferMmolL;
        $demand = new Demand($ask->setup, $ask->situation, $ask->climate);
        $litres = $ask->pot->litres[0];
        $situation = $ask->situation;
        $ph = Reaction::fresh($blend);
        if ($ask->ageYears > 0.0) {
            $course = new ReactionCourse($buffer, $demand->givenLYear / $litres->volumeL, $demand->drainedLYear / $litres->volumeL, $situation->givenAlkalinityMgL(), $situation->feedAcidityMgL, $situation->feedAcidityMmolLYear);
            $ph = $course->phAfter($ph, $ask->ageYears);
        }
        $feed = new LimeAndFeed($ph, $buffer, $situation->givenAlkalinityMgL(), $situation->feedAcidityMgL, $ask->chargeG > 0.0 ? null : $situation->feedAcidityMmolLYear, $ask->chargeG, $ask->longevityDays, $ask->first);
        $days = (new PotRun(...$runs->runs[0]))->through($ask->pot, $ask->coming, $ask->startL, feed: $feed);

        return [$days->ph, $ask->chargeG > 0.0 ? $feed : null];
    }

    /**
     * The days up to yesterday, under the weather that was, from the same beginning; null where it begins today or hardly any day was measured.
     *
     * @return array<string, mixed>|null
     */
    private function was(SeasonForm $ask): ?array
    {
        $count = min(self::DAYS, SiteWeather::today() - $ask->first);
        if ($ask->site === null || $count < self::LEAST_MEASURED || WeatherDay::query()->where('site_id', $ask->site->id)->whereBetween('day', [Date::of($ask->first), Date::of($ask->first + $count - 1)])->count() < self::LEAST_MEASURED) {
            return null;
        }
        $weather = $this->weather->known($ask->site, $ask->climate, $ask->first, $count);
        $days = (new PotRun($weather, LeafCourse::of($weather, $ask->climate)))->through($ask->pot, $ask->coming, $ask->startL);

        return [
            'water_l' => $days->water, 'want_days' => $days->wantDays, 'wet_days' => $days->wetDays, 'given_l' => array_sum($days->given), 'used_l' => array_sum($days->used), 'rain_l' => array_sum($days->rain),
            'unmeasured' => count($weather->filled), 'days' => $count,
        ];
    }
}
