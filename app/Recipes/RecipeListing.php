<?php

declare(strict_types=1);

namespace App\Recipes;

use App\Recipes\Models\Recipe;
use App\Sheets\Column;
use App\Sheets\Listing;

/** Recipes with every version: one row for each component of each. */
final readonly class RecipeListing implements Listing
{
    public function columns(): array
    {
        return [
            new Column('recipe', 'recipe'),
            new Column('plant_group', 'plant_group'),
            new Column('version', 'version', Column::NUMBER),
            new Column('made_on', 'made_on', unit: 'YYYY-MM-DD'),
            new Column('reason', 'reason'),
            new Column('component', 'component'),
            new Column('parts', 'parts', Column::NUMBER),
            new Column('tags', 'tags'),
            new Column('note', 'note'),
        ];
    }

    public function all(): iterable
    {
        $query = Recipe::query();
        $query->whereNull('archived_at');
        foreach ($query->with('versions')->lazyById(200) as $recipe) {
            foreach ($recipe->versions->sortBy('number') as $version) {
                foreach ($version->parts as $part) {
                    yield [
                        'recipe' => $recipe->name, 'plant_group' => $version->plant_group, 'version' => $version->number, 'made_on' => $version->made_at->toDateString(), 'reason' => $version->reason,
                        'component' => $part['name'], 'parts' => $part['parts'], 'tags' => $recipe->tags, 'note' => $recipe->note,
                    ];
                }
            }
        }
    }
}
