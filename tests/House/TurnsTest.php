<?php

declare(strict_types=1);

use Pest\Support\Str;

// what takes turns: ./zolbek test

/** @param callable(): mixed $ask */
function inTurn(string $turn, callable $ask): mixed
{
    $before = getenv('ZOLBEK_TURN');
    putenv($turn === '' ? 'ZOLBEK_TURN' : 'ZOLBEK_TURN='.$turn);
    try {
        return $ask();
    } finally {
        putenv($before === false ? 'ZOLBEK_TURN' : 'ZOLBEK_TURN='.$before);
    }
}

test('in as many runs as there are turns everybody has had one, and only one', function (string $name): void {
    $had = array_filter(range(740, 739 + TURNS), static fn(int $turn): bool => (bool) inTurn((string) $turn, static fn(): bool => isTurnOf($name)));
    expect($had)->toHaveCount(isLong() ? TURNS : 1);
})->with(['/blend', '/days/1', 'a premix is taken apart, and back', '9ce5c4f']);

test('where nobody counts it is everybody\'s turn', function (): void {
    expect(inTurn('', static fn(): array => array_map(isTurnOf(...), ['/blend', '/bins', '/pots', '/days'])))->toBe([true, true, true, true]);
});

test('turns are shared out evenly, and every main job is in every run', function (): void {
    $jobs = 0;
    $shares = array_fill(0, TURNS, 0);
    foreach (glob(dirname(__DIR__).'/Browser/*Test.php') ?: [] as $file) {
        $code = (string) file_get_contents($file);
        preg_match_all('/^test\((\'(?:[^\'\\\\]|\\\\.)*\')/m', $code, $names);
        $all = str_contains($code, "pest()->group('job')");
        $jobs += $all ? count($names[1]) : substr_count($code, "})->group('job')");
        foreach ($all ? [] : $names[1] as $name) {
            ++$shares[crc32(Str::evaluable(stripslashes(trim($name, "'")))) % TURNS];
        }
    }
    expect($jobs)->toBeGreaterThan(50)->and(min($shares))->toBeGreaterThan(0.6 * max($shares));
});
