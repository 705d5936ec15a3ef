<?php

declare(strict_types=1);

use App\Trainer\Models\TrainerAnswer;
use App\Trainer\TrainerPots;
use App\Trainer\TrainerQuestions;
use Tests\Feature\Contract;

/** @return array<string, mixed> what is right of a pot, as somebody would give it */
function rightAnswers(int $pot): array
{
    $right = new TrainerQuestions(app(TrainerPots::class)->setup($pot));

    return ['air' => $right->air, 'run_through_s' => $right->runThroughS, 'hours' => $right->hours, 'look' => $right->look, 'mend' => $right->mends[0]];
}

test('twenty pots are told without what is asked of them', function (): void {
    $answer = $this->getJson('/api/v1/trainer')->assertOk();
    Contract::check($answer, 'Trainer');
    expect($answer->json('pots'))->toHaveCount(20)->and($answer->json('scores'))->toBe([])->and(array_keys($answer->json('pots.0')))->not->toContain('air');
    foreach ($answer->json('pots') as $pot) {
        expect($pot['choices'])->toHaveCount(4)->and(array_unique($pot['choices']))->toHaveCount(4)->and($pot['choices'])->toContain('none');
    }
});

test('whoever knows it all has all points, for every pot; and one of the choices is right', function (int $pot): void {
    $answer = $this->postJson("/api/v1/trainer/$pot/answers", rightAnswers($pot))->assertCreated();
    Contract::check($answer, 'TrainerAnswered');
    expect($answer->json('points'))->toEqual(5);
})->with(range(1, 20));

test('guesses are pointed by how near they are', function (): void {
    expect(TrainerQuestions::near(22.0, 20.0))->toBe(1.0)->and(TrainerQuestions::near(18.0, 20.0))->toBe(1.0)->and(TrainerQuestions::near(60.0, 20.0))->toEqualWithDelta(0.0, 1e-9)->and(TrainerQuestions::near(5.0, 20.0))->toBe(0.0)
        ->and(TrainerQuestions::near(40.0, 20.0))->toEqualWithDelta(1.0 - log(2) / log(3), 1e-9)->and(TrainerQuestions::near(0.0, 1.5, 2.0))->toBe(1.0);
});

test('one’s own score stands by day', function (): void {
    $this->postJson('/api/v1/trainer/1/answers', rightAnswers(1))->assertCreated();
    $wrong = [...rightAnswers(2), 'air' => 95, 'run_through_s' => 90_000, 'hours' => 9000, 'look' => 'dry', 'mend' => 'moss'];
    $second = $this->postJson('/api/v1/trainer/2/answers', [...$wrong, 'mend' => collect($this->getJson('/api/v1/trainer')->json('pots.1.choices'))->first(static fn(string $choice): bool => $choice !== rightAnswers(2)['mend'])])->assertCreated();
    expect($second->json('points'))->toBeLessThan(1.5);
    $scores = $this->getJson('/api/v1/trainer')->assertOk();
    expect($scores->json('scores'))->toHaveCount(1)->and($scores->json('scores.0.pots'))->toBe(2)->and($scores->json('scores.0.share'))->toBeLessThan(0.8)->and($scores->json('done'))->toBe([1, 2]);
    TrainerAnswer::query()->update(['person' => 'Somebody else']);
    expect($this->getJson('/api/v1/trainer')->json('scores'))->toBe([]);
});

test('what cannot be is refused at its field, and nothing is kept', function (array $changed, string $field): void {
    $this->postJson('/api/v1/trainer/1/answers', [...rightAnswers(1), ...$changed])->assertUnprocessable()->assertJsonPath('errors.0.path', $field);
    expect(TrainerAnswer::query()->count())->toBe(0);
})->with([[['air' => 101], 'air'], [['hours' => -1], 'hours'], [['look' => 'soggy'], 'look'], [['mend' => 'prayer'], 'mend'], [['run_through_s' => 'fast'], 'run_through_s']]);

test('a pot that is not there is refused', function (): void {
    $this->postJson('/api/v1/trainer/21/answers', rightAnswers(1))->assertUnprocessable()->assertJsonPath('errors.0.path', 'pot');
    $this->postJson('/api/v1/trainer/0/answers', rightAnswers(1))->assertUnprocessable();
});
