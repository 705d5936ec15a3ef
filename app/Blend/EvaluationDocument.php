<?php

declare(strict_types=1);

namespace App\Blend;

use App\Pots\Models\Pot;
use App\Pots\PotPresenter;
use App\Shelf\Models\Component;
use App\Shelf\Portions;
use LogicException;
use Zolbek\Core\Course\Ageing\AgedPot;
use Zolbek\Core\Course\Ageing\Forecast;
use Zolbek\Core\Mix\Chemistry\CationExchange;
use Zolbek\Core\Mix\Material\Material;
use Zolbek\Core\Mix\Substrate\Substrate;
use Zolbek\Core\Place\Container\Mesh;
use Zolbek\Core\Place\Container\PotWater;
use Zolbek\Core\Place\Container\RootZone;
use Zolbek\Core\Place\Container\RunThroughSpeed;
use Zolbek\Core\Place\Container\TippedPot;
use Zolbek\Core\Place\Setup\Setup;
use Zolbek\Core\Place\Setup\Supply;
use Zolbek\Core\Question\Evaluation\Answer;
use Zolbek\Core\Verdict\Change\Change;
use Zolbek\Core\Verdict\Change\ChangeKind;
use Zolbek\Core\Verdict\Change\OtherPot;
use Zolbek\Core\Verdict\Fit\Assessment;
use Zolbek\Core\Verdict\Fit\Criterion;
use Zolbek\Core\Verdict\Fit\Level;
use Zolbek\Core\Verdict\Fit\Verdict;
use Zolbek\Core\Verdict\Mending\Mend;
use Zolbek\Core\Verdict\Mending\MendSearch;
use Zolbek\Core\Verdict\Quarrel\Occasion;
use Zolbek\Core\Verdict\Quarrel\Quarrels;
use Zolbek\Core\Verdict\Uncertainty\Propagation;

/** The model's answer about a mix in a pot, as the Blend screen draws and words it: schema Evaluation of the API. */
final class EvaluationDocument
{
    /** Levels at which the profile by height is given. */
    private const LEVELS = 32;

    /** How far one tips a pot in long rain. */
    private const TIP_DEG = 25.0;

    private readonly Assessment $assessment;

    private readonly Portions $shelfPortions;

    /** @var array{float|null, float|null}|null */
    private ?array $range;

    /**
     * @param list<Component> $shelf  components that a mend may add
     * @param list<Pot>       $others pots that a mend may name
     */
    public function __construct(private readonly BlendForm $form, private readonly array $shelf, private readonly array $others = [], private readonly bool $withMends = true, private readonly bool $isSure = true)
    {
        $this->assessment = new Assessment($form->setup);
        $this->range = null;
        $this->shelfPortions = new Portions();
        Portions::load($shelf);
    }

    /** @return array<string, mixed> */
    public function toArray(): array
    {
        $setup = $this->form->setup;
        $water = new PotWater($setup->zone, $setup->substrate);
        $volume = $water->volumeL;
        $sure = $this->isSure ? UncertaintyDocument::propagation($this->form) : null;

        return [
            'as_written' => $this->form->isAsWritten(),
            'mix' => $this->mix(),
            'pot' => [
                ...Answer::pot($water),
                'run_through_s' => $this->assessment->runThrough->seconds,
                'run_through_speed' => $this->assessment->runThrough->seconds === null ? null : RunThroughSpeed::of($this->assessment->runThrough->seconds)->value,
                'limited_by_holes' => $this->assessment->runThrough->limitedByHoles,
                'open_hole_share' => $setup->holes->openAreaCm2() / $setup->pot->floorCm2(),
                'wet_kg' => $this->assessment->weights->wetKg,
                'dry_mix_kg' => $this->assessment->weights->dryMixKg,
                'wet_foot_cm' => $setup->zone->wetFootCm($setup->substrate->retention),
                'mesh' => $this->mesh(),
            ],
            'ledger' => [
                'solid' => 1.0 - $setup->substrate->totalPorosity,
                'sealed' => $setup->substrate->sealedPorosity(),
                'locked' => $water->lockedL / $volume,
                'slow' => $water->slowL / $volume,
                'buffer' => $water->bufferL / $volume,
                'easy' => $water->easyL / $volume,
                'air' => $water->air,
            ],
            'section' => $this->section(),
            'without_layer' => $setup->layer === null ? null : $this->inPot($setup->withoutLayer()),
            'without_dressing' => $setup->topDressingCm <= 0.0 ? null : $this->inPot($setup->with(topDressingCm: 0.0, withContents: false)),
            'preparation' => PreparationWorth::of($this->form),
            'grading' => $this->grading(),
            'fit' => $this->assessment->fit,
            'rating' => $this->assessment->rating->value,
            'verdicts' => $this->verdicts($sure),
            'uncertainty' => $sure === null ? null : UncertaintyDocument::of($this->form, $sure)['figures'],
            'years' => $this->years(),
            'notes' => ConfidenceNotes::of($this->form),
            ...$this->inSituation(),
        ];
    }

    /** @return array<string, mixed> what depends on the plant, its place and its care; null where none is given */
    private function inSituation(): array
    {
        $setup = $this->form->setup;
        $situation = $setup->situation;
        $contents = ContentsDocument::of($this->form);
        if ($situation === null || $this->form->situation === null) {
            return ['targets' => null, 'water' => null, 'reaction' => null, 'surface' => null, 'supply' => null, 'contents' => $contents, 'tipped' => null, 'quarrels' => []];
        }
        $targets = $situation->targets;
        $ph = $this->assessment->verdict(Criterion::Ph)->band;
        $supply = new Supply($setup, $situation);

        return [
            'targets' => [
                'air_low' => $targets->air->low, 'air_high' => $targets->air->high, 'ph_low' => $ph->low, 'ph_high' => $ph->high,
                'ph_low_of_plant' => $targets->ph->low, 'ph_high_of_plant' => $targets->ph->high, 'drought_to' => $targets->drought->high,
                'tension_limit_cm' => $targets->tensionLimitCm, 'planned_years' => $targets->plannedYears,
            ],
            'water' => WaterDocument::of($this->assessment, $this->form->situation),
            'reaction' => ReactionDocument::of($this->assessment, $situation),
            'surface' => SurfaceDocument::of($this->form, $situation),
            'supply' => [
                'cost_per_pot' => $supply->costPerPot(), 'budget' => $situation->budget, 'pots_from_stock' => $supply->potsFromStock(), 'pots_wanted' => $situation->potsWanted,
            ],
            'contents' => $contents,
            'tipped' => $this->tipped(),
            'quarrels' => $this->withMends ? (new Quarrels(new Occasion($this->assessment, $situation, self::standIns(), $this->form->situation->purpose, $this->form->situation->stage)))->all() : [],
        ];
    }

    /** @return array<string, Material> what other schools would bring, where the shelf knows it */
    private static function standIns(): array
    {
        $query = Component::query();
        $query->whereIn('key', Quarrels::STAND_INS);
        $found = [];
        foreach ($query->get() as $record) {
            $found[(string) array_search($record->key, Quarrels::STAND_INS, true)] = $record->toCore();
        }

        return $found;
    }

    /** @return array{value: float|null, fast: float|null, slow: float|null, drop_cm: float}|null years until it fails, with ageing twice as fast and half as fast (null is more than eight), and how far the level sinks in the years planned */
    private function years(): ?array
    {
        $verdict = $this->assessment->find(Criterion::Years);
        if ($verdict === null) {
            return null;
        }
        [$fast, $slow] = $this->yearsRange();
        $setup = $this->form->setup;

        return ['value' => $verdict->value === null || $verdict->value >= Forecast::HORIZON ? null : $verdict->value, 'fast' => $fast, 'slow' => $slow, 'drop_cm' => (new AgedPot($setup, min(Forecast::HORIZON, $setup->targets()->plannedYears)))->levelDropCm];
    }

    /** @return array{float|null, float|null} */
    private function yearsRange(): array
    {
        return $this->range ??= Forecast::range($this->form->setup);
    }

    /** Whether what is not known could put a figure on another level; null where that was not asked for. */
    private function isClose(Verdict $verdict, ?Propagation $sure): ?bool
    {
        if ($sure === null) {
            return null;
        }
        if ($verdict->criterion !== Criterion::Years) {
            return $verdict->isClose($sure->ofCriterion($verdict->criterion));
        }
        foreach ($this->yearsRange() as $years) {
            if (Assessment::yearsVerdict($years, $this->form->setup->targets())->level !== $verdict->level) {
                return true;
            }
        }

        return false;
    }

    /** @return array<string, float> the pot as tipped as it stands, or as far as one would tip it in long rain */
    private function tipped(): array
    {
        $setup = $this->form->setup;
        $degrees = $setup->tipDeg > 0.0 ? $setup->tipDeg : self::TIP_DEG;
        $tipped = new TippedPot($setup->zone, $setup->substrate->retention, $degrees);

        return ['degrees' => $degrees, 'water_l' => $tipped->waterL, 'lets_out_l' => $tipped->letsOutL, 'air' => $setup->substrate->retention->saturated - $tipped->waterL / $setup->zone->volumeL];
    }

    /** @return array<string, float|null> */
    private function mix(): array
    {
        $substrate = $this->form->setup->substrate;
        $blend = $substrate->blend;
        $grading = $blend->grading();
        $price = MixPrice::perLooseL($this->form->setup, $this->form);

        return [
            ...Answer::substrate($substrate),
            'uniformity' => $grading->uniformity(),
            'curvature' => $grading->curvature(),
            'fines_below_half_mm' => $grading->passingAt(0.5),
            'fines_below_1_mm' => $grading->passingAt(1.0),
            'cec_cmol_l' => (new CationExchange($substrate))->cecCmolL,
            'price_per_l' => $price === null ? null : $price / $substrate->yield,
            'compaction_index' => $substrate->compactionIndex,
        ];
    }

    /** @return array<string, bool|float>|null whether what lies on the floor stays behind the mesh over the holes */
    private function mesh(): ?array
    {
        $aperture = $this->form->pot->mesh_mm;
        if ($aperture === null) {
            return null;
        }
        $setup = $this->form->setup;
        $mesh = new Mesh(($setup->layer->substrate ?? $setup->substrate)->blend->grading(), $aperture);

        return ['aperture_mm' => $aperture, 'holds' => $mesh->holds, 'lost_share' => $mesh->lostShareOfBottomCm, 'may_clog' => $mesh->mayClog];
    }

    /** @return array<string, mixed> */
    private function section(): array
    {
        $setup = $this->form->setup;
        $zone = $setup->zone;
        $layer = $setup->layer;

        return [
            'depth_cm' => $setup->pot->depthCm,
            'bottom_cm' => $zone->bottomCm,
            'top_cm' => $zone->topCm,
            'dressing_cm' => $setup->topDressingCm,
            'outline' => PotPresenter::outline($setup->pot),
            'profile' => $this->profile($zone, $setup->substrate, $zone->bottomCm, $zone->topCm),
            'layer' => $layer === null ? null : [
                ...$this->look($layer->substrate->blend->components[0]->key),
                'thickness_cm' => $layer->thicknessCm,
                'disconnect_head_cm' => $layer->substrate->retention->disconnectHeadCm(),
                'packing_density' => $layer->substrate->packingDensity,
                'class_shares' => $layer->substrate->blend->components[0]->classShares,
                'profile' => array_map(static fn(float $z): array => [
                    'z_cm' => $z,
                    'saturation' => $layer->substrate->retention->saturationBetweenGrains($z),
                    'theta' => $layer->substrate->retention->theta($z),
                    'air' => $layer->substrate->retention->air($z),
                ], self::heights(0.0, $layer->thicknessCm)),
            ],
        ];
    }

    /** @return list<array<string, float>> */
    private function profile(RootZone $zone, Substrate $substrate, float $from, float $to): array
    {
        return array_map(static function (float $z) use ($zone, $substrate): array {
            $head = $zone->suctionCm($z);

            return [
                'z_cm' => $z,
                'saturation' => $substrate->retention->saturationBetweenGrains($head),
                'theta' => $substrate->retention->theta($head),
                'air' => $substrate->retention->air($head),
            ];
        }, self::heights($from, $to));
    }

    /** @return array<string, float|null> what the pot would do set up otherwise */
    private function inPot(Setup $setup): array
    {
        return [
            ...Answer::pot(new PotWater($setup->zone, $setup->substrate)),
            'run_through_s' => (new Assessment($setup, withYears: false))->runThrough->seconds,
            'wet_foot_cm' => $setup->zone->wetFootCm($setup->substrate->retention),
        ];
    }

    /** @return array<string, mixed> */
    private function grading(): array
    {
        $substrate = $this->form->setup->substrate;
        $blend = $substrate->blend;
        $envelopes = [];
        foreach ($blend->components as $i => $component) {
            $envelopes[] = $blend->shares[$i] * $component->bulkDensity / $component->particleDensity;
        }
        $total = array_sum($envelopes);
        $components = [];
        foreach ($blend->components as $i => $component) {
            $components[] = [
                ...$this->look($component->key),
                'share' => $envelopes[$i] / $total,
                'class_shares' => array_map(static fn(float $share): float => $share * $envelopes[$i] / $total, $component->classShares),
            ];
        }
        $curve = $blend->grading();

        return [
            'components' => $components,
            'curve' => array_map(static fn(float $size, float $passing): array => ['size_mm' => $size, 'passing' => $passing], $curve->sizesMm, $curve->passing),
        ];
    }

    /** @return list<array<string, mixed>> */
    private function verdicts(?Propagation $sure): array
    {
        $poor = array_filter($this->assessment->verdicts, static fn(Verdict $verdict): bool => $verdict->level !== Level::Good);
        $search = $poor === [] || ! $this->withMends ? null : new MendSearch($this->assessment, array_map($this->shelfPortions->of(...), $this->shelf), array_map(
            static fn(Pot $pot): OtherPot => new OtherPot((string) $pot->id, $pot->toCore(), $pot->holes(), $pot->weight_kg, $pot->drying_sides),
            $this->others,
        ));

        return array_map(fn(Verdict $verdict): array => [
            'criterion' => $verdict->criterion->value,
            'value' => $verdict->value,
            'low' => $verdict->band->low,
            'high' => is_finite($verdict->band->high) ? $verdict->band->high : null,
            'level' => $verdict->level->value,
            'desirability' => $verdict->desirability,
            'outside' => $verdict->marginsOutside,
            'kills' => $verdict->kills(),
            'note' => $verdict->criterion->noteWeight() !== null,
            'uncertainty' => $sure?->ofCriterion($verdict->criterion),
            'close' => $this->isClose($verdict, $sure),
            'mends' => array_map($this->mend(...), $search?->for($verdict->criterion) ?? []),
        ], $this->assessment->verdicts);
    }

    /** @return array<string, mixed> */
    private function mend(Mend $mend): array
    {
        $change = $mend->change;
        $component = $change->componentKey === null ? null : $this->record($change->componentKey);
        $replaced = $change->kind === ChangeKind::Swap && $change->to !== null ? $this->record($change->to) : null;

        return [
            'kind' => $change->kind->value,
            'component_id' => $component?->id,
            'component_name' => $component?->name,
            'component_kind' => $component?->kind,
            'component_colour' => $component?->colour,
            'by' => $change->by,
            'to' => $replaced === null ? $change->to : null,
            'pot_name' => $this->potName($change),
            'replaces_id' => $replaced?->id,
            'replaces_name' => $replaced?->name,
            'depth_cm' => $change->setup->pot->depthCm,
            'hole_count' => $change->setup->holes->count,
            'hole_diameter_cm' => $change->setup->holes->diameterCm,
            'value' => $mend->value,
            'suffices' => $mend->suffices,
            'worsens' => array_map(static fn(Criterion $criterion): string => $criterion->value, $mend->worsens),
        ];
    }

    private function potName(Change $change): ?string
    {
        foreach ($change->kind === ChangeKind::OtherPot ? $this->others : [] as $pot) {
            if ((string) $pot->id === $change->to) {
                return $pot->name;
            }
        }

        return null;
    }

    /** @return array{component_id: int, kind: string, colour: string} how a component is drawn */
    private function look(string $key): array
    {
        $record = $this->record($key);

        return ['component_id' => $record->id, 'kind' => $record->kind, 'colour' => $record->colour];
    }

    private function record(string $key): Component
    {
        foreach ([...$this->form->components, ...$this->shelf] as $component) {
            if ($component->key === $key) {
                return $component;
            }
        }
        $content = $this->form->parts->shelf->record($key);
        if ($content !== null) {
            return $content;
        }

        throw new LogicException('Only components of the mix, its layer and the shelf are evaluated.');
    }

    /** @return list<float> */
    private static function heights(float $from, float $to): array
    {
        return array_map(static fn(int $i): float => $from + ($to - $from) * $i / self::LEVELS, range(0, self::LEVELS));
    }
}
