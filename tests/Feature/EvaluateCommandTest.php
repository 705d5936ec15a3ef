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
    [$code, $out, $err] = Yard::evaluateFile($text);
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

test('a file that is not there is said by name', function (): void {
    [$code, , $err] = Yard::evaluateFile('', 'nothing.json');
    expect($code)->toBe(2)->and($err)->toStartWith('No file ')->toContain('nothing.json');
});
