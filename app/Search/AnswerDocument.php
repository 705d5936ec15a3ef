<?php

declare(strict_types=1);

namespace App\Search;

use Zolbek\Core\Verdict\Search\Binding;
use Zolbek\Core\Verdict\Search\Confirmed;
use Zolbek\Core\Verdict\Search\Counts;
use Zolbek\Core\Verdict\Search\FewestMixes;
use Zolbek\Core\Verdict\Search\Found;
use Zolbek\Core\Verdict\Search\Loosened;
use Zolbek\Core\Verdict\Search\Ratio;
use Zolbek\Core\Verdict\Search\SearchAnswer;
use Zolbek\Core\Verdict\Search\Served;
use Zolbek\Core\Verdict\Search\SharedMix;

/** What a search says, line by line: schemas SearchLine and FewestLine of the API. Recipes name components by their place on the shelf of the first line. */
final class AnswerDocument
{
    /** @return array<string, mixed> */
    public static function of(SearchAnswer $answer): array
    {
        return [
            'kind' => $answer->isEnd ? 'end' : 'progress',
            'counts' => self::counts($answer->counts),
            ...$answer->isEnd || $answer->found !== [] ? ['found' => array_map(self::found(...), $answer->found)] : [],
            ...$answer->isEnd ? ['loosened' => array_map(self::loosened(...), $answer->loosened), 'left_at_most' => $answer->leftAtMost] : [],
        ];
    }

    /** @return array<string, mixed> */
    public static function fewest(FewestMixes $fewest): array
    {
        return ['kind' => 'end', 'mixes' => array_map(self::shared(...), $fewest->mixes), 'one_for_all' => self::shared($fewest->oneForAll), 'is_proved' => $fewest->isProved];
    }

    /** @return array{space: int, judged: int, ruled_out: list<array{cause: string, recipes: int}>, not_looked_at: int} */
    private static function counts(Counts $counts): array
    {
        $ruledOut = $counts->ruledOut;
        arsort($ruledOut);

        return [
            'space' => $counts->space,
            'judged' => $counts->judged,
            'ruled_out' => array_map(static fn(string $cause, int $recipes): array => ['cause' => $cause, 'recipes' => $recipes], array_keys($ruledOut), $ruledOut),
            'not_looked_at' => $counts->notLookedAt(),
        ];
    }

    /** @return array<string, mixed> */
    private static function found(Found $found): array
    {
        return [
            ...self::recipe($found->recipe),
            'merits' => array_column($found->merits, 'value'),
            'probability' => $found->sureness->probability,
            'is_sure' => $found->sureness->isSure,
            'binding' => $found->binding === null ? null : self::binding($found->binding),
        ];
    }

    /** @return array<string, mixed> */
    private static function binding(Binding $binding): array
    {
        return ['against' => array_column($binding->against, 'value'), 'less' => $binding->less, 'more' => $binding->more, 'then' => self::recipe($binding->then)];
    }

    /** @return array<string, mixed> */
    private static function loosened(Loosened $each): array
    {
        return [
            'wishes' => array_column($each->wishes, 'value'), 'change' => $each->change?->value, 'to' => $each->to, 'word' => $each->word,
            'rating' => $each->rating->value, 'then' => self::recipe($each->recipe),
        ];
    }

    /** @return array<string, mixed> schema SearchedRecipe */
    private static function recipe(Confirmed $full): array
    {
        $seen = $full->candidate->glimpse;

        return [
            'parts' => self::parts($full->candidate->parts()),
            'rating' => $full->rating->value, 'fit' => $full->fit, 'years' => $full->years, 'air' => $seen->air, 'reach_l' => $seen->reachL, 'wet_kg' => $seen->wetKg,
            'scooped_l' => $seen->scoopedL, 'cost' => $full->candidate->cost, 'in_stock' => $full->candidate->isInStock,
            'worst' => ['criterion' => $full->worst->criterion->value, 'level' => $full->worst->level->value, 'value' => $full->worst->value],
        ];
    }

    /** @return array<string, mixed> */
    private static function shared(SharedMix $mix): array
    {
        return [
            'parts' => self::parts($mix->parts),
            'serves' => array_map(static fn(Served $served): array => [
                'situation' => $served->situation, 'rating' => $served->rating->value, 'fit' => $served->fit, 'best_rating' => $served->bestRating->value, 'best_fit' => $served->bestFit,
                'gives_up' => $served->givenUp(),
            ], $mix->serves),
        ];
    }

    /**
     * In lowest terms: ten parts of one are one.
     *
     * @param non-empty-array<int, int> $parts
     *
     * @return list<array{place: int, parts: int}>
     */
    private static function parts(array $parts): array
    {
        $divisor = Ratio::divisor($parts);

        return array_map(static fn(int $place, int $each): array => ['place' => $place, 'parts' => intdiv($each, $divisor)], array_keys($parts), array_values($parts));
    }
}
