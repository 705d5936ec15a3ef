<?php

declare(strict_types=1);

namespace App\Outcomes;

use App\Plants\StoodFigures;
use Zolbek\Core\Basis\Numerics\Quantile;
use Zolbek\Core\Basis\Statistics\Sample;
use Zolbek\Core\Basis\Statistics\Wilson;
use Zolbek\Core\Course\Ageing\Forecast;

/** What came of some plants in a mix, counted: schema OutcomeSums of the API. */
final class OutcomeSums
{
    public function __construct(private readonly StoodFigures $stood) {}

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
        $figures = array_values(array_filter(array_map(fn(Stay $stay): ?array => $this->stood->of($stay->plant, $stay->in), $stays)));
        $grown = Sample::of(array_filter(array_map(static fn(Stay $stay): ?float => $stay->trunk?->perYear, $stays), static fn(?float $rate): bool => $rate !== null));
        $pairs = array_values(array_filter(array_map(fn(Stay $stay): ?array => $stay->runThroughS === null ? null : ['measured' => $stay->runThroughS, 'computed' => $this->stood->of($stay->plant, $stay->in)['seconds'] ?? null], $stays)));
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
                'stood' => Sample::of(array_map(static fn(Stay $stay): float => $stay->years(), $ended))?->mean, 'ended' => count($ended),
                'so_far' => Sample::of(array_map(static fn(Stay $stay): float => $stay->years(), array_filter($stays, static fn(Stay $stay): bool => $stay->isNow())))?->mean,
                // those that last beyond the horizon last at least as long
                'forecast' => Sample::of(array_map(static fn(array $of): float => $of['years'] ?? Forecast::HORIZON, $figures))?->mean,
                'beyond' => count(array_filter($figures, static fn(array $of): bool => $of['years'] === null)),
            ],
            'growth' => ['mm_year' => $grown?->mean, 'deviation' => $grown?->deviation, 'n' => $grown->n ?? 0],
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
        return $this->stood->of($stay->plant, $stay->in)['years'] ?? null;
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
}
