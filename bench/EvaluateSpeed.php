<?php

declare(strict_types=1);

namespace Bench;

use RuntimeException;
use Symfony\Component\Process\Process;

/** Middle time in ms of `./zolbek evaluate` from its start to its end, without a situation and with one, in turn. */
final class EvaluateSpeed
{
    private const TIMES = 15;

    /** @return array{float, float} */
    public static function measure(): array
    {
        $plain = [
            'blend' => ['pumice-3-6-mm' => 2, 'lava-scoria-3-6-mm' => 1],
            'pot' => ['shape' => 'oval', 'depth' => 6.5, 'top_length' => 34, 'top_width' => 26, 'base_length' => 30, 'base_width' => 22],
            'holes' => ['count' => 2, 'diameter_cm' => 2.2, 'open_share' => 0.6],
        ];
        $placed = $plain + ['situation' => ['species' => 'black-pine', 'site' => ['latitude' => 44, 'alkalinity_mg_l' => 60, 'months' => array_fill(0, 12, [-3, 18, 60])]]];
        $times = [[], []];
        for ($i = 0; $i <= self::TIMES; ++$i) {
            foreach ([$plain, $placed] as $which => $question) {
                $process = new Process([dirname(__DIR__).'/zolbek', 'evaluate', '-'], null, null, json_encode($question, JSON_THROW_ON_ERROR));
                $start = hrtime(true);
                if ($process->run() !== 0) {
                    throw new RuntimeException($process->getErrorOutput());
                }
                $times[$which][$i] = (hrtime(true) - $start) / 1e6;
            }
        }

        return array_map(self::middle(...), [array_slice($times[0], 1), array_slice($times[1], 1)]);
    }

    /** @param list<float> $times */
    private static function middle(array $times): float
    {
        sort($times);

        return $times[intdiv(count($times), 2)];
    }
}
