<?php

declare(strict_types=1);

namespace App\Season;

use App\Plants\Models\Plant;
use App\Plants\SeasonPots;
use App\Plants\WaterNow;
use App\Plants\WaterStates;
use App\Weather\SiteWeather;
use Zolbek\Core\Basis\Input\Fields;
use Zolbek\Core\Basis\Input\Refusal;
use Zolbek\Core\Basis\Input\Refusals;
use Zolbek\Core\Basis\Input\Refused;
use Zolbek\Core\Basis\Numerics\Quantile;
use Zolbek\Core\Course\Days\Absence;
use Zolbek\Core\Course\Days\ComingBy;
use Zolbek\Core\Course\Days\PotDays;
use Zolbek\Core\Course\Days\PotStand;
use Zolbek\Core\Course\Days\SeasonPot;
use Zolbek\Core\Course\Days\WeatherRuns;
use Zolbek\Core\Course\Water\PotLitres;
use Zolbek\Core\Place\Climate\Climate;
use Zolbek\Core\Place\Setup\Setup;
use Zolbek\Core\Place\Setup\Situation;
use Zolbek\Core\Place\Site\Exposure;
use Zolbek\Core\Place\Site\Surface;
use Zolbek\Core\Place\Weather\Date;
use Zolbek\Core\Place\Weather\MeasuredDays;

/** Nobody comes for some days: which pots survive it, worst first, and what helps one of them. Schemas Away and AwayHelps of the API. */
final class AwayDocument
{
    private const LONGEST_DAYS = 120;
    private const RUNS = 40;

    /** How many times one deeper a pot is tried. */
    private const DEEPER = 1.5;

    /** Somebody comes every so many days. */
    private const COMES = [7, 4, 3, 2, 1];

    /** Share of years in which want may be met, for a helper to count as enough. */
    private const ENOUGH = 0.1;

    /** @var array<int, WeatherRuns> by site */
    private array $runs = [];

    public function __construct(private readonly WaterStates $states, private readonly SeasonPots $pots, private readonly SiteWeather $weather) {}

    /**
     * @param array<mixed> $input `{from, days, place}`
     *
     * @return array<string, mixed>
     *
     * @throws Refused naming each field and what it may be
     */
    public function of(array $input): array
    {
        [$first, $days, $place] = self::read($input, 'place');
        [$total, $found] = RoundPlants::driest($place);
        $states = $this->states->of($found);
        $rows = [];
        foreach ($found as $plant) {
            $now = $states[$plant->id] ?? null;
            $climate = $now?->setup->situation?->climate;
            if ($now !== null && $climate !== null && $plant->site !== null) {
                [$pot, $start] = $this->then($plant, $now, $first);
                $rows[] = [...self::head($plant), ...self::figures(new Absence($this->weatherOf($plant->site->id, $climate, $first, $days), $pot, $start)), 'known_now' => $start !== null];
            }
        }
        usort($rows, static fn(array $a, array $b): int => [-$a['lost_share'], $a['first_want'][1], -$a['degree'], $a['number']] <=> [-$b['lost_share'], $b['first_want'][1], -$b['degree'], $b['number']]);

        return ['from' => Date::of($first), 'days' => $days, 'runs' => self::RUNS, 'total' => $total, 'unknown' => $found->count() - count($rows), 'plants' => $rows];
    }

    /**
     * @param array<mixed> $input `{plant_id, from, days}`
     *
     * @return array<string, mixed>
     *
     * @throws Refused naming each field and what it may be
     */
    public function helps(array $input): array
    {
        [$first, $days] = self::read($input, 'plant_id');
        $plant = SeasonForm::plant($input);
        $now = $this->states->one($plant);
        $situation = $now?->setup->situation;
        $climate = $situation?->climate;
        if ($now === null || $situation === null || $climate === null || $plant->site === null) {
            throw Refused::because('plant_id', 'pot_without_model', $plant->number);
        }
        [$pot, $start] = $this->then($plant, $now, $first);
        $runs = $this->weatherOf($plant->site->id, $climate, $first, $days);
        $full = $pot->litres[0]->fullL;
        $of = static fn(string $what, SeasonPot $with, ?float $startL): array => ['what' => $what, ...self::figures(new Absence($runs, $with, $startL))];
        $rows = [$of('as_it_is', $pot, $start)];
        if ($start !== null && $start < $full - 1e-6) {
            $rows[] = $of('dunk', $pot, $full);
        }
        foreach ([Exposure::HalfShade, Exposure::Shade] as $exposure) {
            if ($exposure->factor() < $situation->place->exposure->factor() && ! $situation->place->exposure->isUnderCover()) {
                $rows[] = $of($exposure->value, self::standing($pot, $now->setup, $situation->with(place: $situation->place->with(exposure: $exposure)), $climate), $full);
            }
        }
        if ($situation->surface !== Surface::Stone) {
            $rows[] = $of('stone', self::standing($pot, $now->setup, $situation->with(surface: Surface::Stone), $climate), $full);
        }
        $deeper = PotLitres::of($now->setup->with(pot: $now->setup->pot->withDepth(self::DEEPER * $now->setup->pot->depthCm)));
        $rows[] = $of('deeper_pot', $pot->with(litres: [$deeper]), $deeper->fullL);
        $wanted = array_map(static fn(PotDays $run): float => array_sum($run->demand), $runs->through($pot, ComingBy::never(), $start));

        return ['plant' => self::head($plant), 'from' => Date::of($first), 'days' => $days, 'helps' => $rows, 'comes_every' => self::somebody($runs, $pot, $start, $first, $days), 'tray_l' => $plant->many() * Quantile::of($wanted, 0.9)];
    }

    /** The least often that somebody must come, in days; 0 where nobody need. */
    private static function somebody(WeatherRuns $runs, SeasonPot $pot, ?float $start, int $first, int $days): ?int
    {
        $want = static fn(ComingBy $by): float => count(array_filter($runs->through($pot, $by, $start), static fn(PotDays $run): bool => $run->wantDays > 0)) / count($runs->runs);
        if ($want(ComingBy::never()) <= self::ENOUGH) {
            return 0;
        }
        foreach (self::COMES as $every) {
            if ($every < $days && $want(ComingBy::dates(range($first, $first + $days - 1, $every))) <= self::ENOUGH) {
                return $every;
            }
        }

        return null;
    }

    private static function standing(SeasonPot $pot, Setup $setup, Situation $there, Climate $climate): SeasonPot
    {
        return $pot->with(stand: PotStand::at($setup, $there, $climate));
    }

    /** @return array{SeasonPot, float|null} the plant as it is now, and the litres in it where it begins today */
    private function then(Plant $plant, WaterNow $now, int $first): array
    {
        $pot = ($this->pots->of($plant, $now->setup) ?? $now->pot)->with(phi: exp($now->logPhi));

        return [$pot, $first === SiteWeather::today() ? $now->state?->waterL : null];
    }

    private function weatherOf(int $siteId, Climate $climate, int $first, int $days): WeatherRuns
    {
        return $this->runs[$siteId] ??= (function () use ($climate, $first, $days): WeatherRuns {
            $foretold = $first === SiteWeather::today() ? array_slice($this->weather->forecast($climate) ?? [], 0, $days) : [];

            return WeatherRuns::of($climate, $first, $days, self::RUNS, SeasonForm::SEED, foretold: $foretold === [] ? null : MeasuredDays::weather($climate, $foretold));
        })();
    }

    /** @return array{first_want: array{float, float, float}, want_share: float, lost_share: float, degree: float} */
    private static function figures(Absence $absence): array
    {
        return ['first_want' => $absence->firstWant, 'want_share' => $absence->wantShare, 'lost_share' => $absence->lostShare, 'degree' => $absence->degree];
    }

    /** @return array<string, mixed> */
    private static function head(Plant $plant): array
    {
        return ['id' => $plant->id, ...$plant->only(['number', 'name', 'place', 'count', 'exposure']), 'pot' => $plant->pot?->name];
    }

    /**
     * @param array<mixed> $input
     *
     * @return array{int, int, string|null} the first day, how many, the place
     */
    private static function read(array $input, string $more): array
    {
        $refusals = new Refusals();
        $fields = Fields::of($input, ['from', 'days', $more], $refusals);
        $first = $fields->has('from') ? $refusals->during('', static fn(): int => Date::number($fields->text('from', 10), 'from')) : SiteWeather::today();
        $days = $fields->integer('days', 1, self::LONGEST_DAYS, 7);
        if ($first !== null && $first < SiteWeather::today()) {
            $refusals->add(new Refusal('from', 'day_over', Date::of($first)));
        }
        $place = $more === 'place' && $fields->has('place') ? $fields->text('place', 100, '') : null;
        $refusals->throwIfAny();

        return [$first ?? SiteWeather::today(), $days, $place];
    }
}
