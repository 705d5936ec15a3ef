<?php

declare(strict_types=1);

use Illuminate\Foundation\Testing\TestCase;
use Tests\Browser\BrowserTestCase;
use Tests\Feature\FeatureTestCase;

pest()->extend(FeatureTestCase::class)->in('Feature');
pest()->extend(BrowserTestCase::class)->in('Browser');
pest()->extend(TestCase::class)->in('Upgrade');

expect()->extend('toBeNear', function (float $wanted, float $relative = 1e-6): void {
    expect(abs((float) $this->value - $wanted))->toBeLessThanOrEqual($relative * max(abs($wanted), 1e-300), sprintf('%.12g is not near %.12g', $this->value, $wanted));
});

/** Whether there is time for all of what else is tried by samples (./zolbek test long). */
function isLong(): bool
{
    return getenv('ZOLBEK_LONG') === '1';
}

/** How many turns there are. */
const TURNS = 3;

/**
 * Whether it is somebody's turn, where a run has a turn (./zolbek test): of what is long to try and no main job a third is tried, which one follows from the commit.
 * Everybody's, where nobody counts.
 */
function isTurnOf(string $name): bool
{
    $turn = getenv('ZOLBEK_TURN');

    return isLong() || $turn === false || $turn === '' || crc32($name) % TURNS === (int) $turn % TURNS;
}

/**
 * Of what nobody would send every so-manieth, from another one on each time and in each run, so that all of it is sent to somebody; where there is time all to everybody.
 *
 * @template T
 *
 * @param list<T> $all
 *
 * @return list<T>
 */
function some(array $all, int $every): array
{
    static $from = null;
    $from = 1 + ($from ?? (int) getenv('ZOLBEK_TURN'));

    return isLong() ? $all : array_values(array_filter($all, static fn(int $at): bool => ($at + $from) % $every === 0, ARRAY_FILTER_USE_KEY));
}

/**
 * Seeds of random cases: a few each time, many where there is time (./zolbek test long).
 *
 * @return list<int>
 */
function seeds(int $few, int $many): array
{
    return range(1, isLong() ? 10 * $many : $few);
}
