<?php

declare(strict_types=1);

namespace App\Search;

use App\Blend\BlendForm;
use App\Recipes\PartsForm;
use App\Shelf\Models\Component;
use Zolbek\Core\Basis\Input\Refusals;
use Zolbek\Core\Basis\Input\Refused;
use Zolbek\Core\Verdict\Search\MixSearch;

/** A question for a mix: a pot, a plant and its place as Blend asks about them, and what is wished, with ids resolved to records. */
final readonly class SearchForm
{
    private const WITHOUT = ['parts' => 0, 'mends' => 0, 'recipe_id' => 0];

    private function __construct(private BlendForm $blend, private WishForm $wishes) {}

    /**
     * @param array<mixed> $input
     *
     * @throws Refused naming the field and what it may be
     */
    public static function read(array $input): self
    {
        $refusals = new Refusals();
        $wishes = WishForm::read($input['find'] ?? null, $refusals);
        $refusals->throwIfAny();
        try {
            $blend = BlendForm::read([...array_diff_key($input, self::WITHOUT), 'parts' => $wishes->shelf->rows], ['find']);
        } catch (Refused $refused) {
            throw $wishes->shelf->atItsField($refused);
        }

        return new self($blend, $wishes);
    }

    public function question(): MixSearch
    {
        return new MixSearch($this->blend->setup, $this->wishes->shelf->ingredients($this->blend->parts, $this->blend->components), $this->wishes->wishes, $this->wishes->priorities, self::bases($this->blend->parts));
    }

    /** @return list<array<string, mixed>> the shelf in the order by which answers name it: schema SearchShelf of the API */
    public function shelf(): array
    {
        return self::shelfOf($this->blend->parts, $this->blend->components);
    }

    /**
     * @param array<int, Component> $components by id
     *
     * @return list<array<string, mixed>>
     */
    public static function shelfOf(PartsForm $parts, array $components): array
    {
        return array_map(static function (array $row) use ($components): array {
            $component = $components[$row['component_id']];

            return ['component_id' => $component->id, 'name' => $component->name, 'kind' => $component->kind, 'colour' => $component->colour, 'source' => $component->source, 'stock_l' => $component->stock_l, 'preparation' => $row['preparation']?->toArray()];
        }, $parts->rows);
    }

    /** @return array<string, array<string, string>> basis of each property by key of the material */
    private static function bases(PartsForm $parts): array
    {
        $bases = [];
        foreach ($parts->portions as [$portion]) {
            foreach ($portion->contents as [$material]) {
                $bases[$material->key] = $parts->bases($material);
            }
        }

        return $bases;
    }
}
