<?php

declare(strict_types=1);

namespace Zolbek\Core\Course\Days;

use Zolbek\Core\Place\Climate\Climate;
use Zolbek\Core\Place\Weather\Weather;
use Zolbek\Core\Place\Weather\WeatherGenerator;

/**
 * The same days many times over, as the weather of a site could have it: made once, and lived through by every pot that stands there.
 *
 * Runs 0 to N - 1 of one seed, each from the same date; measured days may go before, the same in each. Source: the season model, section 4.
 * Check: two pots of a site meet the same weather, whatever is done to them.
 */
final readonly class WeatherRuns
{
    /** Runs of which bands are told. */
    public const MANY = 100;

    /** @param non-empty-list<array{Weather, LeafCourse}> $runs */
    private function __construct(public array $runs) {}

    /**
     * @param int          $first the first day made, see Date
     * @param Weather|null $known    days up to the one before it
     * @param Weather|null $foretold the first of the days, in each run alike
     */
    public static function of(Climate $climate, int $first, int $days, int $runs, int $seed, ?Weather $known = null, ?Weather $foretold = null): self
    {
        $generator = new WeatherGenerator($climate);
        $before = $known === null ? LeafCourse::before($first, $climate) : (new LeafCourse(LeafCourse::before($known->first, $climate), $known))->end;
        $made = [];
        for ($run = 0; $run < max(1, $runs); ++$run) {
            $weather = $foretold === null ? $generator->days($first, $days, $seed, $run) : $foretold->then($generator->days($first + $foretold->days, max(0, $days - $foretold->days), $seed, $run));
            $made[] = [$weather, new LeafCourse($before, $weather)];
        }

        return new self($made);
    }

    /** The first so many of them: no others than those made alone. */
    public function few(int $count): self
    {
        return new self(array_slice($this->runs, 0, max(1, $count)));
    }

    /** @return non-empty-list<PotDays> */
    public function through(SeasonPot $pot, ComingBy $habit, ?float $startL = null, int $since = PotRun::LONG_SINCE): array
    {
        return array_map(static fn(array $run): PotDays => (new PotRun(...$run))->through($pot, $habit, $startL, $since), $this->runs);
    }

    public function first(): Weather
    {
        return $this->runs[0][0];
    }
}
