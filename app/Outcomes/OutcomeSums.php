<?php

declare(strict_types=1);

namespace App\Outcomes;

use App\Plants\Outlook;
use Zolbek\Core\Basis\Numerics\Quantile;
use Zolbek\Core\Basis\Statistics\Wilson;
use Zolbek\Core\Course\Ageing\Forecast;
use Zolbek\Core\Place\Container\RunThrough;

/** What came of some plants in a mix, counted: schema OutcomeSums of the API. */
final class OutcomeSums
{
    /** Different mixes in pots of which it is computed how long they last; the rest counts without. */
    private const MOST_FORECASTS = 60;

    /** @var array<string, float|null> years that a mix in a pot was to last, by what it is */
    private array $forecasts = [];

    /** @var array<string, float|null> seconds that water was to take */
    private array $runThroughs = [];

    public function __construct(private readonly Outlook $outlook) {}

    /**
     * @param list<Stay> $stays
     *
     * @return array<string, mixed>
     */
    public function of(array $stays): array
    {
        $looked = array_values(array_filter($stays, static fn(Stay $stay): bool => $stay->survival->sixWeeks !== null));
        $known = array_values(array_filter($stays, static fn(Stay $stay): bool => $stay->survival->year !== null));
        $seen = array_values(array_filter($stays, static fn(Stay $stay): bool => $stay->findings !== null));
        $ended = array_values(array_filter($stays, static fn(Stay $stay): bool => $stay->endedBy === 'repotted'));
        $sixWeeks = static fn(string $word): ?array => self::share(count(array_filter($looked, static fn(Stay $stay): bool => $stay->survival->sixWeeks === $word)), count($looked));
        $forecast = array_values(array_filter(array_map($this->forecast(...), $stays), static fn(?float $years): bool => $years !== null));
        $growth = array_values(array_filter(array_map(static fn(Stay $stay): ?float => $stay->trunkMmYear, $stays), static fn(?float $rate): bool => $rate !== null));
        $pairs = array_values(array_filter(array_map(fn(Stay $stay): ?array => $stay->runThroughS === null ? null : ['measured' => $stay->runThroughS, 'computed' => $this->runThrough($stay)], $stays)));
        $computed = array_values(array_filter(array_column($pairs, 'computed'), static fn(?float $seconds): bool => $seconds !== null));
        $complaints = array_merge(...array_map(static fn(Stay $stay): array => array_map(static fn(array $one): array => [...$one, 'plant_id' => $stay->plant->id, 'plant' => $stay->plant->name], $stay->complaints), $stays));
        usort($complaints, static fn(array $one, array $other): int => $other['on'] <=> $one['on']);

        return [
            'pottings' => count($stays),
            'now' => count(array_filter($stays, static fn(Stay $stay): bool => $stay->isNow())),
            'before' => count(array_filter($stays, static fn(Stay $stay): bool => ! $stay->isNow())),
            'took' => $sixWeeks('took'), 'sulked' => $sixWeeks('sulked'), 'died_six_weeks' => $sixWeeks('died'),
            'died_year' => self::share(count(array_filter($known, static fn(Stay $stay): bool => $stay->survival->year === 'died')), count($known)),
            'roots' => ['looked' => count($seen), 'findings' => self::findings($seen)],
            'years' => [
                'stood' => self::mean(array_map(static fn(Stay $stay): float => $stay->years(), $ended)), 'ended' => count($ended),
                'so_far' => self::mean(array_map(static fn(Stay $stay): float => $stay->years(), array_filter($stays, static fn(Stay $stay): bool => $stay->isNow()))),
                'forecast' => self::mean($forecast),
                'beyond' => count(array_filter($stays, fn(Stay $stay): bool => $this->forecast($stay) === null && $this->isReckoned($stay))),
            ],
            'growth' => ['mm_year' => self::mean($growth), 'deviation' => self::deviation($growth), 'n' => count($growth)],
            'run_through' => ['measured_s' => $pairs === [] ? null : Quantile::of(array_column($pairs, 'measured'), 0.5), 'computed_s' => $computed === [] ? null : Quantile::of($computed, 0.5), 'n' => count($pairs)],
            'complaints' => ['n' => count($complaints), 'last' => array_slice($complaints, 0, 5)],
        ];
    }

    /** @return array{hits: int, cases: int, share: float, low: float, high: float, few: bool}|null null where there is no case */
    public static function share(int $hits, int $cases): ?array
    {
        if ($cases === 0) {
            return null;
        }
        $share = new Wilson($hits, $cases);

        return ['hits' => $hits, 'cases' => $cases, 'share' => $share->share, 'low' => $share->low, 'high' => $share->high, 'few' => $share->isFew()];
    }

    /** Years that it was to last there; null beyond the horizon, or where that is not computed. */
    public function forecast(Stay $stay): ?float
    {
        $key = self::key($stay);
        if (! array_key_exists($key, $this->forecasts) && count($this->forecasts) < self::MOST_FORECASTS) {
            $this->forecasts[$key] = Forecast::failure($this->outlook->setupIn($stay->plant, $stay->in));
        }

        return $this->forecasts[$key] ?? null;
    }

    private function isReckoned(Stay $stay): bool
    {
        return array_key_exists(self::key($stay), $this->forecasts);
    }

    private function runThrough(Stay $stay): ?float
    {
        $key = self::key($stay);
        if (! array_key_exists($key, $this->runThroughs) && count($this->runThroughs) < self::MOST_FORECASTS) {
            $setup = $this->outlook->setupIn($stay->plant, $stay->in);
            $this->runThroughs[$key] = (new RunThrough($setup->zone, $setup->substrate, $setup->holes))->seconds;
        }

        return $this->runThroughs[$key] ?? null;
    }

    private static function key(Stay $stay): string
    {
        return implode('|', [$stay->in->recipeId, $stay->in->recipeVersion, $stay->in->pot['id'], $stay->plant->plant_group, $stay->plant->site_id, $stay->plant->exposure]);
    }

    /**
     * @param list<Stay> $seen
     *
     * @return list<array{finding: string, of: array{hits: int, cases: int, share: float, low: float, high: float, few: bool}|null}>
     */
    private static function findings(array $seen): array
    {
        $counts = array_count_values(array_merge(...array_map(static fn(Stay $stay): array => array_values(array_unique($stay->findings ?? [])), $seen)));
        arsort($counts);

        return array_map(static fn(string $finding): array => ['finding' => $finding, 'of' => self::share($counts[$finding], count($seen))], array_keys($counts));
    }

    /** @param array<float> $values */
    private static function mean(array $values): ?float
    {
        return $values === [] ? null : array_sum($values) / count($values);
    }

    /** @param list<float> $values */
    private static function deviation(array $values): ?float
    {
        $n = count($values);
        $mean = self::mean($values);

        return $n < 2 ? null : sqrt(array_sum(array_map(static fn(float $value): float => ($value - $mean) ** 2, $values)) / ($n - 1));
    }
}
