<?php

declare(strict_types=1);

namespace App\Blend;

use App\Pots\Models\Pot;
use App\Shelf\Models\Component;
use App\Shelf\Portions;
use Zolbek\Core\Course\Ageing\AgedPot;
use Zolbek\Core\Course\Ageing\Forecast;
use Zolbek\Core\Verdict\Change\Change;
use Zolbek\Core\Verdict\Change\ChangeKind;
use Zolbek\Core\Verdict\Change\OtherPot;
use Zolbek\Core\Verdict\Fit\Assessment;
use Zolbek\Core\Verdict\Fit\Criterion;
use Zolbek\Core\Verdict\Fit\Judge;
use Zolbek\Core\Verdict\Fit\Level;
use Zolbek\Core\Verdict\Fit\Verdict;
use Zolbek\Core\Verdict\Mending\Mend;
use Zolbek\Core\Verdict\Mending\MendSearch;
use Zolbek\Core\Verdict\Uncertainty\Propagation;

/** Each figure of a mix in its band, how sure that is, and what would mend it from the shelf and with the pots of the yard. */
final class VerdictsDocument
{
    /** @var array{float|null, float|null}|null */
    private ?array $range = null;

    /**
     * @param list<Component> $shelf  components that a mend may add
     * @param list<Pot>       $others pots that a mend may name
     */
    public function __construct(private readonly Assessment $assessment, private readonly Records $records, private readonly array $shelf, private readonly array $others)
    {
        Portions::load($shelf);
    }

    /** @return list<array<string, mixed>> */
    public function all(?Propagation $sure, bool $withMends): array
    {
        $poor = array_filter($this->assessment->verdicts, static fn(Verdict $verdict): bool => $verdict->level !== Level::Good);
        $search = $poor === [] || ! $withMends ? null : new MendSearch($this->assessment, array_map((new Portions())->of(...), $this->shelf), array_map(
            static fn(Pot $pot): OtherPot => new OtherPot((string) $pot->id, $pot->toCore(), $pot->holes(), $pot->weight_kg, $pot->drying_sides),
            $this->others,
        ));

        return array_map(fn(Verdict $verdict): array => [
            ...VerdictRow::of($verdict),
            'uncertainty' => $sure?->ofCriterion($verdict->criterion),
            'close' => $this->isClose($verdict, $sure),
            'mends' => array_map($this->mend(...), $search?->for($verdict->criterion) ?? []),
        ], $this->assessment->verdicts);
    }

    /** @return array<string, mixed> */
    private function mend(Mend $mend): array
    {
        $change = $mend->change;
        $component = $change->componentKey === null ? null : $this->records->of($change->componentKey);
        $replaced = $change->kind === ChangeKind::Swap && $change->to !== null ? $this->records->of($change->to) : null;

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

    /** @return array{value: float|null, fast: float|null, slow: float|null, drop_cm: float}|null years until it fails, with ageing twice as fast and half as fast (null is more than eight), and how far the level sinks in the years planned */
    public function years(): ?array
    {
        $verdict = $this->assessment->find(Criterion::Years);
        if ($verdict === null) {
            return null;
        }
        [$fast, $slow] = $this->yearsRange();
        $setup = $this->assessment->setup;

        return ['value' => $verdict->value === null || $verdict->value >= Forecast::HORIZON ? null : $verdict->value, 'fast' => $fast, 'slow' => $slow, 'drop_cm' => (new AgedPot($setup, min(Forecast::HORIZON, $setup->targets()->plannedYears)))->levelDropCm];
    }

    /** @return array{float|null, float|null} */
    private function yearsRange(): array
    {
        return $this->range ??= Forecast::range($this->assessment->setup);
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
            if (Judge::yearsAgainst($years, $this->assessment->setup->targets())->level !== $verdict->level) {
                return true;
            }
        }

        return false;
    }
}
