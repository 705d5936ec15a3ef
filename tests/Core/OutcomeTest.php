<?php

declare(strict_types=1);

use Zolbek\Core\Work\Outcome\Survival;
use Zolbek\Core\Work\Outcome\WhatElseDiffered;

test('what became of a plant after six weeks and after a year', function (array $told, ?int $died, int $known, ?string $sixWeeks, ?string $year): void {
    $found = new Survival(array_map(static fn(array $one): array => ['day' => $one[0], 'word' => $one[1]], $told), $died, $known);
    expect($found->sixWeeks)->toBe($sixWeeks)->and($found->year)->toBe($year);
})->with([
    'took, died within the year' => [[[40, 'took']], 200, 200, 'took', 'died'],
    'nobody looked, still there after two years' => [[], null, 730, null, 'lives'],
    'too early to say' => [[[13, 'took']], null, 300, null, null],
    'said on the first day that counts' => [[[14, 'sulked']], null, 365, 'sulked', null],
    'said on the last day that counts' => [[[90, 'took']], null, 366, 'took', 'lives'],
    'said too late' => [[[91, 'took']], null, 100, null, null],
    'sulked, then took' => [[[60, 'took'], [30, 'sulked']], null, 100, 'took', null],
    'dead by day 56' => [[[20, 'took']], 56, 56, 'died', 'died'],
    'dead on day 57, nobody looked before' => [[], 57, 57, null, 'died'],
    'dead after the year' => [[[40, 'took']], 366, 366, 'took', 'lives'],
    'dead on the last day of the year' => [[], 365, 365, null, 'died'],
    'told dead' => [[[30, 'died']], null, 800, 'died', 'died'],
    'given away after half a year' => [[[40, 'took']], null, 180, 'took', null],
]);

test('what else differed is told, the largest first, and what hardly differed is not', function (): void {
    $plants = static fn(int $ridge, int $shade, array $depths): array => array_map(
        static fn(int $i): array => ['place' => $i < $ridge ? 'Ridge' : 'Shade', 'depth_cm' => (float) $depths[$i % count($depths)], 'person' => $i % 2 === 0 ? 'A' : 'B', 'age' => null],
        range(0, $ridge + $shade - 1),
    );
    $found = WhatElseDiffered::between($plants(8, 2, [6, 7, 8]), $plants(4, 6, [7, 8, 9]));
    expect(array_map(static fn(array $row): string => $row['what'].' '.$row['word'], $found))->toBe(['depth_cm ', 'place Ridge', 'place Shade'])
        ->and($found[1]['one'])->toBe(0.8)->and($found[1]['other'])->toBe(0.4);
    expect(WhatElseDiffered::between($plants(8, 2, [6, 7, 8]), $plants(7, 3, [6, 7, 8])))->toBe([]);
    expect(WhatElseDiffered::between([], $plants(1, 1, [6])))->toBe([]);
    expect(array_column(WhatElseDiffered::between([['depth_cm' => 5.0]], [['depth_cm' => 9.0]]), 'what'))->toBe(['depth_cm']);
});
