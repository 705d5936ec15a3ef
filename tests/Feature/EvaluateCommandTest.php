<?php

declare(strict_types=1);

use Tests\Feature\Yard;

test('JSON in, JSON out, from standard input and from a file, without a database', function (): void {
    $question = '{"blend": {"pumice-3-6-mm": 2, "lava-scoria-3-6-mm": 1}, "pot": {"shape": "oval", "depth": 6.5, "top_length": 34, "top_width": 26, "base_length": 30, "base_width": 22}, "headspace_cm": 0.8, "holes": {"count": 2, "diameter_cm": 2.2, "open_share": 0.6}}';
    [$code, $out, $err] = Yard::evaluateFile($question);
    $answer = json_decode($out, true);
    expect($code)->toBe(0)->and($err)->toBe('')
        ->and(array_keys($answer))->toBe([
            'packing_density', 'inter_porosity', 'total_porosity', 'saturated_water', 'bulk_density', 'yield_share', 'sauter_mm', 'median_head_cm', 'head_spread',
            'theta_10', 'theta_50', 'theta_100', 'flux_cm_s', 'd10_mm', 'd50_mm', 'd60_mm', 'd90_mm', 'ph', 'pot',
        ])
        ->and(array_keys($answer['pot']))->toBe(['volume_l', 'water_l', 'theta', 'air', 'easy_l', 'buffer_l', 'slow_l', 'locked_l', 'run_through_s'])
        ->and($answer['pot']['volume_l'])->toBeNear(3.381309855);
    file_put_contents(sys_get_temp_dir().'/zolbek question.json', $question);
    expect(Yard::evaluateFile('', 'zolbek question.json')[1])->toBe($out);
});

test('bad input ends with 2 and one line that names the field', function (string $text, string $line): void {
    [$code, $out, $err] = Yard::evaluated($text);
    expect($code)->toBe(2)->and($out)->toBe('')->and($err)->toStartWith($line)->and(substr_count($err, "\n"))->toBe(1);
})->with([
    ['{"blend": {"pumice-3-6-mm": -2}}', 'blend.pumice-3-6-mm: This must be from 0 to 1000000, not -2.'],
    ['{"blend": {"pumice-3-6-mm": 1}, "compaction_index": 12}', 'compaction_index: This must be from 4.1 to 9, not 12.'],
    ['{"blend": {"pumice-3-6-mm": 1}, "pot": {"shape": "bowl", "top": 20, "depth": 11}}', 'pot.depth: A bowl can be at most half as deep'],
    ['{"blend": {"pumice-3-6-mm": 1}, "colour": "red"}', 'colour: There is no such field'],
    ['{"blend": {}}', 'blend: At least one component needs parts above 0.'],
    ['{"blend": {"pumice-3-6-mm": 1e999}}', 'blend.pumice-3-6-mm: This must be from 0 to 1000000, not too large a number.'],
    ['not json', 'not JSON'],
    ['[]', 'blend: This is missing.'],
    ['', 'not JSON'],
]);

test('what is wrong goes to standard error, with code 2', function (): void {
    expect(Yard::evaluateFile('{"blend": {}}'))->toBe([2, '', "blend: At least one component needs parts above 0.\n"]);
});

test('a file that is not there is said by name', function (): void {
    [$code, , $err] = Yard::evaluateFile('', 'nothing.json');
    expect($code)->toBe(2)->and($err)->toStartWith('No file ')->toContain('nothing.json');
});

test('the example of the documents runs and answers what stands there', function (): void {
    $text = (string) file_get_contents(base_path('docs/evaluate.md'));
    preg_match("/<<'JSON'\n(.*?)\n    JSON\n/s", $text, $question);
    preg_match('/shortened to three digits:\n\n(.*?)\n\n`rating`/s', $text, $told);
    [$code, $out, $err] = Yard::evaluateFile($question[1] ?? '');
    $shortened = static fn(mixed $value): mixed => is_float($value) || is_int($value) ? (float) sprintf('%.3g', $value) : $value;
    $answer = json_decode($out, true)['assessment'];
    array_walk_recursive($answer, static function (mixed &$value) use ($shortened): void {
        $value = $shortened($value);
    });
    $expected = json_decode($told[1] ?? '', true);
    array_walk_recursive($expected, static function (mixed &$value) use ($shortened): void {
        $value = $shortened($value);
    });
    expect($code)->toBe(0)->and($err)->toBe('')->and($expected['rating'])->toBe('workable')->and($answer)->toBe($expected);
});

test('a situation that cannot be is refused by name, and null counts as left out', function (array $situation, array $request, ?string $line): void {
    $months = array_fill(0, 12, [2, 12, 60]);
    $whole = [
        'blend' => ['pumice-3-6-mm' => 1, 'sphagnum-peat' => 1],
        'pot' => ['shape' => 'round', 'depth' => 12, 'top' => 16, 'base' => 12],
        'holes' => ['count' => 1, 'diameter_cm' => 2, 'open_share' => 0.6],
        ...$request,
        'situation' => ['plant_group' => 'seedlings', 'site' => ['latitude' => 44, 'alkalinity_mg_l' => 50, 'months' => $months], ...$situation],
    ];
    [$code, $out, $err] = Yard::evaluated(json_encode(array_filter($whole, static fn(mixed $value): bool => $value !== 'left out')));
    if ($line === null) {
        expect($code)->toBe(0)->and($err)->toBe('')->and(json_decode($out, true)['assessment'])->toHaveKeys(['rating', 'fit', 'interval_h', 'drought', 'years', 'criteria']);
    } else {
        expect($code)->toBe(2)->and($out)->toBe('')->and($err)->toStartWith($line);
    }
})->with([
    'null is left out' => [['species' => null, 'leaf' => null, 'canopy_m2' => null, 'limed_to' => null, 'habit_h' => null, 'alkalinity_mg_l' => null], [], null],
    'a species alone' => [['plant_group' => null, 'species' => 'black-pine'], [], null],
    'years and suction do not matter' => [[], ['years' => 3, 'suction_cm' => 20], null],
    'unknown field' => [['colour' => 1], [], 'situation.colour: There is no such field'],
    'word not allowed' => [['stand' => 'floor'], [], 'situation.stand: This must be one of bed, bench, wall'],
    'neither species nor group' => [['plant_group' => null], [], 'situation.plant_group: This is missing.'],
    'unknown species' => [['species' => 'plastic palm'], [], 'situation.species: '],
    'a word beside a species is checked' => [['species' => 'black-pine', 'plant_group' => 'trees'], [], 'situation.plant_group: This must be one of'],
    'out of limits' => [['habit_h' => 0.5], [], 'situation.habit_h: This must be from 1 to 8760, not 0.5.'],
    'text for a number' => [['canopy_m2' => 'wide'], [], 'situation.canopy_m2: '],
    'text for a flag' => [['rain_reaches' => 'yes'], [], 'situation.rain_reaches: '],
    'low above high' => [['air_low' => 0.5, 'air_high' => 0.3], [], 'situation.air_low: '],
    'low above what the group has as high' => [['ph_low' => 9.4], [], 'situation.ph_low: '],
    'no site' => [['site' => null], [], 'situation.site: This is missing.'],
    'eleven months' => [['site' => ['latitude' => 44, 'alkalinity_mg_l' => 5, 'months' => array_fill(0, 11, [2, 12, 60])]], [], 'situation.site.months: '],
    'a month of two' => [['site' => ['latitude' => 44, 'alkalinity_mg_l' => 5, 'months' => [...array_fill(0, 11, [2, 12, 60]), [2, 12]]]], [], 'situation.site.months.11: '],
    'warmest not above coldest' => [['site' => ['latitude' => 44, 'alkalinity_mg_l' => 5, 'months' => array_fill(0, 12, [12, 12, 60])]], [], 'situation.site.months.0.tmax: '],
    'no lime anywhere' => [['site' => ['latitude' => 44, 'months' => array_fill(0, 12, [2, 12, 60])]], [], 'situation.alkalinity_mg_l: This is missing.'],
    'limed what is not in the blend' => [['limed_to' => ['coir-pith' => 6]], [], 'situation.limed_to.coir-pith: '],
    'limed to what is no pH' => [['limed_to' => ['sphagnum-peat' => 12]], [], 'situation.limed_to.sphagnum-peat: This must be from 3 to 9, not 12.'],
    'a situation without a pot' => [[], ['pot' => 'left out', 'holes' => 'left out'], 'pot: This is missing.'],
    'a situation without holes' => [[], ['holes' => 'left out'], 'holes: This is missing.'],
    'not an object' => [[], ['situation' => 'left out', 'components' => 3], 'components: '],
]);

test('a pot limed is a pot less acid, in the answer too', function (): void {
    $ask = static fn(array $limed): array => json_decode(Yard::evaluated(json_encode([
        'blend' => ['perlite-2-5-mm' => 1, 'sphagnum-peat' => 3],
        'pot' => ['shape' => 'round', 'depth' => 12, 'top' => 16, 'base' => 12],
        'holes' => ['count' => 1, 'diameter_cm' => 2, 'open_share' => 0.6],
        'situation' => ['plant_group' => 'seedlings', 'limed_to' => $limed, 'site' => ['latitude' => 44, 'alkalinity_mg_l' => 50, 'months' => array_fill(0, 12, [2, 12, 60])]],
    ]))[1], true)['assessment']['criteria']['ph'];
    expect($ask([])['level'])->toBe('stop')->and($ask(['sphagnum-peat' => 5.8]))->toMatchArray(['level' => 'good', 'outside' => 0]);
});
