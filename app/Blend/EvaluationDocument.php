<?php

declare(strict_types=1);

namespace App\Blend;

use App\Pots\Models\Pot;
use App\Shelf\Models\Component;
use App\Shelf\Models\StockMovement;
use Zolbek\Core\Mix\Chemistry\CationExchange;
use Zolbek\Core\Mix\Material\Material;
use Zolbek\Core\Place\Container\Mesh;
use Zolbek\Core\Place\Container\PotWater;
use Zolbek\Core\Place\Container\RunThroughSpeed;
use Zolbek\Core\Place\Container\TippedPot;
use Zolbek\Core\Place\Setup\Setup;
use Zolbek\Core\Place\Setup\Supply;
use Zolbek\Core\Question\Evaluation\Answer;
use Zolbek\Core\Verdict\Fit\Assessment;
use Zolbek\Core\Verdict\Fit\Criterion;
use Zolbek\Core\Verdict\Quarrel\Occasion;
use Zolbek\Core\Verdict\Quarrel\Quarrels;

/** The model's answer about a mix in a pot, as the Blend screen draws and words it: schema Evaluation of the API. */
final class EvaluationDocument
{
    /** How far one tips a pot in long rain. */
    private const TIP_DEG = 25.0;

    private readonly Assessment $assessment;

    private readonly VerdictsDocument $verdicts;

    private readonly Records $records;

    /**
     * @param list<Component> $shelf  components that a mend may add
     * @param list<Pot>       $others pots that a mend may name
     */
    public function __construct(private readonly BlendForm $form, array $shelf, array $others = [], private readonly bool $withMends = true, private readonly bool $isSure = true)
    {
        $this->assessment = new Assessment($form->setup);
        $this->records = new Records($form, $shelf);
        $this->verdicts = new VerdictsDocument($this->assessment, $this->records, $shelf, $others);
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
            'section' => SectionDocument::of($setup, $this->records->look(...)),
            'without_layer' => $setup->layer === null ? null : $this->inPot($setup->withoutLayer()),
            'without_dressing' => $setup->topDressingCm <= 0.0 ? null : $this->inPot($setup->with(topDressingCm: 0.0, withContents: false)),
            'preparation' => PreparationWorth::of($this->form),
            'grading' => GradingDocument::of($setup->substrate, $this->records),
            'fit' => $this->assessment->fit,
            'rating' => $this->assessment->rating->value,
            'verdicts' => $this->verdicts->all($sure, $this->withMends),
            'uncertainty' => $sure === null ? null : UncertaintyDocument::of($this->form, $sure)['figures'],
            'years' => $this->verdicts->years(),
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
            return ['targets' => null, 'water' => null, 'reaction' => null, 'surface' => null, 'supply' => null, 'topple' => null, 'contents' => $contents, 'tipped' => null, 'quarrels' => []];
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
            'topple' => $this->topple(),
            'supply' => [
                'cost_per_pot' => $supply->costPerPot(), 'budget' => $situation->budget, 'pots_from_stock' => self::fromStock($supply), 'pots_wanted' => $situation->potsWanted,
            ],
            'contents' => $contents,
            'tipped' => $this->tipped(),
            'quarrels' => $this->withMends ? (new Quarrels(new Occasion($this->assessment, $situation, self::standIns(), $this->form->situation->purpose, $this->form->situation->stage)))->all() : [],
        ];
    }

    /** @return array<string, float|string|null>|null null where nobody said how high it is */
    private function topple(): ?array
    {
        $stands = $this->form->windthrow($this->assessment, $this->form->pot);

        return $stands === null ? null : ToppleDocument::of($stands);
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
        $aperture = $this->form->pot->openingMm();
        if ($aperture === null) {
            return null;
        }
        $setup = $this->form->setup;
        $mesh = new Mesh(($setup->layer->substrate ?? $setup->substrate)->blend->grading(), $aperture);

        return ['aperture_mm' => $aperture, 'holds' => $mesh->holds, 'lost_share' => $mesh->lostShareOfBottomCm, 'may_clog' => $mesh->mayClog];
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

    /** As long as nobody wrote down any stock, that there is none says nothing. */
    private static function fromStock(Supply $supply): ?float
    {
        $pots = $supply->potsFromStock();
        $isKept = $pots === null || $pots > 0.0 || Component::query()->where('stock_l', '>', 0)->exists() || StockMovement::query()->exists();

        return $isKept ? $pots : null;
    }
}
