<?php

declare(strict_types=1);

namespace App\Plants\Actions;

use App\Common\Day;
use App\Plants\Models\Plant;
use App\Plants\Outlook;
use App\Plants\StandsIn;
use App\Pots\Models\Pot;
use App\Recipes\Models\Recipe;
use App\Situations\Models\Site;
use App\Situations\Models\Species;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;
use Zolbek\Core\Basis\Input\Fields;
use Zolbek\Core\Basis\Input\Refusal;
use Zolbek\Core\Basis\Input\Refusals;
use Zolbek\Core\Basis\Input\Refused;
use Zolbek\Core\Place\Plant\GrowthStage;
use Zolbek\Core\Place\Plant\PlantGroup;
use Zolbek\Core\Place\Plant\Purpose;
use Zolbek\Core\Place\Plant\RootVigour;
use Zolbek\Core\Place\Site\Exposure;
use Zolbek\Core\Place\Site\Stand;
use Zolbek\Core\Place\Watering\Feed;
use Zolbek\Core\Work\Inspection\Health;

/** Adds a plant to the collection or changes what is written of it. What it stands in is kept with the values of that day. */
final readonly class SavePlant
{
    public const FIELDS = [
        'number', 'name', 'species_id', 'plant_group', 'year_started', 'height_cm', 'canopy_cm', 'trunk_mm', 'weight_kg', 'planned_years', 'site_id', 'place', 'front', 'exposure', 'vigour',
        'health', 'purpose', 'origin', 'shelter', 'stand', 'feed', 'winter_shelter', 'pot_id', 'recipe_id', 'potted_on', 'buried', 'plan', 'note', 'stage',
    ];
    private const FIGURES = ['height_cm' => [0.1, 5000], 'canopy_cm' => [0.1, 5000], 'trunk_mm' => [0.1, 5000], 'weight_kg' => [0, 10_000], 'planned_years' => [0.5, 20]];

    public function __construct(private Outlook $outlook, private WritePlantEvent $write) {}

    /**
     * @param array<mixed> $input
     *
     * @throws Refused naming each field and what it may be
     */
    public function __invoke(Plant $plant, array $input): Plant
    {
        $refusals = new Refusals();
        $fields = Fields::of($input, self::FIELDS, $refusals);
        $species = self::record($fields, 'species_id', 'species_missing', Species::class, $refusals);
        $site = self::record($fields, 'site_id', 'site_missing', Site::class, $refusals);
        $pot = self::record($fields, 'pot_id', 'pot_missing', Pot::class, $refusals);
        $recipe = self::record($fields, 'recipe_id', 'recipe_missing', Recipe::class, $refusals);
        $words = static fn(string $name, array $cases, string $usual): string => $fields->oneOf($name, array_is_list($cases) && is_string($cases[0] ?? null) ? $cases : array_column($cases, 'value'), $usual) ?? $usual;
        $number = $fields->text('number', 30, '');
        if ($number !== '' && Plant::query()->where('number', $number)->whereKeyNot($plant->id ?? 0)->exists()) {
            $refusals->add(new Refusal('number', 'number_taken', $number));
        }
        $values = [
            'number' => $number,
            'name' => $fields->text('name', 100),
            'species_id' => $species?->id,
            'plant_group' => $words('plant_group', PlantGroup::words(), $species->plant_group ?? PlantGroup::BroadleafDeciduous->value),
            'year_started' => $fields->has('year_started') ? $fields->integer('year_started', 1000, Carbon::now()->year) : null,
            'site_id' => $site?->id,
            'place' => $fields->text('place', 100, ''),
            'front' => $fields->text('front', 200, ''),
            'exposure' => $words('exposure', Exposure::cases(), Exposure::FullSun->value),
            'vigour' => $words('vigour', RootVigour::cases(), $species->vigour ?? RootVigour::Middling->value),
            'health' => $words('health', Health::cases(), Health::Well->value),
            'purpose' => $words('purpose', Purpose::cases(), Purpose::GrowOn->value),
            'origin' => $words('origin', Plant::ORIGINS, 'bought'),
            'shelter' => $fields->flag('shelter', false),
            'stand' => $words('stand', Stand::cases(), Stand::Bench->value),
            'feed' => $words('feed', Feed::cases(), Feed::Usual->value),
            'winter_shelter' => $fields->flag('winter_shelter', false),
            'potted_on' => Day::optional($fields, 'potted_on', $refusals, 0),
            'note' => $fields->text('note', 4000, ''),
            'buried' => self::buried($fields->raw('buried') ?? [], $refusals),
            'plan' => self::plan($fields->raw('plan') ?? [], $refusals),
            'pot_id' => $pot?->id,
            'recipe_id' => $recipe?->id,
        ];
        foreach (self::FIGURES as $name => [$min, $max]) {
            $values[$name] = $fields->has($name) ? $fields->number($name, $min, $max) : null;
        }
        $stage = $fields->has('stage') ? $fields->oneOf('stage', array_column(GrowthStage::cases(), 'value')) : null;
        $refusals->throwIfAny();

        return DB::transaction(fn(): Plant => $this->keep($plant, $values, $stage, $pot, $recipe));
    }

    /** @param array<string, mixed> $values */
    private function keep(Plant $plant, array $values, ?string $stage, ?Pot $pot, ?Recipe $recipe): Plant
    {
        $before = $plant->exists ? $plant->only(['place', 'health']) : null;
        $standsOtherwise = $pot?->id !== $plant->pot_id || $recipe?->id !== $plant->recipe_id;
        if ($values['number'] === '') {
            $values['number'] = $plant->number ?? self::nextNumber();
        }
        $plant->fill($values);
        if ($standsOtherwise) {
            $plant->standing = $pot === null || $recipe === null ? null : StandsIn::of($recipe->load('parts.component'), $pot);
        }
        if ($stage !== null && $stage !== $plant->stage) {
            $plant->stage = $stage;
            $plant->stage_seen_on = Carbon::today();
        }
        $plant->save();
        $plant->refresh()->loadMissing(['species', 'site']);
        $plant->due_on = $this->outlook->dueOn($plant);
        $plant->save();
        if ($before !== null && $before['place'] !== $plant->place) {
            ($this->write)($plant, 'moved', text: $plant->place, data: ['from' => $before['place'], 'to' => $plant->place]);
        }
        if ($before !== null && $before['health'] !== $plant->health) {
            ($this->write)($plant, 'health', data: ['from' => $before['health'], 'to' => $plant->health]);
        }

        return $plant;
    }

    public static function nextNumber(): string
    {
        $highest = 0;
        foreach (Plant::query()->where('number', 'like', 'P-%')->orderByDesc('id')->limit(200)->pluck('number') as $number) {
            $highest = max($highest, (int) substr((string) $number, 2));
        }
        do {
            $number = sprintf('P-%03d', ++$highest);
        } while (Plant::query()->where('number', $number)->exists());

        return $number;
    }

    /** @return list<array{kind: string, note: string}> */
    private static function buried(mixed $input, Refusals $refusals): array
    {
        $rows = [];
        foreach (self::list($input, 'buried', 20, $refusals) as $i => $row) {
            $fields = Fields::of($row, ['kind', 'note'], $refusals, 'buried.'.$i);
            $rows[] = ['kind' => $fields->oneOf('kind', Plant::BURIED) ?? 'other', 'note' => $fields->text('note', 200, '')];
        }

        return $rows;
    }

    /** @return list<array{year: int, what: string, note: string, pot_id: int|null}> */
    private static function plan(mixed $input, Refusals $refusals): array
    {
        $rows = [];
        foreach (self::list($input, 'plan', 30, $refusals) as $i => $row) {
            $fields = Fields::of($row, ['year', 'what', 'note', 'pot_id'], $refusals, 'plan.'.$i);
            $potId = $fields->has('pot_id') ? $fields->integer('pot_id', 1, PHP_INT_MAX) : null;
            if ($potId !== null && $potId > 0 && ! Pot::query()->whereKey($potId)->exists()) {
                $refusals->add(new Refusal('plan.'.$i.'.pot_id', 'pot_missing', $potId));
            }
            $rows[] = [
                'year' => $fields->integer('year', Carbon::now()->year - 50, Carbon::now()->year + 50),
                'what' => $fields->oneOf('what', Plant::PLANS) ?? 'other',
                'note' => $fields->text('note', 300, ''),
                'pot_id' => $potId,
            ];
        }
        usort($rows, static fn(array $a, array $b): int => $a['year'] <=> $b['year']);

        return $rows;
    }

    /** @return list<mixed> */
    private static function list(mixed $input, string $field, int $most, Refusals $refusals): array
    {
        if (! is_array($input) || ! array_is_list($input) || count($input) > $most) {
            $refusals->add(new Refusal($field, 'list_of_most', $input, ['max' => $most]));

            return [];
        }

        return $input;
    }

    /**
     * @template T of Model
     *
     * @param class-string<T> $model
     *
     * @return T|null
     */
    private static function record(Fields $fields, string $name, string $rule, string $model, Refusals $refusals): ?Model
    {
        if (! $fields->has($name)) {
            return null;
        }
        $id = $fields->integer($name, 1, PHP_INT_MAX);
        $found = $id > 0 ? $model::query()->find($id) : null;
        if ($found === null && $id > 0) {
            $refusals->add(new Refusal($name, $rule, $id));
        }

        return $found;
    }
}
