<?php

declare(strict_types=1);

namespace App\Plants;

use App\Common\Day;
use App\Plants\Actions\SavePlant;
use App\Plants\Actions\WritePlantEvent;
use App\Plants\Models\Plant;
use App\Plants\Models\PlantEvent;
use App\Pots\Models\Pot;
use App\Recipes\Models\Recipe;
use App\Situations\Models\Site;
use App\Situations\Models\Species;
use Illuminate\Support\Facades\DB;
use Zolbek\Core\Basis\Input\Fields;
use Zolbek\Core\Basis\Input\Refusal;
use Zolbek\Core\Basis\Input\Refusals;
use Zolbek\Core\Basis\Input\Refused;
use Zolbek\Core\Place\Plant\PlantGroup;

/** One plant with its history as an open JSON file: species, site, pot and mix by their names. */
final readonly class PlantFile
{
    public const FORMAT = 'zolbek-plant';
    /** Records are named in a file, and what is planned with pots of one yard stays there. */
    private const LEFT_OUT = ['species_id', 'site_id', 'pot_id', 'recipe_id', 'plan'];
    private const MOST_EVENTS = 2000;

    public function __construct(private SavePlant $save, private WritePlantEvent $write, private Standing $standings, private Outlook $outlook) {}

    /** @return list<string> */
    private static function own(): array
    {
        return array_values(array_diff(PlantFields::names(), self::LEFT_OUT));
    }

    /** @return array<string, mixed> */
    public function write(Plant $plant): array
    {
        $row = PlantPresenter::row($plant->loadMissing(['species', 'site', 'pot', 'recipe']));
        $events = $plant->events();
        $events->orderBy('happened_on');
        $events->orderBy('id');

        return [
            'format' => self::FORMAT,
            'version' => 1,
            'plant' => [
                ...array_filter(array_intersect_key($row, array_flip(self::own())), static fn(mixed $value): bool => $value !== null),
                'species' => $plant->species?->name, 'site' => $plant->site?->name, 'pot' => $plant->pot?->name, 'recipe' => $plant->recipe?->name,
            ],
            // with the values of that day, so that its due date is the same elsewhere
            'standing' => $plant->standing,
            'history' => array_values($events->get()->map(static fn(PlantEvent $event): array => ['kind' => $event->kind, 'happened_on' => $event->happened_on->toDateString(), 'person' => $event->person, 'text' => $event->text, 'data' => (object) $event->data->elsewhere()->jsonSerialize()])->all()),
        ];
    }

    /**
     * Takes in a file as a new plant; all or nothing.
     *
     * @throws \Throwable Refused, naming each field and what it may be
     */
    public function take(string $text): Plant
    {
        $file = json_decode($text, true);
        if (! is_array($file) || ($file['format'] ?? null) !== self::FORMAT) {
            throw Refused::because('file', 'plant_file', is_array($file) ? ($file['format'] ?? null) : null);
        }
        $refusals = new Refusals();
        $given = is_array($file['plant'] ?? null) ? $file['plant'] : [];
        Fields::of($given === [] ? ['name' => null] : $given, [...self::own(), 'species', 'site', 'pot', 'recipe'], $refusals, 'plant');
        $input = array_intersect_key($given, array_flip(self::own()));
        foreach (['species' => Species::class, 'site' => Site::class, 'pot' => Pot::class, 'recipe' => Recipe::class] as $name => $model) {
            $wanted = $given[$name] ?? null;
            if (is_string($wanted) && $wanted !== '') {
                $found = $model::query()->where('name', $wanted)->first();
                if ($found === null) {
                    $refusals->add(new Refusal('plant.'.$name, 'name_unknown', $wanted));
                } else {
                    $input[$name.'_id'] = $found->id;
                }
            }
        }
        $events = is_array($file['history'] ?? null) && array_is_list($file['history']) ? array_slice($file['history'], 0, self::MOST_EVENTS) : [];
        $recipes = self::recipesOf($events);
        $rows = [];
        foreach ($events as $i => $event) {
            $fields = Fields::of($event, ['kind', 'happened_on', 'person', 'text', 'data'], $refusals, 'history.'.$i);
            $day = Day::required($fields, 'happened_on', $refusals, 0);
            if ($day === null) {
                continue;
            }
            $data = is_array($fields->raw('data')) ? $fields->raw('data') : [];
            $rows[] = [$fields->oneOf('kind', PlantEvent::KINDS) ?? 'note', $day, $fields->text('text', 2000, ''), $refusals->during('history.'.$i.'.data', fn(): Carried => $this->carried($data, $recipes)), $fields->text('person', 60, '')];
        }
        $standing = $refusals->during('', fn(): ?StandsIn => $this->standing($file['standing'] ?? null, $input));
        $refusals->throwIfAny();

        return DB::transaction(function () use ($input, $rows, $standing): Plant {
            try {
                $plant = ($this->save)(new Plant(), $input);
            } catch (Refused $refused) {
                throw $refused->under('plant');
            }
            if ($standing !== null) {
                $plant->standing = $standing;
                $this->outlook->foretell($plant);
            }
            foreach ($rows as [$kind, $day, $words, $carried, $person]) {
                ($this->write)($plant, $kind, $day, $words, $carried ?? new Carried(), $person);
            }

            return $plant;
        });
    }

    /**
     * The mixes of this yard that lines of a history name.
     *
     * @param list<mixed> $events
     *
     * @return array<string, int> ids by name
     */
    private static function recipesOf(array $events): array
    {
        $names = array_filter(array_map(static fn(mixed $event): mixed => is_array($event) && is_array($event['data']['standing'] ?? null) ? $event['data']['standing']['recipe_name'] ?? null : null, $events), is_string(...));

        return $names === [] ? [] : Recipe::query()->whereIn('name', array_unique($names))->pluck('id', 'name')->all();
    }

    /**
     * What a line of its history carries; what it was potted into goes by the mixes of this yard.
     *
     * @param array<string, mixed> $data
     * @param array<string, int>   $recipes ids by name
     *
     * @throws Refused field "standing"
     */
    private function carried(array $data, array $recipes): Carried
    {
        $carried = (new Carried($data))->elsewhere();
        if (! isset($data['standing'])) {
            return $carried;
        }
        $name = is_array($data['standing']) ? $data['standing']['recipe_name'] ?? null : null;
        $standing = $this->standing($data['standing'], is_string($name) && isset($recipes[$name]) ? ['recipe_id' => $recipes[$name]] : []);

        return $standing === null ? $carried : $carried->withStanding($standing);
    }

    /**
     * What it stood in, with the values of that day.
     *
     * @param array<string, mixed> $input
     *
     * @throws Refused field "standing", where nothing can be worked out with it
     */
    private function standing(mixed $kept, array $input): ?StandsIn
    {
        if ($kept === null) {
            return null;
        }
        try {
            assert(is_array($kept));
            $standing = StandsIn::fromKept([...$kept, 'recipe_id' => $input['recipe_id'] ?? 0, 'pot' => [...$kept['pot'], 'id' => $input['pot_id'] ?? 0]]);
            $this->standings->setup($standing, PlantGroup::from($input['plant_group'] ?? PlantGroup::BroadleafDeciduous->value));

            return $standing;
        } catch (\Throwable) {
            throw Refused::because('standing', 'standing_unreadable', null);
        }
    }
}
