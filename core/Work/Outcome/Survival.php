<?php

declare(strict_types=1);

namespace Zolbek\Core\Work\Outcome;

/**
 * What became of a plant after it was potted, at the two moments at which growers ask: after six weeks, and after a year.
 *
 *     six weeks   died by day 56; else what was told last from day 14 to day 90: it took, or it sulked; else nobody looked
 *     a year      died by day 365; lives where it stood there, or was seen elsewhere, after that day; else it is not known yet
 *
 * A plant that left before is not counted, neither for nor against. Source: practice of nurseries, who look at new roots within two to eight weeks. Check: told "took" on day 40
 * and dead on day 200: it took, and died within the year.
 */
final readonly class Survival
{
    public const SIX_WEEKS = 56;
    public const YEAR = 365;
    private const TOLD = [14, 90];

    /** took, sulked or died; null where nobody said. */
    public ?string $sixWeeks;

    /** lives or died; null where that is not known. */
    public ?string $year;

    /**
     * @param list<array{day: int, word: string}> $told  took, sulked or died, with the day since it was potted
     * @param int|null                            $died  day since it was potted on which it died
     * @param int                                 $known last day since it was potted on which it was known to live
     */
    public function __construct(array $told, ?int $died, int $known)
    {
        foreach ($told as ['day' => $day, 'word' => $word]) {
            if ($word === 'died') {
                $died = min($died ?? $day, $day);
            }
        }
        $within = array_filter($told, static fn(array $one): bool => $one['word'] !== 'died' && $one['day'] >= self::TOLD[0] && $one['day'] <= self::TOLD[1]);
        usort($within, static fn(array $one, array $other): int => $one['day'] <=> $other['day']);
        $last = end($within);
        $this->sixWeeks = match (true) {
            $died !== null && $died <= self::SIX_WEEKS => 'died',
            $last !== false => $last['word'],
            default => null,
        };
        $this->year = match (true) {
            $died !== null && $died <= self::YEAR => 'died',
            max($known, $died ?? 0) > self::YEAR => 'lives',
            default => null,
        };
    }
}
