<?php

declare(strict_types=1);

namespace Bench;

use Tests\Browser\Writers;

/** Four helpers on one day who write without pause: how long a tap takes, and how often it fails. */
final class FourWriters
{
    /** @return array{int, float, float} errors, and ms of a write in the middle and of 95 in 100 */
    public static function measure(string $address): array
    {
        $day = json_decode((string) file_get_contents($address.'/api/v1/days/1'), true);
        $writers = new Writers($address, Writers::helpers($day, [1, 2, 9], 4, 12));
        $times = array_column($writers->answers, 'ms');
        sort($times);

        return [count($writers->faults()), $times[intdiv(count($times), 2)], $times[(int) floor(0.95 * (count($times) - 1))]];
    }
}
