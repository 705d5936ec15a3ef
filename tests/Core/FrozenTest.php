<?php

declare(strict_types=1);

use Tests\Core\Frozen;

/** ZOLBEK_FREEZE=1 writes down what the core says now: for whoever means a figure to move, and can say why. */
const FROZEN = __DIR__.'/reference/frozen.json';

function written(mixed $told): mixed
{
    return json_decode((string) json_encode($told, JSON_PRESERVE_ZERO_FRACTION | JSON_PARTIAL_OUTPUT_ON_ERROR), true);
}

/** The first figure that moved, by its path; null where none did. */
function moved(mixed $now, mixed $then, string $path = ''): ?string
{
    if (is_array($now) && is_array($then)) {
        if (array_keys($now) !== array_keys($then)) {
            return $path.' has other parts: '.json_encode(array_keys($now)).' instead of '.json_encode(array_keys($then));
        }
        foreach ($now as $key => $value) {
            $found = moved($value, $then[$key], $path.'.'.$key);
            if ($found !== null) {
                return $found;
            }
        }

        return null;
    }
    $isSame = is_numeric($now) && is_numeric($then) ? abs($now - $then) <= 1e-7 * max(abs((float) $then), 1e-6) : $now === $then;

    return $isSame ? null : $path.': '.json_encode($now).' instead of '.json_encode($then);
}

test('no figure of the core moves unless it is meant to', function (string $of): void {
    static $frozen;
    $frozen ??= json_decode((string) file_get_contents(FROZEN), true);
    expect(moved(written(Frozen::told()[$of]()), $frozen[$of] ?? null))->toBeNull();
})->with(fn(): array => array_keys(Frozen::told()))->skip(fn(): bool => getenv('ZOLBEK_FREEZE') === '1');

test('what is frozen is what is told', function (): void {
    if (getenv('ZOLBEK_FREEZE') === '1') {
        file_put_contents(FROZEN, json_encode(array_map(static fn(callable $told): mixed => written($told()), Frozen::told()), JSON_PRESERVE_ZERO_FRACTION | JSON_THROW_ON_ERROR)."\n");
    }
    expect(array_keys(json_decode((string) file_get_contents(FROZEN), true)))->toBe(array_keys(Frozen::told()));
});

test('a figure that moved is found by its path', function (): void {
    expect(moved(['a' => [1.0, 2.0]], ['a' => [1.0, 2.1]]))->toBe('.a.1: 2 instead of 2.1')->and(moved(['a' => 1.0], ['a' => 1.0 + 1e-9]))->toBeNull()->and(moved(['a' => 1], ['b' => 1]))->toContain('other parts');
});
