<?php

declare(strict_types=1);

namespace App\Blend;

use App\Calibration\InUse;
use App\Pots\Models\Pot;
use App\Recipes\Models\Recipe;
use App\Recipes\PartsForm;
use App\Shelf\Models\Component;
use App\Situations\SituationForm;
use LogicException;
use Zolbek\Core\Basis\Input\Fields;
use Zolbek\Core\Basis\Input\Refusal;
use Zolbek\Core\Basis\Input\Refusals;
use Zolbek\Core\Basis\Input\Refused;
use Zolbek\Core\Mix\Attrition\AgeingClimate;
use Zolbek\Core\Mix\Blending\Blend;
use Zolbek\Core\Mix\Material\Material;
use Zolbek\Core\Mix\Packing\CompressiblePacking;
use Zolbek\Core\Mix\Substrate\Portion;
use Zolbek\Core\Mix\Substrate\Substrate;
use Zolbek\Core\Place\Container\Container;
use Zolbek\Core\Place\Container\Contents;
use Zolbek\Core\Place\Container\DrainageLayer;
use Zolbek\Core\Place\Container\Holes;
use Zolbek\Core\Place\Plant\PlantGroup;
use Zolbek\Core\Place\Setup\Setup;
use Zolbek\Core\Place\Setup\Windthrow;
use Zolbek\Core\Verdict\Fit\Assessment;

/** What the Blend screen asks about, with its ids resolved to records: a mix, a pot, a plant group, and how the pot is set up. */
final readonly class BlendForm
{
    public const FIELDS = ['parts', 'pot_id', 'plant_group', 'headspace_cm', 'top_dressing_cm', 'drainage_layer', 'tree_weight_kg', 'compaction_index', 'situation', 'contents', 'pot_change', 'mends', 'recipe_id'];

    /**
     * @param array<int, Component> $components records by id, the layer's included
     */
    private function __construct(
        public Setup $setup,
        public Pot $pot,
        public array $components,
        public PartsForm $parts,
        public ?SituationForm $situation,
        public ContentsForm $contents,
        public bool $wantsMends,
        private ?int $recipeId,
    ) {}

    /**
     * @param array<mixed> $input
     * @param list<string> $others fields of the input that somebody else reads
     *
     * @throws Refused naming the field and what it may be
     */
    public static function read(array $input, array $others = []): self
    {
        $refusals = new Refusals();
        $fields = Fields::of($input, [...self::FIELDS, ...$others], $refusals);
        $parts = PartsForm::read($fields->raw('parts'), $refusals, withLots: true);
        $potId = $fields->integer('pot_id', 1, PHP_INT_MAX);
        $pot = $potId > 0 ? Pot::query()->find($potId) : null;
        if ($pot === null && $potId > 0) {
            $refusals->add(new Refusal('pot_id', 'pot_missing', $potId));
        }
        $group = $fields->oneOf('plant_group', PlantGroup::words());
        $headspace = $fields->number('headspace_cm', 0, Container::LONGEST_CM, 0);
        $dressing = $fields->number('top_dressing_cm', 0, Container::LONGEST_CM, 0);
        $treeWeight = $fields->number('tree_weight_kg', 0, 10_000, 0);
        $index = $fields->has('compaction_index') ? $fields->number('compaction_index', CompressiblePacking::POURED, CompressiblePacking::PRESSED) : null;
        [$layerComponent, $thickness] = self::layer($fields, $refusals);
        $situation = $fields->has('situation') ? SituationForm::read($fields->raw('situation'), $refusals) : null;
        $wantsMends = $fields->flag('mends', true);
        $recipeId = $fields->has('recipe_id') ? $fields->integer('recipe_id', 1, PHP_INT_MAX) : null;
        $contents = ContentsForm::read($fields->raw('contents'), $refusals);
        $change = PotChange::read($fields->raw('pot_change'), $refusals);
        $refusals->throwIfAny();
        assert($pot !== null && $group !== null);

        $components = $parts->components + ($layerComponent === null ? [] : [$layerComponent->id => $layerComponent]);
        $where = $situation?->situation(PlantGroup::from($group), $pot->drying_sides, $parts->components);
        $core = $refusals->during('pot_change', static fn(): Container => $change->pot($pot->toCore()));
        $holes = $refusals->during('pot_change', static fn(): Holes => $change->holes($pot->holes()));
        $refusals->throwIfAny();
        assert($core !== null && $holes !== null);
        $bodies = $refusals->during('contents', static fn(): ?Contents => $parts->portions === [] ? null : $contents->contents(
            Portion::blend($parts->portions),
            $index,
            static fn(Substrate $old): ?AgeingClimate => $where?->ageingOf($old, $core),
        ));
        $refusals->throwIfAny();

        return new self(
            self::setup(static fn(): Setup => new Setup(
                $parts->portions,
                $core,
                $holes,
                PlantGroup::from($group),
                $headspace,
                $dressing,
                $layerComponent === null ? null : new DrainageLayer(self::alone($layerComponent->toCore(), $index), $thickness),
                $pot->weight_kg,
                $treeWeight,
                $index,
                situation: $where,
                contents: $bodies,
                holeCover: $contents->coverOf($index),
                tipDeg: $situation->tipDeg ?? 0.0,
                model: InUse::now()->constants(),
            )),
            $pot,
            $components + $contents->components,
            $parts,
            $situation,
            $contents,
            $wantsMends,
            $recipeId,
        );
    }

    /** Whether it still is the recipe it was opened from; null where it was opened from none that is known. */
    public function isAsWritten(): ?bool
    {
        $recipe = $this->recipeId === null ? null : Recipe::query()->with('parts')->find($this->recipeId);

        return $recipe === null ? null : $recipe->plant_group === $this->setup->group->value && $recipe->isSameMix($this->parts->rows);
    }

    /** The gusts that the plant stands in a pot; null where nobody said how high it is. */
    public function windthrow(Assessment $in, Pot $pot): ?Windthrow
    {
        $height = $this->situation?->heightCm;
        $canopyM2 = $in->water?->demand->canopyM2;

        return $height === null || $canopyM2 === null ? null
            : new Windthrow($in->setup, $height, 200.0 * sqrt($canopyM2 / M_PI), $pot->feet_cm + $in->setup->zone->topCm, $in->weights->wetKg);
    }

    /** The component of the mix or of its layer that is scooped under a key. */
    public function component(string $key): Component
    {
        foreach ($this->components as $component) {
            if ($component->key === $key) {
                return $component;
            }
        }

        throw new LogicException('Only components of the mix are scooped.');
    }

    /**
     * What the core calls the objects in a pot stands among its contents here.
     *
     * @param callable(): Setup $make
     */
    private static function setup(callable $make): Setup
    {
        try {
            return $make();
        } catch (Refused $refused) {
            throw $refused->refusals[0]->field === 'objects_l' ? $refused->under('contents') : $refused;
        }
    }

    /** @return array{?Component, float} */
    private static function layer(Fields $fields, Refusals $refusals): array
    {
        if (! $fields->has('drainage_layer')) {
            return [null, 0.0];
        }
        $layer = Fields::of($fields->raw('drainage_layer'), ['component_id', 'thickness_cm'], $refusals, 'drainage_layer');
        $thickness = $layer->number('thickness_cm', 0, Container::LONGEST_CM);
        $found = PartsForm::components([$layer->integer('component_id', 1, PHP_INT_MAX)], ['drainage_layer.component_id'], $refusals);

        if ((array_values($found)[0] ?? null)?->isMix() === true) {
            $refusals->add(new Refusal('drainage_layer.component_id', 'layer_mix', array_values($found)[0]->name));
        }

        return $thickness > 0.0 ? [array_values($found)[0] ?? null, $thickness] : [null, 0.0];
    }

    private static function alone(Material $component, ?float $index): Substrate
    {
        return new Substrate(new Blend([[$component, 1.0]]), $index);
    }
}
