<?php

declare(strict_types=1);

namespace App\Trainer;

use App\Blend\SectionDocument;
use App\Common\Author;
use App\Trainer\Models\TrainerAnswer;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;
use Zolbek\Core\Basis\Input\Fields;
use Zolbek\Core\Basis\Input\Refusals;
use Zolbek\Core\Basis\Input\Refused;
use Zolbek\Core\Verdict\Fit\Verdict;

/** Guesses about a pot, what the model says, and why: kept with the points they got. Schema TrainerAnswered of the API. */
final readonly class Answered
{
    private const AIR_POINTS = 2.0;
    private const HOURS = 3.0;
    private const SECONDS = 3.0;

    public function __construct(private TrainerPots $pots) {}

    /**
     * @param array<mixed> $input `{air, run_through_s, hours, look, mend, person?}`
     *
     * @return array<string, mixed>
     *
     * @throws Refused naming each field and what it may be
     */
    public function __invoke(int $pot, array $input): array
    {
        $setup = $this->pots->setup($pot);
        $right = new TrainerQuestions($setup);
        $refusals = new Refusals();
        $fields = Fields::of($input, ['air', 'run_through_s', 'hours', 'look', 'mend', 'person'], $refusals);
        $given = [
            'air' => $fields->number('air', 0, 100),
            'run_through_s' => $fields->number('run_through_s', 0, 1e6),
            'hours' => $fields->number('hours', 0, 10_000),
            'look' => $fields->oneOf('look', TrainerQuestions::looks()),
            'mend' => $fields->oneOf('mend', $right->choices),
        ];
        $person = Author::of($fields);
        $refusals->throwIfAny();
        $looks = TrainerQuestions::looks();
        $apart = abs((int) array_search($given['look'], $looks, true) - (int) array_search($right->look, $looks, true));
        $points = [
            'air' => TrainerQuestions::near($given['air'], $right->air, self::AIR_POINTS),
            'run_through_s' => $right->runThroughS === null ? 0.0 : TrainerQuestions::near($given['run_through_s'], $right->runThroughS, self::SECONDS),
            'hours' => $right->hours === null ? 0.0 : TrainerQuestions::near($given['hours'], $right->hours, self::HOURS),
            'look' => max(0.0, 1.0 - 0.5 * $apart),
            'mend' => in_array($given['mend'], $right->mends, true) ? 1.0 : 0.0,
        ];
        $is = ['air' => $right->air, 'run_through_s' => $right->runThroughS, 'hours' => $right->hours, 'look' => $right->look, 'mend' => $right->mends[0]];
        $said = static fn(mixed $value): string => is_float($value) ? rtrim(rtrim(sprintf('%.1f', $value), '0'), '.') : (string) $value;
        DB::transaction(static function () use ($pot, $given, $is, $points, $person, $said): void {
            foreach ($given as $asked => $value) {
                TrainerAnswer::query()->create(['person' => $person, 'pot' => $pot, 'asked' => $asked, 'given' => $said($value), 'right' => $said($is[$asked]), 'points' => $points[$asked], 'answered_at' => Carbon::now()]);
            }
        });

        return [
            'pot' => $pot,
            'points' => array_sum($points),
            'answers' => array_map(static fn(string $asked): array => ['asked' => $asked, 'given' => $said($given[$asked]), 'right' => $said($is[$asked]), 'points' => $points[$asked]], array_keys($given)),
            'rating' => $right->assessment->rating->value,
            'verdicts' => array_map(static fn(Verdict $verdict): array => ['criterion' => $verdict->criterion->value, 'value' => $verdict->value, 'low' => is_finite($verdict->band->low) ? $verdict->band->low : null, 'high' => is_finite($verdict->band->high) ? $verdict->band->high : null, 'level' => $verdict->level->value], array_slice($right->assessment->verdicts, 0, 4)),
            'mends' => $right->mends,
            'section' => SectionDocument::of($setup, static fn(string $key): array => ['component_id' => 0, 'kind' => '', 'colour' => '']),
            'materials' => $this->pots->materials($setup),
            'packing' => $setup->substrate->packingDensity,
            'wet_foot_cm' => $setup->zone->wetFootCm($setup->substrate->retention),
        ];
    }
}
