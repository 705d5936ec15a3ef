<?php

declare(strict_types=1);

namespace App\Search;

use App\Recipes\PartsForm;
use App\Shelf\Models\Component;
use Zolbek\Core\Basis\Input\Fields;
use Zolbek\Core\Basis\Input\Refusal;
use Zolbek\Core\Basis\Input\Refusals;
use Zolbek\Core\Verdict\Search\Ingredient;
use Zolbek\Core\Verdict\Search\Merit;
use Zolbek\Core\Verdict\Search\Source;
use Zolbek\Core\Verdict\Search\Steps;
use Zolbek\Core\Verdict\Search\Wishes;

/** What somebody wants of a mix, as a screen sends it under `find`; all of it may be left out. */
final readonly class WishForm
{
    public const FIELDS = [
        'components', 'most_components', 'scoops', 'per_cent', 'source', 'most_cost', 'most_kg', 'least_years', 'without_organics', 'without_acid_organics', 'pots', 'priorities', 'like', 'within',
    ];

    /** Components that are looked through where nobody named any, those that most lies of first. */
    public const MOST_CHOSEN = 24;

    private const SCOOPS = 6;
    private const COMPONENTS = 4;
    private const MOST_COMPONENTS = 6;

    /**
     * @param list<array{component_id: int, parts: float, preparation?: mixed}> $rows of the shelf, as PartsForm reads them
     * @param array<int, array{least: float, most: float|null, must: bool}> $bounds by id of the component
     * @param list<Merit>       $priorities
     */
    private function __construct(public array $rows, private array $bounds, public array $priorities, private Wishes $wishes) {}

    public static function read(mixed $input, Refusals $refusals): self
    {
        $fields = Fields::of($input ?? [], self::FIELDS, $refusals, 'find');
        $source = Source::from($fields->oneOf('source', array_column(Source::cases(), 'value'), Source::Bought->value) ?? Source::Bought->value);
        $optional = static fn(string $name, float $max): ?float => $fields->has($name) ? $fields->number($name, 0, $max) : null;
        $steps = $refusals->during('find', static fn(): Steps => $fields->has('per_cent')
            ? Steps::perCent($fields->integer('per_cent', 1, 100))
            : Steps::scoopsUpTo($fields->integer('scoops', 1, Steps::MOST_SCOOPS, self::SCOOPS)));
        $like = self::like($fields->raw('like'), $refusals);
        [$rows, $bounds] = self::rows($fields->raw('components'), $like, $source, $refusals);
        $ids = array_column($rows, 'component_id');

        return new self($rows, $bounds, self::priorities($fields->raw('priorities'), $refusals), new Wishes(
            $fields->integer('most_components', 1, self::MOST_COMPONENTS, self::COMPONENTS),
            $steps,
            $source,
            $optional('most_cost', 1e6),
            $optional('most_kg', 10_000.0),
            $optional('least_years', 20.0),
            $fields->flag('without_organics', false),
            $fields->flag('without_acid_organics', false),
            $fields->integer('pots', 1, 10_000, 1),
            self::shares($like, $ids),
            $fields->number('within', 0, 1, 1),
        ));
    }

    public function wishes(): Wishes
    {
        return $this->wishes;
    }

    /**
     * @param array<int, Component> $components by id
     *
     * @return non-empty-list<Ingredient>
     */
    public function ingredients(PartsForm $parts, array $components): array
    {
        $ingredients = [];
        foreach ($parts->portions as $i => [$portion]) {
            $id = $parts->rows[$i]['component_id'];
            $ingredients[] = new Ingredient($portion, ...[...$this->bounds[$id] ?? [], 'stock' => $components[$id]->stock()]);
        }
        assert($ingredients !== []);

        return $ingredients;
    }

    /**
     * @param array<int, float> $like
     *
     * @return array{list<array{component_id: int, parts: float, preparation?: mixed}>, array<int, array{least: float, most: float|null, must: bool}>}
     */
    private static function rows(mixed $input, array $like, Source $source, Refusals $refusals): array
    {
        if ($input === null) {
            return [array_map(static fn(int $id): array => ['component_id' => $id, 'parts' => 1.0], self::usual($like, $source, $refusals)), []];
        }
        if (! is_array($input) || ! array_is_list($input) || $input === [] || count($input) > PartsForm::MOST_COMPONENTS) {
            $refusals->add(new Refusal('find.components', 'list_of_most', $input, ['max' => PartsForm::MOST_COMPONENTS]));

            return [[], []];
        }
        $rows = $bounds = [];
        foreach ($input as $i => $row) {
            $fields = Fields::of($row, ['component_id', 'least', 'most', 'must', 'preparation'], $refusals, 'find.components.'.$i);
            $id = $fields->integer('component_id', 1, PHP_INT_MAX);
            $least = $fields->number('least', 0, 1, 0);
            $most = $fields->has('most') ? $fields->number('most', 0, 1) : null;
            if ($most !== null && $least > $most) {
                $refusals->add(new Refusal('find.components.'.$i.'.least', 'between', $least, ['min' => 0, 'max' => $most]));
            }
            $rows[] = ['component_id' => $id, 'parts' => 1.0, ...($fields->has('preparation') ? ['preparation' => $fields->raw('preparation')] : [])];
            $bounds[$id] = ['least' => $least, 'most' => $most, 'must' => $fields->flag('must', false)];
        }

        return [$rows, $bounds];
    }

    /**
     * What lies there, and where that is not asked for, what could be bought; what it should be like with it.
     *
     * @param array<int, float> $like
     *
     * @return list<int>
     */
    private static function usual(array $like, Source $source, Refusals $refusals): array
    {
        $query = Component::query()->whereNull('archived_at');
        if ($source !== Source::Bought) {
            $query->where('stock_l', '>', 0);
        }
        $query->orderByRaw('source = ? desc', ['material'])->orderByDesc('stock_l')->orderBy('name')->orderBy('id')->limit(self::MOST_CHOSEN);
        $ids = array_values(array_unique([...array_keys($like), ...$query->pluck('id')->all()]));
        if ($ids === []) {
            $refusals->add(new Refusal('find.source', 'nothing_on_shelf'));
        }

        return $ids;
    }

    /** @return array<int, float> */
    private static function like(mixed $input, Refusals $refusals): array
    {
        if ($input === null) {
            return [];
        }
        if (! is_array($input) || ! array_is_list($input) || $input === [] || count($input) > PartsForm::MOST_COMPONENTS) {
            $refusals->add(new Refusal('find.like', 'list_of_most', $input, ['max' => PartsForm::MOST_COMPONENTS]));

            return [];
        }
        $like = [];
        foreach ($input as $i => $row) {
            $fields = Fields::of($row, ['component_id', 'parts', 'preparation', 'lot_id'], $refusals, 'find.like.'.$i);
            $like[$fields->integer('component_id', 1, PHP_INT_MAX)] = $fields->numberAbove('parts', 0, PartsForm::MOST_PARTS);
        }

        return $like;
    }

    /**
     * @param array<int, float> $like
     * @param list<int>         $ids
     *
     * @return array<int, float> shares by place on the shelf
     */
    private static function shares(array $like, array $ids): array
    {
        $total = array_sum($like);
        $shares = [];
        foreach ($like as $id => $parts) {
            $place = array_search($id, $ids, true);
            if ($place !== false && $total > 0.0) {
                $shares[$place] = $parts / $total;
            }
        }

        return $shares;
    }

    /** @return list<Merit> */
    private static function priorities(mixed $input, Refusals $refusals): array
    {
        $words = array_column(Merit::priorities(), 'value');
        if ($input === null) {
            return [Merit::Best, Merit::Cheapest, Merit::Longest, Merit::Lightest, Merit::Water, Merit::Stock];
        }
        if (! is_array($input) || ! array_is_list($input) || $input === [] || array_diff($input, $words) !== [] || array_unique($input) !== $input) {
            $refusals->add(new Refusal('find.priorities', 'one_of', $input, ['words' => implode(', ', $words)]));

            return [Merit::Best];
        }

        return array_map(Merit::from(...), $input);
    }
}
