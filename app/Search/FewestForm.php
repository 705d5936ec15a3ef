<?php

declare(strict_types=1);

namespace App\Search;

use App\Plants\Models\Plant;
use App\Plants\PlantSituation;
use App\Pots\Models\Pot;
use App\Recipes\PartsForm;
use Illuminate\Database\Eloquent\Collection;
use Zolbek\Core\Basis\Input\Fields;
use Zolbek\Core\Basis\Input\Refusal;
use Zolbek\Core\Basis\Input\Refusals;
use Zolbek\Core\Basis\Input\Refused;
use Zolbek\Core\Place\Setup\Setup;

/** Plants that are to share mixes, each in a pot, and what is wished of the mixes. Plants that stand alike in the same pot are one situation. */
final class FewestForm
{
    public const MOST_PLANTS = 1000;
    public const MOST_SITUATIONS = 40;

    /** @var list<array{setup: Setup, plants: list<Plant>, pot: Pot}> */
    private array $situations = [];

    private function __construct(private readonly WishForm $wishes, private readonly PartsForm $parts) {}

    /**
     * @param array<mixed> $input `{plants: [{plant_id, pot_id?}], find?}`
     *
     * @throws Refused naming the field and what it may be
     */
    public static function read(array $input, PlantSituation $known): self
    {
        $refusals = new Refusals();
        $fields = Fields::of($input, ['plants', 'find'], $refusals);
        $wishes = WishForm::read($fields->raw('find'), $refusals);
        $asked = self::asked($fields->raw('plants'), $refusals);
        $refusals->throwIfAny();
        $form = new self($wishes, PartsForm::read($wishes->shelf->rows, $refusals));
        try {
            $refusals->throwIfAny();
        } catch (Refused $refused) {
            throw $wishes->shelf->atItsField($refused);
        }
        $form->place($asked, $known, $refusals);
        $refusals->throwIfAny();

        return $form;
    }

    public function question(): FewestQuestion
    {
        $situations = array_column($this->situations, 'setup');
        $plants = array_map(static fn(array $each): int => array_sum(array_map(static fn(Plant $plant): int => $plant->many(), $each['plants'])), $this->situations);
        assert($situations !== [] && $plants !== []);

        return new FewestQuestion($situations, $plants, $this->wishes->shelf->ingredients($this->parts, $this->parts->components), $this->wishes->wishes);
    }

    /** @return list<array<string, mixed>> */
    public function shelf(): array
    {
        return SearchForm::shelfOf($this->parts, $this->parts->components);
    }

    /** @return list<array<string, mixed>> the situations in the order by which answers name them: schema SharedSituation of the API */
    public function situations(): array
    {
        return array_map(static fn(array $each): array => [
            'pot_id' => $each['pot']->id, 'pot_name' => $each['pot']->name, 'plant_group' => $each['plants'][0]->plant_group,
            'plants' => array_map(static fn(Plant $plant): array => ['id' => $plant->id, 'number' => $plant->number, 'name' => $plant->name], $each['plants']),
        ], $this->situations);
    }

    /** @return array<int, int|null> pot that was named by id of the plant */
    private static function asked(mixed $input, Refusals $refusals): array
    {
        if (! is_array($input) || ! array_is_list($input) || $input === [] || count($input) > self::MOST_PLANTS) {
            $refusals->add(new Refusal('plants', 'list_of_most', $input, ['max' => self::MOST_PLANTS]));

            return [];
        }
        $asked = [];
        foreach ($input as $i => $row) {
            $fields = Fields::of($row, ['plant_id', 'pot_id'], $refusals, 'plants.'.$i);
            $asked[$fields->integer('plant_id', 1, PHP_INT_MAX)] = $fields->has('pot_id') ? $fields->integer('pot_id', 1, PHP_INT_MAX) : null;
        }

        return $asked;
    }

    /** @param array<int, int|null> $asked */
    private function place(array $asked, PlantSituation $known, Refusals $refusals): void
    {
        /** @var Collection<int, Plant> $plants */
        $plants = Plant::query()->with(['species', 'site', 'pot'])->findMany(array_keys($asked))->keyBy('id');
        $pots = Pot::query()->findMany(array_filter($asked))->keyBy('id');
        $alike = [];
        foreach (array_keys($asked) as $i => $id) {
            $plant = $plants[$id] ?? null;
            if ($plant === null) {
                $refusals->add(new Refusal('plants.'.$i.'.plant_id', 'plant_missing', $id));
                continue;
            }
            $pot = $asked[$id] === null ? $plant->pot : ($pots[$asked[$id]] ?? null);
            if ($pot === null) {
                $refusals->add($asked[$id] === null ? new Refusal('plants.'.$i.'.pot_id', 'plant_without_pot', $plant->number) : new Refusal('plants.'.$i.'.pot_id', 'pot_missing', $asked[$id]));
                continue;
            }
            $situation = $known->of($plant);
            $key = md5(serialize([$plant->plant_group, $pot->id, $plant->site_id, $situation->targets, $situation->place, $situation->plant, $situation->vigour, $situation->purpose, $situation->feedAcidityMmolLYear]));
            if (! isset($alike[$key])) {
                $alike[$key] = ['setup' => $known->setup($plant, $pot, $this->parts->portions), 'plants' => [], 'pot' => $pot];
            }
            $alike[$key]['plants'][] = $plant;
        }
        if (count($alike) > self::MOST_SITUATIONS) {
            $refusals->add(new Refusal('plants', 'too_many_situations', count($alike), ['max' => self::MOST_SITUATIONS]));
        }
        $this->situations = array_values($alike);
    }
}
