<?php

declare(strict_types=1);

namespace App\Blend\Writing;

use App\Common\Words;
use App\Shelf\Models\Component;
use App\Shelf\OtherNames;
use Illuminate\Database\Eloquent\Collection;
use Zolbek\Core\Basis\Input\Fields;
use Zolbek\Core\Basis\Input\Refusal;
use Zolbek\Core\Basis\Input\Refusals;
use Zolbek\Core\Basis\Input\Refused;
use Zolbek\Core\Question\Writing\NameMatch;
use Zolbek\Core\Question\Writing\RecipeText;
use Zolbek\Core\Question\Writing\Vocabulary;

/**
 * A recipe in words, as rows of the mix. What several components could be is not taken silently: the answer lists them, and the question comes again with what was
 * chosen. Schema WrittenMix.
 */
final class ReadRecipe
{
    private const MOST_NAMES = 5000;
    private const MOST_CHOICES = 12;

    /**
     * @param array<mixed> $input "text", and "chosen": ids of components by the words that named them
     *
     * @return array<string, mixed>
     *
     * @throws Refused field "text"
     */
    public static function of(array $input): array
    {
        $refusals = new Refusals();
        $fields = Fields::of($input, ['text', 'chosen'], $refusals);
        $text = $fields->text('text', 500);
        $chosen = $fields->raw('chosen') ?? [];
        if (! is_array($chosen)) {
            $refusals->add(new Refusal('chosen', 'object', $chosen));
        }
        $refusals->throwIfAny();
        $read = self::inAnyLanguage($text);
        $shelf = self::shelf();
        $names = $shelf->map(static fn(Component $one): array => OtherNames::of($one))->all();
        $rows = $choices = [];
        foreach ($read->lines as $line) {
            $fitting = self::meant($line['words'], $shelf, $names, is_array($chosen) ? $chosen[$line['words']] ?? null : null);
            if ($fitting === []) {
                $refusals->add(new Refusal('text', 'name_unmatched', $line['words']));
            } elseif (count($fitting) > 1) {
                $choices[] = ['words' => $line['words'], 'rows' => array_map(static fn(Component $one): array => [...WrittenRow::of($one, $line['amount']), 'stock_l' => $one->stock_l], array_slice($fitting, 0, self::MOST_CHOICES))];
            } else {
                $rows[] = [$fitting[0], $line['amount'], $line['bags']];
            }
        }
        $refusals->throwIfAny();
        $rough = array_values(array_filter($read->lines, static fn(array $line): bool => $line['doubt'] > 0.0 && $line['bags'] === 0.0));
        [$notation, $amounts] = $choices === [] ? self::amounts($read->notation, $rows) : [$read->notation, []];

        return [
            'notation' => $notation,
            'sum' => array_sum(array_column($amounts, 1)),
            'rows' => array_map(static fn(array $row): array => WrittenRow::of(...$row), array_values($amounts)),
            'choices' => $choices,
            'ranges' => array_map(static fn(array $line): array => ['words' => $line['words'], 'from' => $line['amount'] * (1.0 - $line['doubt']), 'to' => $line['amount'] * (1.0 + $line['doubt']), 'taken' => $line['amount']], $rough),
            'vessels' => array_map(static fn(string $word, float $litres): array => ['word' => $word, 'litres' => $litres], array_keys($read->vessels), $read->vessels),
        ];
    }

    /** In the language of the reader, or in another one: who reads Indonesian may write English. */
    private static function inAnyLanguage(string $text): RecipeText
    {
        $first = null;
        foreach (array_unique([app()->getLocale(), ...Words::LANGUAGES]) as $language) {
            try {
                return new RecipeText($text, new Vocabulary(Words::list('recipe', $language)));
            } catch (Refused $refused) {
                $first ??= $refused;
            }
        }

        throw $first;
    }

    /** @return Collection<int, Component> by id, what is in stock first */
    private static function shelf(): Collection
    {
        $query = Component::query();
        $query->whereNull('archived_at')->orderByDesc('stock_l')->orderBy('name')->limit(self::MOST_NAMES);

        return $query->get()->keyBy('id');
    }

    /**
     * @param Collection<int, Component>          $shelf
     * @param array<int, non-empty-list<string>> $names
     *
     * @return list<Component> what may be meant: the one that was chosen, else what is at hand, else whatever there is
     */
    private static function meant(string $words, Collection $shelf, array $names, mixed $chosen): array
    {
        if (is_int($chosen) && $shelf->has($chosen)) {
            return [$shelf[$chosen]];
        }
        $fitting = NameMatch::fitting($words, $names);
        $atHand = array_values(array_filter($fitting, static fn(int $id): bool => $shelf[$id]->stock_l > 0.0));

        return array_map(static fn(int $id): Component => $shelf[$id], $atHand === [] ? $fitting : $atHand);
    }

    /**
     * What was named twice is put together; a bag becomes the litres of a pack, and bags alone of which nobody knows how much they hold are parts.
     *
     * @param list<array{Component, float, float}> $rows components, amounts, bags
     *
     * @return array{string, array<int, array{Component, float}>} the notation, and amounts by id
     */
    private static function amounts(string $notation, array $rows): array
    {
        $bags = array_filter($rows, static fn(array $row): bool => $row[2] > 0.0);
        $unknown = array_values(array_filter($bags, static fn(array $row): bool => $row[0]->pack_l === null));
        $isParts = $unknown !== [] && count($bags) === count($rows);
        if ($unknown !== [] && ! $isParts) {
            throw Refused::because('text', 'bag_unknown', $unknown[0][0]->name);
        }
        $amounts = [];
        foreach ($rows as [$component, $amount, $packs]) {
            $amounts[$component->id] = [$component, ($amounts[$component->id][1] ?? 0.0) + $amount + ($isParts ? $packs : $packs * (float) $component->pack_l)];
        }

        return [$isParts ? 'parts' : $notation, $amounts];
    }
}
