<?php

declare(strict_types=1);

namespace App\Bench;

use App\Bench\Models\BenchTest;
use App\Shelf\ComponentChanged;
use App\Shelf\Measured;
use App\Shelf\MixFigures;
use App\Shelf\Models\Component;
use App\Shelf\Models\Lot;
use Zolbek\Core\Basis\Input\Refusals;
use Zolbek\Core\Basis\Input\Refused;
use Zolbek\Core\Mix\Material\MaterialReader;
use Zolbek\Core\Work\BenchTest\MeasuredOverTypical;
use Zolbek\Core\Work\BenchTest\MeasuredProperty;
use Zolbek\Core\Work\BenchTest\Readings;
use Zolbek\Core\Work\BenchTest\TestKind;

/**
 * Works out anew what the tests in use say of a component or a delivery. Tests from which others start come first: a drained pot is read with
 * the density and the sieve that were measured, whichever was done first.
 */
final readonly class RefreshMeasured
{
    private const ORDER = [
        TestKind::LooseDensity, TestKind::EnvelopeDensity, TestKind::SieveAnalysis, TestKind::SlurryReaction, TestKind::RinsedDust,
        TestKind::DrainedPot, TestKind::Crumble, TestKind::AcidDrop, TestKind::Float, TestKind::Slake,
    ];

    public function __construct(private MixFigures $mixes) {}

    /** @throws Refused as it does when it is called */
    public function handle(ComponentChanged $changed): void
    {
        $this($changed->component);
    }

    /** @throws Refused where the tests in use contradict each other, or what else is known */
    public function __invoke(Component|Lot $subject): void
    {
        $component = $subject instanceof Lot ? $subject->component : $subject;
        $raw = $subject instanceof Lot ? $component->description() : $component->typical();
        $tests = BenchTest::query()->where('in_use', true)->where('status', BenchTest::FINISHED);
        $subject instanceof Lot ? $tests->where('lot_id', $subject->id) : $tests->where('component_id', $subject->id)->whereNull('lot_id');
        $tests->orderBy('finished_at');
        $tests->orderBy('id');
        $byKind = $tests->get()->groupBy(static fn(BenchTest $test): string => $test->kind->value);

        $found = $findings = $dates = [];
        $core = MaterialReader::read($raw);
        foreach (self::ORDER as $kind) {
            $byProperty = [];
            foreach ($byKind[$kind->value] ?? [] as $test) {
                $refusals = new Refusals();
                $readings = Readings::read($test->readings, $kind->plan(), $refusals);
                $outcome = ($kind->test())::reckon($readings, $refusals);
                foreach (($kind->test())::properties($outcome, $readings, $core) as $property) {
                    $byProperty[$property->property][] = $property;
                    $dates[$property->property] = $test->finished_at?->toDateString() ?? '';
                }
                foreach ($outcome->findings as $name => $value) {
                    $findings[$name] = $value;
                    $dates[$name] = $test->finished_at?->toDateString() ?? '';
                }
            }
            if ($byProperty !== []) {
                $found = [...$found, ...array_map(MeasuredProperty::together(...), $byProperty)];
                $core = MaterialReader::read(MeasuredOverTypical::lay($raw, array_values($found)));
            }
        }
        $subject->measured = Measured::keep(array_values($found), $findings, $dates);
        $subject->measured_packing = $found === [] ? null : $core->residualPacking;
        $subject->save();
        if ($subject instanceof Component) {
            $this->mixes->refreshContaining($subject);
            foreach (Lot::query()->where('component_id', $subject->id)->where('measured', '!=', '[]')->where('measured', '!=', '{}')->get() as $lot) {
                $this($lot->setRelation('component', $subject));
            }
        }
    }
}
