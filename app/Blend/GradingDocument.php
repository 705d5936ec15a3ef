<?php

declare(strict_types=1);

namespace App\Blend;

use Zolbek\Core\Mix\Substrate\Substrate;

/** The grain sizes of a mix: each component's share of each class, and the curve of all of them. */
final class GradingDocument
{
    /** @return array<string, mixed> */
    public static function of(Substrate $substrate, Records $records): array
    {
        $blend = $substrate->blend;
        $envelopes = [];
        foreach ($blend->components as $i => $component) {
            $envelopes[] = $blend->shares[$i] * $component->bulkDensity / $component->particleDensity;
        }
        $total = array_sum($envelopes);
        $components = [];
        foreach ($blend->components as $i => $component) {
            $components[] = [
                ...$records->look($component->key),
                'share' => $envelopes[$i] / $total,
                'class_shares' => array_map(static fn(float $share): float => $share * $envelopes[$i] / $total, $component->classShares),
            ];
        }
        $curve = $blend->grading();

        return [
            'components' => $components,
            'curve' => array_map(static fn(float $size, float $passing): array => ['size_mm' => $size, 'passing' => $passing], $curve->sizesMm, $curve->passing),
        ];
    }
}
