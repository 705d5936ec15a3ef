<?php

declare(strict_types=1);

use Tests\Core\Shipped;

test('compiled as it is served, the core gives the same figures as not compiled', function (): void {
    $flags = [];
    preg_match('/^PHP_FAST=\((.*)\)$/m', (string) file_get_contents(dirname(__DIR__, 2).'/zolbek'), $found);
    $flags = explode(' ', $found[1] ?? '');
    expect($flags)->toContain('opcache.jit=function');
    $cases = ['s01', 's10', 's22', 't06', 't17'];
    $script = sprintf(
        'require %s; foreach (range(1, 60) as $i) { foreach (%s as $case) { $a = Tests\\Core\\Shipped::assessment($case); $r[$case] = [$a->fit, ...array_map(static fn($v) => $v->value, $a->verdicts)]; } } echo json_encode($r);',
        var_export(dirname(__DIR__, 2).'/vendor/autoload.php', true),
        var_export($cases, true),
    );
    $compiled = json_decode((string) shell_exec(implode(' ', array_map(escapeshellarg(...), [PHP_BINARY, ...$flags, '-d', 'serialize_precision=-1', '-r', $script]))), true);
    foreach ($cases as $case) {
        $plain = Shipped::assessment($case);
        expect($compiled[$case])->toEqualWithDelta([$plain->fit, ...array_map(static fn($verdict): ?float => $verdict->value, $plain->verdicts)], 1e-9);
    }
});
