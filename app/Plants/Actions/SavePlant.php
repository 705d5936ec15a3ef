<?php

declare(strict_types=1);

namespace App\Plants\Actions;

use App\Common\Field;
use App\Plants\Carried;
use App\Plants\Models\Plant;
use App\Plants\Outlook;
use App\Plants\PlantFields;
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
use Zolbek\Core\Work\WaterRound\PotState;

/** Adds a plant to the collection or changes what is written of it. What it stands in is kept with the values of that day. */
final readonly class SavePlant
{
    private const CHANGES_USE = ['site_id', 'exposure', 'stand', 'roofed', 'canopy_cm'];

    public function __construct(private Outlook $outlook, private WritePlantEvent $write) {}

    /**
     * @param array<mixed> $input
     *
     * @throws Refused naming each field and what it may be
     */
    public function __invoke(Plant $plant, array $input): Plant
    {
        $refusals = new Refusals();
        $fields = Fields::of($input, PlantFields::names(), $refusals);
        $species = self::record($fields, 'species_id', 'species_missing', Species::class, $refusals);
        $site = self::record($fields, 'site_id', 'site_missing', Site::class, $refusals);
        $pot = self::record($fields, 'pot_id', 'pot_missing', Pot::class, $refusals);
        $recipe = self::record($fields, 'recipe_id', 'recipe_missing', Recipe::class, $refusals);
        $usual = ['plant_group' => $species?->plant_group, 'vigour' => $species?->vigour];
        $values = Field::readAll(PlantFields::all(), $fields, $refusals, $usual);
        $number = $values['number'];
        if ($number !== '' && Plant::query()->where('number', $number)->whereKeyNot($plant->id ?? 0)->exists()) {
            $refusals->add(new Refusal('number', 'number_taken', $number));
        }
        $values += [
            'species_id' => $species?->id, 'site_id' => $site?->id, 'pot_id' => $pot?->id, 'recipe_id' => $recipe?->id,
            'buried' => self::buried($fields->raw('buried') ?? [], $refusals), 'plan' => self::plan($fields->raw('plan') ?? [], $refusals),
        ];
        $stage = $fields->has('stage') ? $fields->oneOf('stage', array_column(GrowthStage::cases(), 'value')) : null;
        $refusals->throwIfAny();

        return DB::transaction(fn(): Plant => $this->keep($plant->fill($values), $stage, $pot, $recipe));
    }

    private function keep(Plant $plant, ?string $stage, ?Pot $pot, ?Recipe $recipe): Plant
    {
        $before = $plant->exists ? ['place' => $plant->getOriginal('place'), 'health' => $plant->getOriginal('health')] : null;
        if ($plant->number === '') {
            $plant->number = $plant->getOriginal('number') ?? self::nextNumber();
        }
        if ($plant->use_spread !== null && $plant->isDirty(self::CHANGES_USE)) {
            // what it used at another place, or with another crown, says less
            $plant->use_spread = PotState::PHI_SPREAD;
        }
        if ($plant->isDirty(['pot_id', 'recipe_id'])) {
            $plant->standing = $pot === null || $recipe === null ? null : StandsIn::of($recipe->load('parts.component'), $pot);
        }
        if ($stage !== null && $stage !== $plant->stage) {
            $plant->stage = $stage;
            $plant->stage_seen_on = Carbon::today();
        }
        $plant->save();
        $plant->refresh()->loadMissing(['species', 'site']);
        $this->outlook->foretell($plant);
        if ($before !== null && $before['place'] !== $plant->place) {
            ($this->write)($plant, 'moved', text: $plant->place, carried: new Carried(['from' => $before['place'], 'to' => $plant->place]));
        }
        if ($before !== null && $before['health'] !== $plant->health) {
            ($this->write)($plant, 'health', carried: new Carried(['from' => $before['health'], 'to' => $plant->health]));
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
