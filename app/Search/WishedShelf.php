<?php

declare(strict_types=1);

namespace App\Search;

use App\Recipes\PartsForm;
use App\Shelf\Models\Component;
use Zolbek\Core\Basis\Input\Fields;
use Zolbek\Core\Basis\Input\Refusal;
use Zolbek\Core\Basis\Input\Refusals;
use Zolbek\Core\Basis\Input\Refused;
use Zolbek\Core\Verdict\Search\Ingredient;
use Zolbek\Core\Verdict\Search\Source;

/** The shelf that is looked through: components of which something is said, those of the recipe that a mix should be like, and unless `only` they are wanted the usual ones. */
final readonly class WishedShelf
{
    public const FIELDS = ['components', 'only', 'like'];

    /** Usual components at most, those that most lies of first. */
    public const MOST_USUAL = 24;

    /**
     * @param list<array{component_id: int, parts: float, preparation?: mixed}> $rows as PartsForm reads them
     * @param array<int, array{least: float, most: float|null, must: bool}> $bounds by id of the component
     * @param array<int, float> $like shares by place on the shelf
     * @param list<string>      $paths field that each row was told in; of the usual ones none
     */
    private function __construct(public array $rows, private array $bounds, public array $like, private array $paths) {}

    public static function read(Fields $fields, Source $source, Refusals $refusals): self
    {
        [$said, $bounds] = self::said($fields->raw('components'), $refusals);
        $like = self::like($fields->raw('like'), $refusals);
        $ids = array_column($said, 'component_id');
        $more = array_filter($like, static fn(array $row): bool => ! in_array($row['component_id'], $ids, true));
        $rows = [...$said, ...array_values($more)];
        $paths = [...array_map(static fn(int $i): string => 'find.components.'.$i, array_keys($said)), ...array_map(static fn(int $i): string => 'find.like.'.$i, array_keys($more))];
        if (! $fields->flag('only', false)) {
            $ids = array_column($rows, 'component_id');
            array_push($rows, ...array_map(static fn(int $id): array => ['component_id' => $id], self::usual($ids, $source)));
        }
        if ($rows === []) {
            $refusals->add($fields->flag('only', false) ? new Refusal('find.components', 'required') : new Refusal('find.source', 'nothing_on_shelf'));
        }

        return new self(
            array_map(static fn(array $row): array => ['parts' => 1.0] + $row, $rows),
            $bounds,
            self::shares($like, array_column($rows, 'component_id')),
            $paths,
        );
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

    /** What is refused of the rows stands where they were told. */
    public function atItsField(Refused $refused): Refused
    {
        return new Refused(array_map(fn(Refusal $refusal): Refusal => new Refusal(
            (string) preg_replace_callback('/^parts(\.(\d+))?/', fn(array $at): string => $this->paths[(int) ($at[2] ?? -1)] ?? 'find.components', $refusal->field),
            $refusal->rule,
            $refusal->given,
            $refusal->limits,
        ), $refused->refusals));
    }

    /** @return array{list<array{component_id: int, preparation?: mixed}>, array<int, array{least: float, most: float|null, must: bool}>} */
    private static function said(mixed $input, Refusals $refusals): array
    {
        $rows = $bounds = [];
        foreach (self::list($input, 'find.components', $refusals) as $i => $row) {
            $path = 'find.components.'.$i;
            $fields = Fields::of($row, ['component_id', 'least', 'most', 'must', 'preparation'], $refusals, $path);
            $id = $fields->integer('component_id', 1, PHP_INT_MAX);
            $least = $fields->number('least', 0, 1, 0);
            $most = $fields->has('most') ? $fields->number('most', 0, 1) : null;
            if ($most !== null && $least > $most) {
                $refusals->add(new Refusal($path.'.least', 'between', $least, ['min' => 0, 'max' => $most]));
            }
            $rows[] = ['component_id' => $id] + self::prepared($fields);
            $bounds[$id] = ['least' => $least, 'most' => $most, 'must' => $fields->flag('must', false)];
        }

        return [$rows, $bounds];
    }

    /** @return list<array{component_id: int, parts: float, preparation?: mixed}> */
    private static function like(mixed $input, Refusals $refusals): array
    {
        $like = [];
        foreach (self::list($input, 'find.like', $refusals) as $i => $row) {
            $path = 'find.like.'.$i;
            $fields = Fields::of($row, ['component_id', 'parts', 'preparation', 'lot_id'], $refusals, $path);
            $id = $fields->integer('component_id', 1, PHP_INT_MAX);
            if (in_array($id, array_column($like, 'component_id'), true)) {
                $refusals->add(new Refusal($path.'.component_id', 'component_twice', $id));
            }
            $like[] = ['component_id' => $id, 'parts' => $fields->numberAbove('parts', 0, PartsForm::MOST_PARTS)] + self::prepared($fields);
        }

        return $like;
    }

    /** @return list<mixed> empty where nothing is said, or where it is refused */
    private static function list(mixed $input, string $path, Refusals $refusals): array
    {
        if ($input === null) {
            return [];
        }
        if (is_array($input) && array_is_list($input) && $input !== [] && count($input) <= PartsForm::MOST_COMPONENTS) {
            return $input;
        }
        $refusals->add(new Refusal($path, 'list_of_most', $input, ['max' => PartsForm::MOST_COMPONENTS]));

        return [];
    }

    /** @return array{preparation?: mixed} */
    private static function prepared(Fields $fields): array
    {
        return $fields->has('preparation') ? ['preparation' => $fields->raw('preparation')] : [];
    }

    /**
     * What lies there, and where that is not asked for, what could be bought; none of those that are on the shelf already.
     *
     * @param list<int> $without
     *
     * @return list<int>
     */
    private static function usual(array $without, Source $source): array
    {
        $query = Component::query()->whereNull('archived_at')->whereNotIn('id', $without);
        if ($source !== Source::Bought) {
            $query->where('stock_l', '>', 0);
        }
        $most = max(0, min(self::MOST_USUAL, PartsForm::MOST_COMPONENTS - count($without)));

        return array_values($query->orderByRaw('source = ? desc', ['material'])->orderByDesc('stock_l')->orderBy('name')->orderBy('id')->limit($most)->pluck('id')->all());
    }

    /**
     * @param list<array{component_id: int, parts: float, preparation?: mixed}> $like
     * @param list<int> $ids of the shelf
     *
     * @return array<int, float>
     */
    private static function shares(array $like, array $ids): array
    {
        $total = array_sum(array_column($like, 'parts'));
        $shares = [];
        foreach ($total > 0.0 ? $like : [] as $row) {
            $place = array_search($row['component_id'], $ids, true);
            assert($place !== false);
            $shares[$place] = $row['parts'] / $total;
        }

        return $shares;
    }
}
