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

/**
 * Seeds of random cases: a few each time, many where there is time (./zolbek test long).
 *
 * @return list<int>
 */
function seeds(int $few, int $many): array
{
    return range(1, isLong() ? 10 * $many : $few);
}
