<?php

declare(strict_types=1);

namespace App\Plants;

use App\Common\Field;
use App\Common\Same;
use App\Plants\Actions\SavePlant;
use App\Plants\Models\Plant;
use App\Pots\Models\Pot;
use App\Recipes\Models\Recipe;
use App\Sheets\Column;
use App\Sheets\Sheet;
use App\Situations\Models\Site;
use App\Situations\Models\Species;
use Zolbek\Core\Basis\Input\Refused;

/** The collection as CSV, plants told apart by their numbers. */
final readonly class PlantSheet implements Sheet
{
    private const KEYS = ['number', 'name'];
    private const NAMES = ['species' => Species::class, 'site' => Site::class, 'pot' => Pot::class, 'recipe' => Recipe::class];

    public function __construct(private SavePlant $save) {}

    public function columns(): array
    {
        $fields = PlantFields::all();
        $of = static fn(string ...$kinds): array => array_values(array_map(self::column(...), array_filter($fields, static fn(Field $field): bool => in_array($field->kind, $kinds, true) && ! in_array($field->name, self::KEYS, true))));

        return [
            ...array_map(static fn(string $name): Column => self::column($fields[$name]), self::KEYS),
            ...array_map(static fn(string $name): Column => new Column($name, $name.'_id'), array_keys(self::NAMES)),
            ...$of(Field::DAY),
            ...$of(Field::FIGURE, Field::WHOLE),
            ...$of(Field::WORD, Field::TEXT),
        ];
    }

    private static function column(Field $field): Column
    {
        $isNumber = in_array($field->kind, [Field::FIGURE, Field::WHOLE], true);

        return new Column(
            (string) preg_replace('/_(cm|mm|kg)$/', '', $field->name),
            $field->name,
            $isNumber ? Column::NUMBER : Column::TEXT,
            $field->kind === Field::DAY ? 'YYYY-MM-DD' : $field->unit,
            in_array($field->name, self::KEYS, true),
        );
    }

    public function sieveUnit(): ?string
    {
        return null;
    }

    public function key(array $values): string
    {
        return mb_strtolower((string) $values['number']);
    }

    public function take(array $values): array
    {
        foreach (self::NAMES as $name => $model) {
            if (isset($values[$name.'_id'])) {
                $found = $model::query()->where('name', $values[$name.'_id'])->first();
                $values[$name.'_id'] = $found->id ?? throw Refused::because($name.'_id', 'name_unknown', $values[$name.'_id']);
            }
        }
        if (isset($values['year_started'])) {
            $values['year_started'] = (int) $values['year_started'];
        }
        $plant = Plant::query()->where('number', $values['number'])->first();
        $before = $plant === null ? null : self::plain($plant);
        // what the file says nothing of stays as it is
        $kept = $before === null ? [] : array_filter($before, static fn(mixed $value): bool => $value !== null && $value !== '');
        $saved = ($this->save)($plant ?? new Plant(), [...$kept, ...$values]);

        return [match (true) {
            $before === null => 'added',
            Same::values($before, self::plain($saved)) => 'same',
            default => 'changed',
        }, $saved->number.' '.$saved->name];
    }

    public function all(): iterable
    {
        $query = Plant::query();
        $query->with(['species', 'site', 'pot', 'recipe']);
        $query->whereNull('archived_at');
        foreach ($query->lazyById(500) as $plant) {
            yield [...self::plain($plant), 'species_id' => $plant->species?->name, 'site_id' => $plant->site?->name, 'pot_id' => $plant->pot?->name, 'recipe_id' => $plant->recipe?->name];
        }
    }

    /** @return array<string, mixed> as SavePlant takes it */
    private static function plain(Plant $plant): array
    {
        return array_intersect_key(PlantPresenter::row($plant->loadMissing(['species', 'pot'])), array_flip(array_diff(PlantFields::names(), ['stage'])));
    }
}
