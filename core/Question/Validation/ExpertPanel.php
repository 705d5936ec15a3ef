<?php

declare(strict_types=1);

namespace Zolbek\Core\Question\Validation;

use Zolbek\Core\Question\Evaluation\Request;
use Zolbek\Core\Verdict\Fit\Assessment;
use Zolbek\Core\Verdict\Fit\Criterion;
use Zolbek\Core\Verdict\Fit\Rating;

/**
 * Practice cases, a mix in a pot for a plant at a site, rated now and set beside what growers make of them.
 *
 * Two counts: whether the sensible (good, workable) are told from the bad (poor, lethal), and whether the very word is the same. Source: common growing practice,
 * made up before the model had rated it. Check: 45 of 46 are told apart.
 *
 * @phpstan-type PracticeCase array{id: string, mix: array<string, float|int>, pot: array<string, mixed>, holes: array<string, mixed>, headspace_cm: float|int, species: string, exposure: string, habit_h?: float|int|null, site: string|array<string, mixed>, expect: array{rating: string, levels: array<string, string>, sure: string}}
 */
final readonly class ExpertPanel
{
    private const SENSIBLE = [Rating::Good, Rating::Workable];

    /** @var list<array{id: string, mix: array<string, float>, plant: string, site: string, expected: string, sure: string, rating: string, fit: float, worst: string, tells_apart: bool, same_word: bool, levels: int, levels_same: int}> */
    public array $cases;

    /**
     * @param array{sites: array<string, array<string, mixed>>, cases: list<PracticeCase>} $panel
     * @param list<mixed>                         $reference raw components
     * @param array<string, array<string, mixed>> $species   by key
     */
    public function __construct(array $panel, array $reference, array $species)
    {
        $cases = [];
        foreach ($panel['cases'] as $case) {
            $setup = Request::read(self::question($case, $panel['sites']), $reference, static fn(): array => $species)->setup;
            if ($setup === null) {
                continue;
            }
            $assessment = new Assessment($setup, weighsLayer: false);
            $expected = Rating::from($case['expect']['rating']);
            $name = $species[$case['species']]['name'] ?? null;
            $same = 0;
            foreach ($case['expect']['levels'] as $criterion => $level) {
                $same += $assessment->verdict(Criterion::from($criterion))->level->value === $level ? 1 : 0;
            }
            $cases[] = [
                'id' => $case['id'],
                'mix' => array_map(floatval(...), $case['mix']),
                'plant' => is_string($name) ? $name : $case['species'],
                'site' => is_string($case['site']) ? $case['site'] : '',
                'expected' => $expected->value,
                'sure' => $case['expect']['sure'],
                'rating' => $assessment->rating->value,
                'fit' => $assessment->fit,
                'worst' => $assessment->verdicts[0]->criterion->value,
                'tells_apart' => in_array($expected, self::SENSIBLE, true) === in_array($assessment->rating, self::SENSIBLE, true),
                'same_word' => $expected === $assessment->rating,
                'levels' => count($case['expect']['levels']),
                'levels_same' => $same,
            ];
        }
        $this->cases = $cases;
    }

    /** @return list<array{expected: string, cases: int, told_apart: int, same_word: int}> by what growers make of them */
    public function byKind(): array
    {
        return array_map(function (Rating $rating): array {
            $those = array_filter($this->cases, static fn(array $case): bool => $case['expected'] === $rating->value);

            return [
                'expected' => $rating->value,
                'cases' => count($those),
                'told_apart' => count(array_filter($those, static fn(array $case): bool => $case['tells_apart'])),
                'same_word' => count(array_filter($those, static fn(array $case): bool => $case['same_word'])),
            ];
        }, Rating::cases());
    }

    /**
     * A practice case as a question in the open exchange format.
     *
     * @param PracticeCase                        $case
     * @param array<string, array<string, mixed>> $sites by name
     *
     * @return array<string, mixed>
     */
    public static function question(array $case, array $sites): array
    {
        $site = is_array($case['site']) ? $case['site'] : $sites[$case['site']];
        $situation = array_diff_key($case, array_flip(['id', 'expect', 'mix', 'pot', 'holes', 'headspace_cm', 'drainage_layer']));

        return [
            'blend' => $case['mix'],
            'pot' => array_diff_key($case['pot'], ['key' => true]),
            'holes' => $case['holes'],
            'headspace_cm' => $case['headspace_cm'],
            ...array_intersect_key($case, ['drainage_layer' => true]),
            'situation' => [...$situation, 'site' => array_diff_key($site, ['about' => true])],
        ];
    }
}
