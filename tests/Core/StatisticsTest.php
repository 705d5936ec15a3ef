<?php

declare(strict_types=1);

use Zolbek\Core\Basis\Input\Refused;
use Zolbek\Core\Basis\Numerics\RandomWords;
use Zolbek\Core\Basis\Statistics\Holm;
use Zolbek\Core\Basis\Statistics\Ratios;
use Zolbek\Core\Basis\Statistics\Sample;
use Zolbek\Core\Basis\Statistics\ShareDifference;
use Zolbek\Core\Basis\Statistics\Slope;
use Zolbek\Core\Basis\Statistics\Wilson;

test('a share of few cases lies between the bounds of Wilson', function (int $hits, int $cases, float $low, float $high): void {
    $share = new Wilson($hits, $cases);
    expect(round($share->low, 5))->toBe($low)->and(round($share->high, 5))->toBe($high)->and($share->share)->toEqual($hits / $cases);
})->with([[3, 10, 0.10779, 0.60322], [0, 5, 0.0, 0.43448], [18, 20, 0.69897, 0.97213], [5, 5, 0.56552, 1.0], [0, 1, 0.0, 0.79345]]);

test('the bounds of a share hold it, mirror themselves, and close in as cases come', function (): void {
    for ($cases = 1; $cases <= 60; ++$cases) {
        for ($hits = 0; $hits <= $cases; ++$hits) {
            $share = new Wilson($hits, $cases);
            $other = new Wilson($cases - $hits, $cases);
            expect($share->low)->toBeLessThanOrEqual($share->share)->toBeGreaterThanOrEqual(0.0)->and($share->high)->toBeGreaterThanOrEqual($share->share)->toBeLessThanOrEqual(1.0)
                ->and($share->low)->toEqualWithDelta(1.0 - $other->high, 1e-12);
            $more = new Wilson(10 * $hits, 10 * $cases);
            expect($more->high - $more->low)->toBeLessThan($share->high - $share->low);
        }
    }
    expect((new Wilson(1, 9))->isFew())->toBeTrue()->and((new Wilson(1, 10))->isFew())->toBeFalse();
});

test('no share of no case, nor of more hits than cases', function (int $hits, int $cases, string $field): void {
    expect(static fn() => new Wilson($hits, $cases))->toThrow(static function (Refused $refused) use ($field): void {
        expect($refused->refusals[0]->field)->toBe($field);
    });
})->with([[0, 0, 'cases'], [3, 2, 'hits'], [-1, 2, 'hits']]);

test('two shares differ as Newcombe published', function (): void {
    $found = new ShareDifference(new Wilson(56, 70), new Wilson(48, 80));
    expect(round($found->difference, 4))->toBe(0.2)->and(round($found->low, 4))->toBe(0.0524)->and(round($found->high, 4))->toBe(0.3339)->and($found->isTold())->toBeTrue();
    $small = new ShareDifference(new Wilson(9, 10), new Wilson(3, 10));
    expect(round($small->low, 4))->toBe(0.1705)->and(round($small->high, 4))->toBe(0.8090);
    expect((new ShareDifference(new Wilson(3, 10), new Wilson(2, 10)))->isTold())->toBeFalse();
});

test('bias and spread are those of the ratios, and what stands out is told', function (): void {
    $pairs = static fn(array $ratios): array => array_map(static fn(float $ratio): array => ['measured' => 2.0 * $ratio, 'computed' => 2.0], $ratios);
    $found = new Ratios($pairs([1.1, 1.2, 1.3]));
    expect($found->bias)->toEqualWithDelta(0.19721, 1e-5)->and($found->spread)->toEqualWithDelta(0.08712, 1e-4)->and($found->error)->toEqualWithDelta(log(1 + $found->spread) / sqrt(3), 1e-12)->and($found->out)->toBe([false, false, false]);
    $one = new Ratios($pairs([0.5]));
    expect($one->bias)->toEqualWithDelta(-0.5, 1e-12)->and($one->spread)->toBeNull()->and($one->error)->toBeNull();
    $half = new Ratios($pairs([2.0, 0.5]));
    expect($half->bias)->toEqualWithDelta(0.0, 1e-12);
    expect((new Ratios($pairs([1.0, 1.02, 0.98, 1.01, 0.99, 1.6])))->out)->toBe([false, false, false, false, false, true]);
    expect(static fn() => new Ratios([['measured' => 0.0, 'computed' => 1.0]]))->toThrow(Refused::class);
});

test('growth a year is the straight line nearest to what was measured', function (): void {
    $points = static fn(array $values): array => array_map(static fn(float $value, int $years): array => ['years' => (float) $years, 'value' => $value], $values, array_keys($values));
    $found = Slope::through($points([10.0, 12.0, 13.0, 15.0]));
    expect($found?->perYear)->toEqualWithDelta(1.6, 1e-12)->and($found?->error)->toEqualWithDelta(0.141421, 1e-6);
    expect(Slope::through($points([10.0, 13.0]))?->perYear)->toBe(3.0)->and(Slope::through($points([10.0, 13.0]))?->error)->toBeNull()->and(Slope::through($points([10.0])))->toBeNull();
    expect(Slope::through([['years' => 1.0, 'value' => 3.0], ['years' => 1.0, 'value' => 5.0]]))->toBeNull();
});

test('a line through noise finds the slope again', function (int $seed): void {
    $chance = new RandomWords($seed);
    $points = array_map(static fn(int $i): array => ['years' => $i / 12, 'value' => 20.0 + 2.5 * $i / 12 + $chance->uniform() - 0.5], range(0, 47));
    $found = Slope::through($points);
    expect(abs(($found->perYear ?? 0.0) - 2.5))->toBeLessThan(4.0 * ($found->error ?? 0.0));
})->with(fn() => seeds(5, 50));

test('mean and deviation of some values', function (): void {
    $sample = new Sample([2.0, 4.0, 4.0, 4.0, 5.0, 5.0, 7.0, 9.0]);
    expect($sample->mean)->toBe(5.0)->and(round((float) $sample->deviation, 4))->toBe(2.1381)->and($sample->error())->toEqualWithDelta(2.1381 / sqrt(8), 1e-4);
    expect((new Sample([3.0]))->deviation)->toBeNull()->and((new Sample([3.0]))->error())->toBeNull()->and(Sample::of([]))->toBeNull();
});

test('chances of several questions are made up for how many they are', function (array $chances, array $corrected): void {
    expect(array_map(static fn(float $chance): float => round($chance, 12), (new Holm($chances))->corrected))->toBe($corrected);
})->with([[[0.01, 0.04, 0.03, 0.005], [0.03, 0.06, 0.06, 0.02]], [[], []], [[0.2], [0.2]], [[0.6, 0.7], [1.0, 1.0]]]);

test('a corrected chance is never smaller, keeps the order, and is that of one question where only one is asked', function (int $seed): void {
    $random = new RandomWords($seed);
    $chances = array_map(static fn(): float => $random->uniform(), range(1, 1 + $seed % 7));
    $corrected = (new Holm($chances))->corrected;
    foreach ($chances as $i => $chance) {
        expect($corrected[$i])->toBeGreaterThanOrEqual($chance)->toBeLessThanOrEqual(1.0);
        foreach ($chances as $j => $other) {
            expect($chance < $other && $corrected[$i] > $corrected[$j])->toBeFalse();
        }
    }
})->with(seeds(20, 200));

test('the deviation within several samples is that of their own means', function (): void {
    $samples = [new Sample([1.0, 3.0]), new Sample([2.0, 4.0, 6.0])];
    expect(round((float) Sample::pooled($samples), 4))->toBe(1.8257)->and(Sample::pooled([new Sample([1.0])]))->toBeNull()->and(Sample::pooled([]))->toBeNull()
        ->and(Sample::pooled([new Sample([1.0]), new Sample([1.0, 3.0])]))->toEqualWithDelta(sqrt(2.0), 1e-12);
});

test('three scaled deviations from the middle stand out, no less, and not among four', function (array $values, array $out): void {
    expect(Ratios::standsOut($values))->toBe($out);
})->with([
    // the middle is 0, half lie within 1: the limit is 3 * 1.4826 = 4.4478
    'just within' => [[-1.0, -1.0, 0.0, 1.0, 4.44], [false, false, false, false, false]],
    'just beyond' => [[-1.0, -1.0, 0.0, 1.0, 4.46], [false, false, false, false, true]],
    'below, too' => [[-4.46, -1.0, 0.0, 1.0, 1.0], [true, false, false, false, false]],
    'wherever the middle lies' => [[9.0, 9.0, 10.0, 11.0, 14.46], [false, false, false, false, true]],
    'twice as wide, twice as far' => [[-2.0, -2.0, 0.0, 2.0, 8.92], [false, false, false, false, true]],
    'four say nothing' => [[-1.0, 0.0, 1.0, 40.0], [false, false, false, false]],
    'nor do five that are one, and another' => [[1.0, 1.0, 1.0, 1.0, 9.0], [false, false, false, false, false]],
]);

test('a ratio of nothing is refused with its place and what is wrong with it', function (array $pair, float $told): void {
    $well = ['measured' => 2.0, 'computed' => 1.0];
    expect(static fn() => new Ratios([$well, $pair]))->toThrow(static function (Refused $refused) use ($told): void {
        expect($refused->refusals[0]->field)->toBe('pairs.1')->and($refused->refusals[0]->rule)->toBe('above')->and($refused->refusals[0]->given)->toBe($told)->and($refused->refusals[0]->limits)->toBe(['min' => 0, 'max' => 1e12]);
    });
})->with([[['measured' => 0.0, 'computed' => 1.0], 0.0], [['measured' => 1.0, 'computed' => 0.0], 0.0], [['measured' => 3.0, 'computed' => -2.0], -2.0]]);

test('very small is above nothing', function (): void {
    expect((new Ratios([['measured' => 1e-9, 'computed' => 1e-9]]))->bias)->toBe(0.0)->and((new Ratios([['measured' => 1e-9, 'computed' => 2e-9]]))->bias)->toEqualWithDelta(-0.5, 1e-12);
});

test('whoever asks for the share of no case is told what there may be', function (): void {
    $limits = static function (callable $asked): array {
        try {
            $asked();
        } catch (Refused $refused) {
            return [$refused->refusals[0]->given, $refused->refusals[0]->limits];
        }

        return [];
    };
    expect($limits(static fn() => new Wilson(0, 0)))->toBe([0, ['min' => 1]])->and($limits(static fn() => new Wilson(7, 4)))->toBe([7, ['min' => 0, 'max' => 4]]);
});

test('the error of a line does not hang on where its years begin, nor on how high it lies', function (): void {
    $line = static fn(float $from, float $above): ?Slope => Slope::through(array_map(static fn(float $value, int $i): array => ['years' => $from + $i, 'value' => $above + $value], [10.0, 12.0, 13.0, 15.0], range(0, 3)));
    foreach ([[2020.0, 0.0], [-3.0, 500.0], [7.5, -40.0]] as [$from, $above]) {
        expect($line($from, $above)?->perYear)->toEqualWithDelta(1.6, 1e-9)->and($line($from, $above)?->error)->toEqualWithDelta(0.141421, 1e-6);
    }
    expect(Slope::through([])?->perYear)->toBeNull()->and(Slope::through([['years' => 0.0, 'value' => 1.0], ['years' => 1.0, 'value' => 2.0], ['years' => 2.0, 'value' => 3.0]])?->error)->toBe(0.0);
});

test('a difference is told where its range leaves nothing out on neither side', function (): void {
    expect((new ShareDifference(new Wilson(3, 10), new Wilson(9, 10)))->isTold())->toBeTrue()->and((new ShareDifference(new Wilson(5, 10), new Wilson(5, 10)))->isTold())->toBeFalse();
});

test('up to one in twenty is told', function (): void {
    expect(Holm::TOLD)->toBe(0.05)->and((new Holm([0.0, 0.5]))->corrected)->toBe([0.0, 0.5])->and((new Holm([1 => 0.01, 4 => 0.2]))->corrected)->toBe([0.02, 0.2]);
});
