<?php

declare(strict_types=1);

namespace App\Blend\Writing;

use App\Common\Words;
use App\Shelf\Models\Component;
use Zolbek\Core\Basis\Input\Fields;
use Zolbek\Core\Basis\Input\Refusal;
use Zolbek\Core\Basis\Input\Refusals;
use Zolbek\Core\Basis\Input\Refused;
use Zolbek\Core\Question\Writing\NameMatch;
use Zolbek\Core\Question\Writing\RecipeText;
use Zolbek\Core\Question\Writing\Vocabulary;

/** A recipe in words, as rows of the mix. */
final class ReadRecipe
{
    private const MOST_NAMES = 5000;

    /**
     * @param array<mixed> $input
     *
     * @return array<string, mixed>
     *
     * @throws Refused field "text"
     */
    public static function of(array $input): array
    {
        $refusals = new Refusals();
        $text = Fields::of($input, ['text'], $refusals)->text('text', 500);
        $refusals->throwIfAny();
        $read = new RecipeText($text, new Vocabulary(Words::list('recipe')));
        $query = Component::query();
        $query->whereNull('archived_at')->orderByDesc('stock_l')->orderBy('name')->limit(self::MOST_NAMES);
        $names = $inStock = [];
        foreach ($query->get(['id', 'name', 'stock_l']) as $component) {
            $names[$component->id] = $component->name;
            if ($component->stock_l > 0.0) {
                $inStock[$component->id] = $component->name;
            }
        }
        $ids = [];
        foreach ($read->lines as $line) {
            // what is at hand is what is meant
            $id = NameMatch::best($line['words'], $inStock) ?? NameMatch::best($line['words'], $names);
            if ($id === null) {
                $refusals->add(new Refusal('text', 'name_unmatched', $line['words']));
            } else {
                $ids[$id] = ($ids[$id] ?? 0.0) + $line['amount'];
            }
        }
        $refusals->throwIfAny();
        $found = Component::query()->findMany(array_keys($ids))->keyBy('id');

        return [
            'notation' => $read->notation,
            'sum' => array_sum($ids),
            'rows' => array_map(static fn(int $id): array => WrittenRow::of($found[$id] ?? throw Refused::because('text', 'name_unmatched', $id), $ids[$id]), array_keys($ids)),
        ];
    }
}
