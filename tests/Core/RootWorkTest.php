<?php

declare(strict_types=1);

use Zolbek\Core\Place\Container\BallTreatment;
use Zolbek\Core\Work\Inspection\Degree;
use Zolbek\Core\Work\Inspection\Finding;
use Zolbek\Core\Work\Inspection\Health;
use Zolbek\Core\Work\Inspection\RootWork;

test('what is seen, and how much of it, proposes the work on the ball, the share and the pot', function (array $seen, Health $health, BallTreatment $treatment, float $removed, string $pot): void {
    $work = new RootWork($seen, $health);
    expect($work->treatment)->toBe($treatment)->and($work->removed)->toBe($removed)->and($work->pot)->toBe($pot)->and($work->asks)->toBeTrue();
})->with([
    'circling, clear' => [['circling' => Degree::Clear], Health::Well, BallTreatment::Combed, 0.20, 'same'],
    'circling, a little' => [['circling' => Degree::Slight], Health::Well, BallTreatment::Teased, 0.05, 'same'],
    'root-bound, strong' => [['root_bound' => Degree::Strong], Health::Well, BallTreatment::Combed, 0.33, 'larger'],
    'root-bound, strong, but weak' => [['root_bound' => Degree::Strong], Health::Weak, BallTreatment::Teased, 0.15, 'same'],
    'matted, and circling a little: the most of both' => [['matted_bottom' => Degree::Strong, 'circling' => Degree::Slight], Health::Well, BallTreatment::Combed, 0.30, 'same'],
    'rotten: down to what is sound, however sick' => [['black_soft' => Degree::Strong], Health::Sick, BallTreatment::Washed, 0.40, 'smaller'],
    'wounds: no more than a tenth' => [['circling' => Degree::Strong, 'wounds' => Degree::Strong], Health::Well, BallTreatment::Combed, 0.10, 'same'],
    'slight wounds do not matter' => [['circling' => Degree::Strong, 'wounds' => Degree::Slight], Health::Well, BallTreatment::Combed, 0.30, 'same'],
    'it falls off: leave it' => [['crumbly' => Degree::Clear], Health::Well, BallTreatment::Untouched, 0.0, 'same'],
    'sick: hardly touched' => [['circling' => Degree::Strong], Health::Sick, BallTreatment::Teased, 0.05, 'same'],
    'a core that repels' => [['repellent' => Degree::Clear], Health::Well, BallTreatment::Combed, 0.05, 'same'],
]);

test('more of a finding never asks for less, and what is good asks for nothing', function (): void {
    foreach (Finding::cases() as $finding) {
        $shares = array_map(static fn(Degree $degree): float => (new RootWork([$finding->value => $degree], Health::Well))->removed, Degree::cases());
        $sorted = $shares;
        sort($sorted);
        expect($shares)->toBe($sorted, $finding->value);
    }
    expect((new RootWork(['white_tips' => Degree::Strong, 'threads' => Degree::Clear], Health::Well))->asks)->toBeFalse()->and((new RootWork([], Health::Well))->asks)->toBeFalse()
        ->and(Finding::OneSided->hasSide())->toBeTrue()->and(Finding::Circling->hasSide())->toBeFalse();
});
